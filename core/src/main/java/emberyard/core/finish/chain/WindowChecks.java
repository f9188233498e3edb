package emberyard.core.finish.chain;

import emberyard.core.build.FinishHabits;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.Drying;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.StepTime;
import emberyard.core.finish.coat.Weather;
import emberyard.core.units.Figures;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.RoomClimate;
import emberyard.core.workshop.WorkshopBook;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Holds a finish's steps, where the plan or the record puts them, against the windows of its paints
 * and the air of their days. What the plan orders can't be too early; what was done can.
 */
public final class WindowChecks {
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.UK);
  private static final int LOOK_AHEAD_DAYS = 4;
  private static final double DRIER_POINTS = 8;

  private final SchemePlan plan;
  private final Scheme scheme;
  private final Map<String, StepTime> times;
  private final Weather weather;
  private final CoatWindows windows;
  private final List<Finding> findings = new ArrayList<>();

  private WindowChecks(SchemePlan plan, Map<String, StepTime> times, WorkshopBook book) {
    this.plan = plan;
    this.scheme = plan.scheme();
    this.times = times;
    this.weather = Weather.of(book);
    this.windows = new CoatWindows(plan, weather);
  }

  /**
   * @param times by task key; a step that is not there is not judged
   */
  public static List<Finding> of(SchemePlan plan, Map<String, StepTime> times, WorkshopBook book) {
    WindowChecks checks = new WindowChecks(plan, times, book);
    List<CoatStep> coats = plan.coats();
    for (int i = 0; i < coats.size(); i++) {
      CoatStep before = plan.coatBefore(i).orElse(null);
      StepTime now = times.get(coats.get(i).key());
      if (now != null && coats.get(i).coat()) {
        checks.air(coats.get(i), now);
      }
      StepTime then = before == null ? null : times.get(before.key());
      if (now != null && then != null) {
        checks.gap(before, then, coats.get(i), now);
      }
    }
    return checks.findings;
  }

  /** When the window of a step closes, null where it has none. */
  private @Nullable LocalDateTime end(StepTime then, CoatStep step) {
    return windows
        .of(plan.coats().indexOf(step))
        .map(window -> window.closes(then.handsOnEnd()))
        .orElse(null);
  }

  private void gap(CoatStep before, StepTime then, CoatStep step, StepTime now) {
    if (now.done() && before.coat() && now.start().isBefore(then.handsOnEnd())) {
      return;
    }
    switch (step.op()) {
      case PAINT, CLEAR -> recoat(before, then, step, now);
      case PEEL -> peel(before, then, step, now);
      case STENCIL -> early(before, then, step, now, before.handleMinutes(), "dry to handle");
      case FILM ->
          early(
              before,
              then,
              step,
              now,
              before.cureMinutes() + FinishChain.FILM_REST_MINUTES,
              "cured and two days older");
      default -> early(before, then, step, now, before.handleMinutes(), "dry to handle");
    }
  }

  private LocalDateTime after(CoatStep coat, StepTime time, int minutes) {
    return weather.paces(coat.paint().base()).end(time.handsOnEnd(), minutes);
  }

  private void recoat(CoatStep before, StepTime then, CoatStep step, StepTime now) {
    early(before, then, step, now, before.recoatFromMinutes(), "ready for the next coat");
    LocalDateTime closes = end(then, step);
    if (closes == null || !now.start().isAfter(closes) || now.done()) {
      return;
    }
    String name = step.layer() + " coat " + step.number();
    findings.add(
        finding(
                Severity.RISK,
                "window/" + step.key(),
                "Recoat window closes at %s".formatted(MOMENT.format(closes)),
                "%s may be recoated until %s; %s is planned for %s."
                    .formatted(
                        before.paint().name(),
                        MOMENT.format(closes),
                        name,
                        MOMENT.format(now.start())),
                "Solvent then lifts what is half cured: it wrinkles.")
            .with(
                scuff(step),
                then.done() ? Remedy.byHand("Start at once") : startTogether(before, step, now)));
  }

  private Remedy scuff(CoatStep step) {
    return new Remedy(
        "Scuff, then recoat",
        changed(step, time -> new LayerStep.CoatTime(time.coat(), time.notBefore(), true)));
  }

  /** The layer's first coat not before the day on which the later one is planned. */
  private Remedy startTogether(CoatStep before, CoatStep step, StepTime now) {
    CoatStep first = before;
    for (CoatStep coat : plan.coats()) {
      if (coat.coat()
          && coat.stepId().equals(before.stepId())
          && times.containsKey(coat.key())
          && !times.get(coat.key()).done()) {
        first = coat;
        break;
      }
    }
    LocalDateTime start = now.start();
    return new Remedy(
        "Start %s coat %d at %s".formatted(first.layer(), first.number(), MOMENT.format(start)),
        changed(first, time -> new LayerStep.CoatTime(time.coat(), start, time.scuff())));
  }

  private Remedy.Change changed(
      CoatStep coat, java.util.function.UnaryOperator<LayerStep.CoatTime> how) {
    List<LayerStep> steps = new ArrayList<>(scheme.layers());
    steps.replaceAll(
        s -> s.id().equals(coat.stepId()) ? s.timed(how.apply(s.time(coat.number()))) : s);
    return Remedy.Change.items("schemes", scheme.id(), "layers", steps);
  }

  private void early(
      CoatStep before, StepTime then, CoatStep step, StepTime now, int minutes, String what) {
    LocalDateTime ready = after(before, then, minutes);
    if (!now.done() || !then.done() || !now.start().isBefore(ready)) {
      return;
    }
    boolean coat = step.coat();
    findings.add(
        finding(
                coat ? Severity.RISK : Severity.STOP,
                "early/" + step.key(),
                "%s came %s too early"
                    .formatted(
                        coat ? "Coat %d of %s".formatted(step.number(), step.layer()) : cap(step),
                        Figures.minutes(Duration.between(now.start(), ready).toMinutes())),
                "%s was %s at %s only."
                    .formatted(before.paint().name(), what, MOMENT.format(ready)),
                coat
                    ? "Solvent is shut in: it blisters or stays soft."
                    : "It sticks to soft paint and takes it along.")
            .with(Remedy.byHand("Let it harden, look at it against the light, repair what shows")));
  }

  private static String cap(CoatStep step) {
    String words = step.op().words();
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  private void peel(CoatStep before, StepTime then, CoatStep step, StepTime now) {
    boolean soft = scheme.habits().peeling() == FinishHabits.Peeling.SOFT;
    LocalDateTime closes = end(then, step);
    if (!soft) {
      early(before, then, step, now, before.handleMinutes(), "dry to handle");
    }
    if (!now.start().isAfter(closes)) {
      return;
    }
    findings.add(
        finding(
                Severity.RISK,
                "peel/" + step.key(),
                "Peel window %s at %s"
                    .formatted(now.done() ? "had closed" : "closes", MOMENT.format(closes)),
                soft
                    ? "A soft peel wants to be done within %s of the last coat; it is planned for %s."
                        .formatted(
                            Figures.minutes(before.handleMinutes()), MOMENT.format(now.start()))
                    : "A dry peel wants to be done before cure + 3 days; it is planned for %s."
                        .formatted(MOMENT.format(now.start())),
                "The edge tears or lifts, and glue stays.")
            .with(
                soft
                    ? new Remedy(
                        "Peel it dry and score the edge",
                        new Remedy.Change("schemes", scheme.id(), "habits.peeling", 0, "DRY"))
                    : Remedy.byHand("Warm it, score the edge, peel it slowly"),
                then.done() ? Remedy.byHand("Peel it now") : startTogether(before, step, now)));
  }

  /** The air of the day a coat is planned for. */
  private void air(CoatStep coat, StepTime now) {
    if (now.done()) {
      return;
    }
    LocalDate day = now.start().toLocalDate();
    PaintBase base = coat.paint().base();
    RoomClimate air = weather.on(day);
    @Nullable LocalDate better = better(day, air, base);
    boolean first = coat.number() == 1;
    if (!first || better == null || !weather.known(day)) {
      return;
    }
    double factor = Drying.factor(air, base);
    RoomClimate then = weather.on(better);
    findings.add(
        finding(
                Severity.NOTE,
                "damp/" + coat.key(),
                "%s is damp: drying × %.2f".formatted(name(day), factor),
                "%s on %s, %s coat 1; %s on %s is × %.2f."
                    .formatted(
                        AirFindings.words(air),
                        Figures.day(day),
                        coat.layer(),
                        AirFindings.words(then),
                        Figures.day(better),
                        Drying.factor(then, base)),
                "Slow drying catches dust, and the waits grow.")
            .with(
                new Remedy(
                    "Wait for %s: %s %%"
                        .formatted(name(better), Figures.plain(then.humidityPercent())),
                    changed(
                        coat,
                        time ->
                            new LayerStep.CoatTime(
                                time.coat(), better.atStartOfDay(), time.scuff())))));
  }

  /** The driest of the next days, where it is drier by enough. */
  private @Nullable LocalDate better(LocalDate day, RoomClimate air, PaintBase base) {
    LocalDate best = null;
    for (int ahead = 1; ahead <= LOOK_AHEAD_DAYS; ahead++) {
      LocalDate later = day.plusDays(ahead);
      boolean drier =
          weather.known(later)
              && weather.on(later).humidityPercent() <= air.humidityPercent() - DRIER_POINTS
              && Drying.in(weather.on(later), base).sprayable();
      if (drier
          && (best == null
              || weather.on(later).humidityPercent() < weather.on(best).humidityPercent())) {
        best = later;
      }
    }
    return best;
  }

  private static String name(LocalDate day) {
    return day.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.UK);
  }

  private Finding finding(Severity severity, String rule, String title, String detail, String why) {
    return Finding.of(severity, "finish", "scheme:" + scheme.id() + "/" + rule, title, detail, why)
        .about(scheme.id());
  }
}
