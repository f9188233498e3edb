package emberyard.core.fit.power;

import static org.junit.jupiter.api.Assertions.assertEquals;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric;
import emberyard.core.build.LightStrip;
import emberyard.core.build.M2Slot;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Rail;
import emberyard.core.build.Screen;
import emberyard.core.fit.Proof;
import emberyard.core.glow.LightLoad;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * The power budget of random builds, counted again as a builder would at the table: each piece in
 * hand, one plug and one socket after the other.
 */
class PowerCheckerTest {
  /** Pictures and data are counted nowhere: the wiring leads each from socket to socket. */
  private static final Set<PortKind> WIRED =
      Set.of(
          PortKind.USB2_HEADER,
          PortKind.USB3_HEADER,
          PortKind.TYPE_C_HEADER,
          PortKind.REAR_USB,
          PortKind.EMBEDDED_DISPLAY);

  private static final int BUILDS = 400;

  private final Random random = new Random(29);

  /** One line as counted: what is wanted and there, plugs and sockets, and who has a share. */
  private static final class Count {
    double wanted;
    double there;
    double plugs;
    double sockets;
    double switchedOff;
    final Map<String, Double> asks = new TreeMap<>();
    final Map<String, Double> offers = new TreeMap<>();

    void ask(String who, double value) {
      wanted += value;
      asks.merge(who, value, Double::sum);
    }

    void offer(String who, double value) {
      there += value;
      offers.merge(who, value, Double::sum);
    }

    boolean used() {
      return wanted > 0 || there > 0 || plugs > 0 || sockets > 0 || switchedOff > 0;
    }
  }

  private static List<Component> pieces(List<Component> components) {
    List<Component> pieces = new ArrayList<>();
    for (Component c : components) {
      for (int n = 0; n < c.quantity(); n++) {
        pieces.add(c);
      }
    }
    return pieces;
  }

  private static List<Port> asks(Component c) {
    return c.electric() == null ? List.of() : c.electric().asks();
  }

  private static List<Port> offers(Component c) {
    return c.electric() == null ? List.of() : c.electric().offers();
  }

  private static List<M2Slot> slots(Component c) {
    return c.electric() == null ? List.of() : c.electric().m2Slots();
  }

  private static Map<String, Count> counted(
      List<Component> components, List<Screen> screens, List<LightStrip> strips) {
    Map<String, Count> lines = new TreeMap<>();
    List<Component> pieces = pieces(components);
    for (PortKind kind : PortKind.values()) {
      if (WIRED.contains(kind)) {
        continue;
      }
      if (kind.amps() == 0) {
        sockets(pieces, kind, lines);
      } else if (kind != PortKind.LIGHT_5V && kind != PortKind.LIGHT_12V) {
        currents(pieces, kind, lines);
      }
    }
    lights(pieces, strips, lines);
    lines.values().removeIf(line -> !line.used());
    return lines;
  }

  private static void sockets(List<Component> pieces, PortKind kind, Map<String, Count> lines) {
    Count all = new Count();
    Count leads = new Count();
    boolean twoOnOne = false;
    int cards = 0;
    List<M2Slot> slots = new ArrayList<>();
    for (Component piece : pieces) {
      slots.addAll(slots(piece));
      for (Port port : asks(piece)) {
        cards += port.kind() == PortKind.M2 ? port.count() : 0;
        if (port.kind() == kind) {
          all.ask(piece.id(), port.count());
          leads.ask(piece.id(), port.leads() == null ? port.count() : port.leads());
        }
      }
      for (Port port : offers(piece)) {
        if (port.kind() == kind) {
          all.offer(piece.id(), port.count());
          leads.offer(piece.id(), port.leads() == null ? port.count() : port.leads());
          twoOnOne |= port.leads() != null && port.leads() < port.count();
        }
      }
      if (kind == PortKind.M2) {
        for (int n = 0; n < slots(piece).size(); n++) {
          all.offer(piece.id(), 1);
        }
      }
    }
    for (M2Slot slot : slots.subList(0, Math.min(cards, slots.size()))) {
      all.switchedOff += slot.disables() == kind ? slot.disablesCount() : 0;
    }
    all.there = Math.max(0, all.there - all.switchedOff);
    all.plugs = all.wanted;
    all.sockets = all.there;
    lines.put(kind.name(), all);
    if (twoOnOne) {
      leads.plugs = leads.wanted;
      leads.sockets = leads.there;
      lines.put("leads-" + kind, leads);
    }
  }

