package emberyard.core.light.wire;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Wiring;
import emberyard.core.build.WiringBuilder;
import emberyard.core.light.port.Link;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Links that the library sells, and those that are among the chosen hardware already. What makes
 * its picture of data brings a program with it: it is taken only where somebody has chosen it.
 */
final class LinksOf {
  /** What the supply of a hub gives where the data sheet was not typed, A (default). */
  private static final double HUB_AMPS = 2.5;

  /** How far a straight plug stands out, mm (default). */
  static final double PLUG_MM = 35;

  private LinksOf() {}

  /** Whether it lies between sockets and what is fed, and is nothing that is fed itself. */
  static boolean isLink(Component component) {
    return wiring(component) != null;
  }

  static List<Link> of(List<Component> components, WorkshopBook book) {
    Map<String, Integer> owned = new HashMap<>();
    List<Link> own = new ArrayList<>();
    for (Component component : components) {
      Wiring wiring = wiring(component);
      if (wiring == null) {
        continue;
      }
      boolean asSold =
          book.hardware().stream()
              .anyMatch(
                  product ->
                      product.id().equals(component.productId())
                          && wiring.equals(product.wiring()));
      if (asSold) {
        owned.merge(component.productId(), component.quantity(), Integer::sum);
      } else {
        own.add(
            link("component:" + component.id(), component.name(), wiring, 0)
                .with()
                .owned(component.quantity())
                .offered(false)
                .build());
      }
    }
    List<Link> all = new ArrayList<>(own);
    for (HardwareProduct product : book.hardware()) {
      Wiring wiring = product.wiring();
      int there = owned.getOrDefault(product.id(), 0);
      boolean offered = !book.isRetired("hardware", product.id());
      boolean free = offered && (wiring == null || !wiring.drawsPicture());
      if (wiring != null && wiring.link() != null && (free || there > 0)) {
        all.add(
            link(product.id(), product.name(), wiring, product.priceMinor())
                .with()
                .owned(there)
                .offered(free)
                .build());
      }
    }
    return List.copyOf(all);
  }

  /** How it joins, as typed; a hub that was only counted in plugs is read off them. */
  static @Nullable Wiring wiring(Component component) {
    Wiring wiring = component.wiring();
    if (wiring != null && wiring.link() != null) {
      return wiring;
    }
    if (component.kind() != ComponentKind.HUB || component.electric() == null) {
      return null;
    }
    Port in = usb(component.electric().asks());
    Port out = usb(component.electric().offers());
    return in == null || out == null ? null : counted(component, in, out);
  }

  private static Wiring counted(Component component, Port in, Port out) {
    boolean fed =
        component.electric().asks().stream()
            .anyMatch(
                port -> port.kind() == PortKind.SATA_POWER || port.kind() == PortKind.PERIPHERAL);
    return WiringBuilder.builder()
        .link(LinkKind.HUB)
        .plugIn(plug(in.kind()))
        .plugOut(out.kind() == PortKind.USB2_HEADER ? Plug.USB_2_SINGLE : plug(out.kind()))
        .sockets(Math.min(16, out.count()))
        .linkUsb(in.kind() == PortKind.USB2_HEADER ? 2 : 3)
        .ownAmps(fed ? HUB_AMPS : null)
        .refuses(List.of())
        .build();
  }

  private static @Nullable Port usb(List<Port> ports) {
    return ports.stream().filter(port -> plug(port.kind()) != null).findFirst().orElse(null);
  }

  private static @Nullable Plug plug(PortKind kind) {
    return switch (kind) {
      case USB2_HEADER -> Plug.USB_2_HEADER;
      case USB3_HEADER -> Plug.USB_3_HEADER;
      case TYPE_C_HEADER -> Plug.TYPE_C_HEADER;
      case REAR_USB -> Plug.USB_A;
      default -> null;
    };
  }

  private static Link link(String id, String name, Wiring wiring, long priceMinor) {
    return new Link(
        id,
        name,
        wiring.link(),
        wiring.plugIn(),
        wiring.plugOut(),
        wiring.sockets(),
        wiring.linkGbit() == null ? 0 : wiring.linkGbit(),
        wiring.linkUsb() == null ? 0 : wiring.linkUsb(),
        wiring.leadMm(),
        wiring.plugMm() == null ? PLUG_MM : wiring.plugMm(),
        wiring.ownAmps() == null ? 0 : wiring.ownAmps(),
        wiring.drawsAmps(),
        wiring.drawsPicture(),
        priceMinor,
        0,
        true);
  }
}
