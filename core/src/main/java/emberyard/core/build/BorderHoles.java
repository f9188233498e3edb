package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * Holes along all four edges of a panel.
 *
 * @param insetMm hole centre from the edge
 * @param greatestPitchMm no two neighbours are further apart than this
 * @param diameterMm of each hole
 */
public record BorderHoles(double insetMm, double greatestPitchMm, double diameterMm) {
  public BorderHoles {
    Require.between("insetMm", insetMm, 0.5, 500, "mm");
    Require.between("greatestPitchMm", greatestPitchMm, 5, 2_000, "mm");
    Require.between("diameterMm", diameterMm, 0.5, 100, "mm");
  }
}
