package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.workshop.OpenHours;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
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

  @Test
  void aStretchBeganWhenWorkHadBeenOffTheMinuteBefore() {
    LocalDateTime friday = LocalDateTime.parse("2026-03-06T09:00");
    LocalDateTime monday = LocalDateTime.parse("2026-03-09T09:00");
    assertEquals(monday, SerialSchedulerTest.OFFICE.begun(monday.plusMinutes(7 * 60 + 59)));
    assertEquals(monday, SerialSchedulerTest.OFFICE.begun(monday));
    assertEquals(friday, SerialSchedulerTest.OFFICE.begun(monday.minusMinutes(1)));
    assertEquals(friday, SerialSchedulerTest.OFFICE.begun(LocalDateTime.parse("2026-03-07T12:00")));
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

  /** Wednesday off, an hour and a late evening on Thursday, a Saturday morning. */
  static WeeklyHours unlike() {
    LocalDate wednesday = LocalDate.parse("2026-03-04");
    LocalDate thursday = wednesday.plusDays(1);
    LocalDate saturday = wednesday.plusDays(3);
    return SerialSchedulerTest.OFFICE.but(
        Map.of(
            wednesday,
            List.of(),
            thursday,
            List.of(hours(thursday, 9, 10), hours(thursday, 18, 22)),
            saturday,
            List.of(hours(saturday, 10, 12))));
  }

  private static OpenHours hours(LocalDate day, int from, int to) {
    return new OpenHours(day.getDayOfWeek(), LocalTime.of(from, 0), LocalTime.of(to, 0));
  }

  /** Whether a minute is worked in {@link #unlike}, said without any of what it is made of. */
  private static boolean worked(LocalDateTime at) {
    int hour = at.getHour();
    return switch (at.toLocalDate().toString()) {
      case "2026-03-04" -> false;
      case "2026-03-05" -> hour == 9 || hour >= 18 && hour < 22;
      case "2026-03-07" -> hour >= 10 && hour < 12;
      default -> at.getDayOfWeek().getValue() < 6 && hour >= 9 && hour < 17;
    };
  }

  @Test
  void daysThatAreUnlikeTheWeekCountAsTheyAre() {
    WeeklyHours hours = unlike();
    LocalDateTime first = LocalDateTime.parse("2026-02-26T11:30");
    long minutes = 0;
    for (LocalDateTime at = first; at.isBefore(first.plusDays(20)); at = at.plusMinutes(1)) {
      if (at.getMinute() % 30 == 0) {
        assertEquals(minutes, hours.between(first, at), "up to " + at);
        assertEquals(-minutes, hours.between(at, first), "back from " + at);
        if (minutes > 0) {
          long end = BenchClock.minute(at);
          long back = hours.back(end, minutes);
          assertEquals(minutes, hours.between(BenchClock.moment(back), at), "back " + minutes);
          assertTrue(worked(BenchClock.moment(back)), "begins in a worked minute");
        }
      }
      minutes += worked(at) ? 1 : 0;
    }
  }

  @Test
  void theNextWorkingMinuteIsFoundOverDaysThatAreUnlikeTheWeek() {
    WeeklyHours hours = unlike();
    LocalDateTime first = LocalDateTime.parse("2026-03-01T11:30");
    for (LocalDateTime at = first; at.isBefore(first.plusDays(9)); at = at.plusMinutes(47)) {
      LocalDateTime next = at;
      while (!worked(next)) {
        next = next.plusMinutes(1);
      }
      assertEquals(next, hours.opening(at), "from " + at);
      LocalDateTime begin = next;
      while (worked(begin.minusMinutes(1))) {
        begin = begin.minusMinutes(1);
      }
      long begun = hours.begun(BenchClock.minute(next) + 1);
      assertEquals(begin, BenchClock.moment(begun), "of " + next);
    }
    assertNotEquals(SerialSchedulerTest.OFFICE, hours);
    assertEquals(unlike(), hours);
  }

  /** Nothing is planned in a minute that is not worked. */
  @Test
  void thePlanKeepsToDaysThatAreUnlikeTheWeek() {
    for (long seed = 1; seed < 40; seed++) {
      SchedulingProblem usual = SchedulePropertiesTest.random(seed);
      List<Worker> workers =
          usual.workers().stream()
              .map(each -> each.id().equals("ines") ? new Worker("ines", unlike()) : each)
              .toList();
      SchedulingProblem problem =
          new SchedulingProblem(
              usual.start(),
              usual.hours(),
              usual.projects(),
              workers,
              usual.places(),
              usual.steps());
      for (PlannedStep step : SerialScheduler.schedule(problem).steps().values()) {
        if ("ines".equals(step.worker())) {
          step.pieces().forEach(WeeklyHoursTest::allWorked);
        }
      }
    }
  }

  private static void allWorked(PlannedStep.Piece piece) {
    for (LocalDateTime at = piece.from(); at.isBefore(piece.to()); at = at.plusMinutes(1)) {
      assertTrue(worked(at), "planned at " + at);
    }
  }
}
