package emberyard.core.finish.layer;

import emberyard.core.build.Side;
import emberyard.core.finish.optic.Slab;
import java.util.List;

/**
 * How uneven a region looks with light behind it: nobody sprays a coat to better than half of
 * itself. |T(n − ½) − T(n + ½)| ÷ T(n) of the layer that matters most, luminance; none where less
 * than 2 % of the light passes, for nobody sees that.
 */
final class Evenness {
  /** From here on it is seen (handbook, finish). */
  static final double SEEN = 0.15;

  private static final double LEAST_SEEN = 0.02;

  private Evenness() {}

  /**
   * @param passes share of light that passes all, luminance
   */
  static double of(Piles piles, SheetOptic sheet, double passes) {
    if (passes < LEAST_SEEN) {
      return 0;
    }
    double worst = 0;
    for (Side side : Side.values()) {
      for (Piles.Deposit deposit : piles.on(side)) {
        if (deposit.stencil() == null && !Double.isInfinite(deposit.coating().strength())) {
          double thin = through(piles, sheet, deposit, -0.5);
          double thick = through(piles, sheet, deposit, 0.5);
          worst = Math.max(worst, Math.abs(thin - thick) / passes);
        }
      }
    }
    return worst;
  }

  private static double through(
      Piles piles, SheetOptic sheet, Piles.Deposit changed, double coats) {
    Slab all =
        side(piles.on(Side.FRONT), changed, coats)
            .before(sheet.slab())
            .before(side(piles.on(Side.BACK), changed, coats).turned());
    return all.through().luminance();
  }

  private static Slab side(List<Piles.Deposit> pile, Piles.Deposit changed, double coats) {
    Slab all = Slab.NOTHING;
    for (Piles.Deposit deposit : pile) {
      Slab slab =
          deposit == changed ? deposit.coating().coats(deposit.coats() + coats) : deposit.slab();
      all = slab.before(all);
    }
    return all;
  }
}
