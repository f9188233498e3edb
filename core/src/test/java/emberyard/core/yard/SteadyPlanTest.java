package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.ManualTask;
import emberyard.core.plan.PlannedStep;
import emberyard.core.plan.Step;
import emberyard.core.work.Stage;
import emberyard.core.workshop.Person;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Nobody's list is another only because a minute has gone by: in a yard that is late, with nobody
 * at work, fewer than one step in fifty changes hands from one minute to the next (one that no
 * longer fits before a break). When the order was looked for each minute it was one in nine.
 */
class SteadyPlanTest {
  private static final int YARDS = Boolean.getBoolean("ember.long") ? 60 : 8;
  private static final int MINUTES = 30;
  private static final List<Person> PEOPLE =
      List.of(
          new Person("ines", "Ines Varga", List.of(), List.of(), 3_000),
          new Person("bram", "Bram Okoye", List.of(), List.of(), 2_000),
          new Person("lotte", "Lotte Brand", List.of(), List.of(), 1_500));

  @Test
  void whileNothingIsRecordedWorkStaysInTheSameHands() {
    int steps = 0;
    List<String> moved = new ArrayList<>();
    for (long seed = 1; seed <= YARDS; seed++) {
      ChangingYard yard = new ChangingYard(seed);
      yard.book = yard.book.with(Person.class, PEOPLE);
      yard.builds.replaceAll(SteadyPlanTest::pressing);
      for (int change = 0; change < 12; change++) {
        yard.change();
      }
      Instant from = atWork(yard);
      YardPlan plan = YardPlan.of(yard.builds, yard.book, from);
      for (int minute = 1; minute <= MINUTES; minute++) {
        Instant then = from.plus(Duration.ofMinutes(minute));
        YardPlan next = plan.changed(yard.builds, yard.book, then);
        Map<String, String> before = hands(plan);
        Map<String, String> after = hands(next);
        before.keySet().retainAll(after.keySet());
        for (String key : before.keySet()) {
          steps++;
          if (!before.get(key).equals(after.get(key))) {
            moved.add("yard %d, minute %d: %s".formatted(seed, minute, key));
          }
        }
        plan = next;
      }
    }
    assertTrue(steps > 1_000, "compared " + steps);
    assertTrue(50 * moved.size() < steps, moved.size() + " of " + steps + " moved: " + moved);
  }

  /** An edit of one build takes the earlier steps of all others as they were, whole lists. */
  @Test
  void whatWasThoughtOutForOthersIsTakenAgain() {
    ChangingYard yard = new ChangingYard(5);
    yard.builds.replaceAll(SteadyPlanTest::pressing);
    Instant from = atWork(yard);
    YardPlanner before = new YardPlanner(yard.builds, yard.book, from, Known.NOTHING);
    Build first = yard.builds.get(0);
    Build edited = ChangingYard.renamed(first, first.brief().withClient("Another client"));
    List<Build> then = new ArrayList<>(yard.builds);
    then.set(0, edited);
    YardPlanner after = new YardPlanner(then, yard.book, from, before.known());
    assertTrue(yard.builds.size() > 1);
    for (Build build : yard.builds) {
      List<Step> was = before.known().builds().get(build.id()).earlier();
      List<Step> is = after.known().builds().get(build.id()).earlier();
      assertNotNull(was, "the order was thought out a quarter of an hour ago");
      assertEquals(was, is);
      assertEquals(build != first, was == is, build.id());
    }
  }

  /** A build that can't be done by its day: of such the planner looks for a better order. */
  private static Build pressing(Build build) {
    Random random = new Random(build.id().hashCode());
    List<ManualTask> work = new ArrayList<>();
    for (int i = 0; i < 25; i++) {
      List<String> after = i < 3 ? List.of() : List.of("manual:w" + random.nextInt(i));
      int minutes = 10 + 5 * random.nextInt(30);
      work.add(
          new ManualTask("w" + i, "Work " + i, Stage.FINISH, minutes, 0, after, List.of(), null));
    }
    Brief due = build.brief().withRevealOn(Samples.MONDAY.plusDays(3));
    return ChangingYard.renamed(build, due).with(ManualTask.class, work);
  }

  /** The next moment at which somebody has been at work for a quarter of an hour. */
  private static Instant atWork(ChangingYard yard) {
    LocalDateTime opening =
        YardPlan.of(yard.builds, yard.book, yard.now).problem().start().plusMinutes(15);
    return opening.atZone(ZoneId.of(yard.book.workshop().zone())).toInstant();
  }

  private static Map<String, String> hands(YardPlan plan) {
    Map<String, String> hands = new HashMap<>();
    for (BuildModel build : plan.model().builds().values()) {
      for (TaskModel task : build.tasks()) {
        PlannedStep planned = task.planned();
        if (planned != null && planned.worker() != null) {
          hands.put(planned.key(), planned.worker());
        }
      }
    }
    return hands;
  }
}
