package emberyard.core.supply.basket;

import emberyard.core.build.Build;
import emberyard.core.record.Offer;
import emberyard.core.supply.NeedLine;
import emberyard.core.supply.Offers;
import emberyard.core.units.FigureKey;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The cheapest basket of all that is open in all builds, as parcels. Money in minor units of the
 * workshop's money.
 *
 * @param parcels one a shop, what has to go first comes first
 * @param totalMinor goods, their deliveries and duty
 * @param dutyMinor duty and import tax, as shops’ percents have it
 * @param troubleMinor what may go wrong, weighed by its chance
 * @param inTimeMinor how much more it costs because things are to be in time; 0 for nothing
 * @param proven whether nothing cheaper exists
 * @param watches things of the build that is looked at, whose price is watched
 */
@FigureKey("basket")
public record BasketPlan(
    List<BasketParcel> parcels,
    long totalMinor,
    long goodsMinor,
    long deliveryMinor,
    long dutyMinor,
    long troubleMinor,
    long inTimeMinor,
    boolean proven,
    List<Watch> watches) {
  /** So many things at most are asked what their other offers would cost. */
  private static final int MOST_ASKED = 60;

  /** And each of them is given up after a moment. */
  private static final long STEPS_OF_ONE = 1_000_000;

  /**
   * What is bought from one shop, in one parcel.
   *
   * @param hereOn the day on which four of five such parcels are here
   * @param sendBy the last day to send it, today where that has passed; null when nothing decides
   *     it
   */
  @FigureKey("basket/{supplierId}")
  public record BasketParcel(
      String supplierId,
      long goodsMinor,
      long deliveryMinor,
      long dutyMinor,
      int hereInDays,
      LocalDate hereOn,
      @Nullable LocalDate sendBy,
      List<BasketItem> items) {}

  /**
   * A thing in a parcel, or a part of it.
   *
   * @param buildName whose it is
   * @param offerId what it comes from, {@link Offers#LISTED} where the design says so
   * @param quantity what is bought: whole packs
   * @param of how much of it is needed
   * @param held whether it was chosen by hand
   * @param lateDays working or not, how much after its last day it is here; nothing is earlier
   * @param others what it could come from besides
   */
  @FigureKey("basket/{supplierId}/{buildId}/{needKey}/{offerId}")
  public record BasketItem(
      String buildId,
      String buildName,
      String needKey,
      String title,
      String unit,
      String offerId,
      double quantity,
      double of,
      long priceMinor,
      boolean held,
      @Nullable LocalDate neededOn,
      int lateDays,
      List<BasketOther> others) {}

  /**
   * Another offer for a thing, with everything else solved round it.
   *
   * @param moreMinor how much more the whole basket would cost with it
   * @param sooner days by which it would be here sooner, below 0 for later
   * @param lateDays how much after its last day it would be here
   */
  @FigureKey("basket/{buildId}/{needKey}/other/{offerId}")
  public record BasketOther(
      String offerId,
      String supplierId,
      Offer.Condition condition,
      long moreMinor,
      int sooner,
      int lateDays) {}

  /**
   * @param build that is looked at
   * @param needs of that build
   */
  public static BasketPlan of(
      Buying buying, Build build, List<NeedLine> needs, WorkshopBook book, LocalDate today) {
    BasketProblem problem = buying.problem();
    Basket basket = Basket.of(problem);
    Map<String, List<BasketOther>> others = new HashMap<>();
    problem.things().stream()
        .filter(thing -> thing.offers().size() > 1 && basket.proven())
        .filter(thing -> buying.open(thing.key()).build().id().equals(build.id()))
        .limit(MOST_ASKED)
        .forEach(thing -> others.put(thing.key(), others(buying, problem, thing, basket)));
    Basket whenever =
        Basket.of(
            changed(
                problem, problem.things().stream().map(BasketProblem.Wanted::whenever).toList()));
    return new BasketPlan(
        parcels(buying, basket, others, today),
        basket.goodsMinor() + basket.deliveryMinor() + basket.dutyMinor(),
        basket.goodsMinor(),
        basket.deliveryMinor(),
        basket.dutyMinor(),
        basket.troubleMinor(),
        Basket.ruleMinor(basket, whenever),
        basket.proven(),
        Watch.of(build, needs, book.workshop().hours(), today));
  }

  private static BasketProblem changed(BasketProblem problem, List<BasketProblem.Wanted> things) {
    return new BasketProblem(things, problem.shops());
  }

  private static List<BasketOther> others(
      Buying buying, BasketProblem problem, BasketProblem.Wanted thing, Basket basket) {
    Basket.BasketLine line = line(basket, thing.key());
    List<BasketOther> others = new ArrayList<>();
    for (BasketProblem.Quote quote : thing.offers()) {
      boolean taken =
          line.shares().size() == 1 && line.shares().get(0).offerId().equals(quote.id());
      if (taken) {
        continue;
      }
      List<BasketProblem.Wanted> things =
          problem.things().stream()
              .map(each -> each.key().equals(thing.key()) ? each.holding(quote.id()) : each)
              .toList();
      Basket with = Basket.of(changed(problem, things), STEPS_OF_ONE);
      Basket.BasketLine its = line(with, thing.key());
      others.add(
          new BasketOther(
              quote.id(),
              quote.shopId(),
              buying.condition(thing.key(), quote.id()),
              with.totalMinor() - basket.totalMinor(),
              line.hereInDays() - its.hereInDays(),
              its.lateDays()));
    }
    return others;
  }

  private static Basket.BasketLine line(Basket basket, String key) {
    return basket.lines().stream().filter(line -> line.key().equals(key)).findFirst().orElseThrow();
  }

  private static List<BasketParcel> parcels(
      Buying buying, Basket basket, Map<String, List<BasketOther>> others, LocalDate today) {
    List<BasketParcel> parcels = new ArrayList<>();
    for (Basket.BasketDelivery delivery : basket.deliveries()) {
      List<BasketItem> items = new ArrayList<>();
      int here = 0;
      LocalDate sendBy = null;
      for (Basket.BasketLine line : basket.lines()) {
        for (Basket.BasketShare share : line.shares()) {
          if (share.shopId().equals(delivery.shopId())) {
            Buying.Open open = buying.open(line.key());
            items.add(item(open, line, share, others.getOrDefault(line.key(), List.of())));
            here = Math.max(here, share.hereInDays());
            sendBy = earliest(sendBy, sendBy(buying, open.line(), share, today));
          }
        }
      }
      parcels.add(
          new BasketParcel(
              delivery.shopId(),
              delivery.goodsMinor(),
              delivery.deliveryMinor(),
              delivery.dutyMinor(),
              here,
              today.plusDays(here),
              sendBy,
              items));
    }
    parcels.sort(
        Comparator.comparing(BasketParcel::sendBy, Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(BasketParcel::supplierId));
    return List.copyOf(parcels);
  }

  private static BasketItem item(
      Buying.Open open,
      Basket.BasketLine line,
      Basket.BasketShare share,
      List<BasketOther> others) {
    NeedLine need = open.line();
    return new BasketItem(
        open.build().id(),
        open.build().brief().name(),
        need.need().key(),
        need.need().title(),
        need.need().unit(),
        share.offerId(),
        share.quantity(),
        need.open(),
        share.priceMinor(),
        Offers.held(open.build(), need.need().key()).isPresent(),
        need.neededOn(),
        line.lateDays(),
        others);
  }

  private static @Nullable LocalDate sendBy(
      Buying buying, NeedLine line, Basket.BasketShare share, LocalDate today) {
    LocalDate last = buying.lastDay(line);
    if (last == null) {
      return null;
    }
    LocalDate send = last.minusDays(share.hereInDays());
    return send.isBefore(today) ? today : send;
  }

  private static @Nullable LocalDate earliest(@Nullable LocalDate one, @Nullable LocalDate other) {
    if (one == null || other == null) {
      return one == null ? other : one;
    }
    return one.isBefore(other) ? one : other;
  }
}
