package emberyard.core.light.run;

import emberyard.core.build.Build;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Rail;
import emberyard.core.build.RunData;
import emberyard.core.build.RunFeed;
import emberyard.core.build.RunGlow;
import emberyard.core.build.Scene;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import emberyard.core.glow.SceneGlow;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;
import org.jspecify.annotations.Nullable;

/** Judgements on light runs: current, volts, fuses, data, and whether one sees dots. */
public final class RunFindings {
  /** Longer leads of data want a resistor and a ground beside them (handbook). */
  private static final double SHORT_DATA_MM = 300;

  /** Darker than this is as good as off: nothing that is offered. */
  private static final int LEAST_PERCENT = 5;

  private final Run run;
  private final LightStrip strip;
  private final List<Finding> findings = new ArrayList<>();

  private RunFindings(Run run) {
    this.run = run;
    this.strip = run.strip();
  }

  public static List<Finding> of(Build build) {
    List<Finding> all = new ArrayList<>();
    for (Run run : Run.of(build)) {
      RunFindings each = new RunFindings(run);
      each.header();
      each.volts();
      each.print();
      each.fuse();
      each.channel();
      each.data();
      each.dots();
      each.modes();
      all.addAll(each.findings);
    }
    return all;
  }

  private void add(
      Severity severity, String rule, String title, String detail, String why, List<Remedy> ways) {
    findings.add(
        Finding.of(severity, "light", "strip:" + strip.id() + "/" + rule, title, detail, why)
            .about(strip.id())
            .with(ways.toArray(Remedy[]::new)));
  }

  private Remedy set(String words, String field, double value) {
    return new Remedy(words, new Change("strips", strip.id(), field, value));
  }

  private Remedy choose(String words, String field, String value) {
    return new Remedy(words, new Change("strips", strip.id(), field, 0, value));
  }

  private void header() {
    if (!strip.onHeader()) {
      return;
    }
    Run.Load worst = run.worst();
    if (worst.amps() > LightStrip.HEADER_AMPS) {
      overloaded(worst);
    } else if (worst.scene() != null && strip.amps() > LightStrip.HEADER_AMPS) {
      add(
          Severity.NOTE,
          "full-white",
          "At full white %s would draw %.1f A; a header gives 3.0 A"
              .formatted(strip.name(), strip.amps()),
          "No scene asks for more than %.1f A.".formatted(worst.amps()),
          "A controller that starts in white, or a program of somebody else, burns the header’s trace.",
          List.of(
              Remedy.byHand("Limit the current in its controller"),
              choose("Feed it from a supply lead", "feed", LightStrip.Feed.SUPPLY_LEAD.name())));
    }
  }

  private void overloaded(Run.Load worst) {
    List<Remedy> ways = new ArrayList<>();
    ways.add(
        choose(
            "Feed it from a supply lead%s, data from the header"
                .formatted(
                    Fuse.amps(worst.amps())
                        .map(amps -> " with a fuse of %s A".formatted(Figures.plain(amps)))
                        .orElse("")),
            "feed",
            LightStrip.Feed.SUPPLY_LEAD.name()));
    dimmed(worst, amps -> amps <= LightStrip.HEADER_AMPS).ifPresent(ways::add);
    boolean follows = run.laid() != null && run.laid().given();
    if (!follows && strip.shape().byTheMetre()) {
      double each = worst.amps() * 1_000 / strip.leds();
      double fits =
          Math.floor(
              Math.floor(LightStrip.HEADER_AMPS * 1_000 / each) / strip.ledsPerMetre() * 1_000);
      if (fits >= 5) {
        ways.add(set("Shorten it to " + Figures.mm(fits), "lengthMm", fits));
      }
    }
    add(
        Severity.STOP,
        "header",
        "%s draws %.1f A%s; a header gives 3.0 A"
            .formatted(strip.name(), worst.amps(), scene(worst)),
        "%d LEDs × %s mA, %s V."
            .formatted(
                strip.leds(),
                Figures.plain(Math.round(worst.amps() * 1e5 / strip.leds()) / 100.0),
                Figures.plain(strip.rail().volts())),
        "The header's trace on the board burns, or the strip goes brown and flickers.",
        ways);
  }

  private static String scene(Run.Load load) {
    return load.scene() == null ? " at full white" : " " + load.words();
  }

