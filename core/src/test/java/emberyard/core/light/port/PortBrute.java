package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import emberyard.core.light.port.PortCheck.Hub;
import emberyard.core.light.port.PortCheck.Hung;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Every wiring there is, one after the other: the slow way to the best. */
final class PortBrute {
  private final PortProblem problem;
  private final List<Sink> sinks;
  private final List<Hub> sockets = new ArrayList<>();
  private final List<Hung> hung = new ArrayList<>();
  private PortCost best;
  private boolean first;
  private boolean stopped;

  private PortBrute(PortProblem problem) {
    this.problem = problem;
    this.sinks = problem.sinks().stream().sorted(AS_BUILT_IN).toList();
    problem.sources().forEach(source -> sockets.add(new Hub(source)));
    this.best = new PortCost(sinks.size() + 1, 0, 0, 0, 0);
  }

  /** Screens that pass a picture on, the other screens, then devices. */
  private static final Comparator<Sink> AS_BUILT_IN =
      Comparator.comparingDouble((Sink sink) -> -sink.passesOnGbit())
          .thenComparing(Sink::want)
          .thenComparing(sink -> -sink.gbitPerSecond())
          .thenComparing(sink -> -sink.amps())
          .thenComparing(Sink::plug)
          .thenComparing(Sink::mirror)
          .thenComparingDouble(Sink::reachMm)
          .thenComparingDouble(Sink::plugFreeMm)
          .thenComparing(Sink::id);

  static PortCost best(PortProblem problem) {
    PortBrute brute = new PortBrute(problem);
    brute.from(0);
    return brute.best;
  }

  /** What somebody gets who plugs one after the other into the first socket that works. */
  static PortCost nearestFirst(PortProblem problem) {
    PortBrute brute = new PortBrute(problem);
    brute.sockets.sort(Comparator.comparing(socket -> socket.source.extraMm()));
    brute.first = true;
    brute.from(0);
    return brute.best;
  }

  private void from(int place) {
    if (stopped) {
      return;
    }
    PortCost cost = new PortCheck(problem, hung).cost();
    PortCost soFar =
        new PortCost(
            darkOfFixed(place),
            place - hung.size(),
            cost.moneyMinor(),
            cost.links(),
            cost.leadMm());
    if (soFar.compareTo(best) >= 0) {
      return;
    }
    if (place == sinks.size()) {
      best = soFar;
      stopped = first;
      return;
    }
    Sink sink = sinks.get(place);
    for (Hub on : List.copyOf(sockets)) {
      hang(place, sink, on);
    }
    from(place + 1);
  }

  private int darkOfFixed(int place) {
    return (int)
        sinks.subList(0, place).stream()
            .filter(sink -> problem.fixed().stream().anyMatch(w -> w.sinkId().equals(sink.id())))
            .filter(sink -> hung.stream().noneMatch(each -> each.sink() == sink))
            .count();
  }

  /** On a socket itself, and through every link that goes in. */
  private void hang(int place, Sink sink, Hub on) {
    if (sink.ownLead()) {
      tried(place, sink, on, null);
    }
    for (Link link : problem.links()) {
      if (link.kind() == LinkKind.LEAD) {
        if (!sink.ownLead()) {
          tried(place, sink, on, link);
        }
      } else if (on.path().size() < 2 && (on.link == null || link.in().fits(on.link.out()))) {
        Hub piece = new Hub(link, on);
        on.kids.add(piece);
        sockets.add(piece);
        hang(place, sink, piece);
        sockets.remove(piece);
        on.kids.remove(piece);
      }
    }
  }

  private void tried(int place, Sink sink, Hub on, Link lead) {
    boolean alone = on.path().stream().noneMatch(link -> link.kind() == LinkKind.SPLITTER);
    Hub passesOn = alone && sink.passesOnGbit() > 0 ? new Hub(sink, on) : null;
    Hung one = new Hung(sink, on, lead, passesOn);
    on.sinks.add(one);
    hung.add(one);
    if (new PortCheck(problem, hung).holds()) {
      if (passesOn != null) {
        sockets.add(passesOn);
      }
      from(place + 1);
      sockets.remove(passesOn);
    }
    hung.remove(hung.size() - 1);
    on.sinks.remove(one);
  }
}
