package emberyard.core.workshop;

import emberyard.core.build.LightStrip;
import emberyard.core.build.Rail;
import emberyard.core.build.UseRanges;
import emberyard.core.thing.Product;
import emberyard.core.thing.ProductUse;
import emberyard.core.units.Require;
import java.util.Optional;

/**
 * A light strip that can be bought by the metre.
 *
 * @param ledsPerMetre 1 to 500
 * @param milliampsPerLed at full white, 0.1 to 200
 * @param pricePerMetreMinor minor units
 */
public record LightProduct(
    String id,
    String name,
    double ledsPerMetre,
    Rail rail,
    double milliampsPerLed,
    long pricePerMetreMinor,
    String supplierId)
    implements Product {
  public LightProduct {
    Require.text("id", id);
    Require.text("name", name);
    UseRanges.strip(ledsPerMetre, rail, milliampsPerLed, pricePerMetreMinor);
    supplierId = Require.textOrEmpty("supplierId", supplierId);
  }

  /** Where it lies in a build, how long it is and what it hangs on is the strip's own. */
  @Override
  public Optional<ProductUse> as(ProductUse use) {
    return use instanceof LightStrip strip
        ? Optional.of(
            strip
                .with()
                .ledsPerMetre(ledsPerMetre)
                .rail(rail)
                .milliampsPerLed(milliampsPerLed)
                .pricePerMetreMinor(pricePerMetreMinor)
                .supplierId(supplierId)
                .productId(id)
                .build())
        : Optional.empty();
  }
}
