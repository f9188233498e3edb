package emberyard.core.geometry;

/**
 * A corner of a contour and how its line goes on.
 *
 * @param bulge tangent of a quarter of the arc's angle to the next knot: 0 for a straight line, 1
 *     for a half circle, positive where the arc turns counter-clockwise
 */
public record Knot(double xMm, double yMm, double bulge) {
  /** A corner from which a straight line goes on. */
  public static Knot at(double xMm, double yMm) {
    return new Knot(xMm, yMm, 0);
  }

  /** Angle of the arc to the next knot, radians, positive counter-clockwise. */
  double sweep() {
    return 4 * Math.atan(bulge);
  }
}
