package emberyard.core.yard;

import emberyard.core.finding.Finding;
import emberyard.core.finish.chain.WindowChecks;
import emberyard.core.finish.coat.StepTime;
import emberyard.core.plan.PlannedStep;
import emberyard.core.plan.Schedule;
import emberyard.core.work.Stage;
import emberyard.core.work.Task;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Tasks of a build as they stand: in the plan, in the record, within their windows. */
final class TaskModels {
  private static final int MOST_NEXT = 3;
  private final BuildRecord record;
  private final Schedule schedule;
  private final WorkshopBook book;
  private final LocalDateTime clock;
  private final Map<String, StepTime> stepTimes;

  TaskModels(BuildRecord record, Schedule schedule, WorkshopBook book, LocalDateTime clock) {
    this.record = record;
    this.schedule = schedule;
    this.book = book;
    this.clock = clock;
    this.stepTimes = stepTimes();
  }

  /** Coats and peels where they came to lie, held against their windows and the air. */
  List<Finding> windows() {
    return record.derived().design().schemes().stream()
        .flatMap(plan -> WindowChecks.of(plan, stepTimes, book).stream())
        .toList();
  }

  /** When finish steps are planned or were done. */
  private Map<String, StepTime> stepTimes() {
    Map<String, StepTime> times = new HashMap<>();
    for (Task task : record.derived().tasks()) {
      if (task.stage() != Stage.FINISH) {
        continue;
      }
      LocalDateTime doneAt = record.doneAt(task.key());
      PlannedStep planned = doneAt == null ? planned(task.key()) : null;
      if (planned != null) {
        times.put(task.key(), new StepTime(planned.start(), planned.handsOnEnd(), false));
      } else if (doneAt != null) {
        LocalDateTime begun = doneAt.minusMinutes(task.handsOnMinutes());
        times.put(task.key(), new StepTime(begun, doneAt, true));
      }
    }
    return times;
  }

  /** When a step has to be begun at the latest, null for any time. */
  private @Nullable LocalDateTime closes(Task task) {
    return task.windows().stream()
        .filter(window -> stepTimes.containsKey(window.after()))
        .map(window -> window.closes(stepTimes.get(window.after()).handsOnEnd()))
        .min(Comparator.naturalOrder())
        .orElse(null);
  }

  List<TaskModel> all() {
    List<TaskModel> tasks = new ArrayList<>();
    for (Task task : record.derived().tasks()) {
      tasks.add(model(task));
    }
    tasks.addAll(GoneTasks.of(record));
    tasks.sort(
        Comparator.comparing(TaskModels::begins, Comparator.nullsFirst(Comparator.naturalOrder()))
            .thenComparing(model -> model.task().key()));
    return OpenWork.noted(tasks);
  }

  private static @Nullable LocalDateTime begins(TaskModel model) {
    return model.planned() == null ? model.doneAt() : model.planned().start();
  }

  private TaskModel model(Task task) {
    LocalDateTime doneAt = record.doneAt(task.key());
    List<String> missing =
        doneAt != null
            ? List.of()
            : task.after().stream().filter(key -> record.stillPlanned(key, clock)).toList();
    return new TaskModel(
        task,
        state(task, doneAt, missing),
        record.logs().get(task.key()),
        record.remaining(task),
        doneAt != null ? null : planned(task.key()),
        doneAt,
        record.waitsUntil(task),
        missing,
        doneAt != null ? null : closes(task),
        List.of());
  }

  private TaskState state(Task task, @Nullable LocalDateTime doneAt, List<String> missing) {
    if (doneAt != null) {
      LocalDateTime waitsUntil = record.waitsUntil(task);
      return waitsUntil != null && waitsUntil.isAfter(clock) ? TaskState.WAITING : TaskState.DONE;
    }
    if (record.logs().get(task.key()).running() != null) {
      return TaskState.RUNNING;
    }
    if (record.logs().get(task.key()).failed()) {
      return TaskState.FAILED;
    }
    return missing.isEmpty() ? TaskState.READY : TaskState.BEHIND;
  }

  private @Nullable PlannedStep planned(String key) {
    return schedule.steps().get(record.build().id() + YardPlanner.SEPARATOR + key);
  }

  /** What to do next, at most three; what runs first, what only waits last. */
  static List<TaskModel> next(List<TaskModel> tasks) {
    return tasks.stream()
        .filter(model -> model.planned() != null || model.state() == TaskState.WAITING)
        .filter(
            model ->
                model.state() == TaskState.READY
                    || model.state() == TaskState.RUNNING
                    || model.state() == TaskState.FAILED
                    || model.state() == TaskState.WAITING)
        .sorted(
            Comparator.<TaskModel, Boolean>comparing(p -> p.state() == TaskState.WAITING)
                .thenComparing(p -> p.state() != TaskState.RUNNING)
                .thenComparing(p -> p.planned() == null ? p.waitsUntil() : p.planned().start()))
        .limit(MOST_NEXT)
        .toList();
  }
}
