package emberyard.core.elevation;

import static emberyard.core.yard.Drawings.CREAM;
import static emberyard.core.yard.Drawings.GREEN;
import static emberyard.core.yard.Drawings.front;
import static emberyard.core.yard.Drawings.item;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.colour.Colour;
import emberyard.core.glow.SceneLight;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DuskTest {
  private static FaceItem light(double x, double y, double width, double height) {
    FaceItem light =
        item("light", ItemKind.LIGHT_RUN, x, y, width, height).withColourHex("#F0A13A");
    return new FaceItem(
        light.id(),
        light.face(),
        light.kind(),
        light.name(),
        x,
        y,
        width,
        height,
        Layer.ON,
        null,
        false,
        null,
        "#F0A13A",
        null,
        null,
        "",
        null,
        "",
        60.0,
        null);
  }

  @Test
  void withoutLightsEverySurfaceIsItsColourInWhatIsLeftOfTheDay() {
    Map<String, Dusk.Mesh> dusk =
        Dusk.of(front(item("badge", ItemKind.BADGE, 5, 5, 20, 20).withColourHex(CREAM)));
    assertEquals(1, dusk.get("").hexes().size());
    assertEquals(
        Colour.hex(GREEN).under(SceneLight.DUSK.room(), 1).hex(), dusk.get("").hexes().get(0));
    assertEquals(
        Colour.hex(CREAM).under(SceneLight.DUSK.room(), 1).hex(), dusk.get("badge").hexes().get(0));
  }

  @Test
  void lightFallsOffWithTheSquareOfWhatIsLeftOfItsReach() {
    assertEquals(1, Dusk.falloff(0, 60));
    assertEquals(0.25, Dusk.falloff(30, 60));
    assertEquals(0, Dusk.falloff(60, 60));
    assertEquals(0, Dusk.falloff(900, 60));
  }

  @Test
  void aSurfaceIsBrighterNearTheLightAndDarkBeyondItsReach() {
    Dusk.Mesh ground = Dusk.of(front(light(0, 0, 10, 100))).get("");
    int middle = ground.rows() / 2 * ground.columns();
    double near = Colour.hex(ground.hexes().get(middle)).lab().l();
    double far = Colour.hex(ground.hexes().get(middle + 3)).lab().l();
    assertTrue(near > far, near + " > " + far);
    assertEquals(
        Colour.hex(GREEN).under(SceneLight.DUSK.room(), 1).hex(),
        ground.hexes().get(middle + ground.columns() - 1));
  }

  @Test
  void aStripRoundABoxDoesNotLightItsMiddleAsItsEdge() {
    Dusk.Mesh ground = Dusk.of(front(light(0, 0, 200, 100))).get("");
    double edge = Colour.hex(ground.hexes().get(0)).lab().l();
    int centre = ground.rows() / 2 * ground.columns() + ground.columns() / 2;
    double middle = Colour.hex(ground.hexes().get(centre)).lab().l();
    assertTrue(edge > middle, edge + " > " + middle);
  }

  @Test
  void engravedLinesGlowInTheNearestLight() {
    FaceItem engraved =
        item("engraved", ItemKind.ENGRAVING, 20, 20, 60, 60)
            .withColourHex(CREAM)
            .drawn("M0 0h9", 1.0, "", null);
    String dark = Dusk.of(front(engraved)).get("engraved").hexes().get(0);
    String lit = Dusk.of(front(engraved, light(0, 0, 10, 100))).get("engraved").hexes().get(0);
    assertTrue(Colour.hex(lit).lab().l() > Colour.hex(dark).lab().l() + 20);
  }

  @Test
  void aScreenShowsItsPictureInItsOwnLight() {
    FaceItem screen =
        item("screen", ItemKind.SCREEN, 10, 10, 50, 50)
            .withColourHex("#F0C27A")
            .drawn("M0 0h9v9z", 0.0, "", null);
    Elevation face = front(item("cut", ItemKind.CUT_OUT, 0, 0, 80, 80), screen);
    Map<String, Dusk.Mesh> dusk = Dusk.of(face);
    assertEquals("#F0C27A", dusk.get("screen" + Dusk.PICTURE).hexes().get(0));
    assertNotEquals("#F0C27A", face.item("screen").orElseThrow().artHex(), "off by day");
    assertTrue(dusk.containsKey("cut" + Dusk.PANE));
  }

  @Test
  void lightBehindTheFaceLightsTheInsideOnly() {
    FaceItem behind = item("light", ItemKind.LIGHT_RUN, 20, 40, 60, 10).withColourHex("#FFFFFF");
    Map<String, Dusk.Mesh> dusk =
        Dusk.of(front(behind, item("cut", ItemKind.CUT_OUT, 0, 0, 100, 100)));
    assertEquals(1, dusk.get("").hexes().size(), "the face stays dark");
    assertTrue(dusk.get("cut").hexes().size() > 1, "the inside glows");
  }
}
