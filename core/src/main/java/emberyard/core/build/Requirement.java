package emberyard.core.build;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * One checkable wish.
 *
 * @param kind look where it was left out, as in files of the first version
 * @param limit where arithmetic answers, null otherwise
 * @param ban where absence answers, null otherwise
 * @param answeredBy the component, part, finish, screen, photo or test that answers it
 * @param answer what a person says answers it; empty while nobody did
 * @param outcome what a person judged; arithmetic goes before it
 */
public record Requirement(
    String id,
    String text,
    Priority priority,
    RequirementKind kind,
    @Nullable Limit limit,
    @Nullable Ban ban,
    @Nullable ThingLink answeredBy,
    String answer,
    Outcome outcome)
    implements Thing {
  public Requirement {
    Require.text("id", id);
    Require.text("text", text);
    Require.given("priority", priority);
    kind = kind == null ? RequirementKind.LOOK : kind;
    Require.that(
        limit == null || limit.measure().kind() == kind,
        "kind",
        "A limit on %s belongs to another kind of requirement."
            .formatted(limit == null ? "" : limit.measure().words()));
    Require.that(
        ban == null || kind == RequirementKind.BAN,
        "kind",
        "What is banned is a ban, nothing else.");
    answer = Require.textOrEmpty("answer", answer);
    outcome = outcome == null ? Outcome.OPEN : outcome;
    Require.that(
        outcome != Outcome.ANSWERED || !answer.isBlank(),
        "answer",
        "Say what answers it: a part, a component, a test or what you saw.");
  }

  /** A wish that a person or a thing will answer. */
  public static Requirement wish(String id, String text, Priority priority, RequirementKind kind) {
    return new Requirement(id, text, priority, kind, null, null, null, "", Outcome.OPEN);
  }

  /** A wish that arithmetic answers. */
  public static Requirement limited(String id, String text, Priority priority, Limit limit) {
    return new Requirement(
        id, text, priority, limit.measure().kind(), limit, null, null, "", Outcome.OPEN);
  }

  /** Something that must not be there. */
  public static Requirement banned(String id, String text, Priority priority, Ban ban) {
    return new Requirement(
        id, text, priority, RequirementKind.BAN, null, ban, null, "", Outcome.OPEN);
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
