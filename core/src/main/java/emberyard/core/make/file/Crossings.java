package emberyard.core.make.file;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.operation.valid.IsSimpleOp;

/** Finds where a contour crosses itself. */
final class Crossings {
  private static final int MOST_SHOWN = 20;

  private Crossings() {}

  static void report(Contour contour, List<Imported.Fault> faults) {
    IsSimpleOp simple = new IsSimpleOp(Plane.line(contour));
    simple.setFindAllLocations(true);
    int shown = 0;
    for (Coordinate at : simple.getNonSimpleLocations()) {
      if (shown++ < MOST_SHOWN) {
        faults.add(new Imported.Fault("The line crosses itself here.", at.x, at.y, false));
      }
    }
    if (Outline.of(contour).areaMm2() < 1e-6) {
      faults.add(
          new Imported.Fault(
              "A line encloses nothing.",
              contour.knots().get(0).xMm(),
              contour.knots().get(0).yMm(),
              false));
    }
  }
}
