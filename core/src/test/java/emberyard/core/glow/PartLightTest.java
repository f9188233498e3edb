package emberyard.core.glow;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.CutMethod;
import emberyard.core.build.Design;
import emberyard.core.build.Edge;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Look;
import emberyard.core.build.Panel;
import emberyard.core.build.PartDrawing;
import emberyard.core.build.RunGlow;
import emberyard.core.build.RunPath;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.build.Size;
import emberyard.core.colour.Colour;
import emberyard.core.thing.Thing;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What shines on, behind and into one part. */
class PartLightTest {
  private static final Panel FRONT =
      Panel.loose(200, 100, CutMethod.LASER, PartDrawing.PLAIN)
          .with()
          .id("p")
          .face(Face.FRONT)
          .build();
  private static final LightStrip STRIP =
      LightStrip.one("l", "Beam", 100).colourHex("#F0A13A").build();
  private FaceItem item =
      FaceItem.standingFor("l", Face.FRONT, ItemKind.LIGHT_RUN, "l", 150, 120, Layer.BEHIND);
  private final List<Scene> scenes = new ArrayList<>();

  private List<PartLight> lights() {
    List<Thing> things = new ArrayList<>(List.of(FRONT, STRIP, item));
    Design design = Design.of(new Look(List.of(), List.of(), new Size(400, 250, 300)), things);
    return PartLight.of(Samples.build().with(design).with(Scene.class, scenes), FRONT);
  }

  @Test
  void aRunBehindItShinesThroughIt() {
    PartLight dusk = lights().get(0);
    assertEquals("dusk", dusk.name());
    assertTrue(dusk.fromBehind());
    assertEquals(Colour.BLACK, dusk.edge());
    item = item.withXMm(5_000);
    assertEquals(List.of(), lights(), "too far away");
  }

  @Test
  void aRunBeforeItOrOnAnotherFaceDoesNot() {
    FaceItem behind = item;
    item = behind.withLayer(Layer.ON);
    assertEquals(List.of(), lights());
    item = behind.withFace(Face.BACK);
    assertEquals(List.of(), lights());
  }

  @Test
  void aRunAlongItsRimShinesIntoIt() {
    item = item.withAlong(new RunPath("p", List.of(Edge.BOTTOM), 0.0));
    PartLight dusk = lights().get(0);
    assertEquals(Colour.BLACK, dusk.behind());
    assertEquals(Colour.hex("#F0A13A"), dusk.edge());
  }

  @Test
  void eachSceneSaysHowMuch() {
    scenes.add(Scene.of("a", SceneUse.SHOW));
    scenes.add(Scene.of("b", SceneUse.NIGHT).with(RunGlow.of("l", 10)));
    scenes.add(Scene.of("c", SceneUse.ASLEEP));
    List<PartLight> lights = lights();
    assertEquals(List.of("a", "b", "c"), lights.stream().map(PartLight::sceneId).toList());
    double show = lights.get(0).behind().luminance();
    assertEquals(show / 10, lights.get(1).behind().luminance(), 1e-9);
    assertEquals(0, lights.get(2).behind().luminance());
    assertTrue(lights.get(0).room().luminance() > lights.get(1).room().luminance());
  }
}
