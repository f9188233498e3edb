package emberyard.core.light.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Canvas;
import emberyard.core.build.CanvasPane;
import emberyard.core.build.LightCircuit;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Movement;
import emberyard.core.build.Rail;
import emberyard.core.build.RunGlow;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenGlow;
import emberyard.core.colour.Colour;
import emberyard.core.glow.Glow;
import emberyard.core.glow.SceneGlow;
import emberyard.core.glow.SentValue;
import emberyard.core.units.InvalidValue;
import emberyard.core.yard.Samples;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What a controller sends, moment by moment, and scenes as files. */
class LightFrameTest {
  private static final LightStrip STRIP =
      LightStrip.one("l", "Beam", 500).colourHex("#F0A13A").build();

  private static SceneGlow glow(
      LightStrip strip, Movement movement, double percent, double period) {
    RunGlow told = new RunGlow(strip.id(), null, percent, movement, period);
    return SceneGlow.of(Glow.of(strip), Scene.of("s", SceneUse.SHOW).with(told));
  }

  @Test
  void whatIsStillStaysAsItIs() {
    SceneGlow still = glow(STRIP, Movement.STILL, 100, 6);
    LightFrame first = LightFrame.of(still, 0, 1);
    assertEquals(30, first.leds().size());
    assertEquals(new SentValue(222, 91, 11), first.leds().get(0));
    assertEquals(first, LightFrame.of(still, 17.3, 99));
    assertEquals(still.amps(), first.amps(still), 1e-3);
  }

  @Test
  void aSweepGoesAlongItOnceAPeriod() {
    SceneGlow sweep = glow(STRIP, Movement.SWEEP, 100, 8);
    for (int k = 0; k < 8; k++) {
      int brightest = brightest(LightFrame.of(sweep, k + 0.5, 1));
      assertEquals((k + 0.5) / 8 * 30, brightest + 0.5, 1, k + " s");
    }
    assertEquals(LightFrame.of(sweep, 1, 1), LightFrame.of(sweep, 9, 1), "again and again");
  }

  private static int brightest(LightFrame frame) {
    int best = 0;
    for (int i = 0; i < frame.leds().size(); i++) {
      best = frame.leds().get(i).red() > frame.leds().get(best).red() ? i : best;
    }
    return best;
  }

  @Test
  void aBreathIsTheSameAllAlongAndNeverOut() {
    SceneGlow breath = glow(STRIP, Movement.BREATHE, 100, 4);
    for (double t = 0; t < 4; t += 0.25) {
      LightFrame frame = LightFrame.of(breath, t, 1);
      assertEquals(1, new HashSet<>(frame.leds()).size());
      assertTrue(frame.leds().get(0).red() > 20);
    }
    assertEquals(222, LightFrame.of(breath, 2, 1).leds().get(0).red());
  }

  @Test
  void aDriftFollowsItsSeed() {
    SceneGlow drift = glow(STRIP, Movement.DRIFT, 100, 20);
    assertEquals(LightFrame.of(drift, 3, 5), LightFrame.of(drift, 3, 5));
    assertNotEquals(LightFrame.of(drift, 3, 5), LightFrame.of(drift, 3, 6));
  }

  @Test
  void whatIsAllAlikeShowsOneValue() {
    LightStrip plain =
        STRIP.with().rail(Rail.V12).circuit(LightCircuit.PLAIN).milliampsPerLed(20).build();
    for (Movement movement : Movement.values()) {
      LightFrame frame = LightFrame.of(glow(plain, movement, 100, 5), 1.3, 2);
      assertEquals(1, new HashSet<>(frame.leds()).size(), movement.words());
    }
  }

  /** Whatever moves, nothing is sent that the scene, and its feed, did not reckon with. */
  @Test
  void noFrameIsBrighterThanItsScene() {
    Random random = new Random(4);
    for (int i = 0; i < 400; i++) {
      LightStrip strip =
          STRIP
              .with()
              .lengthMm(50 + random.nextInt(2_000))
              .colourHex("#%06X".formatted(random.nextInt(1 << 24)))
              .build();
      SceneGlow glow =
          glow(
              strip,
              Movement.values()[random.nextInt(4)],
              random.nextInt(101),
              0.4 + random.nextDouble() * 20);
      LightFrame frame = LightFrame.of(glow, random.nextDouble() * 100, i);
      SentValue most = SentValue.of(glow.light());
      assertTrue(
          frame.leds().stream()
              .allMatch(
                  each ->
                      each.red() <= most.red()
                          && each.green() <= most.green()
                          && each.blue() <= most.blue()));
      double half = 0.5 / 255 * strip.leds() * 0.06;
      assertTrue(frame.amps(glow) <= glow.amps() + half + 1e-9);
    }
  }

