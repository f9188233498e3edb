package emberyard.core.light.port;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Refusal;
import emberyard.core.light.port.PortAnswer.WireFeed;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Why something is dark, and what may be joined to what. Every reason is tried before it is given:
 * one that says “it refuses a hub” is given only where it would be fed if it did not.
 */
public final class PortReasons {
  private static final double HARDLY = 1e-6;

  private final PortProblem problem;
  private final PortAnswer answer;

  public PortReasons(PortProblem problem, PortAnswer answer) {
    this.problem = problem;
    this.answer = answer;
  }

  /**
   * What keeps a sink from a socket.
   *
   * @param alone whether it would be fed from here if nothing else were
   * @param words why it is not, or can’t be; empty where nothing stands in the way
   */
  public record SocketReason(String sourceId, boolean alone, String words) {}

  /**
   * One that is not fed.
   *
   * @param words why, in one sentence
   * @param reasons socket by socket
   */
  public record DarkSink(String sinkId, String words, List<SocketReason> reasons) {}

  /** All that are dark. */
  public List<DarkSink> dark() {
    return answer.dark().stream().map(this::dark).toList();
  }

  private DarkSink dark(String sinkId) {
    Sink sink = sink(sinkId);
    List<SocketReason> reasons = reasons(sink);
    return new DarkSink(sinkId, sentence(sink, reasons), reasons);
  }

  /** Socket by socket, in their order, those that lead nowhere near left out. */
  public List<SocketReason> reasons(Sink sink) {
    List<SocketReason> reasons = new ArrayList<>();
    for (Source source : problem.sources()) {
      if (concerns(source, sink)) {
        String never = never(sink, source);
        reasons.add(
            new SocketReason(
                source.id(), never.isEmpty(), never.isEmpty() ? taken(sink, source) : never));
      }
    }
    return List.copyOf(reasons);
  }

  /** A socket that gives what it wants at all. */
  private static boolean concerns(Source source, Sink sink) {
    boolean picture = source.gbitPerSecond() > 0 || !source.works() && source.usb() == 0;
    return sink.want() == Sink.Want.PICTURE
        ? picture || source.plug() == Plug.EMBEDDED && sink.plug() == Plug.EMBEDDED
        : source.usb() > 0 || source.amps() > 0;
  }

  private String sentence(Sink sink, List<SocketReason> reasons) {
    Optional<FixedLink> fixed =
        problem.fixed().stream().filter(each -> each.sinkId().equals(sink.id())).findFirst();
    if (fixed.isPresent()) {
      return "The way that was fixed by hand does not work"
          + reasons.stream()
              .filter(reason -> reason.sourceId().equals(fixed.get().sourceId()))
              .filter(reason -> !reason.words().isEmpty())
              .findFirst()
              .map(reason -> ": " + reason.words())
              .orElse("")
          + ".";
    }
    List<SocketReason> alone = reasons.stream().filter(SocketReason::alone).toList();
    if (!alone.isEmpty()) {
      return "What could feed it is taken: " + told(alone) + ".";
    }
    if (reasons.isEmpty()) {
      return sink.want() == Sink.Want.PICTURE
          ? "Nothing here gives a picture."
          : "Nothing here has a USB port.";
    }
    return "No socket can feed it: " + told(reasons) + ".";
  }

  private String told(List<SocketReason> reasons) {
    return reasons.stream()
        .collect(
            Collectors.groupingBy(
                SocketReason::words,
                java.util.LinkedHashMap::new,
                Collectors.mapping(
                    reason -> source(reason.sourceId()).name(), Collectors.joining(", "))))
        .entrySet()
        .stream()
        .map(each -> each.getValue() + " " + each.getKey())
        .collect(Collectors.joining("; "));
  }

