package emberyard.core.plan;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * The first answer, and a better one: the plan of the plain rule, justified right and left (Valls
 * et al. 2005) until nothing improves; where a project misses its reveal or a window is missed, the
 * same for 32 seeded orders. A plan is better when fewer windows are missed, then when the projects
 * together are less late, then when they are finished sooner, and only if none is later than by the
 * plain rule. In the end it is tidied: where it costs nothing, people change their place less.
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
  private final List<Tie> ties;
  private final TiedSteps tied;

  /**
   * A plan and how it stands.
   *
   * @param missed how many windows are missed that can be kept
   */
  record Found(
      Placement[] placed, Map<String, Long> finish, Map<String, Long> lateness, int missed) {
    long late() {
      return lateness.values().stream().mapToLong(Long::longValue).sum();
    }

    private long finished() {
      return finish.values().stream().mapToLong(Long::longValue).sum();
    }

    static final Comparator<Found> BEST_FIRST =
        Comparator.comparingInt(Found::missed)
            .thenComparingLong(Found::late)
            .thenComparingLong(Found::finished);

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

    /** Whether nothing is finished later and no more windows are missed. */
    boolean costsNothing(Found other) {
      return missed <= other.missed
          && finish.keySet().stream()
              .allMatch(project -> finish.get(project) <= other.finish.get(project));
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
    this.ties = PlanPass.keepable(problem, network, start);
    this.tied = new TiedSteps(network, ties);
  }

  /** The plan of the plain rule, in one pass. */
  Found plain() {
    return pass(orders.plain());
  }

  /** The best plan found, the plain one where none is better. */
  Found best(Found plain) {
    Found best = justified(plain, plain);
    if (best.late() > 0 || best.missed() > 0) {
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
    return tidied(best);
  }

  /** With the fewest changes of place, of the orders that put together what lies at one place. */
  private Found tidied(Found best) {
    Found calm = best;
    for (long stretch : Orders.TOGETHER) {
      Found each = pass(orders.together(best.placed(), stretch));
      if (each.costsNothing(best) && changes(each) < changes(calm)) {
        calm = each;
      }
    }
    return calm;
  }

  /** How often people go from one place to another. */
  private int changes(Found plan) {
    Map<String, TreeMap<Long, String>> days = new HashMap<>();
    for (int i = 0; i < plan.placed().length; i++) {
      String place = Objects.requireNonNullElse(network.steps.get(i).place(), "");
      Placement its = plan.placed()[i];
      for (Span piece : its.pieces()) {
        days.computeIfAbsent(its.worker(), who -> new TreeMap<>()).put(piece.from(), place);
      }
    }
    int changes = 0;
    for (TreeMap<Long, String> day : days.values()) {
      String at = null;
      for (String place : day.values()) {
        changes += at == null || at.equals(place) ? 0 : 1;
        at = place;
      }
    }
    return changes;
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

  private Found pass(Comparator<Integer> order) {
    return found(new PlanPass(problem, network, tied, ties, taken, start).inOrder(order));
  }

  private Found found(Placement[] placed) {
    Map<String, Long> finish = new LinkedHashMap<>();
    for (int i = 0; i < placed.length; i++) {
      finish.merge(network.steps.get(i).project(), placed[i].finish(), Math::max);
    }
    Map<String, Long> lateness = new HashMap<>();
    finish.forEach((project, minute) -> lateness.put(project, lateness(project, minute)));
    int missed = (int) ties.stream().filter(tie -> tie.missedBy(placed) > 0).count();
    return new Found(placed, finish, lateness, missed + closed(placed));
  }

  /** How many windows that were open at the start are missed. */
  private int closed(Placement[] placed) {
    int missed = 0;
    for (int i = 0; i < placed.length; i++) {
      long closes = network.beginBy(i);
      missed += closes >= start && placed[i].start() > closes ? 1 : 0;
    }
    return missed;
  }

  private long lateness(String project, long finish) {
    Long reveal = reveals.get(project);
    return reveal == null ? 0 : Math.max(0, problem.hours().between(reveal, finish));
  }
}
