package emberyard.core.yard;

import emberyard.core.bench.TaskLog;
import emberyard.core.work.Stage;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import java.util.List;
import java.util.Map;

/** Tasks that the design no longer asks for but that have hours: kept, and marked so. */
final class GoneTasks {
  private static final Map<String, Stage> STAGES =
      Map.of(
          "part", Stage.MAKE,
          "scheme", Stage.FINISH,
          "screen", Stage.LIGHT,
          "strip", Stage.LIGHT,
          "bench", Stage.ASSEMBLE,
          "prove", Stage.PROVE,
          "component", Stage.ORDER,
          "sheet", Stage.ORDER,
          "paint", Stage.ORDER);

  private GoneTasks() {}

  static List<TaskModel> of(BuildRecord record) {
    return record.gone().stream()
        .filter(key -> record.logs().get(key).loggedMinutes() > 0)
        .map(key -> model(key, record.logs().get(key)))
        .toList();
  }

  private static TaskModel model(String key, TaskLog log) {
    String cause = key.split("[:/]", 2)[0];
    Task task =
        Task.of(
            key,
            "No longer needed: " + key,
            STAGES.getOrDefault(cause, Stage.MAKE),
            (int) log.loggedMinutes(),
            Why.of("what was logged before its cause went"));
    return new TaskModel(
        task, TaskState.NO_LONGER_NEEDED, log, 0, null, null, null, List.of(), null, List.of());
  }
}
