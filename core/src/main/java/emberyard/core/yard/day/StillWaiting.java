package emberyard.core.yard.day;

import emberyard.core.yard.BuildModel;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.TaskState;
import emberyard.core.yard.YardModel;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;

/**
 * Something that goes on by itself and needs nobody: it dries, it prints.
 *
 * @param waitingFor what is waited for
 * @param from when the hands were off
 * @param until when it is ready
 */
public record StillWaiting(
    String buildId,
    String buildName,
    String taskKey,
    String title,
    String waitingFor,
    LocalDateTime from,
    LocalDateTime until) {

  /** All of the yard, what is ready first. */
  static List<StillWaiting> of(YardModel yard) {
    return yard.builds().values().stream()
        .filter(build -> build.build().brief().revealedOn() == null)
        .flatMap(
            build ->
                build.tasks().stream()
                    .filter(model -> model.state() == TaskState.WAITING)
                    .map(model -> of(build, model)))
        .sorted(Comparator.comparing(StillWaiting::until).thenComparing(StillWaiting::taskKey))
        .toList();
  }

  private static StillWaiting of(BuildModel build, TaskModel model) {
    return new StillWaiting(
        build.build().id(),
        build.build().brief().name(),
        model.task().key(),
        model.task().title(),
        model.task().waitingFor(),
        model.doneAt(),
        model.waitsUntil());
  }
}
