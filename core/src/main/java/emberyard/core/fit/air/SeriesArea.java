package emberyard.core.fit.air;

import emberyard.core.units.Figures;
import emberyard.core.units.Require;
import emberyard.core.work.Why;
import java.util.List;

/**
 * Free areas that air passes one behind another: a skin, a guard, a filter, a vent.
 *
 * @param areaCm2 one opening that lets through as much
 */
public record SeriesArea(double areaCm2, Why why) {
  private static final int MOST = 12;

  /**
   * A = 1/√Σ(1/Aᵢ²). Source: the handbook, “Fan behind several things in series”.
   *
   * <p>Example: 58 and 86 cm² act like 48.1.
   *
   * @param areasCm2 1 to 12 free areas, 0.01 to 100,000 cm²
   */
  public static SeriesArea of(List<Double> areasCm2) {
    Require.between("areasCm2", areasCm2.size(), 1, MOST, "areas");
    double sum = 0;
    for (int i = 0; i < areasCm2.size(); i++) {
      double area = areasCm2.get(i);
      Require.between("areasCm2." + i, area, 0.01, 100_000, "cm²");
      sum += 1 / (area * area);
    }
    return new SeriesArea(
        1 / Math.sqrt(sum),
        Why.of(
            "1/√Σ(1/Aᵢ²)",
            String.join(" and ", areasCm2.stream().map(Figures::plain).toList()) + " cm²"));
  }
}
