package emberyard.core.geometry;

/** A straight piece of something laid on a face, mm, y upwards. */
public record Stretch(double fromXMm, double fromYMm, double toXMm, double toYMm) {
  public double lengthMm() {
    return Math.hypot(toXMm - fromXMm, toYMm - fromYMm);
  }

  /** Distance of a point from it, 0 on it. */
  public double distanceMm(double x, double y) {
    double dx = toXMm - fromXMm;
    double dy = toYMm - fromYMm;
    double squared = dx * dx + dy * dy;
    double along = squared == 0 ? 0 : clamped(((x - fromXMm) * dx + (y - fromYMm) * dy) / squared);
    return Math.hypot(fromXMm + along * dx - x, fromYMm + along * dy - y);
  }

  /** The point at a share of its length, 0 at its start. */
  public double[] at(double share) {
    return new double[] {fromXMm + share * (toXMm - fromXMm), fromYMm + share * (toYMm - fromYMm)};
  }

  private static double clamped(double share) {
    return Math.max(0, Math.min(1, share));
  }
}
