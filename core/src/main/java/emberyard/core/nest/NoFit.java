package emberyard.core.nest;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.CascadedPolygonUnion;

/**
 * Where a moving shape may not lie beside a fixed one: the no-fit polygon (Art 1966), as the
 * Minkowski difference of their convex parts. Its parts decide, its rim gives the places worth
 * trying.
 */
final class NoFit {
  private static final GeometryFactory FACTORY = new GeometryFactory();

  final Convex[] parts;
  final double[] edges;
  final double minX;
  final double minY;
  final double maxX;
  final double maxY;

  private NoFit(Convex[] parts, double[] edges) {
    this.parts = parts;
    this.edges = edges;
    double lowX = Double.MAX_VALUE;
    double lowY = Double.MAX_VALUE;
    double highX = -Double.MAX_VALUE;
    double highY = -Double.MAX_VALUE;
    for (Convex part : parts) {
      lowX = Math.min(lowX, part.minX);
      lowY = Math.min(lowY, part.minY);
      highX = Math.max(highX, part.maxX);
      highY = Math.max(highY, part.maxY);
    }
    minX = lowX;
    minY = lowY;
    maxX = highX;
    maxY = highY;
  }

  static NoFit of(List<Convex> fixed, List<Convex> movingNegated) {
    List<Convex> parts = new ArrayList<>();
    for (Convex one : fixed) {
      for (Convex other : movingNegated) {
        parts.add(Convex.sum(one, other));
      }
    }
    return new NoFit(parts.toArray(Convex[]::new), edges(parts));
  }

  /** Rim edges as x1, y1, x2, y2. */
  private static double[] edges(List<Convex> parts) {
    if (parts.size() == 1) {
      Convex only = parts.get(0);
      int n = only.x.length;
      double[] edges = new double[4 * n];
      for (int i = 0; i < n; i++) {
        int next = (i + 1) % n;
        edges[4 * i] = only.x[i];
        edges[4 * i + 1] = only.y[i];
        edges[4 * i + 2] = only.x[next];
        edges[4 * i + 3] = only.y[next];
      }
      return edges;
    }
    List<Polygon> polygons = parts.stream().map(NoFit::polygon).toList();
    return rim(CascadedPolygonUnion.union(polygons).getBoundary());
  }

  private static Polygon polygon(Convex part) {
    Coordinate[] ring = new Coordinate[part.x.length + 1];
    for (int i = 0; i < part.x.length; i++) {
      ring[i] = new Coordinate(part.x[i], part.y[i]);
    }
    ring[part.x.length] = ring[0].copy();
    return FACTORY.createPolygon(ring);
  }

  /** Edges of lines as x1, y1, x2, y2. */
  static double[] rim(Geometry rim) {
    List<double[]> edges = new ArrayList<>();
    for (int i = 0; i < rim.getNumGeometries(); i++) {
      Coordinate[] line = rim.getGeometryN(i).getCoordinates();
      for (int k = 1; k < line.length; k++) {
        edges.add(new double[] {line[k - 1].x, line[k - 1].y, line[k].x, line[k].y});
      }
    }
    double[] flat = new double[4 * edges.size()];
    for (int i = 0; i < edges.size(); i++) {
      System.arraycopy(edges.get(i), 0, flat, 4 * i, 4);
    }
    return flat;
  }

  /** Whether the moving shape would overlap at this offset from the fixed one. */
  boolean forbids(double x, double y, double hair) {
    if (x <= minX + hair || x >= maxX - hair || y <= minY + hair || y >= maxY - hair) {
      return false;
    }
    for (Convex part : parts) {
      if (part.holds(x, y, hair)) {
        return true;
      }
    }
    return false;
  }
}
