package emberyard.core.yard.day;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.ManualTask;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.Stage;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.OwnDay;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import emberyard.core.yard.YardModel;
import emberyard.core.yard.YardPlan;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Away, not before, just an hour: the day as it is then, and what slides. */
class HoursSaidTest {
  private static final LocalDateTime AT = LocalDateTime.parse("2026-03-02T10:30");
  private static final Instant NOW = Instant.parse("2026-03-02T10:30:00Z");
  private static final LocalTime TWO = LocalTime.of(14, 0);

  private static HoursSaid said(HoursSaid.What what, LocalTime until, Integer minutes) {
    return new HoursSaid(what, "ines", null, until, minutes);
  }

  private static List<String> hours(OwnDay day) {
    return day.hours().stream().map(each -> each.from() + "–" + each.to()).toList();
  }

  private static OwnDay on(HoursSaid said) {
    return said.on(Samples.book(), AT);
  }

  /** The worked example of {@link HoursSaid#on}. */
  @Test
  void theDayIsCutAsSaid() {
    List<String> fromTwo = List.of("09:00–10:30", "14:00–17:00");
    assertEquals(fromTwo, hours(on(said(HoursSaid.What.AWAY, TWO, null))));
    assertEquals(fromTwo, hours(on(said(HoursSaid.What.NOT_BEFORE, TWO, null))));
    assertEquals(List.of("09:00–10:30"), hours(on(said(HoursSaid.What.AWAY, null, null))));
    assertEquals(
        List.of("09:00–10:30", "10:30–11:30"), hours(on(said(HoursSaid.What.JUST, null, 60))));
  }

  @Test
  void anotherDayIsCutFromItsBegin() {
    LocalDate friday = LocalDate.parse("2026-03-06");
    WorkshopBook book = Samples.book();
    HoursSaid away = new HoursSaid(HoursSaid.What.AWAY, "ines", friday, null, null);
    assertEquals(List.of(), hours(away.on(book, AT)));
    HoursSaid later = new HoursSaid(HoursSaid.What.NOT_BEFORE, "ines", friday, TWO, null);
    assertEquals(List.of("14:00–17:00"), hours(later.on(book, AT)));
  }

  /** An hour is given in the evening and on a Sunday, and ends at midnight at the latest. */
  @Test
  void anHourIsGivenOutsideOfTheHoursToo() {
    HoursSaid hour = said(HoursSaid.What.JUST, null, 60);
    OwnDay evening = hour.on(Samples.book(), LocalDateTime.parse("2026-03-02T23:20"));
    assertEquals(List.of("09:00–12:45", "13:15–17:00", "23:20–23:59"), hours(evening));
    OwnDay sunday = hour.on(Samples.book(), LocalDateTime.parse("2026-03-01T15:00"));
    assertEquals(List.of("15:00–16:00"), hours(sunday));
  }

  @Test
  void whatIsOverCantBeSaid() {
    HoursSaid early = said(HoursSaid.What.AWAY, LocalTime.of(9, 0), null);
    assertThrows(InvalidValue.class, () -> on(early));
    LocalDate sunday = LocalDate.parse("2026-03-01");
    HoursSaid past = new HoursSaid(HoursSaid.What.AWAY, "ines", sunday, null, null);
    assertThrows(InvalidValue.class, () -> on(past));
    assertThrows(InvalidValue.class, () -> said(HoursSaid.What.NOT_BEFORE, null, null));
    assertThrows(InvalidValue.class, () -> said(HoursSaid.What.JUST, null, 2));
    HoursSaid tomorrow =
        new HoursSaid(HoursSaid.What.JUST, "ines", AT.toLocalDate().plusDays(1), null, 60);
    assertThrows(InvalidValue.class, () -> on(tomorrow));
    OpenHours tuesday = new OpenHours(AT.getDayOfWeek().plus(1), TWO, TWO.plusHours(1));
    assertThrows(
        InvalidValue.class,
        () -> new OwnDay("", "ines", AT.toLocalDate(), List.of(tuesday), "", null));
  }

  private static DaySlides slides(WorkshopBook book, OwnDay day, Build... builds) {
    WorkshopBook then = book.with(OwnDay.class, List.of(day));
    YardModel before = YardModel.of(List.of(builds), book, NOW);
    YardModel after = YardModel.of(List.of(builds), then, NOW);
    return DaySlides.between(before, after, book, then, day);
  }

  private static Build busy(int tasks, int minutes) {
    List<ManualTask> all = new ArrayList<>();
    for (int i = 0; i < tasks; i++) {
      all.add(
          new ManualTask("m" + i, "Task " + i, Stage.MAKE, minutes, 0, List.of(), List.of(), null));
    }
    return Samples.build().with(ManualTask.class, all);
  }

  /** Away all day: nothing of that day is left on it, and the day has no hours. */
  @Test
  void whoIsAwayDoesNothingThatDay() {
    WorkshopBook book = Samples.book();
    OwnDay day = said(HoursSaid.What.AWAY, null, null).on(book, AT);
    DaySlides slides = slides(book, day, busy(4, 60));
    assertFalse(slides.steps().isEmpty());
    for (DaySlides.SlidStep step : slides.steps()) {
      assertEquals(AT.toLocalDate(), step.was().toLocalDate());
      assertTrue(step.is().toLocalDate().isAfter(AT.toLocalDate()), step.title());
    }
    DaySlides.SlidBuild later = slides(book, day, busy(30, 300)).builds().get(0);
    assertTrue(later.finishAfter().isAfter(later.finishBefore()));
    WorkshopBook then = book.with(OwnDay.class, List.of(day));
    YardModel after = YardModel.of(List.of(busy(4, 60)), then, NOW);
    BenchDay bench = BenchDay.of(after, then, NOW, "ines");
    assertEquals(AT.toLocalDate().plusDays(1), bench.day());
    assertEquals(List.of(day), bench.ownDays());
  }

  /** The hours that are there already say nothing new. */
  @Test
  void theUsualHoursMoveNothing() {
    WorkshopBook book = Samples.book();
    LocalDate day = AT.toLocalDate();
    OwnDay usual = new OwnDay("", "ines", day, book.workedOn("ines", day), "", null);
    DaySlides slides = slides(book, usual, busy(6, 90));
    assertEquals(List.of(), slides.steps());
    assertEquals(List.of(), slides.builds());
    assertEquals(List.of(), slides.findings());
    assertEquals(slides.hoursBefore(), slides.hoursAfter());
  }

  /** What is planned from what was worked out before is what is planned from nothing. */
  @Test
  void thePlanWithOtherHoursIsThePlanFromScratch() {
    Random random = new Random(5);
    for (int i = 0; i < 25; i++) {
      Build build = busy(1 + random.nextInt(6), 20 + random.nextInt(200));
      WorkshopBook book = Samples.book();
      LocalTime until = LocalTime.of(11 + random.nextInt(6), 5 * random.nextInt(12));
      OwnDay day = said(HoursSaid.What.NOT_BEFORE, until, null).on(book, AT);
      WorkshopBook then = book.with(OwnDay.class, List.of(day));
      YardPlan plan = YardPlan.of(List.of(build), book, NOW);
      plan.model();
      assertEquals(
          YardModel.of(List.of(build), then, NOW),
          plan.changed(List.of(build), then, NOW).model(),
          "until " + until);
    }
  }
}
