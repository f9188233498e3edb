package emberyard.core.make.file;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Knot;
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;

/** Draws lines through a transform; circular arcs stay arcs where the transform lets them. */
final class Pen {
  /** More corners than this is a scan or a mesh, not a part. */
  static final int MOST_CORNERS = 50_000;

  private static final double HALF_CIRCLE = 1e-6;
  private static final double TOO_FAR_MM = 100_000;
  private static final double CURVE_MM = Contour.FLATTEN_MM / 2;

  private final List<DrawnLines.Line> lines = new ArrayList<>();
  private List<Knot> knots = new ArrayList<>();
  private Affine place = Affine.NONE;
  private String layer = "";
  private double x;
  private double y;
  private double startX;
  private double startY;
  private int corners;

  void at(Affine transform, String onLayer) {
    lift(false);
    place = transform;
    layer = onLayer;
  }

  double x() {
    return x;
  }

  double y() {
    return y;
  }

  double stretch() {
    return place.stretch();
  }

  List<DrawnLines.Line> lines() {
    lift(false);
    return lines;
  }

  void moveTo(double toX, double toY) {
    lift(false);
    x = toX;
    y = toY;
    startX = toX;
    startY = toY;
    corner(0);
  }

  void lineTo(double toX, double toY) {
    begin();
    if (toX == x && toY == y) {
      return;
    }
    x = toX;
    y = toY;
    corner(0);
  }

  private void begin() {
    if (knots.isEmpty()) {
      corner(0);
    }
  }

  private void corner(double bulge) {
    double[] at = place.of(x, y);
    if (!(Math.abs(at[0]) <= TOO_FAR_MM && Math.abs(at[1]) <= TOO_FAR_MM)) {
      throw new InvalidValue(
          "file", "A point of the drawing lies more than 100 m away: the file is damaged.");
    }
    if (++corners > MOST_CORNERS) {
      throw new InvalidValue(
          "file",
          "The drawing has more than 50,000 corners. Simplify its curves before importing it.");
    }
    knots.add(new Knot(at[0], at[1], bulge));
  }

  /**
   * A circular arc to a point.
   *
   * @param bulge tangent of a quarter of its angle, positive counter-clockwise before the transform
   */
  void arcTo(double toX, double toY, double bulge) {
    begin();
    if (Math.hypot(toX - x, toY - y) < 1e-12) {
      return;
    }
    if (place.keepsCircles()) {
      Knot last = knots.remove(knots.size() - 1);
      knots.add(new Knot(last.xMm(), last.yMm(), place.flips() ? -bulge : bulge));
      x = toX;
      y = toY;
      corner(0);
      return;
    }
    Contour arc = new Contour(List.of(new Knot(x, y, bulge), Knot.at(toX, toY)));
    List<double[]> points = arc.points(CURVE_MM / Math.max(1e-9, place.stretch()));
    points.subList(1, points.size()).forEach(p -> lineTo(p[0], p[1]));
  }

  /** A cubic Bézier curve, halved until its control points lie within tolerance of the chord. */
  void curveTo(double x1, double y1, double x2, double y2, double toX, double toY) {
    begin();
    double tolerance = CURVE_MM / Math.max(1e-9, place.stretch());
    halve(x, y, x1, y1, x2, y2, toX, toY, tolerance, 0);
    lineTo(toX, toY);
  }

  private void halve(
      double x0,
      double y0,
      double x1,
      double y1,
      double x2,
      double y2,
      double x3,
      double y3,
      double tolerance,
      int depth) {
    double away = Math.max(off(x1, y1, x0, y0, x3, y3), off(x2, y2, x0, y0, x3, y3));
    if (away <= tolerance || depth > 12 || Double.isNaN(away)) {
      return;
    }
    double ax = (x0 + x1) / 2;
    double ay = (y0 + y1) / 2;
    double bx = (x1 + x2) / 2;
    double by = (y1 + y2) / 2;
    double cx = (x2 + x3) / 2;
    double cy = (y2 + y3) / 2;
    double dx = (ax + bx) / 2;
    double dy = (ay + by) / 2;
    double ex = (bx + cx) / 2;
    double ey = (by + cy) / 2;
    double mx = (dx + ex) / 2;
    double my = (dy + ey) / 2;
    halve(x0, y0, ax, ay, dx, dy, mx, my, tolerance, depth + 1);
    lineTo(mx, my);
    halve(mx, my, ex, ey, cx, cy, x3, y3, tolerance, depth + 1);
  }

