package emberyard.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.LineIntersector;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.noding.BasicSegmentString;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.noding.SegmentIntersector;
import org.locationtech.jts.noding.SegmentString;

/**
 * Finds where lines cross, and stops at a limit: a scribble of n corners can cross itself n²/4
 * times.
 */
public final class CrossingPoints implements SegmentIntersector {
  private final int most;
  private final LineIntersector lines = new RobustLineIntersector();
  private final List<double[]> points = new ArrayList<>();

  private CrossingPoints(int most) {
    this.most = most;
  }

  /**
   * Points where contours cross or touch, each other or themselves, at most this many and one; O((n
   * + k) log n) for n corners and k crossings.
   */
  public static List<double[]> of(List<Contour> contours, int most) {
    CrossingPoints found = new CrossingPoints(most);
    List<SegmentString> strings = new ArrayList<>();
    for (Contour contour : contours) {
      Coordinate[] ring = Plane.line(contour).getCoordinates();
      if (ring.length > 3) {
        strings.add(new BasicSegmentString(ring, null));
      }
    }
    new MCIndexNoder(found).computeNodes(strings);
    return found.points;
  }

  @Override
  public void processIntersections(SegmentString one, int i, SegmentString other, int k) {
    if ((one == other && i == k) || isDone()) {
      return;
    }
    lines.computeIntersection(
        one.getCoordinate(i),
        one.getCoordinate(i + 1),
        other.getCoordinate(k),
        other.getCoordinate(k + 1));
    if (lines.hasIntersection() && !(one == other && neighbours(i, k, one.size() - 1))) {
      Coordinate at = lines.getIntersection(0);
      points.add(new double[] {at.x, at.y});
    }
  }

  /** Segments that follow each other share their corner; the last joins the first. */
  private static boolean neighbours(int i, int k, int segments) {
    int apart = Math.abs(i - k);
    return apart <= 1 || apart == segments - 1;
  }

  @Override
  public boolean isDone() {
    return points.size() > most;
  }
}
