package emberyard.core.glow;

import emberyard.core.build.Component;
import emberyard.core.build.DesignLists;
import emberyard.core.build.LightCircuit;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Lights;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Rail;
import emberyard.core.build.RunData;
import emberyard.core.build.ThingLink;
import emberyard.core.colour.Colour;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something that gives light: a light run, or the lights built into a component, all pieces of it
 * together.
 *
 * @param of what it is
 * @param leds of all pieces
 * @param milliampsPerLed of one at full white, mA, without idling
 * @param idleMilliamps of one that is dark, mA
 * @param colour its own
 * @param onHeader whether a light header of the board feeds it
 * @param dims whether it can be made darker
 */
public record Glow(
    ThingLink of,
    String name,
    int leds,
    Rail rail,
    LightCircuit circuit,
    double milliampsPerLed,
    double idleMilliamps,
    Colour colour,
    boolean onHeader,
    boolean dims) {
  private static final double IDLE_MA = 1;
  private static final double USUAL_MA = 60;

  /** All of a build: runs in their order, then lit components in theirs. */
  public static List<Glow> of(DesignLists design) {
    List<Glow> all = new ArrayList<>();
    design.strips().forEach(strip -> all.add(of(strip)));
    for (Component component : design.components()) {
      Lights lights = lights(component);
      if (lights != null) {
        all.add(of(component, lights, own(design)));
      }
    }
    return all;
  }

  public static Glow of(LightStrip strip) {
    return new Glow(
        new ThingLink("strips", strip.id()),
        strip.name(),
        strip.leds(),
        strip.rail(),
        strip.works(),
        strip.milliampsPerLed(),
        strip.idling(),
        Colour.hex(strip.colourHex()),
        strip.onHeader(),
        strip.told().only().dims());
  }

  private static Glow of(Component component, Lights lights, Colour own) {
    boolean twelve = plugs(component, PortKind.LIGHT_12V) > 0;
    return new Glow(
        new ThingLink("components", component.id()),
        component.name(),
        lights.leds() * component.quantity(),
        twelve ? Rail.V12 : Rail.V5,
        twelve ? LightCircuit.PLAIN : LightCircuit.ADDRESSABLE,
        lights.milliampsPerLed(),
        twelve ? 0 : IDLE_MA,
        own,
        twelve || plugs(component, PortKind.LIGHT_5V) > 0,
        lights.control().dims());
  }

  /** As it says; of one that only asks for a light header, as many as its current feeds. */
  private static @Nullable Lights lights(Component component) {
    if (component.lights() != null) {
      return component.lights();
    }
    double amps = amps(component, PortKind.LIGHT_5V) + amps(component, PortKind.LIGHT_12V);
    return amps == 0
        ? null
        : new Lights(
            (int) Math.max(1, Math.min(500, Math.round(amps * 1_000 / (USUAL_MA + IDLE_MA)))),
            USUAL_MA,
            RunData.Control.COLOURS);
  }

  private static double amps(Component component, PortKind kind) {
    return component.electric() == null
        ? 0
        : component.electric().asks().stream()
            .filter(port -> port.kind() == kind && port.amps() != null)
            .mapToDouble(port -> port.count() * port.amps())
            .sum();
  }

  private static int plugs(Component component, PortKind kind) {
    return component.electric() == null
        ? 0
        : component.electric().asks().stream()
            .filter(port -> port.kind() == kind)
            .mapToInt(Port::count)
            .sum();
  }

  /** The palette's glow for what has no colour of its own, white without one. */
  private static Colour own(DesignLists design) {
    return design.look().palette().stream()
        .filter(colour -> colour.role() == PaletteColour.Role.GLOW)
        .findFirst()
        .map(colour -> Colour.hex(colour.hex()))
        .orElse(Colour.WHITE);
  }

  public String id() {
    return of.id();
  }

  /** At full white, A. */
  public double fullAmps() {
    return amps(Colour.WHITE, 1);
  }

  /**
   * What it draws in a colour, A. Of one colour only, it draws by its brightness alone.
   *
   * @param brightness 0 to 1
   */
  public double amps(Colour shown, double brightness) {
    double lit =
        circuit.coloured()
            ? SentValue.of(shown).milliamps(milliampsPerLed / 3, brightness, idleMilliamps)
            : milliampsPerLed * brightness + idleMilliamps;
    return leds * lit / 1_000;
  }
}
