package emberyard.core.fit.stability;

import emberyard.core.fit.stability.Balance.Point;
import emberyard.core.fit.stability.Balance.Stand;
import java.util.List;

/**
 * What hooks on a wall carry. The wall takes what would turn it about their line, so that only how
 * far right they lie counts. Source: statics, the lever.
 */
final class Hooks {
  private Hooks() {}

  /**
   * Of all hooks together, as of a stiff bar on equal springs: the same for all, and more for those
   * on the side of the weight.
   *
   * <p>Example: 8 kg at 300 on hooks at 100 and 600: 4.8 and 3.2 kg.
   */
  static double carries(Point hook, List<Stand> hooks, Balance free) {
    List<Point> all = all(hooks);
    double middle = all.stream().mapToDouble(Point::xMm).average().orElseThrow();
    double spread = all.stream().mapToDouble(p -> Math.pow(p.xMm() - middle, 2)).sum();
    double even = free.massKg() / all.size();
    double arm = free.centre().xMm() - middle;
    return spread == 0 ? even : even + free.massKg() * arm * (hook.xMm() - middle) / spread;
  }

  /** The most of any two that hold alone, and of itself where all hangs on the one beside it. */
  static double worst(Point hook, List<Stand> hooks, Balance free) {
    double centre = free.centre().xMm();
    double most = 0;
    for (Point other : all(hooks)) {
      double apart = other.xMm() - hook.xMm();
      if (apart != 0) {
        double share = (other.xMm() - centre) / apart;
        most = Math.max(most, free.massKg() * Math.min(1, share));
      }
    }
    return all(hooks).stream().allMatch(each -> each.xMm() == hook.xMm()) ? free.massKg() : most;
  }

  private static List<Point> all(List<Stand> hooks) {
    return hooks.stream().flatMap(each -> each.points().stream()).toList();
  }
}