  /** The scene darkened until it is enough, where no other asks too much as well. */
  private Optional<Remedy> dimmed(Run.Load load, DoublePredicate fits) {
    SceneGlow glow = load.glow();
    Scene scene = load.scene();
    long over = run.loads().stream().filter(each -> !fits.test(each.amps())).count();
    if (glow == null || scene == null || over > 1 || !glow.glow().dims()) {
      return Optional.empty();
    }
    for (int percent = (int) Math.ceil(glow.brightness() * 100) - 1;
        percent >= LEAST_PERCENT;
        percent--) {
      if (fits.test(glow.glow().amps(glow.colour(), percent / 100.0))) {
        RunGlow told = scene.glow(strip.id()).orElse(RunGlow.of(strip.id(), 100));
        return Optional.of(
            new Remedy(
                "“%s” at %d %%".formatted(scene.name(), percent),
                Change.items("scenes", scene.id(), "runs", scene.with(told.at(percent)).runs())));
      }
    }
    return Optional.empty();
  }

  private void volts() {
    Run.Load worst = run.worst();
    RunFeed feed = strip.feeding();
    VoltDrop drop = run.drop(worst);
    if (run.enough(worst.amps(), feed)) {
      return;
    }
    List<Remedy> ways = new ArrayList<>();
    run.feeds(worst.amps()).map(this::fedAt).ifPresent(ways::add);
    thicker(worst).ifPresent(ways::add);
    dimmed(worst, amps -> run.enough(amps, feed)).ifPresent(ways::add);
    if (ways.isEmpty()) {
      ways.add(Remedy.byHand("A strip of more volts, or several with a lead each"));
    }
    double lead = drop.mostFeedAmps() * run.leadOhm();
    VoltDrop.LowStretch first = drop.below(run.leastVolts()).get(0);
    add(
        Severity.RISK,
        "volts",
        "%s turns yellow %s%s".formatted(strip.name(), where(first), scene(worst)),
        "%.2f V at its source − %.2f V in its lead − %.2f V in the strip = %.2f V at the worst LED; %.2f V needed."
            .formatted(
                run.sourceVolts(),
                lead,
                run.sourceVolts() - lead - drop.worst(),
                drop.worst(),
                run.leastVolts()),
        "Blue gives out first: white turns yellow, then brown, and the far end flickers.",
        ways);
  }

  private String where(VoltDrop.LowStretch low) {
    if (low.fromMm() < 1 && low.toMm() > strip.lengthMm() - 1) {
      return "all along";
    }
    return low.toMm() > strip.lengthMm() - 1
        ? "beyond " + Figures.mm(Math.floor(low.fromMm()))
        : low.fromMm() < 1
            ? "up to " + Figures.mm(Math.ceil(low.toMm()))
            : "from %s to %s"
                .formatted(Figures.mm(Math.floor(low.fromMm())), Figures.mm(Math.ceil(low.toMm())));
  }

  private Remedy fedAt(RunFeed feed) {
    return set(
        feed.feeds() == 2 ? "Feed both ends" : "Feed it at %d places".formatted(feed.feeds()),
        "fed.feeds",
        feed.feeds());
  }

  /** A thicker lead, where that alone is enough. */
  private Optional<Remedy> thicker(Run.Load worst) {
    for (double mm2 : List.of(0.5, 0.75, 1.0, 1.5, 2.5)) {
      if (mm2 > strip.feeding().leadMm2()
          && run.enough(worst.amps(), strip.feeding().through(mm2))) {
        return Optional.of(
            set("A lead of %s mm²".formatted(Figures.plain(mm2)), "fed.leadMm2", mm2));
      }
    }
    return Optional.empty();
  }

  private void print() {
    Run.Load worst = run.worst();
    if (strip.onHeader() && worst.amps() > LightStrip.HEADER_AMPS
        || run.printBears(worst.amps(), strip.feeding())) {
      return;
    }
    List<Remedy> ways = new ArrayList<>();
    run.feeds(worst.amps()).map(this::fedAt).ifPresent(ways::add);
    dimmed(worst, amps -> run.printBears(amps, strip.feeding())).ifPresent(ways::add);
    ways.add(Remedy.byHand("Cut it in two, with a feed each"));
    add(
        Severity.RISK,
        "print",
        "%.1f A go into %s at one place%s; its print carries 3.0 A"
            .formatted(run.drop(worst).mostFeedAmps(), strip.name(), scene(worst)),
        "%.1f A over %d %s."
            .formatted(
                worst.amps(),
                strip.feeding().feeds(),
                strip.feeding().feeds() == 1 ? "feed" : "feeds"),
        "The copper at the feed warms until the glue lets go and the first LEDs die.",
        ways);
  }

