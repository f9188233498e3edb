package emberyard.core.geometry;

import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * Joins, cuts and offsets outlines. A contour that an operation does not touch keeps its exact
 * arcs; the others are flattened to {@link Contour#FLATTEN_MM}. The overlay itself is that of the
 * JTS Topology Suite, O(n log n) in the corners.
 */
public final class Plane {
  private static final GeometryFactory FACTORY = new GeometryFactory();

  /** Slivers below this are dust of the arithmetic. */
  private static final double DUST_MM2 = 1e-4;

  private static final int MOST_CROSSINGS = 5_000;

  private Plane() {}

  /** Both together. */
  public static Outline join(Outline one, Outline other) {
    if (one.empty()) {
      return other;
    }
    if (other.empty()) {
      return one;
    }
    Geometry mine = geometry(one);
    Geometry theirs = geometry(other);
    if (mine.disjoint(theirs)) {
      return beside(List.of(one, other));
    }
    List<Contour> kept = new ArrayList<>();
    Outline first = new Outline(one.outers(), touched(one.holes(), theirs, kept));
    Outline second = new Outline(other.outers(), touched(other.holes(), mine, kept));
    Outline joined =
        outline(OverlayNGRobust.overlay(geometry(first), geometry(second), OverlayNG.UNION));
    return kept.isEmpty() ? joined : cut(joined, new Outline(kept, List.of()));
  }

  /** Holes that the other shape reaches; the others are put aside as they were drawn. */
  private static List<Contour> touched(List<Contour> holes, Geometry by, List<Contour> kept) {
    List<Contour> touched = new ArrayList<>();
    PreparedGeometry shape = PreparedGeometryFactory.prepare(by);
    for (Contour hole : holes) {
      (shape.intersects(FACTORY.createPolygon(line(hole))) ? touched : kept).add(hole);
    }
    return touched;
  }

  /** The first without the second. Holes that touch nothing stay as exact as they were drawn. */
  public static Outline cut(Outline from, Outline away) {
    Outline left = from;
    List<Contour> clean = new ArrayList<>();
    Outline rest = away;
    if (away.holes().isEmpty()) {
      Clear clear = new Clear(from);
      List<Contour> touching = new ArrayList<>();
      for (Contour hole : away.outers()) {
        if (clear.takes(hole)) {
          clean.add(hole);
        } else {
          touching.add(hole);
        }
      }
      rest = new Outline(touching, List.of());
    }
    if (!rest.empty()) {
      left = outline(OverlayNGRobust.overlay(geometry(left), geometry(rest), OverlayNG.DIFFERENCE));
    }
    if (clean.isEmpty()) {
      return left;
    }
    if (!rest.empty()) {
      // what was clear of the old shape may touch what has just been cut
      return cut(left, new Outline(clean, List.of()));
    }
    List<Contour> holes = new ArrayList<>(left.holes());
    holes.addAll(clean);
    return new Outline(left.outers(), holes);
  }

  /** What lies in both. */
  public static Outline common(Outline one, Outline other) {
    return outline(OverlayNGRobust.overlay(geometry(one), geometry(other), OverlayNG.INTERSECTION));
  }

  /**
   * Grown by a distance, or shrunk where it is negative, with round corners; a circle stays a
   * circle.
   */
  public static Outline offset(Outline outline, double distanceMm) {
    return offset(outline, distanceMm, true);
  }

  /**
   * @param round whether outer corners become arcs; else they are prolonged to a point
   */
  public static Outline offset(Outline outline, double distanceMm, boolean round) {
    if (distanceMm == 0) {
      return outline;
    }
    List<Contour> kept = new ArrayList<>();
    List<Contour> holes = new ArrayList<>();
    for (Contour hole : outline.holes()) {
      Circle circle = hole.circle().orElse(null);
      if (circle != null && circle.diameterMm() > 2 * distanceMm) {
        kept.add(Contour.circle(circle.xMm(), circle.yMm(), circle.diameterMm() - 2 * distanceMm));
      } else if (circle == null) {
        holes.add(hole);
      }
    }
    Outline rim = new Outline(outline.outers(), holes);
    Circle disc =
        rim.outers().size() == 1 && holes.isEmpty()
            ? rim.outers().get(0).circle().orElse(null)
            : null;
    Outline grown =
        disc != null && disc.diameterMm() + 2 * distanceMm > 0
            ? Outline.of(Contour.circle(disc.xMm(), disc.yMm(), disc.diameterMm() + 2 * distanceMm))
            : outline(buffered(geometry(rim), distanceMm, round));
    return kept.isEmpty() ? grown : cut(grown, new Outline(kept, List.of()));
  }

  private static Geometry buffered(Geometry shape, double distanceMm, boolean round) {
    BufferParameters how = new BufferParameters();
    // 16 lines a quarter leave 0.5 % of the distance
    how.setQuadrantSegments(16);
    how.setJoinStyle(round ? BufferParameters.JOIN_ROUND : BufferParameters.JOIN_MITRE);
    how.setMitreLimit(4);
    return BufferOp.bufferOp(shape, distanceMm, how);
  }

  /** As a JTS geometry, arcs flattened. */
  public static Geometry geometry(Outline outline) {
    return geometry(outline, Contour.FLATTEN_MM);
  }

  /** As a JTS geometry, arcs flattened to this. */
  public static Geometry geometry(Outline outline, double toleranceMm) {
    List<Polygon> polygons = Polygons.of(outline, toleranceMm);
    return sound(
        polygons.size() == 1
            ? polygons.get(0)
            : FACTORY.createMultiPolygon(polygons.toArray(Polygon[]::new)));
  }

  /** The same without asking whether it is sound: for telling in from out. */
  static Geometry area(Outline outline) {
    if (outline.outers().size() != 1) {
      return geometry(outline);
    }
    LinearRing[] rings = outline.holes().stream().map(Plane::line).toArray(LinearRing[]::new);
    return FACTORY.createPolygon(line(outline.outers().get(0)), rings);
  }

  private static Geometry sound(Geometry geometry) {
    return geometry.isValid() ? geometry : geometry.buffer(0);
  }

  /** A contour as a closed JTS line. */
  public static LinearRing line(Contour contour) {
    return ring(contour, Contour.FLATTEN_MM);
  }

  /** What lies inside an odd number of contours. Contours that cross nothing keep their arcs. */
  public static Outline evenOdd(List<Contour> contours) {
    if (contours.isEmpty()) {
      return Outline.NONE;
    }
    Containment sorted = Containment.of(contours);
    if (!sorted.crossing()) {
      return sorted.outline();
    }
    requireFewCrossings(
        contours,
        "path",
        "The lines cross each other in more than 5,000 places: mend the drawing first.");
    Geometry all = FACTORY.createPolygon();
    for (Contour contour : contours) {
      Geometry one = sound(FACTORY.createPolygon(line(contour)));
      all = OverlayNGRobust.overlay(all, one, OverlayNG.SYMDIFFERENCE);
    }
    return outline(all);
  }

  /** Whether no rim touches, crosses or surrounds another. */
  private static boolean apart(List<Contour> rims) {
    Containment sorted = Containment.of(rims);
    return !sorted.crossing() && sorted.outline().holes().isEmpty();
  }

  /**
   * Several outlines as one. Those that run into each other melt: what is a hole in one of them and
   * filled by another is filled. Those whose box meets no other keep their arcs.
   *
   * @throws emberyard.core.units.InvalidValue on {@code figure} where they cross too often
   */
  public static Outline together(List<Outline> outlines) {
    STRtree boxes = new STRtree();
    outlines.forEach(each -> boxes.insert(box(each), each));
    List<Outline> alone = new ArrayList<>();
    List<Outline> near = new ArrayList<>();
    for (Outline each : outlines) {
      (boxes.query(box(each)).size() > 1 ? near : alone).add(each);
    }
    alone.add(melted(near));
    return beside(alone);
  }

  private static Envelope box(Outline outline) {
    Rect bounds = outline.bounds();
    return new Envelope(bounds.xMm(), bounds.right(), bounds.yMm(), bounds.top());
  }

  private static Outline melted(List<Outline> outlines) {
    Outline all = beside(outlines);
    if (apart(all.outers())) {
      return all;
    }
    requireFewCrossings(
        all.contours(), "figure", "The figures run into each other in more than 5,000 places.");
    return outline(UnaryUnionOp.union(outlines.stream().map(Plane::geometry).toList()));
  }

  private static Outline beside(List<Outline> outlines) {
    return new Outline(
        outlines.stream().flatMap(each -> each.outers().stream()).toList(),
        outlines.stream().flatMap(each -> each.holes().stream()).toList());
  }

  private static void requireFewCrossings(List<Contour> contours, String field, String sentence) {
    int found = CrossingPoints.of(contours, MOST_CROSSINGS).size();
    Require.that(found <= MOST_CROSSINGS, field, sentence);
  }

  static LinearRing ring(Contour contour, double toleranceMm) {
    List<double[]> points = contour.points(toleranceMm);
    if (points.size() < 3) {
      return FACTORY.createLinearRing();
    }
    Coordinate[] ring = new Coordinate[points.size() + 1];
    for (int i = 0; i < points.size(); i++) {
      ring[i] = new Coordinate(points.get(i)[0], points.get(i)[1]);
    }
    ring[points.size()] = ring[0].copy();
    return FACTORY.createLinearRing(ring);
  }

  /** Back from JTS: polygons only, without dust. */
  public static Outline outline(Geometry geometry) {
    List<Contour> outers = new ArrayList<>();
    List<Contour> holes = new ArrayList<>();
    for (int i = 0; i < geometry.getNumGeometries(); i++) {
      if (geometry.getGeometryN(i) instanceof Polygon polygon && polygon.getArea() > DUST_MM2) {
        outers.add(contour(polygon.getExteriorRing()).counterClockwise());
        for (int k = 0; k < polygon.getNumInteriorRing(); k++) {
          Contour hole = contour(polygon.getInteriorRingN(k));
          if (hole.areaMm2() > DUST_MM2) {
            holes.add(hole.counterClockwise());
          }
        }
      }
      if (geometry.getGeometryN(i) instanceof MultiPolygon many && many != geometry) {
        Outline inner = outline(many);
        outers.addAll(inner.outers());
        holes.addAll(inner.holes());
      }
    }
    return new Outline(outers, holes);
  }

  private static Contour contour(LinearRing ring) {
    Coordinate[] corners = ring.getCoordinates();
    List<Knot> knots = new ArrayList<>();
    for (int i = 0; i < corners.length - 1; i++) {
      knots.add(Knot.at(corners[i].x, corners[i].y));
    }
    return new Contour(knots);
  }

  /** The same shape with fewer corners, nowhere further off than this. */
  public static Outline simplified(Outline outline, double toleranceMm) {
    return outline(DouglasPeuckerSimplifier.simplify(geometry(outline), toleranceMm));
  }
}
