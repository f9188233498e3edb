package emberyard.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Where no place was found, so that it is not looked through again: whatever needs as long or
 * longer of the same person and station has no place there either, until something is given back.
 */
final class Searched {
  /** So many stretches are kept for each kind of step. */
  private static final int MOST = 12;

  private final Map<Kind, List<Stretch>> known = new HashMap<>();

  /**
   * Steps that look for the same.
   *
   * @param whole whether it can't be cut in pieces
   */
  private record Kind(String worker, @Nullable String place, boolean holds, boolean whole) {}

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
    boolean shortened(Kind kind, Span given) {
      to = kind.whole || !kind.holds ? Math.min(to, given.from() - hands - wait) : from;
      return from < to;
    }
  }

  /** The first minute at which it is worth while to look. */
  long from(Step step, String worker, long minute) {
    long at = minute;
    if (remembers(step)) {
      for (Stretch stretch : known.getOrDefault(kind(step, worker), List.of())) {
        at = stretch.holdsFor(step.handsOnMinutes(), wait(step), at) ? stretch.to : at;
      }
    }
    return at;
  }

  /** Notes that hands-on time looked for from one minute on could begin at another only. */
  void found(Step step, String worker, long asked, long begins) {
    if (asked >= begins || !remembers(step)) {
      return;
    }
    List<Stretch> those = known.computeIfAbsent(kind(step, worker), kind -> new ArrayList<>());
    for (Stretch stretch : those) {
      boolean goesOn = stretch.from <= asked && asked <= stretch.to;
      if (goesOn && stretch.hands == step.handsOnMinutes() && stretch.wait == wait(step)) {
        stretch.to = Math.max(stretch.to, begins);
        return;
      }
    }
    if (those.size() == MOST) {
      those.remove(0);
    }
    those.add(new Stretch(step.handsOnMinutes(), wait(step), asked, begins));
  }

  /** Forgets what does not hold any more when this is free again. */
  void given(Span span) {
    known.forEach((kind, those) -> those.removeIf(stretch -> !stretch.shortened(kind, span)));
  }

  private static boolean remembers(Step step) {
    return step.paces().usual();
  }

  private static Kind kind(Step step, String worker) {
    boolean whole = !step.interruptible() || step.handsOnMinutes() < 2 * FreeTime.LEAST_PIECE;
    return new Kind(worker, step.place(), step.holdsPlace(), whole);
  }

  private static long wait(Step step) {
    return step.holdsPlace() ? step.waitMinutes() : 0;
  }
}
