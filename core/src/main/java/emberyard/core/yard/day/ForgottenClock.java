package emberyard.core.yard.day;

import emberyard.core.record.TimeEntry;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.YardModel;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A clock that has run since another day: nobody stopped it. What it should have said is guessed.
 *
 * @param startedAt of the bench clock
 * @param guessedEnd when it was stopped most likely
 * @param guess why that is guessed
 */
public record ForgottenClock(
    String buildId,
    String buildName,
    String taskKey,
    String title,
    TimeEntry entry,
    LocalDateTime startedAt,
    LocalDateTime guessedEnd,
    Guess guess) {
  private static final int LEAST_MINUTES = 5;

  /** Why the clock is guessed to have ended then. */
  public enum Guess {
    /** What was left of the step then was done. */
    AS_PLANNED,
    /** The person's day ended before. */
    DAY_ENDED
  }

  /** Whether a clock runs since another day of the workshop. */
  static boolean is(@Nullable TimeEntry entry, ZoneId zone, LocalDateTime now) {
    return entry != null
        && entry.endedAt() == null
        && LocalDateTime.ofInstant(entry.startedAt(), zone)
            .toLocalDate()
            .isBefore(now.toLocalDate());
  }

  /** All of the yard, of whomever. */
  public static List<ForgottenClock> of(YardModel yard, WorkshopBook book, Instant now) {
    ZoneId zone = ZoneId.of(book.workshop().zone());
    LocalDateTime clock = LocalDateTime.ofInstant(now, zone);
    List<ForgottenClock> all = new ArrayList<>();
    for (BuildModel build : yard.builds().values()) {
      for (TaskModel model : build.tasks()) {
        TimeEntry entry = model.log().running();
        if (is(entry, zone, clock)) {
          LocalDateTime started = LocalDateTime.ofInstant(entry.startedAt(), zone);
          all.add(of(build, model, entry, started, dayEnds(entry.personId(), book, started)));
        }
      }
    }
    return all;
  }

  /** The line of hours as it is guessed, to be corrected. */
  public TimeEntry guessed(String by, ZoneId zone) {
    return new TimeEntry(
        entry.id(),
        entry.taskKey(),
        entry.personId(),
        entry.startedAt(),
        guessedEnd.atZone(zone).toInstant(),
        by,
        "the clock was forgotten: its end is guessed");
  }

  /**
   * What was left of the step, or the end of that day's hours where that comes before.
   *
   * <p>Example: 90 min planned, none logged, begun at 16:10, hours until 17:00: stopped at 17:00.
   * Begun at 14:10: stopped at 15:40.
   */
  static ForgottenClock of(
      BuildModel build,
      TaskModel model,
      TimeEntry entry,
      LocalDateTime started,
      @Nullable LocalDateTime dayEnds) {
    String key = model.task().key();
    long before =
        build.build().times().stream()
            .filter(each -> each.taskKey().equals(key) && each.endedAt() != null)
            .mapToLong(each -> Duration.between(each.startedAt(), each.endedAt()).toMinutes())
            .sum();
    long left = Math.max(LEAST_MINUTES, model.task().handsOnMinutes() - before);
    LocalDateTime planned = started.plusMinutes(left);
    boolean closed = dayEnds != null && dayEnds.isBefore(planned);
    return new ForgottenClock(
        build.build().id(),
        build.build().brief().name(),
        key,
        model.task().title(),
        entry,
        started,
        closed ? dayEnds : planned,
        closed ? Guess.DAY_ENDED : Guess.AS_PLANNED);
  }

  /** The end of somebody's hours on the day of a moment; null where that is after them. */
  private static @Nullable LocalDateTime dayEnds(
      String personId, WorkshopBook book, LocalDateTime moment) {
    return book.workedOn(personId, moment.toLocalDate()).stream()
        .map(hours -> OpenHours.minuteOf(hours.to()))
        .map(minute -> moment.toLocalDate().atStartOfDay().plusMinutes(minute))
        .filter(end -> end.isAfter(moment))
        .max(Comparator.naturalOrder())
        .orElse(null);
  }
}
