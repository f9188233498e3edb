package emberyard.core.workshop;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Breaks in working time: nobody works more than six hours on end. */
public final class Breaks {
  private static final int MOST_ON_END_MINUTES = 6 * 60;

  private Breaks() {}

  /**
   * The hours with as many breaks in each stretch as leave no more than six hours on end, the parts
   * between them alike to a minute. Stretches of a day that touch are one.
   *
   * <p>Example: 09:00–17:00 with 30 min is 09:00–12:45 and 13:15–17:00; 09:00–15:00 stays.
   *
   * @param breakMinutes length of each, 0 for none
   */
  public static List<OpenHours> in(List<OpenHours> hours, int breakMinutes) {
    if (breakMinutes == 0) {
      return hours;
    }
    List<OpenHours> cut = new ArrayList<>();
    joined(hours).forEach(stretch -> cut(stretch, breakMinutes, cut));
    return List.copyOf(cut);
  }

  private static List<OpenHours> joined(List<OpenHours> hours) {
    List<OpenHours> joined = new ArrayList<>();
    hours.stream()
        .sorted(Comparator.comparing(OpenHours::day).thenComparing(OpenHours::from))
        .forEach(
            next -> {
              OpenHours last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
              boolean touches =
                  last != null && last.day() == next.day() && !next.from().isAfter(last.to());
              if (touches) {
                LocalTime to = next.to().isAfter(last.to()) ? next.to() : last.to();
                joined.set(joined.size() - 1, new OpenHours(last.day(), last.from(), to));
              } else {
                joined.add(next);
              }
            });
    return joined;
  }

  private static void cut(OpenHours stretch, int breakMinutes, List<OpenHours> into) {
    int parts = (int) Math.ceil((double) stretch.minutes() / MOST_ON_END_MINUTES);
    long work = stretch.minutes() - (long) (parts - 1) * breakMinutes;
    DayOfWeek day = stretch.day();
    LocalTime from = stretch.from();
    for (int part = 1; part < parts; part++) {
      LocalTime to = stretch.from().plusMinutes(work * part / parts + (part - 1L) * breakMinutes);
      into.add(new OpenHours(day, from, to));
      from = to.plusMinutes(breakMinutes);
    }
    into.add(new OpenHours(day, from, stretch.to()));
  }
}
