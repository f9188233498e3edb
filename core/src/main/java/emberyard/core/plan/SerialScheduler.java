package emberyard.core.plan;

import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Serial schedule generation (Kelley 1963; see Kolisch and Hartmann 1999): steps in precedence
 * order by (reveal of the project, latest start, longest tail, key), each at the earliest time at
 * which a person and the station are free. Slack comes from {@link LatePlan}. Deterministic.
 * Projects that share nobody and no station are planned apart; those that were only asked about are
 * laid, each by itself, into what the agreed ones leave.
 *
 * <p>A pass is O(n log n) in the number of steps plus the pieces of free time looked at.
 *
 * <p>Example (one person, Monday to Friday 09:00–17:00, from Monday 09:00): A 3 h; B 1 h + 20 h
 * wait, after A; C 1 h + 72 h wait, after B; D 6 h, after C; E 8 h. A Mon 9–12, B Mon 12–13, E Mon
 * 13–17, C Tue 9–10, E Tue 10–14, D Fri 10–16; A, B, C, D decide.
 */
public final class SerialScheduler {
  private final SchedulingProblem problem;
  private final StepNetwork network;
  private final List<Step> steps;
  private final Map<String, Long> reveals = new HashMap<>();
  private final long start;

  private final List<Taken> taken;
  private Placement[] placed = {};

  private SerialScheduler(SchedulingProblem problem, List<Taken> taken) {
    this.problem = problem;
    this.taken = taken;
    this.steps = problem.steps();
    this.network = new StepNetwork(steps);
    this.start = BenchClock.minuteNotBefore(problem.start());
    for (Project project : problem.projects()) {
      if (project.reveal() != null) {
        reveals.put(project.id(), BenchClock.minute(project.reveal()));
      }
    }
  }

  /**
   * Plans all steps.
   *
   * @throws InvalidValue where steps wait for each other in a circle; the sentence names it; where
   *     the work would go on beyond the year 2200
   */
  public static Schedule schedule(SchedulingProblem problem) {
    List<Schedule> plans = new ArrayList<>();
    List<Taken> taken = new ArrayList<>();
    for (SchedulingProblem part : SharedWork.apart(problem.agreed())) {
      SerialScheduler agreed = new SerialScheduler(part, List.of());
      plans.add(agreed.run());
      taken.addAll(agreed.taken());
    }
    for (Project project : problem.projects()) {
      if (!project.agreed()) {
        plans.add(new SerialScheduler(problem.only(project::equals), taken).run());
      }
    }
    return Schedule.together(plans);
  }

  private Schedule run() {
    PlanSearch search = new PlanSearch(problem, network, taken, reveals, start);
    PlanSearch.Found plain = search.plain();
    PlanSearch.Found best = search.best(plain);
    placed = best.placed();
    Placement[] late = LatePlan.of(problem, network, placed, deadlines(best.finish()), taken);
    return new PlanWriter(problem, network, best, plain.finish(), late, start, taken).write();
  }

  private List<Taken> taken() {
    return IntStream.range(0, placed.length)
        .mapToObj(i -> new Taken(steps.get(i), placed[i]))
        .toList();
  }

  /** A project's steps may slide to its reveal, or to its finish where that is later. */
  private Map<String, Long> deadlines(Map<String, Long> finish) {
    Map<String, Long> deadlines = new HashMap<>();
    finish.forEach(
        (project, minute) -> {
          deadlines.put(project, Math.max(minute, reveals.getOrDefault(project, minute)));
        });
    return deadlines;
  }
}
