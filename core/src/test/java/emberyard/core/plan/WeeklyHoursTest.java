package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;

class WeeklyHoursTest {
  private static final LocalDateTime FRIDAY = LocalDateTime.parse("2026-03-06T16:00");

  @Test
  void aWeekendHoldsNoWork() {
    LocalDateTime monday = LocalDateTime.parse("2026-03-09T10:00");
    assertEquals(120, SerialSchedulerTest.OFFICE.between(FRIDAY, monday));
    assertEquals(-120, SerialSchedulerTest.OFFICE.between(monday, FRIDAY));
  }

  @Test
  void goingBackUndoesGoingForward() {
    long end = BenchClock.minute(LocalDateTime.parse("2026-03-10T11:30"));
    for (long work = 0; work < 6_000; work += 37) {
      long from = SerialSchedulerTest.OFFICE.back(end, work);
      assertEquals(work, SerialSchedulerTest.OFFICE.between(from, end), "working minutes");
    }
  }
}
