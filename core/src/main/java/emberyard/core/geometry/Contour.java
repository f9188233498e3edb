package emberyard.core.geometry;

import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * A closed line of straight pieces and exact arcs, mm, y upwards. Arcs stay arcs until something
 * asks for points.
 *
 * @param knots at least two, the last one joined to the first; all within 100 m of the origin
 */
public record Contour(List<Knot> knots) {
  /** No flattened line is further from its arc than this: less than a laser's own wobble. */
  public static final double FLATTEN_MM = 0.02;

  /** Arcs whose centres differ by less are one circle: files round to a ten-thousandth. */
  private static final double ROUND_MM = 2e-3;

  private static final double FARTHEST_MM = 100_000;
  private static final int ARC_CORNERS = 12;

  public Contour {
    knots = List.copyOf(knots);
    Require.that(knots.size() >= 2, "contour", "A contour needs two corners at least.");
    for (Knot knot : knots) {
      Require.between("contour.xMm", knot.xMm(), -FARTHEST_MM, FARTHEST_MM, "mm");
      Require.between("contour.yMm", knot.yMm(), -FARTHEST_MM, FARTHEST_MM, "mm");
      Require.between("contour.bulge", knot.bulge(), -1e6, 1e6, "");
    }
  }

  /** A full circle about a centre, counter-clockwise. */
  public static Contour circle(double xMm, double yMm, double diameterMm) {
    double r = diameterMm / 2;
    return new Contour(List.of(new Knot(xMm - r, yMm, 1), new Knot(xMm + r, yMm, 1)));
  }

  /** An upright rectangle, its corners rounded where the radius is above 0. */
  public static Contour rectangle(
      double xMm, double yMm, double widthMm, double heightMm, double radiusMm) {
    double r = Math.min(radiusMm, Math.min(widthMm, heightMm) / 2);
    double right = xMm + widthMm;
    double top = yMm + heightMm;
    if (r <= 0) {
      return new Contour(
          List.of(Knot.at(xMm, yMm), Knot.at(right, yMm), Knot.at(right, top), Knot.at(xMm, top)));
    }
    double quarter = Math.tan(Math.PI / 8);
    List<Knot> knots = new ArrayList<>();
    edge(knots, xMm + r, yMm, right - r, yMm, quarter);
    edge(knots, right, yMm + r, right, top - r, quarter);
    edge(knots, right - r, top, xMm + r, top, quarter);
    edge(knots, xMm, top - r, xMm, yMm + r, quarter);
    return new Contour(knots);
  }

  private static void edge(
      List<Knot> knots, double x1, double y1, double x2, double y2, double quarter) {
    if (Math.hypot(x2 - x1, y2 - y1) > 1e-9) {
      knots.add(Knot.at(x1, y1));
    }
    knots.add(new Knot(x2, y2, quarter));
  }

  /** Corners joined by straight lines. */
  public static Contour polygon(double... xy) {
    List<Knot> knots = new ArrayList<>();
    for (int i = 0; i < xy.length; i += 2) {
      knots.add(Knot.at(xy[i], xy[i + 1]));
    }
    return new Contour(knots);
  }

  /** As {@link Outline#corners()}. */
  public long corners() {
    return knots.stream().mapToLong(knot -> knot.bulge() == 0 ? 1 : ARC_CORNERS).sum();
  }

  private Knot next(int index) {
    return knots.get((index + 1) % knots.size());
  }

  /**
   * Enclosed area, mm², positive counter-clockwise. Shoelace formula plus the circular segment of
   * each arc, r²/2 (θ − sin θ).
   *
   * <p>Example: a circle of 10 mm has 78.54 mm².
   */
  public double signedAreaMm2() {
    double twice = 0;
    for (int i = 0; i < knots.size(); i++) {
      Knot from = knots.get(i);
      Knot to = next(i);
      twice += from.xMm() * to.yMm() - to.xMm() * from.yMm();
      if (from.bulge() != 0) {
        double r = radius(from, to);
        twice += r * r * (from.sweep() - Math.sin(from.sweep()));
      }
    }
    return twice / 2;
  }

  public double areaMm2() {
    return Math.abs(signedAreaMm2());
  }

  /** Length of the line, mm; r·|θ| for each arc. */
  public double lengthMm() {
    double length = 0;
    for (int i = 0; i < knots.size(); i++) {
      Knot from = knots.get(i);
      Knot to = next(i);
      length +=
          from.bulge() == 0
              ? Math.hypot(to.xMm() - from.xMm(), to.yMm() - from.yMm())
              : radius(from, to) * Math.abs(from.sweep());
    }
    return length;
  }

  private static double radius(Knot from, Knot to) {
    double chord = Math.hypot(to.xMm() - from.xMm(), to.yMm() - from.yMm());
    return chord * (1 + from.bulge() * from.bulge()) / (4 * Math.abs(from.bulge()));
  }

