package emberyard.core.yard;

import emberyard.core.concept.ConceptWork;
import emberyard.core.record.TaskMark;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Nothing behind a gate may start until it has passed, however far behind it lies. */
public final class GateRule {
  private static final int MOST_NAMED = 5;

  private GateRule() {}

  /** The sentence that refuses work on a task, empty when it may start. */
  public static Optional<String> refusal(BuildModel model, String taskKey) {
    Map<String, TaskModel> byKey = new HashMap<>();
    model.tasks().forEach(task -> byKey.put(task.task().key(), task));
    if (!byKey.containsKey(taskKey)) {
      return Optional.of("There is no such task in this build any more.");
    }
    return gateBefore(byKey, taskKey, new HashSet<>())
        .map(gate -> "“%s” has to pass first.".formatted(gate.task().title()));
  }

  /** The sentence that refuses a mark, empty when it can be recorded. */
  public static Optional<String> refusal(BuildModel model, String taskKey, TaskMark.What what) {
    if (what == TaskMark.What.REOPENED || what == TaskMark.What.AGAIN) {
      return Optional.empty();
    }
    Optional<TaskModel> task =
        model.tasks().stream().filter(t -> t.task().key().equals(taskKey)).findFirst();
    boolean gate = task.isPresent() && task.get().task().gate();
    boolean step = what == TaskMark.What.DONE || what == TaskMark.What.PARTLY;
    if (gate && step) {
      return Optional.of("This is a check: say whether it passed, what it showed, and who looked.");
    }
    if (task.isPresent() && !gate && !step) {
      return Optional.of("This is a step, not a check: it is done or not.");
    }
    if (taskKey.equals(ConceptWork.CHOOSE)
        && what == TaskMark.What.DONE
        && model.build().concept().frozen() == null) {
      return Optional.of("Nothing is frozen yet: freeze the concept on its page, that marks it.");
    }
    return refusal(model, taskKey)
        .or(() -> what == TaskMark.What.FAILED ? Optional.empty() : already(task.orElseThrow()))
        .or(() -> what == TaskMark.What.FAILED ? Optional.empty() : open(task.orElseThrow()));
  }

  /** Somebody else was quicker. */
  private static Optional<String> already(TaskModel task) {
    TaskMark verdict = task.log().verdict();
    return task.handsDone() && verdict != null
        ? Optional.of(
            "“%s” is done already: %s said so.".formatted(task.task().title(), verdict.by()))
        : Optional.empty();
  }

  /**
   * The sentence that refuses the clock on a task, empty when it may run: no coat over open work.
   */
  public static Optional<String> clockRefusal(BuildModel model, String taskKey) {
    return refusal(model, taskKey)
        .or(
            () ->
                model.tasks().stream()
                    .filter(task -> task.task().key().equals(taskKey))
                    .filter(task -> !task.task().gate())
                    .findFirst()
                    .flatMap(GateRule::open));
  }

  /**
   * No check, coat or hand-over passes over open work: it is done, or passed over with a reason.
   */
  private static Optional<String> open(TaskModel task) {
    List<OpenStep> before = task.openBefore();
    if (before.isEmpty()) {
      return Optional.empty();
    }
    String names =
        before.stream()
            .skip(Math.max(0, before.size() - MOST_NAMED))
            .map(
                step ->
                    "“%s”%s".formatted(step.title(), step.waiting() ? ", which still waits" : ""))
            .collect(Collectors.joining(", "));
    int more = before.size() - MOST_NAMED;
    return Optional.of(
        "Open before “%s”: %s%s. Do it, or say why it is passed over."
            .formatted(
                task.task().title(), names, more > 0 ? " and %d before them".formatted(more) : ""));
  }

  private static Optional<TaskModel> gateBefore(
      Map<String, TaskModel> byKey, String key, Set<String> seen) {
    for (String before : byKey.get(key).task().after()) {
      TaskModel task = byKey.get(before);
      if (task == null || !seen.add(before)) {
        continue;
      }
      if (task.task().gate() && !task.handsDone()) {
        return Optional.of(task);
      }
      Optional<TaskModel> further = gateBefore(byKey, before, seen);
      if (further.isPresent()) {
        return further;
      }
    }
    return Optional.empty();
  }
}
