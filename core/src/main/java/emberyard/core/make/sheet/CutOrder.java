package emberyard.core.make.sheet;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Knot;
import java.util.ArrayList;
import java.util.List;

/**
 * The order of cutting on a sheet: inner cuts first, then outer ones, always the nearest next.
 *
 * @param cuts in order
 * @param travelMm from the corner of the bed to the first, and between them
 */
public record CutOrder(List<Cut> cuts, double travelMm) {
  public CutOrder {
    cuts = List.copyOf(cuts);
  }

  /**
   * One contour.
   *
   * @param piece index of the piece it belongs to
   * @param outer whether the piece is loose after it
   */
  public record Cut(int piece, boolean outer, Contour contour) {}

  /** Nearest neighbour, O(n²) in the contours: a piece stays held until its holes are cut. */
  public static CutOrder of(List<Cut> cuts) {
    List<Cut> order = new ArrayList<>();
    double[] at = {0, 0};
    double travel = 0;
    for (boolean outer : new boolean[] {false, true}) {
      List<Cut> left = new ArrayList<>(cuts.stream().filter(c -> c.outer() == outer).toList());
      while (!left.isEmpty()) {
        Cut next = left.remove(nearest(left, at));
        Knot start = next.contour().knots().get(0);
        travel += Math.hypot(start.xMm() - at[0], start.yMm() - at[1]);
        at = new double[] {start.xMm(), start.yMm()};
        order.add(next);
      }
    }
    return new CutOrder(order, travel);
  }

  /** Length of all cuts, mm. */
  public double contourMm() {
    return cuts.stream().mapToDouble(cut -> cut.contour().lengthMm()).sum();
  }

  private static int nearest(List<Cut> left, double[] at) {
    int best = 0;
    double least = Double.MAX_VALUE;
    for (int i = 0; i < left.size(); i++) {
      Knot start = left.get(i).contour().knots().get(0);
      double distance = Math.hypot(start.xMm() - at[0], start.yMm() - at[1]);
      if (distance < least) {
        least = distance;
        best = i;
      }
    }
    return best;
  }
}
