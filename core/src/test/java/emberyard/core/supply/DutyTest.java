package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.money.Budget;
import emberyard.core.money.BudgetLine;
import emberyard.core.record.OrderLine;
import emberyard.core.work.CostCategory;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import emberyard.core.yard.YardModel;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What customs ask is planned, ordered and paid beside the goods. */
class DutyTest {
  private static Supplier shop(Double percent) {
    return new Supplier("quay", "Quayside", 5, 900, null, null, null, null, percent, "", "", "");
  }

  private static BuildModel model(Build build, Double percent) {
    WorkshopBook book = Samples.book().with(Supplier.class, List.of(shop(percent)));
    return YardModel.of(List.of(build), book, Samples.MONDAY_NINE).builds().get("b1");
  }

  private static BudgetLine shipping(BuildModel model) {
    Budget budget = model.budget();
    return budget.lines().stream()
        .filter(line -> line.category() == CostCategory.SHIPPING)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aPercentOfTheGoodsRoundedHalfUp() {
    assertEquals(1_048, shop(21.0).dutyMinor(4_990));
    assertEquals(0, shop(null).dutyMinor(4_990));
    assertEquals(1, shop(50.0).dutyMinor(1));
  }

  @Test
  void itIsPlannedForAllThatIsStillToBuy() {
    BuildModel without = model(Samples.build(), null);
    BuildModel with = model(Samples.build(), 20.0);
    long goods =
        without.needs().stream()
            .map(NeedLine::need)
            .filter(need -> need.supplierId().equals("quay"))
            .mapToLong(need -> Math.round(need.toBuy() * need.unitPriceMinor()))
            .sum();
    long more = shipping(with).plannedMinor() - shipping(without).plannedMinor();
    assertTrue(goods > 10_000);
    // a cent a line may be rounded
    assertEquals(goods * 0.2, more, with.needs().size());
    assertEquals(more, shipping(with).forecastMinor() - shipping(without).forecastMinor());
  }

  @Test
  void ofWhatIsOrderedItIsALineOfItsOwnThatNothingArrivesOf() {
    OrderLine screen =
        Samples.order("screen:d1", OrderLine.State.ORDERED, Samples.MONDAY).withNumber("2026-001");
    OrderLine duty = Duty.line("o-duty", screen, 1_920);
    BuildModel model = model(Samples.build().with(OrderLine.class, List.of(screen, duty)), 20.0);
    BuildModel bare = model(Samples.build().with(OrderLine.class, List.of(screen)), 20.0);
    OrderedLine line = model.ordered().lines().get(1);
    assertEquals("Duty and import tax, 2026-001", line.line().title());
    assertEquals(1_920, line.openMinor());
    assertNull(line.differs());
    assertEquals(1_920, shipping(model).committedMinor() - shipping(bare).committedMinor());
    assertEquals(model.parcels(), bare.parcels());
    assertEquals(
        bare.ordered().deliveries(), model.ordered().deliveries(), "it brings no delivery");
  }

  @Test
  void ofWhatNeverComesNobodyAsksDuty() {
    OrderLine screen =
        Samples.order("screen:d1", OrderLine.State.CANCELLED, Samples.MONDAY)
            .withNumber("2026-001");
    OrderLine duty = Duty.line("o-duty", screen, 1_920);
    BuildModel model = model(Samples.build().with(OrderLine.class, List.of(screen, duty)), null);
    assertEquals(0, model.ordered().lines().get(1).openMinor());
    OrderLine passedOn = screen.withState(OrderLine.State.PASSED_ON);
    BuildModel elsewhere =
        model(Samples.build().with(OrderLine.class, List.of(passedOn, duty)), null);
    assertEquals(1_920, elsewhere.ordered().lines().get(1).openMinor(), "it stays like a delivery");
  }
}
