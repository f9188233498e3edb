package emberyard.core.plan;

import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The order in which a plan was laid, as a policy (a priority list; see Möhring, Radermacher and
 * Weiss 1984) for the same work when it takes longer or shorter: each step in the same order at the
 * earliest time at which a person and the station are free. One pass on arrays, nothing is
 * searched; with the durations of the plan it comes to the plan.
 *
 * <p>Example, the one of {@link SerialScheduler} with 2 h for C: E is done Tuesday 15:00, D, 72 h
 * after C, Friday 17:00, each an hour later.
 */
public final class OrderPolicy {
  /** What was planned together: all that share people and stations. */
  record Part(StepNetwork network, TiedSteps tied, Order order, Placement[] placed, long start) {}

  /**
   * How early the turn of a step came among those it was planned together with, and who got it.
   *
   * @param number the lower first
   * @param worker null for nobody
   */
  record Turn(int number, @Nullable String worker) {
    /** Of a step that was not there. */
    static final Turn LAST = new Turn(Integer.MAX_VALUE, null);
  }

  /** A part, with the places that its steps have in the problem. */
  private record Placing(Part part, int[] steps) {
    Placement[] laid(int[] handsOn, int[] wait, List<Taken> before) {
      StepNumbers numbers = part.network.numbers.lasting(some(handsOn), some(wait));
      Occupancy free = new Occupancy(numbers, part.start, before);
      return new PlanPass(part.network.with(numbers), part.tied, free).inOrder(part.order);
    }

    private int[] some(int[] ofAll) {
      return Arrays.stream(steps).map(step -> ofAll[step]).toArray();
    }

    void into(Placement[] all, Placement[] placed) {
      for (int i = 0; i < placed.length; i++) {
        all[steps[i]] = placed[i];
      }
    }

    List<Taken> taken(Placement[] placed) {
      List<Step> those = part.network.steps;
      return IntStream.range(0, placed.length)
          .mapToObj(i -> new Taken(those.get(i), placed[i]))
          .toList();
    }
  }

  /** Number of each step's project. */
  private final int[] project;

  private final List<String> projects;
  private final long start;
  private final List<Placing> agreed;
  private final List<Placing> asked;

  /**
   * @param agreed parts that hold people and stations
   * @param asked those that each lie in what the agreed ones leave
   */
  OrderPolicy(SchedulingProblem problem, List<Part> agreed, List<Part> asked) {
    this.projects = problem.projects().stream().map(Project::id).toList();
    Map<String, Integer> number = numbered(projects);
    this.project = problem.steps().stream().mapToInt(step -> number.get(step.project())).toArray();
    this.start = BenchClock.minuteNotBefore(problem.start());
    Map<String, Integer> place = numbered(problem.steps().stream().map(Step::key).toList());
    this.agreed = agreed.stream().map(part -> placing(part, place)).toList();
    this.asked = asked.stream().map(part -> placing(part, place)).toList();
  }

  private Placing placing(Part part, Map<String, Integer> place) {
    return new Placing(
        part, part.network.steps.stream().mapToInt(step -> place.get(step.key())).toArray());
  }

  private static Map<String, Integer> numbered(List<String> names) {
    Map<String, Integer> numbers = new HashMap<>();
    names.forEach(name -> numbers.put(name, numbers.size()));
    return numbers;
  }

  /**
   * When each project is done, in the order of the problem's projects.
   *
   * @param handsOnMinutes of each step of the problem, in its order, not negative; what fits into
   *     no working day in one go is cut in pieces
   * @param waitMinutes the same
   * @return minutes of the calendar after the start of the plan, −1 without steps
   * @throws emberyard.core.units.InvalidValue for another number of steps, or less than nothing
   */
  public long[] finish(int[] handsOnMinutes, int[] waitMinutes) {
    long[] finish = new long[projects.size()];
    Arrays.fill(finish, -1);
    Placement[] placed = placed(handsOnMinutes, waitMinutes);
    for (int step = 0; step < placed.length; step++) {
      finish[project[step]] = Math.max(finish[project[step]], placed[step].finish() - start);
    }
    return finish;
  }

  /** The turn of each step by its key. */
  Map<String, Turn> turns() {
    Map<String, Turn> turns = new HashMap<>();
    for (Placing each : Stream.of(agreed, asked).flatMap(List::stream).toList()) {
      StepNetwork network = each.part.network;
      for (int step : each.part.order.sorted()) {
        String worker = network.numbers.nameOf(each.part.placed[step].worker());
        turns.put(network.steps.get(step).key(), new Turn(turns.size(), worker));
      }
    }
    return turns;
  }

  /** Where each step of the problem then lies. */
  Placement[] placed(int[] handsOnMinutes, int[] waitMinutes) {
    check("handsOnMinutes", handsOnMinutes);
    check("waitMinutes", waitMinutes);
    Placement[] all = new Placement[project.length];
    List<Taken> taken = new ArrayList<>();
    for (Placing each : agreed) {
      Placement[] laid = each.laid(handsOnMinutes, waitMinutes, List.of());
      each.into(all, laid);
      if (!asked.isEmpty()) {
        taken.addAll(each.taken(laid));
      }
    }
    for (Placing each : asked) {
      each.into(all, each.laid(handsOnMinutes, waitMinutes, taken));
    }
    return all;
  }

  private void check(String field, int[] minutes) {
    Require.that(
        minutes.length == project.length && Arrays.stream(minutes).noneMatch(each -> each < 0),
        field,
        "There is one duration of 0 min or more for each of the %d steps."
            .formatted(project.length));
  }
}
