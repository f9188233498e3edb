package emberyard.core.supply.basket;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One way to get one thing: all of it from one offer, or all that a short offer has and the rest
 * from another.
 *
 * @param shops numbers of the shops it comes from, each once
 * @param goodsMinor of each of these shops
 * @param score what it costs, with its days behind, see {@link Score}
 * @param lateDays how much after its day it comes, 0 where it is in time
 */
record Choice(
    List<Basket.BasketShare> shares, int[] shops, long[] goodsMinor, long score, int lateDays) {
  /** Short offers that are tried together. */
  private static final int MOST_SHORT = 8;

  /** Less of a thing than this is nothing. */
  private static final double NOTHING = 1e-9;

  /**
   * Every way to get a thing, the best first. What can't be in time is left out while something
   * can; where nothing can, only what is least late stays. A held offer leaves no other.
   */
  static List<Choice> of(BasketProblem.Wanted thing, Map<String, Integer> shopNumbers) {
    List<BasketProblem.Quote> quotes = asked(thing);
    List<Choice> all = new ArrayList<>();
    List<BasketProblem.Quote> shortOnes =
        quotes.stream()
            .filter(offer -> offer.packs() < offer.packsFor(thing.quantity()))
            .filter(offer -> offer.packs() > 0)
            .limit(MOST_SHORT)
            .toList();
    for (int taken = 0; taken < 1 << shortOnes.size(); taken++) {
      add(all, thing, quotes, shortOnes, taken, shopNumbers);
    }
    if (all.isEmpty()) {
      // nobody has enough: ordered at the best price all the same, and said
      quotes.forEach(
          offer ->
              all.add(made(thing, Map.of(offer, offer.packsFor(thing.quantity())), shopNumbers)));
    }
    int least = all.stream().mapToInt(Choice::lateDays).min().orElse(0);
    return all.stream()
        .filter(choice -> choice.lateDays == least)
        .sorted(Comparator.comparingLong(Choice::score).thenComparing(Choice::names))
        .toList();
  }

  /** Each thing from the offer that is held, or from its first. */
  static List<Choice> firsts(BasketProblem problem) {
    Map<String, Integer> numbers = problem.shopNumbers();
    return problem.things().stream()
        .map(
            thing -> {
              BasketProblem.Quote first = asked(thing).get(0);
              return made(thing, Map.of(first, first.packsFor(thing.quantity())), numbers);
            })
        .toList();
  }

  /** The one that is held; else those that are bought without anybody choosing them, if any. */
  private static List<BasketProblem.Quote> asked(BasketProblem.Wanted thing) {
    if (thing.heldOfferId() != null) {
      return thing.offers().stream()
          .filter(offer -> offer.id().equals(thing.heldOfferId()))
          .toList();
    }
    List<BasketProblem.Quote> freely =
        thing.offers().stream().filter(offer -> !offer.onlyByHand()).toList();
    return freely.isEmpty() ? thing.offers() : freely;
  }

  /** All of the short offers that are taken, and the rest from one other. */
  private static void add(
      List<Choice> all,
      BasketProblem.Wanted thing,
      List<BasketProblem.Quote> quotes,
      List<BasketProblem.Quote> shortOnes,
      int taken,
      Map<String, Integer> shopNumbers) {
    Map<BasketProblem.Quote, Long> packs = new LinkedHashMap<>();
    double rest = thing.quantity();
    for (int i = 0; i < shortOnes.size(); i++) {
      if ((taken >> i & 1) == 1) {
        BasketProblem.Quote offer = shortOnes.get(i);
        packs.put(offer, offer.packs());
        rest -= offer.packs() * offer.packQuantity();
      }
    }
    if (rest <= NOTHING) {
      if (!packs.isEmpty()) {
        all.add(made(thing, lessWhatIsTooMuch(packs, -rest), shopNumbers));
      }
      return;
    }
    for (BasketProblem.Quote offer : quotes) {
      long more = offer.packsFor(rest);
      if (more <= offer.packs() && !packs.containsKey(offer)) {
        double tooMuch = more * offer.packQuantity() - rest;
        Map<BasketProblem.Quote, Long> with = lessWhatIsTooMuch(packs, tooMuch);
        with.put(offer, more);
        all.add(made(thing, with, shopNumbers));
      }
    }
  }

  /** Packs that aren't needed are left out again, the dearest first. */
  private static Map<BasketProblem.Quote, Long> lessWhatIsTooMuch(
      Map<BasketProblem.Quote, Long> packs, double tooMuch) {
    Map<BasketProblem.Quote, Long> less = new LinkedHashMap<>(packs);
    double left = tooMuch;
    List<BasketProblem.Quote> dearest =
        packs.keySet().stream()
            .sorted(Comparator.comparingLong((BasketProblem.Quote offer) -> -offer.priceMinor(1)))
            .toList();
    for (BasketProblem.Quote offer : dearest) {
      long out =
          Math.min(less.get(offer), (long) Math.floor(left / offer.packQuantity() + NOTHING));
      less.put(offer, less.get(offer) - out);
      left -= out * offer.packQuantity();
    }
    less.values().removeIf(many -> many == 0);
    return less;
  }

  private static Basket.BasketShare share(BasketProblem.Quote offer, long packs) {
    return new Basket.BasketShare(
        offer.id(),
        offer.shopId(),
        packs,
        packs * offer.packQuantity(),
        offer.priceMinor(packs),
        offer.hereInDays());
  }

  private static Choice made(
      BasketProblem.Wanted thing,
      Map<BasketProblem.Quote, Long> packs,
      Map<String, Integer> shopNumbers) {
    List<Basket.BasketShare> shares =
        packs.entrySet().stream().map(each -> share(each.getKey(), each.getValue())).toList();
    int[] shops =
        shares.stream().mapToInt(share -> shopNumbers.get(share.shopId())).distinct().toArray();
    long[] goods = new long[shops.length];
    for (int i = 0; i < shops.length; i++) {
      for (Basket.BasketShare share : shares) {
        goods[i] += shopNumbers.get(share.shopId()) == shops[i] ? share.priceMinor() : 0;
      }
    }
    long cost =
        shares.stream().mapToLong(Basket.BasketShare::priceMinor).sum()
            + packs.entrySet().stream()
                .mapToLong(each -> each.getKey().dutyMinor(each.getValue()))
                .sum()
            + packs.keySet().stream().mapToLong(BasketProblem.Quote::troubleMinor).sum();
    int here = shares.stream().mapToInt(Basket.BasketShare::hereInDays).max().orElse(0);
    int late = thing.neededInDays() == null ? 0 : Math.max(0, here - thing.neededInDays());
    return new Choice(shares, shops, goods, Score.of(cost, 0, here), late);
  }

  private String names() {
    return shares.stream().map(share -> share.shopId() + " " + share.offerId()).toList().toString();
  }

  /** Whether it needs none of the closed shops. */
  boolean without(boolean[] closed) {
    for (int shop : shops) {
      if (closed[shop]) {
        return false;
      }
    }
    return true;
  }

  /** What it buys at a shop. */
  long goodsAt(int shop) {
    for (int i = 0; i < shops.length; i++) {
      if (shops[i] == shop) {
        return goodsMinor[i];
      }
    }
    return 0;
  }
}
