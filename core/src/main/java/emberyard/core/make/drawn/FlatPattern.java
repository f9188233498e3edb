package emberyard.core.make.drawn;

import emberyard.core.build.Bent;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;

/**
 * A bent strip laid flat.
 *
 * @param flatMm its length before bending
 * @param bends where it is bent
 * @param heatedBandMm width that is heated at each bend
 * @param soakMinutes heating from each side
 */
public record FlatPattern(
    double flatMm, List<DrawnPart.BendLine> bends, double heatedBandMm, double soakMinutes) {
  /** Where the neutral fibre of acrylic lies; a default of the handbook. */
  public static final double K = 0.45;

  private static final double BAND = 5.5;

  /**
   * Flat length = Σ straight legs + Σ allowances; allowance = π/180 × angle × (R + K t). Source:
   * neutral fibre of a bent strip. Soak: 1 min per mm of thickness on each side.
   *
   * <p>Example: 90°, t 3, R 6: an allowance of 11.55 mm.
   *
   * @param thicknessMm 0.3 to 50 mm
   */
  public static FlatPattern of(Bent bent, double thicknessMm) {
    Require.between("thicknessMm", thicknessMm, 0.3, 50, "mm");
    List<DrawnPart.BendLine> bends = new ArrayList<>();
    double at = bent.firstLegMm();
    for (Bent.Bend bend : bent.bends()) {
      double allowance = allowanceMm(bend.angleDegrees(), bend.insideRadiusMm(), thicknessMm);
      bends.add(
          new DrawnPart.BendLine(
              at + allowance / 2, bend.angleDegrees(), bend.insideRadiusMm(), allowance));
      at += allowance + bend.legMm();
    }
    return new FlatPattern(at, List.copyOf(bends), heatedBandMm(thicknessMm), thicknessMm);
  }

  /** Width that is heated at a bend: 5 to 6 times the thickness. */
  public static double heatedBandMm(double thicknessMm) {
    return BAND * thicknessMm;
  }

  /** Length of strip that goes into one bend, mm. */
  public static double allowanceMm(double angleDegrees, double insideRadiusMm, double thicknessMm) {
    return Math.toRadians(angleDegrees) * (insideRadiusMm + K * thicknessMm);
  }
}
