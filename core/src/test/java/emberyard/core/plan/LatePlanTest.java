package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * Slack is there: the late plan is a plan, and so is the plan with any single step moved to its
 * late place, what follows it at theirs.
 */
class LatePlanTest {
  private static final int CASES = Boolean.getBoolean("ember.long") ? 2_000 : 150;

  @Test
  void anyStepMayWaitUntilItsLatePlace() {
    List<String> faults = new ArrayList<>();
    int slack = 0;
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem problem = SchedulePropertiesTest.random(seed, 8 + (int) (seed % 33));
      Schedule plan = SerialScheduler.schedule(problem);
      PlanChecker checker = new PlanChecker(problem);
      Map<String, Placed> planned = PlanChecker.planned(plan);
      for (String fault : checker.faults(planned)) {
        faults.add(seed + " as planned: " + fault);
      }
      for (String fault : checker.faults(plan.late())) {
        faults.add(seed + " late: " + fault);
      }
      for (Step step : problem.steps()) {
        if (plan.late().get(step.key()).equals(planned.get(step.key()))) {
          continue;
        }
        slack++;
        Map<String, Placed> moved = new HashMap<>(planned);
        for (String key : checker.following(step.key(), planned)) {
          moved.put(key, plan.late().get(key));
        }
        for (String fault : checker.faults(moved)) {
          faults.add(seed + " " + step.key() + " moved: " + fault);
        }
      }
    }
    assertEquals(
        List.of(), faults.subList(0, Math.min(5, faults.size())), faults.size() + " faults");
    assertTrue(slack > CASES, "some can move: " + slack);
  }

  @Test
  void noStepIsLaterThanItsDeadlineNorEarlierThanPlanned() {
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem problem = SchedulePropertiesTest.random(seed, 30);
      Schedule plan = SerialScheduler.schedule(problem);
      for (Project project : problem.projects()) {
        var end = plan.finish().get(project.id());
        var deadline = end.isAfter(project.reveal()) ? end : project.reveal();
        for (PlannedStep step : plan.steps().values()) {
          if (step.project().equals(project.id())) {
            Placed late = plan.late().get(step.key());
            assertFalse(late.finish().isAfter(deadline), step.key());
            assertFalse(late.start().isBefore(step.start()), step.key());
          }
        }
      }
    }
  }
}
