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
 * with what follows it and what opens its window, and the rest stays. The clock is mirrored so that
 * the same search for an earliest place serves.
 */
final class LatePlan {
  private static final int MOST_ROUNDS = 12;

  private final SchedulingProblem problem;
  private final StepNetwork network;
  private final Placement[] planned;
  private final Map<String, Long> deadlines;
  private final List<Taken> taken;

  private LatePlan(
      SchedulingProblem problem,
      StepNetwork network,
      Placement[] planned,
      Map<String, Long> deadlines,
      List<Taken> taken) {
    this.problem = problem;
    this.network = network;
    this.planned = planned;
    this.deadlines = deadlines;
    this.taken = taken;
  }

  static Placement[] of(
      SchedulingProblem problem,
      StepNetwork network,
      Placement[] planned,
      Map<String, Long> deadlines,
      List<Taken> taken) {
    return new LatePlan(problem, network, planned, deadlines, taken).placed();
  }

  /**
   * A step that comes after its window, because what opens that could not be as late, is held back
   * and all is laid anew. A window that the plan keeps stays kept: in the last rounds a step is no
   * later than the window as planned.
   */
  private Placement[] placed() {
    long[] beginBy = IntStream.range(0, planned.length).mapToLong(this::beginBy).toArray();
    List<Tie> kept = network.ties.stream().filter(tie -> tie.missedBy(planned) == 0).toList();
    for (int round = 0; ; round++) {
      Placement[] late = pass(beginBy);
      List<Tie> missed = kept.stream().filter(tie -> tie.missedBy(late) > 0).toList();
      if (missed.isEmpty()) {
        return late;
      }
      for (Tie tie : missed) {
        long closes = tie.closes(round < MOST_ROUNDS ? late : planned);
        beginBy[tie.step()] = Math.min(beginBy[tie.step()], closes);
      }
    }
  }

  /** By when a window that is open already wants a step to begin, if the plan keeps it. */
  private long beginBy(int i) {
    return Math.max(network.beginBy(i), planned[i].start());
  }

  private Placement[] pass(long[] beginBy) {
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
      Placement found = latest(occupancy, i, end, beginBy[i]);
      // a wait at the pace of its days may end a minute off when it is reckoned backwards
      boolean earlier =
          found.start() < planned[i].start() || found.handsOnEnd() < planned[i].handsOnEnd();
      late[i] = earlier ? planned[i] : found;
      occupancy.take(step, late[i].mirrored());
    }
    return late;
  }

  /** As late as there is room for a step that ends and begins no later than this. */
  private Placement latest(Occupancy occupancy, int i, long end, long beginBy) {
    for (long by = end; ; ) {
      Placement found =
          occupancy.earliestFor(network.steps.get(i), -by, planned[i].worker()).mirrored();
      if (found.start() <= beginBy) {
        return found;
      }
      by = Math.min(by, found.finish()) - (found.start() - beginBy);
    }
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
