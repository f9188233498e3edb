package emberyard.server.yard;

import emberyard.core.build.Build;
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
import emberyard.server.store.Contents;
import emberyard.server.store.MissingThing;
import emberyard.server.store.Row;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Unreadable;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;

/**
 * What is derived from all that is stored; kept until something or the minute changes. Nobody who
 * reads waits for what somebody else writes: a change is derived before it is kept, and a new
 * minute in the background.
 */
@org.springframework.stereotype.Component
public class YardReader {
  private static final Logger LOG = LoggerFactory.getLogger(YardReader.class);

  private static final long PAUSE_NANOS = Duration.ofSeconds(20).toNanos();

  private final ThingStore store;
  private final BuildGuard guard;
  private final Deriver deriver;
  private final ReentrantLock flight = new ReentrantLock();
  private final AtomicBoolean background = new AtomicBoolean();

  /** When the last in the background was begun, 0 for never. */
  private volatile long begunAt;

  private volatile @Nullable Reading last;

  YardReader(ThingStore store, BuildGuard guard, Deriver deriver) {
    this.deriver = deriver;
    this.store = store;
    this.guard = guard;
  }

  /**
   * One consistent look at everything.
   *
   * @param plan to ask what would be
   * @param leftOut things of the workshop that can't be read
   * @param change what the last change of builds did to others
   */
  public record Reading(
      long revision,
      Instant minute,
      Contents contents,
      WorkshopBook book,
      YardPlan plan,
      YardModel yard,
      Map<String, BuildGuard.Broken> broken,
      List<Unreadable> leftOut,
      Change change) {

    Reading after(Change latest) {
      return new Reading(revision, minute, contents, book, plan, yard, broken, leftOut, latest);
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

    /**
     * Per "kind/id" of a build, nothing for the workshop, the version to send back as {@code
     * If-Match}.
     */
    public Map<String, Long> versions(@Nullable String buildId) {
      Map<String, Long> versions = new LinkedHashMap<>();
      contents.rows().stream()
          .filter(row -> Objects.equals(row.buildId(), buildId))
          .forEach(row -> versions.put(row.kind().word() + "/" + row.id(), row.version()));
      return versions;
    }

    private boolean isLaterThan(Reading other) {
      return revision != other.revision ? revision > other.revision : minute.isAfter(other.minute);
    }

    /** Other builds that the last change moved, if it was of this one. */
    List<Moved> movedBy(String buildId) {
      return change.builds.contains(buildId) ? change.moved : List.of();
    }

    private @Nullable Build built(String id) {
      BuildModel model = yard.builds().get(id);
      return model == null ? null : model.build();
    }

    /** The day of the reading, where the workshop is. */
    public LocalDate today() {
      return LocalDate.ofInstant(minute, ZoneId.of(book.workshop().zone()));
    }

    /** All builds as they were entered. */
    public List<Build> builds() {
      return yard.builds().values().stream().map(BuildModel::build).toList();
    }
  }

  /** Derives once in the background after the start, so that the first to come needn't wait. */
  @EventListener(ApplicationReadyEvent.class)
  void warmUp() {
    inTheBackground();
  }

  /** A new minute is worked out once in a while: where much is written, that comes first. */
  private void inTheBackground() {
    long now = System.nanoTime();
    boolean justBegun = begunAt != 0 && now - begunAt < PAUSE_NANOS;
    if (!justBegun && background.compareAndSet(false, true)) {
      begunAt = now;
      Thread next = new Thread(this::readOrLeave, "next reading");
      next.setDaemon(true);
      next.start();
    }
  }

  private void readOrLeave() {
    try {
      if (last == null) {
        read(deriver.thisMinute());
      } else {
        publish(derive(store.contents(), deriver.thisMinute()));
      }
    } catch (RuntimeException notSetUpYet) {
      LOG.debug("Nothing to derive yet", notSetUpYet);
    } finally {
      background.set(false);
    }
  }

  /** Everything as it is stored now; by the clock, or a minute ago while that is worked out. */
  public Reading read() {
    Reading known = last;
    boolean asStored = known != null && known.contents == store.contents();
    Reading reading = asStored && !deriver.old(known.minute) ? known : read(deriver.minute());
    if (!reading.minute.equals(deriver.thisMinute())) {
      inTheBackground();
    }
    return reading;
  }

  /** Everything as of a minute; one works it out, the others wait for it. */
  private Reading read(Instant minute) {
    flight.lock();
    try {
      Contents contents = store.contents();
      Reading known = last;
      boolean there = known != null && known.contents == contents && !known.minute.isBefore(minute);
      return there ? known : publish(derive(contents, minute));
    } finally {
      flight.unlock();
    }
  }

  /** The later of what is shown and another; that is shown from now on. */
  private synchronized Reading publish(Reading next) {
    Reading known = last;
    if (known != null && known.isLaterThan(next)) {
      return known;
    }
    Reading shown = known == null ? next : next.after(Change.between(known, next));
    last = shown;
    return shown;
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
      if (before.book != after.book) {
        return NONE;
      }
      Set<String> changed = new HashSet<>(before.yard.builds().keySet());
      changed.addAll(after.yard.builds().keySet());
      changed.removeIf(id -> before.built(id) == after.built(id));
      List<Moved> moved = Moved.between(before.yard, after.yard, changed, after.book);
      boolean byTheClock = !moved.isEmpty() && !before.minute.equals(after.minute);
      if (byTheClock) {
        YardPlan then = before.plan.changed(before.builds(), before.book, after.minute);
        moved = Moved.between(then.model(), after.yard, changed, after.book);
      }
      return new Change(changed, moved);
    }
  }

  private Reading derive(Contents contents, Instant minute) {
    List<Row> rows = contents.rows();
    try {
      return reading(contents, minute, deriver.derive(rows, minute), Map.of());
    } catch (MissingThing notSetUpYet) {
      throw notSetUpYet;
    } catch (RuntimeException oneIsBroken) {
      WorkshopBook book = book(ofWorkshop(rows));
      BuildGuard.Sifted sifted = guard.sift(perBuild(rows), book, minute);
      try {
        return reading(contents, minute, book, sifted);
      } catch (RuntimeException notTogether) {
        return reading(contents, minute, book, BuildGuard.together(sifted, book, minute));
      }
    }
  }

  private static Reading reading(
      Contents contents, Instant minute, WorkshopBook book, BuildGuard.Sifted sifted) {
    return reading(contents, minute, YardPlan.of(sifted.builds(), book, minute), sifted.broken());
  }

  private static Reading reading(
      Contents contents, Instant minute, YardPlan plan, Map<String, BuildGuard.Broken> broken) {
    return new Reading(
        contents.revision(),
        minute,
        contents,
        plan.book(),
        plan,
        plan.model(),
        broken,
        Things.of(ofWorkshop(contents.rows())).of(Unreadable.class),
        Change.NONE);
  }

  private static List<Thing> ofWorkshop(List<Row> rows) {
    return rows.stream().filter(row -> row.buildId() == null).map(Row::value).toList();
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
