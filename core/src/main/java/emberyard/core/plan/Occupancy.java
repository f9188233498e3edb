package emberyard.core.plan;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All people's and stations' time, and the search for the earliest place for one step in it. For
 * the late plan the clock is mirrored: a step's wait then comes before its hands-on time.
 */
final class Occupancy {
  /** How much later a step may end so that it stays in the same hands. */
  private static final long KEPT_MINUTES = 60;

  private final StepNumbers steps;
  private final FreeTime[] people;
  private final StationTime[] stations;
  private final boolean mirrored;
  private final Searched searched;

  /** Begin and end of the pieces found last. */
  private long[] bounds = new long[32];

  private int used;

  /**
   * All people's hours and all stations, less what is planned already.
   *
   * @param from of the week of this minute on
   */
  Occupancy(StepNumbers steps, long from, List<Taken> taken) {
    this(
        steps,
        false,
        steps.people().stream()
            .map(worker -> new FreeTime(worker.hours(), from))
            .toArray(FreeTime[]::new),
        steps.stations().stream()
            .map(place -> new StationTime(place.capacity()))
            .toArray(StationTime[]::new));
    for (Taken each : taken) {
      take(each.placed(), steps.stationOf(each.step()), each.step().holdsPlace());
    }
  }

  private Occupancy(
      StepNumbers steps, boolean mirrored, FreeTime[] people, StationTime[] stations) {
    this.steps = steps;
    this.mirrored = mirrored;
    this.people = people;
    this.stations = stations;
    this.searched = new Searched(steps);
  }

  /** The same, to be changed by itself. */
  Occupancy copy() {
    return of(steps);
  }

  /** The same for other steps in the same workshop, to be changed by itself. */
  Occupancy of(StepNumbers others) {
    return new Occupancy(
        others,
        mirrored,
        Arrays.stream(people).map(FreeTime::copy).toArray(FreeTime[]::new),
        Arrays.stream(stations).map(StationTime::copy).toArray(StationTime[]::new));
  }

  /** The same on the mirrored clock, up to a minute. */
  Occupancy mirrored(long latest) {
    return new Occupancy(
        steps,
        !mirrored,
        Arrays.stream(people).map(person -> person.mirrored(latest)).toArray(FreeTime[]::new),
        Arrays.stream(stations).map(StationTime::mirrored).toArray(StationTime[]::new));
  }

  /** Finds the earliest place at or after {@code release} for one worker. */
  Placement earliestFor(int step, long release, int worker) {
    return steps.handsOn[step] == 0
        ? waitingOnly(step, release)
        : forWorker(step, release, worker, Long.MAX_VALUE);
  }

  /**
   * Finds the earliest place at or after {@code release}: first done, first begun, first named;
   * whoever is preferred, where it is done no more than an hour later.
   *
   * @param preferred {@link StepNumbers#NONE} for anybody
   */
  Placement earliest(int step, long release, int preferred) {
    if (steps.handsOn[step] == 0) {
      return waitingOnly(step, release);
    }
    Placement best = null;
    Placement kept = null;
    for (int worker : steps.able[step]) {
      long inTime = worker == preferred ? KEPT_MINUTES : 0;
      long endBy = best == null ? Long.MAX_VALUE : best.handsOnEnd() + inTime;
      Placement found = forWorker(step, release, worker, endBy);
      if (found == null) {
        continue;
      }
      kept = worker == preferred ? found : kept;
      if (best == null || better(found, best)) {
        best = found;
      }
    }
    boolean keeps = kept != null && kept.handsOnEnd() <= best.handsOnEnd() + KEPT_MINUTES;
    return keeps ? kept : best;
  }

  /** Minutes of a person's working time that are not taken. */
  long freeMinutes(int worker, long from, long to) {
    FreeTime person = people[worker];
    long free = 0;
    for (person.seek(from, to - from); person.begin() < to; person.seek(person.end(), to)) {
      free += Math.min(to, person.end()) - person.begin();
    }
    return free;
  }

  /** Occupies people and station. */
  void take(int step, Placement placed) {
    take(placed, steps.tight[step], steps.holds[step]);
  }

  private void take(Placement placed, int place, boolean holds) {
    for (int k = 0; k < placed.bounds().length; k += 2) {
      people[placed.worker()].take(placed.bounds()[k], placed.bounds()[k + 1]);
      if (place != StepNumbers.NONE && !holds) {
        stations[place].take(placed.bounds()[k], placed.bounds()[k + 1]);
      }
    }
    if (place != StepNumbers.NONE && holds) {
      stations[place].take(placed.start(), placed.finish());
    }
  }

  /** Frees what a step has taken. */
  void give(int step, Placement placed) {
    int place = steps.tight[step];
    long[] pieces = placed.bounds();
    boolean holds = steps.holds[step];
    for (int k = 0; k < pieces.length; k += 2) {
      people[placed.worker()].give(pieces[k], pieces[k + 1]);
      if (place != StepNumbers.NONE && !holds) {
        stations[place].give(pieces[k], pieces[k + 1]);
      }
    }
    if (holds) {
      stations[place].give(placed.start(), placed.finish());
    }
    if (pieces.length > 0) {
      searched.givenPerson(placed.worker(), pieces[0]);
    }
    if (place != StepNumbers.NONE) {
      searched.givenPlace(place, holds || pieces.length == 0 ? placed.start() : pieces[0]);
    }
  }

