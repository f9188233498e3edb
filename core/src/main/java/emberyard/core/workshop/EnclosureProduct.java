package emberyard.core.workshop;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Source;
import emberyard.core.thing.Product;
import emberyard.core.thing.ProductUse;
import emberyard.core.units.Require;
import java.util.Optional;

/**
 * An enclosure to choose: what it costs and weighs, and what fits into it.
 *
 * @param priceMinor 0 for one that is built or found
 * @param massKg 0 to 200 kg
 */
public record EnclosureProduct(
    String id, String name, long priceMinor, String supplierId, double massKg, Enclosure enclosure)
    implements Product {
  public EnclosureProduct {
    Require.text("id", id);
    Require.text("name", name);
    Require.between("priceMinor", priceMinor, 0, 100_000_000, "minor units");
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    Require.between("massKg", massKg, 0, 100, "kg");
    Require.given("enclosure", enclosure);
  }

  /** What is bought, weighed and paid. */
  public Component component(String componentId) {
    Source source = priceMinor == 0 ? Source.OWNED : Source.BUY;
    return asComponent(
        Component.one(componentId, name, ComponentKind.ENCLOSURE)
            .source(source)
            .forLook(true)
            .build());
  }

  @Override
  public Optional<ProductUse> as(ProductUse use) {
    return use instanceof Component component && component.kind() == ComponentKind.ENCLOSURE
        ? Optional.of(asComponent(component))
        : Optional.empty();
  }

  private Component asComponent(Component use) {
    return use.with()
        .name(name)
        .priceMinor(priceMinor)
        .supplierId(supplierId)
        .massKg(massKg)
        .productId(id)
        .build();
  }

  /** Its shape in a build. */
  public Enclosure shape(String enclosureId) {
    return enclosure.as(enclosureId, name, id);
  }
}
