package emberyard.core.canvas;

import emberyard.core.colour.Colour;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * Whether letters on a screen can be read from where one stands.
 *
 * @param leastCapitalMm that a capital has to be high: distance × tan 20′
 * @param leastPixels the same in pixels of the screen, null without a pitch
 * @param readToMm from how far a capital that high can be read, null without one
 * @param contrast of the letters to their ground, 1 to 21
 * @param largeEnough whether the capital is; true without one
 * @param clearEnough whether the contrast is 4.5 or more
 */
public record Legible(
    double leastCapitalMm,
    @Nullable Double leastPixels,
    @Nullable Double readToMm,
    double contrast,
    boolean largeEnough,
    boolean clearEnough) {
  /** WCAG 2, level AA. */
  public static final double LEAST_CONTRAST = 4.5;

  private static final double ARC_MINUTES = 20;

  /**
   * Examples: at 1.2 m 7.0 mm; at a pitch of 0.2 mm 35 pixels; 8.4 mm can be read from 1.44 m.
   *
   * @param distanceMm of the eye, 50 to 20,000 mm
   * @param capitalMm of the letters, 0.1 to 2,000 mm; null to ask for the least alone
   * @param pitchMm from pixel to pixel, 0.01 to 20 mm; null where nobody knows
   */
  public static Legible of(
      double distanceMm,
      @Nullable Double capitalMm,
      @Nullable Double pitchMm,
      Colour ink,
      Colour ground) {
    Require.between("distanceMm", distanceMm, 50, 20_000, "mm");
    if (capitalMm != null) {
      Require.between("capitalMm", capitalMm, 0.1, 2_000, "mm");
    }
    if (pitchMm != null) {
      Require.between("pitchMm", pitchMm, 0.01, 20, "mm");
    }
    double share = Math.tan(Math.toRadians(ARC_MINUTES / 60));
    double least = distanceMm * share;
    double contrast = ink.contrast(ground);
    return new Legible(
        least,
        pitchMm == null ? null : (Double) (least / pitchMm),
        capitalMm == null ? null : (Double) (capitalMm / share),
        contrast,
        capitalMm == null || capitalMm >= least - 1e-9,
        contrast >= LEAST_CONTRAST);
  }

  /** Whether they can be read. */
  public boolean readable() {
    return largeEnough && clearEnough;
  }
}
