package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.record.OrderLine;
import emberyard.core.workshop.LastPaid;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What lies on the shelf costs what was last paid for one of it. */
public final class ShelfPrices {
  private static final Set<OrderLine.State> STAYED =
      EnumSet.of(OrderLine.State.KEPT, OrderLine.State.SHELVED);

  private final Map<String, Paid> last = new HashMap<>();

  private ShelfPrices() {}

  /**
   * What one was bought for.
   *
   * @param minor of the workshop's money
   * @param unit that the order counted in, empty where the workshop said it
   */
  public record Paid(long minor, String unit, LocalDate on) {}

  /**
   * Of several the latest: what came with an order, or what was said; of one day what was said.
   *
   * <p>Example: 12.00 said on 1 March; one ordered at 13.50 came on 4 March: 13.50.
   *
   * @param builds all of them
   */
  public static ShelfPrices of(WorkshopBook book, Collection<Build> builds) {
    ShelfPrices prices = new ShelfPrices();
    for (Build build : builds) {
      for (OrderLine line : build.orders()) {
        boolean kept = line.live() || STAYED.contains(line.state());
        if (kept && line.receivedOn() != null && line.way() != OrderLine.Way.CLIENT_PAYS) {
          long minor = Math.round(line.unitPriceMinor() * line.rate());
          prices.take(line.needKey(), new Paid(minor, line.unit(), line.receivedOn()));
        }
      }
    }
    for (LastPaid said : book.lastPaid()) {
      prices.take(said.needKey(), new Paid(said.paidMinor(), "", said.on()));
    }
    return prices;
  }

  private void take(String needKey, Paid paid) {
    last.merge(needKey, paid, (one, other) -> other.on().isBefore(one.on()) ? one : other);
  }

  /** Empty where nobody said it, or an order counted it otherwise. */
  public Optional<Paid> lastPaid(String needKey, String unit) {
    return Optional.ofNullable(last.get(needKey))
        .filter(paid -> paid.unit().isEmpty() || paid.unit().equals(unit));
  }
}
