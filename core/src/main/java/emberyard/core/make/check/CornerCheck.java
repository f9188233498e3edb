package emberyard.core.make.check;

import emberyard.core.build.Hold;
import emberyard.core.build.Panel;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Knot;
import java.util.ArrayList;
import java.util.List;

/** Sharp inside corners in what cracks, where screws pull on it. */
final class CornerCheck {
  /** A corner rounder than this starts no crack; so do bends of a flattened curve. */
  private static final double SHARP_DEGREES = 25;

  private static final double RADIUS_MM = 2;

  private CornerCheck() {}

  static void add(CheckedPart part, List<Finding> findings) {
    if (!part.material().brittle() || !screwed(part.panel())) {
      return;
    }
    List<Knot> sharp = new ArrayList<>();
    part.drawn().outline().outers().forEach(outer -> inside(outer, -1, sharp));
    part.drawn().outline().holes().forEach(hole -> inside(hole, 1, sharp));
    if (sharp.isEmpty()) {
      return;
    }
    Knot first = sharp.get(0);
    boolean window = part.panel().window() != null && part.panel().window().radiusMm() == 0;
    Remedy round =
        window
            ? new Remedy(
                "Round the window's corners by 2 mm",
                new Remedy.Change("panels", part.panel().id(), "window.radiusMm", RADIUS_MM))
            : Remedy.byHand("Round the corner by 1 mm or more");
    findings.add(
        part.finding(
                Severity.RISK,
                "inside-corner",
                sharp.size() == 1
                    ? "A sharp inside corner"
                    : "%d sharp inside corners".formatted(sharp.size()),
                "%s under screws; a radius of 1 mm at least is wanted."
                    .formatted(part.material().words()),
                "Cracks begin in a sharp inside corner when the screws pull.")
            .at(first.xMm(), first.yMm(), 8)
            .with(round));
  }

  private static boolean screwed(Panel panel) {
    Hold hold = panel.drawing().hold();
    return panel.holes() != null || (hold != null && hold.kind() == Hold.Kind.SCREWS);
  }

  /** Corners where the line turns into the material: right turns of a rim, left turns of a hole. */
  private static void inside(Contour contour, int sign, List<Knot> sharp) {
    List<double[]> points = contour.points(Contour.FLATTEN_MM);
    int n = points.size();
    for (int i = 0; i < n; i++) {
      double[] before = points.get((i + n - 1) % n);
      double[] at = points.get(i);
      double[] after = points.get((i + 1) % n);
      double ax = at[0] - before[0];
      double ay = at[1] - before[1];
      double bx = after[0] - at[0];
      double by = after[1] - at[1];
      double turn = Math.toDegrees(Math.atan2(ax * by - ay * bx, ax * bx + ay * by));
      if (sign * turn > SHARP_DEGREES) {
        sharp.add(Knot.at(at[0], at[1]));
      }
    }
  }
}
