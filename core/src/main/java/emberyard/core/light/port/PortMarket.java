package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * All that can have a price: sockets of each sort, current behind each sort, pictures of devices,
 * what their controllers take, pieces that lie there. Every way to feed a sink and every link is
 * what it takes of those. It leaves out what makes a real answer harder (that a sink hangs on one
 * socket and not on two halves, rates that add up), and nothing that makes it easier: what is right
 * here costs no more than an answer.
 */
final class PortMarket {
  /** What a link counts besides its price: all of them less than the smallest amount. */
  static final double LINK = 1.0 / 512;

  final PortIndex index;

  /** What a link takes and gives, by the sort that it makes. */
  final List<PortTake> links = new ArrayList<>();

  /** By sink: all sockets that it may hang on. */
  final List<List<PortTake>> ways = new ArrayList<>();

  /** What one that stays dark costs: more than all money that could be spent. */
  final double dark;

  /** Sorts of sockets that have a price; those found later have none. */
  final int sorts;

  private final PortAttach[] attach;
  private final int pictures;
  private final int kilobytes;
  private final int firstPiece;
  private final int firstCurrent;

  /** Of each sort the current that one of it brings, below 0 where it brings none of its own. */
  private final long[] brings;

  PortMarket(PortIndex index, PortTails[] tails, PortAttach[] attach) {
    this.index = index;
    this.attach = attach;
    this.dark = 1 + Arrays.stream(tails).mapToDouble(PortMarket::dearest).sum();
    boolean passing = index.sinks.stream().anyMatch(sink -> sink.passesOnGbit() > 0);
    for (int root = 0; root < index.roots.size(); root++) {
      grow(index.sorts.of(root), passing);
    }
    this.sorts = index.sorts.count();
    this.pictures = sorts;
    this.kilobytes = pictures + 1;
    this.firstPiece = kilobytes + 1;
    this.firstCurrent = firstPiece + index.counters;
    this.brings = new long[sorts];
    Arrays.setAll(brings, this::brought);
    for (int sort = 0; sort < sorts; sort++) {
      if (index.sorts.get(sort).link() != null) {
        links.add(link(sort, index.sorts.get(sort)));
      }
    }
    Set<String> begun = new HashSet<>();
    for (int i = 0; i < tails.length; i++) {
      ways.add(ways(i, tails[i], begun));
    }
  }

  /** How many things have a price. */
  int kinds() {
    return firstCurrent + sorts;
  }

  private static double dearest(PortTails tails) {
    double most = 0;
    for (Plug plug : Plug.values()) {
      for (PortTails.Tail tail : tails.from(plug)) {
        for (PortItem lead : tail.leads()) {
          most = Math.max(most, tail.cost().moneyMinor() + price(lead));
        }
      }
    }
    return 1 + most;
  }

  private static double price(PortItem lead) {
    return lead == null ? 0 : lead.priceMinor() + LINK;
  }

  /** Finds all sorts that a chain of links may come to. */
  private void grow(int sort, boolean passing) {
    PortSorts.Sort at = index.sorts.get(sort);
    for (List<PortItem> chain : index.chains.get(at.socket())) {
      if (chain.size() == 1 && goes(at, chain.get(0))) {
        grow(index.sorts.behind(sort, chain.get(0)), passing);
      }
    }
    if (passing && !at.screen()) {
      index.sinks.stream()
          .filter(sink -> sink.passesOnGbit() > 0)
          .map(Sink::plug)
          .distinct()
          .forEach(plug -> grow(index.sorts.passed(sort, plug), true));
    }
  }

  private static boolean goes(PortSorts.Sort at, PortItem item) {
    if (PortIndex.halves(item)) {
      return at.chain().isEmpty() && !at.screen();
    }
    return PortIndex.real(at.chain()) < PortIndex.MOST_LINKS
        && at.chain().stream()
            .noneMatch(before -> PortIndex.clash(before.link().kind(), item.link().kind()));
  }

  private PortTake link(int sort, PortSorts.Sort at) {
    PortItem item = at.link();
    PortTake.Sum takes = new PortTake.Sum().take(at.before(), 1).take(sort, -item.link().outs());
    if (item.limited()) {
      takes.take(firstPiece + item.counter(), 1);
    }
    if (brings[sort] >= 0) {
      takes.take(firstCurrent + sort, -brings[sort]);
    }
    if (!item.link().fed() && !item.link().portEach()) {
      current(at.before(), item.drawsMilliamps(), takes);
    }
    return takes.at(sort, PortIndex.halves(item) ? 0 : item.priceMinor() + LINK);
  }

