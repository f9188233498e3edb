package emberyard.core.yard;

import emberyard.core.plan.PlannedStep;
import emberyard.core.plan.Schedule;
import emberyard.core.work.Task;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.WorkshopBook;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What decides a build's finish, link by link in words.
 *
 * @param titles what steps of all builds are called, by their key in the schedule
 */
record ChainWords(
    BuildRecord record,
    Schedule schedule,
    Map<String, String> titles,
    WorkshopBook book,
    LocalDateTime clock) {
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.UK);

  /** Steps of other builds that keep somebody busy are told as one link, not one by one. */
  List<ChainLink> chain() {
    List<ChainLink> links = new ArrayList<>();
    List<PlannedStep> others = new ArrayList<>();
    for (String key : schedule.decidingChain().getOrDefault(record.build().id(), List.of())) {
      PlannedStep step = schedule.steps().get(key);
      if (!step.project().equals(record.build().id())) {
        others.add(step);
        continue;
      }
      if (!others.isEmpty()) {
        links.add(busyElsewhere(others));
        others.clear();
      }
      links.add(link(step));
    }
    return links;
  }

  private ChainLink link(PlannedStep step) {
    String taskKey = step.key().substring(step.key().indexOf(YardPlanner.SEPARATOR) + 1);
    LocalDateTime arrives = step.decidedBy() == null ? arrival(step, taskKey) : null;
    LocalDateTime from = arrives == null ? step.start() : clock;
    String text = words(step.key(), step);
    return new ChainLink(
        taskKey,
        step.project(),
        arrives == null ? text : "Waiting for the parcel: " + text,
        from,
        step.finish(),
        Duration.between(from, step.finish()).toMinutes());
  }

  private ChainLink busyElsewhere(List<PlannedStep> others) {
    PlannedStep first = others.get(0);
    PlannedStep last = others.get(others.size() - 1);
    String who =
        last.worker() == null
            ? "The station"
            : book.person(last.worker()).map(Person::name).orElse("Somebody");
    return new ChainLink(
        last.key(),
        last.project(),
        "%s is taken by other builds until %s, last by “%s”"
            .formatted(who, MOMENT.format(last.handsOnEnd()), titles.get(last.key())),
        first.start(),
        last.handsOnEnd(),
        Duration.between(first.start(), last.handsOnEnd()).toMinutes());
  }

  /** When what a step of this build opens is expected, null when it is here or not a parcel. */
  private @Nullable LocalDateTime arrival(PlannedStep step, String taskKey) {
    Task task = step.project().equals(record.build().id()) ? record.byKey().get(taskKey) : null;
    boolean later = task != null && task.earliest() != null && task.earliest().isAfter(clock);
    return later ? task.earliest() : null;
  }

  private String words(String key, PlannedStep step) {
    StringBuilder words = new StringBuilder(titles.get(key));
    if (step.worker() != null) {
      words.append(" · ").append(book.person(step.worker()).map(Person::name).orElse("?"));
    }
    words.append(", ").append(MOMENT.format(step.start()));
    if (step.handsOnEnd().isBefore(step.finish())) {
      words.append(", then waits until ").append(MOMENT.format(step.finish()));
    }
    return words.toString();
  }
}
