package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A plan's order, laid again: what was planned is held together with what draws come to. */
class OrderPolicyTest {
  private static final int CASES = Boolean.getBoolean("ember.long") ? 2_000 : 120;

  private static int[] handsOn(SchedulingProblem problem) {
    return problem.steps().stream().mapToInt(Step::handsOnMinutes).toArray();
  }

  private static int[] waits(SchedulingProblem problem) {
    return problem.steps().stream().mapToInt(Step::waitMinutes).toArray();
  }

  /** Every third with a project that was only asked about, every fifth with both. */
  private static SchedulingProblem problem(long seed) {
    SchedulingProblem all = DecidingChainTest.random(seed);
    Project even = all.projects().get(0);
    Project odd = all.projects().get(1);
    return new SchedulingProblem(
        all.start(),
        all.hours(),
        List.of(
            new Project(even.id(), even.reveal(), seed % 3 != 0 && seed % 5 != 0),
            new Project(odd.id(), odd.reveal(), seed % 5 != 0)),
        all.workers(),
        all.places(),
        all.steps());
  }

  private static Map<String, Placed> placed(SchedulingProblem problem, Placement[] placements) {
    Map<String, Placed> placed = new HashMap<>();
    for (int i = 0; i < placements.length; i++) {
      int who = placements[i].worker();
      placed.put(
          problem.steps().get(i).key(),
          Placed.of(placements[i], who < 0 ? null : problem.workers().get(who).id()));
    }
    return placed;
  }

  @Test
  void withTheDurationsOfThePlanItIsThePlan() {
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem problem = problem(seed);
      SerialScheduler.Solved solved = SerialScheduler.solve(problem);
      int[] handsOn = handsOn(problem);
      assertEquals(
          PlanChecker.planned(solved.schedule()),
          placed(problem, solved.policy().placed(handsOn, waits(problem))),
          "seed " + seed);
      long[] finish = solved.policy().finish(handsOn, waits(problem));
      for (int i = 0; i < finish.length; i++) {
        LocalDateTime planned = solved.schedule().finish().get(problem.projects().get(i).id());
        assertEquals(Duration.between(problem.start(), planned).toMinutes(), finish[i]);
      }
    }
  }

  @Test
  void whateverStepsLastItIsAPlan() {
    List<String> faults = new ArrayList<>();
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem problem = SchedulePropertiesTest.random(seed, 8 + (int) (seed % 33));
      OrderPolicy policy = SerialScheduler.solve(problem).policy();
      Random random = new Random(seed);
      int[] handsOn = drawn(handsOn(problem), random);
      int[] waits = drawn(waits(problem), random);
      SchedulingProblem other = lasting(problem, handsOn, waits);
      long at = seed;
      new PlanChecker(other)
          .faults(placed(other, policy.placed(handsOn, waits)))
          .forEach(fault -> faults.add(at + ": " + fault));
    }
    assertEquals(List.of(), faults);
  }

  /** From nothing at all to three times as long. */
  private static int[] drawn(int[] minutes, Random random) {
    return IntStream.of(minutes).map(each -> each * random.nextInt(31) / 10).toArray();
  }

  private static SchedulingProblem lasting(SchedulingProblem problem, int[] handsOn, int[] waits) {
    long longest = SerialSchedulerTest.OFFICE.longestStretch();
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < handsOn.length; i++) {
      Step step = problem.steps().get(i);
      boolean cut = step.interruptible() || handsOn[i] > longest;
      steps.add(
          step.with().handsOnMinutes(handsOn[i]).waitMinutes(waits[i]).interruptible(cut).build());
    }
    return new SchedulingProblem(
        problem.start(),
        problem.hours(),
        problem.projects(),
        problem.workers(),
        problem.places(),
        steps);
  }

  @Test
  void whatTakesAnHourLongerIsDoneAnHourLater() {
    SchedulingProblem problem =
        SerialSchedulerTest.problem(
            null,
            SerialSchedulerTest.step("A", 180, 0),
            SerialSchedulerTest.step("B", 60, 20 * 60, "A"),
            SerialSchedulerTest.step("C", 60, 72 * 60, "B"),
            SerialSchedulerTest.step("D", 360, 0, "C"),
            SerialSchedulerTest.step("E", 480, 0));
    OrderPolicy policy = SerialScheduler.solve(problem).policy();
    int[] handsOn = handsOn(problem);
    handsOn[2] = 120;
    Map<String, Placed> placed = placed(problem, policy.placed(handsOn, waits(problem)));
    assertEquals(LocalDateTime.parse("2026-03-03T15:00"), placed.get("E").finish());
    assertEquals(LocalDateTime.parse("2026-03-06T17:00"), placed.get("D").finish());
    assertEquals((4 * 24 + 8) * 60, policy.finish(handsOn, waits(problem))[0]);
  }

  @Test
  void aProjectWithoutStepsHasNoFinish() {
    SchedulingProblem problem = SerialSchedulerTest.problem(null);
    long[] finish = SerialScheduler.solve(problem).policy().finish(new int[0], new int[0]);
    assertEquals(-1, finish[0]);
    assertEquals(1, finish.length);
  }

  @Test
  void durationsThatAreMissingOrLessThanNothingAreRefused() {
    SchedulingProblem problem = SchedulePropertiesTest.random(1);
    OrderPolicy policy = SerialScheduler.solve(problem).policy();
    int[] handsOn = handsOn(problem);
    int[] waits = waits(problem);
    assertThrows(InvalidValue.class, () -> policy.finish(new int[3], waits));
    waits[4] = -1;
    InvalidValue less = assertThrows(InvalidValue.class, () -> policy.finish(handsOn, waits));
    assertEquals("waitMinutes", less.field());
    assertTrue(less.getMessage().contains(problem.steps().size() + " steps"), less.getMessage());
  }
}
