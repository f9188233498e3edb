package emberyard.core.fit.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Screen;
import emberyard.core.build.Seat;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said of power and plugs, and the ways out that are offered, at their very limits. */
class PowerWaysTest extends Proof {
  private static Electric wired(Double excursion, List<Port> asks, List<Port> offers) {
    return new Electric(null, excursion, asks, offers, List.of(), false, null);
  }

  private static Component asking(Component c, Port... ports) {
    return c.withElectric(wired(null, List.of(ports), List.of()));
  }

  private static Component offering(Component c, Port... ports) {
    return c.withElectric(wired(null, List.of(), List.of(ports)));
  }

  private void chosen(double watts) {
    components.add(
        boxed("s", ComponentKind.SUPPLY, 80, 80, 50, Seat.SUPPLY).withSupplyWatts(watts));
  }

  /** A supply of the library that goes into the left bay. */
  private static HardwareProduct supply(
      String id, double watts, long priceMinor, Electric electric) {
    HardwareProduct plain = supply(id, 55, watts, priceMinor);
    return new HardwareProduct(
        plain.id(),
        plain.name(),
        plain.kind(),
        plain.priceMinor(),
        plain.supplierId(),
        plain.massKg(),
        0,
        watts,
        0,
        0,
        0,
        0,
        null,
        null,
        "",
        plain.body(),
        electric,
        null,
        null);
  }

  private List<String> ways(String key) {
    return found(key).orElseThrow().remedies().stream().map(Remedy::label).toList();
  }

  @Test
  void whatDrawsNothingIsNamedWhereItCannotBeSo() {
    components.add(part("p", ComponentKind.PROCESSOR, 0, 0));
    components.add(part("g", ComponentKind.GRAPHICS, 0, 0));
    components.add(part("b", ComponentKind.BOARD, 0, 0));
    components.add(part("d", ComponentKind.DRIVE, 0, 0));
    Finding mute = found("fit/watts-not-known").orElseThrow();
    assertTrue(mute.title().startsWith("What p, g, b draws is not known"), mute.title());
    assertEquals(List.of("Type what it draws at most"), ways("fit/watts-not-known"));
    components.replaceAll(c -> c.kind() == ComponentKind.DRIVE ? c : c.withPeakWatts(1));
    assertTrue(found("fit/watts-not-known").isEmpty(), "a drive may draw nothing");
  }

  @Test
  void aSupplyThatGivesWhatIsWantedIsEnough() {
    components.add(part("p", ComponentKind.PROCESSOR, 100, 0));
    components.add(part("d", ComponentKind.DRIVE, 20, 0));
    assertEquals("No supply chosen yet; 150 W wanted", found("fit/supply").orElseThrow().title());
    assertEquals(List.of("Choose a supply of 200 W or more"), ways("fit/supply"));
    chosen(149.9);
    Finding small = found("fit/supply").orElseThrow();
    assertEquals(Severity.RISK, small.severity());
    assertTrue(
        small.detail().startsWith("Processor and graphics 100 W at their peak, the rest 20"));
    components.set(2, components.get(2).withSupplyWatts(150));
    assertTrue(found("fit/supply").isEmpty());
  }

  /** Bits on a shelf want no supply yet; a screen does, and so does a processor. */
  @Test
  void bitsAloneWantNoSupply() {
    assertTrue(found("fit/supply").isEmpty());
    components.add(part("d", ComponentKind.DRIVE, 5, 0));
    assertTrue(found("fit/supply").isEmpty());
    Screen screen = Screen.one("w", "W", 100, 60).pixelsWide(800).pixelsHigh(480).watts(10).build();
    var build =
        Samples.build().with(Component.class, components).with(Screen.class, List.of(screen));
    WorkshopBook book = Samples.book();
    List<Finding> said = PowerFindings.of(build, PowerBudget.of(build), book);
    assertEquals(List.of("fit/supply"), said.stream().map(Finding::key).toList());
    chosen(6);
    assertTrue(found("fit/supply").isPresent(), "one that is chosen and too small is said");
  }

