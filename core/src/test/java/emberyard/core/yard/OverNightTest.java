package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.ManualTask;
import emberyard.core.plan.PlannedStep;
import emberyard.core.record.TimeEntry;
import emberyard.core.work.Stage;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** While nobody works nothing is planned anew, and what is planned is what the morning will say. */
class OverNightTest {
  private static final Instant EVENING = Samples.MONDAY_NINE.plus(Duration.ofHours(12));

  private static PlannedStep planned(YardModel yard, String build) {
    return yard.builds().get(build).tasks().stream()
        .map(TaskModel::planned)
        .filter(step -> step != null && step.worker() != null)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void theMinutesOfANightShareOnePlan() {
    ChangingYard yard = new ChangingYard(1);
    YardPlan evening = YardPlan.of(yard.builds, yard.book, EVENING);
    YardPlan later = evening.changed(yard.builds, yard.book, EVENING.plus(Duration.ofHours(2)));
    assertSame(planned(evening.model(), "b1"), planned(later.model(), "b1"));
    YardPlan tomorrow = later.changed(yard.builds, yard.book, EVENING.plus(Duration.ofHours(13)));
    assertNotSame(planned(evening.model(), "b1"), planned(tomorrow.model(), "b1"));
  }

  @Test
  void whatGoesOnByItselfBeginsNow() {
    ChangingYard yard = new ChangingYard(1);
    Build first = yard.builds.get(0);
    ManualTask dries =
        new ManualTask("dries", "It dries", Stage.FINISH, 0, 600, List.of(), List.of(), null);
    yard.builds.set(0, first.with(ManualTask.class, List.of(dries)));
    YardModel model = YardModel.of(yard.builds, yard.book, EVENING);
    TaskModel task =
        model.builds().get("b1").tasks().stream()
            .filter(each -> each.task().title().equals("It dries"))
            .findFirst()
            .orElseThrow();
    assertNotNull(task.planned());
    assertEquals(local(EVENING), task.planned().start());
    assertEquals(local(EVENING).plusMinutes(600), task.planned().finish());
  }

  private static LocalDateTime local(Instant moment) {
    return LocalDateTime.ofInstant(moment, ZoneId.of(Samples.book().workshop().zone()));
  }

  /**
   * Whatever happened, early in the morning and when the workshop opens hands have the same plan.
   */
  @Test
  void beforeItOpensHandsHaveThePlanOfTheOpening() {
    int steps = 0;
    for (long seed = 1; seed <= 12; seed++) {
      ChangingYard yard = new ChangingYard(seed);
      for (int change = 0; change < 15; change++) {
        yard.change();
      }
      yard.builds.replaceAll(build -> build.with(TimeEntry.class, ended(build.times(), yard.now)));
      LocalDateTime nextDay = local(yard.now).toLocalDate().plusDays(1).atStartOfDay();
      Map<String, PlannedStep> early = hands(yard, nextDay.plusHours(5));
      Map<String, PlannedStep> opening = hands(yard, nextDay.plusHours(9));
      assertEquals(opening, early, "seed " + seed);
      steps += early.size();
    }
    assertTrue(steps > 100, "planned " + steps);
  }

  private static List<TimeEntry> ended(List<TimeEntry> times, Instant now) {
    return times.stream().map(each -> each.endedAt() == null ? each.stopped(now) : each).toList();
  }

  private static Map<String, PlannedStep> hands(ChangingYard yard, LocalDateTime at) {
    Instant now = at.atZone(ZoneId.of(yard.book.workshop().zone())).toInstant();
    Map<String, PlannedStep> hands = new HashMap<>();
    for (BuildModel build : YardModel.of(yard.builds, yard.book, now).builds().values()) {
      build.tasks().stream()
          .map(TaskModel::planned)
          .filter(step -> step != null && step.worker() != null)
          .forEach(step -> hands.put(step.key(), step));
    }
    return hands;
  }
}
