package emberyard.core.work;

import emberyard.core.units.FigureKey;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Something that has to be there before work can go on.
 *
 * @param key stable, names its cause: {@code sheet:acrylic-3}, {@code component:b1}
 * @param quantity wanted by the design, in {@code unit}
 * @param onHand taken from stock, in {@code unit}
 * @param unitPriceMinor today's price of one
 * @param leadDays calendar days from order to arrival
 * @param neededBy keys of the tasks that can't start without it
 * @param shelfMinor what one that is taken from stock was bought for, null where nobody knows
 * @param wholePacks whether it is bought in whole ones only, though less is needed
 */
@RecordBuilder
@FigureKey("build/{buildId}/needs/{key}")
public record Need(
    String key,
    String title,
    CostCategory category,
    String supplierId,
    double quantity,
    double onHand,
    String unit,
    long unitPriceMinor,
    int leadDays,
    List<String> neededBy,
    Why why,
    @Nullable Long shelfMinor,
    boolean wholePacks)
    implements NeedBuilder.With {
  public Need {
    Objects.requireNonNull(key);
    neededBy = List.copyOf(neededBy);
  }

  /** One of which a part can be bought, or that is counted in whole ones already. */
  public Need(
      String key,
      String title,
      CostCategory category,
      String supplierId,
      double quantity,
      double onHand,
      String unit,
      long unitPriceMinor,
      int leadDays,
      List<String> neededBy,
      Why why) {
    this(
        key,
        title,
        category,
        supplierId,
        quantity,
        onHand,
        unit,
        unitPriceMinor,
        leadDays,
        neededBy,
        why,
        null,
        false);
  }

  /**
   * What has to be bought.
   *
   * <p>Example: 0.44 packs, none on the shelf, whole ones only: 1.
   */
  public double toBuy() {
    double missing = Math.max(0, quantity - onHand);
    return wholePacks ? Math.max(0, Math.ceil(missing - 1e-9)) : missing;
  }

  /** Price of what has to be bought, rounded half up. */
  public long toBuyMinor() {
    return Math.round(toBuy() * unitPriceMinor);
  }

  /** What one from stock is worth: what it was bought for, or today's price where nobody knows. */
  public long worthMinor() {
    return shelfMinor == null ? unitPriceMinor : shelfMinor;
  }

  /** The same need with this much taken from stock. */
  public Need fromStock(double taken) {
    return withOnHand(taken);
  }

  /** What stands for its arrival: in links until parcels are known, and in marks of its own. */
  public String receiveKey() {
    return key + "/receive";
  }
}
