package emberyard.core.make.check;

import emberyard.core.build.Panel;
import emberyard.core.finding.Finding;
import emberyard.core.geometry.Circle;
import emberyard.core.geometry.Contour;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.workshop.Material;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Judges a drawn part before it is cut: all checks of the handbook, each at its worst place with
 * the number of places beside it. O(n log n) in the corners of the drawing.
 */
public final class PartChecks {
  private PartChecks() {}

  /**
   * @param judged holes that were judged by simpler rules, "x/y" with three decimals
   */
  public static List<Finding> of(
      Panel panel, DrawnPart drawn, Material material, double thicknessMm, Set<String> judged) {
    List<Circle> own = new ArrayList<>();
    for (Contour hole : drawn.outline().holes()) {
      hole.circle().filter(c -> !judged.contains(key(c.xMm(), c.yMm()))).ifPresent(own::add);
    }
    CheckedPart part = new CheckedPart(panel, drawn, material, thicknessMm, List.copyOf(own));
    List<Finding> findings = new ArrayList<>();
    HoleChecks.add(part, findings);
    NeckCheck.add(part, findings);
    CornerCheck.add(part, findings);
    MarkChecks.add(part, findings);
    SlotCheck.add(part, findings);
    BendChecks.add(part, findings);
    return findings;
  }

  /** How a centre is named among the judged. */
  public static String key(double xMm, double yMm) {
    return Math.round(xMm * 1_000) + "/" + Math.round(yMm * 1_000);
  }

  /** Names of centres. */
  public static Set<String> keys(List<double[]> centres) {
    Set<String> keys = new HashSet<>();
    centres.forEach(c -> keys.add(key(c[0], c[1])));
    return keys;
  }
}
