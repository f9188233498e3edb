package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Refusal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Whether wiring obeys every rule, read off the whole of it piece by piece: slow and plain. */
final class PortCheck {
  /** Something with sockets: a source, a piece, or a screen that lets a picture through. */
  static final class Hub {
    final Source source;
    final Link link;
    final Sink screen;
    final Hub before;
    final Plug plugInto;
    final List<Hub> kids = new ArrayList<>();
    final List<Hung> sinks = new ArrayList<>();

    Hub(Source source) {
      this(source, null, null, null, null);
    }

    Hub(Link link, Hub before) {
      this(null, link, null, before, link.in());
    }

    Hub(Sink screen, Hub before) {
      this(null, null, screen, before, null);
    }

    private Hub(Source source, Link link, Sink screen, Hub before, Plug plugInto) {
      this.source = source;
      this.link = link;
      this.screen = screen;
      this.before = before;
      this.plugInto = plugInto;
    }

    Source root() {
      return source != null ? source : before.root();
    }

    /** Links on the way, the first at the source. */
    List<Link> path() {
      List<Link> path = before == null ? new ArrayList<>() : before.path();
      if (link != null) {
        path.add(link);
      }
      return path;
    }
  }

  /** One sink on something. */
  record Hung(Sink sink, Hub on, Link lead, Hub passesOn) {
    Plug plug() {
      return lead == null ? sink.plug() : lead.in();
    }
  }

  private final PortProblem problem;
  private final List<Hung> all;
  private final Map<String, Double> groupGbit = new HashMap<>();

  PortCheck(PortProblem problem, List<Hung> all) {
    this.problem = problem;
    this.all = all;
    problem.sinks().stream()
        .filter(sink -> !sink.mirror().isEmpty())
        .forEach(sink -> groupGbit.merge(sink.mirror(), sink.gbitPerSecond(), Math::min));
  }

  boolean holds() {
    Set<Hub> roots = new HashSet<>();
    for (Hung hung : all) {
      if (!way(hung)) {
        return false;
      }
      Hub root = hung.on();
      while (root.before != null) {
        root = root.before;
      }
      roots.add(root);
    }
    for (Hub root : roots) {
      if (!shapes(root)
          || picture(root) > root.source.gbitPerSecond() + 1e-9
          || current(root) > root.source.amps() + 1e-9) {
        return false;
      }
    }
    return devices() && stock() && fixed();
  }

  private boolean way(Hung hung) {
    Sink sink = hung.sink();
    List<Link> path = hung.on().path();
    long adapters = path.stream().filter(l -> l.kind() == LinkKind.ADAPTER).count();
    long breakouts = path.stream().filter(l -> l.kind() == LinkKind.BREAKOUT).count();
    if (path.size() > 2 || adapters > 1 || breakouts > 1 || !hung.on().root().works()) {
      return false;
    }
    boolean split = false;
    boolean hub = false;
    double lead = hung.lead() == null ? sink.reachMm() : hung.lead().lengthMm();
    double length = lead;
    int usb = hung.on().root().usb();
    for (Link link : path) {
      boolean splitter = link.kind() == LinkKind.SPLITTER;
      if (sink.refuses(link.kind())
          || split && (splitter || link.kind() == LinkKind.HUB)
          || link.drawsPicture() && usb < link.usb()) {
        return false;
      }
      split |= splitter;
      hub |= link.kind() == LinkKind.HUB;
      length += link.lengthMm();
      usb = link.drawsPicture() ? 0 : Math.min(usb, link.data());
    }
    for (Hub at = hung.on(); at != null; at = at.before) {
      if (at.screen != null) {
        usb = 0;
        length = sinceScreen(hung);
      }
    }
    if (hung.lead() != null) {
      usb = Math.min(usb, hung.lead().data());
      boolean changes = hung.lead().in() == Plug.DISPLAY_PORT && hung.lead().out() == Plug.HDMI;
      if (changes && (adapters > 0 || sink.refuses().contains(Refusal.ADAPTER))) {
        return false;
      }
      if (hung.lead().out() != sink.plug()
          || sink.ownLead()
          || hung.lead().plugMm() > sink.plugFreeMm()) {
        return false;
      }
    } else if (!sink.ownLead()) {
      return false;
    }
    double reach = sink.reachMm() + (hub ? 0 : hung.on().root().extraMm());
    if (hung.lead() != null && lead < reach
        || sink.refuses().contains(Refusal.LONG_LEAD) && length > Sink.LONG_LEAD_MM
        || split && sink.mirror().isEmpty()) {
      return false;
    }
    if (split) {
      Hub at = hung.on();
      while (at.link == null || at.link.kind() != LinkKind.SPLITTER) {
        at = at.before;
      }
      if (!below(at).stream().allMatch(other -> other.sink().mirror().equals(sink.mirror()))) {
        return false;
      }
    }
    return usb >= sink.usb() && conducts(hung, path);
  }

