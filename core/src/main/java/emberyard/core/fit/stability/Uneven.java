package emberyard.core.fit.stability;

import emberyard.core.fit.stability.Balance.Point;
import emberyard.core.fit.stability.Balance.Stand;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * What each support carries at worst on a floor that isn't flat: of all points any three may stand
 * while the others hang, as long as the weight lies between them. Three points carry by moments,
 * that is in proportion to the areas opposite them. Source: statics.
 *
 * <p>Example: 8 kg at (150, 150) on the corners of a square of 400: the corner (0, 0) carries 3 kg
 * on a flat floor, 5 kg at worst: 8 × (1 − 150/400).
 */
final class Uneven {
  private static final double FLAT_MM2 = 1e-6;
  private static final double INSIDE = -1e-9;

  private Uneven() {}

  /** One value per support, kg; 0 where no three points hold the weight between them. */
  static List<Double> worst(List<Stand> stands, double massKg, Point centre) {
    List<Point> points = new ArrayList<>();
    List<Integer> owners = new ArrayList<>();
    for (int i = 0; i < stands.size(); i++) {
      points.addAll(stands.get(i).points());
      owners.addAll(Collections.nCopies(stands.get(i).points().size(), i));
    }
    double[] worst = new double[stands.size()];
    for (int a = 0; a < points.size(); a++) {
      for (int b = a + 1; b < points.size(); b++) {
        for (int c = b + 1; c < points.size(); c++) {
          int[] three = {a, b, c};
          double[] shares = shares(points.get(a), points.get(b), points.get(c), centre);
          keep(worst, three, shares, owners);
        }
      }
    }
    List<Double> kg = new ArrayList<>();
    for (double share : worst) {
      kg.add(massKg * share);
    }
    return kg;
  }

  private static void keep(double[] worst, int[] three, double[] shares, List<Integer> owners) {
    for (int i = 0; i < shares.length; i++) {
      double together = 0;
      for (int k = 0; k < shares.length; k++) {
        together += owners.get(three[k]).equals(owners.get(three[i])) ? shares[k] : 0;
      }
      worst[owners.get(three[i])] = Math.max(worst[owners.get(three[i])], together);
    }
  }

  /** What each of three points carries of one; empty where they lie on a line or it outside. */
  private static double[] shares(Point a, Point b, Point c, Point centre) {
    double all = area(a, b, c);
    if (Math.abs(all) < FLAT_MM2) {
      return new double[0];
    }
    double[] shares = {
      area(centre, b, c) / all, area(a, centre, c) / all, area(a, b, centre) / all
    };
    return shares[0] < INSIDE || shares[1] < INSIDE || shares[2] < INSIDE ? new double[0] : shares;
  }

  private static double area(Point a, Point b, Point c) {
    return (b.xMm() - a.xMm()) * (c.yMm() - a.yMm()) - (c.xMm() - a.xMm()) * (b.yMm() - a.yMm());
  }
}
