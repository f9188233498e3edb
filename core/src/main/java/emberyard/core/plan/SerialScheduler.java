package emberyard.core.plan;

import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

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
  private final long start;

  private SerialScheduler(SchedulingProblem problem, Set<String> roomy) {
    this.problem = problem;
    this.start = BenchClock.minuteNotBefore(problem.start());
    this.network = new StepNetwork(problem, roomy, start);
  }

  /**
   * A plan, and its order to lay it again in.
   *
   * @param policy what the same work comes to when it lasts for something else
   */
  public record Solved(Schedule schedule, OrderPolicy policy) {}

  /**
   * Plans all steps.
   *
   * @throws InvalidValue where steps wait for each other in a circle; the sentence names it; where
   *     the work would go on beyond the year 2200
   */
  public static Schedule schedule(SchedulingProblem problem) {
    return solve(problem).schedule;
  }

  /** The same, with the order that it was laid in. */
  public static Solved solve(SchedulingProblem problem) {
    Set<String> roomy = roomy(problem);
    List<SerialScheduler> agreed = new ArrayList<>();
    List<SerialScheduler> asked = new ArrayList<>();
    SharedWork.apart(problem.only(Project::agreed))
        .forEach(part -> agreed.add(new SerialScheduler(part, roomy)));
    problem
        .each(project -> !project.agreed())
        .forEach(part -> asked.add(new SerialScheduler(part, roomy)));
    List<Planned> firm = new ArrayList<>();
    List<Planned> open = new ArrayList<>();
    List<Taken> taken = new ArrayList<>();
    for (SerialScheduler part : agreed) {
      StepNumbers numbers = part.network.numbers;
      Occupancy free = new Occupancy(numbers, part.start, List.of());
      Planned planned = part.planned(free, Holds.of(numbers, List.of()));
      firm.add(planned);
      taken.addAll(planned.taken);
    }
    if (!asked.isEmpty()) {
      SerialScheduler any = asked.get(0);
      Holds held = Holds.of(any.network.numbers, taken);
      Occupancy left = new Occupancy(any.network.numbers, any.start, taken);
      open.addAll(
          asked.parallelStream()
              .map(part -> part.planned(left.of(part.network.numbers), held))
              .toList());
    }
    return new Solved(
        Schedule.together(
            Stream.of(firm, open).flatMap(List::stream).map(Planned::schedule).toList()),
        new OrderPolicy(
            problem,
            firm.stream().map(Planned::policy).toList(),
            open.stream().map(Planned::policy).toList()));
  }

  /** A plan and what it takes from those that were only asked about. */
  private record Planned(Schedule schedule, List<Taken> taken, OrderPolicy.Part policy) {}

  /** Stations that have room for everybody at once, and are held by nothing that waits. */
  private static Set<String> roomy(SchedulingProblem problem) {
    Set<String> roomy = new HashSet<>();
    for (Place place : problem.places()) {
      if (place.capacity() >= problem.workers().size()) {
        roomy.add(place.id());
      }
    }
    problem.steps().stream().filter(Step::holdsPlace).forEach(step -> roomy.remove(step.place()));
    return roomy;
  }

  /**
   * @param free what is left by what is planned already
   * @param held that, to be asked who holds something
   */
  private Planned planned(Occupancy free, Holds held) {
    long[] reveals = reveals();
    PlanSearch search = new PlanSearch(problem, network, free, reveals, start);
    PlanSearch.Result found = search.search();
    PlanSearch.Found best = found.best();
    Placement[] placed = best.placed();
    Placement[] late = LatePlan.of(network, placed, deadlines(best.finish(), reveals), free);
    Schedule schedule =
        new PlanWriter(problem, network, best, found.plain().finish(), late, start, held).write();
    return new Planned(
        schedule,
        IntStream.range(0, placed.length)
            .mapToObj(i -> new Taken(problem.steps().get(i), placed[i]))
            .toList(),
        search.policy(best));
  }

  private long[] reveals() {
    Map<String, Long> minutes = new HashMap<>();
    for (Project project : problem.projects()) {
      if (project.reveal() != null) {
        minutes.put(project.id(), BenchClock.minute(project.reveal()));
      }
    }
    return network.numbers.projects.stream()
        .mapToLong(id -> minutes.getOrDefault(id, Orders.NEVER))
        .toArray();
  }

  /** A project's steps may slide to its reveal, or to its finish where that is later. */
  private static long[] deadlines(long[] finish, long[] reveals) {
    return IntStream.range(0, finish.length)
        .mapToLong(i -> reveals[i] == Orders.NEVER ? finish[i] : Math.max(finish[i], reveals[i]))
        .toArray();
  }
}
