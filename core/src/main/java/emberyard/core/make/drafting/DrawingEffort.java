package emberyard.core.make.drafting;

import emberyard.core.geometry.Outline;
import emberyard.core.units.InvalidValue;

/**
 * What drawing a part costs, counted in corners looked at: each step looks at what it draws and at
 * what is there already. So a few lines of text in a hundred copies are refused before they hold
 * everybody up, however few steps they take.
 */
final class DrawingEffort {
  /** Some hundred lines of lettering. */
  static final long MOST_CORNERS = 1_000_000;

  private static final int LOOKS = 3;

  private long spent;

  /**
   * @throws InvalidValue where the part becomes too much
   */
  void spend(long corners) {
    spent += corners;
    if (spent > MOST_CORNERS) {
      throw new InvalidValue(
          "figure",
          "From this step on the part has too many corners to work with: lay less of it, simplify"
              + " the figure, or make two parts.");
    }
  }

  /** For laying one outline on another, which looks at each corner of both several times. */
  void spend(Outline one, Outline other) {
    spend(LOOKS * (one.corners() + other.corners()));
  }
}
