package emberyard.core.plan;

import emberyard.core.units.InvalidValue;
import java.time.LocalDateTime;
import java.time.ZoneOffset;

/** Turns moments of the bench clock into whole minutes and back. */
final class BenchClock {
  /** Nothing is planned beyond the year 2200. */
  private static final long LAST = minute(LocalDateTime.of(2201, 1, 1, 0, 0));

  private BenchClock() {}

  /**
   * @throws InvalidValue on {@code tasks} for a moment beyond the year 2200
   */
  static void requireNear(long minute) {
    if (minute > LAST) {
      throw new InvalidValue("tasks", "There is more work here than can be done before 2201.");
    }
  }

  static long minute(LocalDateTime moment) {
    return Math.floorDiv(moment.toEpochSecond(ZoneOffset.UTC), 60L);
  }

  /** The first whole minute that is not before {@code moment}. */
  static long minuteNotBefore(LocalDateTime moment) {
    long seconds = moment.toEpochSecond(ZoneOffset.UTC);
    return -Math.floorDiv(-seconds, 60L);
  }

  static LocalDateTime moment(long minute) {
    return LocalDateTime.ofEpochSecond(minute * 60, 0, ZoneOffset.UTC);
  }
}
