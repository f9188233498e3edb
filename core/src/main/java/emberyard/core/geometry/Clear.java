package emberyard.core.geometry;

import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.index.quadtree.Quadtree;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Tells whether a new hole lies in the material, clear of its rims and of the holes taken so far.
 */
final class Clear {
  private static final GeometryFactory FACTORY = new GeometryFactory();

  private final STRtree rims = new STRtree();
  private final IndexedPointInAreaLocator material;
  private final Quadtree taken = new Quadtree();

  Clear(Outline outline) {
    Geometry area = Plane.area(outline);
    material = new IndexedPointInAreaLocator(area);
    for (Contour contour : outline.contours()) {
      Geometry line = Plane.ring(contour, Contour.FLATTEN_MM);
      rims.insert(line.getEnvelopeInternal(), line);
    }
  }

  /** Whether it is clear; if so it counts as taken. */
  boolean takes(Contour hole) {
    Geometry line = Plane.ring(hole, Contour.FLATTEN_MM);
    if (line.isEmpty()) {
      return false;
    }
    Coordinate start = line.getCoordinate();
    if (material.locate(start) != Location.INTERIOR) {
      return false;
    }
    Envelope box = line.getEnvelopeInternal();
    Geometry shape = FACTORY.createPolygon(line.getCoordinates());
    if (near(rims.query(box), box, shape) || near(taken.query(box), box, shape)) {
      return false;
    }
    taken.insert(box, shape);
    return true;
  }

  /** Whether one of these touches the shape; boxes first, which is nearly always enough. */
  private static boolean near(List<?> others, Envelope box, Geometry shape) {
    PreparedGeometry area = null;
    for (Object each : others) {
      Geometry other = (Geometry) each;
      if (other.getEnvelopeInternal().intersects(box)) {
        area = area == null ? PreparedGeometryFactory.prepare(shape) : area;
        if (area.intersects(other)) {
          return true;
        }
      }
    }
    return false;
  }
}
