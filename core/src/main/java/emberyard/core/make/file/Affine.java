package emberyard.core.make.file;

/** x' = a·x + c·y + e, y' = b·x + d·y + f: the six numbers as SVG writes them. */
record Affine(double a, double b, double c, double d, double e, double f) {
  static final Affine NONE = new Affine(1, 0, 0, 1, 0, 0);

  static Affine shift(double x, double y) {
    return new Affine(1, 0, 0, 1, x, y);
  }

  static Affine scale(double x, double y) {
    return new Affine(x, 0, 0, y, 0, 0);
  }

  static Affine turn(double radians) {
    double cos = Math.cos(radians);
    double sin = Math.sin(radians);
    return new Affine(cos, sin, -sin, cos, 0, 0);
  }

  /** First the inner one, then this. */
  Affine then(Affine inner) {
    return new Affine(
        a * inner.a + c * inner.b,
        b * inner.a + d * inner.b,
        a * inner.c + c * inner.d,
        b * inner.c + d * inner.d,
        a * inner.e + c * inner.f + e,
        b * inner.e + d * inner.f + f);
  }

  double[] of(double x, double y) {
    return new double[] {a * x + c * y + e, b * x + d * y + f};
  }

  /** Whether circles stay circles. */
  boolean keepsCircles() {
    double size = Math.abs(a) + Math.abs(b) + 1e-12;
    boolean turned = Math.abs(a - d) < 1e-9 * size && Math.abs(b + c) < 1e-9 * size;
    boolean flipped = Math.abs(a + d) < 1e-9 * size && Math.abs(b - c) < 1e-9 * size;
    return turned || flipped;
  }

  boolean flips() {
    return a * d - b * c < 0;
  }

  /** The largest stretch: how much finer curves must be broken before it is applied. */
  double stretch() {
    return Math.max(Math.hypot(a, b), Math.hypot(c, d));
  }
}
