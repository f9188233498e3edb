package emberyard.core.plan;

import emberyard.core.work.DayPaces;
import java.time.LocalDate;
import java.util.Arrays;

/** {@link DayPaces} in minutes of the bench clock: the same answers, without dates. */
final class MinutePaces {
  /** Every day as usual. */
  static final MinutePaces USUAL = new MinutePaces(DayPaces.USUAL);

  private static final long DAY = 24 * 60;

  private final long[] days;
  private final double[] factors;
  private final boolean[] open;
  private final boolean alwaysOpen;
  private final double slowest;

  private MinutePaces(DayPaces paces) {
    LocalDate[] named = paces.days().keySet().stream().sorted().toArray(LocalDate[]::new);
    days = Arrays.stream(named).mapToLong(LocalDate::toEpochDay).toArray();
    factors = Arrays.stream(named).mapToDouble(day -> paces.on(day).factor()).toArray();
    open = new boolean[named.length];
    for (int i = 0; i < named.length; i++) {
      open[i] = paces.on(named[i]).open();
    }
    alwaysOpen = paces.alwaysOpen();
    slowest = Math.max(1, Arrays.stream(factors).max().orElse(1));
  }

  static MinutePaces of(DayPaces paces) {
    return paces.usual() ? USUAL : new MinutePaces(paces);
  }

  boolean usual() {
    return days.length == 0;
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
    int at = Arrays.binarySearch(days, day);
    return at < 0 || open[at];
  }

  private double factor(long day) {
    int at = Arrays.binarySearch(days, day);
    return at < 0 ? 1 : factors[at];
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
      if (today >= left || day > days[days.length - 1]) {
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