  @Test
  void moreThanAnySizeGivesIsDivided() {
    components.add(part("p", ComponentKind.PROCESSOR, 2_500, 0));
    String way = ways("fit/supply").get(0);
    assertTrue(way.startsWith("Divide it over two supplies, or take something out: no usual"), way);
    assertTrue(way.contains("the largest is 3000 W"), way);
  }

  @Test
  void theCheapestTwoThatGiveItBearItAndGoInAreOffered() {
    components.add(part("g", ComponentKind.GRAPHICS, 400, 0));
    chosen(100);
    library.add(supply("b-second", 500, 2_000, null));
    library.add(supply("a-second", 500, 2_000, wired(640.0, List.of(), List.of())));
    library.add(supply("cheapest", 499.9, 100, null));
    library.add(supply("nervous", 500, 200, wired(639.9, List.of(), List.of())));
    library.add(supply("tall", 61, 500, 300));
    library.add(supply("first", 500, 1_000, wired(null, List.of(), List.of())));
    assertEquals(
        List.of(
            "Take first instead, 500 W",
            "Take a-second instead, 500 W",
            "Choose a supply of 500 W or more"),
        ways("fit/supply"));
    Remedy first = found("fit/supply").orElseThrow().remedies().get(0);
    assertEquals(1_000 - 10_000, first.priceMinor());
    assertEquals(new Remedy.Change("components", "s", "productId", 0, "first"), first.change());
  }

  @Test
  void whatItBearsForAnInstantIsTakenFromItsPageOrFromItsWatts() {
    components.add(part("g", ComponentKind.GRAPHICS, 400, 0));
    chosen(639.9);
    Finding gives = found("fit/transient").orElseThrow();
    assertEquals("For an instant 640 W are drawn; the supply gives 640 W", gives.title());
    assertTrue(gives.detail().endsWith("the supply doesn’t state what it bears for an instant."));
    assertEquals("Choose a supply of 500 W or more", ways("fit/transient").get(0));
    components.set(1, components.get(1).withElectric(wired(639.0, List.of(), List.of())));
    Finding bears = found("fit/transient").orElseThrow();
    assertEquals("For an instant 640 W are drawn; the supply bears 639 W", bears.title());
    assertEquals("Graphics peak × 1.6.", bears.detail());
    components.set(1, components.get(1).withElectric(wired(640.0, List.of(), List.of())));
    assertTrue(found("fit/transient").isEmpty());
  }

  /** The lead, enough watts, and it goes in; not the one that is chosen already. */
  @Test
  void aMissingLeadIsGotWithAnotherSupply() {
    components.add(asking(part("b", ComponentKind.BOARD, 50, 0), Port.of(PortKind.CPU_8, 2)));
    chosen(200);
    components.set(1, offering(components.get(1), Port.of(PortKind.CPU_8, 1)));
    Electric two = wired(null, List.of(), List.of(Port.of(PortKind.CPU_8, 2)));
    library.add(supply("weak", 62.4, 50, two));
    library.add(supply("one-lead", 300, 60, wired(null, List.of(), List.of())));
    library.add(supply("third", 300, 900, two));
    library.add(supply("second", 62.5, 800, two));
    library.add(supply("first", 300, 800, two));
    library.add(supply("chosen", 300, 70, two));
    components.set(1, components.get(1).withProductId("chosen"));
    assertEquals(
        List.of(
            "Take first instead, 300 W",
            "Take second instead, 63 W",
            "Choose a supply with that lead; never split a processor or graphics lead"),
        ways("fit/fed/CPU_8"));
    Finding lead = found("fit/fed/CPU_8").orElseThrow();
    assertEquals("1 × 8-pin processor lead missing", lead.title());
    assertEquals("b wants 2, there is 1.", lead.detail());
    library.replaceAll(each -> supply(each.id(), 61, each.supplyWatts(), each.priceMinor()));
    assertEquals(1, ways("fit/fed/CPU_8").size(), "too tall for its bay");
  }

