package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What the sinks that are left cost at least after one way so far. More sinks than sockets need
 * links with several sockets, or stay dark; more pictures than devices give stay dark; and each
 * that is lit costs its lead and the links that nobody can share.
 */
final class PortBound {
  private final PortIndex index;
  private final PortCost[] least;
  private final PortCost[] rest;
  private final PortFamilies families;
  private final boolean[] drawable;
  private final boolean splitters;

  PortBound(
      PortIndex index,
      PortTails[] tails,
      PortFamilies families,
      PortCost[] least,
      PortCost[] rest) {
    this.index = index;
    this.families = families;
    this.least = least;
    this.rest = rest;
    this.drawable = new boolean[least.length];
    this.splitters =
        index.between.stream().anyMatch(item -> item.link().kind() == LinkKind.SPLITTER);
    for (int i = 0; i < drawable.length; i++) {
      drawable[i] = drawable(tails[i]);
    }
  }

  private static boolean drawable(PortTails tails) {
    return Arrays.stream(Plug.values())
        .flatMap(plug -> tails.from(plug).stream())
        .flatMap(tail -> tail.chain().stream())
        .anyMatch(item -> item.link().drawsPicture());
  }

  /** At least this much more. */
  PortCost atLeast(PortState state, int from) {
    if (from == least.length) {
      return PortCost.NONE;
    }
    int dark = 0;
    long money = 0;
    int links = 0;
    Set<Integer> seen = new HashSet<>();
    for (int i = from; i < least.length; i++) {
      if (families.of(i) < 0 || !seen.add(families.of(i))) {
        continue;
      }
      Lack lack = lack(state, from, families.of(i));
      dark += lack.dark;
      money += lack.money;
      links += lack.links;
    }
    PortCost plain = rest[from];
    return dark == 0
        ? plain.plus(new PortCost(0, 0, money, links, 0))
        : new PortCost(
            plain.fixedDark(),
            plain.dark() + dark,
            Math.max(0, plain.moneyMinor() - dearest(from, dark)) + money,
            0,
            0);
  }

  /** What the dearest of those that are left cost: those may be the dark ones. */
  private long dearest(int from, int count) {
    return Arrays.stream(least, from, least.length)
        .map(PortCost::moneyMinor)
        .sorted(Comparator.reverseOrder())
        .limit(count)
        .mapToLong(Long::longValue)
        .sum();
  }

  /** What one family lacks. */
  private record Lack(int dark, long money, int links) {}

  private Lack lack(PortState state, int from, int of) {
    int wanting = 0;
    int passing = 0;
    for (int i = from; i < least.length; i++) {
      if (families.of(i) == of) {
        wanting++;
        passing += index.sinks.get(i).passesOnGbit() > 0 ? 1 : 0;
      }
    }
    int dark = Math.max(0, streamsWanted(from, of) - streamsLeft(state));
    int missing = wanting - dark - sockets(state, of) - passing;
    double cheapest = Double.MAX_VALUE;
    int most = 0;
    for (PortItem item : index.between) {
      int more = item.link().outs() - 1;
      if (more > 0 && families.of(item.link().in()) == of) {
        if (item.limited()) {
          missing -= more * (item.limit() - state.taken()[item.counter()]);
        } else {
          cheapest = Math.min(cheapest, item.priceMinor() / (double) more);
          most = Math.max(most, more);
        }
      }
    }
    if (missing <= 0) {
      return new Lack(dark, 0, 0);
    }
    return most == 0
        ? new Lack(dark + missing, 0, 0)
        : new Lack(
            dark, (long) Math.floor(missing * cheapest), (int) Math.ceil(missing / (double) most));
  }

  /** Pictures of their own that no device may draw; of a group that may share one, one. */
  private int streamsWanted(int from, int of) {
    int wanted = 0;
    Set<String> shared = new HashSet<>();
    for (int i = 0; i < least.length; i++) {
      Sink sink = index.sinks.get(i);
      if (sink.want() != Sink.Want.PICTURE || families.of(i) != of) {
        continue;
      }
      boolean together = splitters && !sink.mirror().isEmpty();
      boolean first = !together || shared.add(sink.mirror());
      if (i >= from && first && !drawable[i]) {
        wanted++;
      }
    }
    return wanted;
  }

  private static int streamsLeft(PortState state) {
    return Arrays.stream(state.streamsLeft()).sum();
  }

  private int sockets(PortState state, int of) {
    int sockets = 0;
    for (int root = 0; root < state.rootsLeft().length; root++) {
      Plug plug = index.roots.get(root).first().plug();
      if (families.of(plug) == of) {
        sockets += state.rootsLeft()[root] * (plug == Plug.USB_2_HEADER ? 2 : 1);
      }
    }
    List<PortNode> open = new ArrayList<>(state.trees());
    while (!open.isEmpty()) {
      PortNode node = open.remove(open.size() - 1);
      if (families.of(node.socket()) == of) {
        sockets += node.free();
      }
      open.addAll(node.kids());
    }
    return sockets;
  }
}
