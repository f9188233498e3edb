package emberyard.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Where no place was found, so that it is not looked through again: whatever needs as long or
 * longer of the same person and station has no place there either, until something is given back.
 */
final class Searched {
  /** So many stretches are kept for each kind of step. */
  private static final int MOST = 12;

  private final StepNumbers steps;

  /** By kind: person, station, pace, whether it is held, whether it can't be cut in pieces. */
  private final Kind[] known;

  private final List<List<Kind>> ofWorker = new ArrayList<>();
  private final List<List<Kind>> ofPlace = new ArrayList<>();

  Searched(StepNumbers steps) {
    this.steps = steps;
    IntStream.range(0, steps.workers()).forEach(worker -> ofWorker.add(new ArrayList<>()));
    IntStream.range(0, steps.places()).forEach(place -> ofPlace.add(new ArrayList<>()));
    this.known = new Kind[steps.workers() * (steps.places() + 1) * steps.paces() * 4];
  }

  /** Steps that look for the same. */
  private record Kind(MinutePaces paces, boolean whole, boolean holds, List<Stretch> those) {}

  /** Hands-on time of so many minutes, with such a wait, can't begin from one minute to another. */
  private static final class Stretch {
    private final long hands;
    private final long wait;
    private final long from;
    private long to;

    Stretch(long hands, long wait, long from, long to) {
      this.hands = hands;
      this.wait = wait;
      this.from = from;
      this.to = to;
    }

    boolean holdsFor(long needed, long waits, long minute) {
      return hands <= needed && wait <= waits && from <= minute && minute < to;
    }

    /** Keeps what ends before the given stretch; a kept station may be held up from afar. */
    boolean shortened(Kind kind, long given) {
      to =
          kind.whole || !kind.holds ? Math.min(to, given - hands - kind.paces.longest(wait)) : from;
      return from < to;
    }
  }

  /** The first minute at which it is worth while to look. */
  long from(int step, int worker, long minute) {
    Kind kind = known[number(step, worker)];
    if (kind == null) {
      return minute;
    }
    long at = minute;
    for (Stretch stretch : kind.those) {
      at = stretch.holdsFor(steps.handsOn[step], wait(step), at) ? stretch.to : at;
    }
    return at;
  }

  /** Notes that hands-on time looked for from one minute on could begin at another only. */
  void found(int step, int worker, long asked, long begins) {
    if (asked >= begins) {
      return;
    }
    List<Stretch> those = kind(step, worker).those;
    for (Stretch stretch : those) {
      boolean goesOn = stretch.from <= asked && asked <= stretch.to;
      if (goesOn && stretch.hands == steps.handsOn[step] && stretch.wait == wait(step)) {
        stretch.to = Math.max(stretch.to, begins);
        return;
      }
    }
    if (those.size() == MOST) {
      those.remove(0);
    }
    those.add(new Stretch(steps.handsOn[step], wait(step), asked, begins));
  }

  /** Forgets what does not hold any more when a person is free again from here on. */
  void givenPerson(int worker, long from) {
    forget(ofWorker.get(worker), from);
  }

  /** The same for a station. */
  void givenPlace(int place, long from) {
    forget(ofPlace.get(place), from);
  }

  private static void forget(List<Kind> kinds, long from) {
    for (Kind kind : kinds) {
      List<Stretch> those = kind.those;
      for (int k = those.size() - 1; k >= 0; k--) {
        if (!those.get(k).shortened(kind, from)) {
          those.remove(k);
        }
      }
    }
  }

  private Kind kind(int step, int worker) {
    int number = number(step, worker);
    if (known[number] == null) {
      int place = steps.tight[step];
      known[number] =
          new Kind(steps.paces[step], whole(step), steps.holds[step], new ArrayList<>());
      ofWorker.get(worker).add(known[number]);
      if (place != StepNumbers.NONE) {
        ofPlace.get(place).add(known[number]);
      }
    }
    return known[number];
  }

  private int number(int step, int worker) {
    int where = worker * (steps.places() + 1) + steps.tight[step] + 1;
    return (where * steps.paces() + steps.pace[step]) * 4
        + (whole(step) ? 2 : 0)
        + (steps.holds[step] ? 1 : 0);
  }

  private boolean whole(int step) {
    return !steps.interruptible[step] || steps.handsOn[step] < 2 * FreeTime.LEAST_PIECE;
  }

  private long wait(int step) {
    return steps.holds[step] ? steps.wait[step] : 0;
  }
}
