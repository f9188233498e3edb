package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.record.OrderLine;
import emberyard.core.units.Figures;
import emberyard.core.units.InvalidValue;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class SupplyTest {
  @Test
  void orderByCountsLeadAndAWorkingDayForReceiving() {
    var hours = Samples.book().workshop().hours();
    assertEquals(LocalDate.of(2026, 3, 10), OrderBook.orderBy(LocalDate.of(2026, 3, 18), 7, hours));
    // needed on a Monday: the working day before is Friday
    assertEquals(LocalDate.of(2026, 3, 6), OrderBook.orderBy(LocalDate.of(2026, 3, 9), 0, hours));
    assertEquals(
        DayOfWeek.FRIDAY, OrderBook.orderBy(LocalDate.of(2026, 3, 8), 0, hours).getDayOfWeek());
  }

  @Test
  void whatShouldHaveBeenOrderedIsFound() {
    BuildModel soon = Samples.model(new Samples.Made().reveal(LocalDate.of(2026, 3, 6)).build());
    assertTrue(
        soon.findings().stream()
            .anyMatch(f -> f.title().startsWith("Tide board was to be ordered by")));
  }

  /** A day in the past is no day to order on: it is today, and so many days late. */
  @Test
  void nothingIsToBeOrderedBeforeTodayAndNothingByADayWithoutAReveal() {
    LocalDate today = Samples.MONDAY;
    NeedLine late =
        screen(Samples.model(new Samples.Made().reveal(LocalDate.of(2026, 3, 6)).build()));
    assertEquals(today, late.orderBy());
    assertTrue(late.daysLate() > 0, "days: " + late.daysLate());
    String lastSafe = Figures.day(today.minusDays(late.daysLate()));
    assertTrue(
        Samples.model(new Samples.Made().reveal(LocalDate.of(2026, 3, 6)).build())
            .findings()
            .stream()
            .anyMatch(f -> f.title().equals("Tide board was to be ordered by " + lastSafe)));
    NeedLine inTime =
        screen(Samples.model(new Samples.Made().reveal(LocalDate.of(2026, 6, 1)).build()));
    assertTrue(inTime.orderBy().isAfter(today));
    assertEquals(0, inTime.daysLate());
    BuildModel open = Samples.model(new Samples.Made().reveal(null).build());
    assertEquals(null, screen(open).orderBy());
    assertFalse(judged(open, "was to be ordered"));
    OrderLine slow = Samples.order("screen:d1", OrderLine.State.ORDERED, LocalDate.of(2026, 4, 2));
    assertFalse(
        judged(Samples.model(new Samples.Made().reveal(null).with(slow).build()), "needed"),
        "no reveal moves where there is none");
  }

  @Test
  void anArrivalAfterTheNeedIsAStop() {
    BuildModel late =
        Samples.model(
            new Samples.Made()
                .reveal(LocalDate.of(2026, 3, 20))
                .with(Samples.order("screen:d1", OrderLine.State.ORDERED, LocalDate.of(2026, 4, 2)))
                .build());
    Finding finding =
        late.findings().stream().filter(f -> f.capability().equals("supply")).findFirst().get();
    assertEquals(Severity.STOP, finding.severity());
    assertTrue(finding.title().startsWith("Tide board comes Thu 2 Apr, needed "));
  }

  @Test
  void wrongGoodsHaveToComeAgain() {
    BuildModel model =
        Samples.model(
            new Samples.Made()
                .with(Samples.order("screen:d1", OrderLine.State.WRONG, Samples.MONDAY))
                .build());
    assertTrue(
        model.findings().stream().anyMatch(f -> f.title().endsWith("is not what was ordered")));
    NeedLine line =
        model.needs().stream().filter(n -> n.need().key().equals("screen:d1")).findFirst().get();
    assertEquals(NeedLine.State.WANTED, line.state());
  }

  private static BuildModel ordered(OrderLine... orders) {
    Samples.Made made = new Samples.Made().reveal(LocalDate.of(2026, 4, 10));
    for (OrderLine order : orders) {
      made.with(order);
    }
    return Samples.model(made.build());
  }

  private static boolean judged(BuildModel model, String words) {
    return model.findings().stream()
        .filter(finding -> finding.capability().equals("supply"))
        .anyMatch(finding -> finding.title().contains(words));
  }

  private static NeedLine screen(BuildModel model) {
    return model.needs().stream()
        .filter(line -> line.need().key().equals("screen:d1"))
        .findFirst()
        .orElseThrow();
  }

  /** The day it is needed on is in time, the day after is not; found by trying every day. */
  @Test
  void whatComesOnTheDayItIsNeededIsInTime() {
    LocalDate lastInTime = null;
    for (LocalDate day = Samples.MONDAY;
        day.isBefore(LocalDate.of(2026, 4, 20));
        day = day.plusDays(1)) {
      BuildModel model = ordered(Samples.order("screen:d1", OrderLine.State.ORDERED, day));
      if (!judged(model, "Tide board comes")) {
        assertTrue(lastInTime == null || lastInTime.equals(day.minusDays(1)), "one bound: " + day);
        lastInTime = day;
      }
    }
    String next = "needed ";
    BuildModel late =
        ordered(Samples.order("screen:d1", OrderLine.State.ORDERED, lastInTime.plusDays(1)));
    assertTrue(judged(late, next + Figures.day(lastInTime)), late.findings().toString());
  }

  @Test
  void anExpectedDayThatHasPassedIsAskedAbout() {
    assertTrue(
        judged(
            ordered(
                Samples.order("screen:d1", OrderLine.State.ORDERED, Samples.MONDAY.minusDays(1))),
            "Tide board"));
  }

  @Test
  void aReplacementOfWhatCameWrongIsOnItsWay() {
    OrderLine wrong = Samples.order("screen:d1", OrderLine.State.WRONG, Samples.MONDAY);
    OrderLine again = Samples.order("screen:d1", OrderLine.State.ORDERED, Samples.MONDAY);
    OrderLine replacement = again.with(line -> line.id("again"));
    assertEquals(NeedLine.State.WANTED, screen(ordered(wrong)).state());
    BuildModel mended = ordered(wrong, replacement);
    assertEquals(NeedLine.State.ORDERED, screen(mended).state());
    assertEquals(List.of("again"), screen(mended).orders());
  }

  @Test
  void anOrderCannotArriveBeforeItWasPlacedNorBeCheckedByNobody() {
    assertThrows(
        InvalidValue.class,
        () -> Samples.order("screen:d1", OrderLine.State.ORDERED, Samples.MONDAY.minusDays(9)));
    OrderLine line = Samples.order("screen:d1", OrderLine.State.CHECKED, Samples.MONDAY);
    assertThrows(InvalidValue.class, () -> line.with(each -> each.checkedBy("")));
  }
}
