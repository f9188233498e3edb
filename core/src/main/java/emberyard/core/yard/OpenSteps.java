package emberyard.core.yard;

import emberyard.core.plan.Step;
import emberyard.core.plan.WeeklyHours;
import emberyard.core.record.TimeEntry;
import emberyard.core.work.BeginWindow;
import emberyard.core.work.DayPaces;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.WorkshopBook;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What is open of a build at a moment, as steps of a schedule. */
final class OpenSteps {
  private final WorkshopBook book;
  private final Map<Person, WeeklyHours> hoursOf;
  private final LocalDateTime clock;
  private final LocalDateTime start;
  private final Map<StationKind, String> stations = new EnumMap<>(StationKind.class);
  private final Map<Stage, List<String>> able = new EnumMap<>(Stage.class);

  /**
   * @param clock the moment
   * @param start from when it is planned
   */
  OpenSteps(
      WorkshopBook book,
      Map<Person, WeeklyHours> hoursOf,
      LocalDateTime clock,
      LocalDateTime start) {
    this.book = book;
    this.hoursOf = hoursOf;
    this.clock = clock;
    this.start = start;
    book.stations().stream()
        .sorted(Comparator.comparing(Station::id))
        .forEach(station -> stations.putIfAbsent(station.kind(), station.id()));
  }

  List<Step> of(BuildRecord record) {
    List<Step> its = new ArrayList<>();
    if (record.build().brief().revealedOn() == null) {
      record.derived().tasks().forEach(task -> addStep(its, record, task));
    }
    return its;
  }

  private void addStep(List<Step> steps, BuildRecord record, Task task) {
    String id = record.build().id();
    LocalDateTime doneAt = record.doneAt(task.key());
    LocalDateTime waitsUntil = record.waitsUntil(task);
    if (doneAt != null && (waitsUntil == null || !waitsUntil.isAfter(clock))) {
      return;
    }
    List<String> after =
        doneAt != null
            ? List.of()
            : task.after().stream()
                .filter(key -> record.stillPlanned(key, clock))
                .map(key -> id + YardPlanner.SEPARATOR + key)
                .toList();
    int handsOn = doneAt != null ? 0 : record.remaining(task);
    String coats = coats(task);
    Step step =
        new Step(
            id + YardPlanner.SEPARATOR + task.key(),
            id,
            handsOn,
            doneAt == null ? task.waitMinutes() : minutesTo(waitsUntil),
            after,
            handsOn == 0 ? List.of() : hands(record, task),
            task.station() == null ? null : stations.get(task.station()),
            task.holdsStation(),
            task.interruptible() || handsOn > longestStretch(task),
            task.earliest());
    step =
        step.with()
            .paces(doneAt == null ? task.paces() : DayPaces.USUAL)
            .hand(coats == null ? null : id + YardPlanner.SEPARATOR + coats)
            .begunBy(coats == null ? null : record.lastHand(coats))
            .build();
    steps.add(doneAt == null ? within(step, task, record) : step);
  }

  /** Who may do it: whoever has its clock running, else all who take on such work. */
  private List<String> hands(BuildRecord record, Task task) {
    TimeEntry running = record.logs().get(task.key()).running();
    boolean here =
        running != null
            && book.workers().stream().anyMatch(person -> person.id().equals(running.personId()));
    return here ? List.of(running.personId()) : able(task);
  }

  /** The same step with its windows: those that are open already close at a given moment. */
  private static Step within(Step step, Task task, BuildRecord record) {
    List<BeginWindow> windows = new ArrayList<>();
    LocalDateTime beginBy = null;
    for (BeginWindow window : task.windows()) {
      LocalDateTime opened = record.doneAt(window.after());
      if (opened != null) {
        LocalDateTime closes = window.closes(opened);
        beginBy = beginBy == null || closes.isBefore(beginBy) ? closes : beginBy;
      } else if (record.byKey().containsKey(window.after())) {
        windows.add(window.of(step.project() + YardPlanner.SEPARATOR + window.after()));
      }
    }
    return step.with().windows(windows).beginBy(beginBy).build();
  }

  /** The scheme whose coats a step is one of, null for other work. */
  private static @Nullable String coats(Task task) {
    boolean coat = task.stage() == Stage.FINISH && task.key().startsWith("scheme:");
    return coat ? task.key().substring(0, task.key().indexOf('/') + 1) : null;
  }

  private int minutesTo(LocalDateTime moment) {
    return (int) Duration.between(start, moment).toMinutes();
  }

  private long longestStretch(Task task) {
    List<String> able = able(task);
    return book.workers().stream()
        .filter(person -> able.isEmpty() || able.contains(person.id()))
        .mapToLong(person -> hoursOf.get(person).longestStretch())
        .max()
        .orElse(0);
  }

  private List<String> able(Task task) {
    return able.computeIfAbsent(task.stage(), this::able);
  }

  private List<String> able(Stage stage) {
    String capability = stage.capability();
    return book.workers().stream()
        .filter(person -> person.does().isEmpty() || person.does().contains(capability))
        .map(Person::id)
        .toList();
  }
}