  private static double sinceScreen(Hung hung) {
    double length = hung.lead() == null ? hung.sink().reachMm() : hung.lead().lengthMm();
    for (Hub at = hung.on(); at != null && at.screen == null; at = at.before) {
      length += at.link == null ? 0 : at.link.lengthMm();
    }
    return length;
  }

  private static boolean conducts(Hung hung, List<Link> path) {
    if (hung.sink().amps() == 0) {
      return true;
    }
    for (Hub at = hung.on(); at != null; at = at.before) {
      if (at.screen != null) {
        return false;
      }
    }
    boolean conducts = hung.lead() == null || hung.lead().data() > 0;
    for (int i = path.size() - 1; i >= 0 && conducts; i--) {
      if (path.get(i).fed()) {
        return true;
      }
      conducts = path.get(i).data() > 0;
    }
    return conducts;
  }

  private static List<Hung> below(Hub hub) {
    List<Hung> below = new ArrayList<>(hub.sinks);
    hub.kids.forEach(kid -> below.addAll(below(kid)));
    return below;
  }

  /** Plugs in sockets, no more than there are. */
  private boolean shapes(Hub hub) {
    List<Plug> plugs = new ArrayList<>();
    hub.kids.stream().filter(kid -> kid.link != null).forEach(kid -> plugs.add(kid.plugInto));
    hub.sinks.forEach(hung -> plugs.add(hung.plug()));
    Plug socket =
        hub.source != null
            ? hub.source.plug()
            : hub.link != null ? hub.link.out() : hub.screen.plug();
    int outs = hub.link != null ? hub.link.outs() : 1;
    if (hub.source != null && socket == Plug.USB_2_HEADER && !plugs.isEmpty()) {
      if (plugs.get(0) == Plug.USB_2_HALF) {
        socket = Plug.USB_2_HALF;
        outs = 2;
      }
    }
    Plug there = socket;
    return plugs.size() <= outs
        && plugs.stream().allMatch(plug -> plug.fits(there))
        && hub.kids.stream().allMatch(this::shapes)
        && hub.sinks.stream().allMatch(hung -> hung.passesOn() == null || shapes(hung.passesOn()));
  }

  /** Gbit/s that it wants from before it; more than anything where it can't be. */
  private double picture(Hub hub) {
    double sum = 0;
    for (Hung hung : hub.sinks) {
      double one = pictureOf(hung);
      double through = one;
      if (hung.passesOn() != null && !empty(hung.passesOn())) {
        double behind = picture(hung.passesOn());
        if (behind > hung.sink().passesOnGbit() + 1e-9) {
          return 1e9;
        }
        through += behind;
      }
      if (hung.lead() != null && through > hung.lead().carries() + 1e-9) {
        return 1e9;
      }
      sum += through;
    }
    for (Hub kid : hub.kids) {
      if (kid.link != null) {
        sum += picture(kid);
      }
    }
    if (hub.link == null) {
      return sum;
    }
    boolean splitter = hub.link.kind() == LinkKind.SPLITTER;
    double wants = splitter ? pictureOf(below(hub).get(0)) : sum;
    boolean bad = wants > hub.link.carries() + 1e-9 || splitter && sum >= 1e9;
    return bad ? 1e9 : hub.link.drawsPicture() ? 0 : wants;
  }

  private static boolean empty(Hub hub) {
    return hub.kids.isEmpty() && hub.sinks.isEmpty();
  }

  private double pictureOf(Hung hung) {
    if (hung.sink().want() != Sink.Want.PICTURE) {
      return 0;
    }
    boolean split = hung.on().path().stream().anyMatch(link -> link.kind() == LinkKind.SPLITTER);
    return split ? groupGbit.get(hung.sink().mirror()) : hung.sink().gbitPerSecond();
  }

