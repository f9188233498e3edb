package emberyard.core.canvas;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Canvas;
import emberyard.core.build.CanvasPane;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.build.PictureTurn;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed;
import emberyard.core.build.ScreenFeedBuilder;
import emberyard.core.build.ScreenMount;
import emberyard.core.build.ScreenMount.Standing;
import emberyard.core.geometry.Rect;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Which part of a canvas each screen shows. */
class PaneOnCanvasTest {
  private final List<Screen> screens = new ArrayList<>();
  private final List<FaceItem> items = new ArrayList<>();

  private static ScreenFeed active(double wide, double high) {
    return ScreenFeedBuilder.builder().activeWidthMm(wide).activeHeightMm(high).build();
  }

  /** A body of 140 × 80 mm with 120 × 60 mm that shines, 480 × 240 pixels. */
  private Screen screen(String id) {
    return Screen.one(id, "Screen " + id, 140, 80)
        .pixelsWide(480)
        .pixelsHigh(240)
        .feed(active(120, 60))
        .build();
  }

  private void standing(Screen screen, Face face, double x, double y) {
    screens.add(screen);
    items.add(
        FaceItem.standingFor(screen.id(), face, ItemKind.SCREEN, screen.name(), x, y, Layer.ON));
  }

  private Build build() {
    Build plain = Samples.build();
    return plain
        .with(plain.design().looking(plain.design().look(), items))
        .with(Screen.class, screens);
  }

  private List<PaneOnCanvas> panes(CanvasPane... panes) {
    return PaneOnCanvas.of(
        build(), new Canvas("c", "Board", List.of(panes), null, null, List.of()));
  }

  @Test
  void twoOnOneFaceStandAsTheyAreDrawnThere() {
    standing(screen("a"), Face.FRONT, 20, 30);
    standing(screen("b"), Face.FRONT, 154, 30);
    List<PaneOnCanvas> panes = panes(CanvasPane.of("a"), CanvasPane.of("b"));
    assertEquals(new Rect(0, 0, 120, 60), panes.get(0).place());
    assertEquals(new Rect(134, 0, 120, 60), panes.get(1).place(), "14 mm of rims between them");
    assertTrue(panes.stream().allMatch(pane -> pane.measured() && pane.placed()));
    assertEquals(0.25, panes.get(0).pitchMm());
    List<PaneOnCanvas> turned = panes(CanvasPane.of("b"), CanvasPane.of("a"));
    assertEquals(panes.get(1), turned.get(0), "in whatever order they are named");
    assertEquals(panes.get(0), turned.get(1));
  }

  @Test
  void onAnotherFaceItStandsBesideTheOthersAndSaysSo() {
    standing(screen("a"), Face.FRONT, 20, 30);
    standing(screen("b"), Face.LEFT, 0, 0);
    List<PaneOnCanvas> panes = panes(CanvasPane.of("a"), CanvasPane.of("b"));
    assertEquals(new Rect(120, 0, 120, 60), panes.get(1).place());
    assertFalse(panes.get(1).placed());
    PaneOnCanvas typed = panes(CanvasPane.at("a", 0, 0), CanvasPane.at("b", 150, -20)).get(1);
    assertEquals(new Rect(150, 0, 120, 60), typed.place());
    assertTrue(typed.placed());
  }

  @Test
  void whatNobodyMeasuredIsTheLargestPictureOfItsPixels() {
    screens.add(Screen.one("a", "A", 200, 100).pixelsWide(1_000).pixelsHigh(1_000).build());
    PaneOnCanvas pane = panes(CanvasPane.of("a")).get(0);
    assertEquals(new Rect(0, 0, 100, 100), pane.place());
    assertFalse(pane.measured());
    assertTrue(pane.placed(), "alone it stands where it stands");
  }

  @Test
  void onItsSideItShowsHighPictures() {
    Screen bar = screen("a").withMount(new ScreenMount(null, null, null, Standing.RIGHT));
    screens.add(bar);
    PaneOnCanvas pane = panes(CanvasPane.of("a")).get(0);
    assertEquals(new Rect(0, 0, 60, 120), pane.place());
    assertEquals(240, pane.pixelsWide());
    assertEquals(480, pane.pixelsHigh());
    assertEquals(0, pane.turnDegrees(), "a monitor is turned by software");
    screens.clear();
    screens.add(bar.withFeed(bar.fed().withPictureTurns(PictureTurn.NOT_AT_ALL)));
    assertEquals(270, panes(CanvasPane.of("a")).get(0).turnDegrees(), "against its body");
    screens.clear();
    screens.add(
        bar.withFeed(bar.fed().withPictureTurns(PictureTurn.HALF))
            .withMount(new ScreenMount(null, null, null, Standing.UPSIDE_DOWN)));
    assertEquals(0, panes(CanvasPane.of("a")).get(0).turnDegrees());
  }

  @Test
  void aScreenOutsideTheBuildSaysWhatItIs() {
    CanvasPane tablet = new CanvasPane("t", "Wall tablet", null, null, 216.0, 135.0, 1_280, 800);
    PaneOnCanvas pane = panes(tablet).get(0);
    assertEquals("Wall tablet", pane.name());
    assertEquals(new Rect(0, 0, 216, 135), pane.place());
    assertTrue(pane.measured());
    assertEquals(List.of(), panes(CanvasPane.of("gone")), "a screen that is gone is left out");
  }
}
