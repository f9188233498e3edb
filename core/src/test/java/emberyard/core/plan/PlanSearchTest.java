package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A better order is a plan, never later than the plain rule's, and the same on any day. */
class PlanSearchTest {
  private static final int CASES = Boolean.getBoolean("ember.long") ? 2_000 : 60;

  @Test
  void neverLaterThanThePlainRuleAndOftenSooner() {
    int sooner = 0;
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem problem = DecidingChainTest.random(seed);
      Schedule plan = SerialScheduler.schedule(problem);
      boolean late =
          problem.projects().stream()
              .anyMatch(p -> plan.plainFinish().get(p.id()).isAfter(p.reveal()));
      for (Project project : problem.projects()) {
        LocalDateTime plain = plan.plainFinish().get(project.id());
        LocalDateTime found = plan.finish().get(project.id());
        LocalDateTime bound = late && plain.isBefore(project.reveal()) ? project.reveal() : plain;
        long over = problem.hours().between(bound, found);
        assertTrue(over <= 0, "seed " + seed + " " + project.id() + " " + over + " min later");
        sooner += found.isBefore(plain) ? 1 : 0;
      }
      assertEquals(
          List.of(),
          new PlanChecker(problem).faults(PlanChecker.planned(plan), plan.missedWindows()),
          "seed " + seed);
    }
    assertTrue(sooner > CASES / 10, "sooner in " + sooner);
  }

  @Test
  void theAnswerDoesNotHangOnTheOrderInWhichStepsAreListed() {
    for (long seed = 1; seed <= 20; seed++) {
      SchedulingProblem problem = DecidingChainTest.random(seed);
      List<Step> shuffled = new ArrayList<>(problem.steps());
      Collections.shuffle(shuffled, new Random(seed));
      SchedulingProblem other =
          new SchedulingProblem(
              problem.start(),
              problem.hours(),
              problem.projects(),
              problem.workers(),
              problem.places(),
              shuffled);
      assertEquals(
          SerialScheduler.schedule(problem).finish(), SerialScheduler.schedule(other).finish());
    }
  }

  /** Kept an hour and more after it was found, an order is a plan, and nobody is later for it. */
  @Test
  void anOrderThatIsKeptDoesNoWorseThanThePlainRule() {
    int kept = 0;
    int same = 0;
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem problem = DecidingChainTest.random(seed);
      OrderPolicy thought = SerialScheduler.order(problem);
      if (problem.steps().stream().allMatch(step -> step.windows().isEmpty())) {
        assertEquals(
            SerialScheduler.schedule(problem).steps(),
            SerialScheduler.solve(problem, thought).schedule().steps(),
            "at once it is the plan, seed " + seed);
        same++;
      }
      SchedulingProblem later = from(problem, problem.start().plusMinutes(10 + seed % 180));
      SerialScheduler.Solved solved = SerialScheduler.solve(later, thought);
      Schedule plan = solved.schedule();
      for (Project project : later.projects()) {
        LocalDateTime plain = plan.plainFinish().get(project.id());
        LocalDateTime bound = plain.isBefore(project.reveal()) ? project.reveal() : plain;
        long over = later.hours().between(bound, plan.finish().get(project.id()));
        assertTrue(over <= 0, "seed " + seed + " " + project.id() + " " + over + " min later");
      }
      assertEquals(
          List.of(),
          new PlanChecker(later).faults(PlanChecker.planned(plan), plan.missedWindows()),
          "seed " + seed);
      kept += solved.policy().turns().equals(thought.turns()) ? 1 : 0;
    }
    assertTrue(same > CASES / 4, "without windows: " + same);
    assertTrue(kept > CASES / 4, "kept in " + kept);
  }

  private static SchedulingProblem from(SchedulingProblem problem, LocalDateTime start) {
    return new SchedulingProblem(
        start,
        problem.hours(),
        problem.projects(),
        problem.workers(),
        problem.places(),
        problem.steps());
  }

  /**
   * The short step keeps the only dust-free corner for 33 hours: the plain rule lets it go first.
   */
  @Test
  void aShortStepThatKeepsAStationForLongLetsTheOthersGoFirst() {
    Step cures = station("cures", 10, 33 * 60);
    Step coat = station("coat", 120, 0);
    Step then =
        new Step("then", "build", 240, 0, List.of("coat"), List.of(), null, false, true, null);
    Schedule plan =
        SerialScheduler.schedule(
            SerialSchedulerTest.problem(
                SerialSchedulerTest.MONDAY.plusHours(24), cures, coat, then));
    assertEquals(LocalDateTime.parse("2026-03-03T20:10"), plan.finish().get("build"));
    assertEquals(LocalDateTime.parse("2026-03-04T15:00"), plan.plainFinish().get("build"));
  }

  /** By key they would go to and fro; nobody is finished sooner for that. */
  @Test
  void whatIsDoneAtOnePlaceIsDoneTogetherWhereThatCostsNothing() {
    Step[] steps = new Step[6];
    for (int i = 0; i < steps.length; i++) {
      String place = i % 2 == 0 ? "spray" : null;
      steps[i] = SerialSchedulerTest.on("s" + i, 60, 0, place, false);
    }
    Schedule plan = SerialScheduler.schedule(SerialSchedulerTest.problem(null, steps));
    assertEquals(List.of("s0", "s2", "s4", "s1", "s3", "s5"), List.copyOf(plan.steps().keySet()));
    Step due = steps[1].withBeginBy(SerialSchedulerTest.MONDAY.plusHours(1));
    steps[1] = due;
    Schedule pressed = SerialScheduler.schedule(SerialSchedulerTest.problem(null, steps));
    assertEquals(List.of(), pressed.missedWindows(), "it costs no window");
  }

  private static Step station(String key, int handsOn, int wait) {
    return new Step(key, "build", handsOn, wait, List.of(), List.of(), "spray", true, true, null);
  }
}
