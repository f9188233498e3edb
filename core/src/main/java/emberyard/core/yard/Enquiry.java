package emberyard.core.yard;

import emberyard.core.plan.PlannedStep;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A build that was only asked about: it holds nobody and nothing, and this is what it would hold.
 *
 * @param minutes hands-on time of all its work
 * @param minutesByPerson the same, per id of a person
 */
public record Enquiry(long minutes, Map<String, Long> minutesByPerson) {

  static Enquiry of(List<TaskModel> tasks) {
    Map<String, Long> byPerson = new TreeMap<>();
    long all = 0;
    for (TaskModel task : tasks) {
      PlannedStep planned = task.planned();
      if (planned == null || planned.worker() == null) {
        continue;
      }
      for (PlannedStep.Piece piece : planned.pieces()) {
        long minutes = Duration.between(piece.from(), piece.to()).toMinutes();
        byPerson.merge(planned.worker(), minutes, Long::sum);
        all += minutes;
      }
    }
    return new Enquiry(all, byPerson);
  }
}