  /** Amperes that it wants from before it; more than anything where it can't be. */
  private double current(Hub hub) {
    List<Double> each = new ArrayList<>();
    hub.sinks.forEach(hung -> each.add(hung.sink().amps()));
    hub.kids.stream().filter(kid -> kid.link != null).forEach(kid -> each.add(current(kid)));
    double sum = each.stream().mapToDouble(Double::doubleValue).sum();
    double most = each.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    if (hub.source != null) {
      boolean halves =
          hub.source.plug() == Plug.USB_2_HEADER
              && (hub.sinks.stream().anyMatch(hung -> hung.plug() == Plug.USB_2_HALF)
                  || hub.kids.stream().anyMatch(kid -> kid.plugInto == Plug.USB_2_HALF));
      return halves ? most : sum;
    }
    if (hub.link == null) {
      return sum;
    }
    if (hub.link.kind() == LinkKind.BREAKOUT) {
      boolean shared = hub.before.link != null;
      return (shared ? sum : most) + hub.link.drawsAmps();
    }
    if (sum > hub.link.ampsForAll() + 1e-9) {
      return 1e9;
    }
    return hub.link.fed() ? 0 : sum + hub.link.drawsAmps();
  }

  private boolean devices() {
    Map<String, Integer> streams = new HashMap<>();
    Map<String, Double> megabytes = new HashMap<>();
    Set<Hub> splitters = new HashSet<>();
    for (Hung hung : all) {
      String device = hung.on().root().deviceId();
      if (hung.sink().want() == Sink.Want.PICTURE_AS_DATA) {
        megabytes.merge(device, hung.sink().megabytesPerSecond(), Double::sum);
      }
      if (hung.sink().want() != Sink.Want.PICTURE
          || hung.on().path().stream().anyMatch(Link::drawsPicture)) {
        continue;
      }
      Hub splitter = null;
      for (Hub at = hung.on(); at != null; at = at.before) {
        if (at.link != null && at.link.kind() == LinkKind.SPLITTER) {
          splitter = at;
        }
      }
      if (splitter == null || splitters.add(splitter)) {
        streams.merge(device, 1, Integer::sum);
      }
    }
    Map<String, Integer> most = new HashMap<>();
    problem.sources().forEach(s -> most.merge(s.deviceId(), s.atOnce(), Math::max));
    return streams.entrySet().stream().allMatch(e -> e.getValue() <= most.get(e.getKey()))
        && megabytes.values().stream().allMatch(sum -> sum <= 35 + 1e-9);
  }

  private Map<Link, Integer> used() {
    Map<Link, Integer> used = new HashMap<>();
    Set<Hub> seen = new HashSet<>();
    for (Hung hung : all) {
      if (hung.lead() != null) {
        used.merge(hung.lead(), 1, Integer::sum);
      }
      for (Hub at = hung.on(); at != null; at = at.before) {
        if (at.link != null && seen.add(at)) {
          used.merge(at.link, 1, Integer::sum);
        }
      }
    }
    return used;
  }

  private boolean stock() {
    return used().entrySet().stream()
        .allMatch(e -> e.getKey().offered() || e.getValue() <= e.getKey().owned());
  }

  private boolean fixed() {
    for (FixedLink fixed : problem.fixed()) {
      for (Hung hung : all) {
        if (hung.sink().id().equals(fixed.sinkId())
            && !(hung.on().root().id().equals(fixed.sourceId())
                && (fixed.via() == null
                    || hung.on().path().stream().map(Link::id).toList().equals(fixed.via())))) {
          return false;
        }
      }
    }
    return true;
  }

  PortCost cost() {
    long money = 0;
    int links = 0;
    long mm = 0;
    for (Map.Entry<Link, Integer> each : used().entrySet()) {
      Link link = each.getKey();
      money += Math.max(0, each.getValue() - link.owned()) * link.priceMinor();
      links += each.getValue();
      mm += each.getValue() * Math.round(link.lengthMm());
    }
    Set<String> fed = all.stream().map(hung -> hung.sink().id()).collect(Collectors.toSet());
    int fixedDark =
        (int) problem.fixed().stream().filter(way -> !fed.contains(way.sinkId())).count();
    return new PortCost(fixedDark, problem.sinks().size() - all.size(), money, links, mm);
  }
}
