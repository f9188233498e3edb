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
 * @param lengthMm 5 to 20,000 mm; where it is laid along something, what follows from there
 * @param ledsPerMetre 1 to 500
 * @param milliampsPerLed at full white without idling, 0.1 to 200; 60 at 5 V and 20 at 12 V are
 *     usual
 * @param feed where its current comes from
 * @param colourHex {@code #RRGGBB}
 * @param pricePerMetreMinor minor units
 * @param productId the product of the library it is cut from, empty for one's own
 * @param ownFields in which it differs from its product, see {@link ProductUse}
 * @param shape a strip where it is left out
 * @param circuit null for what its rail suggests: see {@link #works}
 * @param count LEDs of one that is no strip, 1 to 20,000; null for as many as its length has
 * @param priceMinor of one that is no strip, minor units; null for none
 * @param ohmPerMetre of both conductors of it together, 0 to 20 Ω/m; null for {@link #OHM}
 * @param idleMilliamps of an LED that is dark, 0 to 20 mA; null for 1 where it takes data
 * @param fed how its current gets to it, null while nobody has said
 * @param data what tells it its colours, null while nobody has said
 * @param diffuserMm from its LEDs to what they shine through, 0 to 1,000 mm; null for none
 * @param candelas a square metre of what is seen of it, at full in its own colour, 1 to 1,000,000
 *     cd/m²; null while nobody has measured it
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
    @Nullable List<String> ownFields,
    RunShape shape,
    @Nullable LightCircuit circuit,
    @Nullable Integer count,
    @Nullable Long priceMinor,
    @Nullable Double ohmPerMetre,
    @Nullable Double idleMilliamps,
    @Nullable RunFeed fed,
    @Nullable RunData data,
    @Nullable Double diffuserMm,
    @Nullable Double candelas)
    implements ProductUse, LightStripBuilder.With {
  /** Most a light header of a board carries. */
  public static final double HEADER_AMPS = 3;

  /** Both conductors of a usual strip, Ω/m; a default. */
  public static final double OHM = 0.25;

  private static final double IDLE_MA = 1;
  private static final double LEAST_MM = 5;
  private static final double MOST_MM = 20_000;

  public LightStrip {
    Require.text("id", id);
    Require.text("name", name);
    Require.between("lengthMm", lengthMm, LEAST_MM, MOST_MM, "mm");
    UseRanges.strip(ledsPerMetre, rail, milliampsPerLed, pricePerMetreMinor);
    Require.given("feed", feed);
    Colour.hex("colourHex", colourHex);
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    productId = Require.textOrEmpty("productId", productId);
    ownFields = ownFields == null ? null : List.copyOf(ownFields);
    shape = shape == null ? RunShape.STRIP : shape;
    UseRanges.run(count, priceMinor, ohmPerMetre, idleMilliamps);
    if (diffuserMm != null) {
      Require.between("diffuserMm", diffuserMm, 0, 1_000, "mm");
    }
    if (candelas != null) {
      Require.between("candelas", candelas, 1, 1_000_000, "cd/m²");
    }
  }

  /** One of a usual strip on a header of the board, of which no more is known. */
  public static LightStripBuilder one(String id, String name, double lengthMm) {
    return LightStripBuilder.builder()
        .id(id)
        .name(name)
        .lengthMm(lengthMm)
        .ledsPerMetre(60)
        .rail(Rail.V5)
        .milliampsPerLed(60)
        .feed(Feed.BOARD_HEADER)
        .colourHex("#FFFFFF");
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

  /** The same, as long as follows from where it lies. */
  LightStrip laid(DesignLists design) {
    return LaidRun.of(design, this)
        .filter(LaidRun::given)
        .map(LaidRun::lengthMm)
        .filter(mm -> mm >= LEAST_MM && mm <= MOST_MM && mm != lengthMm)
        .map(this::withLengthMm)
        .orElse(this);
  }

  /** How it works: at 5 V each LED by itself, at 12 V three at a time where nobody said. */
  public LightCircuit works() {
    if (circuit != null) {
      return circuit;
    }
    return rail == Rail.V5 ? LightCircuit.ADDRESSABLE : LightCircuit.PLAIN;
  }

  /** How its current gets to it, as far as anybody has said. */
  public RunFeed feeding() {
    return fed == null ? RunFeed.USUAL : fed;
  }

  /** What tells it its colours, as far as anybody has said. */
  public RunData told() {
    return data == null ? RunData.USUAL : data;
  }

  /** Both conductors, Ω/m. */
  public double loopOhmPerMetre() {
    return ohmPerMetre == null ? OHM : ohmPerMetre;
  }

  /** What an LED draws that is dark, mA. */
  public double idling() {
    if (idleMilliamps != null) {
      return idleMilliamps;
    }
    return works().addressed() ? IDLE_MA : 0;
  }

  /** What it draws at full white, W. */
  public double watts() {
    return amps() * rail.volts();
  }

  /** Whole LEDs: it is cut between two. */
  public int leds() {
    return count != null && !shape.byTheMetre()
        ? count
        : (int) Math.floor(lengthMm / 1000 * ledsPerMetre + 1e-9);
  }

  /**
   * Current at full white: LEDs × (current of one + what it idles).
   *
   * <p>Example: 900 mm at 60 LEDs/m, 60 mA and 1 mA → 54 LEDs → 3.29 A.
   */
  public double amps() {
    return leds() * (milliampsPerLed + idling()) / 1000;
  }
}
