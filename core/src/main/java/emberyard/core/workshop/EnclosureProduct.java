package emberyard.core.workshop;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Counting;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Source;
import emberyard.core.thing.Thing;
import emberyard.core.units.Require;

/**
 * An enclosure to choose: what it costs and weighs, and what fits into it.
 *
 * @param priceMinor 0 for one that is built or found
 * @param massKg 0 to 200 kg
 */
public record EnclosureProduct(
    String id, String name, long priceMinor, String supplierId, double massKg, Enclosure enclosure)
    implements Thing {
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
    return new Component(
            componentId,
            name,
            ComponentKind.ENCLOSURE,
            1,
            source,
            true,
            priceMinor,
            supplierId,
            -1,
            massKg,
            0,
            0,
            0,
            0,
            0,
            0,
            null,
            null,
            Counting.AGREED,
            null)
        .of(id);
  }

  /** Its shape in a build. */
  public Enclosure shape(String enclosureId) {
    Enclosure e = enclosure;
    return new Enclosure(
        enclosureId,
        name,
        e.origin(),
        id,
        e.widthMm(),
        e.depthMm(),
        e.heightMm(),
        e.bays(),
        e.openings(),
        e.mounts(),
        e.supports(),
        e.roomC(),
        e.hotRoomC());
  }
}
