package emberyard.core.plan;

import java.util.Arrays;

/**
 * What is left of one person's working time, on a clock that runs forwards or (for the late pass)
 * mirrored. Weeks are laid out as they are asked for; a stretch over the edge of a week is kept in
 * two and found as one.
 */
final class FreeTime {
  static final long LEAST_PIECE = 15;

  private final WeeklyHours hours;
  private final boolean mirrored;

  /** Nobody asks what lies before. */
  private final long origin;

  /** Free stretches of each week, begin and end in turns, ascending; null: not laid out yet. */
  private long[][] weeks;

  /** How many of these numbers count. */
  private int[] used;

  /** Weeks whose stretches nobody else reads; the others are copied before they are changed. */
  private boolean[] own;

  private long begin;
  private long end;

  /**
   * All of somebody's hours.
   *
   * @param from of the week of this minute on
   */
  FreeTime(WeeklyHours hours, long from) {
    this(hours, false, WeeklyHours.mondayOf(from), new long[64][], new int[64], false);
  }

  private FreeTime(
      WeeklyHours hours, boolean mirrored, long origin, long[][] weeks, int[] used, boolean own) {
    this.hours = hours;
    this.mirrored = mirrored;
    this.origin = origin;
    this.weeks = weeks;
    this.used = used;
    this.own = new boolean[weeks.length];
    Arrays.fill(this.own, own);
  }

  /** The same, to be changed by itself. Both share the weeks that neither changes. */
  FreeTime copy() {
    Arrays.fill(own, false);
    return new FreeTime(hours, mirrored, origin, weeks.clone(), used.clone(), false);
  }

  /** The same on the mirrored clock, from a minute on (of this clock: up to it). */
  FreeTime mirrored(long latest) {
    int last = weekOf(latest);
    long[][] turned = new long[Math.max(64, last + 1)][];
    int[] usedOf = new int[turned.length];
    for (int week = 0; week <= Math.min(last, weeks.length - 1); week++) {
      if (weeks[week] != null) {
        turned[last - week] = turned(weeks[week], used[week]);
        usedOf[last - week] = used[week];
      }
    }
    long end = origin + (last + 1) * WeeklyHours.WEEK;
    return new FreeTime(hours, !mirrored, -end, turned, usedOf, true);
  }

  private static long[] turned(long[] stretches, int used) {
    long[] turned = new long[used];
    for (int k = 0; k < used; k++) {
      turned[k] = -stretches[used - 1 - k];
    }
    return turned;
  }

  /**
   * The least minutes that work is cut into, and that are left to do: 15, so that nobody begins
   * something to lay it down again; for somebody who never has twice as much at once, any.
   */
  long leastPiece() {
    return hours.longestInADay() < 2 * LEAST_PIECE ? 1 : LEAST_PIECE;
  }

  /**
   * Finds the first free stretch that ends after {@code from}, cut to begin no earlier than it:
   * {@link #begin} to {@link #end}.
   *
   * @param enough where it is longer than so many minutes it may end after as many
   */
  void seek(long from, long enough) {
    int week = weekOf(Math.max(from, origin));
    int at = after(laidOut(week), used[week], from);
    while (at == used[week]) {
      week++;
      laidOut(week);
      at = 0;
    }
    begin = Math.max(from, weeks[week][at]);
    end = weeks[week][at + 1];
    while (end - begin < enough && end == origin + (week + 1) * WeeklyHours.WEEK) {
      week++;
      long[] goesOn = laidOut(week);
      if (used[week] == 0 || goesOn[0] != end) {
        break;
      }
      end = goesOn[1];
    }
  }

  long begin() {
    return begin;
  }

  long end() {
    return end;
  }

  /** The first stretch that ends after a minute, as the place of its begin. */
  private static int after(long[] stretches, int used, long minute) {
    int low = 0;
    int high = used / 2;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (stretches[2 * middle + 1] > minute) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return 2 * low;
  }

  /**
   * Takes a stretch that lies wholly in free time; of what lies before the clock, nothing.
   *
   * @throws IllegalStateException where it is not free
   */
  void take(long from, long to) {
    byWeek(from, to, this::cut);
  }

  /** Gives a stretch back that was taken. */
  void give(long from, long to) {
    byWeek(from, to, this::add);
  }

  /** What is done with the part of a stretch that lies in one week. */
  private interface InWeek {
    void change(int week, long from, long to);
  }

  private void byWeek(long from, long to, InWeek change) {
    for (long at = Math.max(from, origin); at < to; ) {
      int week = weekOf(at);
      long until = Math.min(to, origin + (week + 1) * WeeklyHours.WEEK);
      change.change(week, at, until);
      at = until;
    }
  }

  private void cut(int week, long from, long to) {
    long[] stretches = ownWeek(week);
    int k = after(stretches, used[week], from);
    if (k >= used[week] || stretches[k] > from || stretches[k + 1] < to) {
      throw new IllegalStateException("not free: " + new Span(from, to));
    }
    boolean before = stretches[k] < from;
    boolean behind = to < stretches[k + 1];
    if (before && behind) {
      insert(week, k + 1, from, to);
    } else if (before) {
      stretches[k + 1] = from;
    } else if (behind) {
      stretches[k] = to;
    } else {
      remove(week, k);
    }
  }

  private void add(int week, long from, long to) {
    long[] stretches = ownWeek(week);
    int k = after(stretches, used[week], from - 1);
    boolean before = k < used[week] && stretches[k + 1] == from;
    int next = before ? k + 2 : k;
    boolean behind = next < used[week] && stretches[next] == to;
    if (before && behind) {
      remove(week, k + 1);
    } else if (before) {
      stretches[k + 1] = to;
    } else if (behind) {
      stretches[next] = from;
    } else {
      insert(week, k, from, to);
    }
  }

  private void insert(int week, int at, long one, long other) {
    if (used[week] + 2 > weeks[week].length) {
      weeks[week] = Arrays.copyOf(weeks[week], 2 * weeks[week].length + 2);
    }
    long[] stretches = weeks[week];
    System.arraycopy(stretches, at, stretches, at + 2, used[week] - at);
    stretches[at] = one;
    stretches[at + 1] = other;
    used[week] += 2;
  }

  private void remove(int week, int at) {
    used[week] -= 2;
    System.arraycopy(weeks[week], at + 2, weeks[week], at, used[week] - at);
  }

  private int weekOf(long minute) {
    return (int) Math.floorDiv(minute - origin, WeeklyHours.WEEK);
  }

  private long[] ownWeek(int week) {
    long[] stretches = laidOut(week);
    if (!own[week]) {
      own[week] = true;
      weeks[week] = stretches.clone();
    }
    return weeks[week];
  }

  private long[] laidOut(int week) {
    if (week >= weeks.length) {
      weeks = Arrays.copyOf(weeks, 2 * week);
      used = Arrays.copyOf(used, weeks.length);
      own = Arrays.copyOf(own, weeks.length);
    }
    if (weeks[week] == null) {
      long first = origin + week * WeeklyHours.WEEK;
      BenchClock.requireNear(mirrored ? -first - WeeklyHours.WEEK : first);
      weeks[week] = hours.weekAt(first, mirrored);
      used[week] = weeks[week].length;
      own[week] = true;
    }
    return weeks[week];
  }
}
