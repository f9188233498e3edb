package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * One thing a build stands on: a foot, or a line with two ends such as an axle, a runner or a pair
 * of feet.
 *
 * @param name "hitch", "front feet"
 * @param xMm from the left, a foot's or one end's, −2,000 to 5,000 mm; so are the others
 * @param yMm from the front
 * @param toXMm the other end of a line; null for a foot, or where it lies as the first
 * @param toYMm so too
 * @param mostKg what it may carry, 0.01 to 2,000 kg, both ends together; null where nobody said
 */
public record Support(
    String id,
    String name,
    double xMm,
    double yMm,
    @Nullable Double toXMm,
    @Nullable Double toYMm,
    @Nullable Double mostKg) {
  private static final double LEAST_MM = -2_000;
  private static final double SAME_MM = 0.01;

  public Support {
    Require.text("id", id);
    Require.text("name", name);
    within("xMm", xMm);
    within("yMm", yMm);
    if (toXMm != null) {
      within("toXMm", toXMm);
    }
    if (toYMm != null) {
      within("toYMm", toYMm);
    }
    if (mostKg != null) {
      Require.between("mostKg", mostKg, 0.01, 2_000, "kg");
    }
  }

  private static void within(String field, double mm) {
    Require.between(field, mm, LEAST_MM, Enclosure.LARGEST_MM, "mm");
  }

  /** A foot. */
  public static Support foot(String id, String name, double xMm, double yMm) {
    return new Support(id, name, xMm, yMm, null, null, null);
  }

  /** A line from left to right. */
  public static Support across(String id, String name, double leftMm, double rightMm, double yMm) {
    return new Support(id, name, leftMm, yMm, rightMm, null, null);
  }

  /** The same with a limit. */
  public Support atMost(@Nullable Double kg) {
    return new Support(id, name, xMm, yMm, toXMm, toYMm, kg);
  }

  /** The same further right and back. */
  public Support moved(double rightMm, double backMm) {
    return new Support(
        id,
        name,
        xMm + rightMm,
        yMm + backMm,
        toXMm == null ? null : toXMm + rightMm,
        toYMm == null ? null : toYMm + backMm,
        mostKg);
  }

  public double endXMm() {
    return toXMm == null ? xMm : toXMm;
  }

  public double endYMm() {
    return toYMm == null ? yMm : toYMm;
  }

  /** Whether it has two ends. */
  public boolean line() {
    return Math.hypot(endXMm() - xMm, endYMm() - yMm) > SAME_MM;
  }
}