  @Test
  void aScreenShowsSomeOfManyLeds() {
    LightFrame frame = LightFrame.of(glow(STRIP, Movement.STILL, 100, 6), 0, 1);
    assertEquals(30, frame.hexes(120).size());
    assertEquals(10, frame.hexes(10).size());
    Colour shown = Colour.hex(frame.hexes(120).get(0));
    assertTrue(shown.deltaE00(Colour.hex("#F0A13A")) < 1, "it looks as the palette has it");
  }

  private static Build build() {
    return Samples.build()
        .with(LightStrip.class, List.of(STRIP))
        .with(Screen.class, List.of(Screen.one("d", "Board", 100, 50).build()));
  }

  @Test
  void aSceneGoesOutAndComesInTheSame() {
    Scene scene =
        new Scene(
            "s",
            "show",
            SceneUse.SHOW,
            80.0,
            List.of(new RunGlow("l", "#102030", 40.0, Movement.DRIFT, 12.0)),
            List.of(new ScreenGlow("d", 30.0)));
    SceneFile file = SceneFile.of(build(), scene);
    SceneFile.TakenScene taken = file.in(build(), "s");
    assertEquals(scene, taken.scene());
    assertEquals(List.of(), taken.unknown());
  }

  private static Canvas canvas(String id, String name) {
    return new Canvas(id, name, List.of(CanvasPane.of("d")), null, null, List.of());
  }

  @Test
  void whatScreensShowGoesAlongByItsName() {
    Build here = build().with(Canvas.class, List.of(canvas("one", "Tide"), canvas("two", "Depth")));
    Scene scene =
        Scene.of("s", SceneUse.NIGHT).withScreens(List.of(new ScreenGlow("d", 30.0, "two")));
    SceneFile file = SceneFile.of(here, scene);
    assertEquals("Depth", file.screens().get(0).canvas());
    assertEquals(scene.screens(), file.in(here, "s").scene().screens());
    Build there = build().with(Canvas.class, List.of(canvas("other", "Depth")));
    assertEquals("other", file.in(there, "s").scene().screens().get(0).canvasId());
    SceneFile.TakenScene without = file.in(build(), "s");
    assertEquals("", without.scene().screens().get(0).canvasId());
    assertEquals(List.of("Depth"), without.unknown());
  }

  @Test
  void whatAnotherBuildHasNotIsNamed() {
    SceneFile file = SceneFile.of(build(), Scene.of("s", SceneUse.SHOW));
    Build other = build().with(LightStrip.class, List.of(STRIP.withName("Other")));
    SceneFile.TakenScene taken = file.in(other.with(Screen.class, List.of()), "n");
    assertEquals(List.of("Beam", "Board"), taken.unknown());
    assertEquals(List.of(), taken.scene().runs());
  }

  @Test
  void aFileThatIsNoSceneIsRefused() {
    assertThrows(
        InvalidValue.class,
        () -> new SceneFile("else", 1, "n", SceneUse.SHOW, null, List.of(), List.of()));
    assertThrows(
        InvalidValue.class,
        () -> new SceneFile(SceneFile.FORMAT, 2, "n", SceneUse.SHOW, null, List.of(), List.of()));
    SceneFile flashing =
        new SceneFile(
            SceneFile.FORMAT,
            1,
            "n",
            SceneUse.SHOW,
            null,
            List.of(new SceneFile.FileLight("Beam", 0, null, null, 100.0, Movement.SWEEP, 0.2)),
            List.of());
    InvalidValue refused = assertThrows(InvalidValue.class, () -> flashing.in(build(), "n"));
    assertEquals("lights.0.periodSeconds", refused.field());
  }
}
