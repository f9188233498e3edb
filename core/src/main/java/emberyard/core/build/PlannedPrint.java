package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A print that is planned before its file: its size, and what somebody guesses it takes.
 *
 * @param widthMm of the box round it, 0.5 to 3,000 mm; so are depth and height
 * @param hours on the printer for one, 0.05 to 500 h; null to reckon it as a plain box
 * @param grams of filament for one, 0.1 to 50,000 g; null to reckon it as a plain box
 */
public record PlannedPrint(
    double widthMm,
    double depthMm,
    double heightMm,
    @Nullable Double hours,
    @Nullable Double grams) {
  private static final double LARGEST_MM = 3_000;

  public PlannedPrint {
    Require.between("widthMm", widthMm, 0.5, LARGEST_MM, "mm");
    Require.between("depthMm", depthMm, 0.5, LARGEST_MM, "mm");
    Require.between("heightMm", heightMm, 0.5, LARGEST_MM, "mm");
    if (hours != null) {
      Require.between("hours", hours, 0.05, 500, "h");
    }
    if (grams != null) {
      Require.between("grams", grams, 0.1, 50_000, "g");
    }
  }

  /**
   * The box as a closed mesh without overhangs.
   *
   * <p>Example: 20 × 30 × 40 mm: 24,000 mm³, 5,200 mm².
   */
  MeshFacts box() {
    double area = 2 * (widthMm * depthMm + depthMm * heightMm + widthMm * heightMm);
    return new MeshFacts(
        widthMm * depthMm * heightMm,
        area,
        List.of(widthMm, depthMm, heightMm),
        12,
        true,
        List.of(0.0, 0.0, 0.0, 0.0, 0.0, 0.0));
  }
}
