package emberyard.core.yard;

import emberyard.core.reveal.RevealWork;
import emberyard.core.units.LazyList;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What is unfinished before the steps that nobody can take back: a check, a coat, the hand-over.
 * All that lies before them counts, however far behind, also behind steps that are done.
 */
final class OpenWork {
  private OpenWork() {}

  /** Whether a step must not pass over open work: it closes something, or covers it with paint. */
  static boolean guarded(Task task) {
    boolean coat =
        task.stage() == Stage.FINISH
            && task.station() == StationKind.SPRAY_CORNER
            && task.handsOnMinutes() > 0;
    return task.gate() || coat || task.key().equals(RevealWork.HAND_OVER);
  }

  /**
   * The same pictures, the guarded ones with what is open before them, in the order of the plan.
   */
  static List<TaskModel> noted(List<TaskModel> tasks) {
    Map<String, TaskModel> byKey = new HashMap<>();
    tasks.forEach(task -> byKey.put(task.task().key(), task));
    return tasks.stream()
        .map(
            task ->
                guarded(task.task()) && !task.handsDone()
                    ? task.behindOpen(new LazyList<>(() -> before(byKey, task.task().key())))
                    : task)
        .toList();
  }

  private static List<OpenStep> before(Map<String, TaskModel> byKey, String key) {
    Set<String> seen = new HashSet<>();
    List<String> ways = new ArrayList<>(byKey.get(key).task().after());
    List<TaskModel> open = new ArrayList<>();
    while (!ways.isEmpty()) {
      TaskModel task = byKey.get(ways.remove(ways.size() - 1));
      if (task == null || !seen.add(task.task().key())) {
        continue;
      }
      if (task.state() != TaskState.DONE && task.state() != TaskState.NO_LONGER_NEEDED) {
        open.add(task);
      }
      ways.addAll(task.task().after());
    }
    open.sort(
        Comparator.comparing(TaskModel::finish, Comparator.nullsFirst(Comparator.naturalOrder()))
            .thenComparing(task -> task.task().key()));
    return open.stream().map(OpenWork::step).toList();
  }

  private static OpenStep step(TaskModel task) {
    return new OpenStep(
        task.task().key(),
        task.task().title(),
        task.task().gate() && !task.handsDone(),
        task.state() == TaskState.WAITING);
  }
}
