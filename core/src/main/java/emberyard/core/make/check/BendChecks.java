package emberyard.core.make.check;

import emberyard.core.build.Bent;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Rect;
import emberyard.core.make.drawn.DrawnPart.BendLine;
import emberyard.core.units.Figures;
import java.util.List;

/** Bends: radius, legs, and openings too near to the heat. */
final class BendChecks {
  private BendChecks() {}

  static void add(CheckedPart part, List<Finding> findings) {
    Bent bent = part.panel().drawing().bent();
    if (bent == null) {
      return;
    }
    double t = part.thicknessMm();
    if (!part.material().brittle()) {
      findings.add(
          part.finding(
                  Severity.STOP,
                  "bend-material",
                  "%s is not bent with heat here".formatted(part.material().words()),
                  "Bend allowance and soak are those of acrylic.",
                  "It would char, split or spring back.")
              .with(Remedy.byHand("Make it of acrylic, or have it folded outside")));
    }
    for (int i = 0; i < bent.bends().size(); i++) {
      radius(part, bent.bends().get(i), i, t, findings);
    }
    legs(part, bent, t, findings);
    openings(part, t, findings);
  }

  private static void radius(
      CheckedPart part, Bent.Bend bend, int index, double t, List<Finding> findings) {
    if (bend.insideRadiusMm() >= 2 * t - 1e-6) {
      return;
    }
    String field = "drawing.bent.bends.%d.insideRadiusMm".formatted(index);
    BendLine line = part.drawn().bends().get(index);
    findings.add(
        part.finding(
                Severity.STOP,
                "bend-radius/" + index,
                "Bend radius is %s; %s needed"
                    .formatted(Figures.mm(bend.insideRadiusMm()), Figures.mm(2 * t)),
                "Twice the thickness of %s.".formatted(Figures.mm(t)),
                "A tighter bend crazes on the outside.")
            .at(line.xMm(), part.panel().heightMm() / 2, 12)
            .with(
                new Remedy(
                    "Bend it round %s".formatted(Figures.mm(2 * t)),
                    new Remedy.Change("panels", part.panel().id(), field, 2 * t))));
  }

  private static void legs(CheckedPart part, Bent bent, double t, List<Finding> findings) {
    double shortest = bent.firstLegMm();
    for (Bent.Bend bend : bent.bends()) {
      shortest = Math.min(shortest, bend.legMm());
    }
    if (shortest < 4 * t - 1e-6) {
      findings.add(
          part.finding(
                  Severity.STOP,
                  "bend-leg",
                  "A leg is %s long; %s needed".formatted(Figures.mm(shortest), Figures.mm(4 * t)),
                  "Four times the thickness of %s.".formatted(Figures.mm(t)),
                  "A shorter leg can't be held in the former and bends itself.")
              .with(Remedy.byHand("Lengthen the leg; trim it after bending")));
    }
  }

  private static void openings(CheckedPart part, double t, List<Finding> findings) {
    for (Contour hole : part.drawn().outline().holes()) {
      Rect box = hole.bounds();
      for (BendLine bend : part.drawn().bends()) {
        double gap = Math.max(box.xMm() - bend.xMm(), bend.xMm() - box.right());
        double needed = 2 * t + bend.insideRadiusMm();
        if (gap < needed - 1e-6) {
          findings.add(
              part.finding(
                      Severity.STOP,
                      "bend-hole",
                      "A hole lies %s from a bend line; %s needed"
                          .formatted(Figures.mm(Math.max(0, gap)), Figures.mm(needed)),
                      "Twice the thickness and the radius, %s + %s."
                          .formatted(Figures.mm(2 * t), Figures.mm(bend.insideRadiusMm())),
                      "It is pulled out of round when the strip is bent.")
                  .at(box.centreX(), box.centreY(), 10)
                  .with(Remedy.byHand("Move the hole away, or drill it after bending")));
          return;
        }
      }
    }
  }
}
