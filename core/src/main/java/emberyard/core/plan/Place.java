package emberyard.core.plan;

import emberyard.core.units.Require;

/**
 * A station the plan can occupy.
 *
 * @param capacity steps at once, 1 to 1,000
 */
public record Place(String id, int capacity) {
  public Place {
    Require.text("id", id);
    Require.between("capacity", capacity, 1, 1_000, "at once");
  }
}
