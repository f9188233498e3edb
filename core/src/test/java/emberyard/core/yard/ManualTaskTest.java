package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.ManualTask;
import emberyard.core.plan.PlannedStep;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Work added by hand may wait for anything, even for what waits for it. */
class ManualTaskTest {
  private static ManualTask manual(String id, String... after) {
    return new ManualTask(
        id, "Task " + id, Stage.MAKE, 30, 0, List.of(after), List.of(), StationKind.BENCH);
  }

  private static Map<String, TaskModel> tasks(ManualTask... manual) {
    Build build = new Samples.Made().build().with(ManualTask.class, List.of(manual));
    Map<String, TaskModel> tasks = new HashMap<>();
    Samples.model(build).tasks().forEach(task -> tasks.put(task.task().key(), task));
    return tasks;
  }

  private static PlannedStep planned(Map<String, TaskModel> tasks, String key) {
    PlannedStep step = tasks.get(key).planned();
    assertTrue(step != null, key + " is planned");
    return step;
  }

  @Test
  void aTaskByHandComesAfterWhatItNamesAndTheHandOverAfterIt() {
    var tasks = tasks(manual("m1", "part:p1/cut"), manual("m2", "manual:m1"));
    PlannedStep first = planned(tasks, "manual:m1");
    assertFalse(first.start().isBefore(planned(tasks, "part:p1/cut").finish()));
    assertFalse(planned(tasks, "manual:m2").start().isBefore(first.finish()));
    assertFalse(
        planned(tasks, "reveal/hand-over").start().isBefore(planned(tasks, "manual:m2").finish()));
  }

  private static ManualTask between(String after, String before) {
    return new ManualTask(
        "m1", "Thread the lead", Stage.ASSEMBLE, 60, 0, List.of(after), List.of(before), null);
  }

  @Test
  void aTaskByHandComesBeforeWhatItNames() {
    var tasks = tasks(between("prove/hardware", "bench/cables"));
    assertFalse(
        planned(tasks, "bench/cables").start().isBefore(planned(tasks, "manual:m1").finish()));
  }

  @Test
  void closingWaitsForWorkThatNobodyPutBeforeIt() {
    var tasks = tasks(between("bench/panels", ""));
    assertTrue(tasks.get("bench/close").task().after().contains("manual:m1"));
    var behind = tasks(between("bench/close", ""));
    assertFalse(behind.get("bench/close").task().after().contains("manual:m1"));
    assertFalse(
        planned(behind, "manual:m1").start().isBefore(planned(behind, "bench/close").finish()));
  }

  @Test
  void whatWouldWaitForItselfIsSaid() {
    Build build =
        new Samples.Made()
            .build()
            .with(ManualTask.class, List.of(between("bench/close", "bench/cables")));
    BuildModel model = Samples.model(build);
    assertTrue(model.findings().stream().anyMatch(f -> f.key().equals("manual:m1/circle")));
  }

  @ParameterizedTest
  @ValueSource(strings = {"manual:m1", "reveal/hand-over", "part:gone/cut", "manual:gone", ""})
  void aTaskThatWaitsForItselfForItsEndOrForNothingIsPlannedAllTheSame(String after) {
    var tasks = tasks(manual("m1", after));
    assertEquals(List.of(), tasks.get("manual:m1").task().after());
    planned(tasks, "manual:m1");
  }

  @Test
  void twoThatWaitForEachOtherBothBegin() {
    var tasks =
        tasks(manual("m1", "manual:m2"), manual("m2", "manual:m1"), manual("m3", "manual:m2"));
    planned(tasks, "manual:m1");
    planned(tasks, "manual:m2");
    assertEquals(
        List.of("manual:m2"), tasks.get("manual:m3").task().after(), "no part of a circle");
  }

  /** However they wait for each other, no circle is left and each is planned. */
  @Test
  void noCircleIsLeftWhateverTheyWaitFor() {
    Random random = new Random(8);
    for (int round = 0; round < 40; round++) {
      List<ManualTask> manual = new ArrayList<>();
      for (int i = 0; i < 6; i++) {
        List<String> after = new ArrayList<>();
        for (int j = 0; j < random.nextInt(3); j++) {
          after.add(random.nextInt(4) == 0 ? "reveal/hand-over" : "manual:m" + random.nextInt(6));
        }
        manual.add(manual("m" + i, after.toArray(String[]::new)));
      }
      var tasks = tasks(manual.toArray(ManualTask[]::new));
      for (String key : tasks.keySet()) {
        assertFalse(
            reaches(tasks, key, key, new HashSet<>()), key + " waits for itself: " + manual);
      }
      manual.forEach(each -> planned(tasks, "manual:" + each.id()));
    }
  }

  private static boolean reaches(
      Map<String, TaskModel> tasks, String from, String wanted, Set<String> seen) {
    Task task = tasks.get(from).task();
    return task.after().stream()
        .anyMatch(key -> key.equals(wanted) || seen.add(key) && reaches(tasks, key, wanted, seen));
  }
}
