package emberyard.core.make;

import emberyard.core.build.CutFigure;
import emberyard.core.build.Panel;
import emberyard.core.build.PartDrawing;
import emberyard.core.build.RecipeStep;
import emberyard.core.finding.Finding;
import emberyard.core.geometry.SvgPath;
import emberyard.core.make.file.ImportedDrawing;
import emberyard.core.make.panel.PanelFigures;
import emberyard.core.make.part.MadePart;
import emberyard.core.make.part.PartModel;
import emberyard.core.make.sheet.CutDrawing;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.SheetProduct;
import java.util.ArrayList;
import java.util.List;

/** A part asked about without a build. */
public record PartAnswer(
    PanelFigures figures, PartModel model, List<Finding> findings, String svg) {

  /**
   * @throws InvalidValue where its numbers contradict each other
   */
  public static PartAnswer of(Panel panel, SheetProduct sheet) {
    MadePart.Result worked = MadePart.worked(panel, sheet, List.of(), null);
    if (worked.drawn() == null) {
      throw new InvalidValue(worked.made().problemField(), worked.made().problem());
    }
    return new PartAnswer(
        worked.made().figures(),
        worked.made().model(),
        worked.findings(),
        CutDrawing.of(worked.drawn(), 0).svg());
  }

  /** A drawing from outside as a recipe of its own. */
  public static PartDrawing drawing(ImportedDrawing drawing) {
    List<RecipeStep> steps = new ArrayList<>();
    steps.add(step("outline", RecipeStep.Op.JOIN, SvgPath.of(drawing.outline().contours())));
    if (!drawing.engraved().empty()) {
      steps.add(step("engraved", RecipeStep.Op.ENGRAVE, SvgPath.of(drawing.engraved().contours())));
    }
    if (!drawing.lines().empty()) {
      steps.add(step("lines", RecipeStep.Op.LINE, SvgPath.of(drawing.lines().contours())));
    }
    return new PartDrawing(0.0, true, steps, null, null, false, false, false, false);
  }

  private static RecipeStep step(String id, RecipeStep.Op op, String path) {
    return RecipeStep.of(id, op, CutFigure.path(path), 0, 0);
  }
}
