package emberyard.core.fit.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric;
import emberyard.core.build.M2Slot;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Seat;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import emberyard.core.workshop.HardwareProduct;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Power and plugs of whole builds. */
class PowerProofTest extends Proof {
  private static Component wired(Component c, List<Port> asks, List<Port> offers) {
    return c.withElectric(
        new Electric(null, null, asks, offers, List.of(), false, Electric.Tested.NOT_CHECKED));
  }

  @Test
  void missingPlugsAreNamedAndTooMuchCurrentToo() {
    Component board =
        part("b", ComponentKind.BOARD, 30, 0)
            .withElectric(
                new Electric(
                    null,
                    null,
                    List.of(Port.of(PortKind.CPU_8, 2)),
                    List.of(Port.of(PortKind.FAN_HEADER, 1), Port.of(PortKind.SATA_DATA, 2)),
                    List.of(new M2Slot(4, PortKind.SATA_DATA, 2)),
                    false,
                    null));
    components.add(board);
    components.add(
        wired(
            part("s", ComponentKind.SUPPLY, 0, 500),
            List.of(),
            List.of(Port.of(PortKind.CPU_8, 1))));
    components.add(
        wired(
            part("f", ComponentKind.FAN, 2, 0).withQuantity(3),
            List.of(new Port(PortKind.FAN_HEADER, 1, null, 0.5)),
            List.of()));
    components.add(
        wired(
            part("d", ComponentKind.DRIVE, 5, 0),
            List.of(Port.of(PortKind.SATA_DATA, 1)),
            List.of()));
    components.add(
        wired(part("m", ComponentKind.DRIVE, 5, 0), List.of(Port.of(PortKind.M2, 1)), List.of()));
    assertEquals("1 × 8-pin processor lead missing", found("fit/fed/CPU_8").orElseThrow().title());
    assertTrue(found("fit/fed/FAN_HEADER").orElseThrow().title().contains("1.5 A wanted, 1.0 A"));
    assertTrue(
        found("fit/fed/SATA_DATA").orElseThrow().detail().contains("switched off by M.2"),
        "the slot in use took both");
    assertTrue(found("fit/fed/M2").isEmpty());
    Component memory = part("mem", ComponentKind.MEMORY, 4, 0);
    components.add(wired(memory, List.of(), List.of()));
    assertTrue(found("component:mem/tested").orElseThrow().title().contains("was not looked up"));
  }

  @Test
  void aSmallSupplyAndAnInstantAreRisks() {
    components.add(part("p", ComponentKind.PROCESSOR, 100, 0));
    components.add(part("g", ComponentKind.GRAPHICS, 300, 0));
    assertEquals(Severity.NOTE, found("fit/supply").orElseThrow().severity(), "none chosen");
    Component supply = boxed("s", ComponentKind.SUPPLY, 80, 80, 50, Seat.SUPPLY);
    components.add(
        new HardwareProduct(
                "s450",
                "s450",
                ComponentKind.SUPPLY,
                1,
                "quay",
                1,
                0,
                450,
                0,
                0,
                0,
                0,
                null,
                null,
                "",
                supply.body(),
                null,
                null,
                null)
            .one("s"));
    library.add(supply("s600", 55, 600, 9_000));
    Finding small = found("fit/supply").orElseThrow();
    assertEquals("Supply gives 450 W; 500 W wanted", small.title());
    assertEquals("Take s600 instead, 600 W", small.remedies().get(0).label());
    components.set(2, library.get(0).one("s"));
    assertTrue(found("fit/supply").isEmpty());
    assertTrue(found("fit/transient").isEmpty(), "100 + 480 = 580 of 600");
    components.set(1, part("g", ComponentKind.GRAPHICS, 330, 0));
    assertTrue(found("fit/transient").orElseThrow().title().contains("628 W"));
  }
}
