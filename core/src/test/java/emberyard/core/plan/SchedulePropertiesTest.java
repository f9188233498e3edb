package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.workshop.OpenHours;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Invariants of any schedule, checked minute by minute on random problems. */
class SchedulePropertiesTest {
  private static final int STEPS = 40;

  static SchedulingProblem random(long seed) {
    return random(seed, STEPS);
  }

  static SchedulingProblem random(long seed, int most) {
    Random random = new Random(seed);
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < most; i++) {
      List<String> after = new ArrayList<>();
      for (int before = Math.max(0, i - 6); before < i; before++) {
        if (random.nextInt(4) == 0) {
          after.add("t" + before);
        }
      }
      String place = random.nextInt(3) == 0 ? "spray" : random.nextInt(3) == 0 ? "bench" : null;
      steps.add(
          new Step(
              "t" + i,
              i % 2 == 0 ? "even" : "odd",
              random.nextInt(5) == 0 ? 0 : 5 * random.nextInt(60),
              random.nextInt(3) == 0 ? 10 * random.nextInt(200) : 0,
              after,
              random.nextInt(3) == 0 ? List.of("bram") : List.of(),
              place,
              random.nextBoolean(),
              random.nextInt(4) != 0,
              random.nextInt(6) == 0
                  ? SerialSchedulerTest.MONDAY.plusHours(random.nextInt(100))
                  : null));
    }
    WeeklyHours bram = WeeklyHours.of(OpenHours.weekdays(LocalTime.of(12, 0), LocalTime.of(20, 0)));
    return new SchedulingProblem(
        SerialSchedulerTest.MONDAY,
        SerialSchedulerTest.OFFICE,
        List.of(
            new Project("even", SerialSchedulerTest.MONDAY.plusDays(5)),
            new Project("odd", SerialSchedulerTest.MONDAY.plusDays(40))),
        List.of(new Worker("ines", SerialSchedulerTest.OFFICE), new Worker("bram", bram)),
        List.of(new Place("spray", 1), new Place("bench", 2)),
        steps);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 5, 8, 13, 21, 34, 55, 89, 144, 233})
  void everyScheduleKeepsItsPromises(long seed) {
    SchedulingProblem problem = random(seed);
    Schedule plan = SerialScheduler.schedule(problem);
    assertEquals(plan, SerialScheduler.schedule(problem), "deterministic");
    assertEquals(STEPS, plan.steps().size());
    Map<String, Integer> busy = new HashMap<>();
    for (Step step : problem.steps()) {
      PlannedStep planned = plan.steps().get(step.key());
      checkOrder(step, planned, plan);
      checkHands(step, planned, busy);
    }
    checkStations(problem, plan);
  }

  private static void checkOrder(Step step, PlannedStep planned, Schedule plan) {
    assertTrue(!planned.start().isBefore(SerialSchedulerTest.MONDAY));
    if (step.earliest() != null) {
      assertTrue(!planned.start().isBefore(step.earliest()));
    }
    for (String before : step.after()) {
      assertTrue(!planned.start().isBefore(plan.steps().get(before).finish()), step.key());
    }
    assertEquals(planned.handsOnEnd().plusMinutes(step.waitMinutes()), planned.finish());
    assertTrue(planned.slackMinutes() < 0 || !planned.latestStart().isBefore(planned.start()));
  }

  private static void checkHands(Step step, PlannedStep planned, Map<String, Integer> busy) {
    int worked = 0;
    for (PlannedStep.Piece piece : planned.pieces()) {
      for (LocalDateTime m = piece.from(); m.isBefore(piece.to()); m = m.plusMinutes(5)) {
        worked += 5;
        int opens = "bram".equals(planned.worker()) ? 12 : 9;
        int closes = "bram".equals(planned.worker()) ? 20 : 17;
        assertTrue(m.getHour() >= opens && m.getHour() < closes, "in working hours: " + m);
        assertTrue(m.getDayOfWeek().getValue() <= 5);
        assertEquals(1, busy.merge(planned.worker() + m, 1, Integer::sum), "one thing at a time");
      }
    }
    assertEquals(step.handsOnMinutes(), worked);
    assertTrue(step.interruptible() || planned.pieces().size() <= 1, "in one go");
    assertTrue(step.workers().isEmpty() || worked == 0 || planned.worker().equals("bram"));
  }

  private static void checkStations(SchedulingProblem problem, Schedule plan) {
    Map<String, Integer> load = new HashMap<>();
    for (Step step : problem.steps()) {
      PlannedStep planned = plan.steps().get(step.key());
      if (step.place() == null) {
        continue;
      }
      List<PlannedStep.Piece> held =
          step.holdsPlace()
              ? List.of(new PlannedStep.Piece(planned.start(), planned.finish()))
              : planned.pieces();
      for (PlannedStep.Piece piece : held) {
        for (LocalDateTime m = piece.from(); m.isBefore(piece.to()); m = m.plusMinutes(5)) {
          int most = step.place().equals("spray") ? 1 : 2;
          assertTrue(load.merge(step.place() + m, 1, Integer::sum) <= most, step.place() + m);
        }
      }
    }
  }
}
