package emberyard.core.workshop;

import emberyard.core.colour.Colour;
import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.LocalDate;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A paint, with its times at 20 °C and 50 % humidity. Shipped values are generic.
 *
 * @param colourHex {@code #RRGGBB}
 * @param dryFilmUm dry film of one coat, 1 to 500 µm
 * @param solids share of the wet volume that stays, 0.02 to 1
 * @param transfer share of what leaves the nozzle that lands, 0.1 to 1 (aerosol 0.6, small gun
 *     0.65, brush 0.95)
 * @param flashMinutes until the solvent has left
 * @param recoatFromMinutes next coat not before
 * @param recoatUntilMinutes next coat not after without scuffing, 0 for any time
 * @param handleHours until it can be touched
 * @param cureHours until it can be mounted
 * @param packMl contents of a can, 10 to 20,000 ml
 * @param onHandPacks full cans on the shelf
 * @param hiding contrast ratio of one normal coat over black and white, 0.02 to 0.99; 0.8 where it
 *     was left out; of a candy, clear or stain it counts for nothing: its colour is one coat over
 *     white
 * @param valuesFrom where its values come from: "generic", a data sheet, a test
 * @param openMl what is left in an opened can, 0 where it was left out
 * @param openedOn when that can was opened, null for none
 * @param gloss how it shines; of a paint kept before it was asked for, what its name says
 */
public record PaintProduct(
    String id,
    String name,
    String colourHex,
    PaintKind kind,
    PaintBase base,
    double dryFilmUm,
    double solids,
    double transfer,
    int flashMinutes,
    int recoatFromMinutes,
    int recoatUntilMinutes,
    double handleHours,
    double cureHours,
    double packMl,
    long priceMinor,
    String supplierId,
    int onHandPacks,
    @Nullable Double hiding,
    String valuesFrom,
    Double openMl,
    @Nullable LocalDate openedOn,
    Shine gloss)
    implements Thing {
  /** What shipped values say of themselves. */
  public static final String GENERIC = "generic starting value";

  /** Of a usual colour paint; a default. */
  public static final double USUAL_HIDING = 0.8;

  /** How a dry coat shines. */
  public enum Shine {
    MATT,
    SATIN,
    GLOSS;

    private static Shine named(String name) {
      String words = name.toLowerCase(Locale.ROOT);
      return words.contains("gloss") ? GLOSS : words.contains("matt") ? MATT : SATIN;
    }
  }

  /**
   * The same with so many full cans and so much in an opened one; never less than nothing.
   *
   * @param opened when that can was opened
   */
  public PaintProduct left(int packs, double ml, @Nullable LocalDate opened) {
    return new PaintProduct(
        id,
        name,
        colourHex,
        kind,
        base,
        dryFilmUm,
        solids,
        transfer,
        flashMinutes,
        recoatFromMinutes,
        recoatUntilMinutes,
        handleHours,
        cureHours,
        packMl,
        priceMinor,
        supplierId,
        Math.max(0, packs),
        hiding,
        valuesFrom,
        Math.max(0, ml),
        ml > 0 ? opened : null,
        gloss);
  }

  public PaintProduct {
    Require.text("id", id);
    Require.text("name", name);
    Colour.hex("colourHex", colourHex);
    Require.given("kind", kind);
    Require.given("base", base);
    Require.between("dryFilmUm", dryFilmUm, 1, 500, "µm");
    Require.between("solids", solids, 0.02, 1, "");
    Require.between("transfer", transfer, 0.1, 1, "");
    Require.between("flashMinutes", flashMinutes, 0, 10_000, "min");
    Require.between("recoatFromMinutes", recoatFromMinutes, flashMinutes, 20_000, "min");
    Require.between("recoatUntilMinutes", recoatUntilMinutes, 0, 500_000, "min");
    Require.that(
        recoatUntilMinutes == 0 || recoatUntilMinutes >= recoatFromMinutes,
        "recoatUntilMinutes",
        "The recoat window can't close before it opens.");
    Require.between("handleHours", handleHours, recoatFromMinutes / 60.0, 2_000, "h");
    Require.between("cureHours", cureHours, handleHours, 5_000, "h");
    Require.between("packMl", packMl, 10, 20_000, "ml");
    Require.between("priceMinor", priceMinor, 0, 100_000_000, "minor units");
    Require.text("supplierId", supplierId);
    Require.between("onHandPacks", onHandPacks, 0, 10_000, "cans");
    hiding = hiding == null ? USUAL_HIDING : hiding;
    Require.between("hiding", hiding, 0.02, 0.99, "");
    valuesFrom = valuesFrom == null || valuesFrom.isBlank() ? GENERIC : valuesFrom;
    Require.textOrEmpty("valuesFrom", valuesFrom);
    openMl = openMl == null ? 0 : openMl;
    Require.between("openMl", openMl, 0, 20_000, "ml");
    gloss = gloss == null ? Shine.named(name) : gloss;
  }
}
