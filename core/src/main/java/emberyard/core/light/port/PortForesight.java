package emberyard.core.light.port;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What all ways out of a state come to at least: by counting sockets, and by prices once asked. */
final class PortForesight {
  /** Left out of a value for rounding. */
  private static final double TRACE = 1e-4;

  /** Of more sorts of sockets prices take longer than they save. */
  private static final int MOST_SORTS = 400;

  /** Prices are asked for every so many sinks: in between they hardly change. */
  private static final int EVERY = 4;

  private final PortIndex index;
  private final PortBound counted;
  private final List<PortPrices> prices = new ArrayList<>();
  private @Nullable PortMarket market;

  PortForesight(PortIndex index, PortBound counted) {
    this.index = index;
    this.counted = counted;
  }

  /**
   * Asks for prices along a way that was found.
   *
   * @return false where there are too many sorts of sockets for that
   */
  boolean priced(PortSolver.Entry end, PortTails[] tails, PortAttach[] attach) {
    PortMarket all = market == null ? new PortMarket(index, tails, attach) : market;
    if (all.sorts > MOST_SORTS) {
      return false;
    }
    market = all;
    int from = index.sinks.size() - 1;
    for (PortSolver.Entry each = end.before(); each != null; each = each.before()) {
      if (from % EVERY == 0) {
        prices.add(PortPricing.of(market, each.state(), from));
      }
      from--;
    }
    return true;
  }

  /** At least this much more. */
  PortCost atLeast(PortState state, int from) {
    PortCost plain = counted.atLeast(state, from);
    if (market == null || from == index.sinks.size()) {
      return plain;
    }
    PortLeft left = market.left(state);
    double most = TRACE;
    for (PortPrices each : prices) {
      most = Math.max(most, each.atLeast(left, from));
    }
    PortCost priced = cost(most - TRACE);
    return priced.compareTo(plain) > 0 ? priced : plain;
  }

  /** The least that a value can stand for: whole ones dark, whole amounts, then links. */
  private PortCost cost(double value) {
    int dark = (int) Math.floor(value / market.dark);
    double money = value - dark * market.dark;
    double links = (money - Math.floor(money)) / PortMarket.LINK;
    return new PortCost(0, dark, (long) Math.floor(money), (int) Math.ceil(links), 0);
  }

  /** What each step out of a state comes to at least; null while nothing has a price. */
  @Nullable Ahead ahead(PortSolver.Entry entry, int sink, @Nullable PortCost bound) {
    if (market == null || bound == null) {
      return null;
    }
    PortLeft left = market.left(entry.state());
    double[] values = prices.stream().mapToDouble(each -> each.atLeast(left, sink)).toArray();
    PortCost spent = entry.cost();
    double most =
        (bound.dark() - spent.dark()) * market.dark
            + (bound.moneyMinor() - spent.moneyMinor())
            + (bound.links() - spent.links()) * PortMarket.LINK
            + TRACE;
    return new Ahead(values, most, sink);
  }

  /** Steps of one sink out of one state. */
  final class Ahead {
    private final double[] values;
    private final double most;
    private final int sink;

    private Ahead(double[] values, double most, int sink) {
      this.values = values;
      this.most = most;
      this.sink = sink;
    }

    /** Whether hanging it there, through these links, can’t come below what is known. */
    boolean hopeless(int sort, List<PortItem> chain) {
      int[] made = new int[chain.size()];
      int at = sort;
      for (int i = 0; i < made.length; i++) {
        at = index.sorts.behind(at, chain.get(i));
        made[i] = at;
      }
      if (at >= market.sorts) {
        return false;
      }
      for (int k = 0; k < values.length; k++) {
        double value = values[k] + prices.get(k).more(sink, at);
        for (int each : made) {
          value += prices.get(k).more(each);
        }
        // NaN: it can’t hang there at all
        if (!(value <= most)) {
          return true;
        }
      }
      return false;
    }
  }
}
