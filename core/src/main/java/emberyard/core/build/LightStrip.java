package emberyard.core.build;

import emberyard.core.colour.Colour;
import emberyard.core.thing.ProductUse;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A run of lights.
 *
 * @param lengthMm 5 to 20,000 mm
 * @param ledsPerMetre 1 to 500
 * @param milliampsPerLed at full white, 0.1 to 200; 60 at 5 V and 20 at 12 V are usual
 * @param feed where its current comes from
 * @param colourHex {@code #RRGGBB}
 * @param pricePerMetreMinor minor units
 * @param productId the product of the library it is cut from, empty for one's own
 * @param ownFields in which it differs from its product, see {@link ProductUse}
 */
@RecordBuilder
public record LightStrip(
    String id,
    String name,
    double lengthMm,
    double ledsPerMetre,
    Rail rail,
    double milliampsPerLed,
    Feed feed,
    String colourHex,
    long pricePerMetreMinor,
    String supplierId,
    String productId,
    @Nullable List<String> ownFields)
    implements ProductUse, LightStripBuilder.With {
  /** Most a light header of a board carries. */
  public static final double HEADER_AMPS = 3;

  public LightStrip {
    Require.text("id", id);
    Require.text("name", name);
    Require.between("lengthMm", lengthMm, 5, 20_000, "mm");
    UseRanges.strip(ledsPerMetre, rail, milliampsPerLed, pricePerMetreMinor);
    Require.given("feed", feed);
    Colour.hex("colourHex", colourHex);
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    productId = Require.textOrEmpty("productId", productId);
    ownFields = ownFields == null ? null : List.copyOf(ownFields);
  }

  /** What a strip hangs on. */
  public enum Feed {
    /** A light header of the board: 3 A. */
    BOARD_HEADER,
    /** Straight from the supply's leads. */
    SUPPLY_LEAD
  }

  /** Whether current and data come from a light header. */
  public boolean onHeader() {
    return feed == Feed.BOARD_HEADER;
  }

  /** What it draws at full white, W. */
  public double watts() {
    return amps() * rail.volts();
  }

  /** Whole LEDs: it is cut between two. */
  public int leds() {
    return (int) Math.floor(lengthMm / 1000 * ledsPerMetre + 1e-9);
  }

  /**
   * Current at full white: LEDs × current of one.
   *
   * <p>Example: 800 mm at 60 LEDs/m and 60 mA → 48 LEDs → 2.88 A.
   */
  public double amps() {
    return leds() * milliampsPerLed / 1000;
  }
}
