package emberyard.server.yard;

import emberyard.core.build.Build;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.thing.Things;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Moved;
import emberyard.core.yard.YardModel;
import emberyard.core.yard.YardPlan;
import emberyard.server.library.Library;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.store.Row;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Unreadable;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;

/**
 * Reads what is stored and lets core derive the rest; kept until something or the minute changes.
 */
@org.springframework.stereotype.Component
public class YardReader {
  private static final Logger LOG = LoggerFactory.getLogger(YardReader.class);

  private final ThingStore store;
  private final Clock clock;
  private final BuildGuard guard;
  private final DerivedAhead ahead;
  private Reading last;

  YardReader(ThingStore store, Clock clock, BuildGuard guard, DerivedAhead ahead) {
    this.ahead = ahead;
    this.store = store;
    this.clock = clock;
    this.guard = guard;
  }

  /**
   * One consistent look at everything.
   *
   * @param plan to ask what would be
   * @param versions per "kind/id" the version to send back as {@code If-Match}
   * @param leftOut things of the workshop that can't be read
   * @param change what the last change of builds did to others
   */
  public record Reading(
      long revision,
      Instant minute,
      WorkshopBook book,
      Map<String, Map<String, Long>> versions,
      YardPlan plan,
      YardModel yard,
      Map<String, BuildGuard.Broken> broken,
      List<Unreadable> leftOut,
      Change change) {

    Reading after(Change latest) {
      return new Reading(revision, minute, book, versions, plan, yard, broken, leftOut, latest);
    }

    /**
     * The picture of one build.
     *
     * @throws Refused with the reason when it can't be derived
     */
    public BuildModel build(String id) {
      if (broken.containsKey(id)) {
        throw new Refused(HttpStatus.CONFLICT, broken.get(id).sentence());
      }
      BuildModel model = yard.builds().get(id);
      if (model == null) {
        throw new MissingThing("There is no build “" + id + "” here.");
      }
      return model;
    }

    /** Other builds that the last change moved, if it was of this one. */
    List<Moved> movedBy(String buildId) {
      return change.builds.contains(buildId) ? change.moved : List.of();
    }

    /** All builds as they were entered. */
    public List<Build> builds() {
      return yard.builds().values().stream().map(BuildModel::build).toList();
    }
  }

  /** Derives once in the background after the start, so that the first to come needn't wait. */
  @EventListener(ApplicationReadyEvent.class)
  void warmUp() {
    Thread first = new Thread(this::readOrLeave, "first reading");
    first.setDaemon(true);
    first.start();
  }

  private void readOrLeave() {
    try {
      read();
    } catch (RuntimeException notSetUpYet) {
      LOG.debug("Nothing to derive yet", notSetUpYet);
    }
  }

  /** Everything as of now. */
  public synchronized Reading read() {
    long revision = store.revision();
    Instant minute = clock.instant().truncatedTo(ChronoUnit.MINUTES);
    if (last == null || last.revision != revision || !last.minute.equals(minute)) {
      Reading next = derive(revision, minute);
      last = last == null ? next : next.after(Change.between(last, next));
    }
    return last;
  }

  /**
   * What changed from one reading to the next.
   *
   * @param builds ids of the builds that were changed
   * @param moved other builds that it moved; none where the workshop was changed, for that may move
   *     any
   */
  public record Change(Set<String> builds, List<Moved> moved) {
    static final Change NONE = new Change(Set.of(), List.of());

    static Change between(Reading before, Reading after) {
      if (before.revision == after.revision) {
        return before.change;
      }
      Set<String> changed = new HashSet<>(before.versions.keySet());
      changed.addAll(after.versions.keySet());
      changed.removeIf(id -> Objects.equals(before.versions.get(id), after.versions.get(id)));
      if (changed.contains("")) {
        return NONE;
      }
      List<Moved> moved = Moved.between(before.yard, after.yard, changed, after.book);
      boolean byTheClock = !moved.isEmpty() && !before.minute.equals(after.minute);
      if (byTheClock) {
        YardModel then = YardModel.of(before.builds(), before.book, after.minute);
        moved = Moved.between(then, after.yard, changed, after.book);
      }
      return new Change(changed, moved);
    }
  }

