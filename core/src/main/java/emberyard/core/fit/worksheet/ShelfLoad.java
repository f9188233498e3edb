package emberyard.core.fit.worksheet;

import emberyard.core.build.Worksheet.Shelf;
import emberyard.core.units.Figures;
import emberyard.core.work.Why;

/**
 * How far a shelf bends: an estimate, not a certificate.
 *
 * @param bendsMm on the first day, as it is loaded
 * @param centreMm with all of it on one spot in the middle
 * @param spreadMm with all of it spread out
 * @param monthsMm after months, as it is loaded: wood and plastic creep
 * @param limitMm span/300
 * @param holds whether it stays within the limit for months; never without a load
 * @param loaded whether a load is given
 * @param thicknessMm that would do; 0 where this one does
 * @param spanMm the longest that would do with this thickness: so far apart may feet stand; 0 where
 *     this one does
 */
public record ShelfLoad(
    double bendsMm,
    double centreMm,
    double spreadMm,
    double monthsMm,
    double limitMm,
    boolean holds,
    boolean loaded,
    double thicknessMm,
    double spanMm,
    Why why) {
  private static final double GRAVITY = 9.81;
  private static final double CREEP = 2;
  private static final double SPREAD = 5.0 / 8;
  private static final double SPANS_A_LIMIT = 300;

  /**
   * δ = F L³/(48 E I) for a load in the middle, × 5/8 spread, I = b t³/12; × 2 over months where it
   * creeps; limit span/300. Thickness goes with the cube root, span with the square root of what is
   * too much. Source: strength of materials; the handbook, “Panels that carry”.
   *
   * <p>Example: 12 kg on 4.8 mm of ply, span 380, 300 wide, 6 GPa: 8.1 mm in the middle, 5.1
   * spread, against 1.3.
   */
  public static ShelfLoad of(Shelf shelf) {
    double force = shelf.massKg() * GRAVITY;
    double inertia = shelf.wideMm() * Math.pow(shelf.thicknessMm(), 3) / 12;
    double centre =
        force * Math.pow(shelf.spanMm(), 3) / (48 * shelf.of().stiffnessMpa() * inertia);
    double spread = centre * SPREAD;
    double bends = shelf.spread() ? spread : centre;
    double months = bends * (shelf.of().creeps() ? CREEP : 1);
    double limit = shelf.spanMm() / SPANS_A_LIMIT;
    boolean within = months <= limit + 1e-9;
    return new ShelfLoad(
        bends,
        centre,
        spread,
        months,
        limit,
        within && force > 0,
        force > 0,
        within ? 0 : shelf.thicknessMm() * Math.cbrt(months / limit),
        within ? 0 : shelf.spanMm() * Math.sqrt(limit / months),
        why(shelf));
  }

  private static Why why(Shelf shelf) {
    return Why.of(
        "F L³/(48 E b t³/12)%s%s, at most span/300"
            .formatted(
                shelf.spread() ? " × 5/8" : "", shelf.of().creeps() ? ", × 2 over months" : ""),
        "%s kg %s"
            .formatted(
                Figures.plain(shelf.massKg()),
                shelf.spread() ? "spread all over it" : "in the middle"),
        "span %s, %s wide, %s thick"
            .formatted(
                Figures.mm(shelf.spanMm()),
                Figures.mm(shelf.wideMm()),
                Figures.mm(shelf.thicknessMm())),
        "%s, E %s MPa (usual)"
            .formatted(shelf.of().words(), Figures.plain(shelf.of().stiffnessMpa())),
        "an estimate, not a certificate");
  }
}
