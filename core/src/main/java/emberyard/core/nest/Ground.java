package emberyard.core.nest;

import emberyard.core.geometry.Plane;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** A sheet made ready: the box that grown pieces lie in, and what in it is not sheet. */
final class Ground {
  private static final GeometryFactory FACTORY = new GeometryFactory();

  final double width;
  final double height;

  /** Where the box begins on the sheet. */
  final double originX;

  final double originY;
  final List<Convex> missing;
  final boolean offcut;
  final double areaMm2;

  private Ground(
      double width,
      double height,
      double originX,
      double originY,
      List<Convex> missing,
      boolean offcut,
      double areaMm2) {
    this.width = width;
    this.height = height;
    this.originX = originX;
    this.originY = originY;
    this.missing = missing;
    this.offcut = offcut;
    this.areaMm2 = areaMm2;
  }

  /**
   * The sheet less its margin; pieces are grown by half the spacing, so that much is given back.
   */
  static Ground of(NestJob.Blank sheet, double spacingMm, double marginMm) {
    Geometry usable = Plane.geometry(sheet.outline());
    double inset = marginMm - spacingMm / 2;
    if (inset != 0) {
      usable =
          usable.buffer(
              -inset, 32, org.locationtech.jts.operation.buffer.BufferParameters.CAP_FLAT);
    }
    if (usable.isEmpty()) {
      return new Ground(0, 0, 0, 0, List.of(), sheet.offcut(), sheet.outline().areaMm2());
    }
    Envelope box = usable.getEnvelopeInternal();
    Geometry around = FACTORY.toGeometry(box);
    Geometry missing = around.difference(usable);
    Geometry home =
        AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY()).transform(missing);
    return new Ground(
        box.getWidth(),
        box.getHeight(),
        box.getMinX(),
        box.getMinY(),
        ConvexParts.of(home),
        sheet.offcut(),
        sheet.outline().areaMm2());
  }

  /** How far it is used along its longer side. */
  double reach(List<Spot> spots) {
    boolean lengthwise = width >= height;
    return spots.stream()
        .mapToDouble(s -> lengthwise ? s.x() + s.shape().width : s.y() + s.shape().height)
        .reduce(0, Math::max);
  }

  /** Its shorter side. */
  double across() {
    return Math.min(width, height);
  }
}
