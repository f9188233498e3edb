package emberyard.core.workshop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class BreaksTest {
  private static OpenHours monday(String from, String to) {
    return new OpenHours(DayOfWeek.MONDAY, LocalTime.parse(from), LocalTime.parse(to));
  }

  @Test
  void aDayOfEightHoursHasOneInTheMiddle() {
    assertEquals(
        List.of(monday("09:00", "12:45"), monday("13:15", "17:00")),
        Breaks.in(List.of(monday("09:00", "17:00")), 30));
    assertEquals(
        List.of(monday("09:00", "15:00")), Breaks.in(List.of(monday("09:00", "15:00")), 30));
    assertEquals(
        List.of(monday("09:00", "17:00")), Breaks.in(List.of(monday("09:00", "17:00")), 0));
  }

  @Test
  void whoSaysTheBreakThemselvesGetsNoOther() {
    List<OpenHours> own = List.of(monday("08:00", "12:00"), monday("13:00", "17:00"));
    assertEquals(own, Breaks.in(own, 30));
    assertEquals(
        Breaks.in(List.of(monday("08:00", "17:00")), 30),
        Breaks.in(List.of(monday("12:00", "17:00"), monday("08:00", "12:00")), 30),
        "stretches that touch are one");
  }

  @Test
  void aDayAndANightHasThree() {
    List<OpenHours> cut = Breaks.in(List.of(monday("00:00", "23:59")), 60);
    assertEquals(4, cut.size());
    assertEquals(LocalTime.of(23, 59), cut.get(3).to(), "midnight stays midnight");
    assertEquals(21 * 60, cut.stream().mapToLong(OpenHours::minutes).sum());
  }

  @Test
  void nobodyWorksMoreThanSixHoursOnEnd() {
    Random random = new Random(7);
    for (int i = 0; i < 2_000; i++) {
      List<OpenHours> hours = new ArrayList<>();
      for (int k = 0; k <= random.nextInt(3); k++) {
        int from = random.nextInt(1300);
        hours.add(
            new OpenHours(
                DayOfWeek.of(1 + random.nextInt(2)),
                LocalTime.MIN.plusMinutes(from),
                LocalTime.MIN.plusMinutes(from + 1 + random.nextInt(1438 - from))));
      }
      int minutes = 1 + random.nextInt(120);
      List<OpenHours> cut = Breaks.in(hours, minutes);
      for (OpenHours stretch : cut) {
        assertTrue(stretch.minutes() <= 360, hours + " → " + cut);
        assertTrue(hours.stream().anyMatch(is -> is.day() == stretch.day()), "on its day");
      }
      assertEquals(cut, Breaks.in(cut, minutes), "what has its breaks gets no more");
    }
  }
}
