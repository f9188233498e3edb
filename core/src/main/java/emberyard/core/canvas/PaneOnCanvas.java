package emberyard.core.canvas;

import emberyard.core.build.Canvas;
import emberyard.core.build.CanvasPane;
import emberyard.core.build.Component;
import emberyard.core.build.DesignLists;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.FacePlaces;
import emberyard.core.build.PictureTurn;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One screen as it shows part of a canvas.
 *
 * @param id of the pane: the screen's, the component's, or its own
 * @param place what shines, mm from the canvas's lower left corner
 * @param pixelsWide as it stands; so are pixelsHigh
 * @param turnDegrees by which its picture has to be turned clockwise to fill its own pixels, since
 *     software can't turn it; 0 where it can, or the body stands upright
 * @param measured whether its active area is known; else the largest of its pixels' shape is taken
 * @param placed whether it is known where it stands; else it stands right of those before it
 * @param selfLit whether its pixels make their own light
 */
public record PaneOnCanvas(
    String id,
    String name,
    Rect place,
    int pixelsWide,
    int pixelsHigh,
    int turnDegrees,
    boolean measured,
    boolean placed,
    boolean selfLit) {
  /** Of a screen of which only pixels are known, mm from pixel to pixel; a default. */
  private static final double USUAL_PITCH_MM = 0.15;

  /** Of a screen that is no part of the build where nobody has said; a default. */
  private static final int USUAL_WIDE = 800;

  private static final int USUAL_HIGH = 480;

  /** From pixel to pixel, the coarser of across and up, mm. */
  public double pitchMm() {
    return Math.max(place.widthMm() / pixelsWide, place.heightMm() / pixelsHigh);
  }

  /** A body before it is known where it stands. */
  private record Body(
      String id,
      String name,
      double widthMm,
      double heightMm,
      int pixelsWide,
      int pixelsHigh,
      int turnDegrees,
      boolean measured,
      boolean selfLit) {
    PaneOnCanvas at(double x, double y, boolean placed) {
      return new PaneOnCanvas(
          id,
          name,
          new Rect(x, y, widthMm, heightMm),
          pixelsWide,
          pixelsHigh,
          turnDegrees,
          measured,
          placed,
          selfLit);
    }
  }

  /** The screens of a canvas; one whose screen is gone is left out. */
  public static List<PaneOnCanvas> of(DesignLists design, Canvas canvas) {
    List<PaneOnCanvas> panes = new ArrayList<>();
    Face face = null;
    for (CanvasPane pane : canvas.panes()) {
      Body body = body(design, pane).orElse(null);
      if (body == null) {
        continue;
      }
      FaceItem item = item(design, pane.id());
      Rect rect = item == null ? null : FacePlaces.placed(design, item);
      boolean typed = pane.xMm() != null && pane.yMm() != null;
      if (!typed && rect != null && (face == null || face == item.face())) {
        face = item.face();
        panes.add(
            body.at(
                rect.centreX() - body.widthMm() / 2, rect.centreY() - body.heightMm() / 2, true));
      } else if (typed) {
        panes.add(body.at(pane.xMm(), pane.yMm(), true));
      } else {
        panes.add(beside(panes, body));
      }
    }
    return fromCorner(panes);
  }

  private static PaneOnCanvas beside(List<PaneOnCanvas> before, Body body) {
    double right = before.stream().mapToDouble(pane -> pane.place().right()).max().orElse(0);
    double low = before.isEmpty() ? 0 : before.get(before.size() - 1).place().yMm();
    return body.at(right, low, before.isEmpty());
  }

  private static List<PaneOnCanvas> fromCorner(List<PaneOnCanvas> panes) {
    double left = panes.stream().mapToDouble(pane -> pane.place().xMm()).min().orElse(0);
    double low = panes.stream().mapToDouble(pane -> pane.place().yMm()).min().orElse(0);
    return panes.stream().map(pane -> pane.moved(-left, -low)).toList();
  }

  private PaneOnCanvas moved(double byX, double byY) {
    Rect moved = new Rect(place.xMm() + byX, place.yMm() + byY, place.widthMm(), place.heightMm());
    return new PaneOnCanvas(
        id, name, moved, pixelsWide, pixelsHigh, turnDegrees, measured, placed, selfLit);
  }

  private static @Nullable FaceItem item(DesignLists design, String id) {
    return design.items().stream().filter(item -> id.equals(item.ofId())).findFirst().orElse(null);
  }

  private static Optional<Body> body(DesignLists design, CanvasPane pane) {
    return design
        .things()
        .find(Screen.class, pane.id())
        .map(PaneOnCanvas::body)
        .or(
            () ->
                design
                    .component(pane.id())
                    .filter(each -> each.display() != null)
                    .map(PaneOnCanvas::body))
        .or(() -> pane.name().isEmpty() ? Optional.empty() : Optional.of(own(pane)));
  }

  /** As it stands: what was its width may stand upwards. */
  private static Body body(Screen screen) {
    ScreenFeed feed = screen.fed();
    boolean measured = feed.activeWidthMm() != null && feed.activeHeightMm() != null;
    double pitch =
        Math.min(screen.widthMm() / screen.pixelsWide(), screen.heightMm() / screen.pixelsHigh());
    double wide = measured ? feed.activeWidthMm() : pitch * screen.pixelsWide();
    double high = measured ? feed.activeHeightMm() : pitch * screen.pixelsHigh();
    boolean side = screen.mounted().turned().onItsSide();
    return new Body(
        screen.id(),
        screen.name(),
        side ? high : wide,
        side ? wide : high,
        side ? screen.pixelsHigh() : screen.pixelsWide(),
        side ? screen.pixelsWide() : screen.pixelsHigh(),
        turn(screen),
        measured,
        feed.selfLit());
  }

  /** Against the way its body is turned, so that the picture is upright. */
  private static int turn(Screen screen) {
    PictureTurn turns = screen.turns();
    return turns != null && turns.rights(screen.mounted().turned())
        ? 0
        : (360 - screen.mounted().turned().degrees()) % 360;
  }

  private static Body body(Component component) {
    var display = component.display();
    ScreenFeed feed = display.feed() == null ? ScreenFeed.USUAL : display.feed();
    boolean measured = feed.activeWidthMm() != null && feed.activeHeightMm() != null;
    return new Body(
        component.id(),
        component.name(),
        measured ? feed.activeWidthMm() : USUAL_PITCH_MM * display.pixelsWide(),
        measured ? feed.activeHeightMm() : USUAL_PITCH_MM * display.pixelsHigh(),
        display.pixelsWide(),
        display.pixelsHigh(),
        0,
        measured,
        feed.selfLit());
  }

  private static Body own(CanvasPane pane) {
    int wide = pane.pixelsWide() == null ? USUAL_WIDE : pane.pixelsWide();
    int high = pane.pixelsHigh() == null ? USUAL_HIGH : pane.pixelsHigh();
    boolean measured = pane.widthMm() != null && pane.heightMm() != null;
    return new Body(
        pane.id(),
        pane.name(),
        pane.widthMm() == null ? USUAL_PITCH_MM * wide : pane.widthMm(),
        pane.heightMm() == null ? USUAL_PITCH_MM * high : pane.heightMm(),
        wide,
        high,
        0,
        measured,
        false);
  }
}
