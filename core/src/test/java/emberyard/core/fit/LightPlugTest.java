package emberyard.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Rail;
import emberyard.core.build.RunGlow;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.build.Screen;
import emberyard.core.finding.Finding;
import emberyard.core.fit.power.LightPlugFindings;
import emberyard.core.fit.power.PowerBudget;
import emberyard.core.glow.LightLoad;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What screens and lights plug into, in the one sum that Fit and Light both show. */
class LightPlugTest extends Proof {
  private final List<LightStrip> strips = new ArrayList<>();

  private static LightStrip strip(String id, Rail rail, double lengthMm) {
    return LightStrip.one(id, "Strip " + id, lengthMm)
        .rail(rail)
        .milliampsPerLed(rail == Rail.V5 ? 60 : 20)
        .build();
  }

  private static Component board(Port... offers) {
    return part("b", ComponentKind.BOARD, 30, 0)
        .withElectric(new Electric(null, null, List.of(), List.of(offers), List.of(), true, null));
  }

  private PowerBudget budget() {
    return PowerBudget.of(components, List.of(), loads(strips));
  }

  private Optional<Finding> headers() {
    return LightPlugFindings.of(Samples.build().with(LightStrip.class, strips), budget()).stream()
        .filter(finding -> finding.key().equals("light/headers"))
        .findFirst();
  }

  @Test
  void twoStripsOnOneHeaderShareItsCurrent() {
    components.add(board(Port.of(PortKind.LIGHT_5V, 1)));
    strips.add(strip("1", Rail.V5, 400));
    assertTrue(headers().isEmpty(), "1.46 A on one header");
    strips.add(strip("2", Rail.V5, 600));
    Finding two = headers().orElseThrow();
    assertEquals("2 plugs on 1 header of 5 V", two.title());
    assertEquals("They draw 3.66 A at full white, the headers give 3 A.", two.detail());
  }

  @Test
  void whereThereAreScenesTheirCurrentIsSaid() {
    components.add(board(Port.of(PortKind.LIGHT_5V, 1)));
    strips.add(strip("1", Rail.V5, 400));
    strips.add(strip("2", Rail.V5, 600));
    List<Scene> scenes = List.of(Scene.of("s", SceneUse.SHOW).with(RunGlow.of("1", 50)));
    Build build = Samples.build().with(LightStrip.class, strips).with(Scene.class, scenes);
    PowerBudget lit = PowerBudget.of(components, List.of(), LightLoad.of(build));
    Finding two = LightPlugFindings.of(build, lit).get(0);
    // 24 LEDs at half of 60 mA, 36 at all of it, and 1 mA each
    assertEquals(
        "They draw 2.94 A in the scene that asks most, the headers give 3 A.", two.detail());
  }

  /** A 12 V strip does not plug into a header of 5 V, though the board has two headers. */
  @Test
  void aStripOfTheOtherVoltageHasNoHeader() {
    components.add(board(Port.of(PortKind.LIGHT_5V, 2)));
    strips.add(strip("1", Rail.V12, 400));
    assertEquals("1 plug on 0 headers of 12 V", headers().orElseThrow().title());
  }

  /** Fans with lights of their own want headers as strips do. */
  @Test
  void litFansCountAmongTheLights() {
    components.add(board(Port.of(PortKind.LIGHT_5V, 1)));
    components.add(
        part("f", ComponentKind.FAN, 2, 0)
            .withQuantity(3)
            .withElectric(
                new Electric(
                    null,
                    null,
                    List.of(new Port(PortKind.LIGHT_5V, 1, null, 0.4)),
                    List.of(),
                    List.of(),
                    false,
                    null)));
    assertEquals("3 plugs on 1 header of 5 V", headers().orElseThrow().title());
  }

  /** One strip that alone is too much has a finding of its own, at the strip. */
  @Test
  void aStripThatAloneIsTooMuchIsSaidOnce() {
    components.add(board(Port.of(PortKind.LIGHT_5V, 1)));
    strips.add(strip("1", Rail.V5, 900));
    assertTrue(headers().isEmpty());
  }

  /** What a supply lead feeds wants no header; all of it wants watts. */
  @Test
  void wattsOfScreensAndLightsAreOneSumWhateverTheirOrder() {
    Random random = new Random(3);
    for (int round = 0; round < 200; round++) {
      strips.clear();
      List<Screen> screens = new ArrayList<>();
      double watts = 0;
      for (int i = 0; i < random.nextInt(6); i++) {
        LightStrip strip =
            strip("s" + i, Rail.values()[random.nextInt(2)], 50 + random.nextInt(900));
        strips.add(strip);
        // 60 LEDs a metre of 60 mA at 5 V, which idle 1 mA, or of 20 mA at 12 V
        watts +=
            Math.floor(strip.lengthMm() * 60 / 1000 + 1e-9)
                * (strip.rail() == Rail.V5 ? 0.061 * 5 : 0.02 * 12);
      }
      for (int i = 0; i < random.nextInt(4); i++) {
        Rail rail = Rail.values()[random.nextInt(2)];
        double draws = random.nextInt(40);
        screens.add(
            Screen.one("d" + i, "D", 100, 60)
                .pixelsWide(800)
                .pixelsHigh(480)
                .watts(draws)
                .rail(rail)
                .build());
        watts += draws;
      }
      PowerBudget budget = PowerBudget.of(List.of(), screens, loads(strips));
      assertEquals(watts, budget.volt5Watts() + budget.volt12Watts(), 1e-6);
      assertEquals(1.25 * watts, budget.power().wantedWatts(), 1e-6);
      Collections.shuffle(strips, random);
      assertEquals(
          budget.volt5Watts(),
          PowerBudget.of(List.of(), screens, loads(strips)).volt5Watts(),
          1e-9);
    }
  }

  /** At full white. */
  private static List<LightLoad> loads(List<LightStrip> strips) {
    return strips.stream().map(strip -> LightLoad.of(strip, List.of())).toList();
  }
}
