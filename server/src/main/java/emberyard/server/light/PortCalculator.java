package emberyard.server.light;

import emberyard.core.build.LinkKind;
import emberyard.core.build.Plug;
import emberyard.core.build.Refusal;
import emberyard.core.light.port.ChangeKind;
import emberyard.core.light.port.FixedLink;
import emberyard.core.light.port.LeastChanges;
import emberyard.core.light.port.Link;
import emberyard.core.light.port.PlainChanges;
import emberyard.core.light.port.PortAnswer;
import emberyard.core.light.port.PortChange;
import emberyard.core.light.port.PortProblem;
import emberyard.core.light.port.PortReasons;
import emberyard.core.light.port.PortSolver;
import emberyard.core.light.port.Sink;
import emberyard.core.light.port.Source;
import emberyard.core.units.FigureKey;
import emberyard.core.units.Require;
import emberyard.server.api.HeavyWork;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The calculator that leads sockets to screens and devices. */
@Component
class PortCalculator {
  private final HeavyWork heavy;

  PortCalculator(HeavyWork heavy) {
    this.heavy = heavy;
  }

  /** What is to be fed, from what, through what. */
  record PortsAsked(
      @Schema(description = "Sockets, 0 to 96") List<AskedSource> sources,
      @Nullable @Schema(description = "What may lie between, 0 to 400") List<AskedLink> links,
      @Schema(description = "What is to be fed, 0 to 48") List<AskedSink> sinks,
      @Nullable @Schema(description = "Ways that are fixed, at most one a sink")
          List<FixedLink> fixed) {}

  /** A socket. */
  record AskedSource(
      String id,
      @Nullable String name,
      @Schema(description = "The card or board it sits on") String deviceId,
      Plug plug,
      @Nullable
          @Schema(
              description = "Gbit/s of picture, none if left out",
              minimum = "0",
              maximum = "100")
          Double gbitPerSecond,
      @Nullable @Schema(description = "2 or 3, no data if left out") Integer usb,
      @Nullable @Schema(description = "A at 5 V, 0 if left out", minimum = "0", maximum = "20")
          Double amps,
      @Nullable
          @Schema(
              description = "Pictures its device gives at once, 4 if left out",
              minimum = "0",
              maximum = "64")
          Integer atOnce,
      @Nullable @Schema(description = "What it lacks to work") String lacking,
      @Nullable
          @Schema(
              description = "What that costs; it can’t be had if left out",
              minimum = "-100000000",
              maximum = "100000000")
          Long mendMinor) {}

  /** Something between. */
  record AskedLink(
      String id,
      @Nullable String name,
      LinkKind kind,
      Plug in,
      Plug out,
      @Nullable @Schema(description = "Sockets, 1 if left out", minimum = "1", maximum = "16")
          Integer outs,
      @Nullable
          @Schema(
              description = "Gbit/s of picture, none if left out",
              minimum = "0",
              maximum = "100")
          Double gbitPerSecond,
      @Nullable @Schema(description = "2 or 3, no data if left out") Integer usb,
      @Nullable @Schema(description = "mm", minimum = "0", maximum = "30000") Double lengthMm,
      @Nullable
          @Schema(
              description = "A of its own supply, none if left out",
              minimum = "0",
              maximum = "20")
          Double ownAmps,
      @Nullable @Schema(description = "A that it takes itself", minimum = "0", maximum = "5")
          Double drawsAmps,
      @Nullable @Schema(description = "Whether it makes its picture of data") Boolean drawsPicture,
      @Nullable @Schema(description = "Of one", minimum = "0", maximum = "100000000")
          Long priceMinor,
      @Nullable @Schema(description = "How many are there", minimum = "0", maximum = "1000")
          Integer owned,
      @Nullable @Schema(description = "Whether more can be bought; yes if left out")
          Boolean offered) {}

