package emberyard.core.build;

import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.work.CostCategory;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What moved between a build and its shops, added up: by line, by category and by shop. Amounts are
 * minor units of the workshop's money.
 */
public final class Ledger {
  private final List<OrderLine> orders;
  private final Map<String, Long> ofLine = new HashMap<>();
  private final Map<CostCategory, Long> ofCategory = new EnumMap<>(CostCategory.class);
  private final Map<String, Long> deliveriesPaid = new HashMap<>();
  private final Map<String, Long> paymentsOfDeliveries = new HashMap<>();

  public Ledger(Build build) {
    this.orders = build.orders();
    build.moves().forEach(this::add);
  }

  private void add(Move move) {
    ofCategory.merge(move.category(), move.spentMinor(), Long::sum);
    if (!move.orderId().isEmpty()) {
      ofLine.merge(move.orderId(), move.spentMinor(), Long::sum);
    } else {
      deliveriesPaid.merge(move.supplierId(), move.spentMinor(), Long::sum);
      paymentsOfDeliveries.merge(move.supplierId(), move.spentMinor() < 0 ? -1L : 1L, Long::sum);
    }
  }

  /** Paid for a line, less what came back. */
  public long spentMinor(OrderLine line) {
    return ofLine.getOrDefault(line.id(), 0L);
  }

  /** Paid in a category, less what came back. */
  public long spentMinor(CostCategory category) {
    return ofCategory.getOrDefault(category, 0L);
  }

  /** What a line holds: its price as long as it is owed, and at least what is out for it. */
  public long committedMinor(OrderLine line) {
    return Math.max(line.owed() ? line.totalMinor() : 0, spentMinor(line));
  }

  /** What is still to be paid for a line. */
  public long openMinor(OrderLine line) {
    return committedMinor(line) - spentMinor(line);
  }

  /**
   * Deliveries of a shop: one for each order sent there, one for all that was ordered without a
   * number; what is cancelled brings none.
   */
  public int deliveries(String supplierId) {
    Set<String> numbers = new HashSet<>();
    orders.stream()
        .filter(line -> line.supplierId().equals(supplierId))
        .filter(line -> line.state() != OrderLine.State.CANCELLED)
        .filter(line -> line.way() == OrderLine.Way.SENT_FOR)
        .forEach(line -> numbers.add(line.number()));
    return numbers.size();
  }

  /** What a shop's deliveries hold: what was paid for them, and the usual fee for the others. */
  public long deliveriesMinor(String supplierId, long feeMinor) {
    long paid = Math.max(0, paymentsOfDeliveries.getOrDefault(supplierId, 0L));
    long unpaid = Math.max(0, deliveries(supplierId) - paid);
    return deliveriesSpentMinor(supplierId) + unpaid * feeMinor;
  }

  /** Paid for a shop's deliveries, less what came back. */
  public long deliveriesSpentMinor(String supplierId) {
    return deliveriesPaid.getOrDefault(supplierId, 0L);
  }
}
