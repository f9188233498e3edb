package emberyard.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * The late plan (right justification, Valls et al. 2005): each step, last begun first, is taken out
 * of the plan and put back as late as its followers, its person, its station and its project's
 * deadline let it. Its own place is always free, so nothing comes earlier than planned; whoever is
 * begun later on the same person or station stays behind it, so any step can move to its late place
 * with what follows it, and the rest stays. The clock is mirrored so that the same search for an
 * earliest place serves.
 */
final class LatePlan {
  private LatePlan() {}

  static Placement[] of(
      SchedulingProblem problem,
      StepNetwork network,
      Placement[] planned,
      Map<String, Long> deadlines,
      List<Taken> taken) {
    List<Step> steps = network.steps;
    long latest = deadlines.values().stream().mapToLong(Long::longValue).max().orElse(0);
    Occupancy occupancy = new Occupancy(problem, -latest, true, taken);
    for (int i = 0; i < planned.length; i++) {
      occupancy.take(steps.get(i), planned[i].mirrored());
    }
    Placement[] late = new Placement[planned.length];
    for (int i : lastBegunFirst(network, planned)) {
      Step step = steps.get(i);
      long end = deadlines.get(step.project());
      for (int later : network.behind[i]) {
        end = Math.min(end, late[later].start());
      }
      occupancy.give(step, planned[i].mirrored());
      Placement found = occupancy.earliestFor(step, -end, planned[i].worker()).mirrored();
      // a wait at the pace of its days may end a minute off when it is reckoned backwards
      late[i] = found.start() < planned[i].start() ? planned[i] : found;
      occupancy.take(step, late[i].mirrored());
    }
    return late;
  }

  private static int[] lastBegunFirst(StepNetwork network, Placement[] planned) {
    return IntStream.range(0, planned.length)
        .boxed()
        .sorted(
            Comparator.<Integer>comparingLong(i -> -planned[i].start())
                .thenComparingInt(i -> -network.position[i]))
        .mapToInt(Integer::intValue)
        .toArray();
  }
}
