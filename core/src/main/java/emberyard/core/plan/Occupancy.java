package emberyard.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * All people's and stations' time, and the search for the earliest place for one step in it. For
 * the late plan the clock is mirrored: a step's wait then comes before its hands-on time.
 */
final class Occupancy {
  /** How much later a step may end so that it stays in the same hands. */
  private static final long KEPT_MINUTES = 60;

  private final Map<String, FreeTime> people = new HashMap<>();
  private final Map<String, StationTime> stations = new HashMap<>();
  private final List<String> everybody = new ArrayList<>();
  private final boolean mirrored;
  private final Searched searched = new Searched();

  Occupancy(SchedulingProblem problem, long from, boolean mirrored, List<Taken> taken) {
    this.mirrored = mirrored;
    for (Worker worker : problem.workers()) {
      people.put(worker.id(), new FreeTime(worker.hours(), from, mirrored));
      everybody.add(worker.id());
    }
    problem.places().forEach(p -> stations.put(p.id(), new StationTime(p.capacity())));
    for (Taken each : taken) {
      take(each.step(), mirrored ? each.placed().mirrored() : each.placed());
    }
  }

  /** Finds the earliest place at or after {@code release} for one worker. */
  Placement earliestFor(Step step, long release, @Nullable String worker) {
    return step.handsOnMinutes() == 0
        ? waitingOnly(step, release)
        : forWorker(step, release, Objects.requireNonNull(worker));
  }

  /**
   * Finds the earliest place at or after {@code release}: first done, first begun, first named;
   * whoever is preferred, where it is done no more than an hour later.
   */
  Placement earliest(Step step, long release, @Nullable String preferred) {
    if (step.handsOnMinutes() == 0) {
      return waitingOnly(step, release);
    }
    Placement best = null;
    Placement kept = null;
    for (String worker : step.workers().isEmpty() ? everybody : step.workers()) {
      Placement found = forWorker(step, release, worker);
      kept = worker.equals(preferred) ? found : kept;
      if (best == null || better(found, best)) {
        best = found;
      }
    }
    boolean keeps = kept != null && kept.handsOnEnd() <= best.handsOnEnd() + KEPT_MINUTES;
    return keeps ? kept : best;
  }

  /** Minutes of a person's working time that are not taken. */
  long freeMinutes(String worker, long from, long to) {
    FreeTime person = people.get(worker);
    long free = 0;
    for (Span next = person.next(from); next.from() < to; next = person.next(next.to())) {
      free += Math.min(to, next.to()) - next.from();
    }
    return free;
  }

  /** Occupies people and station. */
  void take(Step step, Placement placed) {
    if (placed.worker() != null) {
      placed.pieces().forEach(people.get(placed.worker())::take);
    }
    for (Span span : placed.held(step)) {
      stationOf(step).take(span);
    }
  }

  /** Frees what a step has taken. */
  void give(Step step, Placement placed) {
    if (placed.worker() != null) {
      placed.pieces().forEach(people.get(placed.worker())::give);
      placed.pieces().forEach(searched::given);
    }
    for (Span span : placed.held(step)) {
      stationOf(step).give(span);
      searched.given(span);
    }
  }

  private static boolean better(Placement found, Placement best) {
    return found.handsOnEnd() != best.handsOnEnd()
        ? found.handsOnEnd() < best.handsOnEnd()
        : found.start() < best.start();
  }

  private Placement waitingOnly(Step step, long release) {
    StationTime station = stationOf(step);
    long start = release;
    Span wanted = waiting(step, start);
    if (station != null && step.holdsPlace()) {
      while (!station.hasRoom(wanted)) {
        start = nextChance(station, wanted);
        wanted = waiting(step, start);
      }
    }
    return new Placement(null, List.of(), wanted.from(), wanted.to());
  }

  private Span waiting(Step step, long from) {
    return new Span(from, from + (mirrored ? lead(step, from) : waitAfter(step, from)));
  }

