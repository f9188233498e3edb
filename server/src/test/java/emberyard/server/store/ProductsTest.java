package emberyard.server.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import emberyard.core.build.Brief;
import emberyard.core.build.Component;
import emberyard.core.build.Concept;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.Design;
import emberyard.core.build.Frozen;
import emberyard.core.build.Look;
import emberyard.core.kind.ThingKind;
import emberyard.core.workshop.HardwareProduct;
import emberyard.server.library.Library;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Things of builds follow the products of the library they are one of. */
class ProductsTest {
  private static final HardwareProduct SHIPPED = Library.shipped().of(HardwareProduct.class).get(0);

  private static final Instant NOW = Instant.parse("2026-03-02T09:00:00Z");

  @TempDir Path folder;
  private TestStore store;

  @BeforeEach
  void open() {
    store = new TestStore(folder, Clock.fixed(NOW, ZoneOffset.UTC));
  }

  @AfterEach
  void close() {
    store.close();
  }

  private void put(Component component) {
    store.things.apply("ines", List.of(Write.overwrite("b", component)));
  }

  private Component stored() {
    return store.things.get(Component.class, "c").value();
  }

  /** As the workshop weighs and prices it anew. */
  private void change(double massKg, long priceMinor) {
    HardwareProduct p = SHIPPED;
    HardwareProduct anew =
        new HardwareProduct(
            p.id(),
            p.name(),
            p.kind(),
            priceMinor,
            p.supplierId(),
            massKg,
            p.peakWatts(),
            p.supplyWatts(),
            p.hdmiOutputs(),
            p.displayPortOutputs(),
            p.typeCOutputs(),
            p.lightHeaders(),
            p.storageGb(),
            p.memoryGb(),
            p.attributes(),
            p.body(),
            p.electric(),
            p.thermal(),
            p.display());
    store.things.apply("ines", List.of(Write.overwrite(null, anew)));
  }

  @Test
  void aComponentFollowsTheLibraryInAllButItsPriceAndBackAgain() {
    put(SHIPPED.one("c").withPriceMinor(12_300));
    assertEquals(List.of("priceMinor"), stored().ownFields());
    change(1.5, 20_000);
    assertEquals(1.5, stored().massKg());
    assertEquals(12_300, stored().priceMinor());
    assertEquals(stored(), row().value(), "read alone as among all");
    store.things.undo("ines", "");
    assertEquals(SHIPPED.massKg(), stored().massKg());
    put(stored().withPriceMinor(SHIPPED.priceMinor()));
    change(1.5, 20_000);
    assertEquals(20_000, stored().priceMinor(), "typed as the library has it, it follows again");
  }

