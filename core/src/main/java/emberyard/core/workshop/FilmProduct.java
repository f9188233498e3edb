package emberyard.core.workshop;

import emberyard.core.colour.Colour;
import emberyard.core.thing.Thing;
import emberyard.core.units.Require;

/**
 * Self-adhesive film on a roll.
 *
 * @param colourHex {@code #RRGGBB}
 * @param gloss how it shines
 * @param rollWidthMm 10 to 3,000 mm
 * @param pricePerMetreMinor minor units
 * @param onHandMetres on the shelf
 */
public record FilmProduct(
    String id,
    String name,
    String colourHex,
    Gloss gloss,
    double rollWidthMm,
    long pricePerMetreMinor,
    String supplierId,
    double onHandMetres)
    implements Thing {
  /** The same with so much on the shelf; never less than nothing. */
  public FilmProduct left(double metres) {
    return new FilmProduct(
        id,
        name,
        colourHex,
        gloss,
        rollWidthMm,
        pricePerMetreMinor,
        supplierId,
        Math.max(0, metres));
  }

  public FilmProduct {
    Require.text("id", id);
    Require.text("name", name);
    Colour.hex("colourHex", colourHex);
    Require.given("gloss", gloss);
    Require.between("rollWidthMm", rollWidthMm, 10, 3_000, "mm");
    Require.between("pricePerMetreMinor", pricePerMetreMinor, 0, 10_000_000, "minor units");
    Require.text("supplierId", supplierId);
    Require.between("onHandMetres", onHandMetres, 0, 10_000, "m");
  }

  /** How a film shines. */
  public enum Gloss {
    MATT,
    SATIN,
    GLOSS,
    METALLIC,
    CLEAR
  }
}
