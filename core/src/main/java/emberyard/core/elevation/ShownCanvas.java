package emberyard.core.elevation;

import emberyard.core.build.Build;
import emberyard.core.build.Canvas;
import emberyard.core.canvas.CanvasPicture;
import emberyard.core.canvas.LiveValues;
import emberyard.core.canvas.Mark;
import emberyard.core.canvas.PaneOnCanvas;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.List;

/**
 * What a screen on a face shows of a canvas.
 *
 * @param place of what shines, on the face, mm from its lower left corner
 * @param viewXMm left edge of that part of the canvas; as large as the place
 * @param viewYMm its upper edge, downwards from the canvas's
 * @param marks the ground first
 * @param offHexes how each looks while the screen is off
 */
public record ShownCanvas(
    String canvasId,
    Rect place,
    double viewXMm,
    double viewYMm,
    List<Mark> marks,
    List<String> offHexes) {
  private static final double OFF_SHARE = 0.82;

  public ShownCanvas {
    marks = List.copyOf(marks);
    offHexes = List.copyOf(offHexes);
  }

  /**
   * All canvases that a screen is on, in their order.
   *
   * @param body the screen on its face; what shines lies in its middle
   */
  static List<ShownCanvas> of(Build build, String screenId, Rect body, Colour off) {
    List<ShownCanvas> all = new ArrayList<>();
    for (Canvas canvas : build.canvases()) {
      if (canvas.on(screenId)) {
        CanvasPicture picture = CanvasPicture.of(build, canvas, LiveValues.sample(canvas));
        picture.panes().stream()
            .filter(pane -> pane.id().equals(screenId))
            .forEach(pane -> all.add(of(canvas, picture, pane, body, off)));
      }
    }
    return all;
  }

  private static ShownCanvas of(
      Canvas canvas, CanvasPicture picture, PaneOnCanvas pane, Rect body, Colour off) {
    Rect shines = pane.place();
    List<Mark> marks = new ArrayList<>();
    marks.add(picture.ground(pane));
    marks.addAll(picture.marks());
    Rect place =
        new Rect(
            body.centreX() - shines.widthMm() / 2,
            body.centreY() - shines.heightMm() / 2,
            shines.widthMm(),
            shines.heightMm());
    return new ShownCanvas(
        canvas.id(),
        place,
        shines.xMm(),
        picture.heightMm() - shines.top(),
        marks,
        marks.stream()
            .map(mark -> Colour.hex(mark.hex()).mixedWith(off, OFF_SHARE).hex())
            .toList());
  }
}
