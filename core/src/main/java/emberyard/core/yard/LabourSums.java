package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.money.Labour;
import emberyard.core.record.TimeEntry;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.WorkshopBook;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Hours of a build and what they cost, planned, worked and left. */
final class LabourSums {
  private final Map<String, Long> rates;
  private final long meanRate;

  private LabourSums(WorkshopBook book) {
    rates = book.people().stream().collect(Collectors.toMap(Person::id, Person::rateMinor));
    meanRate = Math.round(book.people().stream().mapToLong(Person::rateMinor).average().orElse(0));
  }

  static Labour of(Build build, List<TaskModel> tasks, WorkshopBook book, Instant now) {
    return new LabourSums(book).sum(build, tasks, now);
  }

  private Labour sum(Build build, List<TaskModel> tasks, Instant now) {
    long planned = 0;
    long plannedMinor = 0;
    long remaining = 0;
    long remainingMinor = 0;
    for (TaskModel model : tasks) {
      if (model.state() == TaskState.NO_LONGER_NEEDED) {
        continue;
      }
      String worker = model.planned() == null ? null : model.planned().worker();
      long rate = rate(worker);
      planned += model.task().handsOnMinutes();
      plannedMinor += cost(model.task().handsOnMinutes(), rate);
      remaining += model.remainingMinutes();
      remainingMinor += cost(model.remainingMinutes(), rate);
    }
    boolean over = build.brief().revealedOn() != null;
    long logged = 0;
    long spentMinor = 0;
    for (TimeEntry entry : build.times()) {
      logged += entry.minutes(now);
      spentMinor += cost(entry.minutes(now), rate(entry.personId()));
    }
    return new Labour(
        planned, logged, over ? 0 : remaining, plannedMinor, spentMinor, over ? 0 : remainingMinor);
  }

  private static long cost(long minutes, long rateMinor) {
    return Math.round(minutes * rateMinor / 60.0);
  }

  /** Rate of a person, or the mean of all while it is open who does it. */
  private long rate(@Nullable String personId) {
    return personId == null ? meanRate : rates.getOrDefault(personId, meanRate);
  }
}
