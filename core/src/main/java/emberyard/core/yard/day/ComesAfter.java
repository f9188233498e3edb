package emberyard.core.yard.day;

import emberyard.core.plan.PlannedStep;
import emberyard.core.work.Task;
import emberyard.core.yard.TaskModel;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What comes after a step, if it is ended as planned.
 *
 * @param waitMinutes how long it then hangs, 0 for not at all
 * @param waitingFor what it waits for, empty without a wait
 * @param waitEnds when that is over
 * @param next title of the first step that waits for it, empty for none
 * @param nextFrom when that begins by the plan, null without one
 * @param nextBefore when it has to be begun, null for any time
 * @param nextPerson who does it by the plan, null where nobody is needed
 */
public record ComesAfter(
    int waitMinutes,
    String waitingFor,
    LocalDateTime waitEnds,
    String next,
    @Nullable LocalDateTime nextFrom,
    @Nullable LocalDateTime nextBefore,
    @Nullable String nextPerson) {

  static ComesAfter of(Slot slot) {
    Task task = slot.task();
    LocalDateTime ends = slot.model().planned() == null ? slot.to() : handsOnEnd(slot);
    Optional<TaskModel> next = next(slot);
    return new ComesAfter(
        task.waitMinutes(),
        task.waitingFor(),
        task.waitEnds(ends),
        next.map(model -> model.task().title()).orElse(""),
        next.map(model -> model.planned().start()).orElse(null),
        next.map(TaskModel::windowCloses).orElse(null),
        next.map(model -> model.planned().worker()).orElse(null));
  }

  /** Of a step in pieces the end of the last, else of the stretch. */
  private static LocalDateTime handsOnEnd(Slot slot) {
    PlannedStep planned = slot.model().planned();
    return slot.piece() < slot.pieces() ? planned.handsOnEnd() : slot.to();
  }

  /** The first that waits for it directly. */
  private static Optional<TaskModel> next(Slot slot) {
    return slot.build().tasks().stream()
        .filter(model -> model.planned() != null && model.task().after().contains(slot.key()))
        .min(
            Comparator.<TaskModel, LocalDateTime>comparing(model -> model.planned().start())
                .thenComparing(model -> model.task().key()));
  }
}
