package emberyard.core.fit.space;

import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;

/** The shortest way round a few boxes and back, along the axes from face to face. */
final class ShortestRing {
  /** More are not tried in every order. */
  static final int MOST = 8;

  private ShortestRing() {}

  /**
   * The least that tubes round all of them take together; all orders are tried.
   *
   * <p>Example: three boxes in a row, 100 mm and 200 mm apart, the middle one 50 mm wide: there and
   * back 100 + 200 + 350 = 650 mm.
   *
   * @param boxes 2 to {@value #MOST}
   */
  static double mm(List<Box> boxes) {
    List<Box> left = new ArrayList<>(boxes);
    Box first = left.remove(0);
    return onwards(first, left, first);
  }

  private static double onwards(Box from, List<Box> left, Box home) {
    if (left.isEmpty()) {
      return from.wayMm(home);
    }
    double least = Double.MAX_VALUE;
    for (Box next : left) {
      List<Box> others = new ArrayList<>(left);
      others.remove(next);
      least = Math.min(least, from.wayMm(next) + onwards(next, others, home));
    }
    return least;
  }

  /** How far the loneliest of them is from its nearest: some tube is at least so long. */
  static double longestMm(List<Box> boxes) {
    return boxes.stream()
        .mapToDouble(
            box ->
                boxes.stream()
                    .filter(other -> other != box)
                    .mapToDouble(box::wayMm)
                    .min()
                    .orElse(0))
        .max()
        .orElse(0);
  }
}
