package emberyard.core.finish.layer;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.units.Remembered;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** What a blade can't cut or a stencil can't hold. */
public final class ArtChecks {
  /** Narrower strokes tear (handbook, finish). */
  public static final double LEAST_STROKE_MM = 0.8;

  /** Width of a proposed bridge. */
  public static final double BRIDGE_MM = 1.2;

  private static final GeometryFactory FACTORY = new GeometryFactory();
  private static final double DUST_MM2 = 0.15;

  /** Art stays as it is while the part it lies on is changed. */
  private static final Remembered<Outline, Optional<Thin>> THINNEST = new Remembered<>(300);

  private ArtChecks() {}

  /** A place that is too narrow, with its width. */
  public record Thin(double xMm, double yMm, double widthMm) {}

  /** A bridge from an island to its surroundings. */
  public record Bridge(double fromXMm, double fromYMm, double toXMm, double toYMm) {}

  /** The shape with bridges left standing across it. */
  public record Bridged(Outline outline, List<Bridge> bridges) {}

  /**
   * The largest place that a disc of 0.8 mm can't reach, by opening the shape with it; corners
   * count for nothing.
   */
  public static Optional<Thin> thinnest(Outline outline) {
    return THINNEST.get(outline, ArtChecks::narrowest);
  }

  private static Optional<Thin> narrowest(Outline outline) {
    Geometry shape = Plane.geometry(outline);
    Geometry lost = lost(shape, LEAST_STROKE_MM);
    Geometry worst = largest(lost);
    if (worst == null) {
      return Optional.empty();
    }
    var centre = worst.getInteriorPoint();
    return Optional.of(new Thin(centre.getX(), centre.getY(), width(shape, worst)));
  }

  private static Geometry lost(Geometry shape, double widthMm) {
    double r = widthMm / 2 - 0.005;
    return shape.difference(shape.buffer(-r).buffer(r * 1.15, 12));
  }

  private static Geometry largest(Geometry all) {
    Geometry best = null;
    for (int i = 0; i < all.getNumGeometries(); i++) {
      Geometry one = all.getGeometryN(i);
      if (one.getArea() > DUST_MM2 && (best == null || one.getArea() > best.getArea())) {
        best = one;
      }
    }
    return best;
  }

  /** By halving the disc until it passes that place. */
  private static double width(Geometry shape, Geometry place) {
    Geometry near = shape.intersection(place.getEnvelope().buffer(2 * LEAST_STROKE_MM));
    double passes = 0.02;
    double stuck = LEAST_STROKE_MM;
    for (int i = 0; i < 6; i++) {
      double middle = (passes + stuck) / 2;
      if (lost(near, middle).intersection(place).getArea() < place.getArea() / 2) {
        passes = middle;
      } else {
        stuck = middle;
      }
    }
    return (passes + stuck) / 2;
  }

  /** Two bridges for every island where there is room on both sides of it, at the narrowest. */
  public static Bridged bridged(Outline outline) {
    List<Bridge> bridges = new ArrayList<>();
    Geometry left = Plane.geometry(outline);
    for (Contour island : outline.holes()) {
      Geometry inner = Plane.line(island);
      List<Geometry> rims = new ArrayList<>();
      outline.outers().forEach(outer -> rims.add(Plane.line(outer)));
      Geometry rim = FACTORY.buildGeometry(rims);
      Coordinate[] near = DistanceOp.nearestPoints(inner, rim);
      Bridge first = new Bridge(near[0].x, near[0].y, near[1].x, near[1].y);
      bridges.add(first);
      left = without(left, first);
      Bridge second = across(island, first, rim);
      bridges.add(second);
      left = without(left, second);
    }
    return new Bridged(Plane.outline(left), bridges);
  }

  /** From the point of the island that lies furthest from the first bridge. */
  private static Bridge across(Contour island, Bridge first, Geometry rim) {
    double[] far = null;
    double most = -1;
    for (double[] point : island.points(Contour.FLATTEN_MM)) {
      double distance = Math.hypot(point[0] - first.fromXMm(), point[1] - first.fromYMm());
      if (distance > most) {
        most = distance;
        far = point;
      }
    }
    Geometry point = FACTORY.createPoint(new Coordinate(far[0], far[1]));
    Coordinate[] near = DistanceOp.nearestPoints(point, rim);
    return new Bridge(far[0], far[1], near[1].x, near[1].y);
  }

  private static Geometry without(Geometry shape, Bridge bridge) {
    double length = Math.hypot(bridge.toXMm - bridge.fromXMm, bridge.toYMm - bridge.fromYMm);
    double along = length == 0 ? 0 : BRIDGE_MM / 2 / length;
    double dx = (bridge.toXMm - bridge.fromXMm) * along;
    double dy = (bridge.toYMm - bridge.fromYMm) * along;
    Geometry line =
        FACTORY.createLineString(
            new Coordinate[] {
              new Coordinate(bridge.fromXMm - dx, bridge.fromYMm - dy),
              new Coordinate(bridge.toXMm + dx, bridge.toYMm + dy)
            });
    return OverlayNGRobust.overlay(shape, line.buffer(BRIDGE_MM / 2), OverlayNG.DIFFERENCE);
  }
}
