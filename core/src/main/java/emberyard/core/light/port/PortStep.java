package emberyard.core.light.port;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** All that can be done for one sink after one way so far. */
final class PortStep {
  private final PortIndex index;
  private final PortAttach attach;
  private final PortTails tails;
  private final int place;
  private final Sink sink;
  private final @Nullable FixedLink fixed;
  private final PortSolver.Entry entry;
  private final @Nullable PortCost bound;
  private final PortCost rest;
  private final Map<PortState, PortSolver.Entry> into;
  private final PortForesight.@Nullable Ahead ahead;
  private int tries;

  /**
   * @param bound what is dearer is left out, null for none
   * @param rest what those that follow cost at least
   * @param into what was found so far for this sink
   */
  PortStep(
      PortIndex index,
      PortAttach attach,
      PortTails tails,
      int place,
      PortSolver.Entry entry,
      @Nullable PortCost bound,
      PortCost rest,
      PortForesight.@Nullable Ahead ahead,
      Map<PortState, PortSolver.Entry> into) {
    this.index = index;
    this.attach = attach;
    this.tails = tails;
    this.place = place;
    this.sink = index.sinks.get(place);
    this.fixed = index.fixed.get(sink.id());
    this.entry = entry;
    this.bound = bound;
    this.rest = rest;
    this.ahead = ahead;
    this.into = into;
  }

  /**
   * Puts all of it in.
   *
   * @return how many were tried
   */
  int all() {
    keep(entry.state(), PortCost.dark(fixed != null), PortChoice.DARK, "~");
    PortState state = entry.state();
    for (int root = 0; root < index.roots.size(); root++) {
      if (state.rootsLeft()[root] > 0) {
        hang(fresh(index, root), List.of(), true);
      }
    }
    PortNode last = null;
    for (PortNode tree : state.trees()) {
      if (!tree.equals(last)) {
        inside(tree, List.of());
      }
      last = tree;
    }
    return tries;
  }

  /** A socket that nothing hangs on. */
  static PortNode fresh(PortIndex index, int root) {
    Source source = index.roots.get(root).first();
    return PortNodeBuilder.builder()
        .root(root)
        .sort(index.sorts.of(root))
        .start(index.start(root))
        .socket(source.plug())
        .free(1)
        .kbit(PortUnits.kbit(source.gbitPerSecond()))
        .milliamps(PortUnits.milliamps(source.amps()))
        .usb(source.usb())
        .same("")
        .via(List.of())
        .opener("")
        .kids(List.of())
        .build();
  }

  /** On a node of a tree, and on all that hang on it; alike ones once. */
  private void inside(PortNode node, List<PortNode> above) {
    if (node.free() > 0) {
      hang(node, above, false);
    }
    List<PortNode> path = new ArrayList<>(above);
    path.add(node);
    PortNode last = null;
    for (PortNode kid : node.kids()) {
      if (!kid.equals(last)) {
        inside(kid, path);
      }
      last = kid;
    }
  }

  private void hang(PortNode target, List<PortNode> above, boolean fresh) {
    PortIndex.RootClass root = index.roots.get(target.root());
    if (fixed != null
        && root.sources().stream().noneMatch(each -> each.id().equals(fixed.sourceId()))) {
      return;
    }
    for (PortTails.Tail tail : tails.from(target.socket())) {
      boolean goes =
          target.links() + tail.pieces() <= PortIndex.MOST_LINKS
              && (fresh || !tail.halves())
              && (fixed == null || asFixed(target, tail))
              && (ahead == null || !ahead.hopeless(target.sort(), tail.chain()));
      if (goes) {
        leads(target, above, fresh, root, tail);
      }
    }
  }

  private boolean asFixed(PortNode target, PortTails.Tail tail) {
    if (fixed.via() == null) {
      return true;
    }
    List<String> via = new ArrayList<>(target.via());
    tail.chain().stream()
        .filter(item -> !PortIndex.halves(item))
        .forEach(item -> via.add(item.link().id()));
    return via.equals(fixed.via());
  }

