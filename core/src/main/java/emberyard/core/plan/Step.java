package emberyard.core.plan;

import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.work.BeginWindow;
import emberyard.core.work.DayPaces;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A task as the schedule sees it.
 *
 * @param key unique over all projects
 * @param project id of its project
 * @param handsOnMinutes 0 to 1,000,000, in working hours only
 * @param waitMinutes 0 to 10,000,000, runs day and night behind the hands-on time
 * @param after keys that must be finished, waits included, before it starts
 * @param workers ids of those who can do it, empty for everybody
 * @param place station it occupies, null for none
 * @param holdsPlace whether the station stays occupied from start to the end of the wait
 * @param interruptible whether closing time and other work may split the hands-on time, never into
 *     pieces under 15 min
 * @param earliest not before this moment, null for any
 * @param paces how the wait runs on single days and on which days nobody may work on it; closed
 *     days count for the late plan too
 * @param hand name of what stays in one pair of hands if it can, as the coats of a part do: it goes
 *     on with the same person where that ends no more than an hour later; null for none
 * @param begunBy who had it in hand before the plan begins, null for nobody
 * @param windows in which it has to be begun, if it can; each names the key of a step before it
 * @param beginBy by when it has to be begun, if it can: a window that is open already; null for any
 *     time
 */
@RecordBuilder
public record Step(
    String key,
    String project,
    int handsOnMinutes,
    int waitMinutes,
    List<String> after,
    List<String> workers,
    @Nullable String place,
    boolean holdsPlace,
    boolean interruptible,
    @Nullable LocalDateTime earliest,
    DayPaces paces,
    @Nullable String hand,
    @Nullable String begunBy,
    List<BeginWindow> windows,
    @Nullable LocalDateTime beginBy)
    implements StepBuilder.With {
  public Step {
    Require.text("key", key);
    Require.given("project", project);
    notNegative(key, "handsOnMinutes", handsOnMinutes, 1_000_000);
    notNegative(key, "waitMinutes", waitMinutes, 10_000_000);
    after = Require.list(after);
    workers = Require.list(workers);
    windows = Require.list(windows);
  }

  /** A step for which every day is alike, and any time is as good as another. */
  public Step(
      String key,
      String project,
      int handsOnMinutes,
      int waitMinutes,
      List<String> after,
      List<String> workers,
      @Nullable String place,
      boolean holdsPlace,
      boolean interruptible,
      @Nullable LocalDateTime earliest) {
    this(
        key,
        project,
        handsOnMinutes,
        waitMinutes,
        after,
        workers,
        place,
        holdsPlace,
        interruptible,
        earliest,
        DayPaces.USUAL,
        null,
        null,
        List.of(),
        null);
  }

  private static void notNegative(String key, String field, long minutes, long most) {
    if (minutes < 0 || minutes > most) {
      throw new InvalidValue(
          field, "Task “%s” can't take %,d minutes; 0 to %,d min.".formatted(key, minutes, most));
    }
  }
}
