package emberyard.core.plan;

import emberyard.core.units.Require;
import emberyard.core.workshop.OpenHours;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * Working time that returns every week, but on some days: where work may happen, and arithmetic in
 * working minutes. All operations take time proportional to the number of stretches in a week and
 * of days that are unlike it.
 */
public final class WeeklyHours {
  static final long WEEK = 7 * 24 * 60;

  /** 1970-01-01 was a Thursday: three days after the Monday that begins its week. */
  private static final long MONDAY_SHIFT = 3 * 24 * 60;

  private static final long DAY = 24 * 60;

  private final List<Span> week;
  private final long minutesAWeek;
  private final long longestInADay;

  /** What is worked on days that are unlike the week, by their first minute. */
  private final NavigableMap<Long, List<Span>> unlike;

  private WeeklyHours(List<Span> week, long longestInADay, NavigableMap<Long, List<Span>> unlike) {
    this.week = week;
    this.longestInADay = longestInADay;
    this.unlike = unlike;
    this.minutesAWeek = week.stream().mapToLong(Span::minutes).sum();
  }

  /**
   * Overlapping and touching stretches are joined.
   *
   * @param hours at least one, else {@link emberyard.core.units.InvalidValue} on {@code hours}
   */
  public static WeeklyHours of(List<OpenHours> hours) {
    Require.that(!hours.isEmpty(), "hours", "There are no working hours, so nothing can be done.");
    List<Span> spans = hours.stream().map(WeeklyHours::span).toList();
    return new WeeklyHours(
        joined(spans),
        spans.stream().mapToLong(Span::minutes).max().orElse(0),
        Collections.emptyNavigableMap());
  }

  /**
   * The same weeks, but with other hours on some days.
   *
   * @param days what is worked on each of them, nothing for a day off
   */
  public WeeklyHours but(Map<LocalDate, List<OpenHours>> days) {
    NavigableMap<Long, List<Span>> other = new TreeMap<>();
    days.forEach(
        (date, hours) -> {
          long first = BenchClock.minute(date.atStartOfDay());
          List<Span> spans =
              hours.stream()
                  .map(
                      each ->
                          new Span(
                              first + OpenHours.minuteOf(each.from()),
                              first + OpenHours.minuteOf(each.to())))
                  .toList();
          other.put(first, joined(spans));
        });
    return new WeeklyHours(week, longestInADay, other);
  }

  private static List<Span> joined(List<Span> spans) {
    List<Span> joined = new ArrayList<>();
    for (Span span : spans.stream().sorted(Comparator.comparingLong(Span::from)).toList()) {
      int last = joined.size() - 1;
      if (last >= 0 && joined.get(last).to() >= span.from()) {
        Span before = joined.get(last);
        joined.set(last, new Span(before.from(), Math.max(before.to(), span.to())));
      } else {
        joined.add(span);
      }
    }
    return List.copyOf(joined);
  }

  private static Span span(OpenHours hours) {
    long day = (hours.day().getValue() - 1) * 24L * 60;
    return new Span(day + OpenHours.minuteOf(hours.from()), day + OpenHours.minuteOf(hours.to()));
  }

  /**
   * Working stretches of a week, begin and end in turns, ascending.
   *
   * @param first its first minute, on a mirrored clock that of its Sunday's end
   */
  long[] weekAt(long first, boolean mirrored) {
    return unlike.isEmpty() ? usualAt(first, mirrored) : at(first, mirrored);
  }

  private long[] usualAt(long first, boolean mirrored) {
    long[] bounds = new long[2 * week.size()];
    for (int i = 0; i < week.size(); i++) {
      Span span = week.get(mirrored ? week.size() - 1 - i : i);
      bounds[2 * i] = first + (mirrored ? WEEK - span.to() : span.from());
      bounds[2 * i + 1] = first + (mirrored ? WEEK - span.from() : span.to());
    }
    return bounds;
  }

  private long[] at(long first, boolean mirrored) {
    List<Span> spans = spansOf(mirrored ? -first - WEEK : first);
    long[] bounds = new long[2 * spans.size()];
    for (int i = 0; i < spans.size(); i++) {
      Span span = spans.get(mirrored ? spans.size() - 1 - i : i);
      bounds[2 * i] = mirrored ? -span.to() : span.from();
      bounds[2 * i + 1] = mirrored ? -span.from() : span.to();
    }
    return bounds;
  }

  /** The stretches of the week that begins with a Monday. */
  private List<Span> spansOf(long monday) {
    List<Span> usual =
        week.stream().map(span -> new Span(monday + span.from(), monday + span.to())).toList();
    Map<Long, List<Span>> here = unlike.subMap(monday, monday + WEEK);
    if (here.isEmpty()) {
      return usual;
    }
    List<Span> spans = new ArrayList<>();
    for (long day = monday; day < monday + WEEK; day += DAY) {
      spans.addAll(here.containsKey(day) ? here.get(day) : within(usual, day));
    }
    return joined(spans);
  }

  /** What of these stretches lies in a day. */
  private static List<Span> within(List<Span> spans, long day) {
    return spans.stream()
        .filter(span -> span.from() < day + DAY && day < span.to())
        .map(span -> new Span(Math.max(span.from(), day), Math.min(span.to(), day + DAY)))
        .toList();
  }

