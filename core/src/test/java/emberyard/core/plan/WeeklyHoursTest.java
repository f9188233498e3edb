package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import emberyard.core.workshop.OpenHours;
import java.time.LocalDateTime;
import java.time.LocalTime;
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

  @Test
  void theNextWorkingMinuteIsTheFirstThatAMinuteOfWorkFitsBefore() {
    assertEquals(FRIDAY, SerialSchedulerTest.OFFICE.opening(FRIDAY));
    LocalDateTime monday = LocalDateTime.parse("2026-03-09T09:00");
    assertEquals(monday, SerialSchedulerTest.OFFICE.opening(FRIDAY.plusHours(1)));
    LocalDateTime late = LocalDateTime.parse("2026-03-09T16:59");
    assertEquals(late, SerialSchedulerTest.OFFICE.opening(late));
    for (LocalDateTime at = FRIDAY; at.isBefore(FRIDAY.plusDays(8)); at = at.plusMinutes(23)) {
      LocalDateTime slow = at;
      while (SerialSchedulerTest.OFFICE.between(slow, slow.plusMinutes(1)) == 0) {
        slow = slow.plusMinutes(1);
      }
      assertEquals(slow, SerialSchedulerTest.OFFICE.opening(at), "from " + at);
    }
  }

  /** A problem with the same hours is the same problem: it need not be planned again. */
  @Test
  void theSameHoursAreEqual() {
    SchedulingProblem one = SchedulePropertiesTest.random(3);
    SchedulingProblem other = SchedulePropertiesTest.random(3);
    assertEquals(one, other);
    assertEquals(one.hashCode(), other.hashCode());
    assertNotEquals(one, SchedulePropertiesTest.random(4));
    assertNotEquals(
        WeeklyHours.of(OpenHours.weekdays(LocalTime.of(9, 0), LocalTime.of(17, 0))),
        WeeklyHours.of(OpenHours.weekdays(LocalTime.of(9, 0), LocalTime.of(16, 0))));
  }
}
