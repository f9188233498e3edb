package emberyard.core.geometry;

/**
 * A rigid move in the plane: mirrored at the y axis first, then turned about the origin, then
 * shifted. Lengths and areas stay.
 *
 * @param turnDegrees counter-clockwise
 */
public record Move(double xMm, double yMm, double turnDegrees, boolean mirrored) {
  /** Nothing moves. */
  public static final Move NONE = new Move(0, 0, 0, false);

  public static Move by(double xMm, double yMm) {
    return new Move(xMm, yMm, 0, false);
  }

  public static Move turned(double degrees) {
    return new Move(0, 0, degrees, false);
  }

  double cos() {
    return exact(Math.cos(Math.toRadians(turnDegrees)));
  }

  double sin() {
    return exact(Math.sin(Math.toRadians(turnDegrees)));
  }

  /** Quarter turns leave no dust behind. */
  private static double exact(double value) {
    return Math.abs(value) < 1e-15
        ? 0
        : Math.abs(Math.abs(value) - 1) < 1e-15 ? Math.signum(value) : value;
  }

  /** Where a point comes to lie: x and y. */
  public double[] of(double x, double y) {
    double mx = mirrored ? -x : x;
    return new double[] {mx * cos() - y * sin() + xMm, mx * sin() + y * cos() + yMm};
  }
}
