package emberyard.core.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.stream.IntStream;

/**
 * The first answer, and a better one: the plan of the plain rule, justified right and left (Valls
 * et al. 2005) until nothing improves; where a project misses its reveal, the same for 32 seeded
 * orders. A plan is better when the projects together are less late, then when they are finished
 * sooner, and only if none is later than by the plain rule.
 */
final class PlanSearch {
  private static final int MOST_ROUNDS = 8;

  /** So many of the seeded plans, the best ones, are justified too. */
  private static final int JUSTIFIED = 4;

  private final SchedulingProblem problem;
  private final StepNetwork network;
  private final List<Taken> taken;
  private final Map<String, Long> reveals;
  private final long start;
  private final Orders orders;

  /** A plan and how it stands. */
  record Found(Placement[] placed, Map<String, Long> finish, Map<String, Long> lateness) {
    long late() {
      return lateness.values().stream().mapToLong(Long::longValue).sum();
    }

    private long finished() {
      return finish.values().stream().mapToLong(Long::longValue).sum();
    }

    static final Comparator<Found> BEST_FIRST =
        Comparator.comparingLong(Found::late).thenComparingLong(Found::finished);

    boolean betterThan(Found other) {
      return BEST_FIRST.compare(this, other) < 0;
    }

    /** Whether no project is later than by the plain rule; where none is late, finished later. */
    boolean harmsNobody(Found plain) {
      return finish.keySet().stream()
          .allMatch(
              project ->
                  plain.late() > 0
                      ? lateness.get(project) <= plain.lateness.get(project)
                      : finish.get(project) <= plain.finish.get(project));
    }
  }

  PlanSearch(
      SchedulingProblem problem,
      StepNetwork network,
      List<Taken> taken,
      Map<String, Long> reveals,
      long start) {
    this.problem = problem;
    this.network = network;
    this.taken = taken;
    this.reveals = reveals;
    this.start = start;
    this.orders = new Orders(network, problem.hours(), reveals, start);
  }

  /** The plan of the plain rule, in one pass. */
  Found plain() {
    return pass(orders.plain());
  }

  /** The best plan found, the plain one where none is better. */
  Found best(Found plain) {
    Found best = justified(plain, plain);
    if (best.late() > 0) {
      List<Found> found =
          IntStream.range(0, Orders.SEEDED)
              .mapToObj(seed -> pass(orders.seeded(seed)))
              .sorted(Found.BEST_FIRST)
              .toList();
      for (Found each : found.subList(0, JUSTIFIED)) {
        Found justified = justified(each, plain);
        best = justified.harmsNobody(plain) && justified.betterThan(best) ? justified : best;
      }
    }
    return best;
  }

  /** Moved right as far as the projects' finishes let it, then left again, while that helps. */
  private Found justified(Found from, Found plain) {
    Found best = from;
    for (int round = 0; round < MOST_ROUNDS; round++) {
      Placement[] right = LatePlan.of(problem, network, best.placed(), best.finish(), taken);
      Found left = pass(orders.asBegun(right));
      if (!left.betterThan(best)) {
        break;
      }
      best = left;
    }
    return best.harmsNobody(plain) ? best : from;
  }

  /** Each step at the earliest time at which a person and the station are free, in an order. */
  private Found pass(Comparator<Integer> order) {
    List<Step> steps = network.steps;
    Placement[] placed = new Placement[steps.size()];
    Occupancy occupancy = new Occupancy(problem, start, false, taken);
    Map<String, String> hands = new HashMap<>();
    int[] open = Arrays.stream(network.before).mapToInt(links -> links.length).toArray();
    PriorityQueue<Integer> eligible = new PriorityQueue<>(order);
    IntStream.range(0, open.length).filter(i -> open[i] == 0).forEach(eligible::add);
    while (!eligible.isEmpty()) {
      int next = eligible.remove();
      Step step = steps.get(next);
      String hand = step.hand();
      String preferred = hand == null ? null : hands.getOrDefault(hand, step.begunBy());
      placed[next] = occupancy.earliest(step, network.release(next, placed, start), preferred);
      if (hand != null && placed[next].worker() != null) {
        hands.put(hand, placed[next].worker());
      }
      BenchClock.requireNear(placed[next].finish());
      occupancy.take(step, placed[next]);
      for (int later : network.behind[next]) {
        if (--open[later] == 0) {
          eligible.add(later);
        }
      }
    }
    return found(placed);
  }

  private Found found(Placement[] placed) {
    Map<String, Long> finish = new LinkedHashMap<>();
    for (int i = 0; i < placed.length; i++) {
      finish.merge(network.steps.get(i).project(), placed[i].finish(), Math::max);
    }
    Map<String, Long> lateness = new HashMap<>();
    finish.forEach((project, minute) -> lateness.put(project, lateness(project, minute)));
    return new Found(placed, finish, lateness);
  }

  private long lateness(String project, long finish) {
    Long reveal = reveals.get(project);
    return reveal == null ? 0 : Math.max(0, problem.hours().between(reveal, finish));
  }
}
