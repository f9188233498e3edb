package emberyard.core.light.port;

import emberyard.core.units.Require;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * What is to be fed from what, through what. The order of the lists means nothing.
 *
 * @param sources at most 96
 * @param links at most 400
 * @param sinks at most 48
 * @param fixed at most one a sink
 */
public record PortProblem(
    List<Source> sources, List<Link> links, List<Sink> sinks, List<FixedLink> fixed) {
  public static final int MOST_SOURCES = 96;
  public static final int MOST_LINKS = 400;
  public static final int MOST_SINKS = 48;

  public PortProblem {
    sources = Require.list(sources);
    links = Require.list(links);
    sinks = Require.list(sinks);
    fixed = Require.list(fixed);
    some("sources", sources, MOST_SOURCES, Source::id);
    some("links", links, MOST_LINKS, Link::id);
    some("sinks", sinks, MOST_SINKS, Sink::id);
    some("fixed", fixed, MOST_SINKS, FixedLink::sinkId);
  }

  private static <T> void some(String field, List<T> all, int most, Function<T, String> id) {
    Require.that(all.size() <= most, field, "At most %d %s.".formatted(most, field));
    Set<String> seen = new HashSet<>();
    all.forEach(
        each ->
            Require.that(
                seen.add(id.apply(each)), field, "“%s” is there twice.".formatted(id.apply(each))));
  }

  /** The same for some of the sinks. */
  PortProblem onlyFor(List<Sink> some) {
    Set<String> ids = new HashSet<>();
    some.forEach(sink -> ids.add(sink.id()));
    return new PortProblem(
        sources, links, some, fixed.stream().filter(way -> ids.contains(way.sinkId())).toList());
  }

  public PortProblem with(List<Sink> others) {
    return new PortProblem(sources, links, others, fixed);
  }

  public PortProblem withSources(List<Source> others) {
    return new PortProblem(others, links, sinks, fixed);
  }

  public PortProblem withLinks(List<Link> others) {
    return new PortProblem(sources, others, sinks, fixed);
  }

  public PortProblem withFixed(List<FixedLink> others) {
    return new PortProblem(sources, links, sinks, others);
  }
}
