package emberyard.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Why a project is finished no earlier, told backwards from its last finish: the step itself, then
 * what kept it from beginning until the moment from which its own predecessors, its parcel or the
 * start of the plan would have let it begin; then the same for the predecessor that finished last.
 * A step of the same project that held the person or station and is as tight is followed; any other
 * that held them is named and passed by, for there is a gap before it: the chain tells of one
 * project, and of what can't wait.
 */
final class DecidingChain {
  /** A step that can slip no more than this longer is as tight as another. */
  static final long AS_TIGHT_MINUTES = 15;

  private final int project;
  private final StepNetwork network;
  private final Placement[] placed;
  private final Delays delays;
  private final long planStart;
  private final long[] slack;
  private final long leastSlack;
  private final List<Stretch> backwards = new ArrayList<>();

  /**
   * A part of the chain in numbers.
   *
   * @param at the project's step that is done, or waited for
   */
  private record Stretch(
      Reason reason,
      int at,
      @Nullable String holder,
      @Nullable String resource,
      long from,
      long to,
      long work) {
    /** Whether a later part is the same hold, after a break. */
    boolean goesOnIn(Stretch later) {
      return holder != null
          && reason == later.reason
          && at == later.at
          && holder.equals(later.holder);
    }

    /** One stretch from the begin of this to the end of a later one. */
    Stretch until(Stretch later) {
      return new Stretch(reason, at, holder, later.resource, from, later.to, work + later.work);
    }
  }

  private DecidingChain(
      int project,
      StepNetwork network,
      Placement[] placed,
      Delays delays,
      long planStart,
      long[] slack) {
    this.project = project;
    this.network = network;
    this.placed = placed;
    this.delays = delays;
    this.planStart = planStart;
    this.slack = slack;
    this.leastSlack = mine().mapToLong(i -> slack[i]).min().orElse(0);
  }

  /**
   * The stretches from the start of the plan to the project's finish, first one first.
   *
   * @param slack working minutes by which each step can slip
   */
  static List<ChainPart> of(
      int project,
      StepNetwork network,
      Placement[] placed,
      Delays delays,
      long planStart,
      long[] slack) {
    return new DecidingChain(project, network, placed, delays, planStart, slack).parts();
  }

  private List<ChainPart> parts() {
    int at = mine().reduce((one, other) -> later(one, other) ? one : other).orElse(-1);
    long until = at < 0 ? planStart : placed[at].finish();
    while (at >= 0) {
      addStep(at, until);
      long release = network.release(at, placed);
      int followed = addDelays(at, placed[at].start(), release);
      if (followed >= 0) {
        until = told(placed[at].start());
        at = followed;
      } else {
        at = beforeRelease(at, release);
        until = release;
      }
    }
    List<ChainPart> parts = new ArrayList<>(backwards.size());
    for (int k = backwards.size() - 1; k >= 0; k--) {
      parts.add(told(backwards.get(k)));
    }
    return List.copyOf(parts);
  }

  private IntStream mine() {
    return IntStream.range(0, placed.length).filter(i -> network.numbers.project[i] == project);
  }

  private boolean later(int one, int other) {
    return placed[one].finish() >= placed[other].finish();
  }

  /**
   * The predecessor that finishes at the release, of several the one that can slip least; −1 where
   * a given moment or the start of the plan lets the step begin.
   */
  private int beforeRelease(int at, long release) {
    int before =
        Arrays.stream(network.before[at])
            .filter(i -> placed[i].finish() == release)
            .reduce((one, other) -> slack[one] <= slack[other] ? one : other)
            .orElse(-1);
    if (before < 0) {
      add(Reason.ARRIVAL, at, null, null, planStart, release);
    }
    return before;
  }

