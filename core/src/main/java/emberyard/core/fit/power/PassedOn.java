package emberyard.core.fit.power;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A riser hangs on a slot and offers one again: it offers nothing while it hangs on none, and never
 * feeds itself.
 */
final class PassedOn {
  private PassedOn() {}

  /**
   * Ids of those for which no socket is left; the ones that give most back are fed first.
   *
   * <p>Example: a riser that asks for one slot and offers one, and a board without: the riser.
   */
  static Set<String> unfed(List<Component> components, PortKind kind) {
    List<Component> passing = new ArrayList<>();
    double free = 0;
    for (Component c : components) {
      if (c.kind() == ComponentKind.RISER && asks(c, kind) > 0) {
        passing.add(c);
      } else {
        free += offers(c, kind) * c.quantity();
      }
    }
    passing.sort(
        Comparator.comparingDouble((Component c) -> asks(c, kind) - offers(c, kind))
            .thenComparing(Component::id));
    Set<String> unfed = new HashSet<>();
    for (Component c : passing) {
      double gain = offers(c, kind) - asks(c, kind);
      for (int piece = 0; piece < c.quantity(); piece++) {
        if (free < asks(c, kind)) {
          unfed.add(c.id());
        } else {
          free += gain;
        }
      }
    }
    return unfed;
  }

  private static double asks(Component c, PortKind kind) {
    return c.electric() == null ? 0 : count(c.electric().asks(), kind);
  }

  private static double offers(Component c, PortKind kind) {
    return c.electric() == null ? 0 : count(c.electric().offers(), kind);
  }

  private static double count(List<Port> ports, PortKind kind) {
    return ports.stream().filter(port -> port.kind() == kind).mapToInt(Port::count).sum();
  }
}
