package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.LocalDate;
import java.util.List;

/**
 * Somebody's working time on one day that is not as in every week: away, later, an hour more.
 *
 * @param id the person and the date: there is one such day a person and date
 * @param personId of the workshop
 * @param date the day
 * @param hours when work is done on it, all of that weekday; empty for away all day
 * @param why as said, may be empty
 */
public record OwnDay(String id, String personId, LocalDate date, List<OpenHours> hours, String why)
    implements Thing {
  public OwnDay {
    Require.text("personId", personId);
    Require.given("date", date);
    id = "%s-%s".formatted(personId, date);
    hours = Require.list(hours);
    why = Require.textOrEmpty("why", why);
    for (OpenHours each : hours) {
      Require.that(
          each.day() == date.getDayOfWeek(),
          "hours",
          "These hours are of another weekday than %s.".formatted(date));
    }
  }
}
