package emberyard.core.build;

import emberyard.core.units.Require;
import java.time.Instant;

/**
 * What a person said about a task; the latest counts.
 *
 * @param by who says so
 * @param note the result of a gate, the reason of a redo
 */
public record TaskMark(String id, String taskKey, What what, Instant at, String by, String note) {
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
