package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * One run of the clock on a task.
 *
 * @param endedAt null while it runs
 * @param typedBy who typed or corrected it; null for a run of the clock as it was
 * @param why the reason of a time of nothing, or of a correction; may be empty
 */
public record TimeEntry(
    String id,
    String taskKey,
    String personId,
    Instant startedAt,
    @Nullable Instant endedAt,
    @Nullable String typedBy,
    String why)
    implements Thing {
  private static final Duration LONGEST_RUN = Duration.ofHours(12);
  private static final Duration LONGEST_TYPED = Duration.ofHours(24);

  public TimeEntry {
    Require.text("id", id);
    Require.text("taskKey", taskKey);
    Require.text("personId", personId);
    Require.given("startedAt", startedAt);
    Require.that(
        endedAt == null || !endedAt.isBefore(startedAt),
        "endedAt",
        "The clock can't stop before it started.");
    why = Require.textOrEmpty("why", why);
    boolean tooLong =
        typedBy != null
            && endedAt != null
            && Duration.between(startedAt, endedAt).compareTo(LONGEST_TYPED) > 0;
    Require.that(!tooLong, "endedAt", "More than 24 hours in one go: write a line for each day.");
  }

  /** A run of the clock. */
  public TimeEntry(
      String id, String taskKey, String personId, Instant startedAt, @Nullable Instant endedAt) {
    this(id, taskKey, personId, startedAt, endedAt, null, "");
  }

  /** The same, stopped. */
  public TimeEntry stopped(Instant at) {
    return new TimeEntry(id, taskKey, personId, startedAt, at, typedBy, why);
  }

  /**
   * Whole minutes, up to {@code now} for a running clock; none for one that nobody stopped for more
   * than twelve hours: it was forgotten, and counts when somebody has said when it ended.
   */
  public long minutes(Instant now) {
    boolean forgotten =
        endedAt == null && Duration.between(startedAt, now).compareTo(LONGEST_RUN) > 0;
    return forgotten
        ? 0
        : Math.max(0, Duration.between(startedAt, endedAt == null ? now : endedAt).toMinutes());
  }
}
