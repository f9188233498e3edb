package emberyard.core.fit.air;

import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.HoleField;
import emberyard.core.build.Opening;
import emberyard.core.units.Require;

/**
 * An opening that air finds its way through by itself.
 *
 * @param lowMm its lower edge above the floor of the case, −500 to 5,000 mm; high its upper edge,
 *     no lower
 * @param openMm2 what it lets through, 0 to 25,000,000 mm²
 */
public record Vent(double lowMm, double highMm, double openMm2) {
  /** Lower than this it counts as being at one height. */
  private static final double FLAT_MM = 1;

  /**
   * A hole in the top lets warm air out and cool air in past each other as an upright one does that
   * is so much of its diameter high: from V̇ = 0.055 √(g D⁵ ΔT/T) (Epstein 1988).
   */
  private static final double EXCHANGE = 0.12;

  public Vent {
    Require.between("lowMm", lowMm, -500, 5_000, "mm");
    Require.between("highMm", highMm, lowMm, 5_500, "mm");
    Require.between("openMm2", openMm2, 0, 25e6, "mm²");
  }

  /** An opening of an enclosure, of which so much is left for air. */
  static Vent of(Enclosure enclosure, Opening opening, double openMm2) {
    if (opening.face() == Face.TOP) {
      double top = enclosure.heightMm();
      return new Vent(top - EXCHANGE * acrossMm(opening), top, openMm2);
    }
    if (opening.face() == Face.BOTTOM) {
      return new Vent(0, 0, openMm2);
    }
    return new Vent(opening.yMm(), opening.yMm() + opening.heightMm(), openMm2);
  }

  /** The diameter of its holes, or of a round one as large as all of it. */
  private static double acrossMm(Opening opening) {
    HoleField field = opening.field();
    return field == null ? 2 * Math.sqrt(opening.at().areaMm2() / Math.PI) : field.holeMm();
  }

  /**
   * ∫ √(level − z) dA over what lies below a level, m²√m: what is drawn in there, but for a factor
   * that all vents share.
   */
  double belowLevel(double levelMm) {
    return drawn((levelMm - highMm) / 1e3, (levelMm - lowMm) / 1e3);
  }

  /** The same over what lies above it, blown out there. */
  double aboveLevel(double levelMm) {
    return drawn((lowMm - levelMm) / 1e3, (highMm - levelMm) / 1e3);
  }

  private double drawn(double nearM, double farM) {
    double area = openMm2 / 1e6;
    if (farM <= 0) {
      return 0;
    }
    if (highMm - lowMm < FLAT_MM) {
      return area * Math.sqrt(farM);
    }
    double whole = Math.pow(farM, 1.5) - Math.pow(Math.max(0, nearM), 1.5);
    return area / (farM - nearM) * 2 / 3 * whole;
  }
}
