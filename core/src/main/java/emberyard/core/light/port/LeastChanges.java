package emberyard.core.light.port;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The least change of each kind that has everything lit: each is made and solved before it is
 * offered. One change first; two where no one change but leaving out does it.
 */
public final class LeastChanges<T> {
  /** Pairs that are tried, the cheapest first. */
  private static final int MOST_PAIRS = 120;

  private static final int MOST_OFFERED = 6;

  /** Steps that all tries together may take: what is found by then is offered. */
  private static final int ALL_STEPS = 120_000;

  /** Steps that the wiring of one change may take: it need not be proven to light everything. */
  public static final int STEPS = 6_000;

  private final T start;
  private final Function<T, PortProblem> asking;
  private final Function<PortProblem, PortAnswer> solving;
  private final PortAnswer before;
  private int steps;

  /**
   * @param solving what the changed thing comes to
   * @param before what is lit now
   */
  public LeastChanges(
      T start,
      Function<T, PortProblem> asking,
      Function<PortProblem, PortAnswer> solving,
      PortAnswer before) {
    this.solving = solving;
    this.start = start;
    this.asking = asking;
    this.before = before;
  }

  /**
   * Changes that do it.
   *
   * @param steps one or two
   * @param moneyMinor what they cost with the wiring, more than now
   * @param leadDays until all of it is there
   * @param after what is lit then
   */
  public record Way<T>(List<PortChange<T>> steps, long moneyMinor, int leadDays, PortAnswer after) {
    private static final Comparator<Way<?>> ORDER =
        Comparator.<Way<?>>comparingInt(way -> way.leavesOut() ? 1 : 0)
            .thenComparingInt(way -> way.steps().size())
            .thenComparingLong(Way::moneyMinor)
            .thenComparingInt(Way::leadDays)
            .thenComparing(Way::words);

    public String words() {
      return steps.stream().map(PortChange::words).collect(Collectors.joining(", and "));
    }

    public String risk() {
      return steps.stream()
          .map(PortChange::risk)
          .filter(risk -> !risk.isEmpty())
          .distinct()
          .collect(Collectors.joining("; "));
    }

    boolean leavesOut() {
      return steps.stream().anyMatch(step -> step.kind() == ChangeKind.LEFT_OUT);
    }

    private List<ChangeKind> kinds() {
      return steps.stream().map(PortChange::kind).sorted().toList();
    }
  }

  /** The least of each kind, the cheapest first, leaving out last. */
  public List<Way<T>> of(List<PortChange<T>> changes) {
    List<Way<T>> ways = new ArrayList<>();
    changes.forEach(change -> tried(List.of(change), ways));
    if (ways.stream().allMatch(Way::leavesOut)) {
      // with what does it alone, no second change is least
      Set<PortChange<T>> enough = new HashSet<>();
      ways.forEach(way -> enough.addAll(way.steps()));
      List<PortChange<T>> others =
          changes.stream().filter(change -> !enough.contains(change)).toList();
      pairs(others).forEach(pair -> tried(pair, ways));
    }
    Map<List<ChangeKind>, Way<T>> least = new LinkedHashMap<>();
    ways.sort(Way.ORDER);
    ways.forEach(way -> least.putIfAbsent(way.kinds(), way));
    return least.values().stream().limit(MOST_OFFERED).toList();
  }

  private void tried(List<PortChange<T>> steps, List<Way<T>> ways) {
    int mayLight = steps.stream().mapToInt(step -> step.kind().mayLight()).sum();
    if (this.steps > ALL_STEPS || mayLight < before.dark().size()) {
      return;
    }
    T changed = start;
    for (PortChange<T> step : steps) {
      changed = step.apply().apply(changed);
    }
    PortAnswer after = solving.apply(asking.apply(changed));
    this.steps += after.steps();
    if (after.possible()) {
      long price = steps.stream().mapToLong(PortChange::priceMinor).sum();
      ways.add(
          new Way<>(
              steps,
              price + after.moneyMinor() - before.moneyMinor(),
              steps.stream().mapToInt(PortChange::leadDays).max().orElse(0),
              after));
    }
  }

  private List<List<PortChange<T>>> pairs(List<PortChange<T>> changes) {
    List<List<PortChange<T>>> pairs = new ArrayList<>();
    for (int i = 0; i < changes.size(); i++) {
      for (int j = i + 1; j < changes.size(); j++) {
        if (!changes.get(i).key().equals(changes.get(j).key())) {
          pairs.add(List.of(changes.get(i), changes.get(j)));
        }
      }
    }
    pairs.sort(
        Comparator.comparing(
                (List<PortChange<T>> pair) ->
                    pair.stream().anyMatch(step -> step.kind() == ChangeKind.LEFT_OUT))
            .thenComparing(pair -> pair.stream().mapToLong(PortChange::priceMinor).sum()));
    return pairs.subList(0, Math.min(MOST_PAIRS, pairs.size()));
  }
}
