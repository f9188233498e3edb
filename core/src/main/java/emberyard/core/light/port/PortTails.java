package emberyard.core.light.port;

import emberyard.core.build.Plug;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** All ways from a socket of one shape to one sink, as far as shapes alone decide. */
final class PortTails {
  private final Map<Plug, List<Tail>> tails = new EnumMap<>(Plug.class);

  /**
   * Links and the leads that may end them.
   *
   * @param pieces links among them that are pieces
   * @param cost of the links without a lead
   * @param leads the cheapest first; a null stands for its own lead
   */
  record Tail(List<PortItem> chain, int pieces, PortCost cost, List<PortItem> leads) {
    boolean halves() {
      return !chain.isEmpty() && PortIndex.halves(chain.get(0));
    }
  }

  PortTails(PortIndex index, Sink sink) {
    for (Plug socket : Plug.values()) {
      List<Tail> from = new ArrayList<>();
      for (List<PortItem> chain : index.chains.get(socket)) {
        Plug end = chain.isEmpty() ? socket : chain.get(chain.size() - 1).link().out();
        List<PortItem> leads = leads(index, sink, end);
        if (!leads.isEmpty()) {
          from.add(new Tail(chain, PortIndex.real(chain), cost(chain), leads));
        }
      }
      tails.put(socket, from);
    }
  }

  List<Tail> from(Plug socket) {
    return tails.get(socket);
  }

  private static List<PortItem> leads(PortIndex index, Sink sink, Plug socket) {
    List<PortItem> leads = new ArrayList<>();
    if (sink.ownLead()) {
      if (sink.plug().fits(socket)) {
        leads.add(null);
      }
      return leads;
    }
    for (PortItem lead : index.leads) {
      if (PortIndex.ends(lead, socket, sink) && lead.link().lengthMm() >= sink.reachMm()) {
        leads.add(lead);
      }
    }
    return leads;
  }

  private static PortCost cost(List<PortItem> chain) {
    PortCost cost = PortCost.NONE;
    for (PortItem item : chain) {
      if (!PortIndex.halves(item)) {
        cost = cost.plus(item.cost());
      }
    }
    return cost;
  }
}
