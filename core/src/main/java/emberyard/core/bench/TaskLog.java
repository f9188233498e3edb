package emberyard.core.bench;

import emberyard.core.build.Build;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The record of one task: what people logged and said.
 *
 * @param key of the task
 * @param loggedMinutes all time on the clock, also of earlier attempts
 * @param attemptMinutes time since it was last sent back
 * @param running the clock that runs now, null for none
 * @param verdict the latest mark, null for none
 * @param timed whether anybody said how long it took since it was last sent back, by the clock or
 *     typed, also that it was nothing
 * @param leftMinutes what is left by whoever did it in part last, less what was worked since; null
 *     where nobody said
 */
public record TaskLog(
    String key,
    long loggedMinutes,
    long attemptMinutes,
    @Nullable TimeEntry running,
    @Nullable TaskMark verdict,
    boolean timed,
    @Nullable Long leftMinutes) {

  /** Reads the record of a task off a build. */
  public static TaskLog of(Build build, String key, Instant now) {
    return of(build, key, Set.of(), now);
  }

  /**
   * @param earlier keys under which hours of the same task were logged before
   */
  public static TaskLog of(Build build, String key, Set<String> earlier, Instant now) {
    return of(
        key,
        build.times().stream()
            .filter(entry -> entry.taskKey().equals(key) || earlier.contains(entry.taskKey()))
            .toList(),
        build.marks().stream().filter(mark -> mark.taskKey().equals(key)).toList(),
        now);
  }

  static TaskLog of(String key, List<TimeEntry> entries, List<TaskMark> marks, Instant now) {
    Instant since =
        marks.stream()
            .filter(mark -> mark.what() == TaskMark.What.AGAIN)
            .map(TaskMark::at)
            .max(Comparator.naturalOrder())
            .orElse(Instant.MIN);
    List<TimeEntry> attempt =
        entries.stream().filter(entry -> !entry.startedAt().isBefore(since)).toList();
    TaskMark verdict =
        marks.stream()
            .max(Comparator.comparing(TaskMark::at).thenComparing(TaskMark::id))
            .orElse(null);
    return new TaskLog(
        key,
        entries.stream().mapToLong(entry -> entry.minutes(now)).sum(),
        attempt.stream().mapToLong(entry -> entry.minutes(now)).sum(),
        entries.stream().filter(entry -> entry.endedAt() == null).findFirst().orElse(null),
        verdict,
        !attempt.isEmpty(),
        verdict == null || verdict.leftMinutes() == null ? null : left(verdict, attempt, now));
  }

  private static long left(TaskMark partly, List<TimeEntry> entries, Instant now) {
    long since =
        entries.stream()
            .filter(entry -> !entry.startedAt().isBefore(partly.at()))
            .mapToLong(entry -> entry.minutes(now))
            .sum();
    return partly.leftMinutes() - since;
  }

  /** When it was done or passed, null while it is open. */
  public @Nullable Instant doneAt() {
    if (verdict == null) {
      return null;
    }
    boolean done = verdict.what() == TaskMark.What.DONE || verdict.what() == TaskMark.What.PASSED;
    return done ? verdict.at() : null;
  }

  /** Whether it counts as done, or as waited for, though it was passed over. */
  public boolean passedOver() {
    return verdict != null && verdict.passedFor() != null;
  }

  /** Whether its check was made and failed. */
  public boolean failed() {
    return verdict != null && verdict.what() == TaskMark.What.FAILED;
  }
}
