package emberyard.core.light.port;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Feeds as many as can be fed, for the least money, then with the fewest links, then with the
 * shortest leads, then by names (handbook, Light and screens, From ports to screens).
 *
 * <p>One sink after the other is hung on every node that it may hang on; of all ways that leave the
 * same to plug into, the cheapest is kept. A first run that keeps only the best few gives a bound;
 * the second run drops what can't come below it, and is exact. Where a step budget ends it, the
 * best found stands, not proven. What competes for nothing is solved apart. Time and memory grow
 * with the number of different things that can be left over, not with the number of assignments:
 * ten screens on seven outputs take 50,000 steps, twelve devices on six ports 223,000; 16 screens
 * and 12 devices that want more than there is are not proven within any budget that is given.
 */
public final class PortSolver {
  /** Tries to hang something somewhere that a solution may take. */
  public static final int STEPS = 100_000;

  private static final int FIRST_RUN_KEEPS = 40;

  private final PortIndex index;
  private final PortAttach[] attach;
  private final PortTails[] tails;
  private final PortCost[] restAtLeast;
  private final PortFamilies families;
  private final PortBound limit;
  private final int mostSteps;
  private int steps;
  private boolean proven = true;

  private PortSolver(PortProblem problem, int mostSteps) {
    this.index = new PortIndex(problem);
    this.mostSteps = mostSteps;
    this.attach = new PortAttach[index.sinks.size()];
    this.tails = new PortTails[attach.length];
    for (int i = 0; i < attach.length; i++) {
      attach[i] = new PortAttach(index, i);
      tails[i] = new PortTails(index, index.sinks.get(i));
    }
    PortCost[] least = new PortLeast(index, tails).each();
    this.restAtLeast = PortLeast.rest(least);
    this.families = new PortFamilies(index.sinks, tails);
    this.limit = new PortBound(index, tails, families, least, restAtLeast);
  }

  /** The best way to feed all that can be fed. */
  public static PortAnswer solve(PortProblem problem) {
    return solve(problem, STEPS);
  }

  /**
   * The same with another budget.
   *
   * @param mostSteps 1 or more
   */
  public static PortAnswer solve(PortProblem problem, int mostSteps) {
    PortSolver whole = new PortSolver(problem, mostSteps);
    Collection<List<Sink>> split = whole.families.split(whole.index.sinks);
    if (split.size() < 2) {
      return whole.solve();
    }
    List<PortAnswer> answers = new ArrayList<>();
    split.forEach(some -> answers.add(new PortSolver(problem.onlyFor(some), mostSteps).solve()));
    return PortAnswer.together(problem.sinks(), answers);
  }

  /**
   * One way so far.
   *
   * @param names what it is called, sink by sink: what decides between equals
   */
  record Entry(
      PortState state,
      PortCost cost,
      String names,
      @Nullable Entry before,
      @Nullable PortChoice choice) {
    private static final Comparator<Entry> ORDER =
        Comparator.comparing(Entry::cost).thenComparing(Entry::names);

    boolean before(@Nullable Entry other) {
      return other == null || ORDER.compare(this, other) < 0;
    }
  }

  /** A way so far, and what it comes to at least. */
  private record Hoped(Entry entry, PortCost cost) {}

  private PortAnswer solve() {
    Entry first = run(FIRST_RUN_KEEPS, null);
    Entry best = run(Integer.MAX_VALUE, first.cost());
    Entry chosen = best != null && best.before(first) ? best : first;
    return new PortWriter(index).answer(chosen, proven, steps);
  }

  private @Nullable Entry run(int keeps, @Nullable PortCost bound) {
    List<Entry> layer = List.of(new Entry(PortState.of(index), PortCost.NONE, "", null, null));
    for (int i = 0; i < attach.length; i++) {
      Map<PortState, Entry> next = new LinkedHashMap<>();
      for (Entry entry : layer) {
        if (bound != null && steps > mostSteps) {
          proven = false;
          return null;
        }
        steps +=
            new PortStep(index, attach[i], tails[i], i, entry, bound, restAtLeast[i + 1], next)
                .all();
      }
      layer = kept(next, keeps, bound, i + 1);
    }
    return layer.stream().min(Entry.ORDER).orElse(null);
  }

  private List<Entry> kept(
      Map<PortState, Entry> next, int keeps, @Nullable PortCost bound, int from) {
    List<Hoped> all = new ArrayList<>();
    for (Entry entry : next.values()) {
      PortCost hoped = entry.cost().plus(limit.atLeast(entry.state(), from));
      if (bound == null || hoped.compareTo(bound) <= 0) {
        all.add(new Hoped(entry, hoped));
      }
    }
    if (all.size() > keeps) {
      all.sort(Comparator.comparing(Hoped::cost).thenComparing(Hoped::entry, Entry.ORDER));
    }
    return all.stream().limit(keeps).map(Hoped::entry).toList();
  }
}
