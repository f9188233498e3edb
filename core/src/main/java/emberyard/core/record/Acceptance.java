package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;

/** A person takes a finding upon themselves, with a reason. */
public record Acceptance(String id, String findingKey, String by, String reason, Instant at)
    implements Thing {
  public Acceptance {
    Require.text("id", id);
    Require.text("findingKey", findingKey);
    Require.text("by", by);
    Require.that(
        reason != null && !reason.isBlank(), "reason", "Say why it is all right like this.");
    Require.given("at", at);
  }
}
