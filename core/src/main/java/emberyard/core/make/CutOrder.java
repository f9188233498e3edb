package emberyard.core.make;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Knot;
import java.util.ArrayList;
import java.util.List;

/**
 * The order of cutting on a sheet: inner cuts first, then outer ones, always the nearest next.
 *
 * @param contours in order
 * @param travelMm from the corner of the bed to the first, and between them
 */
public record CutOrder(List<Contour> contours, double travelMm) {
  public CutOrder {
    contours = List.copyOf(contours);
  }

  /** Nearest neighbour, O(n²) in the contours: a piece stays held until its holes are cut. */
  public static CutOrder of(List<Contour> inner, List<Contour> outer) {
    List<Contour> order = new ArrayList<>();
    double[] at = {0, 0};
    double travel = 0;
    for (List<Contour> group : List.of(inner, outer)) {
      List<Contour> left = new ArrayList<>(group);
      while (!left.isEmpty()) {
        int nearest = nearest(left, at);
        Contour next = left.remove(nearest);
        Knot start = next.knots().get(0);
        travel += Math.hypot(start.xMm() - at[0], start.yMm() - at[1]);
        at = new double[] {start.xMm(), start.yMm()};
        order.add(next);
      }
    }
    return new CutOrder(order, travel);
  }

  private static int nearest(List<Contour> left, double[] at) {
    int best = 0;
    double least = Double.MAX_VALUE;
    for (int i = 0; i < left.size(); i++) {
      Knot start = left.get(i).knots().get(0);
      double distance = Math.hypot(start.xMm() - at[0], start.yMm() - at[1]);
      if (distance < least) {
        least = distance;
        best = i;
      }
    }
    return best;
  }
}
