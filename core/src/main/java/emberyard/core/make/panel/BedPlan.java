package emberyard.core.make.panel;

import emberyard.core.geometry.Circle;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.Rect;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * How a part lies on a machine's bed.
 *
 * @param way in one go, turned, in two set-ups, or split with a joint
 * @param across whether the line runs up the drawing (it halves the width)
 * @param lineMm where set-ups meet or the part is split, from the left or lower edge; null where it
 *     fits
 * @param registers holes for two set-ups, outside the part
 */
public record BedPlan(Way way, boolean across, @Nullable Double lineMm, List<Circle> registers) {
  /** Free round the part on the bed. */
  public static final double MARGIN_MM = 5;

  /** Two set-ups reach this many beds in one dimension. */
  static final double TWO_SET_UPS = 1.9;

  private static final double REGISTER_MM = 4;
  private static final double OUTSIDE_MM = 8;
  private static final double STEP_MM = 2;

  /** Ways to lie. */
  public enum Way {
    FITS,
    FITS_TURNED,
    TWO_SET_UPS,
    SPLIT
  }

  public BedPlan {
    registers = List.copyOf(registers);
  }

  /**
   * If the part with 5 mm margin fits in neither orientation: two set-ups if one dimension is
   * within 1.9 × the bed and the other fits, otherwise a split where it crosses the least material
   * and no hole.
   *
   * @param webMm what must stay between the split and a hole
   */
  public static BedPlan of(Outline outline, double bedWidthMm, double bedHeightMm, double webMm) {
    Rect box = outline.bounds();
    double w = box.widthMm();
    double h = box.heightMm();
    double bw = bedWidthMm - 2 * MARGIN_MM;
    double bh = bedHeightMm - 2 * MARGIN_MM;
    if (w <= bw && h <= bh) {
      return new BedPlan(Way.FITS, false, null, List.of());
    }
    if (h <= bw && w <= bh) {
      return new BedPlan(Way.FITS_TURNED, false, null, List.of());
    }
    double longBed = Math.max(bedWidthMm, bedHeightMm);
    double shortBed = Math.min(bedWidthMm, bedHeightMm);
    for (double[] bed : new double[][] {{longBed, shortBed}, {shortBed, longBed}}) {
      if (h <= bed[1] - 2 * MARGIN_MM && w <= TWO_SET_UPS * bed[0]) {
        return twoSetUps(box, true);
      }
      if (w <= bed[1] - 2 * MARGIN_MM && h <= TWO_SET_UPS * bed[0]) {
        return twoSetUps(box, false);
      }
    }
    return split(outline, box, longBed - 2 * MARGIN_MM, webMm);
  }

  /** Both set-ups see the middle: there the register holes lie, outside the part. */
  private static BedPlan twoSetUps(Rect box, boolean across) {
    double middle = across ? box.centreX() : box.centreY();
    List<Circle> registers =
        across
            ? List.of(
                new Circle(middle, box.yMm() - OUTSIDE_MM, REGISTER_MM),
                new Circle(middle, box.top() + OUTSIDE_MM, REGISTER_MM))
            : List.of(
                new Circle(box.xMm() - OUTSIDE_MM, middle, REGISTER_MM),
                new Circle(box.right() + OUTSIDE_MM, middle, REGISTER_MM));
    return new BedPlan(Way.TWO_SET_UPS, across, middle, registers);
  }

  private static BedPlan split(Outline outline, Rect box, double reachMm, double webMm) {
    boolean across = box.widthMm() >= box.heightMm();
    double from = across ? box.xMm() : box.yMm();
    double length = across ? box.widthMm() : box.heightMm();
    double first = from + Math.max(0.2 * length, length - reachMm);
    double last = from + Math.min(0.8 * length, reachMm);
    Geometry material = Plane.geometry(outline);
    double best = from + length / 2;
    double least = Double.MAX_VALUE;
    for (double at = first; at <= last + 1e-9; at += STEP_MM) {
      double crossed = crossed(material, outline, box, across, at, webMm);
      double centred = crossed + 0.001 * Math.abs(at - from - length / 2);
      if (centred < least) {
        least = centred;
        best = at;
      }
    }
    return new BedPlan(Way.SPLIT, across, best, List.of());
  }

  private static double crossed(
      Geometry material, Outline outline, Rect box, boolean across, double at, double webMm) {
    for (Contour hole : outline.holes()) {
      Rect opening = hole.bounds();
      boolean round = hole.circle().isPresent();
      double low = (across ? opening.xMm() : opening.yMm()) - webMm;
      double high = (across ? opening.right() : opening.top()) + webMm;
      if (round && at > low && at < high) {
        return 1e6;
      }
    }
    Coordinate[] line =
        across
            ? new Coordinate[] {
              new Coordinate(at, box.yMm() - 1), new Coordinate(at, box.top() + 1)
            }
            : new Coordinate[] {
              new Coordinate(box.xMm() - 1, at), new Coordinate(box.right() + 1, at)
            };
    return material.intersection(new GeometryFactory().createLineString(line)).getLength();
  }

  /** Whether the machine takes it in one go. */
  public boolean fits() {
    return way == Way.FITS || way == Way.FITS_TURNED;
  }
}
