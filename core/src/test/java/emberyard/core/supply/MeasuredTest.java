package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.record.LabelKind;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLine.Fact;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What the caliper says of a sheet goes into the stock, once it is a sheet that was read. */
class MeasuredTest {
  private static final WorkshopBook BOOK = Samples.book();
  private static final SheetProduct SHEET = BOOK.sheets().get(0);

  private static OrderLine line(String needKey, String readings) {
    return Samples.order(needKey, OrderLine.State.RECEIVED, Samples.MONDAY)
        .with(
            each ->
                each.labelKind(LabelKind.SHEET)
                    .label(
                        readings.isEmpty() ? List.of() : List.of(new Fact("thickness", readings))));
  }

  @Test
  void slotsAreCutForTheLargestReading() {
    OrderLine read = line("sheet:" + SHEET.id(), "2.86, 2.90, 2.92");
    SheetProduct measured = Measured.sheet(read, BOOK).orElseThrow();
    assertEquals(2.92, measured.measuredThicknessMm());
    assertEquals(2.92, measured.realThicknessMm());
    WorkshopBook known = BOOK.with(SheetProduct.class, List.of(measured));
    assertTrue(Measured.sheet(read, known).isEmpty(), "known already");
  }

  @Test
  void nothingIsMeasuredThatWasNotReadOrIsNoSheetOfOurs() {
    assertTrue(Measured.sheet(line("sheet:" + SHEET.id(), ""), BOOK).isEmpty());
    assertTrue(Measured.sheet(line("sheet:unknown", "3.00, 3.00, 3.10"), BOOK).isEmpty());
    assertTrue(Measured.sheet(line("outside:p1", "3.00, 3.00, 3.10"), BOOK).isEmpty());
    OrderLine unasked = line("sheet:" + SHEET.id(), "2.9").withLabelKind(null);
    assertTrue(Measured.sheet(unasked, BOOK).isEmpty());
  }
}
