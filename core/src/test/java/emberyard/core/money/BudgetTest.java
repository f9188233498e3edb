package emberyard.core.money;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import emberyard.core.build.Build;
import emberyard.core.finding.Severity;
import emberyard.core.record.OrderLine;
import emberyard.core.supply.Duty;
import emberyard.core.work.CostCategory;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import emberyard.core.yard.YardModel;
import java.util.List;
import org.junit.jupiter.api.Test;

class BudgetTest {
  private static Budget budget(Build build) {
    return Samples.model(build).budget();
  }

  private static BudgetLine line(Budget budget, CostCategory category) {
    return budget.lines().get(category.ordinal());
  }

  @Test
  void plannedIsPricesTimesNeedsInMinorUnits() {
    Budget budget = budget(Samples.build());
    assertEquals(20_000, line(budget, CostCategory.PERFORMANCE_HARDWARE).plannedMinor());
    // screen 96.00 + 0.8 m of strip at 14.00
    assertEquals(9_600 + 1_120, line(budget, CostCategory.LOOK_HARDWARE).plannedMinor());
    assertEquals(2_400, line(budget, CostCategory.MADE_PART_MATERIAL).plannedMinor());
    assertEquals(1_150, line(budget, CostCategory.FINISH_MATERIAL).plannedMinor());
    assertEquals(900, line(budget, CostCategory.SHIPPING).plannedMinor());
    assertEquals(
        Math.round(0.05 * (20_000 + 10_720 + 2_400 + 1_150 + 900)),
        line(budget, CostCategory.CONTINGENCY).plannedMinor());
  }

  private static Budget budgetAt(Long smallBelowMinor, Long freeFromMinor) {
    return budgetAt(Samples.build(), smallBelowMinor, freeFromMinor);
  }

  private static Budget budgetAt(Build build, Long smallBelowMinor, Long freeFromMinor) {
    Supplier shop =
        new Supplier(
            "quay",
            "Quayside",
            5,
            900,
            null,
            smallBelowMinor,
            600L,
            freeFromMinor,
            null,
            "",
            "",
            "");
    WorkshopBook book = Samples.book().with(Supplier.class, List.of(shop));
    return YardModel.of(List.of(build), book, Samples.MONDAY_NINE).builds().get("b1").budget();
  }

  /** As the basket has it: a small order costs more, a large one is free. */
  @Test
  void aDeliveryIsPlannedAtTheShopsTermsForWhatItBrings() {
    long goods = 20_000 + 9_600 + 1_120 + 2_400 + 1_150;
    assertEquals(900, shipping(budgetAt(goods, goods + 1)));
    assertEquals(900 + 600, shipping(budgetAt(goods + 1, goods + 1)));
    assertEquals(0, shipping(budgetAt(null, goods)));
  }

  /** Neither duty nor what was cancelled makes a parcel worth more. */
  @Test
  void dutyAndWhatIsCancelledAreNoGoodsOfADelivery() {
    long goods = 20_000 + 9_600 + 1_120 + 2_400 + 1_150;
    OrderLine screen = Samples.order("screen:d1", OrderLine.State.ORDERED, Samples.MONDAY);
    OrderLine cancelled =
        screen.with(each -> each.state(OrderLine.State.CANCELLED).unitPriceMinor(90_000));
    Build build =
        Samples.build()
            .with(OrderLine.class, List.of(cancelled, Duty.line("d", cancelled, 99_000)));
    assertEquals(
        900,
        line(budgetAt(build, null, goods + 1), CostCategory.SHIPPING).plannedMinor(),
        "not free: the goods are less");
  }

  /** What somebody fetched over the counter, and nothing needs any more, is not brought. */
  @Test
  void onlyWhatIsSentForIsBrought() {
    Supplier shop = Samples.book().suppliers().get(0);
    OrderLine sent = Samples.order("screen:d1", OrderLine.State.RECEIVED, Samples.MONDAY);
    PlannedDeliveries deliveries = new PlannedDeliveries();
    deliveries.has(sent.withWay(OrderLine.Way.COUNTER));
    deliveries.has(sent.withState(OrderLine.State.CANCELLED));
    assertEquals(0, deliveries.plannedMinor(shop));
    assertEquals(0, deliveries.count(List.of(shop)));
    deliveries.has(sent);
    assertEquals(shop.shippingMinor(), deliveries.plannedMinor(shop));
  }

  private static long shipping(Budget budget) {
    BudgetLine line = line(budget, CostCategory.SHIPPING);
    assertEquals(line.plannedMinor(), line.forecastMinor(), "nothing is ordered yet");
    return line.plannedMinor();
  }

  @Test
  void anOrderMovesMoneyFromPlannedToCommittedNotTwice() {
    Budget before = budget(Samples.build());
    Budget after =
        budget(
            new Samples.Made()
                .with(
                    Samples.order("screen:d1", OrderLine.State.ORDERED, Samples.MONDAY.plusDays(5)))
                .build());
    BudgetLine look = line(after, CostCategory.LOOK_HARDWARE);
    assertEquals(9_600, look.committedMinor());
    assertEquals(0, look.spentMinor());
    assertEquals(line(before, CostCategory.LOOK_HARDWARE).forecastMinor(), look.forecastMinor());
  }

  @Test
  void forecastIsSpentAndCommittedUnpaidAndPlannedUnordered() {
    Budget budget = budget(new Samples.Made().logged("part:p1/cut", 30).build());
    for (BudgetLine line : budget.lines()) {
      if (line.category() == CostCategory.CONTINGENCY) {
        continue;
      }
      long unordered = line.forecastMinor() - line.committedMinor();
      assertEquals(true, unordered >= 0 && line.spentMinor() <= line.committedMinor());
    }
    assertEquals(
        budget.forecastMinor(), budget.lines().stream().mapToLong(BudgetLine::forecastMinor).sum());
    assertEquals(30 * 3_000 / 60, line(budget, CostCategory.LABOUR).spentMinor());
  }

  @Test
  void theCapIsARiskByForecastAndAStopByCommitment() {
    Budget b = budget(Samples.build());
    assertEquals(0, b.findings("EUR").size());
    assertEquals(Severity.RISK, capped(b, 1_000, 0).findings("EUR").get(0).severity());
    assertEquals(Severity.STOP, capped(b, 1_000, 1_001).findings("EUR").get(0).severity());
    assertEquals(
        "Committed €0.01 over the cap", capped(b, 1_000, 1_001).findings("EUR").get(0).title());
  }

  @Test
  void quoteAndEarnedHour() {
    Budget b = budget(Samples.build());
    assertEquals(Math.round(b.plannedMinor() * 1.15), b.quoteMinor());
    assertEquals(5_000, Budget.earnedPerHour(300_000, 200_000, 20 * 60));
    assertNull(Budget.earnedPerHour(1, 0, 0));
  }

  private static Budget capped(Budget b, long cap, long committed) {
    return new Budget(
        b.lines(),
        b.labour(),
        b.plannedMinor(),
        b.committedMinor(),
        b.spentMinor(),
        b.forecastMinor(),
        b.quoteMinor(),
        b.countedForecastMinor(),
        committed,
        0,
        cap,
        null,
        null,
        b.quoteWhy());
  }
}
