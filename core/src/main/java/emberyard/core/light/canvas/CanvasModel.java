package emberyard.core.light.canvas;

import emberyard.core.build.Build;
import emberyard.core.build.Canvas;
import emberyard.core.canvas.CanvasPicture;
import emberyard.core.canvas.LiveValues;
import emberyard.core.canvas.PaneOnCanvas;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.List;

/**
 * A canvas to be shown, with values made up.
 *
 * @param cuts what each screen shows of it, in the order of the picture's panes
 * @param readOuts how each is seen, in their order
 * @param distanceMm from which it is looked at
 */
public record CanvasModel(
    String id,
    String name,
    CanvasPicture picture,
    List<ScreenCut> cuts,
    List<ReadOutSeen> readOuts,
    double distanceMm,
    Why why) {

  /**
   * What one screen shows of it.
   *
   * @param leftPercent of the picture's width; so is rightPercent
   * @param topPercent of the picture's height from above; so is bottomPercent
   */
  public record ScreenCut(
      String id,
      double leftPercent,
      double rightPercent,
      double topPercent,
      double bottomPercent,
      double pitchMm) {}

  public static CanvasModel of(Build build, Canvas canvas) {
    CanvasPicture picture = CanvasPicture.of(build, canvas, LiveValues.sample(canvas));
    return new CanvasModel(
        canvas.id(),
        canvas.name(),
        picture,
        picture.panes().stream().map(pane -> cut(picture, pane)).toList(),
        canvas.readOuts().stream().map(each -> ReadOutSeen.of(canvas, each, picture)).toList(),
        canvas.seenFromMm(),
        why(canvas, picture));
  }

  private static ScreenCut cut(CanvasPicture picture, PaneOnCanvas pane) {
    double wide = picture.widthMm() / 100;
    double high = picture.heightMm() / 100;
    return new ScreenCut(
        pane.id(),
        pane.place().xMm() / wide,
        pane.place().right() / wide,
        (picture.heightMm() - pane.place().top()) / high,
        (picture.heightMm() - pane.place().yMm()) / high,
        pane.pitchMm());
  }

  private static Why why(Canvas canvas, CanvasPicture picture) {
    List<String> inputs = new ArrayList<>();
    for (PaneOnCanvas pane : picture.panes()) {
      inputs.add(
          "%s %.1f × %.1f mm at %.1f, %.1f%s"
              .formatted(
                  pane.name(),
                  pane.place().widthMm(),
                  pane.place().heightMm(),
                  pane.place().xMm(),
                  pane.place().yMm(),
                  pane.measured() ? "" : " (not measured)"));
    }
    inputs.add(
        "seen from %.0f mm%s"
            .formatted(canvas.seenFromMm(), canvas.distanceMm() == null ? " (default)" : ""));
    return new Why(
        "all that shines at its true place; what lies behind rims is cut out; capital ≥ distance × tan 20′, contrast ≥ 4.5",
        inputs);
  }
}
