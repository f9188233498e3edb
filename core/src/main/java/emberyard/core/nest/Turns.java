package emberyard.core.nest;

import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.MinimumDiameter;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/** The turns a piece is tried in. */
final class Turns {
  private static final double COARSE_MM = 0.05;
  private static final double HOLE_MM = 25;

  private Turns() {}

  /** Free turning means quarters from the flattest lying and from the drawing, and 45° between. */
  static List<Double> of(NestJob.Piece piece) {
    if (piece.pin() != null) {
      return List.of(piece.pin().turnDegrees());
    }
    return switch (piece.rotation()) {
      case NONE -> List.of(0.0);
      case QUARTERS -> different(piece, List.of(0.0, 90.0, 180.0, 270.0));
      case FREE -> different(piece, free(piece));
    };
  }

  /** Turns that give the same shape again are left out: a rectangle has two, a disc one. */
  private static List<Double> different(NestJob.Piece piece, List<Double> turns) {
    List<Double> different = new ArrayList<>();
    List<Geometry> seen = new ArrayList<>();
    for (double degrees : turns) {
      Geometry turned =
          Plane.geometry(telling(piece).moved(Move.turned(degrees)).atOrigin(), COARSE_MM);
      if (seen.stream().noneMatch(other -> same(turned, other))) {
        seen.add(turned);
        different.add(degrees);
      }
    }
    return different;
  }

  /** The rim and the holes that something could lie in: the others don't tell turns apart. */
  private static Outline telling(NestJob.Piece piece) {
    return new Outline(
        piece.outline().outers(),
        piece.outline().holes().stream()
            .filter(hole -> hole.bounds().widthMm() > HOLE_MM && hole.bounds().heightMm() > HOLE_MM)
            .toList());
  }

  private static boolean same(Geometry one, Geometry other) {
    return one.getEnvelopeInternal().getWidth() - other.getEnvelopeInternal().getWidth() < COARSE_MM
        && one.getEnvelopeInternal().getHeight() - other.getEnvelopeInternal().getHeight()
            < COARSE_MM
        && DiscreteHausdorffDistance.distance(one, other) < 2 * COARSE_MM;
  }

  private static List<Double> free(NestJob.Piece piece) {
    List<Double> turns = new ArrayList<>(List.of(0.0, 90.0, 180.0, 270.0));
    Coordinate[] across =
        new MinimumDiameter(Plane.geometry(piece.outline()))
            .getSupportingSegment()
            .getCoordinates();
    double flat = -Math.toDegrees(Math.atan2(across[1].y - across[0].y, across[1].x - across[0].x));
    for (double base : new double[] {flat, 45}) {
      for (int quarter = 0; quarter < 4; quarter++) {
        double degrees = Math.IEEEremainder(base + 90 * quarter, 360);
        if (turns.stream().noneMatch(t -> Math.abs(Math.IEEEremainder(t - degrees, 360)) < 1)) {
          turns.add(degrees);
        }
      }
    }
    return turns;
  }
}
