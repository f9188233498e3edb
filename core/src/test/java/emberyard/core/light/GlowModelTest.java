package emberyard.core.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Rail;
import emberyard.core.build.RunFeed;
import emberyard.core.build.RunGlow;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.light.run.RunModel;
import emberyard.core.light.scene.SceneModel;
import emberyard.core.work.Need;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.yard.Samples;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What Light shows of runs and scenes, and what they ask for. */
class GlowModelTest {
  private LightStrip strip = LightStrip.one("l", "Sodium", 900).build();
  private List<Scene> scenes = List.of();
  private List<Component> components = List.of();

  private Build build(LightStrip... more) {
    List<LightStrip> strips = new java.util.ArrayList<>(List.of(strip));
    strips.addAll(List.of(more));
    return Samples.build()
        .with(LightStrip.class, strips)
        .with(Component.class, components)
        .with(Scene.class, scenes);
  }

  private RunModel run() {
    return GlowModel.of(build()).runs().get(0);
  }

  private static Component board(Port... offers) {
    return Component.one("b", "Board", ComponentKind.BOARD)
        .electric(new Electric(null, null, List.of(), List.of(offers), List.of(), true, null))
        .build();
  }

  @Test
  void withoutScenesItIsJudgedAtFullWhite() {
    RunModel run = run();
    assertEquals(1, run.curves().size());
    assertEquals("full white", run.curves().get(0).name());
    assertEquals("", run.curves().get(0).sceneId());
    assertEquals(61, run.curves().get(0).volts().size());
    assertEquals(run.curves().get(0).worstVolts(), run.curves().get(0).volts().get(60), 1e-9);
    assertEquals(4.75, run.sourceVolts());
    assertEquals(4.5, run.leastVolts());
    assertNull(run.fuseAmps(), "a header has its own limit");
    assertEquals("", run.laid());
  }

  @Test
  void feedsMayLieAsFarApartAsItSays() {
    strip =
        strip.withFeed(LightStrip.Feed.SUPPLY_LEAD).withFed(new RunFeed(null, 2, 0.0, 0.5, null));
    RunModel run = run();
    // 3.66 A/m, 0.25 Ω/m and 0.25 V to spare
    assertEquals(1_000 * Math.sqrt(8 * 0.25 / (3.66 * 0.25)), run.againMm(), 1);
    assertEquals(run.againMm() / 2, run.behindMm(), 1e-9);
    assertEquals(List.of(0.0, 900.0), run.feedsMm());
    assertEquals(3, run.fuseAmps(), "half of 3.29 A each, and a quarter more");
  }

  @Test
  void whatDrawsNothingAsksForNothing() {
    scenes = List.of(Scene.of("z", SceneUse.ASLEEP));
    strip =
        strip.with().rail(Rail.V12).milliampsPerLed(20).feed(LightStrip.Feed.SUPPLY_LEAD).build();
    RunModel run = run();
    assertEquals(0, run.curves().get(0).amps());
    assertNull(run.againMm());
    assertEquals(0.5, run.fuseAmps(), "the smallest that there is");
    assertEquals(List.of(), run.curves().get(0).low());
  }

  @Test
  void oneCurveASceneInTheirOrder() {
    scenes =
        List.of(
            Scene.of("a", SceneUse.SHOW), Scene.of("b", SceneUse.CAMERA).with(RunGlow.of("l", 40)));
    RunModel run = run();
    assertEquals(List.of("a", "b"), run.curves().stream().map(each -> each.sceneId()).toList());
    assertTrue(run.curves().get(0).amps() > run.curves().get(1).amps());
    assertTrue(run.curves().get(0).worstVolts() < run.curves().get(1).worstVolts());
    assertTrue(run.why().inputs().contains("source 4.75 V (rail less 5 %, default)"));
    strip = strip.withFed(new RunFeed(null, null, null, null, 4.9));
    assertTrue(run().why().inputs().contains("source 4.9 V (measured)"));
    assertEquals(4.9, run().sourceVolts());
  }

  @Test
  void headersAreAddedUpByTheirVolts() {
    components =
        List.of(board(Port.of(PortKind.LIGHT_5V, 2), new Port(PortKind.LIGHT_12V, 1, null, 2.0)));
    scenes = List.of(Scene.of("a", SceneUse.SHOW).with(RunGlow.of("l", 50)));
    LightStrip twelve = LightStrip.one("m", "Rim", 500).rail(Rail.V12).milliampsPerLed(20).build();
    SceneModel scene = GlowModel.of(build(twelve)).scenes().get(0);
    assertEquals(2, scene.headers().size());
    assertEquals(Rail.V5, scene.headers().get(0).rail());
    assertEquals(6, scene.headers().get(0).mostAmps());
    assertEquals(54 * (60 * 0.5 + 1) / 1_000, scene.headers().get(0).amps(), 1e-9);
    assertEquals(2, scene.headers().get(1).mostAmps(), "as its port says");
    assertEquals(0.6, scene.headers().get(1).amps(), 1e-9);
    assertEquals(
        scene.headers().get(0).amps() * 5 + scene.headers().get(1).amps() * 12,
        scene.watts(),
        1e-9);
  }

  @Test
  void whatTwoRunsTakeOutOfOneDrawerIsOneLine() {
    strip = strip.with().feed(LightStrip.Feed.SUPPLY_LEAD).lengthMm(600).build();
    LightStrip other = LightStrip.one("m", "Rim", 620).feed(LightStrip.Feed.SUPPLY_LEAD).build();
    Work work =
        emberyard.core.light.run.RunWork.derive(build(other), Samples.book(), List.of("dry-fit"));
    List<Need> fuses =
        work.needs().stream().filter(need -> need.key().startsWith("fixing:fuse")).toList();
    assertEquals(1, fuses.size());
    assertEquals(2, fuses.get(0).quantity());
    assertEquals(List.of("strip:l/fit", "strip:m/fit"), fuses.get(0).neededBy());
    assertEquals(2, fuses.get(0).why().inputs().size());
    Task laying = work.tasks().get(0);
    assertEquals(List.of("dry-fit"), laying.after());
    double minutesPerMetre = Samples.book().workshop().times().stripFitMinutesPerMetre();
    assertEquals(Math.ceil(10 + 0.6 * minutesPerMetre), laying.handsOnMinutes());
  }
}
