package emberyard.core.make.file;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Knot;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.Rect;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A drawing from outside made into a part: open ends joined, doubles dropped, crossings reported.
 *
 * @param outline what is cut, its lower left corner at the origin
 * @param engraved areas of layers named so
 * @param lines closed lines of layers named so, only burnt in
 * @param faults what was found, worst first, each with its place
 * @param notes what was left out or assumed
 * @param joinedEnds pairs of ends that were joined
 * @param widestGapMm the widest gap that was closed
 */
public record ImportedDrawing(
    Outline outline,
    Outline engraved,
    Outline lines,
    List<Fault> faults,
    List<String> notes,
    int joinedEnds,
    double widestGapMm) {

  /**
   * Something wrong in a drawing.
   *
   * @param repaired whether it was put right
   */
  public record Fault(String what, double xMm, double yMm, boolean repaired) {}

  /**
   * Sorts lines into cuts and marks.
   *
   * @param joinMm open ends closer than this are joined, 0 to 5 mm
   * @throws InvalidValue (field {@code file}) when nothing in it is closed
   */
  public static ImportedDrawing of(DrawnLines drawn, double joinMm) {
    Require.between("joinMm", joinMm, 0, 5, "mm");
    List<Fault> faults = new ArrayList<>();
    EndJoiner joiner = new EndJoiner(joinMm);
    List<DrawnLines.Line> closed = joiner.join(drawn.lines());
    for (DrawnLines.Line line : joiner.open()) {
      Knot end = line.last();
      faults.add(
          new Fault(
              "An open line was left out: its ends are %.2f mm apart.".formatted(gap(line)),
              end.xMm(),
              end.yMm(),
              false));
    }
    List<DrawnLines.Line> single = DoubleLines.dropped(closed, faults);
    single.forEach(line -> Crossings.report(line.contour(), faults));
    List<Contour> cut = new ArrayList<>();
    List<Contour> engrave = new ArrayList<>();
    List<Contour> burn = new ArrayList<>();
    for (DrawnLines.Line line : single) {
      (switch (operation(line.layer())) {
            case "engrave" -> engrave;
            case "line" -> burn;
            default -> cut;
          })
          .add(line.contour());
    }
    if (cut.isEmpty()) {
      throw new InvalidValue(
          "file", "The drawing has no closed line to cut: each must end where it began.");
    }
    Outline outline = Plane.evenOdd(cut);
    Rect box = outline.bounds();
    emberyard.core.geometry.Move home = emberyard.core.geometry.Move.by(-box.xMm(), -box.yMm());
    return new ImportedDrawing(
        outline.moved(home),
        Plane.evenOdd(engrave).moved(home),
        new Outline(burn, List.of()).moved(home),
        faults.stream()
            .map(f -> new Fault(f.what(), f.xMm() - box.xMm(), f.yMm() - box.yMm(), f.repaired()))
            .toList(),
        drawn.notes(),
        joiner.joined(),
        joiner.widestMm());
  }

  private static double gap(DrawnLines.Line line) {
    return Math.hypot(
        line.first().xMm() - line.last().xMm(), line.first().yMm() - line.last().yMm());
  }

  private static String operation(String layer) {
    String word = layer.toLowerCase(Locale.ROOT);
    return word.contains("engrave") ? "engrave" : word.contains("line") ? "line" : "cut";
  }
}
