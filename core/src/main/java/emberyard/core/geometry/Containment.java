package emberyard.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Which contour lies in which: those inside an even number of others are rims, the rest holes.
 *
 * @param crossing whether two contours touch or cross, or one crosses itself: then the rest is void
 */
record Containment(Outline outline, boolean crossing) {

  static Containment of(List<Contour> contours) {
    List<LinearRing> rings = new ArrayList<>();
    STRtree tree = new STRtree();
    for (int i = 0; i < contours.size(); i++) {
      LinearRing ring = Plane.line(contours.get(i));
      rings.add(ring);
      tree.insert(ring.getEnvelopeInternal(), i);
      if (ring.isEmpty() || !ring.isSimple()) {
        return new Containment(Outline.NONE, true);
      }
    }
    int[] depth = new int[contours.size()];
    for (int outer = 0; outer < rings.size(); outer++) {
      if (!count(outer, rings, tree, depth)) {
        return new Containment(Outline.NONE, true);
      }
    }
    List<Contour> rims = new ArrayList<>();
    List<Contour> holes = new ArrayList<>();
    for (int i = 0; i < depth.length; i++) {
      (depth[i] % 2 == 0 ? rims : holes).add(contours.get(i).counterClockwise());
    }
    return new Containment(new Outline(rims, holes), false);
  }

  /** Deepens all that lie in one ring; false where they cross. */
  private static boolean count(int outer, List<LinearRing> rings, STRtree tree, int[] depth) {
    LinearRing ring = rings.get(outer);
    Geometry area = ring.getFactory().createPolygon(ring);
    IndexedPointInAreaLocator inside = new IndexedPointInAreaLocator(area);
    Envelope box = ring.getEnvelopeInternal();
    for (Object found : tree.query(box)) {
      int inner = (Integer) found;
      if (inner == outer) {
        continue;
      }
      LinearRing other = rings.get(inner);
      if (inner > outer && ring.intersects(other)) {
        return false;
      }
      if (inside.locate(other.getCoordinate()) == Location.INTERIOR
          && box.contains(other.getEnvelopeInternal())) {
        depth[inner]++;
      }
    }
    return true;
  }
}
