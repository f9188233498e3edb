package emberyard.core.finish.optic;

import emberyard.core.colour.Colour;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.TestCard;
import emberyard.core.workshop.WorkshopBook;
import org.jspecify.annotations.Nullable;

/** The hiding of a paint from a test card. */
public final class Calibration {
  private static final double LEAST = 0.005;
  private static final double MOST = 0.999;

  private Calibration() {}

  /**
   * The contrast ratio of a coat of which so many were needed over black: after n coats ΔE00 to the
   * full colour is just the tolerance.
   *
   * <p>Example: {@code #F2F2EF}, 5 coats, 1.5 → 0.66; of that ratio five coats are needed.
   *
   * @param coatsOverBlack 1 to 20
   */
  public static double contrastRatio(Colour colour, int coatsOverBlack, double tolerance) {
    Require.between("coatsOverBlack", coatsOverBlack, 1, 20, "coats");
    Require.between("tolerance", tolerance, 0.3, 10, "");
    Colour full = KubelkaMunk.full(colour);
    if (Colour.BLACK.deltaE00(full) <= tolerance) {
      throw new InvalidValue(
          "colour", "Over black this colour can't be told from the ground: use a white card.");
    }
    double weak = 0;
    double strong = 1;
    while (off(full, strong, coatsOverBlack) > tolerance) {
      strong *= 2;
    }
    for (int i = 0; i < 60; i++) {
      double middle = (weak + strong) / 2;
      if (off(full, middle, coatsOverBlack) > tolerance) {
        weak = middle;
      } else {
        strong = middle;
      }
    }
    double ratio = KubelkaMunk.contrast(colour, strong);
    return Math.min(MOST, Math.max(LEAST, ratio));
  }

  private static double off(Colour full, double strength, int coats) {
    return KubelkaMunk.film(full, strength * coats).on(Colour.BLACK).deltaE00(full);
  }

  /** A paint as its latest card shows it, or as it is listed. */
  public static Coating of(PaintProduct paint, WorkshopBook book) {
    return Coating.of(paint, hiding(paint, book.card(paint.id()).orElse(null)));
  }

  /** Contrast ratio of one coat: from the card, or as listed. */
  public static double hiding(PaintProduct paint, @Nullable TestCard card) {
    if (card == null || paint.kind().glazes()) {
      return paint.hiding();
    }
    return contrastRatio(Colour.hex(paint.colourHex()), card.coatsOverBlack(), card.tolerance());
  }
}
