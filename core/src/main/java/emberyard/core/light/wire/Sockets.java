package emberyard.core.light.wire;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Wiring;
import emberyard.core.light.port.Source;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Sockets of the chosen hardware that give pictures, data or current. */
final class Sockets {
  /** Usual figures where the data sheet was not typed (handbook, From ports to screens). */
  private static final int CARD_AT_ONCE = 4;

  private static final int BOARD_AT_ONCE = 3;
  private static final double HDMI_GBIT = 14.4;
  private static final double DISPLAY_PORT_GBIT = 25.92;
  private static final double TYPE_C_GBIT = 17.28;
  private static final double EMBEDDED_GBIT = 5.4;
  private static final double USB_2_AMPS = 0.5;
  private static final double USB_3_AMPS = 0.9;
  private static final double TYPE_C_AMPS = 3;

  private static final Comparator<Component> CARDS_FIRST =
      Comparator.comparingInt(
          component ->
              switch (component.kind()) {
                case GRAPHICS -> 0;
                case BOARD -> 1;
                default -> 2;
              });

  private final List<Component> components;
  private final List<Source> sources = new ArrayList<>();

  private Sockets(List<Component> components) {
    this.components = components;
  }

  static List<Source> of(List<Component> components) {
    Sockets sockets = new Sockets(components);
    for (Component component : components.stream().sorted(CARDS_FIRST).toList()) {
      if (!LinksOf.isLink(component)) {
        for (int copy = 1; copy <= Math.min(component.quantity(), 4); copy++) {
          sockets.device(component, copy);
        }
      }
    }
    return List.copyOf(sockets.sources);
  }

  private void device(Component component, int copy) {
    String device = component.id() + (copy > 1 ? "~" + copy : "");
    String lacking = lacking(component);
    Wiring wiring = component.wiring();
    pictures(
        device,
        component,
        Plug.HDMI,
        component.hdmiOutputs(),
        or(wiring == null ? null : wiring.hdmiGbit(), HDMI_GBIT),
        lacking);
    pictures(
        device,
        component,
        Plug.DISPLAY_PORT,
        component.displayPortOutputs(),
        or(wiring == null ? null : wiring.displayPortGbit(), DISPLAY_PORT_GBIT),
        lacking);
    pictures(
        device,
        component,
        Plug.TYPE_C,
        component.typeCOutputs(),
        or(wiring == null ? null : wiring.typeCGbit(), TYPE_C_GBIT),
        lacking);
    if (component.electric() != null) {
      component.electric().offers().forEach(port -> ports(device, component, port, lacking));
    }
  }

  /** The board’s picture outputs are the processor’s. */
  private String lacking(Component component) {
    if (component.kind() != ComponentKind.BOARD || Component.boardOutputsWork(components)) {
      return "";
    }
    String processor =
        components.stream()
            .filter(each -> each.kind() == ComponentKind.PROCESSOR)
            .map(Component::name)
            .findFirst()
            .orElse("the processor");
    return "no graphics in " + processor;
  }

  private void pictures(
      String device, Component component, Plug plug, int count, double gbit, String lacking) {
    for (int i = 1; i <= count; i++) {
      boolean typeC = plug == Plug.TYPE_C;
      sources.add(
          new Source(
              "%s/%s-%d".formatted(device, plug.name().toLowerCase(java.util.Locale.ROOT), i),
              plug.words() + (count > 1 ? " " + i : ""),
              device,
              plug,
              gbit,
              typeC && lacking.isEmpty() ? 3 : 0,
              typeC && lacking.isEmpty() ? TYPE_C_AMPS : 0,
              atOnce(component),
              0,
              lacking,
              null));
    }
  }

  private void ports(String device, Component component, Port port, String lacking) {
    Plug plug = plug(port.kind());
    if (plug == null) {
      return;
    }
    boolean picture = plug == Plug.EMBEDDED;
    for (int i = 1; i <= port.count(); i++) {
      sources.add(
          new Source(
              "%s/%s-%d"
                  .formatted(device, port.kind().name().toLowerCase(java.util.Locale.ROOT), i),
              port.kind().words() + (port.count() > 1 ? " " + i : ""),
              device,
              plug,
              picture ? EMBEDDED_GBIT : 0,
              picture ? 0 : plug == Plug.USB_2_HEADER ? 2 : 3,
              picture ? 0 : or(port.amps(), amps(plug)),
              atOnce(component),
              0,
              picture ? lacking : "",
              null));
    }
  }

  private static @Nullable Plug plug(PortKind kind) {
    return switch (kind) {
      case USB2_HEADER -> Plug.USB_2_HEADER;
      case USB3_HEADER -> Plug.USB_3_HEADER;
      case TYPE_C_HEADER -> Plug.TYPE_C_HEADER;
      case REAR_USB -> Plug.USB_A;
      case EMBEDDED_DISPLAY -> Plug.EMBEDDED;
      default -> null;
    };
  }

  private static double amps(Plug plug) {
    return switch (plug) {
      case USB_2_HEADER -> USB_2_AMPS;
      case TYPE_C_HEADER -> TYPE_C_AMPS;
      default -> USB_3_AMPS;
    };
  }

  private static int atOnce(Component component) {
    Wiring wiring = component.wiring();
    if (wiring != null && wiring.litAtOnce() != null) {
      return wiring.litAtOnce();
    }
    return component.kind() == ComponentKind.BOARD ? BOARD_AT_ONCE : CARD_AT_ONCE;
  }

  private static double or(@Nullable Double typed, double usual) {
    return typed == null ? usual : typed;
  }
}
