package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.build.Design;
import emberyard.core.build.Look;
import emberyard.core.concept.StockPalette;
import emberyard.core.plan.Place;
import emberyard.core.plan.Project;
import emberyard.core.plan.Schedule;
import emberyard.core.plan.SchedulingProblem;
import emberyard.core.plan.SerialScheduler;
import emberyard.core.plan.Step;
import emberyard.core.plan.WeeklyHours;
import emberyard.core.plan.Worker;
import emberyard.core.supply.StockShelf;
import emberyard.core.units.Remembered;
import emberyard.core.work.BeginWindow;
import emberyard.core.work.DayPaces;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.WorkshopBook;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Lays the open tasks of all builds into one schedule. */
final class YardPlanner {
  /** Between build id and task key in the keys of the schedule. */
  static final String SEPARATOR = "|";

  /** A note, a price, a photo leave the plan as it is. */
  private static final Remembered<SchedulingProblem, Schedule> PLANNED = new Remembered<>(6);

  private final WorkshopBook book;
  private final Instant now;
  private final ZoneId zone;
  private final LocalDateTime clock;
  private final List<Build> builds;
  private final Map<StationKind, String> stations = new EnumMap<>(StationKind.class);
  private final WeeklyHours hours;
  private final Map<Stage, List<String>> able = new EnumMap<>(Stage.class);
  private final StockPalette stock;
  private final List<BuildRecord> records;
  private final Schedule schedule;
  private final Map<String, BuildRecord> byId = new HashMap<>();

  YardPlanner(List<Build> builds, WorkshopBook book, Instant now) {
    this.book = book;
    this.now = now;
    this.zone = ZoneId.of(book.workshop().zone());
    this.clock = LocalDateTime.ofInstant(now, zone);
    this.builds = builds.stream().sorted(byReveal()).toList();
    this.hours = hoursOf(List.of());
    book.stations().stream()
        .sorted(Comparator.comparing(Station::id))
        .forEach(station -> stations.putIfAbsent(station.kind(), station.id()));
    this.stock = StockPalette.of(book);
    this.records = records();
    this.schedule = PLANNED.get(problem(), SerialScheduler::schedule);
    records.forEach(record -> byId.put(record.build().id(), record));
  }

  List<BuildModel> models() {
    return records.stream().map(this::assembled).toList();
  }

  /**
   * A build that only looks different, painted into the plan as it stands; null when more than what
   * lies on its faces and the colours of its palette differs, because then the plan may.
   */
  @Nullable BuildModel redrawn(Build as) {
    return records.stream()
        .filter(record -> record.build().id().equals(as.id()))
        .filter(record -> onlyLooksDiffer(record.build(), as))
        .findFirst()
        .map(record -> record.derived().redrawn(as, book, stock))
        .map(derived -> assembled(BuildRecord.of(as, derived, now, zone)))
        .orElse(null);
  }

  private static boolean onlyLooksDiffer(Build is, Build as) {
    Design design = is.design();
    Look look = as.concept().look();
    if (!Objects.equals(design.look().size(), look.size())) {
      return false;
    }
    Design repainted = design.looking(look, as.items());
    return is.with(repainted).equals(as);
  }

  private BuildModel assembled(BuildRecord record) {
    return new BuildAssembler(record, schedule, byId, book, hours, clock, now).assemble();
  }

  private List<BuildRecord> records() {
    StockShelf shelf = new StockShelf(book);
    List<BuildRecord> derived = new ArrayList<>();
    for (Build build : builds) {
      Derivation of = Derivation.of(build, book, shelf, stock, clock.toLocalDate());
      derived.add(BuildRecord.of(build, of, now, zone));
    }
    return derived;
  }

  private static Comparator<Build> byReveal() {
    return Comparator.<Build, Boolean>comparing(build -> build.brief().revealedOn() != null)
        .thenComparing(
            build -> build.brief().revealOn(), Comparator.nullsLast(Comparator.naturalOrder()))
        .thenComparing(Build::id);
  }

  private SchedulingProblem problem() {
    List<Step> steps = new ArrayList<>();
    List<Project> projects = new ArrayList<>();
    for (BuildRecord record : records) {
      projects.add(new Project(record.build().id(), deadline(record.build()), record.agreed()));
      if (record.build().brief().revealedOn() == null) {
        record.derived().tasks().forEach(task -> addStep(steps, record, task));
      }
    }
    List<Worker> workers =
        book.people().stream()
            .map(person -> new Worker(person.id(), hoursOf(person.hours())))
            .toList();
    List<Place> places =
        book.stations().stream().map(s -> new Place(s.id(), s.capacity())).toList();
    return new SchedulingProblem(clock, hours, projects, workers, places, steps);
  }

  /** The reveal is missed when work goes on past the end of that day. */
  private static @Nullable LocalDateTime deadline(Build build) {
    LocalDate reveal = build.brief().revealOn();
    return reveal == null ? null : reveal.plusDays(1).atStartOfDay();
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
                .map(key -> id + SEPARATOR + key)
                .toList();
    int handsOn = doneAt != null ? 0 : record.remaining(task);
    String coats = coats(task);
    Step step =
        new Step(
            id + SEPARATOR + task.key(),
            id,
            handsOn,
            doneAt == null ? task.waitMinutes() : minutesTo(waitsUntil),
            after,
            handsOn == 0 ? List.of() : able(task),
            task.station() == null ? null : stations.get(task.station()),
            task.holdsStation(),
            task.interruptible() || handsOn > longestStretch(task),
            task.earliest());
    step =
        step.with()
            .paces(doneAt == null ? task.paces() : DayPaces.USUAL)
            .hand(coats == null ? null : id + SEPARATOR + coats)
            .begunBy(coats == null ? null : record.lastHand(coats))
            .build();
    steps.add(doneAt == null ? within(step, task, record) : step);
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
        windows.add(window.of(step.project() + SEPARATOR + window.after()));
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
    return (int) Duration.between(clock, moment).toMinutes();
  }

  private long longestStretch(Task task) {
    List<String> able = able(task);
    return book.people().stream()
        .filter(person -> able.isEmpty() || able.contains(person.id()))
        .mapToLong(person -> hoursOf(person.hours()).longestStretch())
        .max()
        .orElse(0);
  }

  /** The workshop's hours or somebody's own, with the breaks in them. */
  private WeeklyHours hoursOf(List<OpenHours> own) {
    return WeeklyHours.of(book.workshop().worked(own));
  }

  private List<String> able(Task task) {
    return able.computeIfAbsent(task.stage(), this::able);
  }

  private List<String> able(Stage stage) {
    String capability = stage.capability();
    return book.people().stream()
        .filter(person -> person.does().isEmpty() || person.does().contains(capability))
        .map(Person::id)
        .toList();
  }

  /** The build in a key of the schedule. */
  static String buildOf(String key) {
    return key.substring(0, key.indexOf(SEPARATOR));
  }

  /** The task in a key of the schedule. */
  static String taskOf(String key) {
    return key.substring(key.indexOf(SEPARATOR) + 1);
  }
}
