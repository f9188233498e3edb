package emberyard.core.build;

import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.work.CostCategory;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;

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
    return Math.max(owed(line) ? line.totalMinor() : 0, spentMinor(line));
  }

  /** Of what is all cancelled nobody asks duty. */
  private boolean owed(OrderLine line) {
    if (line.way() != OrderLine.Way.DUTY || line.number().isEmpty()) {
      return line.owed();
    }
    return line.owed()
        && orders.stream()
            .filter(each -> each.number().equals(line.number()) && !each.id().equals(line.id()))
            .anyMatch(
                each ->
                    each.way() != OrderLine.Way.DUTY && each.state() != OrderLine.State.CANCELLED);
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
    return sent(supplierId).size();
  }

  /** Lines of each delivery that comes, by number. */
  private Collection<List<OrderLine>> sent(String supplierId) {
    Map<String, List<OrderLine>> byNumber =
        orders.stream()
            .filter(line -> line.supplierId().equals(supplierId))
            .filter(line -> line.way() == OrderLine.Way.SENT_FOR)
            .collect(Collectors.groupingBy(OrderLine::number));
    byNumber
        .values()
        .removeIf(
            lines -> lines.stream().allMatch(line -> line.state() == OrderLine.State.CANCELLED));
    return byNumber.values();
  }

  /**
   * What a shop's deliveries hold: what was paid for them, and what the others cost; of those that
   * are paid it is taken that they were the cheapest.
   *
   * <p>Example: two orders at a usual fee of 4.90, one shared with another build of which 1.20 is
   * borne here; 1.20 is paid: 6.10.
   */
  public long deliveriesMinor(String supplierId, long feeMinor) {
    long paid = Math.max(0, paymentsOfDeliveries.getOrDefault(supplierId, 0L));
    return deliveriesSpentMinor(supplierId)
        + sent(supplierId).stream()
            .mapToLong(lines -> borneMinor(lines, feeMinor))
            .sorted()
            .skip(paid)
            .sum();
  }

  /** What lines that come together bear of their delivery. */
  private static long borneMinor(List<OrderLine> lines, long feeMinor) {
    return lines.stream().allMatch(line -> line.deliveryMinor() == null)
        ? feeMinor
        : lines.stream()
            .map(OrderLine::deliveryMinor)
            .filter(Objects::nonNull)
            .mapToLong(Long::longValue)
            .sum();
  }

  /** Paid for a shop's deliveries, less what came back. */
  public long deliveriesSpentMinor(String supplierId) {
    return deliveriesPaid.getOrDefault(supplierId, 0L);
  }
}
