package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * Where things are bought.
 *
 * @param leadDays calendar days from order to arrival, 0 to 365
 * @param shippingMinor what one delivery costs, minor units
 * @param returnDays days from arrival in which it takes things back, 0 to 365; null where nobody
 *     knows
 */
public record Supplier(
    String id, String name, int leadDays, long shippingMinor, @Nullable Integer returnDays)
    implements Thing {
  public Supplier {
    Require.text("id", id);
    Require.text("name", name);
    Require.between("leadDays", leadDays, 0, 365, "days");
    Require.between("shippingMinor", shippingMinor, 0, 100_000_000, "minor units");
    if (returnDays != null) {
      Require.between("returnDays", returnDays, 0, 365, "days");
    }
  }

  /** One of which nobody knows how long it takes things back. */
  public Supplier(String id, String name, int leadDays, long shippingMinor) {
    this(id, name, leadDays, shippingMinor, null);
  }
}
