package emberyard.core.plan;

import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * One pass: each step at the earliest time at which a person and the station are free, in an order.
 * Steps that windows tie to each other are placed together: where one comes after its window has
 * closed, what opens the window is moved later by as much (after Franck et al. 2001), within
 * bounds; what can't be kept is given up.
 */
final class PlanPass {
  /** How often steps of a group are moved before a window is given up. */
  private static final int MOST_MOVES = 60;

  /** How many places may be taken back for a group, and for each of its steps. */
  private static final int REPAIRS = 400;

  private static final int REPAIRS_A_STEP = 20;

  /** The same for a pass; then windows are given up as they are missed. */
  private static final int REPAIRS_A_PASS = 20_000;

  private final StepNetwork network;
  private final StepNumbers steps;
  private final TiedSteps tied;
  private final Occupancy occupancy;
  private final Placement[] placed;

  /** Who had last what stays in a pair of hands. */
  private final int[] hands;

  /** The same before each step was placed. */
  private final int[] handsBefore;

  /** Who is wanted for a step for its own sake. */
  private IntUnaryOperator wanted = step -> StepNumbers.NONE;

  private final Set<Tie> givenUp = new HashSet<>();

  /** What was missed in the last try, in the order of finding it. */
  private final Set<Tie> missed = new LinkedHashSet<>();

  private long repairs = REPAIRS_A_PASS;

  /** How many of them the group has that is being placed. */
  private long left;

  PlanPass(StepNetwork network, TiedSteps tied, Occupancy free) {
    this.network = network;
    this.steps = network.numbers;
    this.tied = tied;
    this.occupancy = free.copy();
    this.placed = new Placement[network.steps.size()];
    this.hands = new int[steps.hands()];
    this.handsBefore = new int[placed.length];
    Arrays.fill(hands, StepNumbers.NONE);
  }

  /**
   * The windows that can be kept at all: each group has a yard of its own.
   *
   * @param tied by all windows
   */
  static List<Tie> keepable(StepNetwork network, TiedSteps tied, Occupancy empty) {
    PlanPass alone = new PlanPass(network, tied, empty);
    for (int[] group : tied.groups) {
      if (group.length > 1) {
        alone.repairs = REPAIRS_A_PASS;
        alone.place(group);
        alone.takeBack(group, 0, group.length - 1);
      }
    }
    return network.ties.stream().filter(tie -> !alone.givenUp.contains(tie)).toList();
  }

  Placement[] inOrder(Order order) {
    wanted = order::handOf;
    int[] open = tied.before.clone();
    ReadySteps ready = new ReadySteps(order, open.length);
    for (int group = 0; group < open.length; group++) {
      if (open[group] == 0) {
        ready.add(tied.groups[group][0]);
      }
    }
    while (!ready.isEmpty()) {
      int next = tied.groupOf(ready.remove());
      place(tied.groups[next]);
      for (int later : tied.behind[next]) {
        if (--open[later] == 0) {
          ready.add(tied.groups[later][0]);
        }
      }
    }
    return placed;
  }

  /** Places a group; a window that can't be kept whatever is moved is given up. */
  private void place(int[] group) {
    if (group.length == 1) {
      place(group[0], Long.MIN_VALUE);
      return;
    }
    long most = Math.min(repairs, REPAIRS + REPAIRS_A_STEP * (long) group.length);
    left = most;
    while (!tried(group) && !triedWithoutOne(group, List.copyOf(missed))) {
      givenUp.add(missed.iterator().next());
    }
    repairs -= most - left;
  }

  /** Whether a group can be placed when the first of these windows is given up that allows it. */
  private boolean triedWithoutOne(int[] group, List<Tie> candidates) {
    for (Tie candidate : candidates) {
      givenUp.add(candidate);
      if (tried(group)) {
        return true;
      }
      givenUp.remove(candidate);
    }
    missed.clear();
    missed.addAll(candidates);
    return false;
  }

  /**
   * Whether all of a group is placed with the windows that are not given up; else none of it is.
   */
  private boolean tried(int[] group) {
    missed.clear();
    long[] notBefore = new long[group.length];
    Arrays.fill(notBefore, Long.MIN_VALUE);
    int moves = 0;
    for (int at = 0; at < group.length; ) {
      place(group[at], notBefore[at]);
      Tie tie = missedTie(group[at]);
      if (tie != null && left <= 0) {
        givenUp.add(tie);
        tie = null;
      }
      if (tie == null) {
        at++;
        continue;
      }
      missed.add(tie);
      int opener = indexOf(group, tie.opener());
      notBefore[opener] = later(tie.opener(), tie.missedBy(placed));
      if (++moves > MOST_MOVES || pressing(tie.opener(), notBefore[opener])) {
        takeBack(group, 0, at);
        return false;
      }
      takeBack(group, opener, at);
      at = opener;
    }
    return true;
  }

  /**
   * From when a step has to begin for its hands-on time to end so many minutes later. What may be
   * cut in pieces ends later by as much free time as it begins later.
   */
  private long later(int index, long minutes) {
    Placement its = placed[index];
    if (its.worker() == Placement.NOBODY || !steps.interruptible[index]) {
      return its.start() + minutes;
    }
    long end = its.handsOnEnd();
    return its.worked(Math.max(1, occupancy.freeMinutes(its.worker(), end, end + minutes)));
  }

  private static int indexOf(int[] group, int step) {
    return IntStream.range(0, group.length).filter(k -> group[k] == step).findFirst().orElseThrow();
  }

  /** Whether a step keeps a window that is open already, and would not if it were moved there. */
  private boolean pressing(int index, long later) {
    long closes = steps.beginBy[index];
    return placed[index].start() <= closes && later > closes;
  }

  private @Nullable Tie missedTie(int step) {
    for (Tie tie : tied.tiesOf(step)) {
      if (tie.missedBy(placed) > 0 && !givenUp.contains(tie)) {
        return tie;
      }
    }
    return null;
  }

  private void place(int step, long notBefore) {
    int hand = steps.hand[step];
    int last = hand == StepNumbers.NONE ? StepNumbers.NONE : hands[hand];
    handsBefore[step] = last;
    int goesOn = last == StepNumbers.NONE && hand != StepNumbers.NONE ? steps.begunBy[step] : last;
    int preferred = goesOn == StepNumbers.NONE ? wanted.applyAsInt(step) : goesOn;
    long release = Math.max(notBefore, network.release(step, placed));
    placed[step] = occupancy.earliest(step, release, preferred);
    BenchClock.requireNear(placed[step].finish());
    occupancy.take(step, placed[step]);
    if (hand != StepNumbers.NONE && placed[step].worker() != Placement.NOBODY) {
      hands[hand] = placed[step].worker();
    }
  }

  /** The steps of a group from one to another, the last placed first. */
  private void takeBack(int[] group, int from, int to) {
    left -= to - from + 1;
    for (int k = to; k >= from; k--) {
      int step = group[k];
      occupancy.give(step, placed[step]);
      placed[step] = null;
      if (steps.hand[step] != StepNumbers.NONE) {
        hands[steps.hand[step]] = handsBefore[step];
      }
    }
  }
}
