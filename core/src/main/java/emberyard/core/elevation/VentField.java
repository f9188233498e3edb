package emberyard.core.elevation;

import java.util.Locale;

/** How a vent field looks: round holes in staggered rows. */
final class VentField {
  /** Hole diameter; a default. */
  static final double HOLE_MM = 5.2;

  /** From centre to centre; a default. */
  static final double PITCH_MM = 8;

  private static final double ROW_MM = PITCH_MM * Math.sqrt(3) / 2;
  private static final int MOST_HOLES = 2_000;

  /** One hole, drawn from its leftmost point and back. */
  private static final String ROUND =
      "a%2$s %2$s 0 1 0 %1$s 0a%2$s %2$s 0 1 0 -%1$s 0z".formatted(HOLE_MM, HOLE_MM / 2);

  private VentField() {}

  /**
   * Holes that fit a box, centred in it, as an SVG path from its upper left corner; the box itself
   * where it is smaller than one hole or larger than 2,000 of them.
   *
   * <p>Example: 14 × 6 mm gives one row of two holes.
   */
  static String path(double widthMm, double heightMm) {
    int rows = 1 + (int) Math.floor((heightMm - HOLE_MM) / ROW_MM);
    int columns = 1 + (int) Math.floor((widthMm - HOLE_MM) / PITCH_MM);
    if (widthMm < HOLE_MM || heightMm < HOLE_MM || (long) rows * columns > MOST_HOLES) {
      return String.format(Locale.ROOT, "M0 0H%.2fV%.2fH0z", widthMm, heightMm);
    }
    double top = (heightMm - HOLE_MM - (rows - 1) * ROW_MM) / 2;
    StringBuilder path = new StringBuilder();
    for (int row = 0; row < rows; row++) {
      int holes = row % 2 == 0 ? columns : columns - 1;
      double left = (widthMm - HOLE_MM - (holes - 1) * PITCH_MM) / 2;
      double middle = hundredth(top + row * ROW_MM + HOLE_MM / 2);
      for (int hole = 0; hole < holes; hole++) {
        path.append('M').append(hundredth(left + hole * PITCH_MM)).append(' ').append(middle);
        path.append(ROUND);
      }
    }
    return path.toString();
  }

  /** Written out without a formatter: this is drawn on every move of the hand. */
  private static double hundredth(double mm) {
    return Math.round(mm * 100) / 100.0;
  }
}
