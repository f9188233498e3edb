package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.build.Design;
import emberyard.core.build.Look;
import emberyard.core.concept.StockPalette;
import emberyard.core.plan.Place;
import emberyard.core.plan.Project;
import emberyard.core.plan.SchedulingProblem;
import emberyard.core.plan.Step;
import emberyard.core.plan.WeeklyHours;
import emberyard.core.plan.Worker;
import emberyard.core.record.TimeEntry;
import emberyard.core.supply.Offers;
import emberyard.core.supply.ShelfPrices;
import emberyard.core.supply.StockShelf;
import emberyard.core.supply.Sundries;
import emberyard.core.work.BeginWindow;
import emberyard.core.work.DayPaces;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.OwnDay;
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
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/** Lays the open tasks of all builds into one schedule. */
final class YardPlanner {
  /** Between build id and task key in the keys of the schedule. */
  static final String SEPARATOR = "|";

  private final WorkshopBook book;
  private final Instant now;
  private final ZoneId zone;
  private final LocalDateTime clock;

  /** From when it is planned. */
  private final LocalDateTime start;

  private final List<Build> builds;
  private final Map<StationKind, String> stations = new EnumMap<>(StationKind.class);
  private final WeeklyHours hours;
  private final Map<Person, WeeklyHours> hoursOf = new HashMap<>();
  private final Map<Stage, List<String>> able = new EnumMap<>(Stage.class);
  private final StockPalette stock;
  private final Known known;
  private final Map<String, DesignWork> designs = new HashMap<>();
  private final List<BuildRecord> records;
  private final Map<String, List<Step>> steps = new HashMap<>();
  private final Known.Planned planned;
  private final Map<String, BuildRecord> byId = new HashMap<>();
  private final Map<String, Known.Assembled> assembled = new ConcurrentHashMap<>();

  /**
   * @param before what was worked out for the yard as it was
   */
  YardPlanner(List<Build> builds, WorkshopBook book, Instant now, Known before) {
    this.book = book;
    this.now = now;
    this.zone = ZoneId.of(book.workshop().zone());
    this.clock = LocalDateTime.ofInstant(now, zone);
    this.builds = builds.stream().sorted(byReveal()).toList();
    this.hours = hoursOf(List.of());
    book.people().forEach(person -> hoursOf.put(person, hoursOf(person)));
    book.stations().stream()
        .sorted(Comparator.comparing(Station::id))
        .forEach(station -> stations.putIfAbsent(station.kind(), station.id()));
    this.stock = StockPalette.of(book);
    this.known = before.in(book);
    this.records = records();
    records.forEach(record -> byId.put(record.build().id(), record));
    this.start = start();
    this.planned = planned();
  }

  /**
   * The next minute at which somebody works, so that over night and over the weekend nothing is
   * planned anew; now, where something goes on by itself until then.
   */
  private LocalDateTime start() {
    LocalDateTime opening =
        hoursOf.values().stream()
            .map(each -> each.opening(clock))
            .min(Comparator.naturalOrder())
            .orElse(clock);
    boolean alone = records.stream().anyMatch(record -> goesOnByItself(record, opening));
    return alone ? clock : opening;
  }

  private boolean goesOnByItself(BuildRecord record, LocalDateTime until) {
    return record.build().brief().revealedOn() == null
        && record.derived().tasks().stream()
            .anyMatch(task -> record.goesOnByItself(task, clock, until));
  }

  /** What a yard after a change can take from this one. */
  Known known() {
    Map<String, Known.OfBuild> each = new HashMap<>();
    for (BuildRecord record : records) {
      String id = record.build().id();
      each.put(
          id,
          new Known.OfBuild(
              record.build(), designs.get(id), record, steps.get(id), assembled.get(id)));
    }
    return new Known(book, now, each, planned);
  }

  /** The plan, and what it was asked for. */
  Known.Planned plan() {
    return planned;
  }

  List<BuildModel> models() {
    return records.parallelStream().map(this::model).toList();
  }

  BuildModel model(String id) {
    return model(byId.get(id));
  }

  private BuildModel model(BuildRecord record) {
    String id = record.build().id();
    Known.Slice slice = planned.slices().get(id);
    ChainWords chain = new ChainWords(record, planned.chain(id), byId, book);
    BuildModel model =
        known
            .of(record.build())
            .filter(was -> was.record() == record)
            .map(Known.OfBuild::assembled)
            .filter(was -> was.slice() == slice || was.slice().equals(slice))
            .map(was -> was.model().withChain(chain.chain()))
            .orElseGet(() -> assembler(record, chain).assemble());
    assembled.put(id, new Known.Assembled(slice, model));
    return model;
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
        .map(derived -> BuildRecord.of(as, derived, now, zone))
        .map(
            record -> assembler(record, new ChainWords(record, planned.chain(as.id()), byId, book)))
        .map(BuildAssembler::assemble)
        .orElse(null);
  }

