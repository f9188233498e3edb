package emberyard.core.plan;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The late plan (right justification, Valls et al. 2005): each step, last begun first, is taken out
 * of the plan and put back as late as its followers, its person, its station and its project's
 * deadline let it. Its own place is always free, so nothing comes earlier than planned; whoever is
 * begun later on the same person or station stays behind it, so any step can move to its late place
 * with what follows it and what opens its window, and the rest stays. The clock is mirrored so that
 * the same search for an earliest place serves.
 */
final class LatePlan {
  private static final int MOST_ROUNDS = 12;

  private final StepNetwork network;
  private final Placement[] planned;
  private final long[] deadlines;
  private final Occupancy free;

  private LatePlan(StepNetwork network, Placement[] planned, long[] deadlines, Occupancy free) {
    this.network = network;
    this.planned = planned;
    this.deadlines = deadlines;
    this.free = free;
  }

  static Placement[] of(
      StepNetwork network, Placement[] planned, long[] deadlines, Occupancy free) {
    return new LatePlan(network, planned, deadlines, free).placed();
  }

  /** The same without heed of windows: enough to tell an order by. */
  static Placement[] once(
      StepNetwork network, Placement[] planned, long[] deadlines, Occupancy free) {
    LatePlan plan = new LatePlan(network, planned, deadlines, free);
    return plan.pass(plan.beginBy());
  }

  private long[] beginBy() {
    return IntStream.range(0, planned.length).mapToLong(this::beginBy).toArray();
  }

  /**
   * A step that comes after its window, because what opens that could not be as late, is held back
   * and all is laid anew. A window that the plan keeps stays kept: in the last rounds a step is no
   * later than the window as planned.
   */
  private Placement[] placed() {
    long[] beginBy = beginBy();
    List<Tie> kept = network.ties.stream().filter(tie -> tie.missedBy(planned) == 0).toList();
    for (int round = 0; ; round++) {
      Placement[] late = pass(beginBy);
      List<Tie> missed = kept.stream().filter(tie -> tie.missedBy(late) > 0).toList();
      if (missed.isEmpty()) {
        return late;
      }
      for (Tie tie : missed) {
        long closes = tie.closes(round < MOST_ROUNDS ? late : planned);
        beginBy[tie.step()] = Math.min(beginBy[tie.step()], closes);
      }
    }
  }

  /** By when a window that is open already wants a step to begin, if the plan keeps it. */
  private long beginBy(int i) {
    long closes = network.numbers.beginBy[i];
    return Math.max(closes, planned[i].start());
  }

  private Placement[] pass(long[] beginBy) {
    StepNumbers steps = network.numbers;
    long latest = Arrays.stream(deadlines).max().orElse(0);
    Occupancy occupancy = free.mirrored(latest);
    Placement[] mirrored = new Placement[planned.length];
    for (int i = 0; i < planned.length; i++) {
      mirrored[i] = planned[i].mirrored();
      occupancy.take(i, mirrored[i]);
    }
    Placement[] late = new Placement[planned.length];
    for (int i : network.lastBegunFirst(planned)) {
      long end = deadlines[steps.project[i]];
      for (int later : network.behind[i]) {
        end = Math.min(end, late[later].start());
      }
      occupancy.give(i, mirrored[i]);
      Placement found = latest(occupancy, i, end, beginBy[i]);
      late[i] = found.mirrored();
      // a wait at the pace of its days may end a minute off when it is reckoned backwards
      boolean earlier =
          late[i].start() < planned[i].start() || late[i].handsOnEnd() < planned[i].handsOnEnd();
      if (earlier) {
        late[i] = planned[i];
        found = mirrored[i];
      }
      occupancy.take(i, found);
    }
    return late;
  }

  /**
   * As late as there is room for a step that ends and begins no later than this, on the mirrored
   * clock.
   */
  private Placement latest(Occupancy occupancy, int i, long end, long beginBy) {
    for (long by = end; ; ) {
      Placement found = occupancy.earliestFor(i, -by, planned[i].worker());
      long start = -found.finish();
      if (start <= beginBy) {
        return found;
      }
      by = Math.min(by, -found.start()) - (start - beginBy);
    }
  }
}
