package emberyard.core.workshop;

import emberyard.core.units.Require;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.stream.Stream;

/**
 * One stretch of working time that returns every week.
 *
 * @param day the weekday
 * @param from first working minute, inclusive
 * @param to end of work, exclusive; later than {@code from} on the same day
 */
public record OpenHours(DayOfWeek day, LocalTime from, LocalTime to) {
  public OpenHours {
    Require.given("day", day);
    Require.given("from", from);
    Require.given("to", to);
    Require.that(
        from.isBefore(to), "to", "Work can't end at %s when it starts at %s.".formatted(to, from));
  }

  /** How long it is; 23:59 as an end means midnight, for a time can't say 24:00. */
  public long minutes() {
    return minuteOf(to) - minuteOf(from);
  }

  /** Minutes of the day up to a time, 23:59 for the whole of it. */
  public static long minuteOf(LocalTime time) {
    return time.equals(LocalTime.of(23, 59)) ? 24 * 60 : time.toSecondOfDay() / 60;
  }

  /** Monday to Friday between two times. */
  public static List<OpenHours> weekdays(LocalTime from, LocalTime to) {
    return Stream.of(DayOfWeek.values())
        .filter(day -> day.compareTo(DayOfWeek.SATURDAY) < 0)
        .map(day -> new OpenHours(day, from, to))
        .toList();
  }
}
