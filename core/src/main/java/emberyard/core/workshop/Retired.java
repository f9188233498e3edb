package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;

/**
 * That something of the workshop isn't chosen any more: a shop, a person, a machine, a product. It
 * stays where it is used, and comes back when this is taken out.
 *
 * @param id kind and thing, {@code suppliers-quayside}, so that nothing is retired twice
 * @param kind word of the kind, {@code suppliers}
 */
public record Retired(String id, String kind, String thingId) implements Thing {
  public Retired {
    Require.text("id", id);
    Require.text("kind", kind);
    Require.text("thingId", thingId);
    Require.that(
        id.equals(kind + "-" + thingId), "id", "It is named by what is retired: suppliers-quay.");
  }

  /** One of a kind. */
  public static Retired of(String kind, String thingId) {
    return new Retired(kind + "-" + thingId, kind, thingId);
  }
}
