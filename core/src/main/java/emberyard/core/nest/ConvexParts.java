package emberyard.core.nest;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.triangulate.polygon.ConstrainedDelaunayTriangulator;

/**
 * Splits polygons into convex parts: constrained Delaunay triangles (JTS), then neighbours melted
 * while they stay convex (Hertel and Mehlhorn 1983: at most four times the least number).
 */
final class ConvexParts {
  private static final double STRAIGHT = 1e-9;

  private ConvexParts() {}

  static List<Convex> of(Geometry shape) {
    List<Convex> parts = new ArrayList<>();
    for (int i = 0; i < shape.getNumGeometries(); i++) {
      if (shape.getGeometryN(i) instanceof Polygon polygon && polygon.getArea() > 1e-6) {
        parts.addAll(split(polygon));
      }
    }
    return parts;
  }

  private static List<Convex> split(Polygon polygon) {
    List<List<Coordinate>> rings = new ArrayList<>();
    if (polygon.getNumInteriorRing() == 0) {
      List<Coordinate> whole = ring(polygon);
      if (convex(whole)) {
        return List.of(convexOf(whole));
      }
    }
    Geometry triangles = new ConstrainedDelaunayTriangulator(polygon).getResult();
    for (int i = 0; i < triangles.getNumGeometries(); i++) {
      if (triangles.getGeometryN(i).getArea() > 1e-9) {
        rings.add(ring((Polygon) triangles.getGeometryN(i)));
      }
    }
    melt(rings);
    return rings.stream().map(ConvexParts::convexOf).toList();
  }

  private static List<Coordinate> ring(Polygon polygon) {
    Coordinate[] corners = polygon.getExteriorRing().getCoordinates();
    boolean left = org.locationtech.jts.algorithm.Orientation.isCCW(corners);
    List<Coordinate> ring = new ArrayList<>();
    for (int i = 0; i < corners.length - 1; i++) {
      ring.add(corners[left ? i : corners.length - 1 - i]);
    }
    return ring;
  }

  /** Takes out shared edges while what comes of it is convex. */
  private static void melt(List<List<Coordinate>> rings) {
    boolean melted = true;
    while (melted) {
      melted = false;
      for (int a = 0; a < rings.size() && !melted; a++) {
        for (int b = a + 1; b < rings.size() && !melted; b++) {
          List<Coordinate> both = joined(rings.get(a), rings.get(b));
          if (both != null) {
            rings.set(a, both);
            rings.remove(b);
            melted = true;
          }
        }
      }
    }
  }

  private static List<Coordinate> joined(List<Coordinate> a, List<Coordinate> b) {
    for (int i = 0; i < a.size(); i++) {
      Coordinate from = a.get(i);
      Coordinate to = a.get((i + 1) % a.size());
      for (int k = 0; k < b.size(); k++) {
        if (b.get(k).equals2D(to) && b.get((k + 1) % b.size()).equals2D(from)) {
          List<Coordinate> both = new ArrayList<>();
          for (int s = 1; s <= a.size(); s++) {
            both.add(a.get((i + s) % a.size()));
          }
          for (int s = 2; s < b.size(); s++) {
            both.add(b.get((k + s) % b.size()));
          }
          return convex(both) ? both : null;
        }
      }
    }
    return null;
  }

  private static boolean convex(List<Coordinate> ring) {
    int n = ring.size();
    for (int i = 0; i < n; i++) {
      Coordinate p = ring.get(i);
      Coordinate q = ring.get((i + 1) % n);
      Coordinate r = ring.get((i + 2) % n);
      double cross = (q.x - p.x) * (r.y - q.y) - (q.y - p.y) * (r.x - q.x);
      if (cross < -STRAIGHT) {
        return false;
      }
    }
    return true;
  }

  private static Convex convexOf(List<Coordinate> ring) {
    int n = ring.size();
    List<Coordinate> corners = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      Coordinate p = ring.get((i + n - 1) % n);
      Coordinate q = ring.get(i);
      Coordinate r = ring.get((i + 1) % n);
      double cross = (q.x - p.x) * (r.y - q.y) - (q.y - p.y) * (r.x - q.x);
      if (cross > STRAIGHT) {
        corners.add(q);
      }
    }
    double[] x = new double[corners.size()];
    double[] y = new double[corners.size()];
    for (int i = 0; i < x.length; i++) {
      x[i] = corners.get(i).x;
      y[i] = corners.get(i).y;
    }
    return new Convex(x, y);
  }
}
