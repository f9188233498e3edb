package emberyard.core.make.check;

import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.units.Figures;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * The narrowest neck, by opening the shape with a disc (Serra 1982): what a disc of the needed
 * width can't reach, and what hangs between two places that it can, is a neck. Round holes are left
 * out: their webs are measured exactly elsewhere.
 */
final class NeckCheck {
  private static final GeometryFactory FACTORY = new GeometryFactory();
  private static final double TOUCH_MM = 0.05;

  private NeckCheck() {}

  static void add(CheckedPart part, List<Finding> findings) {
    Outline whole = part.drawn().outline();
    if (whole.outers().size() > 1) {
      pieces(part, whole, findings);
    }
    List<Contour> notRound = whole.holes().stream().filter(h -> h.circle().isEmpty()).toList();
    Geometry shape = Plane.geometry(new Outline(whole.outers(), notRound));
    double needed = part.webMm();
    Geometry neck = worst(shape, needed);
    if (neck == null) {
      return;
    }
    Envelope box = neck.getEnvelopeInternal();
    double width = widthMm(shape, box, needed);
    findings.add(
        part.finding(
                Severity.STOP,
                "neck",
                "A neck is only %s wide; %s needed"
                    .formatted(Figures.mm(width), Figures.mm(needed)),
                "The sheet is %s thick; a neck must be as wide, and 2 mm at least."
                    .formatted(Figures.mm(part.thicknessMm())),
                "It breaks when the part is lifted off the bed or screwed down.")
            .at(box.centre().x, box.centre().y, Math.max(6, box.maxExtent() / 2))
            .with(Remedy.byHand("Widen it, or move the opening")));
  }

  private static void pieces(CheckedPart part, Outline whole, List<Finding> findings) {
    Contour smallest =
        whole.outers().stream()
            .min(java.util.Comparator.comparingDouble(Contour::areaMm2))
            .orElseThrow();
    boolean stencil = part.panel().drawing().stencil();
    int loose = whole.outers().size() - 1;
    findings.add(
        part.finding(
                stencil ? Severity.RISK : Severity.STOP,
                "pieces",
                loose == 1
                    ? "An island falls out of the part"
                    : "%d islands fall out of the part".formatted(loose),
                "The outline is in %d pieces.".formatted(whole.outers().size()),
                stencil
                    ? "Without bridges each island must be laid by hand, on transfer film."
                    : "What is cut out whole is not held by anything.")
            .at(smallest.bounds().centreX(), smallest.bounds().centreY(), 8)
            .with(
                Remedy.byHand("Add bridges at least 0.8 mm wide"),
                Remedy.byHand("Lay the islands with transfer film")));
  }

  /** The residue of the opening that hangs between two reached places, or is a long finger. */
  private static Geometry worst(Geometry shape, double neededMm) {
    double r = neededMm / 2 - 0.01;
    Geometry opened = shape.buffer(-r).buffer(r, 12);
    Geometry residue = shape.difference(opened.buffer(TOUCH_MM / 2));
    Geometry worst = null;
    for (int i = 0; i < residue.getNumGeometries(); i++) {
      Geometry each = residue.getGeometryN(i);
      if (each.getArea() > 0.02 * neededMm * neededMm
          && (worst == null || each.getArea() > worst.getArea())
          && (opened.isEmpty() || neck(each, opened, neededMm))) {
        worst = each;
      }
    }
    return worst;
  }

  private static boolean neck(Geometry residue, Geometry opened, double neededMm) {
    Geometry touching = residue.buffer(TOUCH_MM).intersection(opened);
    int places = 0;
    for (int i = 0; i < touching.getNumGeometries(); i++) {
      places += touching.getGeometryN(i).getArea() > 1e-6 ? 1 : 0;
    }
    return places > 1 || residue.getArea() > 3 * neededMm * neededMm;
  }

  /** Width at the neck, by halving the disc until it passes. */
  private static double widthMm(Geometry shape, Envelope around, double neededMm) {
    Envelope box = new Envelope(around);
    box.expandBy(2 * neededMm);
    Geometry local = shape.intersection(FACTORY.toGeometry(box));
    double passes = 0;
    double stuck = neededMm;
    for (int i = 0; i < 7; i++) {
      double width = (passes + stuck) / 2;
      if (worst(local, width) == null) {
        passes = width;
      } else {
        stuck = width;
      }
    }
    return stuck;
  }
}
