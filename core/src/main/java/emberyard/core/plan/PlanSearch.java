package emberyard.core.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * The first answer, and a better one: the plan of the plain rule, justified right and left (Valls
 * et al. 2005) until nothing improves; where a project misses its reveal or a window is missed, the
 * same for the best of 32 seeded orders, in a large yard of fewer. A plan is better when fewer
 * windows are missed, then when the projects together are less late, then when they are finished
 * sooner, and only if none is later than by the plain rule. In the end it is tidied: where it costs
 * nothing, people change their place less.
 */
final class PlanSearch {
  private final SchedulingProblem problem;
  private final StepNetwork network;
  private final StepNumbers steps;
  private final Occupancy free;

  /** Minute of each project's reveal, {@link Orders#NEVER} for none. */
  private final long[] reveals;

  private final long start;
  private final Orders orders;
  private final List<Tie> ties;
  private final TiedSteps tied;

  /**
   * A plan and how it stands.
   *
   * @param order in which it was laid
   * @param finish of each project
   * @param lateness of each project, in working minutes
   * @param missed how many windows are missed that can be kept
   */
  record Found(Order order, Placement[] placed, long[] finish, long[] lateness, int missed) {
    long late() {
      return Arrays.stream(lateness).sum();
    }

    private long finished() {
      return Arrays.stream(finish).sum();
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
      return plain.late() > 0
          ? noneAbove(lateness, plain.lateness)
          : noneAbove(finish, plain.finish);
    }

    /** Whether by it no more windows are missed than by the plain rule, and no project is later. */
    boolean stillDoes(Found plain) {
      return missed <= plain.missed && noneAbove(lateness, plain.lateness);
    }

    /** Whether nothing is finished later and no more windows are missed. */
    boolean costsNothing(Found other) {
      return missed <= other.missed && noneAbove(finish, other.finish);
    }

    private static boolean noneAbove(long[] these, long[] others) {
      return IntStream.range(0, these.length).allMatch(i -> these[i] <= others[i]);
    }
  }

  PlanSearch(
      SchedulingProblem problem, StepNetwork network, Occupancy free, long[] reveals, long start) {
    this.problem = problem;
    this.network = network;
    this.steps = network.numbers;
    this.free = free;
    this.reveals = reveals;
    this.start = start;
    this.orders = new Orders(network, problem.hours(), reveals, start);
    TiedSteps all = new TiedSteps(network, network.ties);
    this.ties = PlanPass.keepable(network, all, new Occupancy(steps, start, List.of()));
    this.tied = ties.size() == network.ties.size() ? all : new TiedSteps(network, ties);
  }

  /** How a plan was laid, for when its steps last for something else. */
  OrderPolicy.Part policy(Found plan) {
    return new OrderPolicy.Part(network, tied, plan.order(), plan.placed(), start);
  }

  /**
   * What was found.
   *
   * @param plain the plan of the plain rule
   * @param best the best one, the plain one where none is better
   */
  record Result(Found plain, Found best) {}

  Result search() {
    List<Found> first = orders.hurried() ? passes(true) : List.of(pass(orders.plain()));
    Found plain = first.get(0);
    boolean wanting = plain.late() > 0 || plain.missed() > 0;
    Set<Found> promising = Set.of(plain);
    if (wanting) {
      List<Found> seeded = orders.hurried() ? first.subList(1, first.size()) : passes(false);
      promising = promising(seeded, plain);
    }
    Found best = plain;
    for (Found each : justified(promising, plain)) {
      best = each.betterThan(best) ? each : best;
    }
    return new Result(plain, tidied(best));
  }

  /**
   * In an order that was found for the same work a little earlier; a search anew where the plain
   * rule now does better.
   *
   * @param turns of each step by its key
   */
  Result as(Map<String, OrderPolicy.Turn> turns) {
    Found plain = pass(orders.plain());
    Found kept = pass(orders.as(turns));
    return kept.stillDoes(plain) ? new Result(plain, kept) : search();
  }

  /** The seeded plans, behind the plain one if that is wanted: all are laid at once. */
  private List<Found> passes(boolean andPlain) {
    return IntStream.range(andPlain ? -1 : 0, orders.seeds())
        .parallel()
        .mapToObj(seed -> pass(seed < 0 ? orders.plain() : orders.seeded(seed)))
        .toList();
  }

