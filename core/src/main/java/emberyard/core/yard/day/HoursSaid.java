package emberyard.core.yard.day;

import emberyard.core.units.Require;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.OwnDay;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What somebody says about their hours in one sentence.
 *
 * @param what away, not before, or just so long
 * @param personId whose hours
 * @param date of which day; today if left out, and for just so long
 * @param until away until, or not before, this time; away for the rest of the day where left out
 * @param minutes how long one is here from now on, 5 to 960 min
 */
public record HoursSaid(
    What what,
    String personId,
    @Nullable LocalDate date,
    @Nullable LocalTime until,
    @Nullable Integer minutes) {
  private static final int LEAST_MINUTES = 5;
  private static final int MOST_MINUTES = 16 * 60;
  private static final LocalTime MIDNIGHT = LocalTime.of(23, 59);

  /** What is said. */
  public enum What {
    /** Away from now on, on another day from its begin. */
    AWAY,
    /** Here from a time on. */
    NOT_BEFORE,
    /** Here from now on, for so long and no longer; also outside of one's hours. */
    JUST
  }

  public HoursSaid {
    Require.given("what", what);
    Require.text("personId", personId);
    if (what == What.NOT_BEFORE) {
      Require.given("until", until);
    }
    if (what == What.JUST) {
      Require.given("minutes", minutes);
      Require.between("minutes", minutes, LEAST_MINUTES, MOST_MINUTES, "min");
    }
  }

  /**
   * The day as it is then. What was worked before now stays.
   *
   * <p>Example, hours 09:00–12:45 and 13:15–17:00, at 10:30. Away until 14:00: 09:00–10:30 and
   * 14:00–17:00. Away: 09:00–10:30. Not before 14:00: the same as away until then. Just 60 min:
   * 09:00–10:30 and 10:30–11:30.
   *
   * @throws emberyard.core.units.InvalidValue on {@code date} for a day that is over, on {@code
   *     until} for a time that is
   */
  public OwnDay on(WorkshopBook book, LocalDateTime now) {
    LocalDate day = date == null ? now.toLocalDate() : date;
    boolean today = day.equals(now.toLocalDate());
    Require.that(!day.isBefore(now.toLocalDate()), "date", "That day is over.");
    Require.that(
        what != What.JUST || today, "date", "How long one is here is said on the day itself.");
    LocalTime from = today ? now.toLocalTime().withSecond(0).withNano(0) : LocalTime.MIN;
    Require.that(until == null || until.isAfter(from), "until", "It is later than that already.");
    List<OpenHours> was = book.workedOn(personId, day);
    List<OpenHours> is = new ArrayList<>(cut(was, LocalTime.MIN, from));
    if (what == What.JUST) {
      int minute = from.toSecondOfDay() / 60 + minutes;
      LocalTime end = minute >= 24 * 60 ? MIDNIGHT : LocalTime.ofSecondOfDay(minute * 60L);
      is.add(new OpenHours(day.getDayOfWeek(), from, end));
    } else if (until != null) {
      is.addAll(cut(was, until, LocalTime.MAX));
    }
    return new OwnDay("", personId, day, is, "", null);
  }

  /** What of these hours lies between two times. */
  private static List<OpenHours> cut(List<OpenHours> hours, LocalTime from, LocalTime to) {
    return hours.stream()
        .filter(each -> each.from().isBefore(to) && from.isBefore(each.to()))
        .map(
            each ->
                new OpenHours(
                    each.day(),
                    each.from().isBefore(from) ? from : each.from(),
                    each.to().isAfter(to) ? to : each.to()))
        .toList();
  }
}