  private Reading derive(long revision, Instant minute) {
    List<Row> rows = store.all();
    List<Thing> ofWorkshop =
        rows.stream().filter(row -> row.buildId() == null).map(Row::value).toList();
    Known known =
        new Known(revision, minute, versions(rows), Things.of(ofWorkshop).of(Unreadable.class));
    Optional<DerivedAhead.Derived> derived = ahead.of(rows, minute);
    if (derived.isPresent()) {
      return known.with(derived.get());
    }
    WorkshopBook book = book(ofWorkshop);
    Map<String, List<Row>> perBuild = perBuild(rows);
    try {
      return known.with(book, all(perBuild), Map.of());
    } catch (RuntimeException oneIsBroken) {
      BuildGuard.Sifted sifted = guard.sift(perBuild, book, minute);
      try {
        return known.with(book, sifted.builds(), sifted.broken());
      } catch (RuntimeException notTogether) {
        sifted = BuildGuard.together(sifted, book, minute);
        return known.with(book, sifted.builds(), sifted.broken());
      }
    }
  }

  /** What is known of a reading before anything is derived. */
  private record Known(
      long revision,
      Instant minute,
      Map<String, Map<String, Long>> versions,
      List<Unreadable> leftOut) {
    Reading with(WorkshopBook book, List<Build> builds, Map<String, BuildGuard.Broken> broken) {
      YardPlan plan = YardPlan.of(builds, book, minute);
      return new Reading(
          revision, minute, book, versions, plan, plan.model(), broken, leftOut, Change.NONE);
    }

    Reading with(DerivedAhead.Derived derived) {
      return new Reading(
          revision,
          minute,
          derived.book(),
          versions,
          derived.plan(),
          derived.yard(),
          Map.of(),
          leftOut,
          Change.NONE);
    }
  }

  private static Map<String, Map<String, Long>> versions(List<Row> rows) {
    Map<String, Map<String, Long>> versions = new LinkedHashMap<>();
    for (Row row : rows) {
      String owner = row.buildId() == null ? "" : row.buildId();
      versions
          .computeIfAbsent(owner, id -> new LinkedHashMap<>())
          .put(row.kind().word() + "/" + row.id(), row.version());
    }
    return versions;
  }

  static Map<String, List<Row>> perBuild(List<Row> rows) {
    Map<String, List<Row>> perBuild = new LinkedHashMap<>();
    for (Row row : rows) {
      if (row.buildId() != null) {
        perBuild.computeIfAbsent(row.buildId(), id -> new ArrayList<>()).add(row);
      }
    }
    return perBuild;
  }

  static List<Build> all(Map<String, List<Row>> perBuild) {
    List<Build> builds = new ArrayList<>();
    for (List<Row> rows : perBuild.values()) {
      // a removed build leaves its other things behind until undo; without brief it is not shown
      if (rows.stream().anyMatch(row -> row.kind() == ThingKind.BRIEF)) {
        builds.add(build(rows.stream().map(Row::value).toList()));
      }
    }
    return builds;
  }

  /**
   * Sorts things into a build.
   *
   * @throws InvalidValue when one of them can't be read
   */
  public static Build build(Collection<Thing> things) {
    for (Unreadable thing : Things.of(things).of(Unreadable.class)) {
      throw new InvalidValue("", thing.reason());
    }
    return Build.of(things);
  }

  /** The workshop with the library that ships behind what it added or changed. */
  public static WorkshopBook book(List<Thing> things) {
    if (things.stream().noneMatch(Workshop.class::isInstance)) {
      throw new MissingThing("This workshop is not set up yet.");
    }
    WorkshopBook own =
        WorkshopBook.of(things.stream().filter(each -> !(each instanceof Unreadable)).toList());
    return Library.behind(own);
  }
}
