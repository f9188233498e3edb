package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Refusal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** A problem made ready for the search: all in an order of its own, alike sockets as one class. */
final class PortIndex {
  /** Links on a way besides the last lead. */
  static final int MOST_LINKS = 2;

  /** What one USB 2 controller takes of pictures, MB/s (handbook). */
  static final double CONTROLLER_MEGABYTES = 35;

  private static final PortItem HALVES =
      PortItem.of(
          new Link(
              PortNode.HALVES,
              "both ports of a header",
              LinkKind.BREAKOUT,
              Plug.USB_2_HEADER,
              Plug.USB_2_HALF,
              2,
              0,
              2,
              0,
              0,
              0,
              0,
              false,
              0,
              0,
              true),
          false,
          -1);

  final List<Sink> sinks;
  final List<RootClass> roots;
  final List<String> devices;
  final List<PortItem> leads = new ArrayList<>();
  final Map<Plug, List<List<PortItem>>> chains = new EnumMap<>(Plug.class);
  final Map<String, FixedLink> fixed = new HashMap<>();
  final Map<String, Long> groupKbit = new HashMap<>();
  final int counters;
  final List<PortItem> between = new ArrayList<>();

  /** How sockets come about. */
  final PortSorts sorts;

  /** What those that are left can use. */
  final PortRest rest;

  private final int[] starts;

  /** Whether anything is fixed: then the links on a way tell ways apart. */
  final boolean waysMatter;

  /** Whether anything refuses a long lead. */
  final boolean lengthsMatter;

  private final Map<String, Integer> atOnce = new HashMap<>();

  /** Sockets that are all the same to the search. */
  record RootClass(Source first, int device, List<Source> sources) {
    /** What a way that begins here is called. */
    String name() {
      return first.deviceId() + "/" + first.plug() + "/" + first.id();
    }
  }

  PortIndex(PortProblem problem) {
    sinks = problem.sinks().stream().sorted(order()).toList();
    problem.fixed().forEach(each -> fixed.put(each.sinkId(), each));
    devices = problem.sources().stream().map(Source::deviceId).distinct().sorted().toList();
    problem.sources().forEach(each -> atOnce.merge(each.deviceId(), each.atOnce(), Math::max));
    roots = classes(problem);
    sorts = new PortSorts(roots);
    counters = items(problem.links());
    for (Plug plug : Plug.values()) {
      List<List<PortItem>> from = new ArrayList<>();
      from.add(List.of());
      grow(List.of(), plug, from);
      chains.put(plug, from);
    }
    groups();
    waysMatter = !problem.fixed().isEmpty();
    lengthsMatter = sinks.stream().anyMatch(each -> each.refuses().contains(Refusal.LONG_LEAD));
    starts = starts();
    rest = new PortRest(this);
  }

  /** Pictures that a device gives at once: the most that one of its sockets says. */
  int atOnce(String deviceId) {
    return atOnce.get(deviceId);
  }

  /** Who passes a picture on comes before those that can hang on it; alike ones side by side. */
  static Comparator<Sink> order() {
    return Comparator.comparing((Sink sink) -> -sink.want().ordinal())
        .thenComparingDouble(sink -> -sink.passesOnGbit())
        .thenComparing(sink -> -sink.gbitPerSecond())
        .thenComparing(sink -> -sink.amps())
        .thenComparing(Sink::plug)
        .thenComparing(Sink::mirror)
        .thenComparingDouble(Sink::reachMm)
        .thenComparingDouble(Sink::plugFreeMm)
        .thenComparing(Sink::id);
  }

  private List<RootClass> classes(PortProblem problem) {
    Set<String> named = new HashSet<>();
    problem.fixed().forEach(each -> named.add(each.sourceId()));
    Map<String, List<Source>> alike = new TreeMap<>();
    problem.sources().stream()
        .filter(Source::works)
        .sorted(Comparator.comparing(Source::name).thenComparing(Source::id))
        .forEach(
            source ->
                alike
                    .computeIfAbsent(
                        String.join(
                            "|",
                            source.deviceId(),
                            source.plug().name(),
                            "%.6f|%d|%.3f|%.1f"
                                .formatted(
                                    source.gbitPerSecond(),
                                    source.usb(),
                                    source.amps(),
                                    source.extraMm()),
                            named.contains(source.id()) ? source.id() : ""),
                        key -> new ArrayList<>())
                    .add(source));
    return alike.values().stream()
        .map(
            those ->
                new RootClass(
                    those.get(0), devices.indexOf(those.get(0).deviceId()), List.copyOf(those)))
        .toList();
  }

