package emberyard.core.make.file;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.CrossingPoints;
import java.util.List;

/** Finds where a contour crosses itself. */
final class Crossings {
  private static final int MOST_SHOWN = 20;

  private Crossings() {}

  static void report(Contour contour, List<ImportedDrawing.Fault> faults) {
    List<double[]> points = CrossingPoints.of(List.of(contour), MOST_SHOWN);
    for (double[] at : points.subList(0, Math.min(points.size(), MOST_SHOWN))) {
      faults.add(new ImportedDrawing.Fault("The line crosses itself here.", at[0], at[1], false));
    }
    if (contour.areaMm2() < 1e-6) {
      faults.add(
          new ImportedDrawing.Fault(
              "A line encloses nothing.",
              contour.knots().get(0).xMm(),
              contour.knots().get(0).yMm(),
              false));
    }
  }
}
