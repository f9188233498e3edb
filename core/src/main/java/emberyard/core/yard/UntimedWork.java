package emberyard.core.yard;

import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.record.TaskMark;
import emberyard.core.units.Figures;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Steps that are done while nobody said how long they took: their cost is not known, not nothing.
 */
final class UntimedWork {
  private static final int MOST_NAMED = 4;

  private UntimedWork() {}

  static Optional<Finding> finding(List<TaskModel> tasks) {
    List<TaskModel> untimed = tasks.stream().filter(UntimedWork::untimed).toList();
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
                "%d step%s done without a time: their hours are not known"
                    .formatted(untimed.size(), untimed.size() == 1 ? " is" : "s are"),
                "%s planned for: %s%s."
                    .formatted(
                        Figures.minutes(planned), names, more > 0 ? "; " + more + " more" : ""),
                "What the build cost, and what the next one is quoted at, is too low by them.")
            .with(Remedy.byHand("Type their hours on their cards: as planned, or what it was")));
  }

  private static boolean untimed(TaskModel task) {
    TaskMark said = task.log().verdict();
    return task.handsDone()
        && said != null
        && said.passedFor() == null
        && !task.log().timed()
        && task.task().handsOnMinutes() > 0;
  }
}
