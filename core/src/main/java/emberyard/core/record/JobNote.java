package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;

/** A remark left on a task. */
public record JobNote(String id, String taskKey, String text, String by, Instant at)
    implements Thing {
  public JobNote {
    Require.text("id", id);
    Require.text("taskKey", taskKey);
    Require.text("text", text);
    Require.text("by", by);
    Require.given("at", at);
  }
}
