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
import emberyard.core.supply.Offers;
import emberyard.core.supply.ShelfPrices;
import emberyard.core.supply.StockShelf;
import emberyard.core.supply.Sundries;
import emberyard.core.work.Need;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.OwnDay;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.WorkshopBook;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Stream;
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
  private final WeeklyHours hours;
  private final Map<Person, WeeklyHours> hoursOf = new HashMap<>();
  private final StockPalette stock;
  private final Known known;
  private final Map<String, DesignWork> designs = new HashMap<>();
  private final List<BuildRecord> records;
  private final Map<String, List<Step>> steps = new HashMap<>();
  private final Map<String, List<Step>> earlier = new HashMap<>();
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
              record.build(),
              designs.get(id),
              record,
              steps.get(id),
              earlier.get(id),
              assembled.get(id)));
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

  private Known.Planned planned() {
    OpenSteps open = new OpenSteps(book, hoursOf, clock, start);
    for (BuildRecord record : records) {
      Build build = record.build();
      List<Step> its =
          known
              .of(build)
              .filter(was -> was.record() == record && start.equals(known.start()))
              .map(Known.OfBuild::steps)
              .orElseGet(() -> open.of(record));
      steps.put(build.id(), its);
    }
    SchedulingProblem asked = problem(start, record -> steps.get(record.build().id()));
    return Known.Planned.of(asked, thought(asked), known.planned());
  }

  /** The same as of when its order was thought out. */
  private SchedulingProblem thought(SchedulingProblem asked) {
    LocalDateTime then = thoughtAt();
    if (then.equals(start)) {
      return asked;
    }
    OpenSteps open = new OpenSteps(book, hoursOf, then.isBefore(clock) ? then : clock, then);
    Instant moment = then.atZone(zone).toInstant();
    for (BuildRecord record : records) {
      Build build = record.build();
      List<Step> its =
          known
              .of(build)
              .filter(was -> was.record() == record && then.equals(known.thoughtAt()))
              .map(Known.OfBuild::earlier)
              .orElseGet(() -> open.of(record.asOf(moment, zone)));
      earlier.put(build.id(), its);
    }
    return problem(then, record -> earlier.get(record.build().id()));
  }

  /**
   * When the stretch of work began that is on, or later, when something was recorded last: until
   * the next record nobody's list changes merely because a minute goes by.
   */
  private LocalDateTime thoughtAt() {
    Stream<LocalDateTime> begun = hoursOf.values().stream().map(each -> each.begun(start));
    Stream<LocalDateTime> recorded =
        builds.stream()
            .flatMap(BuildRecord::moments)
            .filter(moment -> !moment.isAfter(now))
            .max(Comparator.naturalOrder())
            .map(last -> LocalDateTime.ofInstant(last.plusSeconds(59), zone))
            .map(last -> last.truncatedTo(ChronoUnit.MINUTES))
            .stream();
    return Stream.concat(begun, recorded)
        .filter(moment -> !moment.isAfter(start))
        .max(Comparator.naturalOrder())
        .orElse(start);
  }

  private SchedulingProblem problem(LocalDateTime from, Function<BuildRecord, List<Step>> open) {
    List<Project> projects =
        records.stream()
            .map(
                record ->
                    new Project(record.build().id(), deadline(record.build()), record.agreed()))
            .toList();
    List<Worker> workers =
        book.workers().stream()
            .map(person -> new Worker(person.id(), hoursOf.get(person)))
            .toList();
    List<Place> places =
        book.stations().stream().map(s -> new Place(s.id(), s.capacity())).toList();
    List<Step> all = records.stream().map(open).flatMap(List::stream).toList();
    return new SchedulingProblem(from, hours, projects, workers, places, all);
  }

  /** The reveal is missed when work goes on past the end of that day. */
  private static @Nullable LocalDateTime deadline(Build build) {
    LocalDate reveal = build.brief().revealOn();
    return reveal == null ? null : reveal.plusDays(1).atStartOfDay();
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

  /** The build in a key of the schedule. */
  static String buildOf(String key) {
    return key.substring(0, key.indexOf(SEPARATOR));
  }

  /** The task in a key of the schedule. */
  static String taskOf(String key) {
    return key.substring(key.indexOf(SEPARATOR) + 1);
  }
}
