package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * One checkable wish.
 *
 * @param answer the thing, test or note that answers it, in words; empty while open
 * @param outcome what a person judged
 */
public record Requirement(
    String id, String text, Priority priority, String answer, Outcome outcome) {
  public Requirement {
    Require.text("id", id);
    Require.text("text", text);
    Require.given("priority", priority);
    answer = Require.textOrEmpty("answer", answer);
    Require.given("outcome", outcome);
    Require.that(
        outcome != Outcome.ANSWERED || !answer.isBlank(),
        "answer",
        "Say what answers it: a part, a component, a test or what you saw.");
  }

  /** How badly it is wanted. */
  public enum Priority {
    MUST,
    SHOULD,
    NICE
  }

  /** Whether the build does it. */
  public enum Outcome {
    OPEN,
    ANSWERED,
    FAILED
  }
}
