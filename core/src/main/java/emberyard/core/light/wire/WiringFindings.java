package emberyard.core.light.wire;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.FixedWay;
import emberyard.core.build.Plug;
import emberyard.core.build.Rail;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed.PowerFrom;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import emberyard.core.light.port.Link;
import emberyard.core.light.port.PortAnswer.WireFeed;
import emberyard.core.light.port.PortAnswer.WirePiece;
import emberyard.core.light.port.PortReasons.DarkSink;
import emberyard.core.light.port.Sink;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Judgements on what is fed, said before anything is bought. */
final class WiringFindings {
  private final Build build;
  private final Wired wired;
  private final List<Finding> findings = new ArrayList<>();

  private WiringFindings(Build build, Wired wired) {
    this.build = build;
    this.wired = wired;
  }

  static List<Finding> of(
      Build build,
      Wired wired,
      List<DarkSink> dark,
      List<WiringModel.WiringChange> changes,
      List<ColdStart> starts) {
    WiringFindings all = new WiringFindings(build, wired);
    all.dark(dark, changes);
    wired.answer().feeds().forEach(all::fed);
    starts.forEach(all::start);
    build.screens().forEach(all::fedTwice);
    all.unused();
    build.fixedWays().forEach(all::nowhere);
    if (!wired.answer().proven()) {
      all.findings.add(unproven());
    }
    return List.copyOf(all.findings);
  }

  /** One a thing; while there is nothing to plug into yet, one for all. */
  private void dark(List<DarkSink> dark, List<WiringModel.WiringChange> changes) {
    boolean nothing = wired.problem().sources().isEmpty();
    if (nothing && !dark.isEmpty()) {
      findings.add(
          Finding.of(
                  Severity.NOTE,
                  "light",
                  "wire/nothing-gives",
                  "%d %s no card or board to be fed from yet"
                      .formatted(dark.size(), dark.size() == 1 ? "thing has" : "things have"),
                  "Outputs and USB ports come with the hardware.",
                  "What feeds what is solved as soon as there is something to plug into.")
              .with(Remedy.byHand("Choose a card or a board under Fit")));
      return;
    }
    boolean first = true;
    for (DarkSink each : dark) {
      Sink sink = wired.sink(each.sinkId()).orElseThrow();
      Finding finding =
          Finding.of(
                  sink.shows() ? Severity.STOP : Severity.RISK,
                  "light",
                  "wire:" + sink.id() + "/dark",
                  sink.shows()
                      ? "%s stays dark".formatted(sink.name())
                      : "%s has no port".formatted(sink.name()),
                  each.words(),
                  sink.shows()
                      ? "Seen only when all is built in, it costs days."
                      : "What has no port does nothing, or is bought twice.")
              .about(thing(sink.id()));
      findings.add(first ? finding.with(ways(changes)) : finding.with(first(dark)));
      first = false;
    }
  }

  private Remedy first(List<DarkSink> dark) {
    return Remedy.byHand(
        "Every change offered for %s lights this too"
            .formatted(wired.sink(dark.get(0).sinkId()).orElseThrow().name()));
  }

  private static Remedy[] ways(List<WiringModel.WiringChange> changes) {
    return changes.isEmpty()
        ? new Remedy[] {Remedy.byHand("Fewer screens, or hardware with more outputs")}
        : changes.stream()
            .map(
                change ->
                    new Remedy(
                        change.words() + besides(change),
                        new Change("wiring", "", change.words(), 0),
                        change.costMinor(),
                        null))
            .toArray(Remedy[]::new);
  }

  /** " (4 days to wait; look up whether the board takes it)" */
  private static String besides(WiringModel.WiringChange change) {
    List<String> words = new ArrayList<>();
    if (change.leadDays() > 0) {
      words.add(change.leadDays() == 1 ? "1 day to wait" : change.leadDays() + " days to wait");
    }
    if (!change.risk().isEmpty()) {
      words.add(change.risk());
    }
    return words.isEmpty() ? "" : " (%s)".formatted(String.join("; ", words));
  }

  /** The thing of the build behind a sink: a touch is its screen’s. */
  private static String thing(String sinkId) {
    return sinkId.split("[/~]", 2)[0];
  }

  private void fed(WireFeed feed) {
    Sink sink = wired.sink(feed.sinkId()).orElseThrow();
    build.things().find(Screen.class, sink.id()).ifPresent(screen -> screen(screen, feed));
  }

  private void screen(Screen screen, WireFeed feed) {
    if (screen.plugFreeMm() != null
        && screen.plugFreeMm() < LinksOf.PLUG_MM
        && feed.lead() != null) {
      Link lead = wired.link(feed.lead().linkId());
      findings.add(
          Finding.of(
                  Severity.NOTE,
                  "light",
                  "wire:" + screen.id() + "/plug",
                  "A straight plug of %s would hit: %s is taken"
                      .formatted(screen.name(), lead.name()),
                  "%s straight out (default), %s free; this one takes %s."
                      .formatted(
                          Figures.mm(LinksOf.PLUG_MM),
                          Figures.mm(screen.plugFreeMm()),
                          Figures.mm(lead.plugMm())),
                  "A plug that hits wall or lid is found out when the lid closes.")
              .about(screen.id()));
    }
    if (wired.source(feed.sourceId()).plug() == Plug.EMBEDDED) {
      header(screen, wired.source(feed.sourceId()).deviceId());
    }
  }

