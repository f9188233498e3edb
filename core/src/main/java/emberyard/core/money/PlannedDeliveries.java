package emberyard.core.money;

import emberyard.core.record.OrderLine;
import emberyard.core.workshop.Supplier;
import java.util.Collection;
import java.util.Map;
import java.util.TreeMap;

/**
 * What bringing a build's things costs before anything is sent: one delivery of each shop with
 * something to bring, at its terms for the goods of this build alone. What others have in the same
 * parcel only makes it cheaper.
 */
final class PlannedDeliveries {
  private final Map<String, Long> wanted = new TreeMap<>();
  private final Map<String, Long> ordered = new TreeMap<>();
  private final Map<String, Long> open = new TreeMap<>();

  /** Something is to be bought. */
  void wants(String supplierId, long goodsMinor) {
    wanted.merge(supplierId, goodsMinor, Long::sum);
  }

  /** Of that, something is not ordered yet. */
  void misses(String supplierId, long goodsMinor) {
    open.merge(supplierId, goodsMinor, Long::sum);
  }

  /** What was sent for was brought, or will be, but for what is cancelled. */
  void has(OrderLine line) {
    boolean sentFor = line.way() == OrderLine.Way.SENT_FOR;
    if (sentFor && line.state() != OrderLine.State.CANCELLED) {
      ordered.merge(line.supplierId(), line.totalMinor(), Long::sum);
    }
  }

  /** How many of these shops have something to bring. */
  long count(Collection<Supplier> shops) {
    return shops.stream().filter(shop -> brings(shop.id())).count();
  }

  private boolean brings(String supplierId) {
    return wanted.containsKey(supplierId) || ordered.containsKey(supplierId);
  }

  /**
   * Of all that it brings, ordered or not.
   *
   * <p>Example: 9.90, below 50.00 another 6.00, free from 150.00: gauges for 40.11 are 15.90, with
   * a handle for 9.99 it is 9.90, with elbows for 100.00 besides nothing.
   */
  long plannedMinor(Supplier shop) {
    String id = shop.id();
    long goods = Math.max(wanted.getOrDefault(id, 0L), ordered.getOrDefault(id, 0L));
    return brings(id) ? shop.delivery().deliveryMinor(goods) : 0;
  }

  /** Of what is not ordered yet: it comes by itself. */
  long openMinor(Supplier shop) {
    Long goods = open.get(shop.id());
    return goods == null ? 0 : shop.delivery().deliveryMinor(goods);
  }
}
