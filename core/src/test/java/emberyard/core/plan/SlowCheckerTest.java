package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Chains of steps in projects of falling urgency: the fast plan agrees with the slow clock. */
class SlowCheckerTest {
  @ParameterizedTest
  @ValueSource(longs = {7, 11, 19, 42, 77, 123, 500, 901})
  void thePlanIsWhatAPersonWouldDoByTheClock(long seed) {
    Random random = new Random(seed);
    List<Project> projects = new ArrayList<>();
    List<Step> steps = new ArrayList<>();
    for (int p = 0; p < 5; p++) {
      projects.add(new Project("p" + p, SerialSchedulerTest.MONDAY.plusDays(10 + 5L * p)));
      String before = null;
      for (int s = 0; s < 4; s++) {
        String key = "p" + p + "s" + s;
        steps.add(
            new Step(
                key,
                "p" + p,
                10 + random.nextInt(300),
                random.nextInt(3) == 0 ? random.nextInt(2_000) : 0,
                before == null ? List.of() : List.of(before),
                List.of(),
                null,
                false,
                true,
                null));
        before = key;
      }
    }
    Schedule plan =
        SerialScheduler.schedule(
            new SchedulingProblem(
                SerialSchedulerTest.MONDAY,
                SerialSchedulerTest.OFFICE,
                projects,
                List.of(new Worker("ines", SerialSchedulerTest.OFFICE)),
                List.of(),
                steps));
    LocalDateTime[] slow = SlowChecker.finishes(SerialSchedulerTest.MONDAY, steps);
    for (int i = 0; i < steps.size(); i++) {
      assertEquals(slow[i], plan.steps().get(steps.get(i).key()).finish(), steps.get(i).key());
    }
  }
}
