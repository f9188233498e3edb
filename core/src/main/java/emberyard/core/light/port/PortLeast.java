package emberyard.core.light.port;

import emberyard.core.build.Plug;
import java.util.Arrays;

/**
 * What each sink costs at least, whatever hangs on what: its lead, and the links before it that
 * nobody can share.
 */
final class PortLeast {
  private final PortIndex index;
  private final PortTails[] tails;

  PortLeast(PortIndex index, PortTails[] tails) {
    this.index = index;
    this.tails = tails;
  }

  PortCost[] each() {
    PortCost[] each = new PortCost[index.sinks.size()];
    Arrays.setAll(each, this::least);
    return each;
  }

  /** What all from each on cost at least; the last is nothing. */
  static PortCost[] rest(PortCost[] each) {
    PortCost[] rest = new PortCost[each.length + 1];
    Arrays.fill(rest, PortCost.NONE);
    for (int i = each.length - 1; i >= 0; i--) {
      rest[i] = rest[i + 1].plus(each[i]);
    }
    return rest;
  }

  private PortCost least(int place) {
    PortCost least = PortCost.dark(index.fixed.containsKey(index.sinks.get(place).id()));
    for (Plug plug : Plug.values()) {
      for (PortTails.Tail tail : tails[place].from(plug)) {
        for (PortItem lead : tail.leads()) {
          PortCost cost = unshared(tail);
          if (lead != null) {
            cost = cost.plus(lead.cost());
          }
          if (cost.compareTo(least) < 0) {
            least = cost;
          }
        }
      }
    }
    return least;
  }

  private static PortCost unshared(PortTails.Tail tail) {
    PortCost cost = PortCost.NONE;
    for (PortItem item : tail.chain()) {
      if (item.link().outs() == 1) {
        cost = cost.plus(item.cost());
      }
    }
    return cost;
  }
}
