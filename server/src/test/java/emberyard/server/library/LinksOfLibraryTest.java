package emberyard.server.library;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.ComponentKind;
import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Screen;
import emberyard.core.build.Wiring;
import emberyard.core.workshop.HardwareProduct;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What ships to wire with: of every sort, and nothing that leads nowhere. */
class LinksOfLibraryTest {
  private static final Set<ComponentKind> PIECES =
      EnumSet.of(
          ComponentKind.LEAD,
          ComponentKind.ADAPTER,
          ComponentKind.SPLITTER,
          ComponentKind.BREAKOUT);

  private static List<HardwareProduct> all() {
    return Library.shipped().of(HardwareProduct.class);
  }

  private static List<Wiring> links(LinkKind kind) {
    return all().stream()
        .map(HardwareProduct::wiring)
        .filter(wiring -> wiring != null && wiring.link() == kind)
        .toList();
  }

  @Test
  void thereAreSixtyAndMoreOfEverySort() {
    long wired =
        all().stream()
            .filter(each -> each.wiring() != null && each.wiring().link() != null)
            .count();
    long shown = all().stream().filter(each -> each.display() != null).count();
    assertTrue(wired + shown >= 60, wired + " links and " + shown + " screens");
    for (LinkKind kind : LinkKind.values()) {
      assertTrue(links(kind).size() >= 3, kind.words());
    }
    for (Screen.Input input : Screen.Input.values()) {
      assertTrue(
          all().stream().anyMatch(p -> p.display() != null && p.display().input() == input),
          input.words());
    }
    assertTrue(all().stream().anyMatch(each -> each.kind() == ComponentKind.CHARGER));
  }

  @Test
  void everyPieceSaysHowItJoins() {
    for (HardwareProduct product : all()) {
      if (PIECES.contains(product.kind())) {
        assertNotNull(product.wiring(), product.name());
        assertEquals(product.kind().name(), product.wiring().link().name(), product.name());
        assertTrue(product.priceMinor() > 0, product.name());
      }
    }
  }

  /** An adapter leads one way only; what leaves it goes on into a lead. */
  @Test
  void everyLinkCarriesAPictureOrData() {
    Set<Plug> leadsFrom =
        links(LinkKind.LEAD).stream().map(Wiring::plugIn).collect(Collectors.toSet());
    for (LinkKind kind : LinkKind.values()) {
      for (Wiring link : links(kind)) {
        assertTrue(link.linkGbit() != null || link.linkUsb() != null, link.toString());
        boolean header = link.plugOut().name().endsWith("HEADER");
        boolean ends = kind == LinkKind.LEAD || header || leadsFrom.contains(link.plugOut());
        assertTrue(ends, () -> link + " leads nowhere");
      }
    }
  }

  /** Leads of each sort come in lengths, and longer ones cost more. */
  @Test
  void longerLeadsCostMore() {
    List<HardwareProduct> straight =
        all().stream().filter(each -> each.id().matches("lead-(hdmi|dp|usb)-\\d+")).toList();
    for (HardwareProduct one : straight) {
      for (HardwareProduct other : straight) {
        Wiring a = one.wiring();
        Wiring b = other.wiring();
        if (a.plugIn() == b.plugIn() && a.leadMm() < b.leadMm()) {
          assertTrue(one.priceMinor() < other.priceMinor(), one.name() + ", " + other.name());
        }
      }
    }
    assertTrue(straight.size() >= 9);
  }
}
