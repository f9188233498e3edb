package emberyard.core.workshop;

import emberyard.core.build.Body;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Display;
import emberyard.core.build.Electric;
import emberyard.core.build.Lights;
import emberyard.core.build.Screen;
import emberyard.core.build.Thermal;
import emberyard.core.build.UseRanges;
import emberyard.core.build.Wiring;
import emberyard.core.thing.Product;
import emberyard.core.thing.ProductUse;
import emberyard.core.units.Require;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A component that can be bought, with all that fit, power and cooling ask of it.
 *
 * @param massKg of one, 0 to 100
 * @param peakWatts most one draws, 0 to 3,000
 * @param supplyWatts what it gives as a supply, 0 otherwise
 * @param attributes anything else worth knowing, in words
 * @param body the space it takes, null where it takes none of its own
 * @param wiring how it joins others, null where nobody said
 * @param display of a screen, by itself or built in; null for none
 * @param lights built into it, null for none
 */
public record HardwareProduct(
    String id,
    String name,
    ComponentKind kind,
    long priceMinor,
    String supplierId,
    double massKg,
    double peakWatts,
    double supplyWatts,
    int hdmiOutputs,
    int displayPortOutputs,
    int typeCOutputs,
    int lightHeaders,
    @Nullable Double storageGb,
    @Nullable Double memoryGb,
    String attributes,
    @Nullable Body body,
    @Nullable Electric electric,
    @Nullable Thermal thermal,
    @Nullable Wiring wiring,
    @Nullable Display display,
    @Nullable Lights lights)
    implements Product {
  public HardwareProduct {
    Require.text("id", id);
    Require.given("kind", kind);
    attributes = Require.textOrEmpty("attributes", attributes);
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    Require.text("name", name);
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
  }

  /** One that joins others as its kind usually does. */
  public HardwareProduct(
      String id,
      String name,
      ComponentKind kind,
      long priceMinor,
      String supplierId,
      double massKg,
      double peakWatts,
      double supplyWatts,
      int hdmiOutputs,
      int displayPortOutputs,
      int typeCOutputs,
      int lightHeaders,
      @Nullable Double storageGb,
      @Nullable Double memoryGb,
      String attributes,
      @Nullable Body body,
      @Nullable Electric electric,
      @Nullable Thermal thermal,
      @Nullable Display display) {
    this(
        id,
        name,
        kind,
        priceMinor,
        supplierId,
        massKg,
        peakWatts,
        supplyWatts,
        hdmiOutputs,
        displayPortOutputs,
        typeCOutputs,
        lightHeaders,
        storageGb,
        memoryGb,
        attributes,
        body,
        electric,
        thermal,
        null,
        display,
        null);
  }

  /** One of it in a build, to be bought. */
  public Component one(String componentId) {
    return asComponent(Component.one(componentId, name, kind).build());
  }

  /** Whether it stores, remembers and feeds at least as much as another; of speed nobody knows. */
  public boolean asGoodAs(Component other) {
    return atLeast(memoryGb, other.memoryGb())
        && atLeast(storageGb, other.storageGb())
        && supplyWatts >= other.supplyWatts();
  }

  private static boolean atLeast(@Nullable Double has, @Nullable Double wanted) {
    return wanted == null || (has != null && has >= wanted);
  }

  /** This product in the place and use of another component, for its look where that was. */
  public Component insteadOf(Component other) {
    return one(other.id())
        .withFitted(other.fitted().at(null))
        .withQuantity(other.quantity())
        .withForLook(other.forLook());
  }

  @Override
  public Optional<ProductUse> as(ProductUse use) {
    if (use instanceof Component component && component.kind() == kind) {
      return Optional.of(asComponent(component));
    }
    return use instanceof Screen screen && kind == ComponentKind.SCREEN
        ? Optional.of(asScreen(screen))
        : Optional.empty();
  }

  private Component asComponent(Component use) {
    return use.with()
        .name(name)
        .kind(kind)
        .priceMinor(priceMinor)
        .supplierId(supplierId)
        .massKg(massKg)
        .peakWatts(peakWatts)
        .supplyWatts(supplyWatts)
        .hdmiOutputs(hdmiOutputs)
        .displayPortOutputs(displayPortOutputs)
        .typeCOutputs(typeCOutputs)
        .lightHeaders(lightHeaders)
        .storageGb(storageGb)
        .memoryGb(memoryGb)
        .productId(id)
        .attributes(attributes)
        .body(body)
        .electric(electric)
        .thermal(thermal)
        .wiring(wiring)
        .display(kind == ComponentKind.SCREEN ? null : display)
        .lights(lights)
        .build();
  }

  /** What it shows gives a screen its name; what nobody said in the library is its own too. */
  private Screen asScreen(Screen use) {
    Display shown = display == null ? Display.of(use) : display;
    return use.with()
        .widthMm(body == null ? use.widthMm() : body.widthMm())
        .heightMm(body == null ? use.heightMm() : body.heightMm())
        .depthMm(body == null ? use.depthMm() : Double.valueOf(body.depthMm()))
        .massKg(massKg)
        .pixelsWide(shown.pixelsWide())
        .pixelsHigh(shown.pixelsHigh())
        .input(shown.input())
        .watts(peakWatts)
        .rail(shown.rail())
        .feed(shown.feed())
        .priceMinor(priceMinor)
        .supplierId(supplierId)
        .productId(id)
        .build();
  }
}
