package emberyard.core.finish.coat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.workshop.PaintBase;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;

class CoatWindowTest {
  private static final LocalDateTime NINE = LocalDateTime.of(2026, 3, 3, 9, 0);

  private static CoatWindow.CoatAsked coat(LocalDateTime start) {
    return new CoatWindow.CoatAsked(PaintBase.SOLVENT, start, 15, 10, 20, 60, 2, 48);
  }

  @Test
  void atTwentyDegreesAndFiftyPercentTheCanIsRight() {
    CoatWindow.CoatPlan plan =
        CoatWindow.of(
            NINE, List.of(coat(null), coat(null)), List.of(new CoatWindow.AirHour(NINE, 20, 50)));
    CoatWindow.CoatTimes first = plan.times().get(0);
    assertEquals(NINE.plusMinutes(25), first.flashed());
    assertEquals(NINE.plusMinutes(35), plan.times().get(1).start(), "as soon as it may");
    assertEquals(NINE.plusMinutes(75), first.recoatUntil());
    assertEquals(NINE.plusMinutes(135), first.handle());
    assertEquals(NINE.plusMinutes(15).plusHours(48), first.cured());
    assertTrue(plan.violations().isEmpty());
  }

  @Test
  void anHourOfColdCountsHalf() {
    CoatWindow.CoatPlan plan =
        CoatWindow.of(
            NINE,
            List.of(coat(null)),
            List.of(
                new CoatWindow.AirHour(NINE, 10, 50),
                new CoatWindow.AirHour(NINE.plusHours(1), 20, 50)));
    // 45 min at × 2 make 22.5 of the 120, the other 97.5 pass at full speed
    assertEquals(NINE.plusMinutes(60 + 98), plan.times().get(0).handle());
  }

  @Test
  void everyBrokenRuleIsSaid() {
    CoatWindow.CoatPlan plan =
        CoatWindow.of(
            NINE,
            List.of(coat(null), coat(NINE.plusMinutes(20)), coat(NINE.plusHours(4))),
            List.of(
                new CoatWindow.AirHour(NINE, 20, 50),
                new CoatWindow.AirHour(NINE.plusHours(3), 18, 88)));
    assertEquals(3, plan.violations().size() - 1, plan.violations().toString());
    assertTrue(plan.violations().get(0).contains("too early"));
    assertTrue(plan.violations().get(1).contains("after the recoat window"));
    assertTrue(plan.violations().get(2).contains("do not spray"));
  }
}
