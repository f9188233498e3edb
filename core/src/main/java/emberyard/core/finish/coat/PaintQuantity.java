package emberyard.core.finish.coat;

import emberyard.core.workshop.PaintProduct;

/** How much wet paint a surface takes. */
public final class PaintQuantity {
  /** Share of a can that comes out; a default. */
  public static final double USABLE_SHARE_OF_CAN = 0.9;

  private PaintQuantity() {}

  /**
   * Wet ml per m² and coat = dry film / (solids × transfer); 1 µm on 1 m² is 1 ml.
   *
   * <p>Example: 15 µm, solids 0.18, transfer 0.6 → 138.9 ml.
   */
  public static double mlPerM2(double dryFilmUm, double solids, double transfer) {
    return dryFilmUm / (solids * transfer);
  }

  /** {@link #mlPerM2(double, double, double)} of a product. */
  public static double mlPerM2(PaintProduct paint) {
    return mlPerM2(paint.dryFilmUm(), paint.solids(), paint.transfer());
  }

  /** Whole cans for this much wet paint. */
  public static int cans(double ml, double packMl) {
    return (int) Math.ceil(ml / (packMl * USABLE_SHARE_OF_CAN) - 1e-9);
  }
}
