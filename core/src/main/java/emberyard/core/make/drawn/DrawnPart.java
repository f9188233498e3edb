package emberyard.core.make.drawn;

import emberyard.core.build.RecipeStep;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A part as it lies flat, mm from the lower left corner of its rectangle.
 *
 * @param outline what is cut
 * @param engraved areas burnt line by line
 * @param lines closed lines that are only burnt in
 * @param pockets sunk areas with their depth
 * @param bends where a strip is bent, from left to right
 * @param features what each step of the recipe drew and where
 */
public record DrawnPart(
    Outline outline,
    Outline engraved,
    List<Contour> lines,
    List<Pocket> pockets,
    List<BendLine> bends,
    List<Feature> features) {
  public DrawnPart {
    lines = List.copyOf(lines);
    pockets = List.copyOf(pockets);
    bends = List.copyOf(bends);
    features = List.copyOf(features);
  }

  /** A sunk area. */
  public record Pocket(Outline area, double depthMm) {}

  /**
   * A bend across the flat pattern.
   *
   * @param xMm middle of the bend from the left end
   * @param allowanceMm length of the strip within the bend
   */
  public record BendLine(
      double xMm, double angleDegrees, double insideRadiusMm, double allowanceMm) {}

  /** A figure with the box it takes up, all its copies together. */
  public record Feature(
      String stepId, RecipeStep.Op op, double xMm, double yMm, double widthMm, double heightMm) {
    public static Feature of(RecipeStep step, Rect box) {
      return new Feature(step.id(), step.op(), box.xMm(), box.yMm(), box.widthMm(), box.heightMm());
    }
  }

  /** Length of all lines that are burnt in, mm. */
  public double lineMm() {
    return lines.stream().mapToDouble(Contour::lengthMm).sum();
  }

  /** Contours by operation, in the order in which they are done. */
  public Map<String, List<Contour>> byOperation() {
    Map<String, List<Contour>> groups = new LinkedHashMap<>();
    groups.put("engrave", engraved.contours());
    groups.put("line", lines);
    List<Contour> sunk = new ArrayList<>();
    pockets.forEach(pocket -> sunk.addAll(pocket.area().contours()));
    groups.put("pocket", sunk);
    groups.put("cut", outline.contours());
    return groups;
  }

  /** With another outline: offset for the kerf, say. */
  public DrawnPart with(Outline other) {
    return new DrawnPart(other, engraved, lines, pockets, bends, features);
  }
}