  private static boolean onlyLooksDiffer(Build is, Build as) {
    Design design = is.design();
    Look look = as.concept().look();
    if (!Objects.equals(design.look().size(), look.size()) || !is.strips().equals(as.strips())) {
      return false;
    }
    Design repainted = design.looking(look, as.items());
    return is.with(repainted).equals(as);
  }

  private BuildAssembler assembler(BuildRecord record, ChainWords chain) {
    return new BuildAssembler(record, planned.schedule(), chain, book, hours, clock, now);
  }

  private List<BuildRecord> records() {
    List<DesignWork> works = builds.parallelStream().map(this::design).toList();
    StockShelf shelf = new StockShelf(book, ShelfPrices.of(book, builds));
    List<BuildRecord> all = new ArrayList<>();
    for (int i = 0; i < works.size(); i++) {
      designs.put(builds.get(i).id(), works.get(i));
      List<Need> packed = Sundries.priced(works.get(i).design().needs(), book);
      List<Need> wanted = Offers.chosen(builds.get(i), packed, book);
      List<Need> needs = shelf.handOut(builds.get(i), wanted);
      all.add(record(builds.get(i), works.get(i), needs));
    }
    return all;
  }

  private DesignWork design(Build build) {
    return known
        .of(build)
        .map(Known.OfBuild::design)
        .orElseGet(() -> DesignWork.of(build, book, stock));
  }

  private BuildRecord record(Build build, DesignWork design, List<Need> needs) {
    LocalDate today = clock.toLocalDate();
    BuildRecord was =
        known
            .of(build)
            .map(Known.OfBuild::record)
            .filter(record -> record.derived().wanted().equals(needs))
            .filter(record -> LocalDate.ofInstant(known.now(), zone).equals(today))
            .orElse(null);
    if (was != null && now.equals(known.now())) {
      return was;
    }
    Derivation derived =
        was != null ? was.derived() : Derivation.of(build, book, design, needs, today);
    return BuildRecord.of(build, derived, now, zone);
  }

  private static Comparator<Build> byReveal() {
    return Comparator.<Build, Boolean>comparing(build -> build.brief().revealedOn() != null)
        .thenComparing(
            build -> build.brief().revealOn(), Comparator.nullsLast(Comparator.naturalOrder()))
        .thenComparing(Build::id);
  }

  /** An equal problem has an equal plan. */
  private Known.Planned planned() {
    List<Step> all = new ArrayList<>();
    List<Project> projects = new ArrayList<>();
    for (BuildRecord record : records) {
      Build build = record.build();
      projects.add(new Project(build.id(), deadline(build), record.agreed()));
      List<Step> its =
          known
              .of(build)
              .filter(was -> was.record() == record && start.equals(known.start()))
              .map(Known.OfBuild::steps)
              .orElseGet(() -> steps(record));
      steps.put(build.id(), its);
      all.addAll(its);
    }
    List<Worker> workers =
        book.workers().stream()
            .map(person -> new Worker(person.id(), hoursOf.get(person)))
            .toList();
    List<Place> places =
        book.stations().stream().map(s -> new Place(s.id(), s.capacity())).toList();
    SchedulingProblem before = known.planned() == null ? null : known.planned().problem();
    boolean same =
        before != null
            && before.start().equals(start)
            && before.hours().equals(hours)
            && before.projects().equals(projects)
            && before.workers().equals(workers)
            && before.places().equals(places)
            && before.steps().equals(all);
    return same
        ? known.planned()
        : Known.Planned.of(new SchedulingProblem(start, hours, projects, workers, places, all));
  }

  private List<Step> steps(BuildRecord record) {
    List<Step> its = new ArrayList<>();
    if (record.build().brief().revealedOn() == null) {
      record.derived().tasks().forEach(task -> addStep(its, record, task));
    }
    return its;
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
            handsOn == 0 ? List.of() : hands(record, task),
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

  /** The workshop's hours or somebody's own, with the breaks in them. */
  private WeeklyHours hoursOf(List<OpenHours> own) {
    return WeeklyHours.of(book.workshop().worked(own));
  }

  /** Somebody's hours, with the days on which they are others. */
  private WeeklyHours hoursOf(Person person) {
    Map<LocalDate, List<OpenHours>> days = new HashMap<>();
    for (OwnDay day : book.ownDays()) {
      if (day.personId().equals(person.id()) && !day.date().isBefore(clock.toLocalDate())) {
        days.put(day.date(), book.workedOn(person.id(), day.date()));
      }
    }
    return hoursOf(person.hours()).but(days);
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

  /** The build in a key of the schedule. */
  static String buildOf(String key) {
    return key.substring(0, key.indexOf(SEPARATOR));
  }

  /** The task in a key of the schedule. */
  static String taskOf(String key) {
    return key.substring(key.indexOf(SEPARATOR) + 1);
  }
}
