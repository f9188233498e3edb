package emberyard.core.light.port;

import emberyard.core.light.port.PortAnswer.WireFeed;
import emberyard.core.light.port.PortAnswer.WirePiece;
import emberyard.core.light.port.PortCheck.Hub;
import emberyard.core.light.port.PortCheck.Hung;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Wiring put together again from what an answer says, piece by piece. */
final class PortRebuilt {
  private final PortProblem problem;
  private final PortAnswer answer;
  private final Map<String, Hub> hubs = new HashMap<>();
  private final Map<String, Hung> hung = new HashMap<>();

  private PortRebuilt(PortProblem problem, PortAnswer answer) {
    this.problem = problem;
    this.answer = answer;
  }

  static PortCheck of(PortProblem problem, PortAnswer answer) {
    PortRebuilt built = new PortRebuilt(problem, answer);
    answer.feeds().forEach(built::hang);
    return new PortCheck(problem, new ArrayList<>(built.hung.values()));
  }

  private Hung hang(WireFeed feed) {
    Hung known = hung.get(feed.sinkId());
    if (known != null) {
      return known;
    }
    Sink sink =
        problem.sinks().stream()
            .filter(s -> s.id().equals(feed.sinkId()))
            .findFirst()
            .orElseThrow();
    Hub on =
        hubs.computeIfAbsent(
            feed.sourceId(),
            id ->
                new Hub(
                    problem.sources().stream()
                        .filter(s -> s.id().equals(id))
                        .findFirst()
                        .orElseThrow()));
    List<WirePiece> through = feed.through();
    if (!feed.behindSinkId().isEmpty()) {
      WireFeed first = answer.feed(feed.behindSinkId()).orElseThrow();
      on = hang(first).passesOn();
      through = through.subList(first.through().size(), through.size());
    }
    for (WirePiece piece : through) {
      Hub before = on;
      on = hubs.get(piece.id());
      if (on == null) {
        on = new Hub(link(piece), before);
        before.kids.add(on);
        hubs.put(piece.id(), on);
      }
    }
    Hub passesOn = sink.passesOnGbit() > 0 ? new Hub(sink, on) : null;
    Hung made = new Hung(sink, on, feed.lead() == null ? null : link(feed.lead()), passesOn);
    on.sinks.add(made);
    hung.put(sink.id(), made);
    return made;
  }

  private Link link(WirePiece piece) {
    return problem.links().stream()
        .filter(link -> link.id().equals(piece.linkId()))
        .findFirst()
        .orElseThrow();
  }
}
