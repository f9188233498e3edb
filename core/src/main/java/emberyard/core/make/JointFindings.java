package emberyard.core.make;

import emberyard.core.build.Build;
import emberyard.core.build.Joint;
import emberyard.core.build.Panel;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Circle;
import emberyard.core.geometry.Contour;
import emberyard.core.make.drafting.Drafting;
import emberyard.core.make.drafting.JointCut;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.part.MadePart;
import emberyard.core.make.part.Parts;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Joints that don't come together, and holes of a part's own that nearly match a shared pattern.
 */
final class JointFindings {
  /** Nearer than this is the same hole, further than the other is another one (handbook). */
  private static final double SAME_MM = 0.3;

  private static final double OTHER_MM = 5;

  private JointFindings() {}

  static List<Finding> of(Build build, Parts parts) {
    List<Finding> findings = new ArrayList<>();
    Map<String, Panel> panels = new HashMap<>();
    build.panels().forEach(panel -> panels.put(panel.id(), panel));
    for (Joint joint : build.joints()) {
      ends(joint, panels, findings);
      for (Joint.JointEnd end : joint.ends()) {
        if (joint.kind() == Joint.Kind.HOLES && panels.containsKey(end.panelId())) {
          near(joint, panels.get(end.panelId()), parts, findings);
        }
      }
    }
    return findings;
  }

  private static Finding finding(
      Severity severity, Joint joint, String rule, String title, String detail, String why) {
    return Finding.of(severity, "make", "joint:" + joint.id() + "/" + rule, title, detail, why)
        .about(joint.id());
  }

  private static void ends(Joint joint, Map<String, Panel> panels, List<Finding> findings) {
    List<String> known =
        joint.ends().stream().map(Joint.JointEnd::panelId).filter(panels::containsKey).toList();
    if (known.size() < 2) {
      findings.add(
          finding(
                  Severity.RISK,
                  joint,
                  "alone",
                  "Joint “%s” has %s"
                      .formatted(joint.name(), known.isEmpty() ? "no part" : "one part"),
                  "A joint is cut into both parts from one pattern.",
                  "What is cut into one part alone meets nothing.")
              .with(Remedy.byHand("Choose the other part on Joints")));
      return;
    }
    long slotted = joint.ends().stream().filter(Joint.JointEnd::slots).count();
    if (joint.kind() != Joint.Kind.HOLES && (slotted == 0 || slotted == joint.ends().size())) {
      findings.add(
          finding(
                  Severity.STOP,
                  joint,
                  "same-side",
                  "Both parts of “%s” have the same teeth".formatted(joint.name()),
                  "%d of %d parts take the tabs.".formatted(slotted, joint.ends().size()),
                  "Tabs that meet tabs don't go together.")
              .with(Remedy.byHand("Let one of them take the tabs")));
    }
  }

  private static void near(Joint joint, Panel panel, Parts parts, List<Finding> findings) {
    MadePart made = parts.made(panel.id()).orElse(null);
    if (made == null || made.figures() == null) {
      return;
    }
    // its own holes alone: one that meets the pattern has melted with it in the part
    DrawnPart drawn = Drafting.of(panel, made.sheet().realThicknessMm(), List.of());
    List<Circle> shared =
        JointCut.of(joint, panel.id(), Map.of()).map(JointCut::holes).orElse(List.of());
    for (Contour contour : drawn.outline().holes()) {
      Circle own = contour.circle().orElse(null);
      double least = own == null ? Double.MAX_VALUE : least(own, shared);
      if (least >= SAME_MM && least <= OTHER_MM) {
        findings.add(
            finding(
                    Severity.RISK,
                    joint,
                    "near/" + panel.id(),
                    "A hole in %s lies %s beside “%s”"
                        .formatted(panel.name(), Figures.mm(least), joint.name()),
                    "Between 0.3 and 5 mm: probably meant to match the shared pattern.",
                    "The screw won't go through both.")
                .about(panel.id())
                .at(own.xMm(), own.yMm(), 8)
                .with(Remedy.byHand("Take the hole out: the joint cuts it into both parts")));
        return;
      }
    }
  }

  private static double least(Circle own, List<Circle> shared) {
    return shared.stream()
        .mapToDouble(s -> Math.hypot(s.xMm() - own.xMm(), s.yMm() - own.yMm()))
        .min()
        .orElse(Double.MAX_VALUE);
  }
}
