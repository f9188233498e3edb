package emberyard.core.supply.basket;

import emberyard.core.units.FigureKey;
import emberyard.core.workshop.DeliveryTerms;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What to buy where, so that it costs the least of all that comes in time.
 *
 * @param lines in the order in which the things were asked for
 * @param deliveries of each shop that brings something, by id
 * @param dutyMinor duty and import tax
 * @param troubleMinor what may go wrong, weighed by its chance
 * @param proven whether nothing cheaper exists; else the search was given up
 */
@FigureKey("basket")
public record Basket(
    List<BasketLine> lines,
    List<BasketDelivery> deliveries,
    long goodsMinor,
    long deliveryMinor,
    long dutyMinor,
    long troubleMinor,
    boolean proven) {

  /**
   * One thing: where it comes from.
   *
   * @param lateDays how much after its day the last of it is here; then nothing is earlier
   */
  public record BasketLine(String key, List<BasketShare> shares, int lateDays) {
    /** The day on which all of it is here, from today. */
    public int hereInDays() {
      return shares.stream().mapToInt(BasketShare::hereInDays).max().orElse(0);
    }
  }

  /** So many packs of an offer. */
  @FigureKey("basket/{key}/{offerId}")
  public record BasketShare(
      String offerId,
      String shopId,
      long packs,
      double quantity,
      long priceMinor,
      int hereInDays) {}

  /** What a shop brings, what it asks for bringing it, and what customs ask. */
  @FigureKey("basket/{shopId}")
  public record BasketDelivery(
      String shopId, long goodsMinor, long deliveryMinor, long dutyMinor) {}

  /** All of it: goods, deliveries, duty, and trouble by its chance. */
  public long totalMinor() {
    return goodsMinor + deliveryMinor + dutyMinor + troubleMinor;
  }

  /**
   * The cheapest of all baskets that come in time; what can't be in time comes from where it is
   * least late. Of equal ones the one with fewer shops, then the one that is here earlier.
   *
   * <p>Example: paint at 12.00 from one shop (delivery 4.90), tape at 3.00 there or 2.50 at another
   * (delivery 3.90): both from the first, 19.90, since the 50 cents cost a delivery.
   */
  public static Basket of(BasketProblem problem) {
    return of(problem, BasketSearch.MOST_STEPS);
  }

  /**
   * The same, given up sooner; of what is too large to be searched, each thing comes from its first
   * offer.
   */
  static Basket of(BasketProblem problem, long mostSteps) {
    return problem.searchable()
        ? new BasketSearch(problem, mostSteps).best()
        : of(problem, Choice.firsts(problem), false);
  }

  /** What this rule costs: how much more than without it; below nothing never. */
  public static long ruleMinor(Basket with, Basket without) {
    return Math.max(0, with.totalMinor() - without.totalMinor());
  }

  static Basket of(BasketProblem problem, List<Choice> chosen, boolean proven) {
    List<BasketLine> lines = new ArrayList<>();
    Map<String, Long> goods = new TreeMap<>();
    Map<String, Long> duty = new HashMap<>();
    long trouble = 0;
    for (int i = 0; i < chosen.size(); i++) {
      BasketProblem.Wanted thing = problem.things().get(i);
      Choice choice = chosen.get(i);
      lines.add(new BasketLine(thing.key(), choice.shares(), choice.lateDays()));
      for (BasketShare share : choice.shares()) {
        goods.merge(share.shopId(), share.priceMinor(), Long::sum);
        BasketProblem.Quote offer = offer(thing, share.offerId());
        duty.merge(share.shopId(), offer.dutyMinor(share.packs()), Long::sum);
        trouble += offer.troubleMinor();
      }
    }
    Map<String, DeliveryTerms> terms = new HashMap<>();
    problem.shops().forEach(shop -> terms.put(shop.id(), shop.delivery()));
    List<BasketDelivery> deliveries =
        goods.entrySet().stream()
            .map(
                each ->
                    new BasketDelivery(
                        each.getKey(),
                        each.getValue(),
                        terms.get(each.getKey()).deliveryMinor(each.getValue()),
                        duty.get(each.getKey())))
            .toList();
    return new Basket(
        lines,
        deliveries,
        deliveries.stream().mapToLong(BasketDelivery::goodsMinor).sum(),
        deliveries.stream().mapToLong(BasketDelivery::deliveryMinor).sum(),
        deliveries.stream().mapToLong(BasketDelivery::dutyMinor).sum(),
        trouble,
        proven);
  }

  private static BasketProblem.Quote offer(BasketProblem.Wanted thing, String id) {
    return thing.offers().stream().filter(offer -> offer.id().equals(id)).findFirst().orElseThrow();
  }
}