  /** The 5 V of a USB lead and those of the supply are never joined. */
  private void fedTwice(Screen screen) {
    PowerFrom from = screen.fed().powerFrom();
    boolean lead = from == PowerFrom.SUPPLY_LEAD || from == null && screen.fed().touch();
    boolean carries =
        screen.fed().touch()
            || screen.input() == Screen.Input.DATA
            || screen.input() == Screen.Input.TYPE_C;
    if (!lead || !carries || screen.rail() != Rail.V5) {
      return;
    }
    findings.add(
        Finding.of(
                Severity.RISK,
                "light",
                "wire:" + screen.id() + "/two-feeds",
                "Two sources of 5 V meet in %s".formatted(screen.name()),
                "A lead of the supply feeds it, and its %s brings 5 V of the board."
                    .formatted(screen.fed().touch() ? "touch" : "picture lead"),
                "One feeds back into the other: the board stays half awake, or burns a port.")
            .about(screen.id())
            .with(
                new Remedy(
                    "Take its current from %s".formatted(PowerFrom.USB.words()),
                    new Change("screens", screen.id(), "feed.powerFrom", 0, PowerFrom.USB.name())),
                Remedy.byHand(
                    "Take a USB lead without the 5 V wire, if its maker says both are apart")));
  }

  /** Pin order, lanes and backlight volts are the makers’ own. */
  private void header(Screen screen, String deviceId) {
    if (screen.confirmedWith().equals(deviceId)) {
      return;
    }
    String board = build.component(deviceId).map(Component::name).orElse(deviceId);
    findings.add(
        Finding.of(
                Severity.STOP,
                "light",
                "wire:" + screen.id() + "/header",
                "Nobody has confirmed that %s and %s are a pair".formatted(screen.name(), board),
                "Embedded display headers have no standard: pin order, lanes and backlight volts"
                    + " differ from maker to maker.",
                "The wrong pair burns the panel, or the board, at the first start.")
            .about(screen.id())
            .with(
                new Remedy(
                    "Confirmed by both data sheets: pins, lanes, backlight volts",
                    new Change("screens", screen.id(), "confirmedWith", 0, deviceId)),
                Remedy.byHand("Take a screen with a standard input")));
  }

  private void start(ColdStart start) {
    findings.add(
        Finding.of(
                Severity.NOTE,
                "light",
                "wire:" + start.sinkId() + "/starts",
                "To be proven on the bench: %s, %d cold starts"
                    .formatted(start.what(), start.starts()),
                "%s; %s."
                    .formatted(
                        Character.toUpperCase(start.because().charAt(0))
                            + start.because().substring(1),
                        start.proves()),
                "It is a gate before it is mounted.")
            .about(thing(start.sinkId())));
  }

  /** Links that are there and that nothing hangs on. */
  private void unused() {
    Set<String> used =
        wired.answer().feeds().stream()
            .flatMap(feed -> Stream.concat(feed.through().stream(), Stream.ofNullable(feed.lead())))
            .map(WirePiece::linkId)
            .collect(Collectors.toSet());
    for (Component component : build.components()) {
      if (LinksOf.isLink(component)
          && !used.contains(component.productId())
          && !used.contains("component:" + component.id())) {
        findings.add(
            Finding.of(
                    Severity.NOTE,
                    "light",
                    "wire:" + component.id() + "/unused",
                    "Nothing hangs on %s".formatted(component.name()),
                    "All that can be fed is fed with fewer pieces without it.",
                    "What is not needed needs no place and no money.")
                .about(component.id()));
      }
    }
  }

  private void nowhere(FixedWay way) {
    boolean sink = wired.sink(way.sinkId()).isPresent();
    boolean source =
        wired.problem().sources().stream().anyMatch(each -> each.id().equals(way.sourceId()));
    if (!sink || !source) {
      findings.add(
          Finding.of(
                  Severity.RISK,
                  "light",
                  "wire:" + way.id() + "/nowhere",
                  "“%s” was fixed by hand and leads nowhere any more".formatted(way.name()),
                  sink ? "Its socket is gone." : "What it fed is gone.",
                  "The rest is solved as if it were not there.")
              .about(way.id())
              .with(new Remedy("Let it go", new Change("fixed-ways", way.id(), "", 0))));
    }
  }

  private static Finding unproven() {
    return Finding.of(
        Severity.NOTE,
        "light",
        "wire/not-proven",
        "The wiring is the best found, not proven the best",
        "There are more ways to wire it than could be tried in the steps allowed.",
        "A cheaper way may exist.");
  }
}
