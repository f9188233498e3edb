package emberyard.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;

/** The rims of an outline, each with the holes that lie in it. */
final class Polygons {
  private static final GeometryFactory FACTORY = new GeometryFactory();

  private final List<Rim> rims = new ArrayList<>();
  private final STRtree tree = new STRtree();

  private static final class Rim {
    private final LinearRing line;
    private final Envelope box;
    private final List<LinearRing> holes = new ArrayList<>();
    private IndexedPointInAreaLocator inside;

    Rim(LinearRing line) {
      this.line = line;
      this.box = line.getEnvelopeInternal();
    }

    boolean surrounds(LinearRing hole) {
      if (inside == null) {
        inside = new IndexedPointInAreaLocator(FACTORY.createPolygon(line));
      }
      return inside.locate(hole.getCoordinate()) != Location.EXTERIOR;
    }

    Polygon polygon() {
      return FACTORY.createPolygon(line, holes.toArray(LinearRing[]::new));
    }
  }

  private Polygons(Outline outline, double toleranceMm) {
    for (Contour outer : outline.outers()) {
      Rim rim = new Rim(Plane.ring(outer, toleranceMm));
      rims.add(rim);
      tree.insert(rim.box, rim);
    }
    for (Contour hole : outline.holes()) {
      LinearRing line = Plane.ring(hole, toleranceMm);
      (rims.size() == 1 ? rims.get(0) : around(line)).holes.add(line);
    }
  }

  /** In the order of the rims, arcs flattened to this. */
  static List<Polygon> of(Outline outline, double toleranceMm) {
    return new Polygons(outline, toleranceMm).rims.stream().map(Rim::polygon).toList();
  }

  /** The smallest rim about a hole. */
  private Rim around(LinearRing hole) {
    Rim found = null;
    for (Object each : tree.query(hole.getEnvelopeInternal())) {
      Rim rim = (Rim) each;
      boolean smaller = found == null || rim.box.getArea() < found.box.getArea();
      if (smaller && rim.surrounds(hole)) {
        found = rim;
      }
    }
    return found == null ? rims.get(0) : found;
  }
}
