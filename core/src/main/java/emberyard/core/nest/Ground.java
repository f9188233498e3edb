package emberyard.core.nest;

import emberyard.core.geometry.Plane;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** A sheet made ready: the box that grown pieces lie in, and what in it is not sheet. */
final class Ground {
  private static final GeometryFactory FACTORY = new GeometryFactory();

  /** Corners of a quarter of a circle. */
  private static final int ROUND = 32;

  /** Shares of what may be given back; a square corner draws in by 1.41 times its edges' share. */
  private static final double[] GIVEN_BACK = {0.98, 0.7, 0.5, 0.25};

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
    Geometry whole = Plane.geometry(sheet.outline());
    double inset = marginMm - spacingMm / 2;
    Geometry usable = inset > 0 ? whole.buffer(-inset, ROUND, BufferParameters.CAP_FLAT) : whole;
    if (usable.isEmpty()) {
      return new Ground(0, 0, 0, 0, List.of(), sheet.offcut(), sheet.outline().areaMm2());
    }
    Envelope box = usable.getEnvelopeInternal();
    Geometry missing = FACTORY.toGeometry(box).difference(usable);
    if (inset < 0) {
      box.expandBy(-inset);
      missing = givenBack(missing, -inset);
    }
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

  /**
   * What is missing, made smaller where pieces may come nearer than half the spacing. Corners draw
   * in further than edges do and slits vanish, so it is held against what is missing: all of that
   * lies no further from what is kept than was given back.
   */
  private static Geometry givenBack(Geometry missing, double byMm) {
    List<Polygon> kept = new ArrayList<>();
    for (int i = 0; i < missing.getNumGeometries(); i++) {
      Geometry all = missing.getGeometryN(i);
      Geometry less =
          DoubleStream.of(GIVEN_BACK)
              .mapToObj(share -> all.buffer(-share * byMm, ROUND, BufferParameters.CAP_FLAT))
              .filter(smaller -> smaller.buffer(byMm, ROUND).covers(all))
              .findFirst()
              .orElse(all);
      PolygonExtracter.getPolygons(less, kept);
    }
    return FACTORY.buildGeometry(kept);
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
