package emberyard.core.workshop;

import emberyard.core.colour.Colour;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * A sheet that parts are cut from.
 *
 * @param thicknessMm as sold, 0.3 to 50 mm
 * @param measuredThicknessMm by caliper, null when nobody measured
 * @param widthMm sheet width, 50 to 5,000 mm
 * @param heightMm sheet height, 50 to 5,000 mm
 * @param colourHex {@code #RRGGBB}
 * @param laserMmPerSecond cutting speed on the workshop's laser, 0.1 to 500 mm/s; try on scrap
 * @param onHandSheets whole sheets in the rack
 */
public record SheetProduct(
    String id,
    String name,
    Material material,
    double thicknessMm,
    @Nullable Double measuredThicknessMm,
    double widthMm,
    double heightMm,
    String colourHex,
    double laserMmPerSecond,
    long priceMinor,
    String supplierId,
    int onHandSheets) {
  public SheetProduct {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("material", material);
    Require.between("thicknessMm", thicknessMm, 0.3, 50, "mm");
    if (measuredThicknessMm != null) {
      Require.between("measuredThicknessMm", measuredThicknessMm, 0.3, 50, "mm");
    }
    Require.between("widthMm", widthMm, 50, 5_000, "mm");
    Require.between("heightMm", heightMm, 50, 5_000, "mm");
    Colour.hex("colourHex", colourHex);
    Require.between("laserMmPerSecond", laserMmPerSecond, 0.1, 500, "mm/s");
    Require.between("priceMinor", priceMinor, 0, 100_000_000, "minor units");
    Require.text("supplierId", supplierId);
    Require.between("onHandSheets", onHandSheets, 0, 10_000, "sheets");
  }

  /** A sheet that is in no stock list, for asking about a part alone. */
  public static SheetProduct loose(Material material, double thicknessMm, double laserMmPerSecond) {
    return new SheetProduct(
        "loose",
        "sheet",
        material,
        thicknessMm,
        null,
        5_000,
        5_000,
        "#FFFFFF",
        laserMmPerSecond,
        0,
        "none",
        0);
  }

  /** The same product with a sheet less in the rack. */
  public SheetProduct lessOne() {
    return new SheetProduct(
        id,
        name,
        material,
        thicknessMm,
        measuredThicknessMm,
        widthMm,
        heightMm,
        colourHex,
        laserMmPerSecond,
        priceMinor,
        supplierId,
        Math.max(0, onHandSheets - 1));
  }

  /** Measured thickness where there is one: fits and mass use it. */
  public double realThicknessMm() {
    return measuredThicknessMm == null ? thicknessMm : measuredThicknessMm;
  }
}
