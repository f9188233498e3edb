package emberyard.core.light.wire;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.DesignLists;
import emberyard.core.build.Display;
import emberyard.core.build.Plug;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Refusal;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed;
import emberyard.core.build.ScreenFeed.PowerFrom;
import emberyard.core.build.Size;
import emberyard.core.light.port.Picture;
import emberyard.core.light.port.Sink;
import emberyard.core.light.port.Sink.Want;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What is to be fed in a build: screens, screens built into components, devices, chargers. */
final class Fed {
  static final double USUAL_HZ = 60;

  /** What a device draws where nobody said, A (default). */
  private static final double DEVICE_AMPS = 0.1;

  private static final double TOUCH_AMPS = 0.2;

  private static final Picture CLIENTS_SCREEN =
      new Picture(1_920, 1_080, USUAL_HZ, null, Picture.Timing.REDUCED);

  /** The lead of a screen while no size is known, mm (default). */
  private static final double LEAD_MM = 500;

  private final DesignLists build;
  private final double leadMm;
  private final Map<String, String> groups;
  private final List<Sink> sinks = new ArrayList<>();

  private Fed(DesignLists build) {
    this.build = build;
    this.leadMm = leadMm(build.outerSize());
    this.groups = groups(build.screens());
  }

  static List<Sink> of(DesignLists build) {
    Fed fed = new Fed(build);
    build.screens().forEach(fed::screen);
    build.components().stream()
        .filter(component -> !LinksOf.isLink(component))
        .forEach(fed::component);
    return List.copyOf(fed.sinks);
  }

  /**
   * The lead that a screen needs where nobody said: half of what it takes to go along width, depth
   * and height, in whole 100 mm.
   *
   * <p>Example: a case 260 × 388 × 412 mm: 530 → 600 mm.
   */
  static double leadMm(Size outer) {
    return outer == null
        ? LEAD_MM
        : Math.ceil((outer.widthMm() + outer.heightMm() + outer.depthMm()) / 200) * 100;
  }

  /** What a screen wants in Gbit/s, 24 bit a pixel. */
  static double gbit(Display display) {
    ScreenFeed feed = display.feed() == null ? ScreenFeed.USUAL : display.feed();
    return new Picture(
            display.pixelsWide(),
            display.pixelsHigh(),
            feed.hz() == null ? USUAL_HZ : feed.hz(),
            feed.pixelClockMhz(),
            feed.televisionTiming() ? Picture.Timing.TELEVISION : Picture.Timing.REDUCED)
        .gbitPerSecond();
  }

  private void screen(Screen screen) {
    double reach = screen.leadMm() == null ? leadMm : screen.leadMm();
    shown(
        screen.id(),
        screen.name(),
        Display.of(screen),
        screen.watts(),
        reach,
        groups.getOrDefault(screen.id(), ""),
        null,
        screen.plugFreeMm() == null ? Sink.ROOM_MM : screen.plugFreeMm());
  }

  /**
   * @param usb the plug of its own USB lead, null for a socket that takes one
   */
  private void shown(
      String id,
      String name,
      Display display,
      double watts,
      double reach,
      String mirror,
      @Nullable Plug usb,
      double plugFreeMm) {
    ScreenFeed feed = display.feed() == null ? ScreenFeed.USUAL : display.feed();
    boolean data = display.input() == Screen.Input.DATA;
    boolean fromInput = feed.powerFrom() == PowerFrom.INPUT;
    sinks.add(
        new Sink(
            id,
            name,
            data ? Want.PICTURE_AS_DATA : Want.PICTURE,
            data ? usb == null ? Plug.USB_B : usb : plug(display.input()),
            data && usb != null || display.input() == Screen.Input.EMBEDDED,
            reach,
            plugFreeMm,
            data ? 0 : gbit(display),
            data ? megabytes(display, feed) : 0,
            data ? 2 : 0,
            fromInput ? watts / 5 : 0,
            Set.copyOf(feed.wontWorkBehind()),
            mirror,
            feed.passesOnGbit() == null || data ? 0 : feed.passesOnGbit()));
    if (feed.touch()) {
      sinks.add(device(id + "/touch", "Touch of " + name, Want.DATA, reach, TOUCH_AMPS, feed));
    }
    if (feed.powerFrom() == PowerFrom.USB) {
      sinks.add(device(id + "/power", "Power of " + name, Want.CURRENT, reach, watts / 5, feed));
    }
  }

  private static Sink device(
      String id, String name, Want want, double reach, double amps, ScreenFeed feed) {
    return new Sink(
        id,
        name,
        want,
        Plug.USB_B,
        false,
        reach,
        Sink.ROOM_MM,
        0,
        0,
        want == Want.DATA ? 2 : 0,
        amps,
        want == Want.DATA ? Set.copyOf(feed.wontWorkBehind()) : Set.of(),
        "",
        0);
  }

