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

  /** Monday to Friday between two times. */
  public static List<OpenHours> weekdays(LocalTime from, LocalTime to) {
    return Stream.of(DayOfWeek.values())
        .filter(day -> day.compareTo(DayOfWeek.SATURDAY) < 0)
        .map(day -> new OpenHours(day, from, to))
        .toList();
  }
}
