package emberyard.core.plan;

import java.util.Map;
import java.util.TreeMap;

/**
 * What is left of one person's working time, on a clock that runs forwards or (for the late pass)
 * mirrored. Weeks are laid out as they are asked for.
 */
final class FreeTime {
  static final long LEAST_PIECE = 15;

  private final WeeklyHours hours;
  private final boolean mirrored;
  private final TreeMap<Long, Long> free = new TreeMap<>();

  /** Taken in weeks that are not laid out yet. */
  private final TreeMap<Long, Long> ahead = new TreeMap<>();

  /** Nobody asks what lies before. */
  private final long begin;

  private long laidOutTo;

  FreeTime(WeeklyHours hours, long from, boolean mirrored) {
    this.hours = hours;
    this.mirrored = mirrored;
    this.laidOutTo =
        mirrored ? -WeeklyHours.mondayOf(-from) - WeeklyHours.WEEK : WeeklyHours.mondayOf(from);
    this.begin = laidOutTo;
  }

  /**
   * The least minutes that work is cut into, and that are left to do: 15, so that nobody begins
   * something to lay it down again; for somebody who never has twice as much at once, any.
   */
  long leastPiece() {
    return hours.longestInADay() < 2 * LEAST_PIECE ? 1 : LEAST_PIECE;
  }

  /** The first free stretch that ends after {@code from}, cut to begin no earlier than it. */
  Span next(long from) {
    while (true) {
      Map.Entry<Long, Long> around = free.floorEntry(from);
      if (around != null && around.getValue() > from) {
        return new Span(from, around.getValue());
      }
      Map.Entry<Long, Long> later = free.higherEntry(from);
      if (later != null) {
        return new Span(later.getKey(), later.getValue());
      }
      layOutWeek();
    }
  }

  /** Takes a stretch that lies wholly in free time; of what lies before the clock, nothing. */
  void take(Span span) {
    if (span.from() < begin) {
      if (span.to() > begin) {
        take(new Span(begin, span.to()));
      }
    } else if (span.from() >= laidOutTo) {
      ahead.put(span.from(), span.to());
    } else {
      while (laidOutTo < span.to()) {
        layOutWeek();
      }
      cut(span);
    }
  }

  /** Gives a stretch back that was taken. */
  void give(Span span) {
    if (ahead.remove(span.from()) != null) {
      return;
    }
    long from = span.from();
    long to = span.to();
    Map.Entry<Long, Long> before = free.lowerEntry(from);
    if (before != null && before.getValue() == from) {
      from = before.getKey();
    }
    Long behind = free.remove(to);
    free.put(from, behind == null ? to : behind);
  }

  private void cut(Span span) {
    Map.Entry<Long, Long> around = free.floorEntry(span.from());
    if (around == null || around.getValue() < span.to()) {
      throw new IllegalStateException("not free: " + span);
    }
    long from = around.getKey();
    long to = around.getValue();
    free.remove(from);
    if (from < span.from()) {
      free.put(from, span.from());
    }
    if (span.to() < to) {
      free.put(span.to(), to);
    }
  }

  private void layOutWeek() {
    addWeek();
    while (!ahead.isEmpty() && ahead.firstKey() < laidOutTo) {
      Map.Entry<Long, Long> taken = ahead.pollFirstEntry();
      while (laidOutTo < taken.getValue()) {
        addWeek();
      }
      cut(new Span(taken.getKey(), taken.getValue()));
    }
  }

  private void addWeek() {
    long monday = mirrored ? -laidOutTo - WeeklyHours.WEEK : laidOutTo;
    BenchClock.requireNear(monday);
    for (Span span : hours.weekFrom(monday)) {
      Span placed = mirrored ? span.mirrored() : span;
      free.put(placed.from(), placed.to());
    }
    laidOutTo += WeeklyHours.WEEK;
    joinAtMidnight();
  }

  /** Stretches that touch over the edge of a week are one. */
  private void joinAtMidnight() {
    Map.Entry<Long, Long> later = free.floorEntry(laidOutTo - WeeklyHours.WEEK);
    if (later == null || later.getKey() != laidOutTo - WeeklyHours.WEEK) {
      return;
    }
    Map.Entry<Long, Long> before = free.lowerEntry(later.getKey());
    if (before != null && before.getValue().equals(later.getKey())) {
      free.put(before.getKey(), later.getValue());
      free.remove(later.getKey());
    }
  }
}