  private Row row() {
    return store.things.all().stream()
        .filter(row -> row.id().equals("c"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void oneKeptBeforeAnybodyComparedFollowsFromTheNextChangeOn() {
    put(SHIPPED.one("c").withPriceMinor(12_300));
    store.sql.sql("UPDATE thing SET body = json_remove(body, '$.ownFields')").update();
    reopen();
    assertNull(stored().ownFields());
    assertEquals(SHIPPED.massKg(), stored().massKg());
    change(1.5, 20_000);
    assertEquals(List.of("priceMinor"), stored().ownFields());
    assertEquals(1.5, stored().massKg());
    assertEquals(12_300, stored().priceMinor());
    store.things.undo("ines", "");
    assertEquals(SHIPPED.massKg(), stored().massKg());
  }

  private void reopen() {
    store.close();
    open();
  }

  @Test
  void aDesignPutAsideFollowsAndAFrozenOneStaysAsItWasSigned() {
    put(SHIPPED.one("c"));
    Design design = Design.of(Look.open(), List.of(stored()));
    ConceptOption option = new ConceptOption("o", "B", "", design);
    Concept signed =
        Concept.open("b", Look.open())
            .with(new Frozen("ines", NOW, 0, LocalDate.of(2026, 3, 2), design, List.of()));
    store.things.apply("ines", List.of(Write.overwrite("b", option), Write.overwrite("b", signed)));
    change(1.5, 20_000);
    Design aside = store.things.get(ConceptOption.class, "o").value().design();
    assertEquals(20_000, aside.components().get(0).priceMinor());
    Design frozen = store.things.get(Concept.class, "b").value().frozen().design();
    assertEquals(SHIPPED.priceMinor(), frozen.components().get(0).priceMinor());
  }

  @Test
  void twoWhoChangeDifferentFieldsAreLaidTogetherWithWhatFollows() {
    put(SHIPPED.one("c"));
    Versioned<Component> seen = store.things.get(Component.class, "c");
    put(stored().withMassKg(2));
    change(1.5, 20_000);
    store.things.apply(
        "otto",
        List.of(
            new Write(
                ThingKind.COMPONENT,
                "c",
                "b",
                seen.value().withAttributes("quiet"),
                seen.version())));
    assertEquals(2, stored().massKg());
    assertEquals("quiet", stored().attributes());
    assertEquals(20_000, stored().priceMinor(), "a price that was only seen is not typed");
    assertEquals(List.of("massKg", "attributes"), stored().ownFields());
  }

  @Test
  void creatingItTwiceIsOnce() {
    store.things.apply("ines", List.of(Write.create("b", SHIPPED.one("c"))));
    store.things.apply("ines", List.of(Write.create("b", SHIPPED.one("c"))));
    assertEquals(1, store.things.all().size());
  }

  @Test
  void whatBecomesOfItsProductLosesNothing() {
    HardwareProduct own =
        new Library().find("sup-basalt-450").map(HardwareProduct.class::cast).orElseThrow();
    Component measured = own.one("c").withProductId("gone").withMassKg(3);
    put(measured);
    assertNull(stored().ownFields());
    assertEquals(3, stored().massKg());
    assertEquals(Optional.empty(), new Library().find("gone"));
  }

  private void handOver(LocalDate on) {
    Brief brief = Brief.named("b", "Lantern", LocalDate.of(2026, 3, 2)).revealed(on);
    store.things.apply("ines", List.of(Write.overwrite("b", brief)));
  }

  @Test
  void whatWasHandedOverStaysAsItWasOnThatDayAndFollowsAgainWhenOpened() {
    handOver(null);
    put(SHIPPED.one("c"));
    Design aside = Design.of(Look.open(), List.of(stored()));
    store.things.apply(
        "ines", List.of(Write.overwrite("b", new ConceptOption("o", "B", "", aside))));
    store.sql.sql("UPDATE thing SET body = json_set(body, '$.massKg', 9) WHERE id = 'c'").update();
    reopen();
    assertEquals(SHIPPED.massKg(), stored().massKg(), "as the library of a new release has it");
    handOver(LocalDate.of(2026, 3, 3));
    change(1.5, 20_000);
    assertEquals(SHIPPED.massKg(), stored().massKg());
    assertEquals(SHIPPED.priceMinor(), stored().priceMinor());
    assertEquals(stored(), row().value());
    Design stays = store.things.get(ConceptOption.class, "o").value().design();
    assertEquals(SHIPPED.priceMinor(), stays.components().get(0).priceMinor());
    handOver(null);
    assertEquals(1.5, stored().massKg());
    assertEquals(stored(), row().value());
    assertEquals(
        20_000,
        store
            .things
            .get(ConceptOption.class, "o")
            .value()
            .design()
            .components()
            .get(0)
            .priceMinor());
  }

  @Test
  void whileItsProductCannotBeReadAUseStaysAsItWasKept() {
    put(SHIPPED.one("c").withPriceMinor(12_300));
    change(1.5, 20_000);
    store
        .sql
        .sql("UPDATE thing SET body = json_set(body, '$.massKg', 'much') WHERE id = ?")
        .param(SHIPPED.id())
        .update();
    reopen();
    assertEquals(1.5, stored().massKg(), "neither refused nor as it shipped");
    assertEquals(stored(), row().value());
    put(stored().withPriceMinor(12_000));
    change(2, 30_000);
    assertEquals(12_000, stored().priceMinor());
    assertEquals(1.5, stored().massKg(), "what can't be compared is its own");
  }
}
