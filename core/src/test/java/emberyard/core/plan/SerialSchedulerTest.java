package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.OpenHours;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class SerialSchedulerTest {
  static final LocalDateTime MONDAY = LocalDateTime.parse("2026-03-02T09:00");
  static final WeeklyHours OFFICE =
      WeeklyHours.of(OpenHours.weekdays(LocalTime.of(9, 0), LocalTime.of(17, 0)));

  static Step step(String key, int handsOn, int wait, String... after) {
    return new Step(
        key, "build", handsOn, wait, List.of(after), List.of(), null, false, true, null);
  }

  static Step inOneGo(String key, int handsOn, String... after) {
    return new Step(key, "build", handsOn, 0, List.of(after), List.of(), null, false, false, null);
  }

  static Step on(String key, int handsOn, int wait, String place, boolean holds) {
    return new Step(key, "build", handsOn, wait, List.of(), List.of(), place, holds, true, null);
  }

  static SchedulingProblem problem(@Nullable LocalDateTime reveal, Step... steps) {
    return new SchedulingProblem(
        MONDAY,
        OFFICE,
        List.of(new Project("build", reveal)),
        List.of(new Worker("ines", OFFICE)),
        List.of(new Place("spray", 1)),
        List.of(steps));
  }

  static Schedule handbookExample(@Nullable LocalDateTime reveal) {
    return SerialScheduler.schedule(
        problem(
            reveal,
            step("A", 180, 0),
            step("B", 60, 20 * 60, "A"),
            step("C", 60, 72 * 60, "B"),
            step("D", 360, 0, "C"),
            step("E", 480, 0)));
  }

  /** The deciding chain, a line a stretch. */
  static List<String> told(Schedule plan, String project) {
    return plan.decidingChain().get(project).stream()
        .map(
            part ->
                part.reason()
                    + " "
                    + part.step()
                    + (part.holder() == null ? "" : " by " + part.holder()))
        .toList();
  }

  private static void lies(Schedule plan, String key, String start, String handsOnEnd) {
    PlannedStep step = plan.steps().get(key);
    assertEquals(LocalDateTime.parse(start), step.start(), key + " start");
    assertEquals(LocalDateTime.parse(handsOnEnd), step.handsOnEnd(), key + " end");
  }

  @Test
  void moreWorkThanUntil2200IsRefusedBeforeItIsLaidOut() {
    Step[] many = new Step[2_000];
    for (int i = 0; i < many.length; i++) {
      many[i] = step("T" + i, 1_000_000, 0);
    }
    InvalidValue no =
        assertThrows(InvalidValue.class, () -> SerialScheduler.schedule(problem(null, many)));
    assertEquals("tasks", no.field());
    Step[] waits = new Step[12];
    for (int i = 0; i < waits.length; i++) {
      waits[i] = i == 0 ? step("W0", 0, 10_000_000) : step("W" + i, 0, 10_000_000, "W" + (i - 1));
    }
    assertThrows(InvalidValue.class, () -> SerialScheduler.schedule(problem(null, waits)));
  }

  @Test
  void theHandbooksExampleComesOutToTheMinute() {
    Schedule plan = handbookExample(null);
    lies(plan, "A", "2026-03-02T09:00", "2026-03-02T12:00");
    lies(plan, "B", "2026-03-02T12:00", "2026-03-02T13:00");
    lies(plan, "C", "2026-03-03T09:00", "2026-03-03T10:00");
    lies(plan, "D", "2026-03-06T10:00", "2026-03-06T16:00");
    lies(plan, "E", "2026-03-02T13:00", "2026-03-03T14:00");
    assertEquals(2, plan.steps().get("E").pieces().size());
    assertEquals(LocalDateTime.parse("2026-03-06T16:00"), plan.finish().get("build"));
    assertEquals(
        List.of("WORK A", "WORK B", "WAIT B", "WORK C", "WAIT C", "WORK D"), told(plan, "build"));
    assertEquals(0, plan.steps().get("C").slackMinutes());
    // E can move until its 8 h end Friday 10:00, when D takes the person: it starts Thursday 10:00
    assertEquals((4 + 8 + 8 + 1) * 60, plan.steps().get("E").slackMinutes());
  }

  @Test
  void slackIsCountedToTheRevealAndTurnsNegativeWhenItIsMissed() {
    assertEquals(
        60,
        handbookExample(LocalDateTime.parse("2026-03-07T00:00")).steps().get("D").slackMinutes());
    assertEquals(
        -4 * 60,
        handbookExample(LocalDateTime.parse("2026-03-06T12:00")).steps().get("D").slackMinutes());
  }

  @Test
  void aStepInOneGoDoesNotSplitOverClosingTime() {
    Schedule plan =
        SerialScheduler.schedule(
            problem(null, inOneGo("first", 300), inOneGo("second", 300, "first")));
    lies(plan, "second", "2026-03-03T09:00", "2026-03-03T14:00");
  }

  @Test
  void aHeldStationIsBusyWhileThePaintWaits() {
    Schedule plan =
        SerialScheduler.schedule(
            problem(null, on("a", 60, 600, "spray", true), on("b", 60, 0, "spray", false)));
    lies(plan, "a", "2026-03-02T09:00", "2026-03-02T10:00");
    lies(plan, "b", "2026-03-03T09:00", "2026-03-03T10:00");
    assertEquals(List.of("STATION b by a", "CLOSED b", "WORK b"), told(plan, "build"));
  }

  @Test
  void nothingStartsBeforeItsEarliestMoment() {
    Step late =
        new Step(
            "late",
            "build",
            60,
            0,
            List.of(),
            List.of(),
            null,
            false,
            true,
            LocalDateTime.parse("2026-03-07T11:00"));
    lies(
        SerialScheduler.schedule(problem(null, late)),
        "late",
        "2026-03-09T09:00",
        "2026-03-09T10:00");
  }

  @Test
  void twoPeopleShareTheWork() {
    WeeklyHours tuesday =
        WeeklyHours.of(
            List.of(new OpenHours(DayOfWeek.TUESDAY, LocalTime.of(9, 0), LocalTime.of(17, 0))));
    Schedule plan =
        SerialScheduler.schedule(
            new SchedulingProblem(
                MONDAY,
                OFFICE,
                List.of(new Project("build", null)),
                List.of(new Worker("ines", OFFICE), new Worker("lotte", tuesday)),
                List.of(),
                List.of(step("a", 480, 0), step("b", 240, 0), step("c", 240, 0))));
    assertEquals("ines", plan.steps().get("a").worker());
    assertEquals("ines", plan.steps().get("b").worker());
    assertEquals("lotte", plan.steps().get("c").worker());
    lies(plan, "c", "2026-03-03T09:00", "2026-03-03T13:00");
  }

  /** Bram is free at once, Ines has the part in hand and so many minutes of other work. */
  private static String secondCoatBy(int otherMinutes) {
    Step first =
        new Step("coat/1", "build", 60, 0, List.of(), List.of("ines"), null, false, true, null);
    Step other =
        new Step(
            "other",
            "build",
            otherMinutes,
            0,
            List.of("coat/1"),
            List.of("ines"),
            null,
            false,
            false,
            MONDAY.plusHours(1));
    Step second = step("coat/2", 30, 0, "coat/1").withHand("coats");
    return byBramOrInes(first.withHand("coats"), other, second);
  }

  /** Who does the second coat of two people who keep the same hours. */
  private static String byBramOrInes(Step... steps) {
    Schedule plan =
        SerialScheduler.schedule(
            new SchedulingProblem(
                MONDAY,
                OFFICE,
                List.of(new Project("build", MONDAY.plusDays(30))),
                List.of(new Worker("bram", OFFICE), new Worker("ines", OFFICE)),
                List.of(),
                List.of(steps)));
    return plan.steps().get("coat/2").worker();
  }

  @Test
  void theCoatsOfAPartStayInOnePairOfHandsForAnHour() {
    assertEquals("ines", secondCoatBy(60));
    assertEquals("bram", secondCoatBy(61));
    assertEquals("bram", byBramOrInes(step("coat/2", 30, 0).withHand("coats")));
    assertEquals("ines", byBramOrInes(step("coat/2", 30, 0).withHand("coats").withBegunBy("ines")));
  }

  /** Two builds of one person, revealed in three days and in two months. */
  static Schedule nearAndFar(Step... steps) {
    return SerialScheduler.schedule(
        new SchedulingProblem(
            MONDAY,
            OFFICE,
            List.of(
                new Project("far", MONDAY.plusDays(60)), new Project("near", MONDAY.plusDays(3))),
            List.of(new Worker("ines", OFFICE)),
            List.of(),
            List.of(steps)));
  }

  @Test
  void theBuildRevealedFirstGoesFirst() {
    Step slow = new Step("slow", "far", 480, 0, List.of(), List.of(), null, false, true, null);
    Step soon = new Step("soon", "near", 60, 0, List.of(), List.of(), null, false, true, null);
    Schedule plan = nearAndFar(slow, soon);
    lies(plan, "soon", "2026-03-02T09:00", "2026-03-02T10:00");
    assertEquals(List.of("PERSON slow by soon", "WORK slow"), told(plan, "far"));
  }

  @Test
  void aCircleIsNamed() {
    InvalidValue problem =
        assertThrows(
            InvalidValue.class,
            () ->
                SerialScheduler.schedule(
                    problem(
                        null, step("x", 1, 0), step("a", 1, 0, "b", "x"), step("b", 1, 0, "a"))));
    assertEquals("tasks.after", problem.field());
    assertTrue(
        problem.getMessage().contains("a → b → a") || problem.getMessage().contains("b → a → b"));
  }

  @Test
  void unknownKeysNegativeTimesAndImpossibleCalendarsAreNamed() {
    assertEquals(
        "Task “a” names “ghost”, which is not there.",
        assertThrows(InvalidValue.class, () -> problem(null, step("a", 1, 0, "ghost")))
            .getMessage());
    assertTrue(
        assertThrows(InvalidValue.class, () -> step("a", -5, 0)).getMessage().contains("“a”"));
    assertTrue(
        assertThrows(InvalidValue.class, () -> problem(null, inOneGo("a", 481)))
            .getMessage()
            .contains("480"));
    assertThrows(InvalidValue.class, () -> WeeklyHours.of(List.of()));
  }
}
