package emberyard.core.yard;

import emberyard.core.bench.TaskLog;
import emberyard.core.plan.PlannedStep;
import emberyard.core.units.LazyList;
import emberyard.core.work.Task;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A task with its place in the plan and its record.
 *
 * @param remainingMinutes hands-on time still to do
 * @param planned where it lies, null once it is done
 * @param doneAt when it was done, null before
 * @param waitsUntil when its wait ends, null without one
 * @param missing keys of unfinished tasks before it
 * @param windowCloses when it has to be begun because what lies under it dries: a recoat, a peel;
 *     null for any time
 * @param openBefore of a check, a coat or the hand-over: all that is unfinished before it
 */
@RecordBuilder
public record TaskModel(
    Task task,
    TaskState state,
    TaskLog log,
    int remainingMinutes,
    @Nullable PlannedStep planned,
    @Nullable LocalDateTime doneAt,
    @Nullable LocalDateTime waitsUntil,
    List<String> missing,
    @Nullable LocalDateTime windowCloses,
    List<OpenStep> openBefore)
    implements TaskModelBuilder.With {
  public TaskModel {
    missing = List.copyOf(missing);
    openBefore = LazyList.kept(openBefore);
  }

  TaskModel behindOpen(List<OpenStep> steps) {
    return withOpenBefore(steps);
  }

  /** Whether nothing is left to do with hands. */
  public boolean handsDone() {
    return state == TaskState.DONE
        || state == TaskState.WAITING
        || state == TaskState.NO_LONGER_NEEDED;
  }

  /** The moment it lies at: planned finish, or when it was done; null for a task that is gone. */
  public @Nullable LocalDateTime finish() {
    if (planned != null) {
      return planned.finish();
    }
    return waitsUntil != null ? waitsUntil : doneAt;
  }
}