  /** Its wait and its work; where others come between its pieces, they are named. */
  private void addStep(int at, long until) {
    Placement its = placed[at];
    add(Reason.WAIT, at, null, network.steps.get(at).place(), its.handsOnEnd(), until);
    long end = Math.min(its.handsOnEnd(), until);
    for (int k = its.bounds().length - 2; k >= 0; k -= 2) {
      long begin = its.bounds()[k];
      long free = k == 0 ? begin : its.bounds()[k - 1];
      List<Delays.Delay> between = delays(at, begin, free);
      boolean held = between.stream().anyMatch(delay -> delay.hold() != null);
      if (begin < end && (k == 0 || held)) {
        add(Reason.WORK, at, null, network.numbers.nameOf(its.worker()), begin, end);
        long to = begin;
        for (Delays.Delay delay : between) {
          join(part(delay, at, to));
          to = delay.from();
        }
        end = free;
      }
    }
  }

  private List<Delays.Delay> delays(int at, long until, long from) {
    List<Delays.Delay> all = new ArrayList<>();
    for (long cursor = until; cursor > from; cursor = all.get(all.size() - 1).from()) {
      all.add(delays.of(at, cursor, from));
    }
    return all;
  }

  /**
   * Tells what kept a step from beginning, backwards to its release.
   *
   * @return the step of this project with which the chain goes on, −1 where the release is reached
   */
  private int addDelays(int at, long until, long release) {
    // one after the other: where the chain goes on with a hold, what lies before it is not asked
    // for
    for (long to = until; to > release; ) {
      Delays.Delay delay = delays.of(at, to, release);
      if (delay.hold() != null && followed(delay.hold(), at)) {
        return delay.hold().number();
      }
      join(part(delay, at, to));
      to = delay.from();
    }
    return -1;
  }

  /**
   * Whether the chain goes on with the step that holds: one of this project, done with what it
   * holds when {@code at} begins, that could hardly have waited longer.
   */
  private boolean followed(Holds.Hold hold, int at) {
    int number = hold.number();
    if (number < 0 || network.numbers.project[number] != project) {
      return false;
    }
    long end = hold.span().to();
    boolean last = end == placed[number].handsOnEnd() || end == placed[number].finish();
    return last && end <= placed[at].start() && slack[number] <= slack[at] + AS_TIGHT_MINUTES;
  }

  /** Two stretches held by the same step, a night between them, are told as one. */
  private void join(Stretch part) {
    int size = backwards.size();
    boolean night = size > 1 && backwards.get(size - 1).reason == Reason.CLOSED;
    Stretch later = size == 0 ? null : backwards.get(night ? size - 2 : size - 1);
    if (later == null || !part.goesOnIn(later)) {
      backwards.add(part);
      return;
    }
    backwards.subList(size - (night ? 2 : 1), size).clear();
    backwards.add(part.until(later));
  }

  private Stretch part(Delays.Delay delay, int at, long to) {
    return part(delay.reason(), at, delay.holder(), delay.resource(), delay.from(), to);
  }

  private void add(
      Reason reason, int at, @Nullable String holder, @Nullable String who, long from, long to) {
    if (from < to) {
      backwards.add(part(reason, at, holder, who, from, to));
    }
  }

  private Stretch part(
      Reason reason, int at, @Nullable String holder, @Nullable String who, long from, long to) {
    return new Stretch(reason, at, holder, who, from, to, work(reason, at, who, from, to));
  }

  private ChainPart told(Stretch part) {
    return new ChainPart(
        part.reason,
        network.steps.get(part.at).key(),
        part.holder,
        part.resource,
        BenchClock.moment(part.from),
        BenchClock.moment(part.to),
        part.work,
        slack[part.at] - leastSlack);
  }

  private long work(Reason reason, int at, @Nullable String who, long from, long to) {
    return switch (reason) {
      case WORK ->
          placed[at].pieces().stream()
              .mapToLong(
                  piece -> Math.max(0, Math.min(piece.to(), to) - Math.max(piece.from(), from)))
              .sum();
      case PERSON, TOO_SHORT, WINDOW -> who == null ? 0 : delays.worked(who, from, to);
      case WAIT, ARRIVAL, CLOSED, STATION -> 0;
    };
  }

  /** Since when all is told, {@code end} where nothing is yet. */
  private long told(long end) {
    return backwards.isEmpty() ? end : backwards.get(backwards.size() - 1).from;
  }
}
