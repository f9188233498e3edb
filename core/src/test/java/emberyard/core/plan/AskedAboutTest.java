package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A project that was only asked about takes nothing from the others, and says what it would. */
class AskedAboutTest {
  private static final int CASES = Boolean.getBoolean("ember.long") ? 2_000 : 100;

  private static SchedulingProblem with(SchedulingProblem problem, List<Project> projects) {
    return new SchedulingProblem(
        problem.start(),
        problem.hours(),
        projects,
        problem.workers(),
        problem.places(),
        problem.steps());
  }

  @Test
  void theAgreedOnesAreAsIfItWereNotThereAndItFitsIntoWhatTheyLeave() {
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem all = DecidingChainTest.random(seed);
      Project even = all.projects().get(0);
      Project odd = all.projects().get(1);
      SchedulingProblem asked =
          with(all, List.of(new Project(even.id(), even.reveal(), false), odd));
      Schedule plan = SerialScheduler.schedule(asked);
      Schedule alone = SerialScheduler.schedule(asked.agreed());
      alone
          .steps()
          .forEach((key, step) -> assertEquals(step, plan.steps().get(key), "step " + key));
      alone.late().forEach((key, late) -> assertEquals(late, plan.late().get(key)));
      assertEquals(alone.decidingChain().get("odd"), plan.decidingChain().get("odd"));
      PlanChecker checker = new PlanChecker(all);
      List<MissedWindow> missed = plan.missedWindows();
      assertEquals(List.of(), checker.faults(PlanChecker.planned(plan), missed), "seed " + seed);
      Map<String, Placed> evenLate = new HashMap<>(PlanChecker.planned(plan));
      plan.late().entrySet().stream()
          .filter(late -> plan.steps().get(late.getKey()).project().equals("even"))
          .forEach(late -> evenLate.put(late.getKey(), late.getValue()));
      assertEquals(List.of(), checker.faults(evenLate, missed), "late, seed " + seed);
    }
  }

  @Test
  void twoThatWereOnlyAskedAboutDoNotKnowEachOther() {
    Step one = new Step("one", "a", 240, 0, List.of(), List.of(), null, false, true, null);
    Step two = new Step("two", "b", 240, 0, List.of(), List.of(), null, false, true, null);
    Step firm = new Step("firm", "c", 60, 0, List.of(), List.of(), null, false, true, null);
    Schedule plan =
        SerialScheduler.schedule(
            new SchedulingProblem(
                SerialSchedulerTest.MONDAY,
                SerialSchedulerTest.OFFICE,
                List.of(
                    new Project("a", SerialSchedulerTest.MONDAY.plusDays(1), false),
                    new Project("b", null, false),
                    new Project("c", null)),
                List.of(new Worker("ines", SerialSchedulerTest.OFFICE)),
                List.of(),
                List.of(one, two, firm)));
    assertEquals(SerialSchedulerTest.MONDAY, plan.steps().get("firm").start());
    for (String key : List.of("one", "two")) {
      assertEquals(SerialSchedulerTest.MONDAY.plusHours(1), plan.steps().get(key).start());
    }
    assertEquals(List.of("PERSON one by firm", "WORK one"), SerialSchedulerTest.told(plan, "a"));
    assertTrue(plan.finish().keySet().containsAll(List.of("a", "b", "c")));
  }
}
