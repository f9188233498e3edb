package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.money.Labour;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.WorkshopBook;
import java.time.Instant;
import java.util.HashMap;
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
    Map<String, String> workedBy = new HashMap<>();
    build.times().forEach(entry -> workedBy.putIfAbsent(entry.taskKey(), entry.personId()));
    long planned = 0;
    long plannedMinor = 0;
    long remaining = 0;
    long remainingMinor = 0;
    long guessed = 0;
    long guessedMinor = 0;
    for (TaskModel model : tasks) {
      if (model.state() == TaskState.NO_LONGER_NEEDED) {
        continue;
      }
      long rate = plannedRate(model, workedBy.get(model.task().key()));
      planned += model.task().handsOnMinutes();
      plannedMinor += cost(model.task().handsOnMinutes(), rate);
      remaining += model.remainingMinutes();
      remainingMinor += cost(model.remainingMinutes(), rate);
      if (UntimedWork.untimed(model)) {
        guessed += model.task().handsOnMinutes();
        guessedMinor += cost(model.task().handsOnMinutes(), rate);
      }
    }
    boolean over = build.brief().revealedOn() != null;
    long logged = 0;
    long spentMinor = 0;
    for (TimeEntry entry : build.times()) {
      logged += entry.minutes(now);
      spentMinor += cost(entry.minutes(now), rate(entry.personId()));
    }
    return new Labour(
        planned,
        logged,
        over ? 0 : remaining,
        guessed,
        plannedMinor,
        spentMinor,
        over ? 0 : remainingMinor,
        guessedMinor);
  }

  /**
   * What was planned for a step: at the rate of whoever the plan gives it; of one that is done, at
   * the rate it had when it was marked, so that no price changes by ticking work.
   */
  private long plannedRate(TaskModel model, @Nullable String workedBy) {
    if (model.planned() != null && model.planned().worker() != null) {
      return rate(model.planned().worker());
    }
    TaskMark mark = model.log().verdict();
    if (mark != null && mark.rateMinor() != null) {
      return mark.rateMinor();
    }
    return rate(workedBy);
  }

  private static long cost(long minutes, long rateMinor) {
    return Math.round(minutes * rateMinor / 60.0);
  }

  /** Rate of a person, or the mean of all while it is open who does it. */
  private long rate(@Nullable String personId) {
    return personId == null ? meanRate : rates.getOrDefault(personId, meanRate);
  }
}