  private static void currents(List<Component> pieces, PortKind kind, Map<String, Count> lines) {
    Count line = lines.computeIfAbsent(kind.name(), key -> new Count());
    for (Component piece : pieces) {
      for (Port port : asks(piece)) {
        for (int n = 0; n < port.count() && port.kind() == kind; n++) {
          line.plugs++;
          line.ask(piece.id(), port.amps() == null ? 0 : port.amps());
        }
      }
      for (Port port : offers(piece)) {
        for (int n = 0; n < port.count() && port.kind() == kind; n++) {
          line.sockets++;
          line.offer(piece.id(), port.amps() == null ? kind.amps() : port.amps());
        }
      }
      if (kind == PortKind.LIGHT_5V && piece.electric() == null) {
        for (int n = 0; n < piece.lightHeaders(); n++) {
          line.sockets++;
          line.offer(piece.id(), 3);
        }
      }
    }
  }

  private static void lights(
      List<Component> pieces, List<LightStrip> strips, Map<String, Count> lines) {
    currents(pieces, PortKind.LIGHT_5V, lines);
    currents(pieces, PortKind.LIGHT_12V, lines);
    for (LightStrip strip : strips) {
      if (strip.feed() == LightStrip.Feed.BOARD_HEADER) {
        Count line = lines.get(strip.rail() == Rail.V5 ? "LIGHT_5V" : "LIGHT_12V");
        line.plugs++;
        line.ask(strip.id(), strip.watts() / (strip.rail() == Rail.V5 ? 5 : 12));
      }
    }
  }

  private List<Port> ports(int most) {
    List<Port> ports = new ArrayList<>();
    for (int n = random.nextInt(most + 1); n > 0; n--) {
      PortKind kind = PortKind.values()[random.nextInt(PortKind.values().length)];
      int count = 1 + random.nextInt(4);
      Integer leads = random.nextInt(3) > 0 ? null : 1 + random.nextInt(count);
      ports.add(
          new Port(kind, count, leads, random.nextBoolean() ? null : random.nextInt(9) / 4.0));
    }
    return ports;
  }

  private List<M2Slot> m2() {
    PortKind[] off = {null, PortKind.SATA_DATA, PortKind.SLOT, PortKind.M2};
    List<M2Slot> slots = new ArrayList<>();
    for (int n = random.nextInt(4); n > 0; n--) {
      slots.add(new M2Slot(4, off[random.nextInt(off.length)], random.nextInt(3)));
    }
    return slots;
  }

  private Component component(String id) {
    ComponentKind any = ComponentKind.values()[random.nextInt(ComponentKind.values().length)];
    // what passes a slot on is counted by RiserTest
    ComponentKind kind = any == ComponentKind.RISER ? ComponentKind.OTHER : any;
    Component plain =
        Proof.part(id, kind, random.nextInt(200), random.nextInt(4) == 0 ? 500 : 0)
            .withQuantity(1 + random.nextInt(3))
            .withHdmiOutputs(random.nextInt(3))
            .withDisplayPortOutputs(random.nextInt(3))
            .withTypeCOutputs(random.nextInt(2))
            .withLightHeaders(random.nextInt(3));
    if (random.nextInt(4) == 0) {
      return plain;
    }
    Double typical = random.nextBoolean() ? null : (double) random.nextInt(100);
    Double excursion = random.nextBoolean() ? null : 600.0;
    return plain.withElectric(
        new Electric(typical, excursion, ports(5), ports(5), m2(), random.nextBoolean(), null));
  }

  private LightStrip strip(String id) {
    return LightStrip.one(id, id, 50 + random.nextInt(900))
        .rail(Rail.values()[random.nextInt(2)])
        .milliampsPerLed(20 + random.nextInt(40))
        .feed(LightStrip.Feed.values()[random.nextInt(LightStrip.Feed.values().length)])
        .build();
  }

  private Screen screen(String id) {
    Screen.Input input = Screen.Input.values()[random.nextInt(Screen.Input.values().length)];
    Rail rail = Rail.values()[random.nextInt(2)];
    return Screen.one(id, id, 100, 60)
        .pixelsWide(800)
        .pixelsHigh(480)
        .input(input)
        .watts(random.nextInt(40))
        .rail(rail)
        .build();
  }

