package emberyard.core.finish.coat;

import emberyard.core.units.Figures;
import emberyard.core.units.Require;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.RoomClimate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Coats in air that changes by the hour: when each may begin, when its windows open and close, and
 * what breaks a rule. Drying is summed up hour by hour: an hour at factor f counts 60 ÷ f minutes.
 */
public final class CoatWindow {
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.UK);
  private static final int LONGEST_HOURS = 24 * 400;

  private final TreeMap<LocalDateTime, RoomClimate> air = new TreeMap<>();
  private final List<String> violations = new ArrayList<>();

  private CoatWindow(List<AirHour> hours) {
    Require.between("weather", hours.size(), 1, 5_000, "hours");
    Require.each("weather", hours, (hour, index) -> air.put(hour.at(), hour.climate()));
  }

  /** The air from this moment on. */
  public record AirHour(LocalDateTime at, double temperatureC, double humidityPercent) {
    public AirHour {
      Require.given("at", at);
    }

    RoomClimate climate() {
      return new RoomClimate(temperatureC, humidityPercent);
    }
  }

  /**
   * One coat, its times at 20 °C and 50 %.
   *
   * @param startAt null for as soon as it may
   * @param sprayMinutes hands-on, 0 to 1,000
   * @param recoatUntilMinutes 0 for any time
   */
  public record CoatAsked(
      PaintBase base,
      @Nullable LocalDateTime startAt,
      int sprayMinutes,
      int flashMinutes,
      int recoatFromMinutes,
      int recoatUntilMinutes,
      double handleHours,
      double cureHours) {
    public CoatAsked {
      Require.given("base", base);
      Require.between("sprayMinutes", sprayMinutes, 0, 1_000, "min");
      Require.between("flashMinutes", flashMinutes, 0, 10_000, "min");
      Require.between("recoatFromMinutes", recoatFromMinutes, flashMinutes, 20_000, "min");
      Require.between("recoatUntilMinutes", recoatUntilMinutes, 0, 100_000, "min");
      Require.between("handleHours", handleHours, 0, 2_000, "h");
      Require.between("cureHours", cureHours, handleHours, 5_000, "h");
    }
  }

  /** When a coat is sprayed and when its ends come. */
  public record CoatTimes(
      int coat,
      LocalDateTime start,
      LocalDateTime end,
      LocalDateTime flashed,
      LocalDateTime recoatFrom,
      @Nullable LocalDateTime recoatUntil,
      LocalDateTime handle,
      LocalDateTime cured) {}

  /** All coats, and what breaks a rule. */
  public record CoatPlan(List<CoatTimes> times, List<String> violations) {}

  /**
   * @param start of the first coat where it names none
   * @param hours what the air is from each moment on; the first counts before it too
   */
  public static CoatPlan of(LocalDateTime start, List<CoatAsked> coats, List<AirHour> hours) {
    Require.given("start", start);
    Require.between("coats", coats.size(), 1, 40, "coats");
    return new CoatWindow(hours).plan(start, coats);
  }

  private CoatPlan plan(LocalDateTime start, List<CoatAsked> coats) {
    List<CoatTimes> times = new ArrayList<>();
    LocalDateTime next = start;
    for (CoatAsked coat : coats) {
      LocalDateTime begin = coat.startAt() == null ? next : coat.startAt();
      int number = times.size() + 1;
      if (!times.isEmpty()) {
        gap(times.get(times.size() - 1), number, begin);
      }
      Drying.in(at(begin), coat.base())
          .reasons()
          .forEach(
              reason ->
                  violations.add(
                      "Coat %d at %s: do not spray. %s"
                          .formatted(number, MOMENT.format(begin), reason)));
      LocalDateTime end = begin.plusMinutes(coat.sprayMinutes());
      CoatTimes one =
          new CoatTimes(
              number,
              begin,
              end,
              after(end, coat.flashMinutes(), coat.base()),
              after(end, coat.recoatFromMinutes(), coat.base()),
              coat.recoatUntilMinutes() == 0
                  ? null
                  : after(end, coat.recoatUntilMinutes(), coat.base()),
              after(end, coat.handleHours() * 60, coat.base()),
              after(end, coat.cureHours() * 60, coat.base()));
      times.add(one);
      next = one.recoatFrom();
    }
    return new CoatPlan(times, List.copyOf(violations));
  }

  private void gap(CoatTimes before, int number, LocalDateTime begin) {
    if (begin.isBefore(before.recoatFrom())) {
      violations.add(
          "Coat %d at %s comes %s too early: not before %s."
              .formatted(
                  number,
                  MOMENT.format(begin),
                  Figures.minutes(begin.until(before.recoatFrom(), ChronoUnit.MINUTES)),
                  MOMENT.format(before.recoatFrom())));
    }
    LocalDateTime until = before.recoatUntil();
    if (until != null && begin.isAfter(until)) {
      violations.add(
          "Coat %d at %s comes after the recoat window, which closes at %s: scuff, clean, recoat."
              .formatted(number, MOMENT.format(begin), MOMENT.format(until)));
    }
  }

  private RoomClimate at(LocalDateTime moment) {
    var entry = air.floorEntry(moment);
    return (entry == null ? air.firstEntry() : entry).getValue();
  }

  /** Whole minutes, rounded up. */
  private LocalDateTime after(LocalDateTime begin, double minutes, PaintBase base) {
    LocalDateTime at = begin;
    double left = minutes;
    for (int hour = 0; hour < LONGEST_HOURS; hour++) {
      LocalDateTime change = air.higherKey(at);
      LocalDateTime until = change == null ? at.plusDays(400) : change;
      double factor = Drying.factor(at(at), base);
      double passes = at.until(until, ChronoUnit.SECONDS) / 60.0 / factor;
      if (passes >= left) {
        return at.plusMinutes((long) Math.ceil(left * factor - 1e-9));
      }
      left -= passes;
      at = until;
    }
    return at;
  }
}
