package emberyard.core.finish;

import emberyard.core.build.Scheme;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.FinishStack;
import emberyard.core.finish.coat.HabitChoice;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.layer.LayerModel;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.SvgPath;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One finish for screens.
 *
 * @param partName of the part, print or face
 * @param substrate in words
 * @param clear whether one looks through the sheet
 * @param sheetHex colour of the sheet
 * @param areaM2 painted area of all pieces, one side, edges added
 * @param rimM length of all rims
 * @param xMm left end of the drawing
 * @param widthMm of the drawing, 0 where there is none
 * @param outline of one piece, SVG path data in mm, y upwards
 * @param groundHex what a first coat meets
 * @param leader the finish on whose rack it hangs, null where it hangs alone
 */
public record SchemeModel(
    Scheme scheme,
    String partName,
    String substrate,
    boolean clear,
    String sheetHex,
    double thicknessMm,
    double areaM2,
    double rimM,
    double xMm,
    double yMm,
    double widthMm,
    double heightMm,
    String outline,
    List<ShapeModel> shapes,
    String groundHex,
    List<CoatStep> coats,
    LayerModel layers,
    @Nullable String leader,
    List<HabitChoice> habits) {

  /** An art shape where it lies. */
  public record ShapeModel(String id, String path, double areaMm2, double contourMm) {}

  static SchemeModel of(SchemePlan plan) {
    PaintTarget painted = plan.painted();
    Rect box = painted.outline().bounds();
    List<ShapeModel> shapes = new ArrayList<>();
    painted
        .shapes()
        .forEach(
            (id, outline) ->
                shapes.add(
                    new ShapeModel(
                        id,
                        SvgPath.of(outline.contours()),
                        outline.areaMm2(),
                        outline.contourMm())));
    return new SchemeModel(
        plan.scheme(),
        painted.name(),
        painted.substrate().words(),
        painted.optic().clear(),
        painted.optic().colour().hex(),
        painted.thicknessMm(),
        painted.areaM2(),
        painted.rimM(),
        box.xMm(),
        box.yMm(),
        box.widthMm(),
        box.heightMm(),
        SvgPath.of(painted.outline().contours()),
        shapes,
        FinishStack.ground(painted).hex(),
        plan.coats(),
        plan.layers(),
        plan.leader(),
        plan.habits());
  }
}
