package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import emberyard.core.work.StationKind;

/**
 * A place or machine that steps occupy.
 *
 * @param capacity how many steps it takes at once, 1 to 20
 */
public record Station(String id, String name, StationKind kind, int capacity) implements Thing {
  public Station {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("kind", kind);
    Require.between("capacity", capacity, 1, 20, "at once");
  }
}
