package emberyard.core.fit.power;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Display;
import emberyard.core.build.Electric;
import emberyard.core.build.M2Slot;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Rail;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed.PowerFrom;
import emberyard.core.fit.power.PowerLine.FedShare;
import emberyard.core.glow.LightLoad;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * What a build draws and plugs in, against what is there.
 *
 * @param power watts
 * @param volt5Watts of it screens and strips on 5 V
 * @param volt12Watts of it screens and strips on 12 V
 * @param besideWatts drawn inside, but from a supply of a screen's own: heat, and no load
 * @param lines one per kind of plug that anybody asks for or offers
 */
public record PowerBudget(
    Power power, double volt5Watts, double volt12Watts, double besideWatts, List<PowerLine> lines) {
  /** The 5 V of a machine that sleeps, W a supply: 2.5 A, a default. */
  static final double STANDBY_W = 12.5;

  /** Key of the line of what draws while the machine sleeps. */
  static final String ASLEEP = "standby";

  public static PowerBudget of(Build build) {
    return of(build.components(), build.screens(), LightLoad.of(build));
  }

  /** Sums needs and offers of components, with the screens and strips they feed. */
  public static PowerBudget of(
      List<Component> components, List<Screen> screens, List<LightLoad> strips) {
    return of(components, screens, strips, 0);
  }

  /**
   * The same, with what other screens and lights draw.
   *
   * @param otherWatts counted with screens and lights, 0 or more
   */
  public static PowerBudget of(
      List<Component> components, List<Screen> screens, List<LightLoad> strips, double otherWatts) {
    double volt5 = watts(Rail.V5, screens, strips);
    double volt12 = watts(Rail.V12, screens, strips);
    double lights = otherWatts + volt5 + volt12;
    Power power = Power.of(components, lights);
    List<PowerLine> lines = new ArrayList<>();
    lines.add(watts(components, lights, power));
    asleep(components, screens, strips, lines);
    for (PortKind kind : PortKind.values()) {
      if (kind.wired()) {
        continue;
      }
      if (kind.amps() == 0) {
        count(components, kind, lines);
      } else if (kind == PortKind.FAN_HEADER || kind == PortKind.PUMP_HEADER) {
        amps(components, kind, lines);
      }
    }
    lights(components, strips, lines);
    double beside =
        screens.stream().filter(PowerBudget::ownSupply).mapToDouble(Screen::watts).sum();
    return new PowerBudget(power, volt5, volt12, beside, List.copyOf(lines));
  }

  private static double watts(Rail rail, List<Screen> screens, List<LightLoad> strips) {
    return screens.stream()
            .filter(s -> s.rail() == rail && !ownSupply(s))
            .mapToDouble(Screen::watts)
            .sum()
        + strips.stream().filter(s -> s.rail() == rail).mapToDouble(LightLoad::watts).sum();
  }

  private static boolean ownSupply(Screen screen) {
    return screen.fed().powerFrom() == PowerFrom.BARREL;
  }

  /** What screens and lights draw while the machine sleeps, from the supply’s standby rail. */
  private static void asleep(
      List<Component> components,
      List<Screen> screens,
      List<LightLoad> lights,
      List<PowerLine> lines) {
    List<FedShare> asks = new ArrayList<>();
    for (Screen screen : screens) {
      if (screen.fed().standbyWatts() > 0 && !ownSupply(screen)) {
        asks.add(new FedShare(screen.id(), screen.name(), screen.fed().standbyWatts()));
      }
    }
    for (LightLoad light : lights) {
      if (light.asleepWatts() > 0) {
        asks.add(new FedShare(light.id(), light.name(), light.asleepWatts()));
      }
    }
    asks.addAll(shares(components, PowerBudget::asleep));
    List<FedShare> offers =
        shares(components, c -> c.supplyWatts() > 0 ? STANDBY_W * c.quantity() : 0);
    if (!asks.isEmpty() && !offers.isEmpty()) {
      lines.add(line(ASLEEP, "Asleep", "W", asks, offers, "2.5 A at 5 V of each supply (default)"));
    }
  }

  private static double asleep(Component component) {
    Display display = component.display();
    return display == null || display.feed() == null
        ? 0
        : display.feed().standbyWatts() * component.quantity();
  }

  private static PowerLine watts(List<Component> components, double rest, Power power) {
    List<FedShare> asks = new ArrayList<>();
    for (Component c : components) {
      boolean hungry = c.kind() == ComponentKind.PROCESSOR || c.kind() == ComponentKind.GRAPHICS;
      add(asks, c, (hungry ? c.peakWatts() : c.typicalWatts()) * c.quantity());
    }
    if (rest > 0) {
      asks.add(new FedShare("", "screens and lights", rest));
    }
    asks.add(new FedShare("", "reserve", power.wantedWatts() - power.wantedWatts() / 1.25));
    return new PowerLine(
        "power",
        "Supply",
        "W",
        power.wantedWatts(),
        power.supplyWatts(),
        0,
        0,
        asks,
        shares(components, c -> c.supplyWatts() * c.quantity()),
        "%s; for an instant %.0f W of %.0f W"
            .formatted(power.sizeWords(), power.transientWatts(), power.excursionWatts()));
  }

  private static void count(List<Component> components, PortKind kind, List<PowerLine> lines) {
    List<FedShare> asks = shares(components, c -> asked(c, kind, Port::count));
    Set<String> hungry = PassedOn.unfed(components, kind);
    List<FedShare> offers =
        new ArrayList<>(
            shares(components, c -> hungry.contains(c.id()) ? 0 : offered(c, kind, Port::count)));
    int lost = disabled(components, kind);
    if (lost > 0) {
      offers.add(new FedShare("", "switched off by M.2 slots in use", -lost));
    }
    if (kind == PortKind.M2) {
      offers.addAll(shares(components, c -> slots(c).size() * c.quantity()));
    }
    if (asks.isEmpty() && offers.isEmpty()) {
      return;
    }
    String note =
        lost > 0
            ? "%d switched off by M.2 slots in use".formatted(lost)
            : hungry.isEmpty() ? "" : "what passes one on is fed by none itself";
    lines.add(line(kind.name(), words(kind), "", asks, offers, note));
    leads(components, kind, lines);
  }

  /** Where cards ask for leads of their own, two plugs on one lead don't do. */
  private static void leads(List<Component> components, PortKind kind, List<PowerLine> lines) {
    boolean shared =
        components.stream()
            .filter(c -> c.electric() != null)
            .flatMap(c -> c.electric().offers().stream())
            .anyMatch(port -> port.kind() == kind && port.onLeads() < port.count());
    if (shared) {
      lines.add(
          line(
              "leads-" + kind,
              words(kind) + ", separate leads",
              "",
              shares(components, c -> asked(c, kind, Port::onLeads)),
              shares(components, c -> offered(c, kind, Port::onLeads)),
              "a lead with two plugs counts once"));
    }
  }

  private static void amps(List<Component> components, PortKind kind, List<PowerLine> lines) {
    List<FedShare> asks = shares(components, c -> asked(c, kind, p -> p.count() * amps(p, 0)));
    List<FedShare> offers =
        shares(components, c -> offered(c, kind, p -> p.count() * amps(p, kind.amps())));
    double plugs = sum(shares(components, c -> asked(c, kind, Port::count)));
    double sockets = sum(shares(components, c -> offered(c, kind, Port::count)));
    if (plugs == 0 && sockets == 0) {
      return;
    }
    lines.add(amps(kind, asks, offers, plugs, sockets, ""));
  }

  /** Currents that headers carry, and how many plugs share them. */
  private static PowerLine amps(
      PortKind kind,
      List<FedShare> asks,
      List<FedShare> offers,
      double plugs,
      double sockets,
      String more) {
    PowerLine line =
        new PowerLine(
            kind.name(),
            words(kind) + "s",
            "A",
            sum(asks),
            Math.max(0, sum(offers)),
            plugs,
            sockets,
            asks,
            offers,
            "");
    String splitter = sockets > 0 && !line.plugged() ? ": needs a splitter, currents add up" : "";
    return line.saying(line.plugWords() + splitter + more);
  }

  private static void lights(
      List<Component> components, List<LightLoad> strips, List<PowerLine> lines) {
    for (Rail rail : Rail.values()) {
      PortKind kind = rail == Rail.V5 ? PortKind.LIGHT_5V : PortKind.LIGHT_12V;
      List<LightLoad> hung = strips.stream().filter(s -> s.rail() == rail && s.onHeader()).toList();
      List<FedShare> asks = new ArrayList<>();
      hung.forEach(strip -> asks.add(new FedShare(strip.id(), strip.name(), strip.amps())));
      asks.addAll(shares(components, c -> asked(c, kind, p -> p.count() * amps(p, 0))));
      double plugs = hung.size() + sum(shares(components, c -> asked(c, kind, Port::count)));
      List<FedShare> sockets = shares(components, c -> c.lightSockets(rail) * c.quantity());
      List<FedShare> offers = shares(components, c -> c.lightHeaderAmps(rail) * c.quantity());
      if (plugs > 0 || !sockets.isEmpty()) {
        lines.add(
            amps(
                kind,
                asks,
                offers,
                plugs,
                sum(sockets),
                strips.isEmpty() ? "" : ", " + LightLoad.words(strips)));
      }
    }
  }

  /** M.2 slots fill in the order the board lists them; each may switch something off. */
  private static int disabled(List<Component> components, PortKind kind) {
    double used = sum(shares(components, c -> asked(c, PortKind.M2, Port::count)));
    int lost = 0;
    List<M2Slot> slots =
        components.stream()
            .flatMap(c -> Collections.nCopies(c.quantity(), slots(c)).stream())
            .flatMap(List::stream)
            .toList();
    for (int i = 0; i < Math.min(used, slots.size()); i++) {
      if (slots.get(i).disables() == kind) {
        lost += slots.get(i).disablesCount();
      }
    }
    return lost;
  }

  private static List<M2Slot> slots(Component component) {
    return component.electric() == null ? List.of() : component.electric().m2Slots();
  }

  private static PowerLine line(
      String key,
      String label,
      String unit,
      List<FedShare> asks,
      List<FedShare> offers,
      String note) {
    double wanted = sum(asks);
    double there = Math.max(0, sum(offers));
    return new PowerLine(key, label, unit, wanted, there, wanted, there, asks, offers, note);
  }

  private static String words(PortKind kind) {
    String words = kind.words();
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  private static double sum(List<FedShare> shares) {
    return shares.stream().mapToDouble(FedShare::value).sum();
  }

  private static double amps(Port port, double usual) {
    return port.amps() == null ? usual : port.amps();
  }

  private static double asked(Component c, PortKind kind, ToDoubleFunction<Port> of) {
    Electric electric = c.electric();
    return electric == null ? 0 : sum(electric.asks(), kind, of) * c.quantity();
  }

  private static double offered(Component c, PortKind kind, ToDoubleFunction<Port> of) {
    Electric electric = c.electric();
    return electric == null ? 0 : sum(electric.offers(), kind, of) * c.quantity();
  }

  private static double sum(List<Port> ports, PortKind kind, ToDoubleFunction<Port> of) {
    return ports.stream().filter(port -> port.kind() == kind).mapToDouble(of).sum();
  }

  private static List<FedShare> shares(List<Component> components, ToDoubleFunction<Component> of) {
    List<FedShare> shares = new ArrayList<>();
    components.forEach(c -> add(shares, c, of.applyAsDouble(c)));
    return shares;
  }

  private static void add(List<FedShare> shares, Component component, double value) {
    if (value > 0) {
      shares.add(new FedShare(component.id(), component.name(), value));
    }
  }
}