  /** Something to be fed. */
  record AskedSink(
      String id,
      @Nullable String name,
      @Schema(description = "A picture if left out") Sink.@Nullable Want want,
      Plug plug,
      @Nullable @Schema(description = "Whether a lead hangs on it") Boolean ownLead,
      @Nullable
          @Schema(
              description = "The lead it needs, mm; any if left out",
              minimum = "0",
              maximum = "30000")
          Double reachMm,
      @Nullable
          @Schema(
              description = "Room for its plug, mm; enough if left out",
              minimum = "0",
              maximum = "3000")
          Double plugFreeMm,
      @Nullable @Schema(description = "Of its picture", minimum = "0", maximum = "100")
          Double gbitPerSecond,
      @Nullable @Schema(description = "MB/s of a picture as data", minimum = "0", maximum = "1000")
          Double megabytesPerSecond,
      @Nullable @Schema(description = "2 or 3, no data if left out") Integer usb,
      @Nullable @Schema(description = "A at 5 V", minimum = "0", maximum = "20") Double amps,
      @Nullable @Schema(description = "What must not lie before it") List<Refusal> refuses,
      @Nullable @Schema(description = "Those of one group may show one picture") String mirror,
      @Nullable
          @Schema(
              description = "Gbit/s it lets through to one behind it",
              minimum = "0",
              maximum = "100")
          Double passesOnGbit) {}

  /**
   * What is fed from what.
   *
   * @param assignment what is fed, and how
   * @param costMinor what is bought for it
   * @param dark what is not fed, and why
   * @param changes what would have all fed, each solved; none where all are
   * @param proven whether nothing better is left
   */
  @FigureKey("ports")
  record PortsAnswer(
      List<PortAnswer.WireFeed> assignment,
      long costMinor,
      int links,
      long leadMm,
      List<PortReasons.DarkSink> dark,
      List<PortsChange> changes,
      boolean proven,
      int steps) {}

  /**
   * What would have all fed.
   *
   * @param costMinor more than now
   */
  @FigureKey("ports/changes/{words}")
  record PortsChange(
      List<ChangeKind> kinds,
      String words,
      long costMinor,
      String risk,
      List<PortAnswer.WireFeed> assignment) {}

  PortsAnswer solve(PortsAsked asked) {
    PortProblem problem =
        new PortProblem(
            Require.each("sources", asked.sources(), (each, i) -> source(each)),
            Require.each("links", asked.links(), (each, i) -> link(each)),
            Require.each("sinks", asked.sinks(), (each, i) -> sink(each)),
            asked.fixed());
    return heavy.run(() -> answer(problem));
  }

  private static PortsAnswer answer(PortProblem problem) {
    PortAnswer answer = PortSolver.solve(problem);
    return new PortsAnswer(
        answer.feeds(),
        answer.moneyMinor(),
        answer.links(),
        answer.leadMm(),
        new PortReasons(problem, answer).dark(),
        PlainChanges.least(problem, answer).stream().map(PortCalculator::change).toList(),
        answer.proven(),
        answer.steps());
  }

  private static PortsChange change(LeastChanges.Way<PortProblem> way) {
    return new PortsChange(
        way.steps().stream().map(PortChange::kind).toList(),
        way.words(),
        way.moneyMinor(),
        way.risk(),
        way.after().feeds());
  }

  private static <T> T or(@Nullable T given, T usual) {
    return given == null ? usual : given;
  }

  private static Source source(AskedSource asked) {
    return new Source(
        asked.id(),
        or(asked.name(), asked.id()),
        asked.deviceId(),
        asked.plug(),
        or(asked.gbitPerSecond(), 0.0),
        or(asked.usb(), 0),
        or(asked.amps(), 0.0),
        or(asked.atOnce(), 4),
        0,
        or(asked.lacking(), ""),
        asked.mendMinor());
  }

  private static Link link(AskedLink asked) {
    return new Link(
        asked.id(),
        or(asked.name(), asked.id()),
        asked.kind(),
        asked.in(),
        asked.out(),
        or(asked.outs(), 1),
        or(asked.gbitPerSecond(), 0.0),
        or(asked.usb(), 0),
        or(asked.lengthMm(), 0.0),
        0,
        or(asked.ownAmps(), 0.0),
        or(asked.drawsAmps(), 0.0),
        or(asked.drawsPicture(), false),
        or(asked.priceMinor(), 0L),
        or(asked.owned(), 0),
        or(asked.offered(), true));
  }

  private static Sink sink(AskedSink asked) {
    return new Sink(
        asked.id(),
        or(asked.name(), asked.id()),
        or(asked.want(), Sink.Want.PICTURE),
        asked.plug(),
        or(asked.ownLead(), false),
        or(asked.reachMm(), 0.0),
        or(asked.plugFreeMm(), Sink.ROOM_MM),
        or(asked.gbitPerSecond(), 0.0),
        or(asked.megabytesPerSecond(), 0.0),
        or(asked.usb(), 0),
        or(asked.amps(), 0.0),
        Set.copyOf(Require.list(asked.refuses())),
        or(asked.mirror(), ""),
        or(asked.passesOnGbit(), 0.0));
  }
}
