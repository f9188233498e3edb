package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** What might be changed about a problem, whatever hardware stands behind it. */
public final class PlainChanges {
  private final PortProblem problem;
  private final PortAnswer answer;

  private PlainChanges(PortProblem problem, PortAnswer answer) {
    this.problem = problem;
    this.answer = answer;
  }

  /** What would have everything lit; none where everything is. */
  public static List<LeastChanges.Way<PortProblem>> least(PortProblem problem, PortAnswer answer) {
    return answer.possible()
        ? List.of()
        : new LeastChanges<PortProblem>(
                problem, each -> each, each -> PortSolver.solve(each, LeastChanges.STEPS), answer)
            .of(new PlainChanges(problem, answer).all());
  }

  private List<PortChange<PortProblem>> all() {
    List<PortChange<PortProblem>> all = new ArrayList<>();
    problem.fixed().forEach(fixed -> all.add(release(fixed)));
    problem.links().stream().filter(link -> !link.offered()).forEach(link -> all.add(buy(link)));
    problem.sources().stream()
        .filter(source -> !source.works() && source.mendMinor() != null)
        .collect(
            java.util.stream.Collectors.toMap(
                Source::deviceId, each -> each, (a, b) -> a, java.util.TreeMap::new))
        .values()
        .forEach(source -> all.add(mend(source)));
    for (String dark : answer.dark()) {
      Sink sink = sink(dark);
      if (sink.want() == Sink.Want.PICTURE) {
        all.add(slower(sink));
        problem.sinks().stream()
            .filter(other -> other.want() == Sink.Want.PICTURE && !other.id().equals(dark))
            .filter(other -> !answer.dark().contains(other.id()) || other.id().compareTo(dark) > 0)
            .forEach(other -> all.add(mirrored(sink, other)));
      }
    }
    problem.sinks().forEach(sink -> all.add(leftOut(sink)));
    return all;
  }

  private Sink sink(String id) {
    return problem.sinks().stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
  }

  private String name(String sinkId) {
    return problem.sinks().stream()
        .filter(sink -> sink.id().equals(sinkId))
        .map(Sink::name)
        .findFirst()
        .orElse(sinkId);
  }

  private PortChange<PortProblem> release(FixedLink fixed) {
    return new PortChange<>(
        ChangeKind.RELEASE,
        "fixed/" + fixed.sinkId(),
        "Let the way to %s go".formatted(name(fixed.sinkId())),
        0,
        0,
        "",
        each ->
            each.withFixed(
                each.fixed().stream()
                    .filter(other -> !other.sinkId().equals(fixed.sinkId()))
                    .toList()));
  }

  private static PortChange<PortProblem> buy(Link link) {
    return new PortChange<>(
        link.kind() == LinkKind.HUB ? ChangeKind.HUB : ChangeKind.ADAPTER,
        "link/" + link.id(),
        "Buy " + link.name(),
        0,
        0,
        "",
        each ->
            each.withLinks(
                each.links().stream()
                    .map(other -> other.id().equals(link.id()) ? other.withOffered(true) : other)
                    .toList()));
  }

  private static PortChange<PortProblem> mend(Source source) {
    return new PortChange<>(
        ChangeKind.PROCESSOR,
        "device/" + source.deviceId(),
        "Mend what %s lacks: %s".formatted(source.deviceId(), source.lacking()),
        source.mendMinor(),
        0,
        "",
        each ->
            each.withSources(
                each.sources().stream()
                    .map(
                        other ->
                            other.deviceId().equals(source.deviceId())
                                ? other.withLacking("")
                                : other)
                    .toList()));
  }

  private static PortChange<PortProblem> mirrored(Sink sink, Sink other) {
    return new PortChange<>(
        ChangeKind.MIRRORED,
        "mirror/" + sink.id(),
        "Let %s show what %s shows".formatted(sink.name(), other.name()),
        0,
        0,
        "both show the same, at the lesser of their sizes",
        each -> mirrored(each, sink.id(), other.id()));
  }

  /** Two sinks in one group, with all that shared a picture with either. */
  public static PortProblem mirrored(PortProblem problem, String one, String other) {
    List<String> groups =
        problem.sinks().stream()
            .filter(sink -> sink.id().equals(one) || sink.id().equals(other))
            .map(Sink::mirror)
            .filter(group -> !group.isEmpty())
            .toList();
    String group = groups.isEmpty() ? other : groups.get(0);
    return changed(
        problem,
        sink ->
            sink.id().equals(one) || sink.id().equals(other) || groups.contains(sink.mirror())
                ? sink.withMirror(group)
                : sink);
  }

  private static PortChange<PortProblem> slower(Sink sink) {
    return new PortChange<>(
        ChangeKind.SLOWER,
        "rate/" + sink.id(),
        "Send %s half as many pictures a second".formatted(sink.name()),
        0,
        0,
        "movement is less smooth; not every screen takes it",
        each ->
            changed(
                each,
                other ->
                    other.id().equals(sink.id())
                        ? other.withGbitPerSecond(other.gbitPerSecond() / 2)
                        : other));
  }

  private static PortChange<PortProblem> leftOut(Sink sink) {
    return new PortChange<>(
        ChangeKind.LEFT_OUT,
        "out/" + sink.id(),
        "Leave %s out".formatted(sink.name()),
        0,
        0,
        "",
        each -> {
          List<Sink> others =
              each.sinks().stream().filter(other -> !other.id().equals(sink.id())).toList();
          List<FixedLink> fixed =
              each.fixed().stream().filter(way -> !way.sinkId().equals(sink.id())).toList();
          return each.with(others).withFixed(fixed);
        });
  }

  private static PortProblem changed(PortProblem problem, UnaryOperator<Sink> change) {
    return problem.with(problem.sinks().stream().map(change).toList());
  }
}
