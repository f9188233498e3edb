package emberyard.core.yard;

import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Steps that are done while nobody said how long they took: they count as planned, and that is
 * said.
 */
final class UntimedWork {
  private static final int MOST_NAMED = 4;

  private UntimedWork() {}

  static Optional<Finding> finding(List<TaskModel> tasks) {
    List<TaskModel> untimed =
        tasks.stream()
            .filter(UntimedWork::untimed)
            .filter(task -> task.log().verdict() != null)
            .toList();
    if (untimed.isEmpty()) {
      return Optional.empty();
    }
    long planned = untimed.stream().mapToLong(task -> task.task().handsOnMinutes()).sum();
    String names =
        untimed.stream()
            .limit(MOST_NAMED)
            .map(task -> task.task().title())
            .collect(Collectors.joining("; "));
    int more = untimed.size() - MOST_NAMED;
    return Optional.of(
        Finding.of(
                Severity.NOTE,
                "money",
                "money/untimed",
                "%d step%s done without a time: their hours are a guess"
                    .formatted(untimed.size(), untimed.size() == 1 ? " is" : "s are"),
                "%s planned for: %s%s."
                    .formatted(
                        Figures.minutes(planned), names, more > 0 ? "; " + more + " more" : ""),
                "They count as planned until somebody says how long it took; what an hour earned"
                    + " hangs on it.")
            .with(Remedy.byHand("Type their hours on their cards: as planned, or what it was")));
  }

  /** Whether it was done, not passed over, and nobody said how long it took. */
  static boolean untimed(TaskModel task) {
    boolean done = task.handsDone() && task.state() != TaskState.NO_LONGER_NEEDED;
    return done
        && !task.log().passedOver()
        && !task.log().timed()
        && task.task().handsOnMinutes() > 0;
  }
}
