package emberyard.core.work;

import emberyard.core.units.Figures;
import emberyard.core.units.Require;

/**
 * Magnets that keep a skin from sliding down.
 *
 * @param holdsN before it slides
 * @param wantedN its weight and what the road adds
 * @param holds whether it stays
 * @param count magnets of this pull that would do, however many there are
 */
public record MagnetHold(double holdsN, double wantedN, boolean holds, long count, Why why) {
  private static final double SLIDING = 0.2;
  private static final double GRAVITY = 9.81;
  private static final double STANDING = 2;
  private static final double ON_THE_ROAD = 4;

  /**
   * Σ pull × gap × covered × 0.2 against mass × 9.81 × 2 standing, × 4 on the road. Source: the
   * handbook, “Magnets”.
   *
   * <p>Example: 8 of 6 N on half-covered screw heads, 0.19 kg that travels: 4.8 N against 7.5 N: it
   * slides; 13 would hold.
   *
   * @param count 1 to 1,000
   * @param pullN of one straight off, 0.01 to 1,000 N
   * @param gap share of the pull that what lies between leaves, 0.01 to 1
   * @param covered share of a magnet's face with steel behind it, 0.01 to 1
   * @param massKg of what they hold, 0 to 100 kg
   * @param travels whether it is carried or driven with them on
   */
  public static MagnetHold of(
      int count, double pullN, double gap, double covered, double massKg, boolean travels) {
    Require.between("count", count, 1, 1_000, "pieces");
    Require.between("pullN", pullN, 0.01, 1_000, "N");
    Require.between("gap", gap, 0.01, 1, "");
    Require.between("covered", covered, 0.01, 1, "");
    Require.between("massKg", massKg, 0, 100, "kg");
    double one = pullN * gap * covered * SLIDING;
    double wanted = massKg * GRAVITY * (travels ? ON_THE_ROAD : STANDING);
    return new MagnetHold(
        count * one,
        wanted,
        count * one >= wanted - 1e-9,
        (long) Math.ceil(wanted / one - 1e-9),
        Why.of(
            "count × pull × gap × covered × 0.2 against mass × 9.81 × %s"
                .formatted(travels ? "4 on the road" : "2 standing"),
            "%d of %s N".formatted(count, Figures.plain(pullN)),
            "gap leaves %.0f %%, steel behind %.0f %% of each".formatted(gap * 100, covered * 100),
            "mass %s kg".formatted(Figures.plain(massKg))));
  }
}