  /** Distance of a point from a stretch. */
  private static double off(double px, double py, double ax, double ay, double bx, double by) {
    double dx = bx - ax;
    double dy = by - ay;
    double length = dx * dx + dy * dy;
    double t =
        length == 0 ? 0 : Math.max(0, Math.min(1, ((px - ax) * dx + (py - ay) * dy) / length));
    return Math.hypot(px - ax - t * dx, py - ay - t * dy);
  }

  /** An elliptical arc as SVG states it (SVG 1.1, implementation notes F.6). */
  void ellipseTo(
      double rx,
      double ry,
      double tiltDegrees,
      boolean large,
      boolean sweep,
      double toX,
      double toY) {
    double distance = Math.hypot(toX - x, toY - y);
    if (distance < 1e-12) {
      return;
    }
    if (rx == 0 || ry == 0) {
      lineTo(toX, toY);
      return;
    }
    double a = Math.abs(rx);
    double b = Math.abs(ry);
    if (Math.abs(a - b) < 1e-9 * a) {
      double r = Math.max(a, distance / 2);
      // a half circle, blurred by the reader's seven digits
      double sine = distance / (2 * r);
      double half = sine > 1 - HALF_CIRCLE ? Math.PI / 2 : Math.asin(sine);
      double angle = large ? 2 * Math.PI - 2 * half : 2 * half;
      arcTo(toX, toY, Math.tan(angle / 4) * (sweep ? 1 : -1));
      return;
    }
    ellipse(a, b, Math.toRadians(tiltDegrees), large, sweep, toX, toY);
  }

  private void ellipse(
      double a, double b, double tilt, boolean large, boolean sweep, double toX, double toY) {
    double cos = Math.cos(tilt);
    double sin = Math.sin(tilt);
    double hx = (x - toX) / 2;
    double hy = (y - toY) / 2;
    double px = cos * hx + sin * hy;
    double py = -sin * hx + cos * hy;
    double reach = px * px / (a * a) + py * py / (b * b);
    double grow = reach > 1 ? Math.sqrt(reach) : 1;
    double rx = a * grow;
    double ry = b * grow;
    double under = rx * rx * ry * ry - rx * rx * py * py - ry * ry * px * px;
    double over = rx * rx * py * py + ry * ry * px * px;
    double k = Math.sqrt(Math.max(0, under / over)) * (large == sweep ? -1 : 1);
    double qx = k * rx * py / ry;
    double qy = -k * ry * px / rx;
    double cx = cos * qx - sin * qy + (x + toX) / 2;
    double cy = sin * qx + cos * qy + (y + toY) / 2;
    double start = Math.atan2((py - qy) / ry, (px - qx) / rx);
    double turn = Math.atan2((-py - qy) / ry, (-px - qx) / rx) - start;
    if (sweep && turn < 0) {
      turn += 2 * Math.PI;
    } else if (!sweep && turn > 0) {
      turn -= 2 * Math.PI;
    }
    sweep(cx, cy, rx, ry, tilt, start, turn);
    lineTo(toX, toY);
  }

  /** Points of an ellipse between two angles of its own, the end left out. */
  void sweep(double cx, double cy, double rx, double ry, double tilt, double start, double turn) {
    double size = Math.max(rx, ry) * Math.max(1e-9, place.stretch());
    double step = 2 * Math.acos(Math.max(0, 1 - Math.min(1, CURVE_MM / size)));
    int parts =
        Math.min(2_000, Math.max(4, (int) Math.ceil(Math.abs(turn) / Math.max(step, 1e-3))));
    for (int i = 1; i < parts; i++) {
      double angle = start + turn * i / parts;
      double ex = rx * Math.cos(angle);
      double ey = ry * Math.sin(angle);
      lineTo(
          cx + Math.cos(tilt) * ex - Math.sin(tilt) * ey,
          cy + Math.sin(tilt) * ex + Math.cos(tilt) * ey);
    }
  }

  void close() {
    x = startX;
    y = startY;
    lift(true);
  }

  /** Ends the line; one that comes back to its start within a thousandth counts as closed. */
  private void lift(boolean closed) {
    if (knots.size() > 1) {
      Knot first = knots.get(0);
      Knot last = knots.get(knots.size() - 1);
      boolean back = Math.hypot(first.xMm() - last.xMm(), first.yMm() - last.yMm()) < 1e-3;
      if (back && knots.size() > 2) {
        knots.remove(knots.size() - 1);
      }
      if (!back || knots.size() > 1) {
        lines.add(new DrawnLines.Line(knots, closed || back, layer));
      }
    }
    knots = new ArrayList<>();
  }
}
