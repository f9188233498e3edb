package emberyard.core.make.check;

import emberyard.core.build.CutMethod;
import emberyard.core.build.Panel;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Circle;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.workshop.Material;
import java.util.List;

/**
 * A part as the checks see it.
 *
 * @param thicknessMm by caliper where there is one
 * @param own round holes that no other rule has judged yet
 */
record CheckedPart(
    Panel panel, DrawnPart drawn, Material material, double thicknessMm, List<Circle> own) {
  static final String CAPABILITY = "make";

  boolean laser() {
    return panel.cutMethod() == CutMethod.LASER;
  }

  /** What must stay between two openings: the thickness, and 2 mm at least. */
  double webMm() {
    return Math.max(2, thicknessMm);
  }

  /** A finding about this part. */
  Finding finding(Severity severity, String rule, String title, String detail, String why) {
    Finding finding =
        Finding.of(severity, CAPABILITY, "part:" + panel.id() + "/" + rule, title, detail, why);
    return panel.id().isEmpty() ? finding : finding.about(panel.id());
  }
}