  /**
   * Which plans are worth to be justified: of the seeded ones the best of those that harm nobody
   * and of all, and where there is time for it the plain one.
   */
  private Set<Found> promising(List<Found> plans, Found plain) {
    List<Found> seeded = plans.stream().sorted(Found.BEST_FIRST).toList();
    Set<Found> promising = new LinkedHashSet<>(orders.hurried() ? Set.of() : Set.of(plain));
    int most = promising.size() + orders.justified();
    seeded.stream()
        .filter(each -> each.harmsNobody(plain))
        .limit(orders.justified() / 2)
        .forEach(promising::add);
    for (Found each : seeded) {
      if (promising.size() < most) {
        promising.add(each);
      }
    }
    return promising;
  }

  private List<Found> justified(Set<Found> plans, Found plain) {
    return plans.parallelStream().map(each -> justified(each, plain)).toList();
  }

  /** With the fewest changes of place, of the orders that put together what lies at one place. */
  private Found tidied(Found best) {
    Found calm = best;
    List<Found> tidy =
        Arrays.stream(orders.stretches())
            .parallel()
            .mapToObj(stretch -> pass(orders.together(best.placed(), stretch)))
            .toList();
    for (Found each : tidy) {
      if (each.costsNothing(best) && changes(each) < changes(calm)) {
        calm = each;
      }
    }
    return calm;
  }

  /** How often people go from one place to another. */
  private int changes(Found plan) {
    int places = steps.places() + 1;
    int changes = 0;
    for (int who = 0; who < steps.workers(); who++) {
      long[] day = new long[plan.placed().length];
      int pieces = 0;
      for (int i = 0; i < plan.placed().length; i++) {
        Placement its = plan.placed()[i];
        for (int k = 0; its.worker() == who && k < its.bounds().length; k += 2) {
          day = pieces == day.length ? Arrays.copyOf(day, 2 * pieces) : day;
          day[pieces++] = its.bounds()[k] * places + steps.place[i] + 1;
        }
      }
      Arrays.sort(day, 0, pieces);
      for (int k = 1; k < pieces; k++) {
        changes += Math.floorMod(day[k], places) == Math.floorMod(day[k - 1], places) ? 0 : 1;
      }
    }
    return changes;
  }

  /**
   * Moved right as far as the projects' finishes let it, then left again, while that helps: the
   * best that harms nobody, the plain plan where none does.
   */
  private Found justified(Found from, Found plain) {
    Found best = from.harmsNobody(plain) ? from : plain;
    Found at = from;
    for (int round = 0; round < orders.rounds(); round++) {
      Placement[] right = LatePlan.once(network, at.placed(), at.finish(), free);
      Found left = pass(orders.asBegun(right));
      if (!left.betterThan(at)) {
        break;
      }
      at = left;
      best = at.harmsNobody(plain) && at.betterThan(best) ? at : best;
    }
    return best;
  }

  private Found pass(Order order) {
    Placement[] placed = new PlanPass(network, tied, free).inOrder(order);
    long[] finish = new long[steps.projects.size()];
    Arrays.fill(finish, Long.MIN_VALUE);
    for (int i = 0; i < placed.length; i++) {
      int project = steps.project[i];
      finish[project] = Math.max(finish[project], placed[i].finish());
    }
    long[] lateness = new long[finish.length];
    for (int project = 0; project < finish.length; project++) {
      long late =
          reveals[project] == Orders.NEVER
              ? 0
              : problem.hours().between(reveals[project], finish[project]);
      lateness[project] = Math.max(0, late);
    }
    int missed = (int) ties.stream().filter(tie -> tie.missedBy(placed) > 0).count();
    return new Found(order, placed, finish, lateness, missed + closed(placed));
  }

  /** How many windows that were open at the start are missed. */
  private int closed(Placement[] placed) {
    int missed = 0;
    for (int i = 0; i < placed.length; i++) {
      long closes = steps.beginBy[i];
      missed += closes >= start && placed[i].start() > closes ? 1 : 0;
    }
    return missed;
  }
}
