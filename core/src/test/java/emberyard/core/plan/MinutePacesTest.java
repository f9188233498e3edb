package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.work.DayPaces;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class MinutePacesTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  @Test
  void aWaitIsSlowerUntilMidnight() {
    DayPaces slow = new DayPaces(Map.of(MONDAY, new DayPaces.Day(2, true)));
    long eleven = BenchClock.minute(MONDAY.atTime(23, 0));
    assertEquals(eleven + 150, MinutePaces.of(slow).end(eleven, 120), "30 of 120 until midnight");
    assertEquals(eleven, MinutePaces.of(slow).begin(eleven + 150, 120));
    assertEquals(eleven + 120, MinutePaces.USUAL.end(eleven, 120));
  }

  @Test
  void aDayFarOffIsNoBurden() {
    DayPaces.Day slow = new DayPaces.Day(2, false);
    MinutePaces paces =
        MinutePaces.of(new DayPaces(Map.of(MONDAY, slow, LocalDate.of(999_999, 1, 1), slow)));
    long day = MONDAY.toEpochDay();
    assertEquals(false, paces.open(day));
    assertTrue(paces.open(day + 1));
    assertTrue(paces.open(day - 1));
    long begin = MinutePaces.midnight(day + 1) - 60;
    assertEquals(begin + 150, paces.end(begin, 120));
  }

  @Test
  void minutesSayWhatDatesSay() {
    Random random = new Random(3);
    for (int round = 0; round < 300; round++) {
      Map<LocalDate, DayPaces.Day> days = new HashMap<>();
      for (int d = random.nextInt(8); d > 0; d--) {
        double factor = 0.05 + (random.nextBoolean() ? 2 : 40) * random.nextDouble();
        days.put(
            MONDAY.plusDays(random.nextInt(10)), new DayPaces.Day(factor, random.nextBoolean()));
      }
      DayPaces dates = new DayPaces(days);
      MinutePaces minutes = MinutePaces.of(dates);
      assertEquals(dates.alwaysOpen(), minutes.alwaysOpen());
      for (int each = 0; each < 20; each++) {
        long at = BenchClock.minute(MONDAY.atStartOfDay()) + random.nextInt(12 * 1440) - 1440;
        int wait = random.nextInt(4_000);
        long end = BenchClock.minute(dates.end(BenchClock.moment(at), wait));
        assertEquals(end, minutes.end(at, wait));
        assertTrue(end - at <= minutes.longest(wait), "no wait takes longer");
        assertEquals(
            BenchClock.minute(dates.begin(BenchClock.moment(at), wait)), minutes.begin(at, wait));
        LocalDate day = BenchClock.moment(at).toLocalDate();
        assertEquals(dates.on(day).open(), minutes.open(MinutePaces.dayOf(at)));
      }
    }
  }
}