  /** The circle that this contour is, if it is one: all arcs of one centre, one full turn. */
  public Optional<Circle> circle() {
    double cx = 0;
    double cy = 0;
    double r = 0;
    double turn = 0;
    for (int i = 0; i < knots.size(); i++) {
      Knot from = knots.get(i);
      if (from.bulge() == 0) {
        return Optional.empty();
      }
      double[] centre = centre(from, next(i));
      double mine = radius(from, next(i));
      if (i > 0
          && (Math.hypot(centre[0] - cx, centre[1] - cy) > ROUND_MM
              || Math.abs(mine - r) > ROUND_MM)) {
        return Optional.empty();
      }
      cx = centre[0];
      cy = centre[1];
      r = mine;
      turn += from.sweep();
    }
    return Math.abs(Math.abs(turn) - 2 * Math.PI) < 1e-2
        ? Optional.of(new Circle(cx, cy, 2 * r))
        : Optional.empty();
  }

  private static double[] centre(Knot from, Knot to) {
    double b = from.bulge();
    double dx = to.xMm() - from.xMm();
    double dy = to.yMm() - from.yMm();
    // from the middle of the chord along its left normal
    double lift = (1 - b * b) / (4 * b);
    return new double[] {
      (from.xMm() + to.xMm()) / 2 - dy * lift, (from.yMm() + to.yMm()) / 2 + dx * lift
    };
  }

  /**
   * Corner points with every arc broken into lines no further than this from it; not closed.
   *
   * @param toleranceMm more than 0
   */
  public List<double[]> points(double toleranceMm) {
    List<double[]> points = new ArrayList<>();
    for (int i = 0; i < knots.size(); i++) {
      Knot from = knots.get(i);
      points.add(new double[] {from.xMm(), from.yMm()});
      if (from.bulge() != 0) {
        arc(points, from, next(i), toleranceMm);
      }
    }
    return points;
  }

  private static void arc(List<double[]> points, Knot from, Knot to, double toleranceMm) {
    double r = radius(from, to);
    if (r < 1e-9) {
      return;
    }
    double[] c = centre(from, to);
    double step = 2 * Math.acos(Math.max(0, 1 - Math.min(1, toleranceMm / r)));
    int parts = Math.max(2, (int) Math.ceil(Math.abs(from.sweep()) / Math.max(step, 1e-3)));
    double start = Math.atan2(from.yMm() - c[1], from.xMm() - c[0]);
    for (int k = 1; k < parts; k++) {
      double angle = start + from.sweep() * k / parts;
      points.add(new double[] {c[0] + r * Math.cos(angle), c[1] + r * Math.sin(angle)});
    }
  }

  /** The same line run the other way. */
  public Contour reversed() {
    List<Knot> back = new ArrayList<>();
    for (int i = 0; i < knots.size(); i++) {
      Knot knot = next(i);
      back.add(new Knot(knot.xMm(), knot.yMm(), -knots.get(i).bulge()));
    }
    Collections.reverse(back);
    return new Contour(back);
  }

  /** Counter-clockwise, the way outer contours run here. */
  public Contour counterClockwise() {
    return signedAreaMm2() < 0 ? reversed() : this;
  }

  public Contour moved(Move move) {
    List<Knot> moved = new ArrayList<>();
    for (Knot knot : knots) {
      double[] at = move.of(knot.xMm(), knot.yMm());
      moved.add(new Knot(at[0], at[1], move.mirrored() ? -knot.bulge() : knot.bulge()));
    }
    return new Contour(moved);
  }

  /** The same line this many times as large, from the origin. */
  public Contour scaled(double factor) {
    return new Contour(
        knots.stream().map(k -> new Knot(k.xMm() * factor, k.yMm() * factor, k.bulge())).toList());
  }

  /** The smallest upright rectangle around it. */
  public Rect bounds() {
    double left = Double.MAX_VALUE;
    double low = Double.MAX_VALUE;
    double right = -Double.MAX_VALUE;
    double high = -Double.MAX_VALUE;
    for (int i = 0; i < knots.size(); i++) {
      Knot from = knots.get(i);
      left = Math.min(left, from.xMm());
      right = Math.max(right, from.xMm());
      low = Math.min(low, from.yMm());
      high = Math.max(high, from.yMm());
      if (from.bulge() != 0) {
        for (double[] extreme : extremes(from, next(i))) {
          left = Math.min(left, extreme[0]);
          right = Math.max(right, extreme[0]);
          low = Math.min(low, extreme[1]);
          high = Math.max(high, extreme[1]);
        }
      }
    }
    return new Rect(left, low, right - left, high - low);
  }

  /** The points of an arc where it is furthest out along an axis. */
  private static List<double[]> extremes(Knot from, Knot to) {
    double[] c = centre(from, to);
    double r = radius(from, to);
    double start = Math.atan2(from.yMm() - c[1], from.xMm() - c[0]);
    List<double[]> points = new ArrayList<>();
    for (int quarter = -8; quarter <= 8; quarter++) {
      double turn = quarter * Math.PI / 2 - start;
      if (from.sweep() > 0
          ? turn >= 0 && turn <= from.sweep()
          : turn <= 0 && turn >= from.sweep()) {
        points.add(
            new double[] {
              c[0] + r * Math.cos(quarter * Math.PI / 2), c[1] + r * Math.sin(quarter * Math.PI / 2)
            });
      }
    }
    return points;
  }
}
