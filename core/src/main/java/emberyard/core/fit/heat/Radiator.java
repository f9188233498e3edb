package emberyard.core.fit.heat;

import emberyard.core.units.Require;

/**
 * A radiator as far as heat is concerned.
 *
 * @param sections 1 to 12
 * @param sizeMm 120 or 140 a section
 * @param thicknessMm 15 to 100 mm
 * @param rpm of its fans, 0 to 6,000
 * @param factor for warm air it breathes and the panel in front, 0 to 1
 */
public record Radiator(int sections, double sizeMm, double thicknessMm, double rpm, double factor) {
  private static final double PER_120 = 7.5;
  private static final double PER_140 = 9.5;
  private static final double RPM = 1_200;
  private static final double POWER = 0.6;

  public Radiator {
    Require.between("sections", sections, 1, 12, "sections");
    Require.between("sizeMm", sizeMm, 80, 240, "mm");
    Require.between("thicknessMm", thicknessMm, 15, 100, "mm");
    Require.between("rpm", rpm, 0, 6_000, "rpm");
    Require.between("factor", factor, 0, 1, "");
  }

  /**
   * Conductance, W/K: k × sections × thickness factor × (rpm/1200)^0.6 × factor, k = 7.5 for 120 mm
   * and 9.5 for 140 mm sections; other sizes between and beyond by area. Thickness: 30 mm 1.0, 45
   * mm 1.08, 60 mm 1.15, straight between. Source: the handbook's fit to usual radiators.
   *
   * <p>Example: 3 × 120, 45 mm, 1200 rpm: 24.3 W/K; at 900 rpm 20.4.
   */
  public double conductance() {
    return perSection()
        * sections
        * thicknessFactor(thicknessMm)
        * Math.pow(rpm / RPM, POWER)
        * factor;
  }

  private double perSection() {
    if (sizeMm == 120) {
      return PER_120;
    }
    if (sizeMm == 140) {
      return PER_140;
    }
    return PER_120 * sizeMm * sizeMm / (120 * 120);
  }

  /** 1.0 at 30 mm, 1.08 at 45, 1.15 at 60; straight lines between, level beyond 60. */
  public static double thicknessFactor(double mm) {
    if (mm <= 45) {
      return 1 + (mm - 30) * 0.08 / 15;
    }
    return mm >= 60 ? 1.15 : 1.08 + (mm - 45) * 0.07 / 15;
  }
}
