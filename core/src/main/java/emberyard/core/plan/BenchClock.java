package emberyard.core.plan;

import java.time.LocalDateTime;
import java.time.ZoneOffset;

/** Turns moments of the bench clock into whole minutes and back. */
final class BenchClock {
  private BenchClock() {}

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
