package emberyard.core.light.port;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.math3.optim.MaxIter;
import org.apache.commons.math3.optim.linear.LinearConstraint;
import org.apache.commons.math3.optim.linear.LinearConstraintSet;
import org.apache.commons.math3.optim.linear.LinearObjectiveFunction;
import org.apache.commons.math3.optim.linear.NonNegativeConstraint;
import org.apache.commons.math3.optim.linear.Relationship;
import org.apache.commons.math3.optim.linear.SimplexSolver;
import org.apache.commons.math3.optim.nonlinear.scalar.GoalType;

/**
 * Finds the prices at which what is left comes nearest to what the sinks really cost: the greatest
 * value of a linear programme, one price for everything on the market and one for each sink. Ways
 * that would be cheaper than their sink are asked for in rounds: most never matter.
 */
final class PortPricing {
  private static final int ROUNDS = 6;
  private static final int PIVOTS = 5_000;
  private static final double NEAR = 1e-3;

  private final PortMarket market;
  private final int from;
  private final double[] left;
  private final int all;
  private final List<LinearConstraint> rules = new ArrayList<>();

  private PortPricing(PortMarket market, PortState state, int from) {
    this.market = market;
    this.from = from;
    this.left = market.left(state).all(market.kinds());
    this.all = left.length + market.ways.size() - from;
  }

  /** For what is left in a state, and the sinks from one on. */
  static PortPrices of(PortMarket market, PortState state, int from) {
    PortPricing pricing = new PortPricing(market, state, from);
    return new PortPrices(market, Arrays.copyOf(pricing.best(), pricing.left.length));
  }

  private double[] best() {
    market.links.forEach(link -> rules.add(rule(link, -1)));
    double[] point = new double[all];
    for (int sink = left.length; sink < all; sink++) {
      double[] dark = new double[all];
      dark[sink] = 1;
      rules.add(new LinearConstraint(dark, Relationship.LEQ, market.dark));
      point[sink] = market.dark;
    }
    for (int round = 0; round < ROUNDS && askedMore(point); round++) {
      point = solved();
    }
    return point;
  }

  /** Asks for all ways that would come to less than their sink. */
  private boolean askedMore(double[] point) {
    int before = rules.size();
    for (int sink = left.length; sink < all; sink++) {
      for (PortTake way : market.ways.get(from + sink - left.length)) {
        if (way.cost(point) < point[sink] - NEAR) {
          rules.add(rule(way, sink));
        }
      }
    }
    return rules.size() > before;
  }

  private LinearConstraint rule(PortTake take, int sink) {
    double[] row = new double[all];
    if (sink >= 0) {
      row[sink] = 1;
    }
    for (int i = 0; i < take.what().length; i++) {
      row[take.what()[i]] -= take.much()[i];
    }
    return new LinearConstraint(row, Relationship.LEQ, take.price());
  }

  private double[] solved() {
    double[] goal = new double[all];
    for (int kind = 0; kind < left.length; kind++) {
      goal[kind] = -left[kind];
    }
    Arrays.fill(goal, left.length, all, 1);
    return new SimplexSolver()
        .optimize(
            new MaxIter(PIVOTS),
            new LinearObjectiveFunction(goal, 0),
            new LinearConstraintSet(rules),
            GoalType.MAXIMIZE,
            new NonNegativeConstraint(true))
        .getPoint();
  }
}
