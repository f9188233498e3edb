package emberyard.core.plan;

import emberyard.core.units.InvalidValue;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.stream.IntStream;

/**
 * Serial schedule generation (Kelley 1963; see Kolisch and Hartmann 1999): steps in precedence
 * order by (reveal of the project, latest start, longest tail, key), each at the earliest time at
 * which a person and the station are free. Slack comes from {@link LatePlan}. Deterministic.
 *
 * <p>The pass is O(n log n) in the number of steps plus the pieces of free time looked at.
 *
 * <p>Example (one person, Monday to Friday 09:00–17:00, from Monday 09:00): A 3 h; B 1 h + 20 h
 * wait, after A; C 1 h + 72 h wait, after B; D 6 h, after C; E 8 h. A Mon 9–12, B Mon 12–13, E Mon
 * 13–17, C Tue 9–10, E Tue 10–14, D Fri 10–16; A, B, C, D decide.
 */
public final class SerialScheduler {
  private static final long FAR = 60L * 24 * 366 * 20;

  private final SchedulingProblem problem;
  private final StepNetwork network;
  private final List<Step> steps;
  private final Map<String, LocalDateTime> revealOf = new HashMap<>();
  private final long start;

  private SerialScheduler(SchedulingProblem problem) {
    this.problem = problem;
    this.steps = problem.steps();
    this.network = new StepNetwork(steps);
    this.start = BenchClock.minuteNotBefore(problem.start());
    problem.projects().forEach(project -> revealOf.put(project.id(), project.reveal()));
  }

  /**
   * Plans all steps.
   *
   * @throws InvalidValue where steps wait for each other in a circle; the sentence names it; where
   *     the work would go on beyond the year 2200
   */
  public static Schedule schedule(SchedulingProblem problem) {
    return new SerialScheduler(problem).run();
  }

  private Schedule run() {
    Placement[] forward = forward();
    Map<String, Long> finish = finishes(forward);
    Placement[] late = LatePlan.of(problem, network, forward, deadlines(finish));
    DecidingChain chain = new DecidingChain(problem, network, forward, start);
    return new PlanWriter(problem, network, forward, late, finish, chain).write();
  }

  private Placement[] forward() {
    Placement[] placed = new Placement[steps.size()];
    Occupancy occupancy = new Occupancy(problem, start, false);
    int[] open = Arrays.stream(network.before).mapToInt(links -> links.length).toArray();
    PriorityQueue<Integer> eligible = new PriorityQueue<>(priority());
    IntStream.range(0, open.length).filter(i -> open[i] == 0).forEach(eligible::add);
    while (!eligible.isEmpty()) {
      int next = eligible.remove();
      Step step = steps.get(next);
      placed[next] = occupancy.earliest(step, release(next, placed), null);
      BenchClock.requireNear(placed[next].finish());
      occupancy.take(step, placed[next]);
      for (int later : network.behind[next]) {
        if (--open[later] == 0) {
          eligible.add(later);
        }
      }
    }
    return placed;
  }

  private long release(int index, Placement[] placed) {
    long release = start;
    LocalDateTime earliest = steps.get(index).earliest();
    if (earliest != null) {
      release = Math.max(release, BenchClock.minuteNotBefore(earliest));
    }
    for (int before : network.before[index]) {
      release = Math.max(release, placed[before].finish());
    }
    return release;
  }

  private Comparator<Integer> priority() {
    long[] tail = new long[steps.size()];
    long[] latest = new long[steps.size()];
    for (int k = steps.size() - 1; k >= 0; k--) {
      int i = network.order[k];
      Step step = steps.get(i);
      long end = reveal(i);
      for (int later : network.behind[i]) {
        tail[i] = Math.max(tail[i], tail[later]);
        end = Math.min(end, latest[later]);
      }
      tail[i] += step.handsOnMinutes() + step.waitMinutes();
      latest[i] = problem.hours().back(end - step.waitMinutes(), step.handsOnMinutes());
    }
    return Comparator.<Integer>comparingLong(this::reveal)
        .thenComparingLong(i -> latest[i])
        .thenComparingLong(i -> -tail[i])
        .thenComparing(i -> steps.get(i).key());
  }

  private long reveal(int index) {
    LocalDateTime reveal = revealOf.get(steps.get(index).project());
    return reveal == null ? start + FAR : BenchClock.minute(reveal);
  }

  private Map<String, Long> finishes(Placement[] placed) {
    Map<String, Long> finish = new LinkedHashMap<>();
    for (int i = 0; i < placed.length; i++) {
      finish.merge(steps.get(i).project(), placed[i].finish(), Math::max);
    }
    return finish;
  }

  /** A project's steps may slide to its reveal, or to its finish where that is later. */
  private Map<String, Long> deadlines(Map<String, Long> finish) {
    Map<String, Long> deadlines = new HashMap<>();
    finish.forEach(
        (project, minute) -> {
          LocalDateTime reveal = revealOf.get(project);
          long until = reveal == null ? minute : BenchClock.minute(reveal);
          deadlines.put(project, Math.max(minute, until));
        });
    return deadlines;
  }
}
