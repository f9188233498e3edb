package emberyard.core.fit.stability;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Opening;
import emberyard.core.build.Size;
import emberyard.core.build.Support;
import emberyard.core.build.Supports;
import emberyard.core.build.Walls;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import emberyard.core.fit.stability.Balance.Load;
import emberyard.core.fit.stability.Balance.Point;
import emberyard.core.fit.stability.Balance.Stand;
import emberyard.core.fit.stability.Balance.Weight;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Machines that hang on a wall. */
class HooksTest extends Proof {
  private static Stand hook(double xMm) {
    return new Stand("at " + xMm, List.of(new Point(xMm, 0, 0)), null);
  }

  private static List<Load> loads(double kg, double atMm, Stand... hooks) {
    return Balance.hung(List.of(new Weight("all", kg, atMm, 60, 200)), List.of(hooks)).loads();
  }

  /** 8 kg at 300 on hooks at 100 and 600: the lever. */
  @Test
  void twoHooksShareByTheLever() {
    List<Load> two = loads(8, 300, hook(100), hook(600));
    assertEquals(4.8, two.get(0).massKg(), 1e-9);
    assertEquals(3.2, two.get(1).massKg(), 1e-9);
    assertEquals(4.8, two.get(0).worstKg(), 1e-9);
  }

  @Test
  void oneHookCarriesAllAndTwoAboveEachOtherMay() {
    assertEquals(8, loads(8, 300, hook(300)).get(0).worstKg(), 1e-9);
    List<Load> above = loads(8, 300, hook(300), hook(300));
    assertEquals(4, above.get(0).massKg(), 1e-9);
    assertEquals(8, above.get(0).worstKg(), 1e-9);
  }

  /** What they carry sums to the weight, moments to zero, and the worst is never less. */
  @Test
  void sumsAndMomentsHold() {
    Random random = new Random(3);
    for (int i = 0; i < 300; i++) {
      Stand[] hooks = new Stand[2 + random.nextInt(4)];
      for (int h = 0; h < hooks.length; h++) {
        hooks[h] = hook(random.nextInt(1_000));
      }
      double kg = 1 + random.nextInt(30);
      double at = random.nextInt(1_000);
      List<Load> loads = loads(kg, at, hooks);
      assertEquals(kg, loads.stream().mapToDouble(Load::massKg).sum(), 1e-6);
      double moment = 0;
      for (int h = 0; h < hooks.length; h++) {
        moment += loads.get(h).massKg() * (hooks[h].points().get(0).xMm() - at);
        assertTrue(loads.get(h).worstKg() <= kg + 1e-9);
        assertTrue(loads.get(h).worstKg() >= Math.min(kg, loads.get(h).massKg()) - 1e-9);
      }
      boolean apart = List.of(hooks).stream().map(Stand::name).distinct().count() > 1;
      assertEquals(0, apart ? moment : 0, 1e-3);
    }
  }

  private void picture(List<Support> hooks, Opening... openings) {
    Enclosure plain =
        Enclosure.plain(
            "e",
            "Picture frame",
            Enclosure.Origin.SCRATCH,
            new Size(800, 600, 90),
            List.of(),
            List.of(openings));
    enclosure = plain.with(new Supports(Supports.Kind.WALL, hooks));
    components.clear();
    components.add(part("b", ComponentKind.BOARD, 100, 0).withMassKg(8));
  }

  private static Support at(String id, double xMm, Double mostKg) {
    return Support.foot(id, id, xMm, 90).atMost(mostKg);
  }

  @Test
  void whatHangsDoesNotTipAndAsksForItsHooks() {
    picture(List.of(at("left", 200, null), at("right", 600, null)));
    Balance balance = fit().model().stability().balance();
    assertEquals(List.of(), balance.tips());
    assertNull(balance.leastTipDegrees());
    Finding hangs = found("fit/hangs").orElseThrow();
    assertEquals(Severity.RISK, hangs.severity());
    assertEquals(
        "8.4 kg hang on the wall: what “left”, “right” may carry nobody has said", hangs.title());
    assertEquals(
        "It pulls down with 82 N, and out of the wall with 6 N where it is held at its upper edge.",
        hangs.detail());
    picture(List.of(at("left", 200, 10.0), at("right", 600, 10.0)));
    assertEquals(Severity.NOTE, found("fit/hangs").orElseThrow().severity());
    assertTrue(found("support:left/over").isEmpty());
    picture(List.of(at("left", 200, 4.0), at("right", 600, 10.0)));
    Finding over = found("support:left/over").orElseThrow();
    assertEquals("Too much on “left”: 4.2 kg, at most 4 kg", over.title());
    assertEquals("4.2 kg of the build’s 8.4 kg where all hooks hold.", over.detail());
  }

  /** Its back lies against the wall: no heat and no air goes through there. */
  @Test
  void theWallIsWarmedByNothing() {
    Opening back = new Opening("o", "Slots", Face.BACK, 100, 100, 400, 20, null, false);
    picture(List.of(at("left", 200, null)), back);
    assertTrue(found("opening:o/covered-behind").isPresent());
    assertTrue(found("fit/closed-case").isPresent());
    double wood = Walls.unsaid().wattsPerM2K();
    assertEquals(
        wood * (2 * 0.09 * 0.6 + 2 * 0.8 * 0.09 + 0.8 * 0.6), enclosure.wallsWPerK(), 1e-9);
    Opening floor = new Opening("o", "Slots", Face.BOTTOM, 100, 10, 400, 20, null, false);
    picture(List.of(at("left", 200, null)), floor);
    assertTrue(found("opening:o/covered-behind").isEmpty());
  }
}
