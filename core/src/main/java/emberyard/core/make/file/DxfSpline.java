package emberyard.core.make.file;

import emberyard.core.geometry.Contour;
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;

/** A SPLINE broken into lines: a rational B-spline, evaluated by de Boor's recursion (1972). */
final class DxfSpline {
  private static final int MOST_POINTS = 2_000;

  private DxfSpline() {}

  static void draw(DxfEntity spline, Pen pen) {
    int degree = (int) spline.number(71, 3);
    List<Double> knots = new ArrayList<>();
    List<double[]> points = new ArrayList<>();
    int weight = 0;
    for (DxfEntity.Pair pair : spline.pairs()) {
      switch (pair.code()) {
        case 40 -> knots.add(DxfEntity.number(pair));
        case 10 -> points.add(new double[] {DxfEntity.number(pair), 0, 1});
        case 20 -> points.get(points.size() - 1)[1] = DxfEntity.number(pair);
        case 41 -> {
          if (weight < points.size()) {
            points.get(weight++)[2] = DxfEntity.number(pair);
          }
        }
        default -> {
          // tangents and fit points
        }
      }
    }
    boolean sound =
        degree >= 1
            && degree <= 10
            && points.size() > degree
            && points.size() <= MOST_POINTS
            && knots.size() == points.size() + degree + 1;
    if (!sound) {
      throw new InvalidValue("file", "A curve of the drawing is damaged: its knots don't match.");
    }
    run(degree, knots, points, pen);
  }

  private static void run(int degree, List<Double> knots, List<double[]> points, Pen pen) {
    boolean begun = false;
    for (int span = degree; span < points.size(); span++) {
      double from = knots.get(span);
      double to = knots.get(span + 1);
      if (!(to > from)) {
        continue;
      }
      int lines = lines(points.subList(span - degree, span + 1), pen.stretch());
      for (int i = 0; i <= lines; i++) {
        double[] at = point(degree, knots, points, span, from + (to - from) * i / lines);
        if (begun) {
          pen.lineTo(at[0], at[1]);
        } else {
          pen.moveTo(at[0], at[1]);
          begun = true;
        }
      }
    }
  }

  /** A quarter circle of radius r stays within 0.31 r/n² of n lines: √(length/0.02) is ample. */
  private static int lines(List<double[]> control, double stretch) {
    double length = 0;
    for (int i = 1; i < control.size(); i++) {
      length +=
          Math.hypot(
              control.get(i)[0] - control.get(i - 1)[0], control.get(i)[1] - control.get(i - 1)[1]);
    }
    double wanted = Math.sqrt(length * stretch / Contour.FLATTEN_MM);
    return (int) Math.max(8, Math.min(400, Math.ceil(wanted)));
  }

  private static double[] point(
      int degree, List<Double> knots, List<double[]> points, int span, double t) {
    double[][] d = new double[degree + 1][];
    for (int j = 0; j <= degree; j++) {
      double[] p = points.get(span - degree + j);
      d[j] = new double[] {p[0] * p[2], p[1] * p[2], p[2]};
    }
    for (int r = 1; r <= degree; r++) {
      for (int j = degree; j >= r; j--) {
        double low = knots.get(j + span - degree);
        double high = knots.get(j + 1 + span - r);
        double share = high == low ? 0 : (t - low) / (high - low);
        for (int k = 0; k < 3; k++) {
          d[j][k] = (1 - share) * d[j - 1][k] + share * d[j][k];
        }
      }
    }
    return new double[] {d[degree][0] / d[degree][2], d[degree][1] / d[degree][2]};
  }
}
