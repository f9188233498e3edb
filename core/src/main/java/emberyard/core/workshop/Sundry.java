package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;

/**
 * A small thing that is bought by the pack and lies in a drawer: screws, inserts, magnets, tape,
 * abrasives. It goes by the key of the needs that it fills.
 *
 * @param needKey of all builds' needs that it fills, see {@link #keyOf}: {@code fixing:insert-3}
 * @param unit what is counted: pieces, m, sheets
 * @param onHand how many lie in the drawer, 0 to 100,000
 * @param packQuantity how many come in a pack, 0.01 to 100,000; 1 where it was left out
 * @param packPriceMinor what a pack cost last, minor units
 * @param supplierId where it is bought, empty where nobody said
 * @param lowBelow it is low when fewer than this are left, 0 for never
 */
public record Sundry(
    String id,
    String needKey,
    String name,
    String unit,
    double onHand,
    Double packQuantity,
    long packPriceMinor,
    String supplierId,
    double lowBelow)
    implements Thing {
  public Sundry {
    Require.text("id", id);
    Require.text("needKey", needKey);
    Require.text("name", name);
    unit = Require.textOrEmpty("unit", unit);
    Require.between("onHand", onHand, 0, 100_000, "");
    packQuantity = packQuantity == null ? 1.0 : packQuantity;
    Require.between("packQuantity", packQuantity, 0.01, 100_000, "in a pack");
    Require.between("packPriceMinor", packPriceMinor, 0, 10_000_000, "minor units");
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    Require.between("lowBelow", lowBelow, 0, 100_000, "");
  }

  /**
   * The drawer that a need is filled from: inserts are the same, whatever they are melted into, and
   * foam tape whatever it holds.
   *
   * <p>Example: {@code fixing:print-insert-3} is {@code fixing:insert-3}, {@code
   * fixing:held-tape-12} is {@code fixing:tape-12}; {@code tape:mask} stays.
   */
  public static String keyOf(String needKey) {
    return needKey
        .replaceFirst("^fixing:print-insert-", "fixing:insert-")
        .replaceFirst("^fixing:held-", "fixing:");
  }

  /** Whether it fills a need. */
  public boolean fills(String otherKey) {
    return needKey.equals(keyOf(otherKey));
  }

  /** The same with so many in the drawer; never fewer than none. */
  public Sundry left(double count) {
    return new Sundry(
        id,
        needKey,
        name,
        unit,
        Math.max(0, count),
        packQuantity,
        packPriceMinor,
        supplierId,
        lowBelow);
  }
}
