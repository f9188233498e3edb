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
 * same to plug into, the cheapest is kept (dynamic programming over what is left). A first run that
 * keeps only the best few gives a bound; the second drops what can't come below it, and is exact.
 * Where that takes long, what is left gets prices (linear programming, see {@link PortPrices}):
 * they tell how many must stay dark and nearly what the rest costs, and most steps are not taken at
 * all. Where a step budget ends it, the best found stands, not proven. What competes for nothing is
 * solved apart. Time and memory grow with the number of different things that can be left over.
 *
 * <p>Measured: 16 screens of five sorts and 12 devices of four, more than a card and a board feed:
 * 99,000 steps with prices, half a second; without prices not proven after 400,000. Where screens
 * and devices all differ, 28 are mostly not proven.
 */
public final class PortSolver {
  /** Tries to hang something somewhere that a solution may take. */
  public static final int STEPS = 60_000;

  /** Tries in which a search without prices mostly comes to its end: prices take a while. */
  static final int PLAIN_STEPS = 8_000;

  private static final int FIRST_RUN_KEEPS = 40;
  private static final int SECOND_RUN_KEEPS = 80;

  private final PortIndex index;
  private final PortAttach[] attach;
  private final PortTails[] tails;
  private final PortCost[] restAtLeast;
  private final PortFamilies families;
  private final PortForesight foresight;
  private int steps;

  private PortSolver(PortProblem problem) {
    this.index = new PortIndex(problem);
    this.attach = new PortAttach[index.sinks.size()];
    this.tails = new PortTails[attach.length];
    for (int i = 0; i < attach.length; i++) {
      attach[i] = new PortAttach(index, i);
      tails[i] = new PortTails(index, index.sinks.get(i));
    }
    PortCost[] least = new PortLeast(index, tails).each();
    this.restAtLeast = PortLeast.rest(least);
    this.families = new PortFamilies(index.sinks, tails);
    this.foresight =
        new PortForesight(index, new PortBound(index, tails, families, least, restAtLeast));
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
    return solve(problem, mostSteps, PLAIN_STEPS);
  }

  /**
   * The same, asking for prices sooner or later.
   *
   * @param plainSteps tries without them, 0 to ask at once
   */
  static PortAnswer solve(PortProblem problem, int mostSteps, int plainSteps) {
    PortSolver whole = new PortSolver(problem);
    Collection<List<Sink>> split = whole.families.split(whole.index.sinks);
    if (split.size() < 2) {
      return whole.solve(mostSteps, plainSteps);
    }
    List<PortAnswer> answers = new ArrayList<>();
    split.forEach(
        some -> answers.add(new PortSolver(problem.onlyFor(some)).solve(mostSteps, plainSteps)));
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

  private PortAnswer solve(int mostSteps, int plainSteps) {
    Entry best = few(FIRST_RUN_KEEPS);
    Entry found = plainSteps == 0 ? null : all(best, Math.min(plainSteps, mostSteps));
    if (found == null && plainSteps < mostSteps && index.sinks.size() > 0) {
      if (foresight.priced(best, tails, attach)) {
        Entry second = few(SECOND_RUN_KEEPS);
        best = second.before(best) ? second : best;
      }
      found = all(best, mostSteps);
    }
    boolean proven = found != null;
    return new PortWriter(index).answer(proven && found.before(best) ? found : best, proven, steps);
  }

  /** One good way, found by looking at the best few only. */
  private Entry few(int keeps) {
    return run(keeps, null, Integer.MAX_VALUE);
  }

  /** The best of all ways; null where that takes more steps. */
  private @Nullable Entry all(Entry known, int mostSteps) {
    return run(Integer.MAX_VALUE, known.cost(), steps + mostSteps);
  }

  private @Nullable Entry run(int keeps, @Nullable PortCost bound, int lastStep) {
    List<Entry> layer = List.of(new Entry(PortState.of(index), PortCost.NONE, "", null, null));
    for (int i = 0; i < attach.length; i++) {
      Map<PortState, Entry> next = new LinkedHashMap<>();
      for (Entry entry : layer) {
        if (steps > lastStep) {
          return null;
        }
        steps +=
            new PortStep(
                    index,
                    attach[i],
                    tails[i],
                    i,
                    entry,
                    bound,
                    restAtLeast[i + 1],
                    foresight.ahead(entry, i, bound),
                    next)
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
      PortCost hoped = entry.cost().plus(foresight.atLeast(entry.state(), from));
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
