package emberyard.core.workshop;

import emberyard.core.colour.Colour;
import emberyard.core.thing.Thing;
import emberyard.core.units.Require;

/**
 * Filament for the printer.
 *
 * @param colourHex {@code #RRGGBB}
 * @param plastic PLA, PETG, ABS, …
 * @param gramsPerSpool 50 to 10,000 g
 * @param onHandGrams on the shelf
 */
public record FilamentProduct(
    String id,
    String name,
    String colourHex,
    String plastic,
    double gramsPerSpool,
    long priceMinor,
    String supplierId,
    double onHandGrams)
    implements Thing {
  /** The same with so much on the shelf; never less than nothing. */
  public FilamentProduct left(double grams) {
    return new FilamentProduct(
        id, name, colourHex, plastic, gramsPerSpool, priceMinor, supplierId, Math.max(0, grams));
  }

  public FilamentProduct {
    Require.text("id", id);
    Require.text("name", name);
    Colour.hex("colourHex", colourHex);
    Require.text("plastic", plastic);
    Require.between("gramsPerSpool", gramsPerSpool, 50, 10_000, "g");
    Require.between("priceMinor", priceMinor, 0, 10_000_000, "minor units");
    Require.text("supplierId", supplierId);
    Require.between("onHandGrams", onHandGrams, 0, 1e6, "g");
  }
}
