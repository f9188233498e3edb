package emberyard.core.plan;

import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
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
  private final long[] reveals;

  private SerialScheduler(SchedulingProblem problem, Set<String> roomy) {
    this.problem = problem;
    this.start = BenchClock.minuteNotBefore(problem.start());
    this.network = new StepNetwork(problem, roomy, start);
    this.reveals = reveals();
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
    return solved(problem, PlanSearch::search);
  }

  /**
   * The same in an order that was found before, as long as it serves: nobody's list is another only
   * because a minute has gone by.
   *
   * @param thought the order of the same work, or some more, as of a moment before
   */
  public static Solved solve(SchedulingProblem problem, OrderPolicy thought) {
    Map<String, OrderPolicy.Turn> turns = thought.turns();
    return solved(problem, search -> search.as(turns));
  }

  /** Just the order that a plan is laid in. */
  public static OrderPolicy order(SchedulingProblem problem) {
    Layout layout = layout(problem, PlanSearch::search);
    return layout.policy(problem);
  }

  private static Solved solved(
      SchedulingProblem problem, Function<PlanSearch, PlanSearch.Result> how) {
    Layout layout = layout(problem, how);
    List<Schedule> schedules =
        Stream.of(layout.firm, layout.open)
            .flatMap(List::stream)
            .parallel()
            .map(Planned::schedule)
            .toList();
    return new Solved(Schedule.together(schedules), layout.policy(problem));
  }

  /** Lays the agreed projects, and those that were only asked about into what they leave. */
  private static Layout layout(
      SchedulingProblem problem, Function<PlanSearch, PlanSearch.Result> how) {
    Set<String> roomy = roomy(problem);
    List<SerialScheduler> agreed = new ArrayList<>();
    List<SerialScheduler> asked = new ArrayList<>();
    SharedWork.apart(problem.only(Project::agreed))
        .forEach(part -> agreed.add(new SerialScheduler(part, roomy)));
    problem
        .each(project -> !project.agreed())
        .forEach(part -> asked.add(new SerialScheduler(part, roomy)));
    List<Planned> firm = new ArrayList<>();
    List<Taken> taken = new ArrayList<>();
    for (SerialScheduler part : agreed) {
      StepNumbers numbers = part.network.numbers;
      Occupancy free = new Occupancy(numbers, part.start, List.of());
      Planned planned = part.planned(free, Holds.of(numbers, List.of()), how);
      firm.add(planned);
      taken.addAll(planned.taken());
    }
    if (asked.isEmpty()) {
      return new Layout(firm, List.of());
    }
    SerialScheduler any = asked.get(0);
    Holds held = Holds.of(any.network.numbers, taken);
    Occupancy left = new Occupancy(any.network.numbers, any.start, taken);
    return new Layout(
        firm,
        asked.parallelStream()
            .map(part -> part.planned(left.of(part.network.numbers), held, how))
            .toList());
  }

  /**
   * @param firm parts that hold people and stations
   * @param open those that each lie in what they leave
   */
  private record Layout(List<Planned> firm, List<Planned> open) {
    OrderPolicy policy(SchedulingProblem problem) {
      return new OrderPolicy(
          problem,
          firm.stream().map(Planned::policy).toList(),
          open.stream().map(Planned::policy).toList());
    }
  }

  /**
   * A part as it was laid.
   *
   * @param free what was left by what was planned before
   * @param held that, to be asked who holds something
   */
  private record Planned(
      SerialScheduler part,
      PlanSearch search,
      PlanSearch.Result found,
      Occupancy free,
      Holds held) {
    Schedule schedule() {
      return part.written(found, free, held);
    }

    List<Taken> taken() {
      Placement[] placed = found.best().placed();
      List<Step> steps = part.problem.steps();
      return IntStream.range(0, placed.length)
          .mapToObj(i -> new Taken(steps.get(i), placed[i]))
          .toList();
    }

    OrderPolicy.Part policy() {
      return search.policy(found.best());
    }
  }

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

  private Planned planned(Occupancy free, Holds held, Function<PlanSearch, PlanSearch.Result> how) {
    PlanSearch search = new PlanSearch(problem, network, free, reveals, start);
    return new Planned(this, search, how.apply(search), free, held);
  }

  private Schedule written(PlanSearch.Result found, Occupancy free, Holds held) {
    PlanSearch.Found best = found.best();
    Placement[] late = LatePlan.of(network, best.placed(), deadlines(best.finish(), reveals), free);
    return new PlanWriter(problem, network, best, found.plain().finish(), late, start, held)
        .write();
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
