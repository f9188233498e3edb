package emberyard.core.supply.basket;

import emberyard.core.workshop.DeliveryTerms;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Every way to buy everything, one after the other: slow, and written without looking at the
 * search.
 */
final class SlowBasket {
  /** How many packs of each offer of a thing. */
  private record Way(BasketProblem.Wanted thing, long[] packs) {
    long cost() {
      long sum = 0;
      for (int i = 0; i < packs.length; i++) {
        BasketProblem.Quote offer = thing.offers().get(i);
        sum += packs[i] == 0 ? 0 : withDuty(offer, packs[i]) + offer.troubleMinor();
      }
      return sum;
    }

    /** A fifth of 10.00 on top is 12.00, added up again. */
    private static long withDuty(BasketProblem.Quote offer, long packs) {
      double percent = offer.dutyPercent() == null ? 0 : offer.dutyPercent();
      long price = offer.priceMinor(packs);
      return price + Math.round(price * percent / 100);
    }

    int here() {
      int here = 0;
      for (int i = 0; i < packs.length; i++) {
        here = packs[i] == 0 ? here : Math.max(here, thing.offers().get(i).hereInDays());
      }
      return here;
    }

    int late() {
      return thing.neededInDays() == null ? 0 : Math.max(0, here() - thing.neededInDays());
    }
  }

  /** Cost, shops and days of a basket. */
  record Worth(long costMinor, int shops, int days) implements Comparable<Worth> {
    @Override
    public int compareTo(Worth other) {
      return Comparator.comparingLong(Worth::costMinor)
          .thenComparing(Worth::shops)
          .thenComparing(Worth::days)
          .compare(this, other);
    }
  }

  private final BasketProblem problem;
  private final Map<String, DeliveryTerms> shops = new HashMap<>();
  private Worth best;

  private SlowBasket(BasketProblem problem) {
    this.problem = problem;
    problem.shops().forEach(shop -> shops.put(shop.id(), shop.delivery()));
  }

  static Worth best(BasketProblem problem) {
    SlowBasket slow = new SlowBasket(problem);
    List<List<Way>> ways = problem.things().stream().map(SlowBasket::ways).toList();
    slow.all(ways, new ArrayList<>());
    return slow.best;
  }

  /** What a basket is worth, added up again from its lines. */
  static Worth worth(BasketProblem problem, Basket basket) {
    List<Way> chosen = new ArrayList<>();
    for (int i = 0; i < problem.things().size(); i++) {
      BasketProblem.Wanted thing = problem.things().get(i);
      long[] packs = new long[thing.offers().size()];
      for (Basket.BasketShare share : basket.lines().get(i).shares()) {
        for (int offer = 0; offer < packs.length; offer++) {
          packs[offer] +=
              thing.offers().get(offer).id().equals(share.offerId()) ? share.packs() : 0;
        }
      }
      chosen.add(new Way(thing, packs));
    }
    return new SlowBasket(problem).worth(chosen);
  }

  /** The least that one thing costs by itself, without any delivery. */
  static long cheapestAlone(BasketProblem.Wanted thing) {
    return ways(thing).stream().mapToLong(Way::cost).min().orElseThrow();
  }

  private void all(List<List<Way>> ways, List<Way> chosen) {
    if (chosen.size() == ways.size()) {
      Worth worth = worth(chosen);
      best = best == null || worth.compareTo(best) < 0 ? worth : best;
      return;
    }
    for (Way way : ways.get(chosen.size())) {
      chosen.add(way);
      all(ways, chosen);
      chosen.remove(chosen.size() - 1);
    }
  }

