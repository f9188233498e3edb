package emberyard.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Right justification: every step, latest finish first, moves as late as its followers, its person
 * and its station let it before its project's deadline. The clock is mirrored so that the same
 * search for an earliest place serves.
 */
final class BackwardPass {
  private BackwardPass() {}

  static Placement[] run(
      SchedulingProblem problem,
      StepNetwork network,
      Placement[] forward,
      Map<String, Long> deadlines) {
    List<Step> steps = network.steps;
    long latest = deadlines.values().stream().mapToLong(Long::longValue).max().orElse(0);
    Occupancy occupancy = new Occupancy(problem, -latest, true);
    Placement[] late = new Placement[forward.length];
    for (int i : lastFirst(network, forward)) {
      Step step = steps.get(i);
      long end = deadlines.get(step.project());
      for (int later : network.behind[i]) {
        end = Math.min(end, late[later].start());
      }
      Placement mirrored = occupancy.earliest(step, -end, forward[i].worker());
      occupancy.take(step, mirrored);
      late[i] = mirrored.mirrored();
    }
    return late;
  }

  private static int[] lastFirst(StepNetwork network, Placement[] forward) {
    int[] position = new int[forward.length];
    for (int k = 0; k < position.length; k++) {
      position[network.order[k]] = k;
    }
    return IntStream.range(0, forward.length)
        .boxed()
        .sorted(
            Comparator.<Integer>comparingLong(i -> -forward[i].finish())
                .thenComparingLong(i -> -forward[i].start())
                .thenComparingInt(i -> -position[i]))
        .mapToInt(Integer::intValue)
        .toArray();
  }
}
