package emberyard.core.nest;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.Rect;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * A piece in one turn, grown by half the spacing and made coarser on the outer side, its grown box
 * beginning at the origin.
 */
final class Shape {
  /** Pieces are coarsened by no more than this, always outwards. */
  private static final double COARSE_MM = 0.15;

  /** What is too jagged is taken coarser by these, then as its hull. */
  private static final double[] COARSER_MM = {0.5, 1.5, 4};

  final int index;
  final double turnDegrees;
  final double width;
  final double height;
  final double areaMm2;
  final List<Convex> parts;
  final List<Convex> negated;

  /** All edges of the grown shape as x1, y1, x2, y2. */
  final double[] edges;

  final double perimeter;

  /** From the grown box's corner to the corner of the piece's own box. */
  final double insetX;

  final double insetY;

  private Shape(
      int index,
      double turnDegrees,
      double width,
      double height,
      double areaMm2,
      List<Convex> parts,
      double[] edges,
      double insetX,
      double insetY) {
    this.index = index;
    this.turnDegrees = turnDegrees;
    this.width = width;
    this.height = height;
    this.areaMm2 = areaMm2;
    this.parts = parts;
    this.edges = edges;
    this.perimeter = length(edges);
    this.negated = parts.stream().map(Convex::negated).toList();
    this.insetX = insetX;
    this.insetY = insetY;
  }

  /**
   * @param leastHoleMm holes narrower than this are filled: nothing could lie in them
   * @param mostParts convex parts; what has more is taken coarser, at last as its hull
   */
  static Shape of(
      int index,
      Outline outline,
      double turnDegrees,
      double spacingMm,
      double leastHoleMm,
      int mostParts) {
    List<Contour> holes =
        outline.holes().stream().filter(h -> wide(h.bounds(), leastHoleMm + spacingMm)).toList();
    Outline turned = new Outline(outline.outers(), holes).moved(Move.turned(turnDegrees));
    Rect own = turned.bounds();
    Geometry grown = grown(turned, spacingMm / 2);
    double x = grown.getEnvelopeInternal().getMinX();
    double y = grown.getEnvelopeInternal().getMinY();
    Geometry exact =
        org.locationtech.jts.geom.util.AffineTransformation.translationInstance(-x, -y)
            .transform(grown);
    Geometry home = coarseEnough(exact, mostParts);
    return new Shape(
        index,
        turnDegrees,
        grown.getEnvelopeInternal().getWidth(),
        grown.getEnvelopeInternal().getHeight(),
        outline.areaMm2(),
        ConvexParts.of(home),
        NoFit.rim(home.getBoundary()),
        own.xMm() - x,
        own.yMm() - y);
  }

  /** The shape, or one about it of few enough convex parts. */
  private static Geometry coarseEnough(Geometry exact, int mostParts) {
    if (mostParts == 1) {
      return exact.convexHull();
    }
    Geometry box = exact.getFactory().toGeometry(exact.getEnvelopeInternal());
    Geometry shape = exact;
    for (double coarseMm : COARSER_MM) {
      // a shape of n corners splits into n parts at most
      if (shape.getNumPoints() <= mostParts || ConvexParts.of(shape).size() <= mostParts) {
        return shape;
      }
      Geometry around = DouglasPeuckerSimplifier.simplify(offset(exact, coarseMm), coarseMm);
      // made valid again it may have lost a corner: then the hull is safe
      shape = around.covers(exact) ? around.intersection(box) : exact.convexHull();
    }
    return ConvexParts.of(shape).size() <= mostParts ? shape : exact.convexHull();
  }

  private static double length(double[] edges) {
    double length = 0;
    for (int i = 0; i < edges.length; i += 4) {
      length += Math.hypot(edges[i + 2] - edges[i], edges[i + 3] - edges[i + 1]);
    }
    return length;
  }

  private static boolean wide(Rect box, double leastMm) {
    return Math.min(box.widthMm(), box.heightMm()) > leastMm;
  }

  /** Straight outlines stay exact; curves are flattened coarsely and grown by what that leaves. */
  private static Geometry grown(Outline outline, double byMm) {
    boolean curved =
        outline.contours().stream().anyMatch(c -> c.knots().stream().anyMatch(k -> k.bulge() != 0))
            || outline.contours().stream().anyMatch(c -> c.knots().size() > 24);
    Geometry exact = Plane.geometry(outline, curved ? COARSE_MM / 2 : Contour.FLATTEN_MM);
    if (!curved) {
      return byMm == 0 ? exact : offset(exact, byMm);
    }
    return DouglasPeuckerSimplifier.simplify(offset(exact, byMm + COARSE_MM), COARSE_MM / 2);
  }

  private static Geometry offset(Geometry shape, double byMm) {
    BufferParameters how = new BufferParameters();
    how.setJoinStyle(BufferParameters.JOIN_MITRE);
    how.setMitreLimit(3);
    how.setQuadrantSegments(4);
    return BufferOp.bufferOp(shape, byMm, how);
  }
}
