package emberyard.core.light.wire;

import emberyard.core.build.DesignLists;
import emberyard.core.light.port.FixedLink;
import emberyard.core.light.port.Link;
import emberyard.core.light.port.PortAnswer;
import emberyard.core.light.port.PortProblem;
import emberyard.core.light.port.PortSolver;
import emberyard.core.light.port.Sink;
import emberyard.core.light.port.Source;
import emberyard.core.units.Remembered;
import emberyard.core.workshop.WorkshopBook;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What feeds what in a build.
 *
 * @param problem what is to be fed, from what, through what
 * @param answer the best way
 */
public record Wired(PortProblem problem, PortAnswer answer) {
  private static final int KEPT = 400;

  /** An answer follows from what is asked alone. */
  private static final Remembered<PortProblem, PortAnswer> ANSWERS = new Remembered<>(KEPT);

  /** The wiring of a build. */
  public static Wired of(DesignLists build, WorkshopBook book) {
    PortProblem problem = problem(build, book);
    return new Wired(problem, answer(problem));
  }

  static PortAnswer answer(PortProblem problem) {
    return ANSWERS.get(problem, PortSolver::solve);
  }

  /** What a build asks. More than can be asked at once is left out, the last first. */
  static PortProblem problem(DesignLists build, WorkshopBook book) {
    List<Sink> sinks = most(Fed.of(build), PortProblem.MOST_SINKS);
    List<Source> sources = most(Sockets.of(build.components()), PortProblem.MOST_SOURCES);
    Set<String> fed = sinks.stream().map(Sink::id).collect(Collectors.toSet());
    Set<String> there = sources.stream().map(Source::id).collect(Collectors.toSet());
    List<FixedLink> fixed =
        build.fixedWays().stream()
            .filter(way -> fed.contains(way.sinkId()) && there.contains(way.sourceId()))
            .collect(Collectors.toMap(each -> each.sinkId(), each -> each, (a, b) -> a))
            .values()
            .stream()
            .map(way -> new FixedLink(way.sinkId(), way.sourceId(), way.via()))
            .toList();
    List<Link> links = most(LinksOf.of(build.components(), book), PortProblem.MOST_LINKS);
    return new PortProblem(sources, links, sinks, fixed);
  }

  private static <T> List<T> most(List<T> all, int most) {
    return all.size() <= most ? all : all.subList(0, most);
  }

  Optional<Sink> sink(String id) {
    return problem.sinks().stream().filter(sink -> sink.id().equals(id)).findFirst();
  }

  Link link(String id) {
    return problem.links().stream().filter(link -> link.id().equals(id)).findFirst().orElseThrow();
  }

  Source source(String id) {
    return problem.sources().stream()
        .filter(source -> source.id().equals(id))
        .findFirst()
        .orElseThrow();
  }
}
