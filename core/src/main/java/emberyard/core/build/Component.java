package emberyard.core.build;

import emberyard.core.thing.ProductUse;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * Bought hardware.
 *
 * @param source bought, already owned, or somebody else's: only what is bought is ordered
 * @param forLook true where it serves the look, false where it serves performance
 * @param priceMinor price of one; for owned and brought things its market price, 0 allowed
 * @param leadDays from order to arrival, −1 for the supplier's own
 * @param massKg of one, 0 to 100
 * @param peakWatts most one draws, 0 to 3,000
 * @param supplyWatts what it gives as a supply, 0 otherwise
 * @param hdmiOutputs sockets it offers for screens
 * @param displayPortOutputs sockets it offers for screens
 * @param typeCOutputs sockets it offers for screens
 * @param lightHeaders 5 V or 12 V light headers it offers, 3 A each
 * @param storageGb what one stores, null for nothing
 * @param memoryGb memory of one, null for none
 * @param counting for owned and brought things; agreed where it was left out
 * @param agreedMinor what one counts for by agreement; the price where it was left out
 * @param productId the product of the library it is one of, empty for one's own
 * @param ownFields in which it differs from its product, see {@link ProductUse}
 * @param attributes anything else worth knowing, in words
 * @param body the space it takes, null while nobody has measured it
 * @param electric what it draws and plugs into, null while nobody has said
 * @param thermal its heat and air, null for none
 * @param fitted how it is put to use here
 * @param wiring how it joins others, null while nobody has said
 * @param display the screen built into it, null for none
 * @param lights built into it, null for none
 * @param tried whether it is known to work, null while nobody has said; bought ones say it at their
 *     offer
 */
@RecordBuilder
public record Component(
    String id,
    String name,
    ComponentKind kind,
    int quantity,
    Source source,
    boolean forLook,
    long priceMinor,
    String supplierId,
    int leadDays,
    double massKg,
    double peakWatts,
    double supplyWatts,
    int hdmiOutputs,
    int displayPortOutputs,
    int typeCOutputs,
    int lightHeaders,
    @Nullable Double storageGb,
    @Nullable Double memoryGb,
    Counting counting,
    @Nullable Long agreedMinor,
    String productId,
    @Nullable List<String> ownFields,
    String attributes,
    @Nullable Body body,
    @Nullable Electric electric,
    @Nullable Thermal thermal,
    Fitted fitted,
    @Nullable Wiring wiring,
    @Nullable Display display,
    @Nullable Lights lights,
    @Nullable Tried tried)
    implements ProductUse, ComponentBuilder.With {
  public Component {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("kind", kind);
    Require.between("quantity", quantity, 1, 500, "pieces");
    Require.given("source", source);
    UseRanges.hardware(
        priceMinor,
        massKg,
        peakWatts,
        supplyWatts,
        hdmiOutputs,
        displayPortOutputs,
        typeCOutputs,
        lightHeaders,
        storageGb,
        memoryGb);
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    Require.between("leadDays", leadDays, -1, 365, "days");
    counting = counting == null ? Counting.AGREED : counting;
    if (agreedMinor != null) {
      Require.between("agreedMinor", agreedMinor, 0, 100_000_000, "minor units");
    }
    productId = Require.textOrEmpty("productId", productId);
    ownFields = ownFields == null ? null : List.copyOf(ownFields);
    attributes = Require.textOrEmpty("attributes", attributes);
    fitted = fitted == null ? Fitted.ANYHOW : fitted;
  }

  /** One to be bought, of which nothing else is known. */
  public static ComponentBuilder one(String id, String name, ComponentKind kind) {
    return ComponentBuilder.builder()
        .id(id)
        .name(name)
        .kind(kind)
        .quantity(1)
        .source(Source.BUY)
        .leadDays(-1);
  }

  /** Watts of one at usual work: the peak where nothing else is known. */
  public double typicalWatts() {
    return electric == null || electric.typicalWatts() == null
        ? peakWatts
        : electric.typicalWatts();
  }

  /**
   * What all pieces of an owned or brought thing count for in the budget, minor units.
   *
   * <p>Example: 2 drives at 60.00 market price, agreed at 25.00 each: zero 0, agreed 5000, market
   * 12000.
   */
  public long countedMinor() {
    return switch (counting) {
      case ZERO -> 0;
      case AGREED -> quantity * (agreedMinor == null ? priceMinor : agreedMinor);
      case MARKET -> quantity * priceMinor;
    };
  }

  /** A board's outputs work if a processor has graphics, or if nobody has said that it has not. */
  public static boolean boardOutputsWork(List<Component> components) {
    List<Component> processors =
        components.stream().filter(c -> c.kind() == ComponentKind.PROCESSOR).toList();
    return processors.isEmpty()
        || processors.stream()
            .anyMatch(c -> c.electric() == null || c.electric().processorGraphics());
  }

  /** Light headers of a voltage on one; of one that names no sockets, all it has are of 5 V. */
  public double lightSockets(Rail rail) {
    return lightPorts(rail, Port::count, lightHeaders);
  }

  /** What those give together, A. */
  public double lightHeaderAmps(Rail rail) {
    double usual = PortKind.LIGHT_5V.amps();
    return lightPorts(
        rail, p -> p.count() * (p.amps() == null ? usual : p.amps()), lightHeaders * usual);
  }

  private double lightPorts(Rail rail, ToDoubleFunction<Port> of, double unnamed) {
    if (electric == null) {
      return rail == Rail.V5 ? unnamed : 0;
    }
    PortKind kind = rail == Rail.V5 ? PortKind.LIGHT_5V : PortKind.LIGHT_12V;
    return electric.offers().stream().filter(port -> port.kind() == kind).mapToDouble(of).sum();
  }
}
