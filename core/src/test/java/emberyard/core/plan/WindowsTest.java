package emberyard.core.plan;

import static emberyard.core.plan.SerialSchedulerTest.MONDAY;
import static emberyard.core.plan.SerialSchedulerTest.inOneGo;
import static emberyard.core.plan.SerialSchedulerTest.problem;
import static emberyard.core.plan.SerialSchedulerTest.step;
import static emberyard.core.plan.SerialSchedulerTest.told;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import emberyard.core.work.BeginWindow;
import emberyard.core.work.DayPaces;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A coat is placed so that the next one falls into its window. */
class WindowsTest {
  /** An hour of spraying that dries two hours. */
  private static Step coat(String key, String... after) {
    return inOneGo(key, 60, after).withWaitMinutes(120);
  }

  private static Step within(Step step, String opener, int minutes) {
    return step.withWindows(List.of(new BeginWindow(opener, minutes, DayPaces.USUAL)));
  }

  private static LocalDateTime begins(Schedule plan, String key) {
    return plan.steps().get(key).start();
  }

  private static LocalDateTime at(String moment) {
    return LocalDateTime.parse("2026-03-" + moment);
  }

  /** Seven hours of sanding, then three coats, each within six hours of the one before. */
  private static Schedule threeCoats(int windowMinutes) {
    return SerialScheduler.schedule(
        problem(
            MONDAY.plusDays(11),
            inOneGo("sand", 420),
            coat("one", "sand"),
            within(coat("two", "one"), "one", windowMinutes),
            within(coat("three", "two"), "two", windowMinutes)));
  }

  @Test
  void theCoatWaitsSoThatTheNextFalls() {
    Schedule plan = threeCoats(360);
    assertEquals(at("03T09:00"), begins(plan, "one"), "not Monday 16:00: the next would be at 9");
    assertEquals(at("03T12:00"), begins(plan, "two"));
    assertEquals(at("03T15:00"), begins(plan, "three"));
    assertEquals(List.of(), plan.missedWindows());
    assertEquals("WINDOW one by two", told(plan, "build").get(1), "why the hour on Monday passes");
  }

  @Test
  void aWindowThatLastsOverTheNightMovesNothing() {
    Schedule plan = threeCoats(16 * 60);
    assertEquals(at("02T16:00"), begins(plan, "one"));
    assertEquals(at("03T09:00"), begins(plan, "two"));
    assertEquals(List.of(), plan.missedWindows());
  }

  @Test
  void whatCanNotBeKeptIsSaidAndCostsNothingElse() {
    Schedule plan =
        SerialScheduler.schedule(
            problem(
                MONDAY.plusDays(11),
                coat("one").withWaitMinutes(10 * 60),
                within(coat("two", "one"), "one", 12 * 60),
                within(coat("three", "two"), "two", 6 * 60)));
    assertEquals(
        List.of(new MissedWindow("two", "one", at("02T22:00"), at("03T09:00"))),
        plan.missedWindows());
    assertEquals(at("02T09:00"), begins(plan, "one"));
    assertEquals(at("03T12:00"), begins(plan, "three"));
  }

  @Test
  void aChainTooLongForADayGivesUpOneWindowOnly() {
    Step[] coats = new Step[5];
    coats[0] = coat("c0");
    for (int i = 1; i < coats.length; i++) {
      coats[i] = within(coat("c" + i, "c" + (i - 1)), "c" + (i - 1), 240);
    }
    Schedule plan = SerialScheduler.schedule(problem(MONDAY.plusDays(11), coats));
    assertEquals(1, plan.missedWindows().size(), plan.missedWindows().toString());
    assertEquals(at("03T12:00"), begins(plan, "c4"));
  }

  /** Ten thousand steps with windows that nobody can keep: places taken back are counted. */
  @Test
  void aHopelessPlanIsGivenUpSoon() {
    Step[] coats = new Step[10_000];
    for (int i = 0; i < coats.length; i++) {
      String first = "c" + i / 100 * 100;
      coats[i] = i % 100 == 0 ? coat("c" + i) : within(coat("c" + i, "c" + (i - 1)), first, 1);
    }
    Schedule plan = SerialScheduler.schedule(problem(null, coats));
    assertEquals(9_900, plan.missedWindows().size());
  }

  @Test
  void aWindowThatIsOpenGoesBeforeABuildThatIsDueSooner() {
    Step coat = step("coat", 60, 0).with().project("far").beginBy(at("02T11:00")).build();
    Step urgent =
        new Step("urgent", "near", 420, 0, List.of(), List.of(), null, false, false, null);
    Schedule plan = SerialSchedulerTest.nearAndFar(urgent, coat);
    assertEquals(at("02T09:00"), begins(plan, "coat"));
    assertEquals(at("02T10:00"), begins(plan, "urgent"));
    assertEquals(at("02T11:00"), plan.late().get("coat").start(), "no later than its window");
  }

  @Test
  void coatsSlipTogether() {
    Schedule plan = threeCoats(360);
    assertEquals(
        plan.steps().get("three").slackMinutes(),
        plan.steps().get("one").slackMinutes(),
        "the first is not held back by the window of the second, which goes along");
    assertTrue(plan.steps().get("one").slackMinutes() > 5 * 480);
  }

  @Test
  void theWindowOpensWithTheHandsAndRunsAtThePaceOfItsDays() {
    DayPaces slow = new DayPaces(Map.of(LocalDate.of(2026, 3, 2), new DayPaces.Day(2, true)));
    assertEquals(at("02T20:40"), new BeginWindow("a", 240, DayPaces.USUAL).closes(at("02T16:40")));
    // 420 of the 440 minutes until midnight are 210 of the 240; 30 more on the day behind
    assertEquals(at("03T00:30"), new BeginWindow("a", 240, slow).closes(at("02T17:00")));
  }

  @Test
  void whatOpensAWindowLiesBeforeIt() {
    Schedule plan =
        SerialScheduler.schedule(
            problem(null, within(step("b", 60, 0), "a", 600), step("a", 60, 0)));
    assertEquals(at("02T10:00"), begins(plan, "b"));
    InvalidValue circle =
        assertThrows(
            InvalidValue.class,
            () ->
                SerialScheduler.schedule(
                    problem(null, within(step("b", 60, 0), "a", 600), step("a", 60, 0, "b"))));
    assertTrue(circle.getMessage().contains("wait for each other"), circle.getMessage());
    InvalidValue unknown =
        assertThrows(
            InvalidValue.class, () -> problem(null, within(step("b", 60, 0), "nobody", 600)));
    assertEquals("tasks.0.windows.0.after", unknown.field());
  }
}
