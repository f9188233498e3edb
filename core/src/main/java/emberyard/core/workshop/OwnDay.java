package emberyard.core.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Somebody's working time on one day that is not as in every week: away, later, an hour more.
 *
 * @param id the person and the date: there is one such day a person and date
 * @param personId of the workshop
 * @param date the day
 * @param hours when work is done on it, all of that weekday, at most 24 stretches; empty for away
 *     all day
 * @param why as said, may be empty
 * @param saidAt when it was agreed, null where nobody knows
 */
public record OwnDay(
    String id,
    String personId,
    LocalDate date,
    List<OpenHours> hours,
    String why,
    @Nullable Instant saidAt)
    implements Thing {
  private static final int MOST_STRETCHES = 24;

  public OwnDay {
    Require.text("personId", personId);
    Require.given("date", date);
    id = "%s-%s".formatted(personId, date);
    hours = Require.list(hours);
    Require.between("hours", hours.size(), 0, MOST_STRETCHES, "stretches");
    why = Require.textOrEmpty("why", why);
    for (OpenHours each : hours) {
      Require.that(
          each.day() == date.getDayOfWeek(),
          "hours",
          "These hours are of another weekday than %s.".formatted(date));
    }
  }

  /** The same day, agreed at a moment. */
  public OwnDay said(Instant at) {
    return new OwnDay(id, personId, date, hours, why, at);
  }
}
