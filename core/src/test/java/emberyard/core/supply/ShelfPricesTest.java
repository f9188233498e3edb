package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import emberyard.core.build.Build;
import emberyard.core.record.OrderLine;
import emberyard.core.work.Need;
import emberyard.core.workshop.LastPaid;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What lies on the shelf costs what was paid for it, not what the next one will cost. */
class ShelfPricesTest {
  private static final LocalDate DAY = Samples.MONDAY;
  private static final WorkshopBook THREE_CANS =
      Samples.book().with(PaintProduct.class, List.of(Samples.paint(3)));

  private static WorkshopBook said(long minor, LocalDate on) {
    LastPaid price = new LastPaid("p1", "paint:green", minor, on);
    return THREE_CANS.with(LastPaid.class, List.of(price));
  }

  private static Build came(long minor, LocalDate on, OrderLine.State state) {
    OrderLine can =
        Samples.order("paint:green", OrderLine.State.CHECKED, on)
            .with(line -> line.unit("cans").unitPriceMinor(minor).receivedOn(on).state(state));
    return Samples.build().with(OrderLine.class, List.of(can));
  }

  private static Optional<Long> paid(WorkshopBook book, Build... builds) {
    return ShelfPrices.of(book, List.of(builds))
        .lastPaid("paint:green", "cans")
        .map(ShelfPrices.Paid::minor);
  }

  @Test
  void theLatestOfWhatIsKnownCounts() {
    assertEquals(Optional.empty(), paid(THREE_CANS));
    assertEquals(Optional.of(1_200L), paid(said(1_200, DAY)));
    Build later = came(1_350, DAY.plusDays(3), OrderLine.State.CHECKED);
    assertEquals(Optional.of(1_350L), paid(said(1_200, DAY), later));
    Build earlier = came(1_350, DAY.minusDays(3), OrderLine.State.CHECKED);
    assertEquals(Optional.of(1_200L), paid(said(1_200, DAY), earlier));
    Build sameDay = came(1_350, DAY, OrderLine.State.CHECKED);
    assertEquals(Optional.of(1_200L), paid(said(1_200, DAY), sameDay));
  }

  @Test
  void whatWentBackWasNotPaidForTheShelf() {
    assertEquals(Optional.empty(), paid(THREE_CANS, came(900, DAY, OrderLine.State.SENT_BACK)));
    assertEquals(Optional.of(900L), paid(THREE_CANS, came(900, DAY, OrderLine.State.KEPT)));
    assertEquals(
        Optional.empty(),
        ShelfPrices.of(THREE_CANS, List.of(came(900, DAY, OrderLine.State.CHECKED)))
            .lastPaid("paint:green", "ml"));
  }

  private static Need served(WorkshopBook book, double cans) {
    return new StockShelf(book).handOut(Samples.build(), List.of(Samples.cans(cans))).get(0);
  }

  @Test
  void aBuildPaysThatForWhatItTakes() {
    Need need = served(said(700, DAY), 2);
    assertEquals(700, need.worthMinor());
    assertEquals(1_150, need.unitPriceMinor());
    assertEquals(1_150, served(THREE_CANS, 2).worthMinor());
    WorkshopBook none = said(700, DAY).with(PaintProduct.class, List.of(Samples.paint(0)));
    assertNull(served(none, 2).shelfMinor());
  }
}