  private void leads(
      PortNode target,
      List<PortNode> above,
      boolean fresh,
      PortIndex.RootClass root,
      PortTails.Tail tail) {
    for (PortItem lead : tail.leads()) {
      PortCost cost = lead == null ? tail.cost() : tail.cost().plus(lead.cost());
      if (tooDear(cost)) {
        return;
      }
      tries++;
      int[] taken = taken(tail.chain(), lead);
      if (taken == null) {
        continue;
      }
      PortAttach.Hung hung = attach.hang(target, tail.chain(), lead, root.first().extraMm());
      if (hung == null) {
        continue;
      }
      PortState after = after(target, above, fresh, root, tail, hung, taken);
      if (after != null) {
        keep(
            after,
            cost,
            new PortChoice(target.root(), fresh ? null : target.opener(), tail.chain(), lead),
            name(root, target, fresh, tail, lead));
      }
      if (after != null && !(lead != null && lead.limited()) && sink.passesOnGbit() == 0) {
        return;
      }
    }
  }

  private boolean tooDear(PortCost cost) {
    return bound != null && entry.cost().plus(cost).plus(rest).compareTo(bound) > 0;
  }

  private static String name(
      PortIndex.RootClass root,
      PortNode target,
      boolean fresh,
      PortTails.Tail tail,
      @Nullable PortItem lead) {
    StringBuilder name = new StringBuilder(fresh ? root.name() : "behind " + target.socket());
    tail.chain().forEach(item -> name.append(' ').append(item.link().id()));
    return name.append(' ').append(lead == null ? "" : lead.link().id()).toString();
  }

  /** Of what is there already, with these taken too; null where there are not that many. */
  private int @Nullable [] taken(List<PortItem> chain, @Nullable PortItem lead) {
    int[] taken = entry.state().taken();
    boolean limited = lead != null && lead.limited();
    for (PortItem item : chain) {
      limited |= item.limited();
    }
    if (!limited) {
      return taken;
    }
    int[] more = taken.clone();
    for (PortItem item : chain) {
      if (item.limited() && ++more[item.counter()] > item.limit()) {
        return null;
      }
    }
    return lead != null && lead.limited() && ++more[lead.counter()] > lead.limit() ? null : more;
  }

  private @Nullable PortState after(
      PortNode target,
      List<PortNode> above,
      boolean fresh,
      PortIndex.RootClass root,
      PortTails.Tail tail,
      PortAttach.Hung hung,
      int[] taken) {
    PortState state = entry.state();
    int[] streams = state.streamsLeft();
    if (hung.stream()) {
      streams = streams.clone();
      if (--streams[root.device()] < 0) {
        return null;
      }
    }
    long[] kilobytes = state.kilobytesLeft();
    if (sink.want() == Sink.Want.PICTURE_AS_DATA) {
      kilobytes = kilobytes.clone();
      kilobytes[root.device()] -= PortUnits.kilobytes(sink.megabytesPerSecond());
      if (kilobytes[root.device()] < 0) {
        return null;
      }
    }
    int[] roots = state.rootsLeft();
    if (fresh) {
      roots = roots.clone();
      roots[target.root()]--;
    }
    boolean each = !tail.chain().isEmpty() && tail.chain().get(0).link().portEach();
    PortAttach.Tree tree = PortAttach.up(target, above, fresh && each, hung);
    if (tree == null) {
      return null;
    }
    PortNode old = fresh ? null : above.isEmpty() ? target : above.get(0);
    List<PortNode> trees = PortNode.instead(state.trees(), old, tree.root());
    return index.rest.cleared(new PortState(roots, streams, kilobytes, taken, trees), place + 1);
  }

  private void keep(PortState state, PortCost more, PortChoice choice, String name) {
    PortCost cost = entry.cost().plus(more);
    if (bound != null && cost.plus(rest).compareTo(bound) > 0) {
      return;
    }
    PortState cleared = choice.dark() ? index.rest.cleared(state, place + 1) : state;
    PortSolver.Entry made =
        new PortSolver.Entry(cleared, cost, entry.names() + name + '\u0001', entry, choice);
    into.merge(cleared, made, (old, other) -> other.before(old) ? other : old);
  }
}
