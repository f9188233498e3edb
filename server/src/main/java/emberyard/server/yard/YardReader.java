package emberyard.server.yard;

import emberyard.core.build.Acceptance;
import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.ChangeOrder;
import emberyard.core.build.Component;
import emberyard.core.build.Concept;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.Enclosure;
import emberyard.core.build.FaceItem;
import emberyard.core.build.JobNote;
import emberyard.core.build.Joint;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Look;
import emberyard.core.build.Loop;
import emberyard.core.build.ManualTask;
import emberyard.core.build.OrderLine;
import emberyard.core.build.OutsideFinish;
import emberyard.core.build.PaintFault;
import emberyard.core.build.Panel;
import emberyard.core.build.Photo;
import emberyard.core.build.PrintPart;
import emberyard.core.build.Remark;
import emberyard.core.build.Requirement;
import emberyard.core.build.Scheme;
import emberyard.core.build.Screen;
import emberyard.core.build.SheetLayout;
import emberyard.core.build.Snapshot;
import emberyard.core.build.TaskMark;
import emberyard.core.build.TimeEntry;
import emberyard.core.build.Treatment;
import emberyard.core.build.Worksheet;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.AirDay;
import emberyard.core.workshop.EnclosureProduct;
import emberyard.core.workshop.FilamentProduct;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.Offcut;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.TestCard;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildPicture;
import emberyard.core.yard.YardPicture;
import emberyard.core.yard.YardPlan;
import emberyard.server.api.Refused;
import emberyard.server.fit.Library;
import emberyard.server.store.MissingThing;
import emberyard.server.store.Row;
import emberyard.server.store.ThingKind;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Unreadable;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
   */
  public record Reading(
      long revision,
      Instant minute,
      WorkshopBook book,
      Map<String, Map<String, Long>> versions,
      YardPlan plan,
      YardPicture yard,
      Map<String, BuildGuard.Broken> broken,
      List<Unreadable> leftOut) {

    /**
     * The picture of one build.
     *
     * @throws Refused with the reason when it can't be derived
     */
    public BuildPicture build(String id) {
      if (broken.containsKey(id)) {
        throw new Refused(HttpStatus.CONFLICT, broken.get(id).sentence());
      }
      BuildPicture picture = yard.builds().get(id);
      if (picture == null) {
        throw new MissingThing("There is no build “" + id + "” here.");
      }
      return picture;
    }

    /** All builds as they were entered. */
    public List<Build> builds() {
      return yard.builds().values().stream().map(BuildPicture::build).toList();
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
      last = derive(revision, minute);
    }
    return last;
  }

  private Reading derive(long revision, Instant minute) {
    List<Row> rows = store.all();
    List<Object> ofWorkshop =
        rows.stream().filter(row -> row.buildId() == null).map(Row::value).toList();
    Known known = new Known(revision, minute, versions(rows), only(ofWorkshop, Unreadable.class));
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
      return new Reading(revision, minute, book, versions, plan, plan.picture(), broken, leftOut);
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
          leftOut);
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
  public static Build build(List<Object> things) {
    for (Unreadable thing : only(things, Unreadable.class)) {
      throw new InvalidValue("", thing.reason());
    }
    Brief brief = only(things, Brief.class).get(0);
    List<Concept> concepts = only(things, Concept.class);
    return new Build(
        brief,
        concepts.isEmpty() ? Concept.open(brief.id(), Look.open()) : concepts.get(0),
        only(things, Requirement.class),
        only(things, Component.class),
        only(things, Panel.class),
        only(things, Scheme.class),
        only(things, Screen.class),
        only(things, LightStrip.class),
        only(things, ManualTask.class),
        only(things, OrderLine.class),
        only(things, TimeEntry.class),
        only(things, TaskMark.class),
        only(things, JobNote.class),
        only(things, Photo.class),
        only(things, Acceptance.class),
        only(things, FaceItem.class),
        only(things, Remark.class),
        only(things, ConceptOption.class),
        only(things, Snapshot.class),
        only(things, ChangeOrder.class),
        only(things, Enclosure.class),
        only(things, Loop.class),
        only(things, Worksheet.class),
        only(things, Joint.class),
        only(things, PrintPart.class),
        only(things, SheetLayout.class),
        only(things, Treatment.class),
        only(things, OutsideFinish.class),
        only(things, PaintFault.class));
  }

  static WorkshopBook book(List<Object> things) {
    List<Workshop> settings = only(things, Workshop.class);
    if (settings.isEmpty()) {
      throw new MissingThing("This workshop is not set up yet.");
    }
    return new WorkshopBook(
        settings.get(0),
        only(things, Person.class),
        only(things, Station.class),
        only(things, Supplier.class),
        only(things, PaintProduct.class),
        only(things, SheetProduct.class),
        only(things, FilmProduct.class),
        only(things, FilamentProduct.class),
        Library.hardware(only(things, HardwareProduct.class)),
        Library.enclosures(only(things, EnclosureProduct.class)),
        only(things, Machine.class),
        only(things, Offcut.class),
        only(things, AirDay.class),
        only(things, TestCard.class));
  }

  private static <T> List<T> only(List<Object> things, Class<T> type) {
    return things.stream().filter(type::isInstance).map(type::cast).toList();
  }
}
