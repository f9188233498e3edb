package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Refusal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One sink hung on one node through links of its own: what is left then, or that it can't be. Rates
 * add up on the way, but where all see the same picture; current adds up until a link that has a
 * supply of its own.
 */
final class PortAttach {
  private final PortIndex index;
  private final Sink sink;
  private final int place;
  private final long kbit;
  private final long milliamps;

  PortAttach(PortIndex index, int place) {
    this.index = index;
    this.place = place;
    this.sink = index.sinks.get(place);
    this.kbit = PortIndex.kbit(sink);
    this.milliamps = PortUnits.milliamps(sink.amps());
  }

  /**
   * What hangs below the target then, and what the target gives away.
   *
   * @param kid what hangs on the target and has something free, null for nothing
   * @param kbit of the target's picture
   * @param stream whether it takes one of the pictures that the device gives
   */
  record Hung(@Nullable PortNode kid, long kbit, long milliamps, boolean stream) {}

  /** A tree with something else in the place of one of its nodes. */
  record Tree(@Nullable PortNode root) {}

  /**
   * Hangs it on a node.
   *
   * @param extraMm how much longer a lead from here is
   * @return null where it does not go
   */
  @Nullable Hung hang(
      PortNode target, List<PortItem> chain, @Nullable PortItem lead, double extraMm) {
    if (target.refusedBy(sink)
        || !target.same().isEmpty() && !target.same().equals(sink.mirror())) {
      return null;
    }
    List<PortNode> nodes = new ArrayList<>(List.of(target));
    for (PortItem item : chain) {
      PortNode next = behind(nodes.get(nodes.size() - 1), item, nodes.size());
      if (next == null) {
        return null;
      }
      nodes.add(next);
    }
    PortNode last = nodes.get(nodes.size() - 1);
    return closes(last, lead, extraMm) ? charged(nodes, chain, lead) : null;
  }

  /** A link behind a node; null where it does not go. */
  private @Nullable PortNode behind(PortNode before, PortItem item, int depth) {
    Link link = item.link();
    LinkKind kind = link.kind();
    if (before.clashesWith(kind)
        || sink.refuses(kind)
        || kind == LinkKind.SPLITTER && sink.mirror().isEmpty()) {
      return null;
    }
    int usb = Math.min(before.usb(), item.usb());
    if (link.drawsPicture() && before.usb() < link.usb()) {
      return null;
    }
    long there = before.milliamps() - item.drawsMilliamps();
    if (there < 0) {
      return null;
    }
    boolean halves = PortIndex.halves(item);
    List<String> via = before.via();
    if (!halves && index.waysMatter) {
      via = new ArrayList<>(via);
      via.add(link.id());
    }
    return before
        .with()
        .sort(index.sorts.behind(before.sort(), item))
        .socket(link.out())
        .free(link.outs())
        .kbit(link.drawsPicture() ? item.kbit() : Math.min(before.kbit(), item.kbit()))
        .milliamps(
            passesCurrent(item)
                ? Math.min(link.fed() ? Long.MAX_VALUE : there, item.milliamps())
                : 0)
        .usb(link.drawsPicture() ? 0 : usb)
        .each(link.portEach())
        .fed(link.fed())
        .draws(link.drawsPicture())
        .same(kind == LinkKind.SPLITTER ? sink.mirror() : before.same())
        .drawn(before.drawn() || link.drawsPicture())
        .hub(before.hub() || kind == LinkKind.HUB)
        .adapter(before.adapter() || kind == LinkKind.ADAPTER)
        .splitter(before.splitter() || kind == LinkKind.SPLITTER)
        .links(before.links() + (halves ? 0 : 1))
        .leadMm(index.lengthsMatter ? before.leadMm() + Math.round(link.lengthMm()) : 0)
        .via(List.copyOf(via))
        .opener(place + "/" + depth)
        .kids(List.of())
        .build();
  }

  static boolean passesCurrent(PortItem item) {
    return item.usb() > 0 || item.link().fed();
  }

