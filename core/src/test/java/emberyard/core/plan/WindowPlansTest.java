package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.work.BeginWindow;
import emberyard.core.work.DayPaces;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Plans with windows, judged by a checker that knows nothing of how they were found. */
class WindowPlansTest {
  private static final int CASES = Boolean.getBoolean("ember.long") ? 2_000 : 120;

  /** A random yard in which some steps have to be begun so long after one before them. */
  static SchedulingProblem random(long seed) {
    SchedulingProblem plain = SchedulePropertiesTest.random(seed, 8 + (int) (seed % 33));
    Random random = new Random(seed);
    Map<String, Step> byKey = new HashMap<>();
    plain.steps().forEach(step -> byKey.put(step.key(), step));
    List<Step> steps = new ArrayList<>();
    for (Step step : plain.steps()) {
      List<BeginWindow> windows = new ArrayList<>();
      for (String before : step.after()) {
        if (random.nextInt(3) == 0) {
          int wait = byKey.get(before).waitMinutes();
          windows.add(new BeginWindow(before, wait + random.nextInt(1_500), DayPaces.USUAL));
        }
      }
      boolean pressing = step.after().isEmpty() && random.nextInt(4) == 0;
      LocalDateTime beginBy = pressing ? plain.start().plusHours(random.nextInt(60)) : null;
      steps.add(step.with().windows(windows).beginBy(beginBy).build());
    }
    return new SchedulingProblem(
        plain.start(), plain.hours(), plain.projects(), plain.workers(), plain.places(), steps);
  }

  @Test
  void windowsAreKeptOrNamed() {
    List<String> faults = new ArrayList<>();
    int windows = 0;
    int missed = 0;
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem problem = random(seed);
      Schedule plan = SerialScheduler.schedule(problem);
      PlanChecker checker = new PlanChecker(problem);
      Map<String, Placed> planned = PlanChecker.planned(plan);
      long at = seed;
      checker.faults(planned, plan.missedWindows()).forEach(fault -> faults.add(at + ": " + fault));
      checker
          .faults(plan.late(), plan.missedWindows())
          .forEach(fault -> faults.add(at + " late: " + fault));
      long untrue =
          problem.steps().stream().mapToLong(s -> checker.windows(s, planned).size()).sum();
      assertEquals(
          untrue, plan.missedWindows().size(), seed + ": none is said to be missed that is kept");
      for (Step step : problem.steps()) {
        windows += step.windows().size() + (step.beginBy() == null ? 0 : 1);
        Map<String, Placed> moved = new HashMap<>(planned);
        checker.following(step.key(), planned).forEach(key -> moved.put(key, plan.late().get(key)));
        checker
            .faults(moved, plan.missedWindows())
            .forEach(fault -> faults.add(at + " " + step.key() + " moved: " + fault));
      }
      missed += plan.missedWindows().size();
    }
    assertEquals(
        List.of(), faults.subList(0, Math.min(5, faults.size())), faults.size() + " faults");
    assertTrue(windows > 5 * CASES, "there are windows: " + windows);
    assertTrue(missed * 4 < windows, missed + " of " + windows + " are missed");
  }

  /** Pairs of coats in one go: the second within so many minutes of the first. */
  private static SchedulingProblem pairs(long seed) {
    Random random = new Random(seed);
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      int wait = 30 * random.nextInt(60);
      Step first =
          SerialSchedulerTest.inOneGo("a" + i, 30 + 30 * random.nextInt(6)).withWaitMinutes(wait);
      BeginWindow window = new BeginWindow("a" + i, wait + 30 * random.nextInt(20), DayPaces.USUAL);
      steps.add(first);
      steps.add(
          SerialSchedulerTest.inOneGo("b" + i, 30 + 30 * random.nextInt(6), "a" + i)
              .withWindows(List.of(window)));
    }
    return SerialSchedulerTest.problem(
        SerialSchedulerTest.MONDAY.plusDays(30), steps.toArray(Step[]::new));
  }

  /** Whether one of two weeks has a place for both, tried every half hour, in an empty yard. */
  private static boolean possible(Step first, Step second) {
    for (int begin = 0; begin < 14 * 48; begin++) {
      LocalDateTime start = SerialSchedulerTest.MONDAY.plusMinutes(30L * begin);
      LocalDateTime sprayed = start.plusMinutes(first.handsOnMinutes());
      if (SerialSchedulerTest.OFFICE.between(start, sprayed) < first.handsOnMinutes()) {
        continue;
      }
      LocalDateTime closes = sprayed.plusMinutes(second.windows().get(0).minutes());
      LocalDateTime next = sprayed.plusMinutes(first.waitMinutes());
      for (; !next.isAfter(closes); next = next.plusMinutes(30)) {
        LocalDateTime done = next.plusMinutes(second.handsOnMinutes());
        if (SerialSchedulerTest.OFFICE.between(next, done) == second.handsOnMinutes()) {
          return true;
        }
      }
    }
    return false;
  }

  @Test
  void onlyWhatCanNotBeKeptAtAllIsMissed() {
    int impossible = 0;
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem problem = pairs(seed);
      Schedule plan = SerialScheduler.schedule(problem);
      for (int i = 0; i < problem.steps().size(); i += 2) {
        Step second = problem.steps().get(i + 1);
        boolean possible = possible(problem.steps().get(i), second);
        boolean kept =
            plan.missedWindows().stream().noneMatch(each -> each.step().equals(second.key()));
        assertEquals(possible, kept, seed + " " + second);
        impossible += possible ? 0 : 1;
      }
    }
    assertTrue(impossible > CASES / 4, "some can't be kept: " + impossible);
  }
}
