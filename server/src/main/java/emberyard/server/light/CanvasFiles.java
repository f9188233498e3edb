package emberyard.server.light;

import emberyard.core.canvas.CanvasPicture;
import emberyard.core.canvas.PaneOnCanvas;
import emberyard.core.units.InvalidValue;
import emberyard.server.drawing.SvgPicture;
import emberyard.server.refusal.AtOnce;
import emberyard.server.store.MissingThing;
import java.io.IOException;
import org.springframework.stereotype.Component;

/** Pictures of canvases, as files. */
@Component
class CanvasFiles {
  private static final long MOST_PIXELS = 40_000_000;

  /** A picture of 40 million pixels takes 160 MB while it is painted. */
  private final AtOnce painting =
      new AtOnce(1, 10, "Several pictures are being painted just now. Try again in a moment.");

  /** All of a canvas in mm. */
  byte[] svg(CanvasPicture picture) {
    return CanvasSvg.whole(picture);
  }

  /**
   * What one screen shows, in its own pixels.
   *
   * @param upright as it stands rather than as its pixels lie
   * @throws InvalidValue where that would be more than 40 million
   */
  byte[] png(CanvasPicture picture, String paneId, boolean upright) throws IOException {
    PaneOnCanvas pane =
        picture.panes().stream()
            .filter(each -> each.id().equals(paneId))
            .findFirst()
            .orElseThrow(() -> new MissingThing("That screen is not on this canvas."));
    if ((long) pane.pixelsWide() * pane.pixelsHigh() > MOST_PIXELS) {
      throw new InvalidValue("pixelsWide", "A picture has 40 million pixels at most.");
    }
    int turn = upright ? 0 : pane.turnDegrees();
    boolean side = turn == 90 || turn == 270;
    byte[] svg = CanvasSvg.pane(picture, pane, turn);
    return painting.run(
        () ->
            SvgPicture.png(
                svg,
                side ? pane.pixelsHigh() : pane.pixelsWide(),
                side ? pane.pixelsWide() : pane.pixelsHigh()));
  }
}
