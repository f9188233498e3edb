package emberyard.core.make.panel;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * How a cutter works, for its time.
 *
 * @param speedMmPerSecond along contours, 0.1 to 1,000
 * @param pierceSeconds per contour begun, 0 to 60
 * @param pierces contours begun, null for one per contour of the panel
 * @param engraveAreaMm2 area burnt line by line, 0 for none
 * @param engraveLineMm distance of the lines, 0.01 to 10
 * @param engraveMmPerSecond along the lines, 1 to 5,000
 */
public record PanelCut(
    double speedMmPerSecond,
    double pierceSeconds,
    @Nullable Integer pierces,
    double engraveAreaMm2,
    double engraveLineMm,
    double engraveMmPerSecond) {
  /** Shipped pierce time; try on scrap. */
  public static final double PIERCE_SECONDS = 0.4;

  public PanelCut {
    Require.between("cut.speedMmPerSecond", speedMmPerSecond, 0.1, 1_000, "mm/s");
    Require.between("cut.pierceSeconds", pierceSeconds, 0, 60, "s");
    if (pierces != null) {
      Require.between("cut.pierces", pierces, 0, 100_000, "");
    }
    Require.between("cut.engraveAreaMm2", engraveAreaMm2, 0, 25_000_000, "mm²");
    Require.between("cut.engraveLineMm", engraveLineMm, 0.01, 10, "mm");
    Require.between("cut.engraveMmPerSecond", engraveMmPerSecond, 1, 5_000, "mm/s");
  }

  /** Contours only, at this speed. */
  public static PanelCut at(double speedMmPerSecond) {
    return new PanelCut(speedMmPerSecond, PIERCE_SECONDS, null, 0, 0.1, 400);
  }
}
