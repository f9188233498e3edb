package emberyard.core.plan;

import emberyard.core.units.Require;
import emberyard.core.workshop.OpenHours;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Working time that returns every week: where work may happen, and arithmetic in working minutes.
 * All operations take time proportional to the number of stretches in a week.
 */
public final class WeeklyHours {
  static final long WEEK = 7 * 24 * 60;

  /** 1970-01-01 was a Thursday: three days after the Monday that begins its week. */
  private static final long MONDAY_SHIFT = 3 * 24 * 60;

  private final List<Span> week;
  private final long minutesAWeek;
  private final long longestInADay;

  private WeeklyHours(List<Span> week, long longestInADay) {
    this.week = week;
    this.longestInADay = longestInADay;
    this.minutesAWeek = week.stream().mapToLong(Span::minutes).sum();
  }

  /**
   * Overlapping and touching stretches are joined.
   *
   * @param hours at least one, else {@link emberyard.core.units.InvalidValue} on {@code hours}
   */
  public static WeeklyHours of(List<OpenHours> hours) {
    Require.that(!hours.isEmpty(), "hours", "There are no working hours, so nothing can be done.");
    List<Span> spans =
        hours.stream().map(WeeklyHours::span).sorted(Comparator.comparingLong(Span::from)).toList();
    List<Span> joined = new ArrayList<>();
    for (Span span : spans) {
      int last = joined.size() - 1;
      if (last >= 0 && joined.get(last).to() >= span.from()) {
        Span before = joined.get(last);
        joined.set(last, new Span(before.from(), Math.max(before.to(), span.to())));
      } else {
        joined.add(span);
      }
    }
    return new WeeklyHours(
        List.copyOf(joined), spans.stream().mapToLong(Span::minutes).max().orElse(0));
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
    long[] bounds = new long[2 * week.size()];
    for (int i = 0; i < week.size(); i++) {
      Span span = week.get(mirrored ? week.size() - 1 - i : i);
      bounds[2 * i] = first + (mirrored ? WEEK - span.to() : span.from());
      bounds[2 * i + 1] = first + (mirrored ? WEEK - span.from() : span.to());
    }
    return bounds;
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
    long monday = mondayOf(minute);
    for (Span span : week) {
      if (minute < monday + span.to()) {
        return BenchClock.moment(Math.max(minute, monday + span.from()));
      }
    }
    return BenchClock.moment(monday + WEEK + week.get(0).from());
  }

  /** When the working stretch began that is on, or was last on, in the minute before. */
  long begun(long minute) {
    long last = back(minute, 1);
    long monday = mondayOf(last);
    for (Span span : week) {
      if (last < monday + span.to()) {
        return monday + span.from();
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
    return done;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof WeeklyHours hours
        && week.equals(hours.week)
        && longestInADay == hours.longestInADay;
  }

  @Override
  public int hashCode() {
    return week.hashCode();
  }
}
