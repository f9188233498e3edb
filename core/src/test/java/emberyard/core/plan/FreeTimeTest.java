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
    FreeTime time = new FreeTime(SerialSchedulerTest.OFFICE, MONDAY);
    assertEquals(new Span(MONDAY, MONDAY + 480), next(time, MONDAY));
    time.take(MONDAY + 60, MONDAY + 120);
    assertEquals(new Span(MONDAY, MONDAY + 60), next(time, MONDAY));
    assertEquals(new Span(MONDAY + 120, MONDAY + 480), next(time, MONDAY + 60));
    assertThrows(IllegalStateException.class, () -> time.take(MONDAY + 100, MONDAY + 130));
    assertEquals(new Span(MONDAY + 1440, MONDAY + 1920), next(time, MONDAY + 480), "Tuesday");
  }

  @Test
  void theMirroredClockRunsThroughTheSameHoursBackwards() {
    FreeTime mirrored = new FreeTime(SerialSchedulerTest.OFFICE, MONDAY).mirrored(MONDAY + 240);
    Span morning = next(mirrored, -(MONDAY + 240));
    assertEquals(new Span(MONDAY, MONDAY + 240), morning.mirrored());
    Span before = next(mirrored, -MONDAY).mirrored();
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
    FreeTime time = new FreeTime(nights, MONDAY);
    long sunday = WeeklyHours.mondayOf(MONDAY) + 6 * 1440 + 20 * 60;
    // the next week is laid out when it is asked for, and then joined
    next(time, sunday + 300);
    assertEquals(new Span(sunday, sunday + 480), next(time, sunday));
  }

  @Test
  void aStationTakesAsManyAsItHolds() {
    StationTime station = new StationTime(2);
    station.take(0, 100);
    assertTrue(station.hasRoom(0, 100));
    station.take(50, 150);
    assertFalse(station.hasRoom(0, 60));
    assertEquals(100, station.room(60));
    assertEquals(400, station.full(100, 400));
    assertEquals(0, station.room(0));
    assertEquals(50, station.full(0, 400));
    assertTrue(station.hasRoom(100, 1_000));
  }

  /** Loads of single minutes, some taken off again in another order. */
  @Test
  void aStationIsAsFullAsItsMinutesSay() {
    Random random = new Random(5);
    for (int capacity = 1; capacity <= 4; capacity++) {
      StationTime station = new StationTime(capacity);
      int[] load = new int[500];
      List<Span> spans = new ArrayList<>();
      for (int step = 0; step < 300; step++) {
        boolean back = random.nextInt(3) == 0 && !spans.isEmpty();
        int at = random.nextInt(400);
        Span span =
            back
                ? spans.remove(random.nextInt(spans.size()))
                : new Span(at, at + random.nextInt(60));
        minutes(span).forEach(minute -> load[(int) minute] += back ? -1 : 1);
        if (back) {
          station.give(span.from(), span.to());
        } else {
          station.take(span.from(), span.to());
          spans.add(span);
        }
        int asked = random.nextInt(400);
        int room = asked;
        while (load[room] >= capacity) {
          room++;
        }
        int full = room;
        while (full < 480 && load[full] < capacity) {
          full++;
        }
        assertEquals(room, station.room(asked));
        assertEquals(full, station.full(room, 480));
        assertEquals(room == asked && full >= asked + 30, station.hasRoom(asked, asked + 30));
      }
    }
  }

  /** Minutes of three weeks, taken and given back in any order, also before they are laid out. */
  @Test
  void whatIsGivenBackIsFreeAgainWheneverItWasTaken() {
    Random random = new Random(17);
    for (int round = 0; round < 40; round++) {
      boolean mirrored = round % 2 == 1;
      long from = mirrored ? -(MONDAY + 3 * WeeklyHours.WEEK) : MONDAY;
      FreeTime all = new FreeTime(SerialSchedulerTest.OFFICE, MONDAY);
      FreeTime time = mirrored ? all.mirrored(-from) : all.copy();
      Set<Long> taken = new HashSet<>();
      List<Span> spans = new ArrayList<>();
      for (int step = 0; step < 120; step++) {
        if (random.nextInt(3) == 0 && !spans.isEmpty()) {
          Span back = spans.remove(random.nextInt(spans.size()));
          time.give(back.from(), back.to());
          minutes(back).boxed().forEach(taken::remove);
        } else {
          long day =
              WeeklyHours.mondayOf(MONDAY) + 1440L * (7 * random.nextInt(3) + random.nextInt(5));
          long at = day + 540 + random.nextInt(400);
          Span span = new Span(at, at + 1 + random.nextInt(60));
          span = mirrored ? span.mirrored() : span;
          if (minutes(span).boxed().noneMatch(taken::contains)) {
            time.take(span.from(), span.to());
            spans.add(span);
            minutes(span).boxed().forEach(taken::add);
          }
        }
        long asked = from + random.nextInt(2 * 10_080);
        assertEquals(slow(asked, mirrored, taken), next(time, asked), round + "/" + step);
      }
    }
  }

  private static Span next(FreeTime time, long from) {
    time.seek(from, 10_080);
    return new Span(time.begin(), time.end());
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
