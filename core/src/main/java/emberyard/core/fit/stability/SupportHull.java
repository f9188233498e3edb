package emberyard.core.fit.stability;

import emberyard.core.fit.stability.Balance.Point;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * The ground a build stands on: the convex hull of its supports, never their rectangle. Source:
 * statics; the hull is JTS's.
 *
 * @param edges each seen from inside, counter-clockwise; of supports on one line, both sides of it
 */
record SupportHull(List<Edge> edges) {
  private static final double SQUARE = 1e-6;

  /** From one support to the next; inside lies to its left. */
  record Edge(double fromXMm, double fromYMm, double toXMm, double toYMm) {
    /** Distance of a point to the edge's line, mm; negative outside. */
    double inside(Point point) {
      double dx = toXMm - fromXMm;
      double dy = toYMm - fromYMm;
      double cross = dx * (point.yMm() - fromYMm) - dy * (point.xMm() - fromXMm);
      return cross / Math.hypot(dx, dy);
    }

    /** "front", "left", …; empty where it lies across. */
    Optional<String> side() {
      double dx = toXMm - fromXMm;
      double dy = toYMm - fromYMm;
      if (Math.abs(dy) < SQUARE) {
        return Optional.of(dx > 0 ? "front" : "back");
      }
      if (Math.abs(dx) < SQUARE) {
        return Optional.of(dy > 0 ? "right" : "left");
      }
      return Optional.empty();
    }
  }

  static SupportHull of(List<Point> supports) {
    Coordinate[] points =
        supports.stream().map(s -> new Coordinate(s.xMm(), s.yMm())).toArray(Coordinate[]::new);
    Geometry hull = new GeometryFactory().createMultiPointFromCoords(points).convexHull();
    Coordinate[] ring = hull.norm().getCoordinates();
    Require.that(
        ring.length > 1, "supports", "All supports lie on one point: nothing stands on it.");
    if (hull.getDimension() < 2) {
      Coordinate a = ring[0];
      Coordinate b = ring[ring.length - 1];
      return new SupportHull(List.of(new Edge(a.x, a.y, b.x, b.y), new Edge(b.x, b.y, a.x, a.y)));
    }
    // a normal polygon of JTS runs clockwise
    Coordinate[] turned = new Coordinate[ring.length];
    Arrays.setAll(turned, i -> ring[ring.length - 1 - i]);
    List<Edge> edges = new ArrayList<>();
    for (int i = 0; i + 1 < turned.length; i++) {
      edges.add(new Edge(turned[i].x, turned[i].y, turned[i + 1].x, turned[i + 1].y));
    }
    return new SupportHull(List.copyOf(edges));
  }
}
