package emberyard.core.thing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertSame;

import emberyard.core.build.Body;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Display;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Rail;
import emberyard.core.build.Screen;
import emberyard.core.build.Seat;
import emberyard.core.build.Source;
import emberyard.core.build.Turn;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.LightProduct;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class OwnFieldsTest {
  private static HardwareProduct product(
      ComponentKind kind, long priceMinor, double widthMm, double heightMm, double massKg) {
    return new HardwareProduct(
        "p",
        "Sill",
        kind,
        priceMinor,
        "quay",
        massKg,
        6,
        0,
        0,
        0,
        0,
        0,
        null,
        null,
        "",
        Body.box(widthMm, 9, heightMm, List.of(Seat.FREE), List.of(Turn.UPRIGHT)),
        null,
        null,
        new Display(1_920, 480, Screen.Input.HDMI, Rail.V12, null));
  }

  private static Function<String, Optional<? extends Product>> library(Product product) {
    return id -> Optional.of(product).filter(each -> each.id().equals(id));
  }

  private static final Screen SCREEN =
      Screen.one("s", "-", 100, 60)
          .pixelsWide(800)
          .pixelsHigh(600)
          .input(Screen.Input.TYPE_C)
          .watts(1)
          .build();

  @Test
  void aScreenFollowsItsProductInAllButItsPrice() {
    HardwareProduct then = product(ComponentKind.SCREEN, 9_600, 232, 65, 0.2);
    Screen taken = ((Screen) then.as(SCREEN).orElseThrow()).withPriceMinor(8_900);
    Screen kept = (Screen) OwnFields.named(taken, library(then));
    assertEquals(List.of("priceMinor"), kept.ownFields());
    HardwareProduct now = product(ComponentKind.SCREEN, 9_900, 234, 65, 0.2);
    Screen read = (Screen) OwnFields.followed(kept, library(now));
    assertEquals(234, read.widthMm());
    assertEquals(8_900, read.priceMinor());
    assertEquals(Rail.V12, read.rail());
    assertEquals(List.of("priceMinor"), read.ownFields());
  }

  @Test
  void whatHasASizeOfItsOwnFollowsInTheOthers() {
    HardwareProduct then = product(ComponentKind.DRIVE, 6_000, 100, 26, 0.6);
    Component drive = then.one("d");
    Component shorter = drive.withBody(then.body().withWidthMm(90));
    Component kept = (Component) OwnFields.named(shorter, library(then));
    assertEquals(List.of("body.widthMm"), kept.ownFields());
    Component read =
        (Component)
            OwnFields.followed(kept, library(product(ComponentKind.DRIVE, 6_500, 101, 27, 0.7)));
    assertEquals(90, read.body().widthMm());
    assertEquals(27, read.body().heightMm());
    assertEquals(0.7, read.massKg());
    assertEquals(6_500, read.priceMinor());
  }

  @Test
  void whatSaysHowItIsUsedIsNeverTheProducts() {
    HardwareProduct product = product(ComponentKind.DRIVE, 6_000, 100, 26, 0.6);
    Component owned =
        product.one("d").withSource(Source.OWNED).withQuantity(4).withAgreedMinor(2_500L);
    Component kept = (Component) OwnFields.named(owned, library(product));
    assertEquals(List.of(), kept.ownFields());
    assertEquals(4, ((Component) OwnFields.followed(kept, library(product))).quantity());
    assertSame(kept, OwnFields.followed(kept, library(product)));
  }

  @Test
  void withoutItsProductItStaysAsItWasKept() {
    HardwareProduct product = product(ComponentKind.DRIVE, 6_000, 100, 26, 0.6);
    Component kept = (Component) OwnFields.named(product.one("d"), library(product));
    assertSame(kept, OwnFields.followed(kept, id -> Optional.empty()));
    assertNull(OwnFields.named(kept, id -> Optional.empty()).ownFields());
    Component other = kept.withKind(ComponentKind.FAN);
    assertNull(OwnFields.named(other, library(product)).ownFields(), "a fan is no drive");
    assertSame(other, OwnFields.followed(other, library(product)));
  }

  @Test
  void keptBeforeAnybodyComparedAllIsItsOwn() {
    HardwareProduct product = product(ComponentKind.DRIVE, 6_000, 100, 26, 0.6);
    Component old = product.one("d").withPriceMinor(5_000).withMassKg(0.5);
    assertSame(old, OwnFields.followed(old, library(product)));
  }

  @Test
  void aStripIsCutFromItsProductAndKeepsItsLength() {
    LightProduct product =
        new LightProduct(
            "p", "Wisp", 96, Rail.V5, 36, 2_600, "lumen", null, null, null, null, null, 0.2, null);
    LightStrip own =
        LightStrip.one("l", "Beam", 700)
            .rail(Rail.V12)
            .milliampsPerLed(20)
            .feed(LightStrip.Feed.SUPPLY_LEAD)
            .colourHex("#F0A13A")
            .pricePerMetreMinor(1_400)
            .productId("p")
            .build();
    LightStrip joined = (LightStrip) product.as(own).orElseThrow();
    assertEquals(700, joined.lengthMm());
    assertEquals("Beam", joined.name());
    assertEquals(LightStrip.Feed.SUPPLY_LEAD, joined.feed());
    assertEquals(96, joined.ledsPerMetre());
    assertEquals(
        List.of(
            "ledsPerMetre",
            "rail",
            "milliampsPerLed",
            "pricePerMetreMinor",
            "supplierId",
            "ohmPerMetre"),
        OwnFields.named(own, library(product)).ownFields());
    assertEquals(List.of(), OwnFields.named(joined, library(product)).ownFields());
    assertEquals(Optional.empty(), product.as(SCREEN), "a screen is no strip");
  }

  /** What is kept is read back as it was, whatever differs, while the product stays. */
  @Test
  void whatIsKeptIsReadBack() {
    Random random = new Random(15);
    for (int i = 0; i < 300; i++) {
      HardwareProduct product =
          product(ComponentKind.DRIVE, random.nextInt(9), 1 + random.nextInt(3), 20, 1);
      Component use =
          product
              .one("d")
              .withPriceMinor(random.nextInt(9))
              .withMassKg(random.nextInt(3))
              .withBody(
                  random.nextInt(4) == 0
                      ? null
                      : product.body().withWidthMm(1 + random.nextInt(3)));
      Component kept = (Component) OwnFields.named(use, library(product));
      assertEquals(kept, OwnFields.followed(kept, library(product)));
      assertEquals(use, kept.withOwnFields(null));
    }
  }
}
