package emberyard.core.light.port;

import emberyard.core.units.FigureKey;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What is fed from what, through what.
 *
 * @param feeds those that are fed, screens first, by name
 * @param dark ids of those that are not, in the same order
 * @param moneyMinor what is bought for it
 * @param links pieces, leads included
 * @param leadMm all leads together
 * @param proven whether nothing better is left: false where the step budget ended the search
 * @param steps tries it took
 */
@FigureKey("ports")
public record PortAnswer(
    List<WireFeed> feeds,
    List<String> dark,
    long moneyMinor,
    int links,
    long leadMm,
    boolean proven,
    int steps) {
  public PortAnswer {
    feeds = List.copyOf(feeds);
    dark = List.copyOf(dark);
  }

  /**
   * How one is fed.
   *
   * @param sourceId the socket its way begins at
   * @param through links on the way, the first at the socket
   * @param behindSinkId the screen that lets its picture through, empty for none
   * @param lead the last lead, null where its own is plugged in
   */
  public record WireFeed(
      String sinkId,
      String sourceId,
      List<WirePiece> through,
      String behindSinkId,
      @Nullable WirePiece lead) {
    public WireFeed {
      through = List.copyOf(through);
    }

    /** Ids of the links on the way. */
    public List<String> via() {
      return through.stream().map(WirePiece::linkId).toList();
    }
  }

  /**
   * One piece that is built in; several ways may share it.
   *
   * @param id of the piece, the same on all ways that share it
   * @param bought false for one that is there already
   */
  public record WirePiece(String id, String linkId, boolean bought) {}

  /** Answers for sinks that compete for nothing as one. */
  static PortAnswer together(List<Sink> sinks, List<PortAnswer> answers) {
    List<WireFeed> feeds = new ArrayList<>();
    List<String> dark = new ArrayList<>();
    for (Sink sink : sinks.stream().sorted(Sink.PLACES).toList()) {
      Optional<WireFeed> feed =
          answers.stream().flatMap(answer -> answer.feed(sink.id()).stream()).findFirst();
      feed.ifPresentOrElse(feeds::add, () -> dark.add(sink.id()));
    }
    return new PortAnswer(
        feeds,
        dark,
        answers.stream().mapToLong(PortAnswer::moneyMinor).sum(),
        answers.stream().mapToInt(PortAnswer::links).sum(),
        answers.stream().mapToLong(PortAnswer::leadMm).sum(),
        answers.stream().allMatch(PortAnswer::proven),
        answers.stream().mapToInt(PortAnswer::steps).sum());
  }

  /** Whether all are fed. */
  public boolean possible() {
    return dark.isEmpty();
  }

  public Optional<WireFeed> feed(String sinkId) {
    return feeds.stream().filter(feed -> feed.sinkId().equals(sinkId)).findFirst();
  }
}
