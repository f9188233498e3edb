package emberyard.core.make.file;

import emberyard.core.geometry.Circle;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Knot;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Writes contours as DXF R12 in mm: circles and polylines with bulges, one layer an operation. */
public final class DxfDrawing {
  private DxfDrawing() {}

  /**
   * @param groups contours by operation, the name becomes the layer in capitals
   */
  public static String of(Map<String, List<Contour>> groups) {
    StringBuilder dxf = new StringBuilder();
    pair(dxf, 0, "SECTION");
    pair(dxf, 2, "HEADER");
    pair(dxf, 9, "$ACADVER");
    pair(dxf, 1, "AC1009");
    pair(dxf, 9, "$INSUNITS");
    pair(dxf, 70, "4");
    pair(dxf, 0, "ENDSEC");
    pair(dxf, 0, "SECTION");
    pair(dxf, 2, "ENTITIES");
    groups.forEach(
        (name, contours) ->
            contours.forEach(contour -> contour(dxf, contour, name.toUpperCase(Locale.ROOT))));
    pair(dxf, 0, "ENDSEC");
    pair(dxf, 0, "EOF");
    return dxf.toString();
  }

  private static void contour(StringBuilder dxf, Contour contour, String layer) {
    Circle circle = contour.circle().orElse(null);
    if (circle != null) {
      pair(dxf, 0, "CIRCLE");
      pair(dxf, 8, layer);
      point(dxf, circle.xMm(), circle.yMm());
      pair(dxf, 40, number(circle.diameterMm() / 2));
      return;
    }
    pair(dxf, 0, "POLYLINE");
    pair(dxf, 8, layer);
    pair(dxf, 66, "1");
    pair(dxf, 70, "1");
    point(dxf, 0, 0);
    for (Knot knot : contour.knots()) {
      pair(dxf, 0, "VERTEX");
      pair(dxf, 8, layer);
      point(dxf, knot.xMm(), knot.yMm());
      if (knot.bulge() != 0) {
        pair(dxf, 42, number(knot.bulge()));
      }
    }
    pair(dxf, 0, "SEQEND");
    pair(dxf, 8, layer);
  }

  private static void point(StringBuilder dxf, double x, double y) {
    pair(dxf, 10, number(x));
    pair(dxf, 20, number(y));
    pair(dxf, 30, "0.0");
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.6f", value);
  }

  private static void pair(StringBuilder dxf, int code, String value) {
    dxf.append(code).append("\r\n").append(value).append("\r\n");
  }
}
