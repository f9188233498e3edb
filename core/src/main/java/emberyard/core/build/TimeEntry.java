package emberyard.core.build;

import emberyard.core.units.Require;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * One run of the clock on a task.
 *
 * @param endedAt null while it runs
 */
public record TimeEntry(
    String id, String taskKey, String personId, Instant startedAt, @Nullable Instant endedAt) {
  public TimeEntry {
    Require.text("id", id);
    Require.text("taskKey", taskKey);
    Require.text("personId", personId);
    Require.given("startedAt", startedAt);
    Require.that(
        endedAt == null || !endedAt.isBefore(startedAt),
        "endedAt",
        "The clock can't stop before it started.");
  }

  /** Whole minutes up to {@code now} for a running clock. */
  public long minutes(Instant now) {
    return Math.max(0, Duration.between(startedAt, endedAt == null ? now : endedAt).toMinutes());
  }
}