  private boolean closes(PortNode last, @Nullable PortItem lead, double extraMm) {
    if (last.links() > PortIndex.MOST_LINKS) {
      return false;
    }
    double reachMm = sink.reachMm() + (last.hub() ? 0 : extraMm);
    double leadMm = lead == null ? sink.reachMm() : lead.link().lengthMm();
    if (lead == null
        ? !sink.ownLead() || !sink.plug().fits(last.socket())
        : !PortIndex.ends(lead, last.socket(), sink) || leadMm < reachMm) {
      return false;
    }
    if (lead != null
        && lead.link().converts()
        && (last.adapter() || sink.refuses(LinkKind.ADAPTER))) {
      return false;
    }
    if (sink.refuses().contains(Refusal.LONG_LEAD) && last.leadMm() + leadMm > Sink.LONG_LEAD_MM) {
      return false;
    }
    int data = lead == null ? last.usb() : Math.min(last.usb(), lead.usb());
    boolean current = lead == null || lead.usb() > 0;
    return data >= sink.usb()
        && (milliamps == 0 || current && last.milliamps() >= milliamps)
        && (kbit == 0 || picture(last) <= Math.min(last.kbit(), carries(lead)));
  }

  private long carries(@Nullable PortItem lead) {
    return lead == null ? Long.MAX_VALUE : lead.kbit();
  }

  /** What its picture takes there: the least of its group where all see the same. */
  private long picture(PortNode node) {
    return kbit > 0 && !node.same().isEmpty() ? index.groupKbit.get(node.same()) : kbit;
  }

  /** Takes picture and current from every node on the way, the last first. */
  private @Nullable Hung charged(
      List<PortNode> nodes, List<PortItem> chain, @Nullable PortItem lead) {
    PortNode last = nodes.get(nodes.size() - 1);
    PortNode kid = passingOn(last, lead);
    long picture = picture(last);
    long current = milliamps;
    for (int i = nodes.size() - 1; i > 0; i--) {
      PortNode node = nodes.get(i);
      PortItem item = chain.get(i - 1);
      PortNode less = less(node, picture, current);
      if (less == null) {
        return null;
      }
      kid =
          less.with()
              .free(node.free() - 1)
              .kids(PortNode.instead(List.of(), null, kid))
              .build()
              .left();
      if (item.link().drawsPicture()) {
        picture = 0;
      }
      current = item.link().fed() ? 0 : current + item.drawsMilliamps();
    }
    boolean joins = !nodes.get(0).same().isEmpty();
    boolean stream = kbit > 0 && !last.drawn() && !joins;
    return new Hung(kid, joins ? 0 : picture, current, stream);
  }

  /**
   * A node that gives this away; null where it has not that much. What all see alike is given once,
   * and ports of their own give nothing of each other’s.
   */
  static @Nullable PortNode less(PortNode node, long picture, long current) {
    long kbit = node.same().isEmpty() ? node.kbit() - picture : node.kbit();
    long milliamps = node.each() ? node.milliamps() : node.milliamps() - current;
    return kbit < 0 || milliamps < 0 ? null : node.with().kbit(kbit).milliamps(milliamps).build();
  }

  /**
   * The tree with what was hung on one of its nodes.
   *
   * @param above nodes over the target, the socket itself first
   * @param each whether the target gives each port a current of its own from now on
   * @return null where somewhere on the way it is too much
   */
  static @Nullable Tree up(PortNode target, List<PortNode> above, boolean each, Hung hung) {
    long picture = hung.kbit();
    long current = hung.milliamps();
    PortNode old = null;
    PortNode now = hung.kid();
    for (int i = above.size(); i >= 0; i--) {
      boolean first = i == above.size();
      PortNode node = first ? target : above.get(i);
      PortNode less = less(first && each ? node.withEach(true) : node, picture, current);
      if (less == null) {
        return null;
      }
      now =
          less.with()
              .free(node.free() - (first ? 1 : 0))
              .kids(PortNode.instead(node.kids(), old, now))
              .build()
              .left();
      old = node;
      picture = node.draws() ? 0 : picture;
      current = node.fed() ? 0 : current;
    }
    return new Tree(now);
  }

  /** The socket that it offers to the next, where it lets pictures through. */
  private @Nullable PortNode passingOn(PortNode last, @Nullable PortItem lead) {
    if (sink.passesOnGbit() == 0
        || kbit == 0
        || !last.same().isEmpty()
        || !index.rest.useful(sink.plug(), place + 1)) {
      return null;
    }
    long through = Math.min(last.kbit(), carries(lead)) - kbit;
    long kbitOn = Math.min(through, PortUnits.kbit(sink.passesOnGbit()));
    return kbitOn <= 0
        ? null
        : last.with()
            .sort(index.sorts.passed(last.sort(), sink.plug()))
            .socket(sink.plug())
            .free(1)
            .kbit(kbitOn)
            .milliamps(0)
            .usb(0)
            .each(false)
            .fed(false)
            .draws(false)
            .leadMm(0)
            .opener(place + "/" + PortNode.SCREEN)
            .kids(List.of())
            .build();
  }
}
