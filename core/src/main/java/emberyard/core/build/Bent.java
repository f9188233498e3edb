package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.List;

/**
 * A strip that is bent after cutting: its flat pattern follows.
 *
 * @param firstLegMm straight length before the first bend, 1 to 3,000 mm
 * @param bends in order, from left to right on the flat pattern; 1 to 12
 */
public record Bent(double firstLegMm, List<Bend> bends) {
  public Bent {
    Require.between("firstLegMm", firstLegMm, 1, 3_000, "mm");
    bends = Require.list(bends);
    Require.between("bends", bends.size(), 1, 12, "bends");
  }

  /**
   * A bend and the leg behind it.
   *
   * @param angleDegrees that the strip is turned by, 1 to 170°
   * @param insideRadiusMm 0.5 to 200 mm
   * @param legMm straight length behind it, 1 to 3,000 mm
   */
  public record Bend(double angleDegrees, double insideRadiusMm, double legMm) {
    public Bend {
      Require.between("angleDegrees", angleDegrees, 1, 170, "°");
      Require.between("insideRadiusMm", insideRadiusMm, 0.5, 200, "mm");
      Require.between("legMm", legMm, 1, 3_000, "mm");
    }
  }
}
