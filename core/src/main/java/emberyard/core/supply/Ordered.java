package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.build.Ledger;
import emberyard.core.units.FigureKey;
import emberyard.core.work.Need;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.WorkshopBook;
import java.util.List;
import java.util.Map;

/**
 * What was ordered, as it was ordered, with its money.
 *
 * @param lines in the order in which they were ordered
 * @param deliveries of each shop that brings some of it, in the order of the workshop's shops
 */
public record Ordered(List<OrderedLine> lines, List<Delivery> deliveries) {
  public Ordered {
    lines = List.copyOf(lines);
    deliveries = List.copyOf(deliveries);
  }

  /**
   * What a shop's deliveries cost.
   *
   * @param count how many there are: one for each order sent
   * @param spentMinor paid for them, less what came back
   * @param openMinor still to be paid, at the shop's usual fee
   */
  @FigureKey("build/{buildId}/deliveries/{supplierId}")
  public record Delivery(String supplierId, int count, long spentMinor, long openMinor) {}

  /**
   * @param needs what is needed now, by key
   */
  static Ordered of(
      Build build, Map<String, Need> needs, Map<String, ProofDue> proofs, WorkshopBook book) {
    Ledger ledger = new Ledger(build);
    return new Ordered(
        build.orders().stream()
            .map(line -> OrderedLine.of(line, needs.get(line.needKey()), ledger, build, book))
            .map(line -> line.withProof(proofs.get(line.line().id())))
            .toList(),
        book.suppliers().stream()
            .filter(shop -> ledger.deliveries(shop.id()) > 0)
            .map(shop -> delivery(shop, ledger))
            .toList());
  }

  private static Delivery delivery(Supplier shop, Ledger ledger) {
    long spent = ledger.deliveriesSpentMinor(shop.id());
    long all = ledger.deliveriesMinor(shop.id(), shop.shippingMinor());
    return new Delivery(shop.id(), ledger.deliveries(shop.id()), spent, all - spent);
  }
}