  private Worth worth(List<Way> chosen) {
    Map<String, Long> goods = new TreeMap<>();
    long cost = 0;
    int days = 0;
    for (Way way : chosen) {
      cost += way.cost();
      days += way.here();
      for (int i = 0; i < way.packs.length; i++) {
        BasketProblem.Quote offer = way.thing.offers().get(i);
        if (way.packs[i] > 0) {
          goods.merge(offer.shopId(), offer.priceMinor(way.packs[i]), Long::sum);
        }
      }
    }
    for (Map.Entry<String, Long> each : goods.entrySet()) {
      DeliveryTerms shop = shops.get(each.getKey());
      boolean free = shop.freeFromMinor() != null && each.getValue() >= shop.freeFromMinor();
      boolean small = shop.smallBelowMinor() != null && each.getValue() < shop.smallBelowMinor();
      cost += (free ? 0 : shop.feeMinor()) + (small ? shop.smallMinor() : 0);
    }
    return new Worth(cost, goods.size(), days);
  }

  /**
   * Each offer that is short is taken to its last pack or not at all, one other gives the rest;
   * then packs of the short ones that aren't needed go back one by one, the dearest first.
   */
  private static List<Way> ways(BasketProblem.Wanted thing) {
    List<Way> ways = new ArrayList<>();
    int offers = thing.offers().size();
    for (int set = 0; set < 1 << offers; set++) {
      for (int last = -1; last < offers; last++) {
        long[] packs = packs(thing, set, last);
        if (packs != null) {
          ways.add(new Way(thing, packs));
        }
      }
    }
    int least = ways.stream().mapToInt(Way::late).min().orElseThrow();
    return ways.stream().filter(way -> way.late() == least).toList();
  }

  private static long[] packs(BasketProblem.Wanted thing, int set, int last) {
    long[] packs = new long[thing.offers().size()];
    for (int i = 0; i < packs.length; i++) {
      boolean in = (set >> i & 1) == 1;
      BasketProblem.Quote offer = thing.offers().get(i);
      boolean held =
          thing.heldOfferId() == null
              ? !offer.onlyByHand()
              : thing.heldOfferId().equals(offer.id());
      boolean refused = in && (i == last || most(offer) >= whole(thing, offer));
      if (refused || !held && (in || i == last)) {
        return null;
      }
      packs[i] = in ? most(offer) : 0;
    }
    if (last >= 0 && !rest(thing, packs, last)) {
      return null;
    }
    giveBack(thing, packs, last);
    return enough(thing, packs) ? packs : null;
  }

  private static boolean rest(BasketProblem.Wanted thing, long[] packs, int last) {
    if (enough(thing, packs)) {
      return false;
    }
    while (!enough(thing, packs)) {
      packs[last]++;
    }
    return packs[last] <= most(thing.offers().get(last));
  }

  private static void giveBack(BasketProblem.Wanted thing, long[] packs, int last) {
    int dearest;
    do {
      dearest = -1;
      for (int i = 0; i < packs.length; i++) {
        BasketProblem.Quote offer = thing.offers().get(i);
        boolean needless = quantity(thing, packs) - offer.packQuantity() >= thing.quantity() - 1e-9;
        boolean dearer =
            dearest < 0 || offer.priceMinor(1) > thing.offers().get(dearest).priceMinor(1);
        if (i != last && packs[i] > 0 && needless && dearer) {
          dearest = i;
        }
      }
      if (dearest >= 0) {
        packs[dearest]--;
      }
    } while (dearest >= 0);
  }

  private static long most(BasketProblem.Quote offer) {
    return offer.available() == null
        ? 1_000_000
        : (long) Math.floor(offer.available() / offer.packQuantity() + 1e-9);
  }

  private static long whole(BasketProblem.Wanted thing, BasketProblem.Quote offer) {
    return (long) Math.ceil(thing.quantity() / offer.packQuantity() - 1e-9);
  }

  private static boolean enough(BasketProblem.Wanted thing, long[] packs) {
    return quantity(thing, packs) >= thing.quantity() - 1e-9;
  }

  private static double quantity(BasketProblem.Wanted thing, long[] packs) {
    double sum = 0;
    for (int i = 0; i < packs.length; i++) {
      sum += packs[i] * thing.offers().get(i).packQuantity();
    }
    return sum;
  }
}
