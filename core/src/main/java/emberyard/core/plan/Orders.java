package emberyard.core.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.apache.commons.rng.simple.RandomSource;
import org.jspecify.annotations.Nullable;

/**
 * In which order steps are given their place: by the plain rule (reveal of the project, or a window
 * that is open already and closes before it, latest start, longest tail, key), or by one of 32
 * seeded variations of it. What a seed adds to a step hangs on the key of the step alone, so equal
 * problems have equal plans on any machine, and a plan is not shuffled when another step comes or
 * goes.
 */
final class Orders {
  /** How many variations there are at most. */
  private static final int SEEDED = 32;

  /**
   * So many steps are placed for them in all: up to 500 steps all variations are tried. Of a yard
   * of 60 builds with 4,600 open steps, three lose as little as 32 do.
   */
  private static final int PLACED = 16_000;

  private static final int LEAST_SEEDED = 3;

  private static final int JUSTIFIED = 4;

  private static final int LEAST_JUSTIFIED = 2;

  /** Where fewer are tried than this, less is tried in all. */
  private static final int FEW = 8;

  private static final int MOST_ROUNDS = 8;

  /** In stretches of so many minutes of the calendar work at one place is put together. */
  private static final long[] TOGETHER = {1440L, 6 * 60L, 2 * 1440L};

  /** The reveal of a project that has none. */
  static final long NEVER = Long.MAX_VALUE;

  private static final long FAR = 60L * 24 * 366 * 20;

  /** How far a seed moves a step at most, in minutes of the calendar: two days to a month. */
  private static final long[] REACH = {2 * 1440L, 5 * 1440L, 12 * 1440L, 30 * 1440L};

  private final StepNetwork network;
  private final StepNumbers steps;
  private final long[] reveal;
  private final long[] latest;

  /** Place among all by the longest tail, then by the key. */
  private final int[] byTail;

  /** Place of its station among all, by name. */
  private final long[] station;

  private long @Nullable [][] noise;

  /**
   * @param reveals minute of each project's reveal, {@link #NEVER} for none
   */
  Orders(StepNetwork network, WeeklyHours hours, long[] reveals, long start) {
    int count = network.steps.size();
    this.network = network;
    this.steps = network.numbers;
    this.reveal = new long[count];
    this.latest = new long[count];
    // the window that closes first of those open at the start, of a step or what is behind it
    long[] pressing = steps.beginBy.clone();
    long[] tail = new long[count];
    for (int k = count - 1; k >= 0; k--) {
      int i = network.order[k];
      long due = reveals[steps.project[i]];
      long end = due == NEVER ? start + FAR : due;
      for (int later : network.behind[i]) {
        pressing[i] = Math.min(pressing[i], pressing[later]);
      }
      reveal[i] = Math.min(end, pressing[i]);
      for (int later : network.behind[i]) {
        tail[i] = Math.max(tail[i], tail[later]);
        end = Math.min(end, latest[later]);
      }
      tail[i] += steps.handsOn[i] + steps.wait[i];
      latest[i] = Math.min(hours.back(end - steps.wait[i], steps.handsOn[i]), steps.beginBy[i]);
    }
    this.byTail = ranks(count, byTail(tail));
    this.station = stationRanks(count);
  }

  /** How many variations are tried: fewer of a very large yard, so that its plan does not tarry. */
  int seeds() {
    return Math.max(LEAST_SEEDED, Math.min(SEEDED, PLACED / Math.max(1, latest.length)));
  }

  /** Whether the yard is so large that less is tried for its plan. */
  boolean hurried() {
    return seeds() < FEW;
  }

  /** How many of them, the best ones, are moved right and left too. */
  int justified() {
    return Math.max(LEAST_JUSTIFIED, seeds() * JUSTIFIED / SEEDED);
  }

  /** How often one is moved right and left at most. */
  int rounds() {
    return Math.min(MOST_ROUNDS, seeds() / 2);
  }

  /** Stretches in which work at one place may be put together, the usual one first. */
  long[] stretches() {
    return Arrays.copyOf(TOGETHER, hurried() ? 1 : TOGETHER.length);
  }

  /** The handbook's rule. */
  Order plain() {
    return new Order(reveal, latest, byTail);
  }

  /**
   * A variation of it. Every other one puts the latest start before the reveal, so that a build
   * with time to spare lets another go first.
   *
   * @param seed 0 to 31
   */
  Order seeded(int seed) {
    long reach = REACH[seed / 2 % REACH.length];
    long[] moved = new long[latest.length];
    for (int i = 0; i < moved.length; i++) {
      moved[i] = latest[i] + Math.floorMod(noise()[i][seed], 2 * reach) - reach;
    }
    return seed % 2 == 0
        ? new Order(reveal, moved, byTail)
        : new Order(moved, new long[moved.length], byTail);
  }

  /**
   * As it was found before, in the same hands where that costs little.
   *
   * @param turns of each step by its key
   */
  Order as(Map<String, OrderPolicy.Turn> turns) {
    List<OrderPolicy.Turn> known =
        network.steps.stream()
            .map(step -> turns.getOrDefault(step.key(), OrderPolicy.Turn.LAST))
            .toList();
    return new Order(
        known.stream().mapToLong(OrderPolicy.Turn::number).toArray(),
        new long[known.size()],
        network.position,
        known.stream().mapToInt(turn -> steps.numberOf(turn.worker())).toArray());
  }

  /** Steps as they begin in a plan, those that begin together in the order of the network. */
  Order asBegun(Placement[] plan) {
    return new Order(starts(plan), new long[plan.length], network.position);
  }

  /**
   * Nearly as they begin in a plan: those that begin in the same stretch by their place.
   *
   * @param stretch minutes of the calendar
   */
  Order together(Placement[] plan, long stretch) {
    long[] begun = starts(plan);
    long[] stretches = Arrays.stream(begun).map(each -> Math.floorDiv(each, stretch)).toArray();
    int[] ranks = new int[plan.length];
    int rank = 0;
    for (int i : network.lastBegunFirst(plan)) {
      ranks[i] = plan.length - ++rank;
    }
    return new Order(stretches, station, ranks);
  }

  private static long[] starts(Placement[] plan) {
    return Arrays.stream(plan).mapToLong(Placement::start).toArray();
  }

  private Comparator<Integer> byTail(long[] tail) {
    return Comparator.<Integer>comparingLong(i -> -tail[i])
        .thenComparing(i -> network.steps.get(i).key());
  }

  private static int[] ranks(int count, Comparator<Integer> order) {
    int[] sorted =
        IntStream.range(0, count).boxed().sorted(order).mapToInt(Integer::intValue).toArray();
    int[] ranks = new int[count];
    for (int k = 0; k < count; k++) {
      ranks[sorted[k]] = k;
    }
    return ranks;
  }

  /** What needs no station comes last. */
  private long[] stationRanks(int count) {
    List<String> names = steps.stations().stream().map(Place::id).sorted().toList();
    long[] ranks = new long[count];
    for (int i = 0; i < count; i++) {
      String name = network.steps.get(i).place();
      ranks[i] = name == null ? names.size() : names.indexOf(name);
    }
    return ranks;
  }

  /** For each step a number for each variation that look random but hang on its key alone. */
  private synchronized long[][] noise() {
    if (noise == null) {
      noise =
          network.steps.stream()
              .map(step -> RandomSource.SPLIT_MIX_64.create((long) step.key().hashCode()))
              .map(random -> random.longs(seeds()).toArray())
              .toArray(long[][]::new);
    }
    return noise;
  }
}
