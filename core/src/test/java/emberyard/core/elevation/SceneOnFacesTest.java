package emberyard.core.elevation;

import static emberyard.core.yard.Drawings.GREEN;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Edge;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.build.LightStrip;
import emberyard.core.build.RunGlow;
import emberyard.core.build.RunPath;
import emberyard.core.build.RunShape;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenGlow;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.Stretch;
import emberyard.core.glow.SceneLight;
import emberyard.core.yard.Drawings;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Runs where they are laid on a face of 200 × 100 mm, and the face in the light of scenes. */
class SceneOnFacesTest {
  private LightStrip strip = Samples.strip(120);

  private FaceItem item =
      FaceItem.standingFor("l1", Face.FRONT, ItemKind.LIGHT_RUN, "Beam", 3, 4, Layer.ON);

  private Build build(FaceItem... others) {
    List<FaceItem> items = new java.util.ArrayList<>(List.of(others));
    items.add(item);
    return Drawings.build(
        Drawings.design(items, List.of(), List.of(Samples.screen()), List.of(strip)), List.of());
  }

  private Elevation front(FaceItem... others) {
    return Drawings.face(build(others), Face.FRONT);
  }

  private static Scene scene(double percent) {
    return Scene.of("s", SceneUse.NIGHT).with(RunGlow.of("l1", percent));
  }

  private Map<String, Dusk.Mesh> lit(double percent) {
    return Dusk.of(front(), SceneLight.of(build(), scene(percent)));
  }

  private static double luminance(String hex) {
    return Colour.hex(hex).luminance();
  }

  @Test
  void alongTwoEdgesItIsDrawnAsTheLineThatItIs() {
    item = item.withAlong(new RunPath("", List.of(Edge.TOP, Edge.RIGHT), 10.0));
    ElevationItem drawn = front().item("l1").orElseThrow();
    assertEquals(new Rect(5, 5, 190, 90), drawn.place());
    assertEquals("M5.00 5.00L185.00 5.00L185.00 85.00", drawn.art(), "one line round the corner");
    assertEquals(10, drawn.strokeMm());
    assertEquals("260 mm of strip", drawn.detail());
    assertEquals(List.of(new Stretch(10, 90, 190, 90), new Stretch(190, 90, 190, 10)), drawn.lit());
    assertTrue(drawn.takes(new Rect(100, 80, 20, 15)));
    assertFalse(drawn.takes(new Rect(50, 30, 40, 20)), "what lies between its edges is free");
  }

  @Test
  void twoEdgesThatDoNotMeetAreTwoLines() {
    item = item.withAlong(new RunPath("", List.of(Edge.TOP, Edge.BOTTOM), 0.0));
    String art = front().item("l1").orElseThrow().art();
    assertEquals(2, art.chars().filter(letter -> letter == 'M').count(), art);
  }

  @Test
  void aRingIsRoundAndABarStraight() {
    strip = strip.with().shape(RunShape.RING).count(24).build();
    item = item.with().widthMm(60.0).heightMm(60.0).build();
    ElevationItem ring = front().item("l1").orElseThrow();
    assertEquals(new Rect(3, 4, 60, 60), ring.place());
    assertEquals(32, ring.lit().size());
    assertEquals(null, ring.hole());
    strip = strip.withShape(RunShape.PANEL);
    assertTrue(front().item("l1").orElseThrow().art().isEmpty());
  }

  @Test
  void theBrighterTheSceneTheBrighterEveryPoint() {
    Map<String, Dusk.Mesh> before = lit(0);
    for (int percent = 10; percent <= 100; percent += 10) {
      Map<String, Dusk.Mesh> now = lit(percent);
      for (String key : List.of("", "l1")) {
        double least =
            now.get(key).hexes().stream()
                .mapToDouble(SceneOnFacesTest::luminance)
                .min()
                .getAsDouble();
        double was =
            before.get(key).hexes().stream()
                .mapToDouble(SceneOnFacesTest::luminance)
                .min()
                .getAsDouble();
        assertTrue(least >= was - 1e-9, key + " at " + percent);
      }
      before = now;
    }
    assertTrue(
        luminance(lit(100).get("l1").hexes().get(0)) > luminance(lit(10).get("l1").hexes().get(0)));
  }

