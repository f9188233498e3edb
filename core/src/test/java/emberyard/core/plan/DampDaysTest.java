package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.work.DayPaces;
import emberyard.core.workshop.OpenHours;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** Steps in air that changes from day to day. */
class DampDaysTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final WeeklyHours HOURS =
      WeeklyHours.of(OpenHours.weekdays(LocalTime.of(9, 0), LocalTime.of(17, 0)));

  private static Step step(String key, int wait, DayPaces paces, String... after) {
    return new Step(key, "b", 30, wait, List.of(after), List.of(), "spray", true, false, null)
        .withPaces(paces);
  }

  private static Schedule schedule(List<Step> steps, LocalDateTime reveal) {
    return SerialScheduler.schedule(
        new SchedulingProblem(
            MONDAY.atTime(9, 0),
            HOURS,
            List.of(new Project("b", reveal)),
            List.of(new Worker("ines", HOURS)),
            List.of(new Place("spray", 1)),
            steps));
  }

  @Test
  void aClosedDayMovesTheCoatAndASlowOneItsWait() {
    DayPaces damp =
        new DayPaces(
            Map.of(
                MONDAY, new DayPaces.Day(1, false), MONDAY.plusDays(1), new DayPaces.Day(2, true)));
    Schedule plan =
        schedule(
            List.of(step("one", 60, damp), step("two", 60, damp, "one")),
            MONDAY.plusDays(20).atStartOfDay());
    assertEquals(MONDAY.plusDays(1).atTime(9, 0), plan.steps().get("one").start());
    assertEquals(MONDAY.plusDays(1).atTime(11, 30), plan.steps().get("one").finish(), "60 × 2");
    assertEquals(MONDAY.plusDays(1).atTime(11, 30), plan.steps().get("two").start());
  }

  @Test
  void latestStartsKeepClosedDaysAndPacesToo() {
    SplittableRandom random = new SplittableRandom(9);
    for (int run = 0; run < 60; run++) {
      Map<LocalDate, DayPaces.Day> days = new HashMap<>();
      for (int d = 0; d < 14; d++) {
        if (random.nextInt(3) == 0) {
          days.put(
              MONDAY.plusDays(d),
              new DayPaces.Day(0.5 + 2 * random.nextDouble(), random.nextInt(3) > 0));
        }
      }
      DayPaces paces = new DayPaces(days);
      List<Step> steps = new ArrayList<>();
      for (int i = 0; i < 6; i++) {
        int wait = random.nextInt(900);
        steps.add(i == 0 ? step("s0", wait, paces) : step("s" + i, wait, paces, "s" + (i - 1)));
      }
      Schedule plan = schedule(steps, MONDAY.plusDays(40).atStartOfDay());
      LocalDateTime free = MONDAY.atStartOfDay();
      for (Step each : steps) {
        PlannedStep placed = plan.steps().get(each.key());
        assertTrue(paces.on(placed.start().toLocalDate()).open(), "not on a closed day");
        assertFalse(placed.start().isBefore(free), "the rack is free again");
        free = paces.end(placed.handsOnEnd(), each.waitMinutes());
        assertEquals(free, placed.finish(), "the wait runs at the days' pace");
        assertTrue(paces.on(placed.latestStart().toLocalDate()).open(), "nor at the latest");
        assertFalse(placed.latestStart().isBefore(placed.start()));
      }
    }
  }
}
