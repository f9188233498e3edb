package emberyard.core.light.port;

import emberyard.core.light.port.PortAnswer.WireFeed;
import emberyard.core.light.port.PortAnswer.WirePiece;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Writes out what a search found: pieces by name, and which of the alike sockets each begins at.
 */
final class PortWriter {
  private final PortIndex index;
  private final Map<String, Way> nodes = new HashMap<>();
  private final List<Way> openings = new ArrayList<>();
  private final Map<String, Way> ways = new HashMap<>();
  private final Map<String, WirePiece> leads = new HashMap<>();

  /**
   * A way to a node.
   *
   * @param opening which socket in use it begins at, by the sink that began it
   */
  private record Way(int root, int opening, List<WirePiece> through, String behindSinkId) {}

  PortWriter(PortIndex index) {
    this.index = index;
  }

  PortAnswer answer(PortSolver.Entry found, boolean proven, int steps) {
    List<PortChoice> choices = new ArrayList<>();
    for (PortSolver.Entry entry = found; entry.before() != null; entry = entry.before()) {
      choices.add(0, entry.choice());
    }
    for (int i = 0; i < choices.size(); i++) {
      if (!choices.get(i).dark()) {
        follow(i, choices.get(i));
      }
    }
    List<Sink> places = index.sinks.stream().sorted(Sink.PLACES).toList();
    Map<Integer, String> sockets = sockets(places);
    List<WireFeed> feeds = new ArrayList<>();
    List<String> dark = new ArrayList<>();
    for (Sink sink : places) {
      Way way = ways.get(sink.id());
      if (way == null) {
        dark.add(sink.id());
      } else {
        feeds.add(
            new WireFeed(
                sink.id(),
                sockets.get(way.opening()),
                way.through(),
                way.behindSinkId(),
                leads.get(sink.id())));
      }
    }
    PortCost cost = found.cost();
    return new PortAnswer(
        feeds, dark, cost.moneyMinor(), cost.links(), cost.leadMm(), proven, steps);
  }

  private void follow(int place, PortChoice choice) {
    Sink sink = index.sinks.get(place);
    Way way =
        choice.behind() == null
            ? new Way(choice.root(), place, List.of(), "")
            : nodes.get(choice.behind());
    if (choice.behind() == null) {
      openings.add(way);
    }
    int depth = 1;
    for (PortItem item : choice.chain()) {
      List<WirePiece> through = new ArrayList<>(way.through());
      if (!PortIndex.halves(item)) {
        through.add(piece(item, sink, depth));
      }
      way = new Way(way.root(), way.opening(), List.copyOf(through), way.behindSinkId());
      nodes.put(place + "/" + depth++, way);
    }
    ways.put(sink.id(), way);
    leads.put(sink.id(), choice.lead() == null ? null : piece(choice.lead(), sink, 1));
    nodes.put(
        place + "/" + PortNode.SCREEN,
        new Way(way.root(), way.opening(), way.through(), sink.id()));
  }

  private static WirePiece piece(PortItem item, Sink sink, int depth) {
    String id = item.link().id() + "/" + sink.id() + (depth > 1 ? "/" + depth : "");
    return new WirePiece(id, item.link().id(), !item.limited());
  }

  /** Alike sockets are given in the order of places, so that leads cross as little as they must. */
  private Map<Integer, String> sockets(List<Sink> places) {
    Map<Integer, Integer> first = new HashMap<>();
    for (int i = 0; i < places.size(); i++) {
      @Nullable Way way = ways.get(places.get(i).id());
      if (way != null) {
        first.putIfAbsent(way.opening(), i);
      }
    }
    openings.sort(Comparator.comparing(way -> first.get(way.opening())));
    Map<Integer, Integer> given = new HashMap<>();
    Map<Integer, String> sockets = new HashMap<>();
    for (Way way : openings) {
      int next = given.merge(way.root(), 1, Integer::sum) - 1;
      sockets.put(way.opening(), index.roots.get(way.root()).sources().get(next).id());
    }
    return sockets;
  }
}
