package emberyard.core.geometry;

/** A round hole or disc. */
public record Circle(double xMm, double yMm, double diameterMm) {
  /** Distance of two rims, negative where they overlap. */
  public double rimToRimMm(Circle other) {
    return Math.hypot(xMm - other.xMm, yMm - other.yMm) - (diameterMm + other.diameterMm) / 2;
  }
}
