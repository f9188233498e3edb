package emberyard.core.supply.basket;

import emberyard.core.units.Require;
import emberyard.core.workshop.DeliveryTerms;
import emberyard.core.workshop.Supplier;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What is wanted and who has it. Amounts of money are minor units of one money; days count from
 * today.
 *
 * @param things at most 5,000, each key once; of more than 500, or of more than 100 million, no
 *     best basket is looked for
 * @param shops at most 60; one with no id is nobody's and brings without a fee
 */
public record BasketProblem(List<Wanted> things, List<Shop> shops) {
  private static final int MOST_THINGS = 5_000;
  private static final int MOST_SEARCHED = 500;
  private static final int MOST_SHOPS = 60;
  private static final int MOST_OFFERS = 30;
  private static final long MOST_MINOR = 100_000_000;

  /**
   * Something wanted.
   *
   * @param quantity above 0, at most 10,000
   * @param neededInDays the last day on which it may be here, −3,650 to 3,650; null when nothing
   *     decides it
   * @param heldOfferId the offer that somebody chose by hand, null for none
   * @param offers 1 to 30, each id once
   */
  public record Wanted(
      String key,
      double quantity,
      @Nullable Integer neededInDays,
      @Nullable String heldOfferId,
      List<Quote> offers) {
    public Wanted {
      Require.text("key", key);
      Require.that(
          quantity > 0 && quantity <= 10_000, "quantity", "More than nothing, 10,000 at most.");
      if (neededInDays != null) {
        Require.between("neededInDays", neededInDays, -3650, 3650, "days");
      }
      offers = Require.list(offers);
      Require.that(
          !offers.isEmpty() && offers.size() <= MOST_OFFERS, "offers", "Give 1 to 30 offers.");
      Require.that(
          offers.stream().map(Quote::id).distinct().count() == offers.size(),
          "offers",
          "Each offer has an id of its own.");
      String held = heldOfferId;
      Require.that(
          held == null || offers.stream().anyMatch(offer -> offer.id().equals(held)),
          "heldOfferId",
          "The offer that is held is not among the offers.");
    }

    /** The same, with one offer held, or none. */
    public Wanted holding(@Nullable String offerId) {
      return new Wanted(key, quantity, neededInDays, offerId, offers);
    }

    /** The same, whenever it comes. */
    public Wanted whenever() {
      return new Wanted(key, quantity, null, heldOfferId, offers);
    }
  }

  /**
   * What a shop asks for one thing.
   *
   * @param unitPriceMinor of one, 0 to 100,000,000
   * @param packQuantity how many come in a pack, packs are whole; above 0, at most 10,000
   * @param available how many there are, null for enough
   * @param hereInDays the day it can be used from, sent for today, 0 to 3,650
   * @param troubleMinor what may go wrong, weighed by its chance, 0 to 100,000,000
   * @param dutyPercent duty and import tax, percent of its price, 0 to 200; none where it was left
   *     out
   * @param onlyByHand whether it is bought only where somebody chose it, or nothing else is offered
   */
  public record Quote(
      String id,
      String shopId,
      long unitPriceMinor,
      double packQuantity,
      @Nullable Double available,
      int hereInDays,
      long troubleMinor,
      @Nullable Double dutyPercent,
      boolean onlyByHand) {
    /** One that crosses no border. */
    public Quote(
        String id,
        String shopId,
        long unitPriceMinor,
        double packQuantity,
        @Nullable Double available,
        int hereInDays,
        long troubleMinor,
        boolean onlyByHand) {
      this(
          id,
          shopId,
          unitPriceMinor,
          packQuantity,
          available,
          hereInDays,
          troubleMinor,
          null,
          onlyByHand);
    }

    public Quote {
      Require.text("id", id);
      shopId = Require.textOrEmpty("shopId", shopId);
      Require.between("unitPriceMinor", unitPriceMinor, 0, MOST_MINOR, "minor units");
      Require.that(
          packQuantity > 0 && packQuantity <= 10_000,
          "packQuantity",
          "More than nothing, 10,000 at most.");
      Require.that(available == null || available >= 0, "available", "Not less than nothing.");
      Require.between("hereInDays", hereInDays, 0, 3650, "days");
      Require.between("troubleMinor", troubleMinor, 0, MOST_MINOR, "minor units");
      if (dutyPercent != null) {
        Require.between("dutyPercent", dutyPercent, 0, Supplier.MOST_DUTY_PERCENT, "%");
      }
    }

    /** How many packs there are of it, as many as anybody may want where it is not said. */
    long packs() {
      return available == null
          ? Long.MAX_VALUE
          : (long) Math.floor(available / packQuantity + NEARLY);
    }

    /** Packs that are at least this much. */
    long packsFor(double quantity) {
      return (long) Math.ceil(quantity / packQuantity - NEARLY);
    }

    /** Price of so many packs. */
    long priceMinor(long packs) {
      return Math.round(packs * packQuantity * unitPriceMinor);
    }

    /** Duty and import tax on so many packs, rounded half up. */
    long dutyMinor(long packs) {
      return dutyPercent == null ? 0 : Math.round(priceMinor(packs) * dutyPercent / 100);
    }
  }

  /** A pack is not opened for less than this part of it. */
  private static final double NEARLY = 1e-9;

  /** A shop, and what it asks for bringing things. */
  public record Shop(String id, DeliveryTerms delivery) {
    public Shop {
      id = Require.textOrEmpty("id", id);
      Require.given("delivery", delivery);
    }
  }

  public BasketProblem {
    things = Require.list(things);
    shops = Require.list(shops);
    Require.that(things.size() <= MOST_THINGS, "things", "At most 5,000 things at once.");
    Require.that(shops.size() <= MOST_SHOPS, "shops", "At most 60 shops at once.");
    Set<String> known = shops.stream().map(Shop::id).collect(Collectors.toCollection(HashSet::new));
    Require.that(known.size() == shops.size(), "shops", "Each shop has an id of its own.");
    Set<String> keys = things.stream().map(Wanted::key).collect(Collectors.toSet());
    Require.that(keys.size() == things.size(), "things", "Each thing has a key of its own.");
    Require.each("things", things, (thing, at) -> soldByOneOf(known, thing));
  }

  /** Each of its offers is of a shop that is there. */
  private static List<Quote> soldByOneOf(Set<String> known, Wanted thing) {
    return Require.each(
        "offers",
        thing.offers(),
        (offer, at) -> {
          String sentence = "There is no shop “%s”.".formatted(offer.shopId());
          Require.that(known.contains(offer.shopId()), "shopId", sentence);
          return offer;
        });
  }

  /** The place of each shop among them, by id. */
  Map<String, Integer> shopNumbers() {
    Map<String, Integer> numbers = new HashMap<>();
    shops.forEach(shop -> numbers.put(shop.id(), numbers.size()));
    return numbers;
  }

  /** Whether it is small enough, in things and in money, that a best basket is looked for. */
  boolean searchable() {
    return things.size() <= MOST_SEARCHED && mostMinor() <= Score.MOST_MINOR;
  }

  /** No basket costs more. */
  private double mostMinor() {
    double goods = 0;
    for (Wanted thing : things) {
      goods +=
          thing.offers().stream()
              .mapToDouble(
                  offer ->
                      offer.unitPriceMinor()
                              * (thing.quantity() + offer.packQuantity())
                              * (1 + (offer.dutyPercent() == null ? 0 : offer.dutyPercent()) / 100)
                          + offer.troubleMinor())
              .sum();
    }
    return goods + shops.stream().mapToDouble(shop -> shop.delivery().deliveryMinor(0)).sum();
  }
}