  private static boolean better(Placement found, Placement best) {
    return found.handsOnEnd() != best.handsOnEnd()
        ? found.handsOnEnd() < best.handsOnEnd()
        : found.start() < best.start();
  }

  private Placement waitingOnly(int step, long release) {
    long start = release;
    long finish = start + waiting(step, start);
    if (steps.holds[step]) {
      StationTime station = stations[steps.tight[step]];
      while (!station.hasRoom(start, finish)) {
        start = nextChance(station, start, finish);
        finish = start + waiting(step, start);
      }
    }
    return new Placement(Placement.NOBODY, new long[0], start, finish);
  }

  private long waiting(int step, long from) {
    return mirrored ? lead(step, from) : waitAfter(step, from);
  }

  /** The earliest place for a worker, null where it would end after a minute. */
  private @Nullable Placement forWorker(int step, long release, int worker, long endBy) {
    StationTime station =
        steps.tight[step] == StepNumbers.NONE ? null : stations[steps.tight[step]];
    boolean holds = steps.holds[step];
    long asked = mirrored ? release + lead(step, release) : release;
    long cursor = searched.from(step, worker, asked);
    while (true) {
      if (!findPieces(step, people[worker], holds ? null : station, cursor, endBy)) {
        return null;
      }
      long first = bounds[0];
      long last = bounds[used - 1];
      long start = mirrored ? first - waitAfter(step, -first) : first;
      long finish = mirrored ? last : last + waitAfter(step, last);
      if (!holds || station.hasRoom(start, finish)) {
        searched.found(step, worker, asked, first);
        return new Placement(worker, Arrays.copyOf(bounds, used), start, finish);
      }
      cursor = Math.max(nextChance(station, start, finish) + (first - start), cursor + 1);
    }
  }

  /** Minutes of wait behind hands-on time that ends at this minute of the bench clock. */
  private long waitAfter(int step, long handsOnEnd) {
    return steps.paces[step].end(handsOnEnd, steps.wait[step]) - handsOnEnd;
  }

  /** Minutes of wait that end where the mirrored clock shows this. */
  private long lead(int step, long mirroredEnd) {
    return -mirroredEnd - steps.paces[step].begin(-mirroredEnd, steps.wait[step]);
  }

  /** The first moment behind the place where somebody who wanted room met a full station. */
  private static long nextChance(StationTime station, long from, long to) {
    long room = station.room(from);
    return room > from ? room : station.room(station.full(from, Math.max(from, to)));
  }

  /**
   * Finds the first pieces of free time, of the station too, that make up the hands-on time.
   *
   * @return whether they may end by a minute
   */
  private boolean findPieces(
      int step, FreeTime person, @Nullable StationTime station, long from, long endBy) {
    MinutePaces paces = steps.paces[step];
    long least = person.leastPiece();
    long needed = steps.handsOn[step];
    used = 0;
    long cursor = from;
    while (needed > 0) {
      person.seek(cursor, needed);
      long begin = person.begin();
      long end = person.end();
      if (begin > endBy - needed) {
        return false;
      }
      if (!paces.alwaysOpen()) {
        long open = openFrom(paces, begin);
        if (open >= end) {
          cursor = open;
          continue;
        }
        begin = open;
        end = Math.min(end, endOfDay(begin));
      }
      if (station != null) {
        long room = station.room(begin);
        if (room >= end) {
          cursor = room;
          continue;
        }
        begin = room;
        end = station.full(begin, end);
      }
      long taken = piece(step, needed, end - begin, least);
      if (taken > 0) {
        add(begin, begin + taken);
        needed -= taken;
      }
      cursor = end;
    }
    return true;
  }

  private void add(long begin, long end) {
    if (used == bounds.length) {
      bounds = Arrays.copyOf(bounds, 2 * used);
    }
    bounds[used] = begin;
    bounds[used + 1] = end;
    used += 2;
  }

  /** Minutes to work in a free stretch: all that is needed, or a piece that leaves a piece. */
  private long piece(int step, long needed, long free, long least) {
    if (free >= needed) {
      return needed;
    }
    long piece = Math.min(free, needed - least);
    return steps.interruptible[step] && piece >= least ? piece : 0;
  }

  /** The first minute from here on that lies on an open day of the bench clock. */
  private long openFrom(MinutePaces paces, long minute) {
    long at = minute;
    while (!paces.open(dayOf(at))) {
      at = endOfDay(at);
    }
    return at;
  }

  /** A mirrored minute m stands for the one that ends at −m. */
  private long dayOf(long minute) {
    return MinutePaces.dayOf(mirrored ? -minute - 1 : minute);
  }

  private long endOfDay(long minute) {
    long day = dayOf(minute);
    return mirrored ? -MinutePaces.midnight(day) : MinutePaces.midnight(day + 1);
  }
}