  @Test
  void withItsLightsOffItIsItsColourInTheRoomsLight() {
    Map<String, Dusk.Mesh> dark = lit(0);
    assertEquals(1, dark.get("").hexes().size());
    assertEquals(Colour.hex(GREEN).under(SceneLight.room(5), 1).hex(), dark.get("").hexes().get(0));
    Scene work = Scene.of("w", SceneUse.WORK).with(RunGlow.of("l1", 0));
    String lit = Dusk.of(front(), SceneLight.of(build(), work)).get("").hexes().get(0);
    assertEquals(0, Colour.hex(lit).deltaE00(Colour.hex(GREEN)), 0.5, "a lit room is day");
  }

  @Test
  void theSceneSaysTheColour() {
    Scene blue =
        Scene.of("s", SceneUse.NIGHT).with(new RunGlow("l1", "#2040FF", 100.0, null, null));
    String shown = Dusk.of(front(), SceneLight.of(build(), blue)).get("l1").hexes().get(0);
    assertEquals("#2040FF", shown);
    assertNotEquals(shown, lit(100).get("l1").hexes().get(0));
  }

  @Test
  void aDarkScreenShowsWhatItIsWhenOff() {
    Screen screen = Samples.screen();
    FaceItem at =
        FaceItem.standingFor(screen.id(), Face.FRONT, ItemKind.SCREEN, "Tide", 100, 10, Layer.ON);
    Scene off = scene(0).withScreens(List.of(new ScreenGlow(screen.id(), 0.0)));
    Scene on = scene(0);
    String picture = screen.id() + Dusk.PICTURE;
    double dark =
        luminance(Dusk.of(front(at), SceneLight.of(build(at), off)).get(picture).hexes().get(0));
    double bright =
        luminance(Dusk.of(front(at), SceneLight.of(build(at), on)).get(picture).hexes().get(0));
    assertTrue(dark < 0.01 && bright > 0.3, dark + " " + bright);
  }

  /** A light behind glows through the holes of a vent field, and through nothing else. */
  @Test
  void aVentShowsTheLightBehindIt() {
    item = item.with().layer(Layer.BEHIND).xMm(20.0).yMm(40.0).build();
    FaceItem vent = FaceItem.plain("v", Face.FRONT, ItemKind.VENT, "Vent", 20, 30, 80, 40);
    Map<String, Dusk.Mesh> lit = Dusk.of(front(vent), SceneLight.of(build(vent), scene(100)));
    Map<String, Dusk.Mesh> dark = Dusk.of(front(vent), SceneLight.of(build(vent), scene(0)));
    assertTrue(
        luminance(lit.get("v").hexes().get(0)) > 10 * luminance(dark.get("v").hexes().get(0)));
    assertEquals(dark.get("").hexes(), lit.get("").hexes(), "the face itself stays dark");
  }

  /** The distance to a run is that to the nearest of many points along it. */
  @Test
  void aStretchIsAsFarAsItsNearestPoint() {
    Random random = new Random(9);
    for (int i = 0; i < 300; i++) {
      Stretch stretch =
          new Stretch(
              random.nextInt(200), random.nextInt(200), random.nextInt(200), random.nextInt(200));
      double x = random.nextInt(300) - 50;
      double y = random.nextInt(300) - 50;
      double nearest = Double.MAX_VALUE;
      for (int k = 0; k <= 2_000; k++) {
        double[] at = stretch.at(k / 2_000.0);
        nearest = Math.min(nearest, Math.hypot(at[0] - x, at[1] - y));
      }
      assertEquals(nearest, stretch.distanceMm(x, y), 0.15);
    }
  }
}
