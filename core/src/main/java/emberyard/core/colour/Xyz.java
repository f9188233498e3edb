package emberyard.core.colour;

/** CIE 1931 XYZ, D65, white at Y = 1. */
public record Xyz(double x, double y, double z) {
  /** D65 white, the row sums of the sRGB matrix: white is then exactly L 100, a 0, b 0. */
  static final Xyz WHITE = new Xyz(0.95047, 1, 1.08883);
}
