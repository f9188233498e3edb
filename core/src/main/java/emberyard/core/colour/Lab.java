package emberyard.core.colour;

import emberyard.core.units.Require;

/**
 * CIELAB with D65 white.
 *
 * @param l lightness, 0 to 100
 * @param a green (−) to red (+), −200 to 200
 * @param b blue (−) to yellow (+), −200 to 200
 */
public record Lab(double l, double a, double b) {
  private static final double BEND = 6.0 / 29;

  public Lab {
    Require.between("l", l, -1, 150, "");
    Require.between("a", a, -300, 300, "");
    Require.between("b", b, -300, 300, "");
  }

  static Lab of(Xyz xyz) {
    double fx = root(xyz.x() / Xyz.WHITE.x());
    double fy = root(xyz.y() / Xyz.WHITE.y());
    double fz = root(xyz.z() / Xyz.WHITE.z());
    return new Lab(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz));
  }

  Xyz xyz() {
    double fy = (l + 16) / 116;
    return new Xyz(
        Xyz.WHITE.x() * cube(fy + a / 500),
        Xyz.WHITE.y() * cube(fy),
        Xyz.WHITE.z() * cube(fy - b / 200));
  }

  private static double root(double t) {
    return t > BEND * BEND * BEND ? Math.cbrt(t) : t / (3 * BEND * BEND) + 4.0 / 29;
  }

  private static double cube(double t) {
    return t > BEND ? t * t * t : 3 * BEND * BEND * (t - 4.0 / 29);
  }
}
