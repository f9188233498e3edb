package emberyard.core.light.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Design;
import emberyard.core.build.Electric;
import emberyard.core.build.LightCircuit;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Lights;
import emberyard.core.build.Look;
import emberyard.core.build.Movement;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Rail;
import emberyard.core.build.RunData;
import emberyard.core.build.RunGlow;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenGlow;
import emberyard.core.colour.Colour;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.glow.Glow;
import emberyard.core.glow.LightLoad;
import emberyard.core.glow.SceneGlow;
import emberyard.core.glow.SceneLight;
import emberyard.core.units.InvalidValue;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What lights do in scenes, what that draws, and what a camera and the palette make of it. */
class SceneTest {
  private LightStrip strip = LightStrip.one("l", "Beam", 500).colourHex("#F0A13A").build();
  private final List<Component> components = new ArrayList<>();
  private final List<Screen> screens = new ArrayList<>();
  private List<PaletteColour> palette =
      List.of(
          new PaletteColour("ink", "#3F3F3F", Role.BASE),
          new PaletteColour("cream", "#EDE3C8", Role.SECOND),
          new PaletteColour("glow", "#F0A13A", Role.GLOW));

  private Build build(Scene... scenes) {
    Build plain = Samples.build();
    return plain
        .with(plain.design().looking(new Look(List.of(), palette, null), List.of()))
        .with(LightStrip.class, List.of(strip))
        .with(Component.class, components)
        .with(Screen.class, screens)
        .with(Scene.class, List.of(scenes));
  }

  private SceneModel model(Scene scene) {
    return SceneModel.of(build(scene), scene);
  }

  private static Component fan(int quantity, Port... asks) {
    return Component.one("fan", "Fan lit", ComponentKind.FAN)
        .quantity(quantity)
        .electric(new Electric(null, null, List.of(asks), List.of(), List.of(), true, null))
        .build();
  }

  @Test
  void flashingIsRefused() {
    assertThrows(
        InvalidValue.class, () -> new RunGlow("l", null, 100.0, Movement.BREATHE, 1.0 / 3));
    assertThrows(InvalidValue.class, () -> new RunGlow("l", null, 100.0, Movement.SWEEP, 0.1));
    assertEquals(0.34, new RunGlow("l", null, 100.0, Movement.SWEEP, 0.34).periodSeconds());
    assertEquals(0.1, new RunGlow("l", null, 100.0, Movement.STILL, 0.1).periodSeconds());
  }

  @Test
  void whatASceneSaysNothingOfShowsItsOwnColourAndSleepsDark() {
    Scene show = Scene.of("s", SceneUse.SHOW);
    SceneModel.SceneLightModel beam = model(show).lights().get(0);
    assertEquals("#F0A13A", beam.colourHex());
    assertEquals(100, beam.brightnessPercent());
    assertFalse(beam.said());
    assertEquals(30 * 26.4 / 1_000, beam.amps(), 0.001);
    SceneModel asleep = model(Scene.of("z", SceneUse.ASLEEP));
    assertEquals(0, asleep.lights().get(0).brightnessPercent());
    assertEquals(0.15, asleep.watts(), 1e-9, "it idles: 30 × 1 mA × 5 V");
  }

  @Test
  void litFansGlowWithoutBeingTypedAgain() {
    components.add(fan(3, new Port(PortKind.LIGHT_5V, 1, null, 0.5)));
    SceneModel model = model(Scene.of("s", SceneUse.SHOW).with(RunGlow.of("fan", 40)));
    SceneModel.SceneLightModel fans = model.lights().get(1);
    assertEquals("components", fans.of().kind());
    assertEquals(24, fans.leds(), "three of 0.5 A: eight LEDs each");
    assertEquals("#F0A13A", fans.colourHex(), "the palette's glow");
    assertEquals(40, fans.brightnessPercent());
    assertEquals(24 * (25.4 * 0.4 + 1) / 1_000, fans.amps(), 0.001);
    assertEquals(1, model.headers().size());
    assertEquals(
        model.lights().stream().mapToDouble(each -> each.amps()).sum(),
        model.headers().get(0).amps(),
        1e-9);
  }

