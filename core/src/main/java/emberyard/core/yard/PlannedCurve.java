package emberyard.core.yard;

import emberyard.core.build.Frozen;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** How much work the plan means to have done by which day: kept when a concept is frozen. */
public final class PlannedCurve {
  private PlannedCurve() {}

  /** Cumulative hands-on minutes per day on which work ends, days ascending. */
  public static List<Frozen.CurvePoint> of(BuildModel model) {
    Map<LocalDate, Long> perDay = new TreeMap<>();
    for (TaskModel task : model.tasks()) {
      if (task.state() == TaskState.NO_LONGER_NEEDED) {
        continue;
      }
      LocalDate day =
          task.planned() != null
              ? task.planned().handsOnEnd().toLocalDate()
              : task.doneAt() == null ? null : task.doneAt().toLocalDate();
      if (day != null) {
        perDay.merge(day, (long) task.task().handsOnMinutes(), Long::sum);
      }
    }
    List<Frozen.CurvePoint> curve = new ArrayList<>();
    long sum = 0;
    for (Map.Entry<LocalDate, Long> day : perDay.entrySet()) {
      sum += day.getValue();
      curve.add(new Frozen.CurvePoint(day.getKey(), sum));
    }
    return curve;
  }
}
