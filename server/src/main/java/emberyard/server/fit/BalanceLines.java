package emberyard.server.fit;

import emberyard.core.fit.stability.Balance;
import emberyard.core.fit.stability.Balance.Load;
import emberyard.core.fit.stability.Balance.Point;
import emberyard.core.fit.stability.Balance.Tip;
import emberyard.core.fit.stability.Balance.Weight;
import emberyard.core.units.Require;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Supports of the calculator: points, or lines across x. */
final class BalanceLines {
  private BalanceLines() {}

  /** A point of support. */
  record At(double xMm, double yMm) {}

  /**
   * @param alongX whether supports are lines across x; else points, and their hull is stood on
   */
  static Balance of(List<Weight> weights, List<At> supports, boolean alongX) {
    if (supports.isEmpty()) {
      return Balance.of(weights);
    }
    if (!alongX) {
      return Balance.onPoints(
          weights, supports.stream().map(s -> new Point(s.xMm(), s.yMm(), 0)).toList());
    }
    Require.between("supports", supports.size(), 2, 200, "supports");
    List<Weight> turned =
        weights.stream()
            .map(w -> new Weight(w.name(), w.massKg(), w.yMm(), w.xMm(), w.zMm()))
            .toList();
    return back(
        Balance.onLines(turned, least(supports, At::xMm), most(supports, At::xMm)), weights);
  }

  /** x and y change places again, and so do the names of the edges. */
  private static Balance back(Balance turned, List<Weight> weights) {
    Point c = turned.centre();
    List<Tip> tips =
        turned.tips().stream()
            .map(t -> new Tip(t.over().equals("front") ? "left" : "right", t.degrees()))
            .toList();
    List<Load> loads = turned.loads().stream().map(BalanceLines::sideways).toList();
    return new Balance(
        turned.massKg(),
        new Point(c.yMm(), c.xMm(), c.zMm()),
        loads,
        List.of(),
        tips,
        turned.leastTipDegrees(),
        Balance.of(weights).why());
  }

  private static Load sideways(Load load) {
    String name = load.name().equals("front") ? "left" : "right";
    return new Load(
        name,
        load.atMm(),
        load.acrossMm(),
        load.massKg(),
        load.share(),
        load.worstKg(),
        load.mostKg());
  }

  private static double least(List<At> supports, ToDoubleFunction<At> of) {
    return supports.stream().mapToDouble(of).min().orElseThrow();
  }

  private static double most(List<At> supports, ToDoubleFunction<At> of) {
    return supports.stream().mapToDouble(of).max().orElseThrow();
  }
}
