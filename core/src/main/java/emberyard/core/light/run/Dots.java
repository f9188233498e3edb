package emberyard.core.light.run;

import emberyard.core.units.Require;

/**
 * A row of LEDs behind something that spreads their light: E(x) ∝ Σ h² ÷ ((x − kp)² + h²)², by the
 * pitch p and the distance h. Unevenness is (most − least) ÷ (most + least).
 *
 * <p>Examples (handbook, light runs): h/p 0.5 35.0 %, 0.75 10.2 %, 1.0 2.7 %, 1.25 0.7 %.
 */
public final class Dots {
  /** Less reads as a line. */
  public static final double LINE_PERCENT = 5;

  /** LEDs to each side that count: leaves less than 0.01 % for distances up to four pitches. */
  private static final int BESIDE = 60;

  private Dots() {}

  /**
   * @param pitchMm from LED to LED, over 0 to 1,000 mm
   * @param distanceMm to what spreads the light, 0 to 1,000 mm
   * @return 0 to 100 %
   */
  public static double unevenPercent(double pitchMm, double distanceMm) {
    Require.between("pitchMm", pitchMm, 0.1, 1_000, "mm");
    Require.between("distanceMm", distanceMm, 0, 1_000, "mm");
    if (distanceMm < pitchMm * 0.02) {
      return 100;
    }
    double most = at(0, distanceMm / pitchMm);
    double least = at(0.5, distanceMm / pitchMm);
    return Math.max(0, 100 * (most - least) / (most + least));
  }

  /**
   * The least distance at which it reads as a line, rounded up to 0.5 mm.
   *
   * <p>Example: 60 LEDs/m, 16.7 mm apart: 15.0 mm.
   */
  public static double lineMm(double pitchMm) {
    double low = 0;
    double high = 2;
    for (int i = 0; i < 40; i++) {
      double middle = (low + high) / 2;
      if (unevenPercent(pitchMm, middle * pitchMm) < LINE_PERCENT) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return Math.ceil(high * pitchMm * 2 - 1e-9) / 2;
  }

  private static double at(double x, double h) {
    double sum = 0;
    for (int k = -BESIDE; k <= BESIDE; k++) {
      double across = (x - k) * (x - k) + h * h;
      sum += h * h / (across * across);
    }
    return sum;
  }
}
