package emberyard.core.build;

import java.util.Locale;

/**
 * Where a component sits: in a bay of the enclosure, or on a spot of the board. A bay that accepts
 * {@link #FREE} takes anything that sits in a bay.
 */
public enum Seat {
  BOARD,
  SUPPLY,
  CARD,
  RADIATOR,
  DRIVE,
  FAN,
  FREE,
  ON_PROCESSOR,
  ON_MEMORY,
  ON_M2;

  /** Whether it is a spot on the board rather than a bay. */
  public boolean onBoard() {
    return this == ON_PROCESSOR || this == ON_MEMORY || this == ON_M2;
  }

  public String words() {
    return switch (this) {
      case SUPPLY -> "power supply";
      case ON_M2 -> "on an M.2 slot";
      default -> name().toLowerCase(Locale.ROOT).replace('_', ' ');
    };
  }
}