  @Test
  void lightsOfAComponentAreAsItSays() {
    components.add(fan(2).withLights(new Lights(12, 36.0, RunData.Control.MODES)));
    SceneModel.SceneLightModel lit =
        model(Scene.of("s", SceneUse.SHOW).with(new RunGlow("fan", "#00FF00", 20.0, null, null)))
            .lights()
            .get(1);
    assertEquals(24, lit.leds());
    assertFalse(lit.dims());
    assertEquals(100, lit.brightnessPercent(), "it can't be dimmed");
    assertEquals("#F0A13A", lit.colourHex(), "nor be told a colour");
    Scene asked = Scene.of("s", SceneUse.SHOW).with(RunGlow.of("fan", 20));
    assertEquals(
        "Fan lit can’t be dimmed, and “show” asks for it", finding(asked, "scene:s/modes").title());
    assertFalse(keys(asked.with(RunGlow.of("fan", 0))).contains("scene:s/modes"), "off it can be");
    assertFalse(keys(asked.with(RunGlow.of("fan", 100))).contains("scene:s/modes"));
  }

  @Test
  void oneColourStaysItsColour() {
    strip =
        strip.with().rail(Rail.V12).milliampsPerLed(20).circuit(LightCircuit.ULTRAVIOLET).build();
    SceneModel.SceneLightModel lit =
        model(Scene.of("s", SceneUse.SHOW).with(new RunGlow("l", "#00FF00", 50.0, null, null)))
            .lights()
            .get(0);
    assertEquals("#F0A13A", lit.colourHex());
    assertEquals(30 * 10 / 1_000.0, lit.amps(), 1e-9);
  }

  @Test
  void theCameraBearsThreeStopsAboveTheBase() {
    assertEquals(4.8, CameraView.baseCandelas(0.05, 300), 0.03);
    palette = List.of(new PaletteColour("ink", "#3F3F3F", Role.BASE));
    screens.add(Screen.one("d", "Board", 200, 60).build());
    Scene camera = Scene.of("c", SceneUse.CAMERA);
    CameraView view = model(camera).camera();
    assertEquals(0.05, view.reflectance(), 0.001);
    assertEquals(38, view.mostCandelas(), 0.5);
    assertEquals(15, view.areas().get(0).mostPercent());
    assertEquals(List.of("Beam"), view.unmeasured());
    Finding said = finding(camera, "scene:c/bright/d");
    assertEquals("“Board” at 15 %", said.remedies().get(0).label());
    Remedy.Change change = said.remedies().get(0).change();
    Scene darker = camera.withScreens(change.items().stream().map(ScreenGlow.class::cast).toList());
    assertFalse(keys(darker).contains("scene:c/bright/d"));
    assertNull(model(Scene.of("s", SceneUse.SHOW)).camera());
  }

  @Test
  void aMeasuredRunIsDarkenedForTheCamera() {
    strip = strip.withCandelas(400.0);
    Scene camera = Scene.of("c", SceneUse.CAMERA);
    Remedy way = finding(camera, "scene:c/bright/l").remedies().get(0);
    Scene darker = camera.withRuns(way.change().items().stream().map(RunGlow.class::cast).toList());
    assertFalse(keys(darker).contains("scene:c/bright/l"));
    assertTrue(keys(darker).contains("scene:c/bands"), "dimmed light bands");
    SceneModel model = model(camera.with(new RunGlow("l", "#102030", 100.0, null, null)));
    assertTrue(model.camera().areas().get(0).candelas() < 40, "a dark colour is dark");
  }