  private void fuse() {
    Double fuse = run.fuseAmps().orElse(null);
    double bears = Fuse.bears(strip.feeding().leadMm2());
    if (fuse == null || fuse <= bears) {
      return;
    }
    List<Remedy> ways = new ArrayList<>();
    Fuse.leadFor(fuse)
        .ifPresent(
            mm2 ->
                ways.add(
                    set("A lead of %s mm²".formatted(Figures.plain(mm2)), "fed.leadMm2", mm2)));
    run.feeds(run.worst().amps()).filter(this::fused).map(this::fedAt).ifPresent(ways::add);
    add(
        Severity.STOP,
        "fuse",
        "The lead of %s burns before its fuse does".formatted(strip.name()),
        "A fuse of %s A is needed; %s mm² bears %s A (default)."
            .formatted(
                Figures.plain(fuse),
                Figures.plain(strip.feeding().leadMm2()),
                Figures.plain(bears)),
        "A supply gives twenty amperes and more into a short: the thinnest lead behind it decides what the fuse may be.",
        ways);
  }

  /** Whether fed so, the fuse is one that its lead bears. */
  private boolean fused(RunFeed feed) {
    double most = run.drop(run.worst().amps(), feed).mostFeedAmps();
    return Fuse.amps(most).filter(amps -> amps <= Fuse.bears(feed.leadMm2())).isPresent();
  }

  private void channel() {
    Integer most = strip.told().mostLeds();
    if (most == null || !strip.works().addressed() || strip.leds() <= most) {
      return;
    }
    add(
        Severity.STOP,
        "channel",
        "%s has %d LEDs; a channel of its controller drives %d"
            .formatted(strip.name(), strip.leds(), most),
        "Those behind the %dth stay dark or show what the first ones show.".formatted(most),
        "Data runs from LED to LED, and a controller sends no more than it was made for.",
        List.of(
            Remedy.byHand("Two channels, with the strip cut between"),
            Remedy.byHand("A controller that drives more")));
  }

  private void data() {
    RunData told = strip.told();
    if (!strip.works().addressed()) {
      return;
    }
    if (told.level() == RunData.Level.V3 && strip.rail() == Rail.V5 && !told.shifter()) {
      add(
          Severity.RISK,
          "shifter",
          "Data of 3.3 V into LEDs of 5 V, without a level shifter",
          "%s wants 3.5 V for a one.".formatted(strip.name()),
          "It works on the bench and flickers once the supply is warm.",
          List.of(set("Put a level shifter between", "data.shifter", 1)));
    }
    if (told.leadMm() > SHORT_DATA_MM && !told.resistor()) {
      add(
          Severity.NOTE,
          "data-lead",
          "%s of data lead to %s without a resistor"
              .formatted(Figures.mm(told.leadMm()), strip.name()),
          "Over %s: 330 to 470 Ω at the source, and a ground beside it."
              .formatted(Figures.mm(SHORT_DATA_MM)),
          "Edges ring on a long lead: the first LED shows colours that nobody sent.",
          List.of(set("Put a resistor and a ground beside it", "data.resistor", 1)));
    }
  }

  private void dots() {
    Double distance = strip.diffuserMm();
    if (distance == null || distance == 0 || strip.leds() < 2) {
      return;
    }
    double uneven = Dots.unevenPercent(run.pitchMm(), distance);
    if (uneven < Dots.LINE_PERCENT) {
      return;
    }
    double line = Dots.lineMm(run.pitchMm());
    add(
        Severity.NOTE,
        "dots",
        "%s reads as dots: %.0f %% uneven; below 5 %% reads as a line"
            .formatted(strip.name(), uneven),
        "LEDs %s apart, %s behind what they shine through."
            .formatted(Figures.mm(run.pitchMm()), Figures.mm(distance)),
        "The eye finds a row of dots where a line was meant.",
        List.of(
            set("Keep it %s away".formatted(Figures.mm(line)), "diffuserMm", line),
            Remedy.byHand("A strip with more LEDs a metre")));
  }

  /** What can't be dimmed is found out on camera, once it is built in. */
  private void modes() {
    RunData.Control only = strip.told().only();
    Run.@Nullable Load asked =
        run.loads().stream()
            .filter(load -> load.scene() != null)
            .filter(load -> load.scene().glow(strip.id()).filter(RunGlow::dimming).isPresent())
            .findFirst()
            .orElse(null);
    if (only.dims() || asked == null) {
      return;
    }
    add(
        Severity.RISK,
        "modes",
        "%s can’t be dimmed, and “%s” asks for it".formatted(strip.name(), asked.scene().name()),
        "Its controller %s.".formatted(only.words()),
        "It is found out on camera, when it is built in.",
        List.of(
            choose(
                "A controller that sends colours", "data.only", RunData.Control.COLOURS.name())));
  }
}