  /** The Monday 00:00 at or before a minute. */
  static long mondayOf(long minute) {
    return minute - Math.floorMod(minute + MONDAY_SHIFT, WEEK);
  }

  /** Longest time one can work without a break between two midnights. */
  long longestInADay() {
    return longestInADay;
  }

  /** Longest time one can work without a break; two days joined at midnight count as one. */
  public long longestStretch() {
    if (minutesAWeek == WEEK) {
      return Long.MAX_VALUE;
    }
    long longest = week.stream().mapToLong(Span::minutes).max().orElse(0);
    Span first = week.get(0);
    Span last = week.get(week.size() - 1);
    boolean overSunday = first.from() == 0 && last.to() == WEEK;
    return overSunday ? Math.max(longest, first.minutes() + last.minutes()) : longest;
  }

  /**
   * Working minutes from one moment to another, negative when {@code to} is before {@code from}.
   *
   * <p>Example, Monday to Friday 09:00–17:00: Friday 16:00 to Monday 10:00 is 120 minutes.
   */
  public long between(LocalDateTime from, LocalDateTime to) {
    return worked(BenchClock.minute(to)) - worked(BenchClock.minute(from));
  }

  long between(long from, long to) {
    return worked(to) - worked(from);
  }

  /** The latest minute from which {@code working} minutes of work fit before {@code end}. */
  long back(long end, long working) {
    if (working == 0) {
      return end;
    }
    return unlike.isEmpty() ? backByWeek(end, working) : backOneByOne(end, working);
  }

  private long backOneByOne(long end, long working) {
    long left = working;
    for (long monday = mondayOf(end); ; monday -= WEEK) {
      List<Span> spans = spansOf(monday);
      for (int i = spans.size() - 1; i >= 0; i--) {
        Span span = spans.get(i);
        long here = Math.min(end, span.to()) - span.from();
        if (here >= left) {
          return Math.min(end, span.to()) - left;
        }
        left -= Math.max(0, here);
      }
    }
  }

  private long backByWeek(long end, long working) {
    long wanted = worked(end) - working;
    long weeks = Math.floorDiv(wanted, minutesAWeek);
    long rest = wanted - weeks * minutesAWeek;
    long monday = mondayOf(0) + weeks * WEEK;
    for (Span span : week) {
      if (rest < span.minutes()) {
        return monday + span.from() + rest;
      }
      rest -= span.minutes();
    }
    throw new IllegalStateException("working time left over: " + rest);
  }

  /**
   * The first working minute at or after a moment.
   *
   * <p>Example, Monday to Friday 09:00–17:00: of Friday 17:00 it is Monday 09:00, of Monday 16:59
   * that moment.
   */
  public LocalDateTime opening(LocalDateTime moment) {
    long minute = BenchClock.minuteNotBefore(moment);
    for (long monday = mondayOf(minute); ; monday += WEEK) {
      for (Span span : spansOf(monday)) {
        if (minute < span.to()) {
          return BenchClock.moment(Math.max(minute, span.from()));
        }
      }
    }
  }

  /**
   * When the working stretch began that is on at a moment, or was last on before it.
   *
   * <p>Example, Monday to Friday 09:00–17:00: of Monday 16:59 it is Monday 09:00, of Saturday noon
   * Friday 09:00.
   */
  public LocalDateTime begun(LocalDateTime moment) {
    return BenchClock.moment(begun(BenchClock.minuteNotBefore(moment) + 1));
  }

  /** When the working stretch began that is on, or was last on, in the minute before. */
  long begun(long minute) {
    long last = back(minute, 1);
    for (Span span : spansOf(mondayOf(last))) {
      if (last < span.to()) {
        return span.from();
      }
    }
    throw new IllegalStateException("no working time before " + minute);
  }

  /** Working minutes since a fixed Monday: only differences mean something. */
  private long worked(long minute) {
    long monday = mondayOf(minute);
    long weeks = (monday - mondayOf(0)) / WEEK;
    long within = minute - monday;
    long done = weeks * minutesAWeek;
    for (Span span : week) {
      done += Math.max(0, Math.min(within, span.to()) - span.from());
    }
    if (unlike.isEmpty()) {
      return done;
    }
    for (Map.Entry<Long, List<Span>> day : unlike.headMap(minute).entrySet()) {
      done += before(minute, day.getValue()) - before(minute, usual(day.getKey()));
    }
    return done;
  }

  /** What would be worked on a day if it were as in every week. */
  private List<Span> usual(long day) {
    long monday = mondayOf(day);
    return within(
        week.stream().map(span -> new Span(monday + span.from(), monday + span.to())).toList(),
        day);
  }

  private static long before(long minute, List<Span> spans) {
    return spans.stream()
        .mapToLong(span -> Math.max(0, Math.min(minute, span.to()) - span.from()))
        .sum();
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof WeeklyHours hours
        && week.equals(hours.week)
        && unlike.equals(hours.unlike)
        && longestInADay == hours.longestInADay;
  }

  @Override
  public int hashCode() {
    return week.hashCode();
  }
}
