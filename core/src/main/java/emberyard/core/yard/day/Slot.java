package emberyard.core.yard.day;

import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.TaskModel;
import java.time.Duration;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * One stretch of somebody's day: a step, or a piece of one.
 *
 * @param piece 1 for the first of the stretches it lies in
 * @param pieces how many there are
 */
record Slot(
    BuildModel build,
    TaskModel model,
    LocalDateTime from,
    LocalDateTime to,
    int piece,
    int pieces) {

  /** All that is left of a step, as it is planned, or as it was done. */
  static Slot whole(BuildModel build, TaskModel model, LocalDateTime now) {
    LocalDateTime from =
        model.planned() != null
            ? model.planned().start()
            : model.doneAt() != null ? model.doneAt() : now;
    return new Slot(build, model, from, from.plusMinutes(model.remainingMinutes()), 1, 1);
  }

  Task task() {
    return model.task();
  }

  String key() {
    return task().key();
  }

  @Nullable StationKind station() {
    return task().station();
  }

  /** The same stretch at another time. */
  Slot at(LocalDateTime other) {
    return new Slot(build, model, other, other.plus(Duration.between(from, to)), piece, pieces);
  }

  /** The same, with another end. */
  Slot lasting(int minutes) {
    return new Slot(build, model, from, from.plusMinutes(minutes), piece, pieces);
  }

  /** Whether it is of the same step as another. */
  boolean of(Slot other) {
    return build == other.build && key().equals(other.key());
  }
}
