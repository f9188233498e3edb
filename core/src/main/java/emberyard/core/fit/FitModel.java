package emberyard.core.fit;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Size;
import emberyard.core.fit.air.Airflow;
import emberyard.core.fit.heat.Cooling;
import emberyard.core.fit.held.HeldModel;
import emberyard.core.fit.power.PowerBudget;
import emberyard.core.fit.space.SpaceModel;
import emberyard.core.fit.stability.Stability;
import emberyard.core.fit.worksheet.WorksheetResult;
import emberyard.core.geometry.Box;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All that Fit knows of a build.
 *
 * @param space null while no enclosure is chosen
 * @param held what holds what was placed, null while no enclosure is chosen
 */
public record FitModel(
    @Nullable SpaceModel space,
    @Nullable HeldModel held,
    PowerBudget power,
    Cooling cooling,
    Airflow airflow,
    Stability stability,
    List<WorksheetResult> worksheets) {
  /** What a build takes up, with all that sticks out of its enclosure; null where nobody said. */
  public @Nullable Size overall(Build build) {
    Size outer = build.outerSize();
    if (space == null || outer == null) {
      return outer;
    }
    Box all = space.overall();
    return new Size(
        larger(outer.widthMm(), all.widthMm()),
        larger(outer.heightMm(), all.heightMm()),
        larger(outer.depthMm(), all.depthMm()));
  }

  private static double larger(double a, double b) {
    return Math.min(Enclosure.LARGEST_MM, Math.max(a, b));
  }
}
