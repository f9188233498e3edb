package emberyard.core.finish.coat;

import emberyard.core.build.LayerStep;
import emberyard.core.geometry.Outline;

/**
 * What one step covers on all pieces. Paint is sprayed over masks too: a coat that names no shape
 * takes the whole side.
 *
 * @param areaM2 shapes that lie on each other are counted twice
 * @param contourM length that is cut, weeded or masked
 */
record StepArea(double areaM2, double contourM) {
  static StepArea of(PaintTarget painted, LayerStep step) {
    double shapes = 0;
    double contour = 0;
    for (String id : step.shapes()) {
      Outline outline = painted.shapes().getOrDefault(id, Outline.NONE);
      shapes += outline.areaMm2();
      contour += outline.contourMm();
    }
    for (String id : step.less()) {
      Outline outline = painted.shapes().getOrDefault(id, Outline.NONE);
      shapes -= step.shapes().isEmpty() ? 0 : Math.min(shapes, outline.areaMm2());
      contour += outline.contourMm();
    }
    if (step.shapes().isEmpty() || step.outside()) {
      double whole = painted.areaM2();
      return new StepArea(
          Math.max(0, whole - painted.pieces() * shapes / 1e6),
          painted.rimM() + painted.pieces() * contour / 1000);
    }
    return new StepArea(painted.pieces() * shapes / 1e6, painted.pieces() * contour / 1000);
  }
}
