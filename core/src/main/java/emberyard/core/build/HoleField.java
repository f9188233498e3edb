package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * A field of equal holes that lets air through.
 *
 * @param holeMm diameter of round holes, width of slots; 0.5 to 100 mm
 * @param pitchMm from centre to centre, 1 to 200 mm; larger than the hole
 * @param slotMm length of slots, 1 to 500 mm; 0 for round holes
 */
public record HoleField(Pattern pattern, double holeMm, double pitchMm, double slotMm) {
  public HoleField {
    Require.given("pattern", pattern);
    Require.between("holeMm", holeMm, 0.5, 100, "mm");
    Require.between("pitchMm", pitchMm, 1, 200, "mm");
    Require.that(
        pitchMm > holeMm,
        "pitchMm",
        "The pitch must be larger than the hole, %.1f mm: else nothing stays between them."
            .formatted(holeMm));
    Require.between("slotMm", slotMm, 0, 500, "mm");
    Require.that(
        pattern != Pattern.SLOTS || slotMm >= holeMm,
        "slotMm",
        "A slot is at least as long as it is wide.");
  }

  /** How holes lie. */
  public enum Pattern {
    STAGGERED,
    SQUARE,
    SLOTS
  }

  /**
   * Share of the field that is open.
   *
   * <p>Round holes of diameter d at pitch p: in 60° stagger 0.9069 (d/p)², in a square grid 0.7854
   * (d/p)²; slots w × l in cells of pitch × (l + pitch − w). Source: area of circles in a plane
   * lattice. Example: d 4, p 6 staggered: 40.3 %.
   */
  public double openShare() {
    double ratio = holeMm / pitchMm;
    return switch (pattern) {
      case STAGGERED -> Math.PI / (2 * Math.sqrt(3)) * ratio * ratio;
      case SQUARE -> Math.PI / 4 * ratio * ratio;
      case SLOTS -> holeMm * slotMm / (pitchMm * (slotMm + pitchMm - holeMm));
    };
  }
}
