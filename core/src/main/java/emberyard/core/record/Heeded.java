package emberyard.core.record;

import emberyard.core.finding.Caution;
import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;

/**
 * A caution that somebody read before a step: on that day it is a line to them.
 *
 * @param personId who read it
 */
public record Heeded(String id, String personId, Caution caution, Instant at) implements Thing {
  public Heeded {
    Require.text("id", id);
    Require.text("personId", personId);
    Require.given("caution", caution);
    Require.given("at", at);
  }
}