  @ParameterizedTest
  @CsvSource({
    "SATA_DATA, Use another M.2 slot",
    "M2, Use another M.2 slot",
    "SATA_POWER, Choose a supply with that lead",
    "SLOT, Choose a board with more of them",
    "MEMORY_SLOT, Choose a board with more of them"
  })
  void eachPlugHasItsAdvice(PortKind kind, String advice) {
    components.add(asking(part("x", ComponentKind.OTHER, 1, 0), Port.of(kind, 1)));
    components.add(asking(part("y", ComponentKind.OTHER, 1, 0), Port.of(kind, 1)));
    chosen(200);
    Electric all = wired(null, List.of(), List.of(Port.of(kind, 4)));
    library.add(supply("all", 300, 100, all));
    List<String> ways = ways("fit/fed/" + kind);
    boolean bySupply = !kind.name().endsWith("_HEADER") && !kind.name().contains("SLOT");
    assertEquals(bySupply ? 2 : 1, ways.size(), ways.toString());
    assertTrue(ways.get(ways.size() - 1).startsWith(advice), ways.toString());
    assertEquals("x, y want 2, there are 0.", found("fit/fed/" + kind).orElseThrow().detail());
  }

  @Test
  void tooMuchCurrentIsTakenOffTheBoardByAHub() {
    components.add(
        offering(
            part("b", ComponentKind.BOARD, 9, 0), new Port(PortKind.FAN_HEADER, 1, null, 1.0)));
    components.add(
        asking(
            part("f", ComponentKind.FAN, 1, 0).withQuantity(2),
            new Port(PortKind.FAN_HEADER, 1, null, 0.5)));
    chosen(200);
    assertTrue(found("fit/fed/FAN_HEADER").isEmpty(), "1 A on 1 A, by a splitter");
    components.set(1, components.get(1).withQuantity(3));
    Finding over = found("fit/fed/FAN_HEADER").orElseThrow();
    assertEquals("Fan headers: 1.5 A wanted, 1.0 A there", over.title());
    assertEquals(
        "f wants 1.5, there is 1. 3 plugs on 1 header: needs a splitter, currents add up.",
        over.detail());
    assertEquals(
        List.of(
            "Add a powered hub: it takes its current from the supply",
            "Choose a board with more of them"),
        ways("fit/fed/FAN_HEADER"));
  }

  @Test
  void memoryIsLookedUpOrSaidNotToBe() {
    components.add(part("m", ComponentKind.MEMORY, 4, 0));
    assertTrue(found("component:m/tested").isEmpty(), "nobody said what it is");
    components.set(0, asking(components.get(0), Port.of(PortKind.MEMORY_SLOT, 1)));
    Finding open = found("component:m/tested").orElseThrow();
    assertEquals("m was not looked up on the board’s tested list", open.title());
    assertEquals("On the tested list: not checked.", open.detail());
    assertEquals(
        new Remedy.Change("components", "m", "electric.tested", 0, "YES"),
        open.remedies().get(0).change());
    components.set(0, tested(Electric.Tested.NO));
    assertEquals(
        "m is not on the board’s tested list", found("component:m/tested").orElseThrow().title());
    components.set(0, tested(Electric.Tested.YES));
    assertEquals(Optional.empty(), found("component:m/tested"));
    components.add(asking(part("f", ComponentKind.FAN, 1, 0), Port.of(PortKind.FAN_HEADER, 1)));
    assertEquals(Optional.empty(), found("component:f/tested"));
  }

  private static Component tested(Electric.Tested tested) {
    return part("m", ComponentKind.MEMORY, 4, 0)
        .withElectric(new Electric(null, null, List.of(), List.of(), List.of(), false, tested));
  }
}
