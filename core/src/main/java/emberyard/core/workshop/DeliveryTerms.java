package emberyard.core.workshop;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * What a shop asks for bringing things, minor units.
 *
 * @param feeMinor one delivery, 0 to 100,000,000
 * @param smallBelowMinor goods below which {@code smallMinor} is added, null for no such limit
 * @param smallMinor what a small order costs more; nothing where it was left out
 * @param freeFromMinor goods from which the delivery is free, null for never
 */
public record DeliveryTerms(
    long feeMinor,
    @Nullable Long smallBelowMinor,
    @Nullable Long smallMinor,
    @Nullable Long freeFromMinor) {
  private static final long MOST_MINOR = 100_000_000;

  /** What nobody's delivery costs. */
  public static final DeliveryTerms NONE = new DeliveryTerms(0, null, null, null);

  public DeliveryTerms {
    Require.between("feeMinor", feeMinor, 0, MOST_MINOR, "minor units");
    between("smallBelowMinor", smallBelowMinor);
    between("smallMinor", smallMinor);
    between("freeFromMinor", freeFromMinor);
  }

  private static void between(String field, @Nullable Long value) {
    if (value != null) {
      Require.between(field, value, 0, MOST_MINOR, "minor units");
    }
  }

  /**
   * What bringing goods of this worth costs.
   *
   * <p>Example: fee 4.90, below 20.00 another 3.00, free from 80.00: 19.99 → 7.90, 20.00 → 4.90,
   * 80.00 → 0.
   */
  public long deliveryMinor(long goodsMinor) {
    long fee = freeFromMinor != null && goodsMinor >= freeFromMinor ? 0 : feeMinor;
    boolean small = smallBelowMinor != null && goodsMinor < smallBelowMinor;
    return small && smallMinor != null ? fee + smallMinor : fee;
  }
}
