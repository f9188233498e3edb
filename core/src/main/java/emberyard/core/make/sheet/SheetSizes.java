package emberyard.core.make.sheet;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.nest.NestJob;
import emberyard.core.nest.NestResult;
import emberyard.core.nest.Nester;
import emberyard.core.units.FigureKey;
import emberyard.core.workshop.SheetProduct;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** What sheets of other sizes would take for the same pieces. */
public final class SheetSizes {
  private static final int TRIES = 8;
  private static final int MOST_SHEETS = 40;
  private static final double[][] SIZES = {
    {300, 200}, {400, 300}, {600, 400}, {800, 600}, {1_000, 600}, {1_200, 800}
  };

  private SheetSizes() {}

  /**
   * One size.
   *
   * @param sheets whole sheets, 0 where a piece does not fit
   * @param costMinor at the price per area of the sheet that is used now, minor units
   * @param savesMinor against the sheet that is used now; negative where it costs more
   */
  @FigureKey("build/{buildId}/sheets/{sheetId}/{widthMm}x{heightMm}")
  public record SheetSize(
      double widthMm, double heightMm, int sheets, long costMinor, long savesMinor, boolean now) {}

  /**
   * The present size first, then common ones, each with the same few tries; offcuts are left out.
   *
   * @param job the pieces, their spacing and seed
   */
  public static List<SheetSize> of(NestJob job, SheetProduct sheet) {
    double perMm2 = sheet.priceMinor() / (sheet.widthMm() * sheet.heightMm());
    List<NestJob.Piece> free =
        job.pieces().stream()
            .map(p -> new NestJob.Piece(p.id(), p.shape(), p.outline(), p.rotation(), false, null))
            .toList();
    List<NestJob.Blank> now = blanks(free, sheet.widthMm(), sheet.heightMm());
    Nester nester =
        Nester.quick(new NestJob(now, free, job.spacingMm(), job.marginMm(), job.seed()));
    int sheetsNow = sheets(nester);
    long costNow = sheetsNow * sheet.priceMinor();
    List<SheetSize> sizes = new ArrayList<>();
    sizes.add(new SheetSize(sheet.widthMm(), sheet.heightMm(), sheetsNow, costNow, 0, true));
    for (double[] size : SIZES) {
      if (size[0] != sheet.widthMm() || size[1] != sheet.heightMm()) {
        int sheets = sheets(nester.onto(blanks(free, size[0], size[1])));
        long cost = Math.round(sheets * size[0] * size[1] * perMm2);
        sizes.add(new SheetSize(size[0], size[1], sheets, cost, costNow - cost, false));
      }
    }
    return sizes;
  }

  private static List<NestJob.Blank> blanks(
      List<NestJob.Piece> pieces, double widthMm, double heightMm) {
    Outline whole = Outline.of(Contour.rectangle(0, 0, widthMm, heightMm, 0));
    double area = pieces.stream().mapToDouble(p -> p.outline().areaMm2()).sum();
    int most = (int) Math.min(MOST_SHEETS, 2 + Math.ceil(3 * area / whole.areaMm2()));
    return Collections.nCopies(most, new NestJob.Blank("sheet", whole, false));
  }

  private static int sheets(Nester nester) {
    NestResult best = nester.look(TRIES).result();
    return best.unplaced().isEmpty() ? best.sheets().size() : 0;
  }
}
