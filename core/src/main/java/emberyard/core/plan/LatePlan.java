package emberyard.core.plan;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
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
  /** How often a step is held back by as much as what opens its window has to be earlier. */
  private static final int MOST_MOVES = 12;

  private final StepNetwork network;
  private final Placement[] planned;
  private final long[] deadlines;
  private final Occupancy occupancy;

  /** Where each step lies on the mirrored clock, as planned until it is laid. */
  private final Placement[] mirrored;

  private final Placement[] late;
  private final long[] beginBy;

  /** Windows that the plan keeps, by what opens them. */
  private final Map<Integer, List<Tie>> opens;

  private final Map<Tie, Integer> moves = new HashMap<>();

  private LatePlan(
      StepNetwork network, Placement[] planned, long[] deadlines, Occupancy free, List<Tie> kept) {
    this.network = network;
    this.planned = planned;
    this.deadlines = deadlines;
    this.occupancy = free.mirrored(Arrays.stream(deadlines).max().orElse(0));
    this.mirrored = new Placement[planned.length];
    for (int i = 0; i < planned.length; i++) {
      mirrored[i] = planned[i].mirrored();
      occupancy.take(i, mirrored[i]);
    }
    this.late = new Placement[planned.length];
    this.beginBy = IntStream.range(0, planned.length).mapToLong(this::beginBy).toArray();
    this.opens = kept.stream().collect(Collectors.groupingBy(Tie::opener));
  }

  static Placement[] of(
      StepNetwork network, Placement[] planned, long[] deadlines, Occupancy free) {
    List<Tie> kept = network.ties.stream().filter(tie -> tie.missedBy(planned) == 0).toList();
    return new LatePlan(network, planned, deadlines, free, kept).placed();
  }

  /** The same without heed of windows: enough to tell an order by. */
  static Placement[] once(
      StepNetwork network, Placement[] planned, long[] deadlines, Occupancy free) {
    return new LatePlan(network, planned, deadlines, free, List.of()).placed();
  }

  /**
   * A step that comes after its window, because what opens that could not be as late, is held back
   * and laid anew with all that was laid since. A window that the plan keeps stays kept: in the end
   * a step is no later than the window as planned.
   */
  private Placement[] placed() {
    int[] order = network.lastBegunFirst(planned);
    int[] place = new int[order.length];
    for (int k = 0; k < order.length; k++) {
      place[order[k]] = k;
    }
    for (int k = 0; k < order.length; ) {
      lay(order[k]);
      int held = k + 1;
      for (Tie tie : opens.getOrDefault(order[k], List.of())) {
        held = heldBack(tie) ? Math.min(held, place[tie.step()]) : held;
      }
      for (; k >= held; k--) {
        takeBack(order[k]);
      }
      k = held;
    }
    return late;
  }

  /** Whether a step has to be laid anew because its window closes before. */
  private boolean heldBack(Tie tie) {
    if (tie.missedBy(late) == 0) {
      return false;
    }
    boolean often = moves.merge(tie, 1, Integer::sum) > MOST_MOVES;
    long closes = tie.closes(often ? planned : late);
    beginBy[tie.step()] = Math.min(beginBy[tie.step()], closes);
    return true;
  }

  /** By when a window that is open already wants a step to begin, if the plan keeps it. */
  private long beginBy(int i) {
    long closes = network.numbers.beginBy[i];
    return Math.max(closes, planned[i].start());
  }

  private void lay(int i) {
    long end = deadlines[network.numbers.project[i]];
    for (int later : network.behind[i]) {
      end = Math.min(end, late[later].start());
    }
    occupancy.give(i, mirrored[i]);
    Placement found = latest(i, end, beginBy[i]);
    late[i] = found.mirrored();
    // a wait at the pace of its days may end a minute off when it is reckoned backwards
    boolean earlier =
        late[i].start() < planned[i].start() || late[i].handsOnEnd() < planned[i].handsOnEnd();
    if (earlier) {
      late[i] = planned[i];
      found = planned[i].mirrored();
    }
    mirrored[i] = found;
    occupancy.take(i, found);
  }

  /** A step lies as planned again. */
  private void takeBack(int i) {
    occupancy.give(i, mirrored[i]);
    mirrored[i] = planned[i].mirrored();
    occupancy.take(i, mirrored[i]);
    late[i] = planned[i];
  }

  /**
   * As late as there is room for a step that ends and begins no later than this, on the mirrored
   * clock.
   */
  private Placement latest(int i, long end, long beginBy) {
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
