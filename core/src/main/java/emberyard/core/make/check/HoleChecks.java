package emberyard.core.make.check;

import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Circle;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Plane;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/** Holes against the edge, against each other, and against what a laser can cut. */
final class HoleChecks {
  private static final GeometryFactory POINTS = new GeometryFactory();

  private final CheckedPart part;
  private final List<Finding> findings;

  private HoleChecks(CheckedPart part, List<Finding> findings) {
    this.part = part;
    this.findings = findings;
  }

  static void add(CheckedPart part, List<Finding> findings) {
    HoleChecks checks = new HoleChecks(part, findings);
    checks.edges();
    checks.webs();
    checks.small();
  }

  private record Worst(double isMm, double neededMm, double xMm, double yMm) {}

  private void edges() {
    List<Contour> outers = part.drawn().outline().outers();
    if (part.own().isEmpty()) {
      return;
    }
    List<IndexedFacetDistance> rims =
        outers.stream().map(o -> new IndexedFacetDistance(Plane.line(o))).toList();
    List<Worst> bad = new ArrayList<>();
    for (Circle hole : part.own()) {
      Point centre = POINTS.createPoint(new Coordinate(hole.xMm(), hole.yMm()));
      double is =
          rims.stream().mapToDouble(r -> r.distance(centre)).min().orElse(0)
              - hole.diameterMm() / 2;
      double needed =
          Math.max(part.thicknessMm(), part.material().holeEdgeFactor() * hole.diameterMm());
      if (is < needed - 0.005) {
        bad.add(new Worst(is, needed, hole.xMm(), hole.yMm()));
      }
    }
    report(
        bad,
        "edge",
        "A hole leaves %s to the edge; %s needed",
        "%s needs max(thickness %s, %s × diameter)."
            .formatted(
                capital(part.material().words()),
                Figures.mm(part.thicknessMm()),
                Figures.plain(part.material().holeEdgeFactor())),
        "Nearer to the edge the sheet cracks when the screw is tightened.",
        Remedy.byHand("Move the hole in or make it smaller"));
  }

  private static String capital(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  /** Between openings, at least one of which no simpler rule has judged. */
  private void webs() {
    List<Contour> holes = part.drawn().outline().holes();
    Set<Circle> own = new HashSet<>(part.own());
    STRtree tree = new STRtree();
    List<LinearRing> rings = new ArrayList<>();
    for (int i = 0; i < holes.size(); i++) {
      rings.add(Plane.line(holes.get(i)));
      tree.insert(rings.get(i).getEnvelopeInternal(), i);
    }
    List<Worst> bad = new ArrayList<>();
    for (int i = 0; i < holes.size(); i++) {
      Circle mine = holes.get(i).circle().orElse(null);
      if (mine != null && !own.contains(mine)) {
        continue;
      }
      Envelope near = new Envelope(rings.get(i).getEnvelopeInternal());
      near.expandBy(part.webMm());
      for (Object found : tree.query(near)) {
        int other = (Integer) found;
        Circle theirs = holes.get(other).circle().orElse(null);
        boolean both = theirs == null || own.contains(theirs);
        if (other != i && (other > i || !both)) {
          web(holes, rings, i, other, mine, theirs, bad);
        }
      }
    }
    report(
        bad,
        "web",
        "Only %s between two openings; %s needed",
        "A web must be as wide as the sheet is thick, and 2 mm at least.",
        "A thin web cracks or burns through.",
        Remedy.byHand("Move them apart or make them smaller"));
  }

  private void web(
      List<Contour> holes,
      List<LinearRing> rings,
      int one,
      int other,
      Circle mine,
      Circle theirs,
      List<Worst> bad) {
    double needed = part.webMm();
    if (mine != null && theirs != null) {
      double gap = mine.rimToRimMm(theirs);
      if (gap < needed - 0.005) {
        bad.add(
            new Worst(
                gap, needed, (mine.xMm() + theirs.xMm()) / 2, (mine.yMm() + theirs.yMm()) / 2));
      }
      return;
    }
    Coordinate[] nearest = DistanceOp.nearestPoints(rings.get(one), rings.get(other));
    double gap = nearest[0].distance(nearest[1]);
    if (gap < needed - Contour.FLATTEN_MM) {
      bad.add(
          new Worst(
              gap, needed, (nearest[0].x + nearest[1].x) / 2, (nearest[0].y + nearest[1].y) / 2));
    }
  }

  /** A laser's hole must not be smaller than half the thickness. */
  private void small() {
    if (!part.laser()) {
      return;
    }
    List<Worst> bad = new ArrayList<>();
    for (Contour contour : part.drawn().outline().holes()) {
      Circle hole = contour.circle().orElse(null);
      double needed = part.thicknessMm() / 2;
      if (hole != null && hole.diameterMm() < needed - 1e-6) {
        bad.add(new Worst(hole.diameterMm(), needed, hole.xMm(), hole.yMm()));
      }
    }
    report(
        bad,
        "laser-hole",
        "A hole of %s is too small for the laser; %s needed",
        "At least half the sheet's thickness of %s.".formatted(Figures.mm(part.thicknessMm())),
        "The beam melts a smaller hole shut or out of round.",
        Remedy.byHand("Make it larger, or mark it and drill it"));
  }

  private void report(
      List<Worst> bad, String rule, String title, String detail, String why, Remedy remedy) {
    if (bad.isEmpty()) {
      return;
    }
    Worst worst = bad.get(0);
    for (Worst each : bad) {
      worst = each.isMm - each.neededMm < worst.isMm - worst.neededMm ? each : worst;
    }
    String more = bad.size() == 1 ? "" : " %d more places.".formatted(bad.size() - 1);
    findings.add(
        part.finding(
                Severity.STOP,
                rule,
                title.formatted(Figures.mm(worst.isMm), Figures.mm(worst.neededMm)),
                detail + more,
                why)
            .at(worst.xMm, worst.yMm, Math.max(6, 2 * worst.neededMm))
            .with(remedy));
  }
}
