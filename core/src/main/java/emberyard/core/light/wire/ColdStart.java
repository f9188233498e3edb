package emberyard.core.light.wire;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.ScreenFeed.Quirk;
import emberyard.core.light.port.Link;
import emberyard.core.light.port.PortAnswer.WireFeed;
import emberyard.core.light.port.Sink;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What nobody has tried, to be proven on the bench before it is mounted.
 *
 * @param what what is proven: "Adapter Sedge with Dial"
 * @param starts cold starts in a row without a fault
 * @param because why so many
 */
public record ColdStart(String sinkId, String what, int starts, String because) {
  private static final int MANY = 10;
  private static final int FEW = 3;

  /**
   * Starts with faults that such a proof leaves possible, %: 1 − 0.05^(1/n), at 95 % confidence.
   *
   * <p>Example: 3 of 3 exclude faults at more than 63 % of starts, 10 of 10 at more than 26 %.
   */
  public static double faultsLeftPercent(int starts) {
    return 100 * (1 - Math.pow(0.05, 1.0 / starts));
  }

  /** What the number proves, in words. */
  public String proves() {
    return "%d of %d only excludes faults at more than %.0f %% of starts"
        .formatted(starts, starts, faultsLeftPercent(starts));
  }

  /**
   * What has to be proven of one that is fed: ten starts where waking is a quirk or untried, three
   * elsewhere; nothing where a lead goes straight from socket to socket.
   */
  static Optional<ColdStart> of(Wired wired, WireFeed feed, Set<Quirk> quirks) {
    Sink sink = wired.sink(feed.sinkId()).orElseThrow();
    List<Link> links =
        Stream.concat(feed.through().stream(), Stream.ofNullable(feed.lead()))
            .map(piece -> wired.link(piece.linkId()))
            .filter(link -> link.kind() != LinkKind.LEAD || link.converts())
            .toList();
    boolean flat = wired.source(feed.sourceId()).plug() == Plug.EMBEDDED;
    boolean behind = !feed.behindSinkId().isEmpty();
    String what = what(sink, links, wired, feed);
    if (quirks.contains(Quirk.SECOND_START)) {
      return Optional.of(new ColdStart(sink.id(), what, MANY, "it " + Quirk.SECOND_START.words()));
    }
    if (sink.want() == Sink.Want.PICTURE && (!links.isEmpty() || flat || behind)) {
      return Optional.of(
          new ColdStart(sink.id(), what, MANY, "nobody has tried whether it wakes like this"));
    }
    boolean hub = links.stream().anyMatch(link -> link.kind() == LinkKind.HUB);
    return hub && sink.want() != Sink.Want.CURRENT
        ? Optional.of(new ColdStart(sink.id(), what, FEW, "nobody has tried these together"))
        : Optional.empty();
  }

  private static String what(Sink sink, List<Link> links, Wired wired, WireFeed feed) {
    List<String> names = new ArrayList<>(List.of(sink.name()));
    links.forEach(link -> names.add(link.name()));
    if (!feed.behindSinkId().isEmpty()) {
      names.add(wired.sink(feed.behindSinkId()).orElseThrow().name());
    }
    return names.size() == 1
        ? names.get(0)
        : names.get(0) + " behind " + names.stream().skip(1).collect(Collectors.joining(" and "));
  }
}