  /**
   * All links in the order of cost; of those between socket and lead none for which a cheaper one
   * does as well, unless somebody fixed a way through it.
   */
  private int items(List<Link> links) {
    Set<String> named = new HashSet<>();
    fixed.values().stream()
        .filter(each -> each.via() != null)
        .forEach(each -> named.addAll(each.via()));
    int counter = 0;
    List<Link> sorted = links.stream().sorted(Comparator.comparing(Link::id)).toList();
    List<PortItem> all = new ArrayList<>();
    for (Link link : sorted) {
      if (link.owned() > 0) {
        all.add(PortItem.of(link, true, counter++));
      }
      if (link.offered()) {
        all.add(PortItem.of(link, false, -1));
      }
    }
    all.sort(
        Comparator.comparing(PortItem::cost)
            .thenComparing(item -> item.link().id())
            .thenComparing(item -> !item.limited()));
    for (PortItem item : all) {
      if (item.link().kind() == LinkKind.LEAD) {
        leads.add(item);
      } else if (named.contains(item.link().id())
          || between.stream().noneMatch(before -> before.replaces(item))) {
        between.add(item);
      }
    }
    return counter;
  }

  private void grow(List<PortItem> chain, Plug socket, List<List<PortItem>> into) {
    if (socket == Plug.USB_2_HEADER && chain.isEmpty()) {
      List<PortItem> halves = List.of(HALVES);
      into.add(halves);
      grow(halves, Plug.USB_2_HALF, into);
    }
    if (real(chain) == MOST_LINKS) {
      return;
    }
    for (PortItem item : between) {
      if (item.link().in().fits(socket) && follows(chain, item)) {
        List<PortItem> longer = new ArrayList<>(chain);
        longer.add(item);
        into.add(List.copyOf(longer));
        grow(longer, item.link().out(), into);
      }
    }
  }

  private static boolean follows(List<PortItem> chain, PortItem item) {
    LinkKind kind = item.link().kind();
    return chain.stream()
        .map(before -> before.link().kind())
        .noneMatch(before -> clash(before, kind));
  }

  /**
   * Two adapters in a row, or a splitter and a hub: nobody knows what comes out; and one port is
   * not broken out twice.
   */
  static boolean clash(LinkKind before, LinkKind then) {
    return switch (then) {
      case ADAPTER -> before == LinkKind.ADAPTER;
      case SPLITTER, HUB -> before == LinkKind.SPLITTER;
      case BREAKOUT -> before == LinkKind.BREAKOUT;
      case LEAD -> false;
    };
  }

  /** Links that are pieces: the ports of a header are none. */
  static int real(List<PortItem> chain) {
    return (int) chain.stream().filter(item -> !halves(item)).count();
  }

  static boolean halves(PortItem item) {
    return item == HALVES;
  }

  private void groups() {
    for (Sink sink : sinks) {
      if (!sink.mirror().isEmpty()) {
        groupKbit.merge(sink.mirror(), kbit(sink), Math::min);
      }
    }
  }

  /** Kbit/s of its picture, at least one where it wants one. */
  static long kbit(Sink sink) {
    return sink.want() == Sink.Want.PICTURE ? Math.max(1, PortUnits.kbit(sink.gbitPerSecond())) : 0;
  }

  /** Whether a lead, or its own, leads from such a socket to it. */
  boolean joins(Plug socket, Sink sink) {
    return sink.ownLead()
        ? sink.plug().fits(socket)
        : leads.stream().anyMatch(lead -> ends(lead, socket, sink));
  }

  static boolean ends(PortItem lead, Plug socket, Sink sink) {
    return lead.link().in().fits(socket)
        && lead.link().out() == sink.plug()
        && lead.link().plugMm() <= sink.plugFreeMm();
  }

  /** The device of a class of sockets and how far away it is, as one number. */
  int start(int root) {
    return starts[root];
  }

  private int[] starts() {
    List<String> known = new ArrayList<>();
    int[] all = new int[roots.size()];
    for (int root = 0; root < all.length; root++) {
      Source first = roots.get(root).first();
      String start = first.deviceId() + "|" + first.extraMm() + (waysMatter ? "|" + root : "");
      if (!known.contains(start)) {
        known.add(start);
      }
      all[root] = known.indexOf(start);
    }
    return all;
  }
}
