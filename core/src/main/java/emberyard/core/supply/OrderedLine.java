package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.build.Ledger;
import emberyard.core.record.OrderLine;
import emberyard.core.units.FigureKey;
import emberyard.core.work.Need;
import emberyard.core.workshop.Sundry;
import emberyard.core.workshop.WorkshopBook;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A line of an order with its money.
 *
 * @param unit what is counted: as it was ordered, or as the need has it where nobody said
 * @param totalMinor its price in the workshop's money
 * @param spentMinor paid, less what came back
 * @param openMinor still to be paid
 * @param differs what it is not, against what is needed now; null where it is what is needed, or
 *     was settled
 * @param forShelf how much of it can be laid on the shelf, in {@code unit}; 0 for nothing
 * @param returnBy the last day on which its shop takes it back, null where nobody knows
 * @param proof when it is shown to work, null where it need not be before all the others
 * @param check what its label says against what was ordered, null where it is asked nothing
 */
@RecordBuilder
@FigureKey("orders/{line.id}")
public record OrderedLine(
    OrderLine line,
    String unit,
    long totalMinor,
    long spentMinor,
    long openMinor,
    @Nullable Difference differs,
    double forShelf,
    @Nullable LocalDate returnBy,
    @Nullable LabelCheck check,
    @Nullable ProofDue proof)
    implements OrderedLineBuilder.With {

  /**
   * @param need what it was ordered for, null where the design has no such need any more
   */
  static OrderedLine of(
      OrderLine line, @Nullable Need need, Ledger ledger, Build build, WorkshopBook book) {
    Difference differs = Difference.of(line, need, build);
    return new OrderedLine(
        line,
        counted(line, need, book),
        line.totalMinor(),
        ledger.spentMinor(line),
        ledger.openMinor(line),
        differs,
        Shelving.most(line, differs, ledger, book),
        line.receivedOn() == null ? null : OrderBook.lastReturn(line, book).orElse(null),
        LabelCheck.of(line),
        null);
  }

  /** Where nobody said a unit, single ones were ordered, never packs. */
  private static String counted(OrderLine line, @Nullable Need need, WorkshopBook book) {
    if (!line.unit().isEmpty() || need == null) {
      return line.unit();
    }
    return book.sundries().stream()
        .filter(each -> need.wholePacks() && each.fills(need.key()))
        .map(Sundry::unit)
        .findFirst()
        .orElse(need.unit());
  }
}
