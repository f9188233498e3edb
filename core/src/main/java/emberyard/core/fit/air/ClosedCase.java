package emberyard.core.fit.air;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Opening;
import emberyard.core.fit.power.PowerBudget;
import java.util.Optional;

/**
 * Heat in a case that has no opening and no fan through one: it leaves through the walls alone.
 *
 * @param heatW drawn inside: peak of processor and graphics, the rest as usual
 * @param wallM2 free walls: all but the one it stands on
 * @param metalK warmer than the room with thin metal walls, the best case
 * @param woodK the same with 15 mm of wood
 */
public record ClosedCase(double heatW, double wallM2, double metalK, double woodK) {
  /** W/m²K: still air inside and out, and the wall. Source: the handbook. */
  private static final double THIN_METAL = 5;

  private static final double WOOD_15_MM = 2.7;

  /** Less than this nobody notices. */
  static final double NOTICED_K = 5;

  /**
   * ΔT = Q/(U A).
   *
   * <p>Example: 220 W in 400 × 300 × 300 mm on its bottom, 0.54 m²: + 81 K with thin metal, + 151 K
   * with wood.
   */
  public static ClosedCase of(double widthMm, double depthMm, double heightMm, double heatW) {
    double wall = (2 * (widthMm + depthMm) * heightMm + widthMm * depthMm) / 1e6;
    return new ClosedCase(heatW, wall, heatW / (THIN_METAL * wall), heatW / (WOOD_15_MM * wall));
  }

  /** The case of a build, where it is closed and something in it draws; empty otherwise. */
  public static Optional<ClosedCase> of(Build build, PowerBudget budget, Airflow airflow) {
    Enclosure in = Breathing.enclosure(build).orElse(null);
    double heat =
        budget.power().hungryPeakWatts() + budget.power().restTypicalWatts() + budget.besideWatts();
    boolean fanThrough = airflow.fans().stream().anyMatch(flow -> flow.air().flowM3PerHour() > 0);
    if (in == null || heat <= 0 || fanThrough || openMm2(in) > 0) {
      return Optional.empty();
    }
    return Optional.of(of(in.widthMm(), in.depthMm(), in.heightMm(), heat));
  }

  private static double openMm2(Enclosure in) {
    return in.openings().stream()
        .filter(opening -> !opening.sealed())
        .mapToDouble(Opening::openMm2)
        .sum();
  }
}
