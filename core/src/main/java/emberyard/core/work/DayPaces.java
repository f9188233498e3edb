package emberyard.core.work;

import emberyard.core.units.Require;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.Map;

/**
 * How a wait runs from day to day, and on which days the step may be begun. On a day that is not
 * named a wait of n minutes takes n minutes.
 *
 * @param days by date
 */
public record DayPaces(Map<LocalDate, Day> days) {
  /** Every day as usual. */
  public static final DayPaces USUAL = new DayPaces(Map.of());

  /**
   * @param factor minutes of the day that one minute of the wait takes, 0.05 to 50
   * @param open whether the step may be worked on
   */
  public record Day(double factor, boolean open) {
    private static final Day USUAL = new Day(1, true);

    public Day {
      Require.between("factor", factor, 0.05, 50, "");
    }
  }

  public DayPaces {
    days = Map.copyOf(days);
  }

  public Day on(LocalDate date) {
    return days.getOrDefault(date, Day.USUAL);
  }

  /** Whether days differ at all. */
  public boolean usual() {
    return days.isEmpty();
  }

  /** Whether some days are closed. */
  public boolean alwaysOpen() {
    return days.values().stream().allMatch(Day::open);
  }

  /**
   * When a wait that begins here is over, rounded up to whole minutes.
   *
   * <p>Example: 120 min from 23:00 with a factor of 2 on the first day only: 30 of them pass until
   * midnight, so it ends at 01:30.
   */
  public LocalDateTime end(LocalDateTime begin, int minutes) {
    LocalDateTime at = begin;
    LocalDate last = days.isEmpty() ? LocalDate.MIN : Collections.max(days.keySet());
    double left = minutes;
    while (left > 1e-9) {
      LocalDateTime midnight = at.toLocalDate().plusDays(1).atStartOfDay();
      double factor = on(at.toLocalDate()).factor();
      double today = seconds(at, midnight) / 60 / factor;
      // behind the last day that is named every day is as usual
      if (today >= left || at.toLocalDate().isAfter(last)) {
        return at.plusMinutes((long) Math.ceil(left * factor - 1e-9));
      }
      left -= today;
      at = midnight;
    }
    return at;
  }

  /** The latest moment at which a wait may begin so that it is over here, in whole minutes. */
  public LocalDateTime begin(LocalDateTime end, int minutes) {
    LocalDateTime low = end.minusMinutes(Math.round(minutes * 50.0) + 1);
    long most = Duration.between(low, end).toMinutes();
    long least = 0;
    // the end only moves later with the beginning
    while (least < most) {
      long middle = (least + most) / 2;
      if (end(end.minusMinutes(middle), minutes).isAfter(end)) {
        least = middle + 1;
      } else {
        most = middle;
      }
    }
    return end.minusMinutes(least);
  }

  private static double seconds(LocalDateTime from, LocalDateTime to) {
    return Duration.between(from, to).toSeconds();
  }
}
