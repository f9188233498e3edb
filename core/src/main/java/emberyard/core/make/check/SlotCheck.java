package emberyard.core.make.check;

import emberyard.core.build.FigureKind;
import emberyard.core.build.RecipeStep;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import java.util.List;

/** Slots that look meant for a tab of this sheet, against its measured thickness. */
final class SlotCheck {
  private static final double MEANT_MM = 0.6;
  private static final double FITS_MM = 0.031;

  private SlotCheck() {}

  static void add(CheckedPart part, List<Finding> findings) {
    List<RecipeStep> steps = part.panel().drawing().steps();
    for (int i = 0; i < steps.size(); i++) {
      RecipeStep step = steps.get(i);
      boolean slot =
          step.op() == RecipeStep.Op.CUT
              && (step.figure().kind() == FigureKind.SLOT
                  || step.figure().kind() == FigureKind.RECTANGLE);
      if (slot) {
        check(part, step, i, findings);
      }
    }
  }

  private static void check(CheckedPart part, RecipeStep step, int index, List<Finding> findings) {
    boolean lying = step.figure().widthMm() >= step.figure().heightMm();
    double width = lying ? step.figure().heightMm() : step.figure().widthMm();
    double press = part.thicknessMm() - 0.05;
    double slide = part.thicknessMm() + 0.1;
    boolean meant = Math.abs(width - part.thicknessMm()) <= MEANT_MM;
    boolean fits = Math.abs(width - press) < FITS_MM || Math.abs(width - slide) < FITS_MM;
    if (!meant || fits) {
      return;
    }
    String field = "drawing.steps.%d.figure.%s".formatted(index, lying ? "heightMm" : "widthMm");
    findings.add(
        part.finding(
                Severity.RISK,
                "slot/" + step.id(),
                "A slot of %s mm beside a sheet of %s mm"
                    .formatted(Figures.plain(width), Figures.plain(part.thicknessMm())),
                "Press fit %s mm, sliding %s mm, from the thickness by caliper where there is one."
                    .formatted(Figures.plain(press), Figures.plain(slide)),
                "A tenth too wide rattles, a tenth too narrow splits the ply or cracks the acrylic.")
            .at(step.xMm(), step.yMm(), 8)
            .with(
                new Remedy(
                    "Make it %s mm: pressed in".formatted(Figures.plain(press)),
                    new Remedy.Change("panels", part.panel().id(), field, press)),
                new Remedy(
                    "Make it %s mm: sliding".formatted(Figures.plain(slide)),
                    new Remedy.Change("panels", part.panel().id(), field, slide))));
  }
}
