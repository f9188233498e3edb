package emberyard.core.fit.stability;

import emberyard.core.fit.stability.Balance.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * What each point of support carries of a weight.
 *
 * <p>Two points by the lever, three by moments, both exact; more by least squares, as under a stiff
 * plate on equal springs: r = a + b x + c y with Σ r = M, Σ r x = M x̄, Σ r y = M ȳ. A point that
 * would have to be held down lifts: it is dropped and the rest solved again, as long as the weight
 * lies within the others. Source: statics.
 *
 * <p>Example: 8 kg at (132.5, 147.5) on (0,0), (300,0), (150,300): 2.5, 1.57 and 3.93 kg.
 */
final class Reactions {
  private static final double FLAT = 1e-9;

  private Reactions() {}

  /** One value per support, kg; negative where it has to be held down. */
  static List<Double> of(List<Point> supports, double massKg, Point centre) {
    List<Double> all = solve(supports, massKg, centre);
    if (supports.size() <= 3
        || all.stream().noneMatch(kg -> kg < -FLAT)
        || !within(supports, centre)) {
      return all;
    }
    int lifted = all.indexOf(all.stream().min(Double::compare).orElseThrow());
    List<Point> rest = new ArrayList<>(supports);
    rest.remove(lifted);
    List<Double> standing = new ArrayList<>(of(rest, massKg, centre));
    standing.add(lifted, 0.0);
    return standing;
  }

  private static boolean within(List<Point> supports, Point centre) {
    return SupportHull.of(supports).edges().stream().allMatch(edge -> edge.inside(centre) >= 0);
  }

  /** Coordinates about the middle of the supports keep the matrix well-behaved. */
  private static List<Double> solve(List<Point> supports, double massKg, Point centre) {
    double mx = supports.stream().mapToDouble(Point::xMm).average().orElseThrow();
    double my = supports.stream().mapToDouble(Point::yMm).average().orElseThrow();
    double cx = centre.xMm() - mx;
    double cy = centre.yMm() - my;
    double xx = 0;
    double xy = 0;
    double yy = 0;
    for (Point s : supports) {
      double x = s.xMm() - mx;
      double y = s.yMm() - my;
      xx += x * x;
      xy += x * y;
      yy += y * y;
    }
    double determinant = xx * yy - xy * xy;
    double b;
    double c;
    if (determinant > FLAT * Math.max(1, (xx + yy) * (xx + yy))) {
      b = massKg * (cx * yy - cy * xy) / determinant;
      c = massKg * (cy * xx - cx * xy) / determinant;
    } else {
      // all on one line: only the moment along it can be carried
      double along = xx + yy;
      double dx = Math.sqrt(xx / along);
      double dy = Math.sqrt(yy / along) * (xy < 0 ? -1 : 1);
      double slope = massKg * (cx * dx + cy * dy) / along;
      b = slope * dx;
      c = slope * dy;
    }
    double even = massKg / supports.size();
    double slopeX = b;
    double slopeY = c;
    return supports.stream()
        .map(s -> even + slopeX * (s.xMm() - mx) + slopeY * (s.yMm() - my))
        .toList();
  }
}
