package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * What a person said about a task; the latest counts.
 *
 * @param by who says so
 * @param note the result of a gate, the reason of a redo or of passing over
 * @param passedFor the check, coat or hand-over for whose sake it counts as done though nobody did
 *     it, or though its wait went on; null for work that was done
 */
public record TaskMark(
    String id,
    String taskKey,
    What what,
    Instant at,
    String by,
    String note,
    @Nullable String passedFor)
    implements Thing {
  public TaskMark {
    Require.text("id", id);
    Require.text("taskKey", taskKey);
    Require.given("what", what);
    Require.given("at", at);
    Require.text("by", by);
    note = Require.textOrEmpty("note", note);
    Require.that(
        what == What.DONE || what == What.REOPENED || !note.isBlank(),
        "note",
        what == What.AGAIN ? "Say why it has to be done again." : "Say what the check showed.");
    Require.that(
        passedFor == null || (what == What.DONE && !note.isBlank()),
        "note",
        "Say why “" + taskKey + "” is passed over.");
  }

  /** About work that was done, or is to be done again. */
  public TaskMark(String id, String taskKey, What what, Instant at, String by, String note) {
    this(id, taskKey, what, at, by, note, null);
  }

  /** What can be said. */
  public enum What {
    DONE,
    REOPENED,
    /** Do it again: the step and its wait return to the plan. */
    AGAIN,
    PASSED,
    FAILED
  }
}
