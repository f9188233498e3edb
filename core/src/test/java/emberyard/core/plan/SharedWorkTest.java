package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** An edit moves nothing that needs nobody and no station it needs. */
class SharedWorkTest {
  private static final int CASES = Boolean.getBoolean("ember.long") ? 2_000 : 150;
  private static final List<String> PEOPLE = List.of("ines", "bram", "lotte", "otto");
  private static final List<String> PLACES = List.of("spray", "bench", "laser", "saw");

  private static Step step(Random random, String project, int number, List<String> people) {
    List<String> after =
        number == 0 || random.nextBoolean() ? List.of() : List.of(project + (number - 1));
    return new Step(
        project + number,
        project,
        15 * random.nextInt(30),
        random.nextInt(3) == 0 ? 600 : 0,
        after,
        people,
        random.nextInt(3) == 0 ? PLACES.get(PEOPLE.indexOf(people.get(0))) : null,
        random.nextBoolean(),
        true,
        null);
  }

  private static SchedulingProblem yard(Random random) {
    List<Project> projects = new ArrayList<>();
    List<Step> steps = new ArrayList<>();
    for (int p = 0; p < 5; p++) {
      String id = "p" + p + "-";
      projects.add(new Project(id, SerialSchedulerTest.MONDAY.plusDays(random.nextInt(20))));
      int first = random.nextInt(PEOPLE.size());
      for (int s = 0; s < 6; s++) {
        int who = random.nextInt(8) == 0 ? random.nextInt(PEOPLE.size()) : first;
        steps.add(step(random, id, s, List.of(PEOPLE.get(who))));
      }
    }
    return yard(projects, steps);
  }

  private static SchedulingProblem yard(List<Project> projects, List<Step> steps) {
    return new SchedulingProblem(
        SerialSchedulerTest.MONDAY,
        SerialSchedulerTest.OFFICE,
        projects,
        PEOPLE.stream().map(id -> new Worker(id, SerialSchedulerTest.OFFICE)).toList(),
        PLACES.stream().map(id -> new Place(id, 1)).toList(),
        steps);
  }

  /** The first project with other work. */
  private static SchedulingProblem edited(SchedulingProblem yard, Random random) {
    List<Step> steps = new ArrayList<>();
    for (Step step : yard.steps()) {
      boolean mine = step.project().equals("p0-");
      steps.add(mine ? step.withHandsOnMinutes(15 * random.nextInt(60)) : step);
    }
    return yard(yard.projects(), steps);
  }

  /** Projects that share somebody or a station with the first, or with one that does. */
  private static Set<String> sharing(List<SchedulingProblem> yards) {
    Set<String> sharing = new HashSet<>(Set.of("p0-"));
    Set<String> needed = new HashSet<>();
    for (int round = 0; round < 10; round++) {
      for (SchedulingProblem yard : yards) {
        for (Step step : yard.steps()) {
          List<String> its = new ArrayList<>(step.workers());
          its.add(String.valueOf(step.place()));
          its.remove("null");
          if (sharing.contains(step.project())) {
            needed.addAll(its);
          } else if (its.stream().anyMatch(needed::contains)) {
            sharing.add(step.project());
          }
        }
      }
    }
    return sharing;
  }

  @Test
  void whatSharesNothingStays() {
    int apart = 0;
    int moved = 0;
    for (long seed = 1; seed <= CASES; seed++) {
      Random random = new Random(seed);
      SchedulingProblem yard = yard(random);
      SchedulingProblem edited = edited(yard, random);
      Set<String> sharing = sharing(List.of(yard, edited));
      Map<String, PlannedStep> before = SerialScheduler.schedule(yard).steps();
      Map<String, PlannedStep> after = SerialScheduler.schedule(edited).steps();
      for (PlannedStep step : before.values()) {
        boolean same = step.equals(after.get(step.key()));
        moved += same ? 0 : 1;
        if (!sharing.contains(step.project())) {
          apart++;
          assertEquals(step, after.get(step.key()), "seed " + seed);
        }
      }
    }
    assertTrue(apart > CASES, "some share nothing: " + apart);
    assertTrue(moved > CASES, "and others move: " + moved);
  }

  @Test
  void partsHoldEachStepOnceAndShareNothing() {
    for (long seed = 1; seed <= CASES; seed++) {
      SchedulingProblem yard = yard(new Random(seed));
      List<SchedulingProblem> parts = SharedWork.apart(yard);
      List<String> keys =
          parts.stream().flatMap(part -> part.steps().stream()).map(Step::key).sorted().toList();
      assertEquals(yard.steps().stream().map(Step::key).sorted().toList(), keys);
      Set<String> seen = new HashSet<>();
      for (SchedulingProblem part : parts) {
        Set<String> people =
            part.steps().stream()
                .filter(step -> step.handsOnMinutes() > 0)
                .flatMap(step -> step.workers().stream())
                .collect(Collectors.toSet());
        people.forEach(who -> assertTrue(seen.add(who), who + " is in two parts"));
      }
    }
  }
}