  private Finding finding(Scene scene, String key) {
    return SceneFindings.of(build(scene)).stream()
        .filter(each -> each.key().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private List<String> keys(Scene scene) {
    return SceneFindings.of(build(scene)).stream().map(Finding::key).toList();
  }

  @Test
  void coloursThatRunTogetherAreNamed() {
    palette =
        List.of(
            new PaletteColour("white", "#F0F0F0", Role.BASE),
            new PaletteColour("yellow", "#F0F018", Role.SECOND));
    strip = strip.withColourHex("#FF8A00");
    Scene night = Scene.of("n", SceneUse.NIGHT);
    SceneModel model = model(night);
    assertEquals(1, model.merged().size());
    assertTrue(model.merged().get(0).wasDeltaE00() >= 15);
    assertTrue(model.merged().get(0).deltaE00() < 8);
    assertEquals(
        "white and yellow run together in “night”", finding(night, "scene:n/apart").title());
    Scene work = Scene.of("w", SceneUse.WORK).with(RunGlow.of("l", 10));
    assertEquals(List.of(), model(work).merged(), "in a lit room nothing changes");
    assertFalse(keys(work).contains("scene:w/apart"));
  }

  @Test
  void inALitRoomThePaletteIsItself() {
    Scene work = Scene.of("w", SceneUse.WORK).with(RunGlow.of("l", 0));
    List<Colour> seen =
        PaletteInScene.of(palette, work, SceneLight.glows(build(work), work)).seen();
    for (int i = 0; i < palette.size(); i++) {
      assertEquals(0, seen.get(i).deltaE00(Colour.hex(palette.get(i).hex())), 0.5);
    }
  }

  /** Whatever is asked, nothing draws more than full white, and brighter never draws less. */
  @Test
  void scenesNeverAskForMoreThanThereIs() {
    Random random = new Random(11);
    for (int i = 0; i < 500; i++) {
      strip =
          LightStrip.one("l", "l", 100 + random.nextInt(2_000))
              .rail(Rail.values()[random.nextInt(2)])
              .circuit(LightCircuit.values()[random.nextInt(LightCircuit.values().length)])
              .milliampsPerLed(5 + random.nextInt(60))
              .colourHex("#%06X".formatted(random.nextInt(1 << 24)))
              .build();
      Glow glow = Glow.of(strip);
      double before = -1;
      for (int percent = 0; percent <= 100; percent += 10) {
        RunGlow told =
            new RunGlow(
                "l",
                "#%06X".formatted(0x123456 * (i + 1) & 0xFFFFFF),
                (double) percent,
                null,
                null);
        SceneGlow one = SceneGlow.of(glow, Scene.of("s", SceneUse.SHOW).with(told));
        assertTrue(one.amps() <= glow.fullAmps() + 1e-9);
        assertTrue(one.amps() >= before, "brighter draws no less");
        before = one.amps();
      }
      assertEquals(glow.fullAmps(), strip.amps(), 1e-9, "one truth of full white");
    }
  }

  @Test
  void theLoadIsThatOfTheSceneThatAsksMost() {
    assertEquals(strip.amps(), LightLoad.of(build()).get(0).amps(), 1e-9);
    LightLoad load =
        LightLoad.of(
                build(
                    Scene.of("a", SceneUse.SHOW).with(RunGlow.of("l", 30)),
                    Scene.of("b", SceneUse.CAMERA).with(RunGlow.of("l", 60)),
                    Scene.of("z", SceneUse.ASLEEP).with(RunGlow.of("l", 10))))
            .get(0);
    assertEquals(30 * (25.41 * 0.6 + 1) / 1_000, load.amps(), 1e-3);
    assertEquals(5 * 30 * (25.41 * 0.1 + 1) / 1_000, load.asleepWatts(), 1e-2);
    assertTrue(load.inScenes());
  }

  /** It is tuned until the reveal: no client is asked for a yes about it. */
  @Test
  void aSceneIsNotFrozenWithTheDesign() {
    assertFalse(Design.differs(Scene.class));
    Build build = build(Scene.of("s", SceneUse.SHOW));
    assertEquals(build.design(), build().design());
    assertEquals(1, build.with(build.design()).scenes().size(), "another option keeps it");
  }

  @Test
  void aSceneSaysOfEachOnce() {
    RunGlow glow = RunGlow.of("l", 10);
    assertThrows(
        InvalidValue.class,
        () -> new Scene("s", "s", SceneUse.SHOW, null, List.of(glow, glow), List.of()));
    ScreenGlow screen = new ScreenGlow("d", 10.0);
    assertThrows(
        InvalidValue.class,
        () -> new Scene("s", "s", SceneUse.SHOW, null, List.of(), List.of(screen, screen)));
    assertEquals(1, Scene.of("s", SceneUse.SHOW).with(glow).with(glow.at(50)).runs().size());
  }
}
