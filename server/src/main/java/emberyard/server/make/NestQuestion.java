package emberyard.server.make;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.make.drafting.OutlineText;
import emberyard.core.nest.NestJob;
import emberyard.core.nest.NestJob.Blank;
import emberyard.core.nest.NestJob.Piece;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.server.make.NestCalculator.AskedPiece;
import emberyard.server.make.NestCalculator.AskedSheet;
import emberyard.server.make.NestCalculator.NestAsked;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is asked of the nesting calculator, as a job. */
final class NestQuestion {
  private NestQuestion() {}

  static NestJob job(NestAsked asked) {
    List<Blank> sheets = new ArrayList<>();
    for (int i = 0; i < Require.list(asked.sheets()).size(); i++) {
      AskedSheet sheet = asked.sheets().get(i);
      Outline outline = outline("sheets." + i, sheet.widthMm(), sheet.heightMm(), sheet.path());
      int times = times("sheets." + i, sheet.quantity(), 100);
      for (int k = 0; k < times; k++) {
        String id = sheet.id() == null ? "sheet" + i : sheet.id();
        sheets.add(new Blank(id, outline, sheet.offcut() != null && sheet.offcut()));
      }
    }
    List<Piece> pieces = new ArrayList<>();
    for (int i = 0; i < Require.list(asked.pieces()).size(); i++) {
      AskedPiece piece = asked.pieces().get(i);
      Outline outline = outline("pieces." + i, piece.widthMm(), piece.heightMm(), piece.path());
      int times = times("pieces." + i, piece.quantity(), 500);
      for (int k = 0; k < times; k++) {
        pieces.add(piece(asked, piece, i, k, outline));
      }
    }
    double kerf = or(asked.kerfMm(), 0.2);
    Require.between("kerfMm", kerf, 0, 12, "mm");
    return new NestJob(
        sheets,
        pieces,
        or(asked.spacingMm(), NestJob.spacingMm(kerf)),
        or(asked.marginMm(), 5),
        asked.seed() == null ? 1 : asked.seed());
  }

  private static Piece piece(NestAsked asked, AskedPiece piece, int i, int k, Outline outline) {
    String id = piece.id() == null ? "piece" + i : piece.id();
    NestJob.Rotation rotation =
        piece.rotation() != null
            ? piece.rotation()
            : asked.rotation() == null ? NestJob.Rotation.QUARTERS : asked.rotation();
    return new Piece(
        k == 0 ? id : id + "#" + (k + 1),
        "shape" + i,
        outline,
        rotation,
        piece.first() != null && piece.first(),
        null);
  }

  private static int times(String field, @Nullable Integer quantity, int most) {
    int times = quantity == null ? 1 : quantity;
    Require.between(field + ".quantity", times, 1, most, "");
    return times;
  }

  private static Outline outline(
      String field, @Nullable Double width, @Nullable Double height, @Nullable String path) {
    try {
      if (path != null) {
        return OutlineText.read(path).atOrigin();
      }
      double w = or(width, Double.NaN);
      double h = or(height, Double.NaN);
      Require.between("widthMm", w, 0.5, 5_000, "mm");
      Require.between("heightMm", h, 0.5, 5_000, "mm");
      return Outline.of(Contour.rectangle(0, 0, w, h, 0));
    } catch (InvalidValue wrong) {
      throw wrong.within(field);
    }
  }

  private static double or(@Nullable Double given, double otherwise) {
    return given == null ? otherwise : given;
  }
}
