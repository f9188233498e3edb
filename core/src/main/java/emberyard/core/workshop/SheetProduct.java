package emberyard.core.workshop;

import emberyard.core.colour.Colour;
import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Locale;
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
 * @param transmittance share of light that passes, 0 for opaque to 1; where it was left out 0.92 if
 *     its name says clear, else 0
 */
@RecordBuilder
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
    int onHandSheets,
    Double transmittance)
    implements Thing, SheetProductBuilder.With {
  /** Of a clear sheet: its two surfaces send 4 % back each. */
  public static final double CLEAR = 0.92;

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
    transmittance = transmittance == null ? usualTransmittance(name) : transmittance;
    Require.between("transmittance", transmittance, 0, 1, "");
  }

  private static double usualTransmittance(String name) {
    return name.toLowerCase(Locale.ROOT).startsWith("clear") ? CLEAR : 0;
  }

  /** A sheet that is in no stock list, for asking about a part alone. */
  public static SheetProduct loose(Material material, double thicknessMm, double laserMmPerSecond) {
    return SheetProductBuilder.builder()
        .id("loose")
        .name("sheet")
        .material(material)
        .thicknessMm(thicknessMm)
        .widthMm(5_000)
        .heightMm(5_000)
        .colourHex("#FFFFFF")
        .laserMmPerSecond(laserMmPerSecond)
        .supplierId("none")
        .build();
  }

  /** The same product with a sheet less in the rack. */
  public SheetProduct lessOne() {
    return withOnHandSheets(Math.max(0, onHandSheets - 1));
  }

  /** Measured thickness where there is one: fits and mass use it. */
  public double realThicknessMm() {
    return measuredThicknessMm == null ? thicknessMm : measuredThicknessMm;
  }
}
