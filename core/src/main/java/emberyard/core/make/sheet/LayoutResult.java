package emberyard.core.make.sheet;

import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.LaidPiece;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.SvgPath;
import emberyard.core.make.drafting.PathData;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.panel.CutTime;
import emberyard.core.make.panel.Paces;
import emberyard.core.make.part.MadePart;
import emberyard.core.make.part.Parts;
import emberyard.core.units.FigureKey;
import emberyard.core.units.Remembered;
import emberyard.core.work.Why;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A layout with what it takes.
 *
 * @param blank the sheet's outline, SVG path data, mm, y upwards
 * @param seconds on the machine for what is not cut yet
 * @param costMinor sheet and machine time, minor units; an offcut costs nothing
 * @param utilisation area of its pieces ÷ (used length × width), 0 to 1
 * @param setUps times the sheet has to be shifted on the bed and begun again
 */
@FigureKey("layouts/{layout.id}")
public record LayoutResult(
    SheetLayout layout,
    String sheetName,
    double widthMm,
    double heightMm,
    String blank,
    List<LaidPart> pieces,
    CutTime time,
    double travelMm,
    long costMinor,
    Why costWhy,
    double utilisation,
    int setUps) {
  public LayoutResult {
    pieces = List.copyOf(pieces);
  }

  /**
   * A piece at its place.
   *
   * @param title "Front panel 2"
   * @param path as it lies, or as it was cut
   * @param stale whether the part has changed since it was cut
   * @param cutAs when it comes loose among the pieces that wait, from 1; 0 for the others
   * @param collides whether it lies too near to another or to the edge
   */
  public record LaidPart(
      LaidPiece piece,
      String title,
      String path,
      String engraved,
      double xMm,
      double yMm,
      double widthMm,
      double heightMm,
      boolean stale,
      boolean collides,
      int cutAs) {}

  /** Where an outline lies: turned, then its box shifted to the piece's corner. */
  public static Outline placed(Outline outline, LaidPiece piece) {
    return outline.moved(move(outline, piece));
  }

  /** The move that takes a part's drawing to its place on the sheet. */
  static Move move(Outline outline, LaidPiece piece) {
    Rect turned = outline.moved(Move.turned(piece.turnDegrees())).bounds();
    return new Move(
        piece.xMm() - turned.xMm(), piece.yMm() - turned.yMm(), piece.turnDegrees(), false);
  }

  private static final Remembered<Key, LayoutResult> KNOWN = new Remembered<>(300);

  /** What it follows from; the parts stand for their outlines. */
  private record Key(
      SheetLayout layout, List<MadePart> parts, SheetProduct sheet, @Nullable Machine machine) {}

  public static @Nullable LayoutResult of(SheetLayout layout, Parts parts, WorkshopBook book) {
    SheetProduct sheet = book.sheet(layout.sheetId()).orElse(null);
    Machine machine = book.machine(layout.machineId()).orElse(null);
    if (sheet == null) {
      return null;
    }
    List<MadePart> on =
        layout.pieces().stream()
            .map(LaidPiece::panelId)
            .distinct()
            .flatMap(id -> parts.made(id).stream())
            .toList();
    return KNOWN.get(
        new Key(layout, on, sheet, machine), asked -> drawn(layout, parts, sheet, machine));
  }

  private static LayoutResult drawn(
      SheetLayout layout, Parts parts, SheetProduct sheet, @Nullable Machine machine) {
    Outline blank = PathData.outline(layout.blankPath());
    LayoutCheck check = LayoutCheck.of(layout, parts, blank, machine);
    MachineJob job = MachineJob.of(layout, parts, Paces.of(machine, sheet));
    List<Integer> loose =
        job.strokes().stream().filter(MachineJob.Stroke::loose).map(s -> s.piece()).toList();
    List<LaidPart> pieces = new ArrayList<>();
    for (int i = 0; i < layout.pieces().size(); i++) {
      LaidPiece piece = layout.pieces().get(i);
      DrawnPart drawn = parts.drawn(piece.panelId()).orElse(null);
      pieces.add(part(piece, drawn, parts, check.bad(i), loose.indexOf(i) + 1));
    }
    Rect box = blank.bounds();
    return with(layout, sheet, machine, box, pieces, job.time(), job.order().travelMm());
  }

  private static LaidPart part(
      LaidPiece piece, @Nullable DrawnPart drawn, Parts parts, boolean collides, int cutAs) {
    String name = parts.made(piece.panelId()).map(p -> p.panel().name()).orElse("a part now gone");
    boolean done = piece.state() == PieceState.DONE;
    Outline outline =
        done && !piece.cutPath().isEmpty()
            ? PathData.outline(piece.cutPath())
            : drawn == null ? Outline.NONE : placed(drawn.outline(), piece);
    Rect box = outline.bounds();
    return new LaidPart(
        piece,
        name + " " + piece.number(),
        SvgPath.of(outline.contours()),
        drawn == null
            ? ""
            : SvgPath.of(drawn.engraved().moved(move(drawn.outline(), piece)).contours()),
        box.xMm(),
        box.yMm(),
        box.widthMm(),
        box.heightMm(),
        done && drawn != null && CutPieces.stale(piece, drawn),
        collides,
        cutAs);
  }

  private static LayoutResult with(
      SheetLayout layout,
      SheetProduct sheet,
      @Nullable Machine machine,
      Rect box,
      List<LaidPart> pieces,
      CutTime time,
      double travelMm) {
    boolean offcut = layout.offcutId() != null;
    long machineMinor =
        machine == null ? 0 : Math.round(machine.hourMinor() * time.totalSeconds() / 3600);
    long sheetMinor = offcut ? 0 : sheet.priceMinor();
    return new LayoutResult(
        layout,
        sheet.name(),
        box.widthMm(),
        box.heightMm(),
        layout.blankPath(),
        pieces,
        time,
        travelMm,
        sheetMinor + machineMinor,
        Why.of(
            "sheet + machine time × its hour",
            offcut ? "an offcut, already paid" : "a whole sheet",
            "%.0f s on the machine".formatted(time.totalSeconds())),
        utilisation(box, pieces, layout),
        machine == null ? 1 : setUps(box, machine));
  }

  private static double utilisation(Rect box, List<LaidPart> pieces, SheetLayout layout) {
    boolean lengthwise = box.widthMm() >= box.heightMm();
    double far = 0;
    double area = 0;
    for (LaidPart piece : pieces) {
      far =
          Math.max(
              far,
              lengthwise
                  ? piece.xMm() + piece.widthMm() - box.xMm()
                  : piece.yMm() + piece.heightMm() - box.yMm());
      area += piece.path().isEmpty() ? 0 : PathData.outline(piece.path()).areaMm2();
    }
    double across = Math.min(box.widthMm(), box.heightMm());
    return far <= 0 || layout.pieces().isEmpty() ? 0 : area / (far * across);
  }

  /** Shifts of a sheet larger than the bed, in the better of both orientations. */
  private static int setUps(Rect box, Machine machine) {
    int straight =
        times(box.widthMm(), machine.bedWidthMm()) * times(box.heightMm(), machine.bedHeightMm());
    int turned =
        times(box.heightMm(), machine.bedWidthMm()) * times(box.widthMm(), machine.bedHeightMm());
    return Math.min(straight, turned);
  }

  private static int times(double size, double bed) {
    return (int) Math.max(1, Math.ceil(size / bed - 1e-9));
  }
}
