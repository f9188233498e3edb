package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A yard so large that few orders are tried: they harm nobody, and the answer is a plan. */
class LargeYardTest {
  private static final int PROJECTS = 56;
  private static final int STEPS = 40;

  /** Each with a reveal a few days after the last one: most come late. */
  private static SchedulingProblem yard(long seed) {
    List<Step> steps = new ArrayList<>();
    List<Project> projects = new ArrayList<>();
    SchedulingProblem first = SchedulePropertiesTest.random(seed, STEPS);
    for (int n = 0; n < PROJECTS; n++) {
      String id = "p" + n;
      projects.add(new Project(id, first.start().plusDays(3 + 4L * n)));
      for (Step step : SchedulePropertiesTest.random(seed * 1_000 + n, STEPS).steps()) {
        List<String> after = step.after().stream().map(key -> id + key).toList();
        steps.add(step.with().key(id + step.key()).project(id).after(after).build());
      }
    }
    return new SchedulingProblem(
        first.start(), first.hours(), projects, first.workers(), first.places(), steps);
  }

  private static long late(SchedulingProblem problem, Project project, LocalDateTime finish) {
    return Math.max(0, problem.hours().between(project.reveal(), finish));
  }

  @Test
  void nobodyComesLaterThanByThePlainRule() {
    for (long seed = 1; seed <= 2; seed++) {
      SchedulingProblem problem = yard(seed);
      Schedule plan = SerialScheduler.schedule(problem);
      long plain = 0;
      for (Project project : problem.projects()) {
        long before = late(problem, project, plan.plainFinish().get(project.id()));
        long after = late(problem, project, plan.finish().get(project.id()));
        assertTrue(after <= before, "seed " + seed + ", " + project.id() + " comes later");
        plain += before;
      }
      assertTrue(plain > 0, "all in time by the plain rule: nothing was looked for");
      assertEquals(
          List.of(),
          new PlanChecker(problem).faults(PlanChecker.planned(plan), plan.missedWindows()));
      assertEquals(plan.finish(), SerialScheduler.schedule(problem).finish());
    }
  }
}