  @Test
  void everyLineIsWhatSomebodyCountsAtTheTable() {
    for (int build = 0; build < BUILDS; build++) {
      List<Component> components = new ArrayList<>();
      for (int n = random.nextInt(8); n > 0; n--) {
        components.add(component("c" + n));
      }
      List<Screen> screens = new ArrayList<>();
      for (int n = random.nextInt(4); n > 0; n--) {
        screens.add(screen("d" + n));
      }
      List<LightStrip> strips = new ArrayList<>();
      for (int n = random.nextInt(4); n > 0; n--) {
        strips.add(strip("s" + n));
      }
      PowerBudget budget = PowerBudget.of(components, screens, loads(strips));
      List<PowerLine> plugs = budget.lines().subList(1, budget.lines().size());
      Map<String, Count> counted = counted(components, screens, strips);
      String which = "build " + build;
      assertEquals(
          counted.keySet(),
          plugs.stream()
              .map(PowerLine::key)
              .collect(Collectors.toCollection(java.util.TreeSet::new)),
          which);
      plugs.forEach(line -> same(which + " " + line.key(), counted.get(line.key()), line));
      watts(which, components, screens, strips, budget);
    }
  }

  private static void same(String which, Count counted, PowerLine line) {
    assertEquals(counted.wanted, line.wanted(), 1e-9, which);
    assertEquals(counted.there, line.there(), 1e-9, which);
    assertEquals(counted.plugs, line.plugs(), 1e-9, which);
    assertEquals(counted.sockets, line.sockets(), 1e-9, which);
    assertEquals(counted.wanted - counted.there < 1e-6, line.enough(), which);
    assertEquals(counted.plugs <= counted.sockets, line.plugged(), which);
    assertEquals(shares(counted.asks), shares(of(line.asks())), which);
    Map<String, Double> offers = of(line.offers());
    assertEquals(-counted.switchedOff, offers.getOrDefault("", 0.0), 1e-9, which);
    assertEquals(counted.switchedOff > 0, line.note().endsWith("switched off by M.2 slots in use"));
    offers.remove("");
    assertEquals(shares(counted.offers), shares(offers), which);
    boolean split = line.sockets() > 0 && line.plugs() > line.sockets() && line.unit().equals("A");
    assertEquals(split, line.note().contains("needs a splitter, currents add up"), which);
  }

  private static Map<String, Double> of(List<PowerLine.FedShare> shares) {
    Map<String, Double> of = new TreeMap<>();
    shares.forEach(share -> of.merge(share.componentId(), share.value(), Double::sum));
    return of;
  }

  private static Map<String, String> shares(Map<String, Double> shares) {
    Map<String, String> said = new TreeMap<>();
    shares.forEach(
        (who, value) -> {
          if (value > 0) {
            said.put(who, "%.6f".formatted(value));
          }
        });
    return said;
  }

  /** The supply's line: everybody's watts, screens and lights as one, a quarter more. */
  private static void watts(
      String which,
      List<Component> components,
      List<Screen> screens,
      List<LightStrip> strips,
      PowerBudget budget) {
    double parts = 0;
    double supplies = 0;
    for (Component piece : pieces(components)) {
      boolean hungry =
          piece.kind() == ComponentKind.PROCESSOR || piece.kind() == ComponentKind.GRAPHICS;
      boolean said = piece.electric() != null && piece.electric().typicalWatts() != null;
      parts += !hungry && said ? piece.electric().typicalWatts() : piece.peakWatts();
      supplies += piece.supplyWatts();
    }
    double lights = 0;
    double twelve = 0;
    for (Screen screen : screens) {
      lights += screen.watts();
      twelve += screen.rail() == Rail.V12 ? screen.watts() : 0;
    }
    for (LightStrip strip : strips) {
      lights += strip.watts();
      twelve += strip.rail() == Rail.V12 ? strip.watts() : 0;
    }
    PowerLine supply = budget.lines().get(0);
    assertEquals(twelve, budget.volt12Watts(), 1e-9, which);
    assertEquals(lights - twelve, budget.volt5Watts(), 1e-9, which);
    assertEquals(1.25 * (parts + lights), supply.wanted(), 1e-6, which);
    assertEquals(supplies, supply.there(), 1e-9, which);
    assertEquals(
        supply.wanted(),
        supply.asks().stream().mapToDouble(PowerLine.FedShare::value).sum(),
        1e-6,
        which);
    assertEquals(
        lights > 0 ? 1 : 0,
        supply.asks().stream().filter(share -> share.name().equals("screens and lights")).count());
  }

  /** At full white. */
  private static List<LightLoad> loads(List<LightStrip> strips) {
    return strips.stream().map(strip -> LightLoad.of(strip, List.of())).toList();
  }
}
