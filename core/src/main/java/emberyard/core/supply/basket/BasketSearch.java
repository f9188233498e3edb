package emberyard.core.supply.basket;

import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * Exact: shops are opened and closed one after the other, each at one of the steps of its delivery,
 * and given up where even the cheapest ways left cost more than the best basket so far. Where all
 * are decided, each thing takes its cheapest way; where a step wants more goods at a shop than come
 * to it by that, {@link Covering} finds what comes to it at the least cost.
 */
final class BasketSearch {
  /** Ways looked at before it is given up: a second's work at most. */
  static final long MOST_STEPS = 20_000_000;

  private final BasketProblem problem;
  private final List<List<Choice>> ways;
  private final List<List<Tier>> tiers;
  private final boolean[] closed;
  private final Tier[] taken;
  private long best = Long.MAX_VALUE;
  private Choice[] chosen;
  private final long mostSteps;
  private long steps;

  BasketSearch(BasketProblem problem, long mostSteps) {
    this.problem = problem;
    this.mostSteps = mostSteps;
    Map<String, Integer> numbers = problem.shopNumbers();
    this.ways = problem.things().stream().map(thing -> Choice.of(thing, numbers)).toList();
    this.tiers = problem.shops().stream().map(shop -> Tier.of(shop.delivery())).toList();
    this.closed = new boolean[numbers.size()];
    this.taken = new Tier[numbers.size()];
    boolean[] wanted = new boolean[numbers.size()];
    ways.forEach(
        of -> of.forEach(way -> Arrays.stream(way.shops()).forEach(shop -> wanted[shop] = true)));
    for (int shop = 0; shop < wanted.length; shop++) {
      closed[shop] = !wanted[shop];
    }
    this.chosen = new Choice[ways.size()];
  }

  Basket best() {
    Choice[] each = new Choice[ways.size()];
    for (int i = 0; i < each.length; i++) {
      each[i] = ways.get(i).get(0);
    }
    offer(each);
    decide(0, 0);
    return Basket.of(problem, List.of(chosen), steps <= mostSteps);
  }

  /** Decides the shops from one on; {@code fees} is what the deliveries so far cost. */
  private void decide(int shop, long fees) {
    if (steps > mostSteps) {
      return;
    }
    Choice[] cheapest = cheapest();
    if (cheapest == null || fees + sum(cheapest) >= best) {
      return;
    }
    if (shop == closed.length) {
      fill(cheapest);
      return;
    }
    if (closed[shop]) {
      decide(shop + 1, fees);
      return;
    }
    for (Tier tier : tiers.get(shop)) {
      taken[shop] = tier;
      decide(shop + 1, fees + Score.of(tier.deliveryMinor(), 1, 0));
    }
    taken[shop] = null;
    closed[shop] = true;
    decide(shop + 1, fees);
    closed[shop] = false;
  }

  /** The best way of each thing from the shops that aren't closed; null where one has none. */
  private Choice[] cheapest() {
    Choice[] each = new Choice[ways.size()];
    for (int i = 0; i < each.length; i++) {
      for (Choice way : ways.get(i)) {
        steps++;
        if (way.without(closed)) {
          each[i] = way;
          break;
        }
      }
      if (each[i] == null) {
        return null;
      }
    }
    return each;
  }

  private void fill(Choice[] cheapest) {
    offer(cheapest);
    long[] lacking = new long[taken.length];
    boolean enough = true;
    for (int shop = 0; shop < taken.length; shop++) {
      if (!closed[shop] && taken[shop].fromMinor() > 0) {
        lacking[shop] = taken[shop].fromMinor() - goods(cheapest, shop);
        enough &= lacking[shop] <= 0;
      }
    }
    if (!enough) {
      steps += new Covering(ways, closed, taken, this::offer, mostSteps - steps).search(best);
    }
  }

  private static long goods(Choice[] each, int shop) {
    long goods = 0;
    for (Choice choice : each) {
      goods += choice.goodsAt(shop);
    }
    return goods;
  }

  private static long sum(Choice[] each) {
    long sum = 0;
    for (Choice choice : each) {
      sum += choice.score();
    }
    return sum;
  }

  /** Keeps a basket when it is better than the best so far, at what it really costs. */
  private long offer(Choice[] each) {
    long score = sum(each);
    for (int shop = 0; shop < closed.length; shop++) {
      boolean used = false;
      long goods = 0;
      for (Choice choice : each) {
        for (int i = 0; i < choice.shops().length; i++) {
          if (choice.shops()[i] == shop) {
            used = true;
            goods += choice.goodsMinor()[i];
          }
        }
      }
      if (used) {
        score += Score.of(problem.shops().get(shop).delivery().deliveryMinor(goods), 1, 0);
      }
    }
    if (score < best) {
      best = score;
      chosen = each.clone();
    }
    return best;
  }
}
