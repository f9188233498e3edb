package emberyard.core.plan;

import emberyard.core.work.DayPaces;
import java.time.LocalDate;
import java.util.Arrays;

/** {@link DayPaces} in minutes of the bench clock: the same answers, without dates. */
final class MinutePaces {
  /** Every day as usual. */
  static final MinutePaces USUAL = new MinutePaces(DayPaces.USUAL);

  private static final long DAY = 24 * 60;

  /** Nothing is planned behind this day, and nothing before 1970. */
  private static final long LAST = LocalDate.of(2201, 1, 1).toEpochDay();

  /** The first day that is named. */
  private final long first;

  /** From the first day that is named to the last, day for day; all others are as usual. */
  private final double[] factors;

  private final boolean[] open;
  private final boolean alwaysOpen;
  private final double slowest;

  private MinutePaces(DayPaces paces) {
    long[] named =
        paces.days().keySet().stream()
            .mapToLong(LocalDate::toEpochDay)
            .filter(day -> 0 <= day && day <= LAST)
            .toArray();
    first = Arrays.stream(named).min().orElse(0);
    int days = named.length == 0 ? 0 : (int) (Arrays.stream(named).max().orElse(0) - first + 1);
    factors = new double[days];
    open = new boolean[days];
    for (int i = 0; i < days; i++) {
      DayPaces.Day pace = paces.on(LocalDate.ofEpochDay(first + i));
      factors[i] = pace.factor();
      open[i] = pace.open();
    }
    alwaysOpen = paces.alwaysOpen();
    slowest = Math.max(1, Arrays.stream(factors).max().orElse(1));
  }

  static MinutePaces of(DayPaces paces) {
    return paces.usual() ? USUAL : new MinutePaces(paces);
  }

  boolean usual() {
    return factors.length == 0;
  }

  boolean alwaysOpen() {
    return alwaysOpen;
  }

  /** The day on which a minute lies. */
  static long dayOf(long minute) {
    return Math.floorDiv(minute, DAY);
  }

  /** The minute at which a day begins. */
  static long midnight(long day) {
    return day * DAY;
  }

  boolean open(long day) {
    long at = day - first;
    return at < 0 || at >= open.length || open[(int) at];
  }

  private double factor(long day) {
    long at = day - first;
    return at < 0 || at >= factors.length ? 1 : factors[(int) at];
  }

  /**
   * When a wait that begins here is over, rounded up to whole minutes.
   *
   * <p>Example: 120 min from 23:00 with a factor of 2 on the first day only: 30 of them pass until
   * midnight, so it ends at 01:30.
   */
  long end(long begin, int minutes) {
    if (usual()) {
      return begin + minutes;
    }
    long at = begin;
    double left = minutes;
    while (left > 1e-9) {
      long day = dayOf(at);
      long midnight = midnight(day + 1);
      double factor = factor(day);
      double today = (midnight - at) / factor;
      // behind the last day that is named every day is as usual
      if (today >= left || day >= first + factors.length) {
        return at + (long) Math.ceil(left * factor - 1e-9);
      }
      left -= today;
      at = midnight;
    }
    return at;
  }

  /** No wait of so many minutes takes longer. */
  long longest(long minutes) {
    return usual() ? minutes : (long) Math.ceil(minutes * slowest) + 1;
  }

  /** The latest minute at which a wait may begin so that it is over here. */
  long begin(long end, int minutes) {
    if (usual()) {
      return end - minutes;
    }
    long most = minutes;
    while (end(end - most, minutes) > end) {
      most = 2 * most + 1;
    }
    long least = 0;
    // the end only moves later with the beginning
    while (least < most) {
      long middle = (least + most) / 2;
      if (end(end - middle, minutes) > end) {
        least = middle + 1;
      } else {
        most = middle;
      }
    }
    return end - least;
  }
}
