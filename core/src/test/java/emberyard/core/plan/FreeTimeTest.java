package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.workshop.OpenHours;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class FreeTimeTest {
  private static final long MONDAY = BenchClock.minute(SerialSchedulerTest.MONDAY);

  @Test
  void takenTimeIsGoneAndTheRestStays() {
    FreeTime time = new FreeTime(SerialSchedulerTest.OFFICE, MONDAY, false);
    assertEquals(new Span(MONDAY, MONDAY + 480), time.next(MONDAY));
    time.take(new Span(MONDAY + 60, MONDAY + 120));
    assertEquals(new Span(MONDAY, MONDAY + 60), time.next(MONDAY));
    assertEquals(new Span(MONDAY + 120, MONDAY + 480), time.next(MONDAY + 60));
    assertThrows(
        IllegalStateException.class, () -> time.take(new Span(MONDAY + 100, MONDAY + 130)));
    assertEquals(new Span(MONDAY + 1440, MONDAY + 1920), time.next(MONDAY + 480), "Tuesday");
  }

  @Test
  void theMirroredClockRunsThroughTheSameHoursBackwards() {
    FreeTime mirrored = new FreeTime(SerialSchedulerTest.OFFICE, -(MONDAY + 240), true);
    Span morning = mirrored.next(-(MONDAY + 240));
    assertEquals(new Span(MONDAY, MONDAY + 240), morning.mirrored());
    Span before = mirrored.next(-MONDAY).mirrored();
    long friday = MONDAY - 3 * 1440;
    assertEquals(new Span(friday, friday + 480), before);
  }

  @Test
  void aNightShiftOverTheEdgeOfTheWeekIsOneStretch() {
    WeeklyHours nights =
        WeeklyHours.of(
            List.of(
                new OpenHours(DayOfWeek.SUNDAY, LocalTime.of(20, 0), LocalTime.of(23, 59)),
                new OpenHours(DayOfWeek.MONDAY, LocalTime.MIDNIGHT, LocalTime.of(4, 0))));
    assertEquals(8 * 60, nights.longestStretch());
    FreeTime time = new FreeTime(nights, MONDAY, false);
    long sunday = WeeklyHours.mondayOf(MONDAY) + 6 * 1440 + 20 * 60;
    // the next week is laid out when it is asked for, and then joined
    time.next(sunday + 300);
    assertEquals(new Span(sunday, sunday + 480), time.next(sunday));
  }

  @Test
  void aStationTakesAsManyAsItHolds() {
    StationTime station = new StationTime(2);
    station.take(new Span(0, 100));
    assertTrue(station.hasRoom(new Span(0, 100)));
    station.take(new Span(50, 150));
    assertFalse(station.hasRoom(new Span(0, 60)));
    assertEquals(new Span(100, 400), station.next(60, 400));
    assertEquals(new Span(0, 50), station.next(0, 400));
    assertTrue(station.hasRoom(new Span(100, 1_000)));
  }

  /** Minutes of three weeks, taken and given back in any order, also before they are laid out. */
  @Test
  void whatIsGivenBackIsFreeAgainWheneverItWasTaken() {
    Random random = new Random(17);
    for (int round = 0; round < 40; round++) {
      boolean mirrored = round % 2 == 1;
      long from = mirrored ? -(MONDAY + 3 * WeeklyHours.WEEK) : MONDAY;
      FreeTime time = new FreeTime(SerialSchedulerTest.OFFICE, from, mirrored);
      Set<Long> taken = new HashSet<>();
      List<Span> spans = new ArrayList<>();
      for (int step = 0; step < 120; step++) {
        if (random.nextInt(3) == 0 && !spans.isEmpty()) {
          Span back = spans.remove(random.nextInt(spans.size()));
          time.give(back);
          minutes(back).boxed().forEach(taken::remove);
        } else {
          long day =
              WeeklyHours.mondayOf(MONDAY) + 1440L * (7 * random.nextInt(3) + random.nextInt(5));
          long at = day + 540 + random.nextInt(400);
          Span span = new Span(at, at + 1 + random.nextInt(60));
          span = mirrored ? span.mirrored() : span;
          if (minutes(span).boxed().noneMatch(taken::contains)) {
            time.take(span);
            spans.add(span);
            minutes(span).boxed().forEach(taken::add);
          }
        }
        long asked = from + random.nextInt(2 * 10_080);
        assertEquals(slow(asked, mirrored, taken), time.next(asked), round + "/" + step);
      }
    }
  }

  private static LongStream minutes(Span span) {
    return LongStream.range(span.from(), span.to());
  }

  private static Span slow(long from, boolean mirrored, Set<Long> taken) {
    long begin = from;
    while (!free(begin, mirrored, taken)) {
      begin++;
    }
    long end = begin;
    while (free(end, mirrored, taken)) {
      end++;
    }
    return new Span(begin, end);
  }

  private static boolean free(long minute, boolean mirrored, Set<Long> taken) {
    LocalDateTime at = BenchClock.moment(mirrored ? -minute - 1 : minute);
    boolean open = at.getDayOfWeek().getValue() <= 5 && at.getHour() >= 9 && at.getHour() < 17;
    return open && !taken.contains(minute);
  }
}
