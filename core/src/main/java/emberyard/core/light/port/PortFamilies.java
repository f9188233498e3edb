package emberyard.core.light.port;

import emberyard.core.build.Plug;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Sinks by what they compete for: two that can never begin at the same sort of socket, share no
 * device’s pictures and no controller are solved apart, and are as well off.
 */
final class PortFamilies {
  /** Plugs that some sink may begin at either of, as one number. */
  private final int[] ofPlug = new int[Plug.values().length];

  /** A plug that the sink may begin at, −1 where it can begin nowhere. */
  private final int[] first;

  PortFamilies(List<Sink> sinks, PortTails[] tails) {
    Arrays.setAll(ofPlug, plug -> plug);
    first = new int[sinks.size()];
    int[] lastOf = new int[Sink.Want.values().length];
    Arrays.fill(lastOf, -1);
    for (int i = 0; i < first.length; i++) {
      first[i] = -1;
      for (Plug plug : Plug.values()) {
        if (!tails[i].from(plug).isEmpty()) {
          first[i] = first[i] < 0 ? plug.ordinal() : first[i];
          join(first[i], plug.ordinal());
        }
      }
      Sink sink = sinks.get(i);
      if (sink.shows() && first[i] >= 0) {
        int want = sink.want().ordinal();
        join(lastOf[want] < 0 ? first[i] : lastOf[want], first[i]);
        lastOf[want] = first[i];
      }
    }
  }

  private void join(int one, int other) {
    int from = ofPlug[other];
    int to = ofPlug[one];
    for (int plug = 0; plug < ofPlug.length; plug++) {
      ofPlug[plug] = ofPlug[plug] == from ? to : ofPlug[plug];
    }
  }

  /** The family of a sink; −1 where it can begin nowhere. */
  int of(int place) {
    return first[place] < 0 ? -1 : ofPlug[first[place]];
  }

  int of(Plug plug) {
    return ofPlug[plug.ordinal()];
  }

  /** Sinks family by family. */
  Collection<List<Sink>> split(List<Sink> sinks) {
    Map<Integer, List<Sink>> split = new LinkedHashMap<>();
    for (int i = 0; i < sinks.size(); i++) {
      split.computeIfAbsent(of(i), k -> new ArrayList<>()).add(sinks.get(i));
    }
    return split.values();
  }
}