  /** Why this socket could not feed it though nothing else were there; empty where it could. */
  String never(Sink sink, Source source) {
    if (!source.works()) {
      return "is dead: " + source.lacking();
    }
    if (feeds(sink, source)) {
      return "";
    }
    for (Refusal refusal : Refusal.values()) {
      if (sink.refuses().contains(refusal) && feeds(without(sink, refusal), source)) {
        return "leads there only through %s, which %s refuses"
            .formatted(refusal.words(), sink.name());
      }
    }
    if (feeds(sink.withGbitPerSecond(Math.min(HARDLY, sink.gbitPerSecond())), source)) {
      return "carries less than the %s Gbit/s of its picture"
          .formatted(Figures.plain(round(sink.gbitPerSecond())));
    }
    if (feeds(sink.withAmps(0), source)) {
      return "gives less than the %s A that it draws".formatted(Figures.plain(sink.amps()));
    }
    if (feeds(sink.withReachMm(0), source)) {
      return "has no lead of %s that still carries it".formatted(Figures.mm(sink.reachMm()));
    }
    if (feeds(sink.withPlugFreeMm(Sink.ROOM_MM), source)) {
      return "has no lead whose plug goes into %s".formatted(Figures.mm(sink.plugFreeMm()));
    }
    if (feeds(sink.withUsb(Math.min(sink.usb(), 2)), source)) {
      return "gives USB 2, it needs USB 3";
    }
    return shaped(sink, source)
        ? "leads there, but too many things stand in the way"
        : "has no way to %s".formatted(sink.plug().words());
  }

  private boolean feeds(Sink sink, Source source) {
    PortProblem one =
        new PortProblem(
            List.of(source.with().atOnce(Math.max(1, source.atOnce())).build()),
            problem.links(),
            List.of(sink),
            List.of());
    return PortSolver.solve(one).possible();
  }

  private boolean shaped(Sink sink, Source source) {
    UnaryOperator<Sink> bare =
        each ->
            each.with()
                .refuses(Set.of())
                .gbitPerSecond(0)
                .amps(0)
                .reachMm(0)
                .plugFreeMm(Sink.ROOM_MM)
                .usb(0)
                .build();
    return feeds(bare.apply(sink), source);
  }

  private static Sink without(Sink sink, Refusal refusal) {
    return sink.withRefuses(
        sink.refuses().stream().filter(each -> each != refusal).collect(Collectors.toSet()));
  }

  /** Why it does not feed it now, though it could alone. */
  private String taken(Sink sink, Source source) {
    String others =
        answer.feeds().stream()
            .filter(feed -> feed.sourceId().equals(source.id()))
            .filter(feed -> !feed.sinkId().equals(sink.id()))
            .map(feed -> sink(feed.sinkId()).name())
            .collect(Collectors.joining(" and "));
    if (!others.isEmpty()) {
      return "feeds " + others;
    }
    boolean here =
        answer.feed(sink.id()).map(WireFeed::sourceId).filter(source.id()::equals).isPresent();
    if (here) {
      return "";
    }
    return sink.want() == Sink.Want.PICTURE && streams(source.deviceId()) >= source.atOnce()
        ? "is free, but its device gives %d %s at once and all are used"
            .formatted(source.atOnce(), source.atOnce() == 1 ? "picture" : "pictures")
        : answer.dark().contains(sink.id()) ? "is free, but not for all together" : "";
  }

  /** Pictures that a device gives now. */
  public int streams(String deviceId) {
    return (int)
        answer.feeds().stream()
            .filter(feed -> source(feed.sourceId()).deviceId().equals(deviceId))
            .filter(feed -> sink(feed.sinkId()).want() == Sink.Want.PICTURE)
            .map(this::picture)
            .filter(each -> each != null)
            .distinct()
            .count();
  }

  /**
   * What tells its picture from others: the splitter where it shares one; null where it is drawn.
   */
  private @Nullable String picture(WireFeed feed) {
    String own = feed.sinkId();
    for (PortAnswer.WirePiece piece : feed.through()) {
      Link link = link(piece.linkId());
      if (link.drawsPicture()) {
        return null;
      }
      if (link.kind() == LinkKind.SPLITTER) {
        own = piece.id();
      }
    }
    return own;
  }

  private Sink sink(String id) {
    return problem.sinks().stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
  }

  private Source source(String id) {
    return problem.sources().stream()
        .filter(each -> each.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private Link link(String id) {
    return problem.links().stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
  }

  private static double round(double gbit) {
    return Math.round(gbit * 100) / 100.0;
  }
}