  private static Plug plug(Screen.Input input) {
    return switch (input) {
      case HDMI -> Plug.HDMI;
      case MINI_HDMI -> Plug.MINI_HDMI;
      case DISPLAY_PORT -> Plug.DISPLAY_PORT;
      case TYPE_C -> Plug.TYPE_C;
      case EMBEDDED -> Plug.EMBEDDED;
      case DATA -> Plug.USB_B;
    };
  }

  /** Two bytes a pixel, ten times a second, where nobody said. */
  private static double megabytes(Display display, ScreenFeed feed) {
    return feed.dataMegabytes() == null
        ? Math.min(1_000, display.pixelsWide() * (double) display.pixelsHigh() * 2 * 10 / 1e6)
        : feed.dataMegabytes();
  }

  private void component(Component component) {
    List<Port> asks =
        component.electric() == null
            ? List.of()
            : component.electric().asks().stream().filter(port -> want(port.kind())).toList();
    int copies = Math.min(component.quantity(), 16);
    for (int copy = 1; copy <= copies; copy++) {
      String id = component.id() + (copy > 1 ? "~" + copy : "");
      String name = component.name() + (copies > 1 ? " " + copy : "");
      boolean shows = component.display() != null;
      boolean data = shows && component.display().input() == Screen.Input.DATA;
      if (shows) {
        Plug usb = data && !asks.isEmpty() ? usbPlug(component, asks.get(0).kind()) : null;
        shown(
            id, name, component.display(), component.typicalWatts(), leadMm, "", usb, Sink.ROOM_MM);
      }
      asked(component, id, name, asks, shows, data ? 1 : 0);
      brought(component, id, name);
    }
  }

  /** An output on a panel, for a screen that nobody knows yet: full HD at 60 Hz (default). */
  private void brought(Component component, String id, String name) {
    if (component.wiring() == null || component.wiring().brings() == null) {
      return;
    }
    double own = component.wiring().leadMm();
    sinks.add(
        new Sink(
            id + "/panel",
            "Output of " + name,
            Want.PICTURE,
            component.wiring().brings(),
            own > 0,
            own > 0 ? own : leadMm,
            Sink.ROOM_MM,
            CLIENTS_SCREEN.gbitPerSecond(),
            0,
            0,
            0,
            refuses(component),
            "",
            0));
  }

  /** Its USB plugs, but those that its picture comes through already. */
  private void asked(
      Component component, String id, String name, List<Port> asks, boolean shows, int skip) {
    int place = 0;
    boolean charger = component.kind() == ComponentKind.CHARGER;
    for (Port port : asks) {
      for (int i = 0; i < port.count(); i++) {
        if (place++ < skip) {
          continue;
        }
        boolean first = place == 1 && !shows;
        sinks.add(
            new Sink(
                first ? id : id + "/usb-" + place,
                first ? name : "%s, plug %d".formatted(name, place),
                charger ? Want.CURRENT : Want.DATA,
                usbPlug(component, port.kind()),
                true,
                leadMm,
                Sink.ROOM_MM,
                0,
                0,
                charger ? 0 : port.kind() == PortKind.USB3_HEADER ? 3 : 2,
                port.amps() == null ? DEVICE_AMPS : port.amps(),
                refuses(component),
                "",
                0));
      }
    }
  }

  private static Set<Refusal> refuses(Component component) {
    return component.wiring() == null ? Set.of() : Set.copyOf(component.wiring().refuses());
  }

  private static boolean want(PortKind kind) {
    return switch (kind) {
      case USB2_HEADER, USB3_HEADER, TYPE_C_HEADER, REAR_USB -> true;
      default -> false;
    };
  }

  /** As typed; else the usual: a plug of nine pins covers both ports of its header. */
  private static Plug usbPlug(Component component, PortKind kind) {
    if (component.wiring() != null && component.wiring().usbPlug() != null) {
      return component.wiring().usbPlug();
    }
    return switch (kind) {
      case USB3_HEADER -> Plug.USB_3_HEADER;
      case TYPE_C_HEADER -> Plug.TYPE_C_HEADER;
      case REAR_USB -> Plug.USB_A;
      default -> Plug.USB_2_HEADER;
    };
  }

  /** Screens that may show one picture, by the least id among them. */
  static Map<String, String> groups(List<Screen> screens) {
    Map<String, String> groups = new HashMap<>();
    screens.forEach(screen -> groups.put(screen.id(), screen.id()));
    for (Screen screen : screens) {
      String one = groups.get(screen.id());
      String other = groups.get(screen.sameAs());
      if (other != null && !one.equals(other)) {
        String least = one.compareTo(other) < 0 ? one : other;
        groups.replaceAll((id, group) -> group.equals(one) || group.equals(other) ? least : group);
      }
    }
    Map<String, String> shared = new HashMap<>();
    groups.forEach(
        (id, group) -> {
          if (groups.values().stream().filter(group::equals).count() > 1) {
            shared.put(id, group);
          }
        });
    return shared;
  }
}