  private Placement forWorker(Step step, long release, String worker) {
    StationTime station = stationOf(step);
    boolean holds = step.holdsPlace() && station != null;
    long asked = mirrored ? release + lead(step, release) : release;
    long cursor = searched.from(step, worker, asked);
    while (true) {
      List<Span> pieces = pieces(step, people.get(worker), holds ? null : station, cursor);
      long first = pieces.get(0).from();
      long last = pieces.get(pieces.size() - 1).to();
      long start = mirrored ? first - waitAfter(step, -first) : first;
      long finish = mirrored ? last : last + waitAfter(step, last);
      Span all = new Span(start, finish);
      if (!holds || station.hasRoom(all)) {
        searched.found(step, worker, asked, first);
        return new Placement(worker, pieces, start, finish);
      }
      cursor = Math.max(nextChance(station, all) + (first - start), cursor + 1);
    }
  }

  /** Minutes of wait behind hands-on time that ends at this minute of the bench clock. */
  private static long waitAfter(Step step, long handsOnEnd) {
    return step.paces().usual()
        ? step.waitMinutes()
        : BenchClock.minute(step.paces().end(BenchClock.moment(handsOnEnd), step.waitMinutes()))
            - handsOnEnd;
  }

  /** Minutes of wait that end where the mirrored clock shows this. */
  private static long lead(Step step, long mirroredEnd) {
    return step.paces().usual()
        ? step.waitMinutes()
        : -mirroredEnd
            - BenchClock.minute(
                step.paces().begin(BenchClock.moment(-mirroredEnd), step.waitMinutes()));
  }

  /** The first moment behind the place where {@code wanted} met a full station. */
  private static long nextChance(StationTime station, Span wanted) {
    Span room = station.next(wanted.from(), wanted.to());
    return room.from() > wanted.from() ? room.from() : station.next(room.to(), room.to()).from();
  }

  private List<Span> pieces(Step step, FreeTime person, @Nullable StationTime station, long from) {
    List<Span> pieces = new ArrayList<>();
    long needed = step.handsOnMinutes();
    long cursor = from;
    while (needed > 0) {
      Span free = person.next(cursor);
      if (!step.paces().alwaysOpen()) {
        Span open = openDay(step, free.from());
        if (open.from() >= free.to()) {
          cursor = open.from();
          continue;
        }
        free = new Span(open.from(), Math.min(free.to(), open.to()));
      }
      if (station != null) {
        Span room = station.next(free.from(), free.to());
        if (room.from() >= free.to()) {
          cursor = room.from();
          continue;
        }
        free = new Span(room.from(), Math.min(free.to(), room.to()));
      }
      long taken = piece(step, needed, free.minutes(), person.leastPiece());
      if (taken > 0) {
        pieces.add(new Span(free.from(), free.from() + taken));
        needed -= taken;
      }
      cursor = free.to();
    }
    return pieces;
  }

  /** Minutes to work in a free stretch: all that is needed, or a piece that leaves a piece. */
  private static long piece(Step step, long needed, long free, long least) {
    if (free >= needed) {
      return needed;
    }
    long piece = Math.min(free, needed - least);
    return step.interruptible() && piece >= least ? piece : 0;
  }

  /** What is left of this day of the bench clock, or the whole of the next open one. */
  private Span openDay(Step step, long minute) {
    long at = minute;
    while (true) {
      // a mirrored minute m stands for the one that ends at −m
      LocalDate day = BenchClock.moment(mirrored ? -at - 1 : at).toLocalDate();
      long midnight = BenchClock.minute(day.atStartOfDay());
      long nextMidnight = midnight + 24 * 60;
      long end = mirrored ? -midnight : nextMidnight;
      if (step.paces().on(day).open()) {
        return new Span(at, end);
      }
      at = end;
    }
  }

  private @Nullable StationTime stationOf(Step step) {
    return step.place() == null ? null : stations.get(step.place());
  }
}
