package emberyard.core.light.port;

import java.util.Arrays;

/**
 * Prices of everything on the market, at which no link is worth more than it costs. Then every sink
 * costs no less than its cheapest way, and what is left pays for no more than it is worth: the
 * difference is never more than what the sinks that are left really cost, whatever the prices (weak
 * duality of linear programmes, Dantzig 1963).
 */
final class PortPrices {
  private final PortMarket market;
  private final double[] each;
  private final double[] sinksFrom;

  /** By sort that a link makes: how much dearer it is than what it gives. */
  private final double[] linkMore;

  /** By sink and sort: how much dearer that socket is than its cheapest; NaN where it can’t be. */
  private final double[][] sinkMore;

  PortPrices(PortMarket market, double[] each) {
    this.market = market;
    this.each = each;
    this.linkMore = new double[market.sorts];
    double less = 0;
    for (PortTake link : market.links) {
      linkMore[link.sort()] = Math.max(0, link.cost(each));
      less = Math.max(less, -link.cost(each));
    }
    int sinks = market.ways.size();
    this.sinkMore = new double[sinks][market.sorts];
    this.sinksFrom = new double[sinks + 1];
    // rounding may leave a link worth a trace more than it costs, on as many as can be in use
    sinksFrom[sinks] = -less * (PortIndex.MOST_LINKS + 1) * sinks;
    for (int sink = sinks - 1; sink >= 0; sink--) {
      sinksFrom[sink] = sinksFrom[sink + 1] + compared(sink);
    }
  }

  /** Compares the ways of a sink, and tells what the cheapest comes to. */
  private double compared(int sink) {
    double least = market.dark;
    for (PortTake way : market.ways.get(sink)) {
      least = Math.min(least, way.cost(each));
    }
    Arrays.fill(sinkMore[sink], Double.NaN);
    for (PortTake way : market.ways.get(sink)) {
      sinkMore[sink][way.sort()] = way.cost(each) - least;
    }
    return least;
  }

  /** What the sinks from one on come to at least with what is left. */
  double atLeast(PortLeft left, int from) {
    return sinksFrom[from] - left.worth(each);
  }

  /** How much more it comes to once a link is in use. */
  double more(int sort) {
    return linkMore[sort];
  }

  /** How much more it comes to once a sink hangs on a socket; NaN where it can’t. */
  double more(int sink, int sort) {
    return sinkMore[sink][sort];
  }
}
