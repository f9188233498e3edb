package emberyard.core.workshop;

import emberyard.core.build.LightCircuit;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Rail;
import emberyard.core.build.RunShape;
import emberyard.core.build.UseRanges;
import emberyard.core.thing.Product;
import emberyard.core.thing.ProductUse;
import emberyard.core.units.Require;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A light run that can be bought: a strip by the metre, or a ring, bar or panel by the piece.
 *
 * @param ledsPerMetre 1 to 500
 * @param milliampsPerLed at full white, 0.1 to 200
 * @param pricePerMetreMinor minor units
 * @param shape a strip where it is left out
 * @param circuit null for what its rail suggests
 * @param count LEDs of a piece, 1 to 20,000; null for a strip
 * @param pieceMm how long its LEDs lie one behind the other, 5 to 20,000 mm; null for a strip
 * @param priceMinor of a piece, minor units; null for a strip
 * @param ohmPerMetre of both conductors, 0 to 20 Ω/m; null where nobody said
 * @param idleMilliamps of a dark LED, 0 to 20 mA; null where nobody said
 */
public record LightProduct(
    String id,
    String name,
    double ledsPerMetre,
    Rail rail,
    double milliampsPerLed,
    long pricePerMetreMinor,
    String supplierId,
    RunShape shape,
    @Nullable LightCircuit circuit,
    @Nullable Integer count,
    @Nullable Double pieceMm,
    @Nullable Long priceMinor,
    @Nullable Double ohmPerMetre,
    @Nullable Double idleMilliamps)
    implements Product {
  public LightProduct {
    Require.text("id", id);
    Require.text("name", name);
    UseRanges.strip(ledsPerMetre, rail, milliampsPerLed, pricePerMetreMinor);
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    shape = shape == null ? RunShape.STRIP : shape;
    UseRanges.run(count, priceMinor, ohmPerMetre, idleMilliamps);
    if (pieceMm != null) {
      Require.between("pieceMm", pieceMm, 5, 20_000, "mm");
    }
  }

  /** Where it lies in a build, how long it is cut and what it hangs on is the run's own. */
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
                .shape(shape)
                .circuit(circuit)
                .count(count)
                .lengthMm(pieceMm == null ? strip.lengthMm() : pieceMm)
                .priceMinor(priceMinor)
                .ohmPerMetre(ohmPerMetre)
                .idleMilliamps(idleMilliamps)
                .build())
        : Optional.empty();
  }
}
