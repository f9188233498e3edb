package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * How far the first answer is from the best there is, on 40 instances of 7 to 13 steps whose best
 * is proven by a solver and kept beside them. All is measured in calendar time from the start.
 */
class ProvenPlansTest {
  private static final Path DATA =
      Path.of("src/test/resources/emberyard/core/plan/proven-plans.csv");
  private static final String HEADER =
      "instance,people,bestMinutes,key,handsOnMinutes,waitMinutes,after,station,holds";
  private static final int INSTANCES = 40;

  private record Instance(int people, long bestMinutes, List<Step> steps) {
    SchedulingProblem problem() {
      return new SchedulingProblem(
          SerialSchedulerTest.MONDAY,
          SerialSchedulerTest.OFFICE,
          // due at once, so that every minute counts
          List.of(new Project("build", SerialSchedulerTest.MONDAY)),
          IntStream.range(0, people)
              .mapToObj(i -> new Worker("p" + i, SerialSchedulerTest.OFFICE))
              .toList(),
          List.of(new Place("spray", 1), new Place("bench", 2)),
          steps);
    }
  }

  private static long minutes(java.time.LocalDateTime finish) {
    return BenchClock.minute(finish) - BenchClock.minute(SerialSchedulerTest.MONDAY);
  }

  @Test
  void theFirstAnswerIsNearTheBest() throws IOException {
    double sum = 0;
    double worst = 0;
    double plain = 0;
    List<Instance> instances = read();
    assertEquals(INSTANCES, instances.size());
    for (Instance instance : instances) {
      Schedule plan = SerialScheduler.schedule(instance.problem());
      double over = 100.0 * minutes(plan.finish().get("build")) / instance.bestMinutes() - 100;
      assertTrue(over >= 0, "better than proven: " + instance);
      sum += over;
      worst = Math.max(worst, over);
      plain += 100.0 * minutes(plan.plainFinish().get("build")) / instance.bestMinutes() - 100;
    }
    String figures =
        "mean %.2f %%, worst %.1f %%; plain rule %.1f %%"
            .formatted(sum / INSTANCES, worst, plain / INSTANCES);
    Files.writeString(Path.of("target", "proven-plans.txt"), figures + "\n");
    assertTrue(sum / INSTANCES <= 2, figures);
    assertTrue(worst <= 15, figures);
  }

  @Test
  @EnabledIfSystemProperty(named = "ember.long", matches = "true")
  void theSolverProvesThemAgain() throws IOException {
    for (Instance instance : read()) {
      assertEquals(instance.bestMinutes(), proven(instance.problem()), instance.toString());
    }
  }

  /** Writes the instances and their proven best: {@code -Dember.proven.write=true}. */
  @Test
  @EnabledIfSystemProperty(named = "ember.proven.write", matches = "true")
  void write() throws IOException {
    List<String> lines = new ArrayList<>(List.of(HEADER));
    for (int i = 0; i < INSTANCES; i++) {
      Random random = new Random(1_000 + i);
      int people = 1 + random.nextInt(2);
      Instance open = new Instance(people, 0, steps(random));
      long best = proven(open.problem());
      for (Step step : open.steps()) {
        lines.add(
            "%d,%d,%d,%s,%d,%d,%s,%s,%s"
                .formatted(
                    i,
                    people,
                    best,
                    step.key(),
                    step.handsOnMinutes(),
                    step.waitMinutes(),
                    String.join(" ", step.after()),
                    step.place() == null ? "" : step.place(),
                    step.holdsPlace()));
      }
    }
    Files.createDirectories(DATA.getParent());
    Files.write(DATA, lines);
  }

  private static long proven(SchedulingProblem problem) {
    Schedule known = SerialScheduler.schedule(problem);
    return new ProvenBest(problem, BenchClock.minute(known.finish().get("build")) + 29).minutes();
  }

  private static List<Step> steps(Random random) {
    int count = 7 + random.nextInt(7);
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      List<String> after = new ArrayList<>();
      for (int before = Math.max(0, i - 4); before < i; before++) {
        if (random.nextInt(4) == 0) {
          after.add("t" + before);
        }
      }
      String place = List.of("", "", "spray", "spray", "bench").get(random.nextInt(5));
      steps.add(
          step(
              "t" + i,
              30 * (1 + random.nextInt(10)),
              random.nextInt(3) == 0 ? 30 * random.nextInt(70) : 0,
              after,
              place,
              random.nextBoolean()));
    }
    return steps;
  }

  private static Step step(
      String key, int handsOn, int wait, List<String> after, String place, boolean holds) {
    return new Step(
        key,
        "build",
        handsOn,
        wait,
        after,
        List.of(),
        place.isEmpty() ? null : place,
        holds && !place.isEmpty(),
        false,
        null);
  }

  private static List<Instance> read() throws IOException {
    Map<String, List<String[]>> rows =
        Files.readAllLines(DATA).stream()
            .skip(1)
            .map(line -> line.split(",", -1))
            .collect(Collectors.groupingBy(row -> row[0], LinkedHashMap::new, Collectors.toList()));
    return rows.values().stream()
        .map(
            all ->
                new Instance(
                    Integer.parseInt(all.get(0)[1]),
                    Long.parseLong(all.get(0)[2]),
                    all.stream().map(ProvenPlansTest::step).toList()))
        .toList();
  }

  private static Step step(String[] row) {
    List<String> after = Arrays.stream(row[6].split(" ")).filter(key -> !key.isEmpty()).toList();
    return step(
        row[3],
        Integer.parseInt(row[4]),
        Integer.parseInt(row[5]),
        after,
        row[7],
        Boolean.parseBoolean(row[8]));
  }
}
