package emberyard.core.supply.basket;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToLongFunction;

/**
 * Brings enough goods to the shops that want them for a cheaper delivery, at the least cost. A part
 * is given up when what is decided, the best ways of the rest and the least that the missing goods
 * can cost come to more than the best so far: for the missing goods of each shop, moves are taken
 * by cost for worth, the last in part.
 */
final class Covering {
  /** More than any basket, and so much less than the largest number that it can be added to. */
  private static final long NEVER = Long.MAX_VALUE / 4;

  private final List<List<Choice>> ways;
  private final long[] wantedMinor;
  private final ToLongFunction<Choice[]> offer;
  private final long mostSteps;
  private final long fees;
  private final Choice[] each;
  private final long[] restScore;
  private final long[][] restGoods;
  private final List<List<Dearer>> moves;
  private final long[] goods;
  private long best;
  private long steps;

  /** A dearer way of a thing that brings a shop more goods. */
  private record Dearer(int thing, double extra, long goods) {
    double ratio() {
      return extra / goods;
    }
  }

  /**
   * @param offer takes a whole choice, gives the best score so far
   */
  Covering(
      List<List<Choice>> all,
      boolean[] closed,
      Tier[] taken,
      ToLongFunction<Choice[]> offer,
      long mostSteps) {
    this.ways =
        all.stream().map(of -> of.stream().filter(way -> way.without(closed)).toList()).toList();
    this.offer = offer;
    this.mostSteps = mostSteps;
    this.wantedMinor = new long[taken.length];
    long delivery = 0;
    for (int shop = 0; shop < taken.length; shop++) {
      wantedMinor[shop] = closed[shop] ? 0 : taken[shop].fromMinor();
      delivery += closed[shop] ? 0 : Score.of(taken[shop].deliveryMinor(), 1, 0);
    }
    this.fees = delivery;
    this.each = new Choice[ways.size()];
    this.goods = new long[taken.length];
    this.restScore = new long[ways.size() + 1];
    this.restGoods = new long[ways.size() + 1][taken.length];
    for (int i = ways.size() - 1; i >= 0; i--) {
      Choice first = ways.get(i).get(0);
      restScore[i] = restScore[i + 1] + first.score();
      for (int shop = 0; shop < taken.length; shop++) {
        restGoods[i][shop] = restGoods[i + 1][shop] + first.goodsAt(shop);
      }
    }
    this.moves = new ArrayList<>();
    for (int shop = 0; shop < taken.length; shop++) {
      moves.add(wantedMinor[shop] > 0 ? moves(shop) : List.of());
    }
  }

  private List<Dearer> moves(int shop) {
    List<Dearer> found = new ArrayList<>();
    for (int thing = 0; thing < ways.size(); thing++) {
      Choice first = ways.get(thing).get(0);
      for (Choice way : ways.get(thing)) {
        long more = way.goodsAt(shop) - first.goodsAt(shop);
        if (more > 0) {
          // what comes from several shops fills the want of each: its cost is shared
          double extra = (double) (way.score() - first.score()) / way.shops().length;
          found.add(new Dearer(thing, extra, more));
        }
      }
    }
    found.sort(Comparator.comparingDouble(Dearer::ratio));
    return found;
  }

  /**
   * @return steps taken
   */
  long search(long bestSoFar) {
    best = bestSoFar;
    decide(0, fees);
    return steps;
  }

  private void decide(int thing, long score) {
    steps++;
    if (steps > mostSteps || score + restScore[thing] + missing(thing) >= best) {
      return;
    }
    if (thing == ways.size()) {
      best = offer.applyAsLong(each);
      return;
    }
    for (Choice way : ways.get(thing)) {
      each[thing] = way;
      add(way, 1);
      decide(thing + 1, score + way.score());
      add(way, -1);
    }
  }

  private void add(Choice way, int sign) {
    for (int i = 0; i < way.shops().length; i++) {
      goods[way.shops()[i]] += sign * way.goodsMinor()[i];
    }
  }

  /** The least that the goods which still lack can cost; more than anything where they can't. */
  private long missing(int from) {
    double least = 0;
    for (int shop = 0; shop < wantedMinor.length; shop++) {
      double lacks = wantedMinor[shop] - goods[shop] - restGoods[from][shop];
      for (Dearer move : moves.get(shop)) {
        if (lacks <= 0) {
          break;
        }
        if (move.thing() >= from) {
          steps++;
          double part = Math.min(1, lacks / move.goods());
          least += part * move.extra();
          lacks -= move.goods();
        }
      }
      if (lacks > 0) {
        return NEVER;
      }
    }
    return (long) least;
  }
}
