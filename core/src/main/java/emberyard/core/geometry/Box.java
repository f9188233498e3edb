package emberyard.core.geometry;

/**
 * An upright box in space, mm: x to the right, y to the back, z up; from its lower left front
 * corner.
 */
public record Box(
    double xMm, double yMm, double zMm, double widthMm, double depthMm, double heightMm) {
  /** Overlaps thinner than this are touching faces. */
  public static final double TOUCH_MM = 1e-6;

  /** Lower end along an axis: 0 x, 1 y, 2 z. */
  public double from(int axis) {
    return axis == 0 ? xMm : axis == 1 ? yMm : zMm;
  }

  /** Length along an axis. */
  public double length(int axis) {
    return axis == 0 ? widthMm : axis == 1 ? depthMm : heightMm;
  }

  /** Upper end along an axis. */
  public double to(int axis) {
    return from(axis) + length(axis);
  }

  public double volumeMm3() {
    return widthMm * depthMm * heightMm;
  }

  /** Whether they share more than a face. */
  public boolean overlaps(Box other) {
    return along(0, other) && along(1, other) && along(2, other);
  }

  /** Whether their extents along one axis share more than an end. */
  public boolean along(int axis, Box other) {
    return Math.min(to(axis), other.to(axis)) - Math.max(from(axis), other.from(axis)) > TOUCH_MM;
  }

  /** Whether all of another lies inside, faces included. */
  public boolean contains(Box other) {
    for (int axis = 0; axis < 3; axis++) {
      if (other.from(axis) < from(axis) - TOUCH_MM || other.to(axis) > to(axis) + TOUCH_MM) {
        return false;
      }
    }
    return true;
  }

  public Box moved(double x, double y, double z) {
    return new Box(xMm + x, yMm + y, zMm + z, widthMm, depthMm, heightMm);
  }

  /** The same box with other ends along one axis. */
  public Box between(int axis, double from, double to) {
    return new Box(
        axis == 0 ? from : xMm,
        axis == 1 ? from : yMm,
        axis == 2 ? from : zMm,
        axis == 0 ? to - from : widthMm,
        axis == 1 ? to - from : depthMm,
        axis == 2 ? to - from : heightMm);
  }

  /** The way from one box to another along the axes, mm; 0 where they touch. */
  public double wayMm(Box other) {
    double way = 0;
    for (int axis = 0; axis < 3; axis++) {
      way += Math.max(0, Math.max(other.from(axis) - to(axis), from(axis) - other.to(axis)));
    }
    return way;
  }

  /** The smallest box around both. */
  public Box around(Box other) {
    Box all = this;
    for (int axis = 0; axis < 3; axis++) {
      all =
          all.between(
              axis, Math.min(from(axis), other.from(axis)), Math.max(to(axis), other.to(axis)));
    }
    return all;
  }
}