  /** Of its own: what a socket gives, what a supply gives, what a link lets through at most. */
  private long brought(int sort) {
    PortSorts.Sort at = index.sorts.get(sort);
    if (at.screen()) {
      return -1;
    }
    if (at.link() == null) {
      return PortUnits.milliamps(index.roots.get(at.roots().get(0)).first().amps());
    }
    boolean shared = !at.link().link().portEach() && PortAttach.passesCurrent(at.link());
    return shared && at.link().milliamps() < Long.MAX_VALUE ? at.link().milliamps() : -1;
  }

  /** Current is taken of all before it, up to a supply of its own or ports that have their own. */
  private void current(int from, double milliamps, PortTake.Sum takes) {
    for (int sort = from; sort >= 0 && milliamps > 0; sort = index.sorts.get(sort).before()) {
      PortSorts.Sort at = index.sorts.get(sort);
      if (at.screen() || at.link() != null && at.link().link().portEach()) {
        return;
      }
      if (brings[sort] >= 0) {
        takes.take(firstCurrent + sort, milliamps);
      }
      if (at.link() != null && at.link().link().fed()) {
        return;
      }
    }
  }

  /** Of those that may see one picture only the first needs one of a device. */
  private List<PortTake> ways(int place, PortTails tails, Set<String> begun) {
    Sink sink = index.sinks.get(place);
    boolean splitters =
        index.between.stream().anyMatch(item -> item.link().kind() == LinkKind.SPLITTER);
    boolean own =
        sink.want() == Sink.Want.PICTURE
            && (sink.mirror().isEmpty() || !splitters || begun.add(sink.mirror()));
    List<PortTake> all = new ArrayList<>();
    for (int sort = 0; sort < sorts; sort++) {
      PortSorts.Sort at = index.sorts.get(sort);
      double price = at.screen() ? behindScreen(at, tails) : least(place, at, tails);
      if (price < Double.MAX_VALUE) {
        all.add(way(sink, sort, own && !at.drawn(), price));
      }
    }
    return all;
  }

  private static double behindScreen(PortSorts.Sort at, PortTails tails) {
    double least = Double.MAX_VALUE;
    for (PortTails.Tail tail : tails.from(at.socket())) {
      for (PortItem lead : tail.leads()) {
        least = tail.chain().isEmpty() ? Math.min(least, price(lead)) : least;
      }
    }
    return least;
  }

  /** Of the cheapest lead with which it can hang there, as if there were nothing else. */
  private double least(int place, PortSorts.Sort at, PortTails tails) {
    double least = Double.MAX_VALUE;
    for (int root : at.roots()) {
      Source first = index.roots.get(root).first();
      for (PortTails.Tail tail : tails.from(first.plug())) {
        for (PortItem lead : tail.chain().equals(at.chain()) ? tail.leads() : List.<PortItem>of()) {
          PortNode fresh = PortStep.fresh(index, root);
          if (price(lead) < least
              && attach[place].hang(fresh, tail.chain(), lead, first.extraMm()) != null) {
            least = price(lead);
          }
        }
      }
    }
    return least;
  }

  private PortTake way(Sink sink, int sort, boolean picture, double price) {
    boolean data = sink.want() == Sink.Want.PICTURE_AS_DATA;
    PortTake.Sum takes =
        new PortTake.Sum()
            .take(sort, 1)
            .take(pictures, picture ? 1 : 0)
            .take(kilobytes, data ? PortUnits.kilobytes(sink.megabytesPerSecond()) : 0);
    if (sink.passesOnGbit() > 0) {
      takes.take(index.sorts.passed(sort, sink.plug()), -1);
    }
    current(sort, PortUnits.milliamps(sink.amps()), takes);
    return takes.at(sort, price);
  }

  /** What a state leaves of everything that has a price. */
  PortLeft left(PortState state) {
    PortLeft left = new PortLeft();
    for (int root = 0; root < state.rootsLeft().length; root++) {
      int sort = index.sorts.of(root);
      left.add(sort, state.rootsLeft()[root]);
      left.add(firstCurrent + sort, (double) state.rootsLeft()[root] * brings[sort]);
    }
    state.trees().forEach(tree -> sockets(tree, -1, left));
    left.add(pictures, Arrays.stream(state.streamsLeft()).sum());
    left.add(kilobytes, Arrays.stream(state.kilobytesLeft()).sum());
    for (PortItem item : index.between) {
      if (item.limited()) {
        left.add(firstPiece + item.counter(), item.limit() - state.taken()[item.counter()]);
      }
    }
    return left;
  }

  /** What stands in for nodes that were left out has the current of those. */
  private void sockets(PortNode node, int above, PortLeft left) {
    left.add(node.sort(), node.free());
    int sort = node.sort();
    do {
      if (brings[sort] >= 0) {
        left.add(firstCurrent + sort, node.milliamps());
      }
      sort = index.sorts.get(sort).before();
    } while (sort >= 0 && sort != above);
    node.kids().forEach(kid -> sockets(kid, node.sort(), left));
  }
}
