package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a person said about a task; the latest counts.
 *
 * @param by who says so
 * @param note the result of a gate, the reason of a redo or of passing over
 * @param passedFor the check, coat or hand-over for whose sake it counts as done though nobody did
 *     it, or though its wait went on; null for work that was done
 * @param personId whom the plan gave the work when it was marked, null where it gave it nobody
 * @param rateMinor what an hour of theirs was charged at then, minor units: what is planned for it
 *     does not change afterwards; 0 to 1,000,000
 */
public record TaskMark(
    String id,
    String taskKey,
    What what,
    Instant at,
    String by,
    String note,
    @Nullable String passedFor,
    @Nullable String personId,
    @Nullable Long rateMinor,
    @Nullable Integer leftMinutes)
    implements Thing {
  private static final Set<What> WORDLESS = EnumSet.of(What.DONE, What.REOPENED, What.PARTLY);

  public TaskMark {
    Require.text("id", id);
    Require.text("taskKey", taskKey);
    Require.given("what", what);
    Require.given("at", at);
    Require.text("by", by);
    note = Require.textOrEmpty("note", note);
    Require.that(
        WORDLESS.contains(what) || !note.isBlank(),
        "note",
        what == What.AGAIN ? "Say why it has to be done again." : "Say what the check showed.");
    Require.that(
        passedFor == null || (what == What.DONE && !note.isBlank()),
        "note",
        "Say why “" + taskKey + "” is passed over.");
    Require.that(
        (what == What.PARTLY) == (leftMinutes != null), "leftMinutes", "Say how much is left.");
    if (leftMinutes != null) {
      Require.between("leftMinutes", leftMinutes, 1, 100_000, "min");
    }
    if (rateMinor != null) {
      Require.between("rateMinor", rateMinor, 0, 1_000_000, "minor units");
    }
  }

  /** Of work that the plan gave nobody. */
  public TaskMark(
      String id,
      String taskKey,
      What what,
      Instant at,
      String by,
      String note,
      @Nullable String passedFor) {
    this(id, taskKey, what, at, by, note, passedFor, null, null, null);
  }

  /** About work that was done, or is to be done again. */
  public TaskMark(String id, String taskKey, What what, Instant at, String by, String note) {
    this(id, taskKey, what, at, by, note, null);
  }

  /** The same, with whom the plan gave the work, at which rate. */
  public TaskMark planned(String person, long rate) {
    return new TaskMark(id, taskKey, what, at, by, note, passedFor, person, rate, leftMinutes);
  }

  /** Of work of which so many minutes are left. */
  public static TaskMark partly(
      String id, String taskKey, Instant at, String by, String note, int leftMinutes) {
    return new TaskMark(id, taskKey, What.PARTLY, at, by, note, null, null, null, leftMinutes);
  }

  /** What can be said. */
  public enum What {
    DONE,
    /** Some of it is done, so many minutes are left. */
    PARTLY,
    REOPENED,
    /** Do it again: the step and its wait return to the plan. */
    AGAIN,
    PASSED,
    FAILED
  }
}
