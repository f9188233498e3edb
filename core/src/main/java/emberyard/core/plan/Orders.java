package emberyard.core.plan;

import java.util.Comparator;
import java.util.Map;
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
  /** How many variations there are. */
  static final int SEEDED = 32;

  /** In stretches of so many minutes of the calendar work at one place is put together. */
  static final long[] TOGETHER = {6 * 60L, 1440L, 2 * 1440L};

  private static final long FAR = 60L * 24 * 366 * 20;

  /** How far a seed moves a step at most, in minutes of the calendar: two days to a month. */
  private static final long[] REACH = {2 * 1440L, 5 * 1440L, 12 * 1440L, 30 * 1440L};

  private final StepNetwork network;
  private final long[] reveal;
  private final long[] latest;

  /** The window that closes first of those open at the start, of a step or what is behind it. */
  private final long[] pressing;

  private final long[] tail;
  private long @Nullable [][] noise;

  /**
   * @param reveals minute of each project's reveal, absent for none
   */
  Orders(StepNetwork network, WeeklyHours hours, Map<String, Long> reveals, long start) {
    int count = network.steps.size();
    this.network = network;
    this.reveal = new long[count];
    this.latest = new long[count];
    this.pressing = new long[count];
    this.tail = new long[count];
    for (int k = count - 1; k >= 0; k--) {
      int i = network.order[k];
      Step step = network.steps.get(i);
      pressing[i] = network.beginBy(i);
      for (int later : network.behind[i]) {
        pressing[i] = Math.min(pressing[i], pressing[later]);
      }
      long end = reveals.getOrDefault(step.project(), start + FAR);
      reveal[i] = Math.min(end, pressing[i]);
      for (int later : network.behind[i]) {
        tail[i] = Math.max(tail[i], tail[later]);
        end = Math.min(end, latest[later]);
      }
      tail[i] += step.handsOnMinutes() + step.waitMinutes();
      long late = hours.back(end - step.waitMinutes(), step.handsOnMinutes());
      latest[i] = Math.min(late, network.beginBy(i));
    }
  }

  /** The handbook's rule. */
  Comparator<Integer> plain() {
    return Comparator.<Integer>comparingLong(i -> reveal[i])
        .thenComparingLong(i -> latest[i])
        .thenComparing(longestTail());
  }

  /**
   * A variation of it. Every other one puts the latest start before the reveal, so that a build
   * with time to spare lets another go first.
   *
   * @param seed 0 to 31
   */
  Comparator<Integer> seeded(int seed) {
    long reach = REACH[seed / 2 % REACH.length];
    long[] moved = new long[latest.length];
    for (int i = 0; i < moved.length; i++) {
      moved[i] = latest[i] + Math.floorMod(noise()[i][seed], 2 * reach) - reach;
    }
    Comparator<Integer> byStart =
        Comparator.<Integer>comparingLong(i -> moved[i]).thenComparing(longestTail());
    return seed % 2 == 0
        ? Comparator.<Integer>comparingLong(i -> reveal[i]).thenComparing(byStart)
        : byStart;
  }

  /** Steps as they begin in a plan, those that begin together in the order of the network. */
  Comparator<Integer> asBegun(Placement[] plan) {
    return Comparator.<Integer>comparingLong(i -> plan[i].start())
        .thenComparingInt(i -> network.position[i]);
  }

  /**
   * Nearly as they begin in a plan: those that begin in the same stretch by their place.
   *
   * @param stretch minutes of the calendar
   */
  Comparator<Integer> together(Placement[] plan, long stretch) {
    return Comparator.<Integer>comparingLong(i -> Math.floorDiv(plan[i].start(), stretch))
        .thenComparing(
            i -> network.steps.get(i).place(), Comparator.nullsLast(Comparator.naturalOrder()))
        .thenComparing(asBegun(plan));
  }

  private Comparator<Integer> longestTail() {
    return Comparator.<Integer>comparingLong(i -> -tail[i])
        .thenComparing(i -> network.steps.get(i).key());
  }

  /** For each step 32 numbers that look random but hang on its key alone. */
  private long[][] noise() {
    if (noise == null) {
      noise =
          network.steps.stream()
              .map(step -> RandomSource.SPLIT_MIX_64.create((long) step.key().hashCode()))
              .map(random -> random.longs(SEEDED).toArray())
              .toArray(long[][]::new);
    }
    return noise;
  }
}
