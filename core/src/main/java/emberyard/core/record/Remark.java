package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;

/** Something the client said that fits nowhere yet. */
public record Remark(String id, String text) implements Thing {
  public Remark {
    Require.text("id", id);
    Require.text("text", text);
  }
}
