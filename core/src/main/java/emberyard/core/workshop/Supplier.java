package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;

/**
 * Where things are bought.
 *
 * @param leadDays calendar days from order to arrival, 0 to 365
 * @param shippingMinor what one delivery costs, minor units
 */
public record Supplier(String id, String name, int leadDays, long shippingMinor) implements Thing {
  public Supplier {
    Require.text("id", id);
    Require.text("name", name);
    Require.between("leadDays", leadDays, 0, 365, "days");
    Require.between("shippingMinor", shippingMinor, 0, 100_000_000, "minor units");
  }
}
