package emberyard.core.elevation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Canvas;
import emberyard.core.build.CanvasPane;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.build.ReadOut;
import emberyard.core.build.ReadOutKind;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenGlow;
import emberyard.core.canvas.CanvasPicture;
import emberyard.core.canvas.LiveValues;
import emberyard.core.canvas.Mark;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import emberyard.core.glow.SceneLight;
import emberyard.core.yard.Drawings;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What screens show, seen on the faces. */
class ShownCanvasTest {
  private final Screen screen =
      Samples.screen().with().widthMm(60).heightMm(40).pixelsWide(600).pixelsHigh(300).build();
  private final FaceItem at =
      FaceItem.standingFor(screen.id(), Face.FRONT, ItemKind.SCREEN, "Tide", 100, 10, Layer.ON)
          .withWords("typed by hand");

  private static Canvas canvas(String id, String words) {
    return new Canvas(
        id,
        "Board " + id,
        List.of(CanvasPane.of("d1")),
        "#101418",
        null,
        List.of(
            ReadOut.one("r", ReadOutKind.WORDS, 2, 2, 50, 20)
                .words(words)
                .inkHex("#F0A13A")
                .build()));
  }

  private Build build(Canvas... canvases) {
    return Drawings.build(
            Drawings.design(List.of(at), List.of(), List.of(screen), List.of()), List.of())
        .with(Canvas.class, List.of(canvases));
  }

  private ElevationItem drawn(Canvas... canvases) {
    return Drawings.face(build(canvases), Face.FRONT).item("d1").orElseThrow();
  }

  @Test
  void withoutAPictureItShowsWhatWasWrittenOnIt() {
    assertEquals("typed by hand", drawn().words());
    assertEquals(List.of(), drawn().shown());
  }

  @Test
  void withOneItShowsThatInTheMiddleOfItsBody() {
    ElevationItem drawn = drawn(canvas("one", "TIDE"), canvas("two", "DEPTH"));
    assertEquals("", drawn.words());
    assertEquals(2, drawn.shown().size());
    ShownCanvas shown = drawn.shown().get(0);
    assertEquals(new Rect(100, 15, 60, 30), shown.place(), "600 × 300 pixels on 60 × 40 mm");
    assertEquals("#101418", shown.marks().get(0).hex());
    assertEquals("TIDE", shown.marks().get(1).words());
    for (int i = 0; i < shown.marks().size(); i++) {
      double lit = Colour.hex(shown.marks().get(i).hex()).luminance();
      assertTrue(Colour.hex(shown.offHexes().get(i)).luminance() <= lit + 0.01, "off is fainter");
    }
  }

  private Map<String, Dusk.Mesh> lit(double percent, String canvasId, Canvas... canvases) {
    Scene scene =
        Scene.of("s", SceneUse.NIGHT).withScreens(List.of(new ScreenGlow("d1", percent, canvasId)));
    Build build = build(canvases);
    return Dusk.of(Drawings.face(build, Face.FRONT), SceneLight.of(build, scene));
  }

  @Test
  void theSceneSaysWhichOneAndHowBright() {
    Canvas one = canvas("one", "TIDE");
    Canvas two = canvas("two", "DEPTH");
    Map<String, Dusk.Mesh> first = lit(100, "", one, two);
    assertTrue(first.containsKey("d1" + Dusk.SHOWS + "one"), first.keySet().toString());
    assertFalse(first.containsKey("d1" + Dusk.SHOWS + "two"));
    Map<String, Dusk.Mesh> other = lit(100, "two", one, two);
    assertTrue(other.containsKey("d1" + Dusk.SHOWS + "two"));
    assertTrue(
        lit(100, "gone", one, two).containsKey("d1" + Dusk.SHOWS + "one"), "the first instead");
    double before = -1;
    for (double percent : new double[] {0, 10, 40, 100}) {
      String ink = lit(percent, "", one).get("d1" + Dusk.SHOWS + "one").hexes().get(1);
      double now = Colour.hex(ink).luminance();
      assertTrue(now > before, percent + " %");
      before = now;
    }
    assertEquals(
        "#F0A13A", lit(100, "", one).get("d1" + Dusk.SHOWS + "one").hexes().get(1), "its own");
  }

  @Test
  void theMarksAreThoseOfTheCanvas() {
    Canvas one = canvas("one", "TIDE");
    ShownCanvas shown = drawn(one).shown().get(0);
    List<Mark> marks = CanvasPicture.of(build(one), one, LiveValues.sample(one)).marks();
    assertEquals(marks, shown.marks().subList(1, shown.marks().size()));
    assertNotEquals(marks.get(0).hex(), shown.offHexes().get(1));
  }
}
