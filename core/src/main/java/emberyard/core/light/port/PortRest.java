package emberyard.core.light.port;

import emberyard.core.build.Plug;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** What the sinks that are left can still use of what there is. */
final class PortRest {
  private final PortIndex index;
  private final boolean[][] useful;
  private final Most[] most;

  PortRest(PortIndex index) {
    this.index = index;
    this.useful = useful();
    this.most = most();
  }

  /** Whether something can still be plugged into such a socket from this sink on. */
  boolean useful(Plug socket, int from) {
    return useful[from][socket.ordinal()];
  }

  private boolean[][] useful() {
    boolean[][] some = new boolean[index.sinks.size() + 1][Plug.values().length];
    for (int i = index.sinks.size() - 1; i >= 0; i--) {
      for (Plug plug : Plug.values()) {
        some[i][plug.ordinal()] = some[i + 1][plug.ordinal()] || reaches(plug, index.sinks.get(i));
      }
    }
    return some;
  }

  private boolean reaches(Plug socket, Sink sink) {
    return index.chains.get(socket).stream()
        .map(chain -> chain.isEmpty() ? socket : chain.get(chain.size() - 1).link().out())
        .anyMatch(end -> index.joins(end, sink));
  }

  /**
   * The state without what nobody from this sink on can use, and with no more of anything than all
   * of them together can take: more states are equal then.
   */
  PortState cleared(PortState state, int from) {
    int left = index.sinks.size() - from;
    int[] rootsLeft = state.rootsLeft().clone();
    for (int root = 0; root < rootsLeft.length; root++) {
      boolean of = useful(index.roots.get(root).first().plug(), from);
      rootsLeft[root] = of ? Math.min(rootsLeft[root], left) : 0;
    }
    int[] streams = state.streamsLeft().clone();
    Arrays.setAll(streams, device -> Math.min(streams[device], most[from].streams()));
    long[] kilobytes = state.kilobytesLeft().clone();
    Arrays.setAll(kilobytes, device -> Math.min(kilobytes[device], most[from].kilobytes()));
    List<PortNode> trees = new ArrayList<>();
    for (PortNode tree : state.trees()) {
      PortNode cleared = cleared(tree, from);
      if (cleared != null) {
        trees.add(cleared);
      }
    }
    trees.sort(PortNode.ORDER);
    return new PortState(rootsLeft, streams, kilobytes, state.taken(), List.copyOf(trees));
  }

  private @Nullable PortNode cleared(PortNode node, int from) {
    boolean goesOn =
        useful(node.socket(), from) && (node.same().isEmpty() || groupGoesOn(node.same(), from));
    List<PortNode> kids = new ArrayList<>();
    for (PortNode kid : node.kids()) {
      PortNode cleared = cleared(kid, from);
      if (cleared != null) {
        kids.add(cleared);
      }
    }
    kids.sort(PortNode.ORDER);
    return node.with()
        .free(goesOn ? Math.min(node.free(), index.sinks.size() - from) : 0)
        .kbit(Math.min(node.kbit(), most[from].kbit()))
        .milliamps(Math.min(node.milliamps(), most[from].milliamps()))
        .kids(List.copyOf(kids))
        .build()
        .left();
  }

  /** The most that all sinks from one on can take together. */
  private record Most(int streams, long kilobytes, long kbit, long milliamps) {}

  private Most[] most() {
    long draws =
        index.between.stream().mapToLong(PortItem::drawsMilliamps).max().orElse(0)
            * PortIndex.MOST_LINKS;
    Most[] all = new Most[index.sinks.size() + 1];
    all[index.sinks.size()] = new Most(0, 0, 0, 0);
    for (int i = index.sinks.size() - 1; i >= 0; i--) {
      Sink sink = index.sinks.get(i);
      Most rest = all[i + 1];
      all[i] =
          new Most(
              rest.streams() + (sink.want() == Sink.Want.PICTURE ? 1 : 0),
              rest.kilobytes() + PortUnits.kilobytes(sink.megabytesPerSecond()),
              rest.kbit() + PortIndex.kbit(sink),
              rest.milliamps() + PortUnits.milliamps(sink.amps()) + draws);
    }
    return all;
  }

  private boolean groupGoesOn(String group, int from) {
    return index.sinks.subList(from, index.sinks.size()).stream()
        .anyMatch(sink -> Objects.equals(sink.mirror(), group));
  }
}
