package emberyard.core.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class DayPacesTest {
  private static final LocalDate TUESDAY = LocalDate.of(2026, 3, 3);

  @Test
  void aWaitRunsAtTheDaysPace() {
    DayPaces slow = new DayPaces(Map.of(TUESDAY, new DayPaces.Day(2, true)));
    assertEquals(
        TUESDAY.plusDays(1).atTime(1, 30), slow.end(TUESDAY.atTime(23, 0), 120), "30 + 90");
    assertEquals(TUESDAY.atTime(11, 0), slow.end(TUESDAY.atTime(9, 0), 60));
    assertTrue(DayPaces.USUAL.usual());
    assertFalse(slow.usual());
    assertTrue(slow.alwaysOpen());
  }

  @Test
  void beginningAndEndAreInverse() {
    SplittableRandom random = new SplittableRandom(4);
    for (int run = 0; run < 300; run++) {
      Map<LocalDate, DayPaces.Day> days = new HashMap<>();
      for (int d = 0; d < 6; d++) {
        if (random.nextBoolean()) {
          days.put(TUESDAY.plusDays(d), new DayPaces.Day(0.4 + 3 * random.nextDouble(), true));
        }
      }
      DayPaces paces = new DayPaces(days);
      int minutes = 1 + random.nextInt(5_000);
      LocalDateTime end = TUESDAY.atStartOfDay().plusMinutes(2_000 + random.nextInt(6_000));
      LocalDateTime begin = paces.begin(end, minutes);
      assertFalse(paces.end(begin, minutes).isAfter(end), "not later than wanted");
      assertTrue(paces.end(begin.plusMinutes(1), minutes).isAfter(end), "and no later would do");
      assertEquals(slowly(paces, begin, minutes), paces.end(begin, minutes), "minute by minute");
    }
  }

  /** Counts a wait down minute by minute. */
  private static LocalDateTime slowly(DayPaces paces, LocalDateTime begin, int minutes) {
    LocalDateTime at = begin;
    double left = minutes;
    while (left > 1e-6) {
      left -= 1 / paces.on(at.toLocalDate()).factor();
      at = at.plusMinutes(1);
    }
    return at;
  }
}
