package emberyard.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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

  private final StepNetwork network;
  private final Placement[] placed;
  private final long planStart;
  private final Holds holds;
  private final long[] slack;
  private final Map<String, WeeklyHours> hours = new HashMap<>();

  /**
   * @param slack working minutes by which each step can slip
   * @param taken what is planned already
   */
  DecidingChain(
      SchedulingProblem problem,
      StepNetwork network,
      Placement[] placed,
      long planStart,
      long[] slack,
      List<Taken> taken) {
    this.network = network;
    this.placed = placed;
    this.planStart = planStart;
    this.slack = slack;
    this.holds = new Holds(problem, placed, taken);
    problem.workers().forEach(worker -> hours.put(worker.id(), worker.hours()));
  }

  /** The stretches from the start of the plan to the project's finish, first one first. */
  List<ChainPart> of(String project) {
    return new Walk(project).parts();
  }

  /** One walk back through time. */
  private final class Walk {
    private final String project;
    private final long leastSlack;
    private final List<ChainPart> backwards = new ArrayList<>();

    Walk(String project) {
      this.project = project;
      long least = Long.MAX_VALUE;
      for (int i = 0; i < placed.length; i++) {
        least = mine(i) ? Math.min(least, slack[i]) : least;
      }
      this.leastSlack = least;
    }

    List<ChainPart> parts() {
      int at = last();
      long until = at < 0 ? planStart : placed[at].finish();
      while (at >= 0) {
        addStep(at, until);
        Holds.Hold held = addDelay(at, placed[at].start(), release(at), true);
        if (held != null) {
          at = held.number();
          until = held.span().to();
        } else {
          until = release(at);
          int before = predecessor(at, until);
          if (before < 0) {
            add(Reason.ARRIVAL, at, null, null, planStart, until);
          }
          at = before;
        }
      }
      Collections.reverse(backwards);
      return List.copyOf(backwards);
    }

    private boolean mine(int i) {
      return network.steps.get(i).project().equals(project);
    }

    private int last() {
      int last = -1;
      for (int i = 0; i < placed.length; i++) {
        if (mine(i) && (last < 0 || placed[i].finish() > placed[last].finish())) {
          last = i;
        }
      }
      return last;
    }

    /** Its wait and its work; where others come between its pieces, they are named. */
    private void addStep(int at, long until) {
      Placement its = placed[at];
      add(Reason.WAIT, at, null, network.steps.get(at).place(), its.handsOnEnd(), until);
      long end = Math.min(its.handsOnEnd(), until);
      for (int k = its.pieces().size() - 1; k >= 0; k--) {
        long begin = its.pieces().get(k).from();
        long free = k == 0 ? begin : its.pieces().get(k - 1).to();
        if (begin < end && (k == 0 || held(at, begin, free))) {
          add(Reason.WORK, at, null, its.worker(), begin, end);
          addDelay(at, begin, free, false);
          end = free;
        }
      }
    }

    private boolean held(int at, long until, long from) {
      long cursor = until;
      while (cursor > from) {
        ChainPart part = delay(at, cursor, from);
        if (part.holder() != null) {
          return true;
        }
        cursor = BenchClock.minute(part.from());
      }
      return false;
    }

    /**
     * What keeps a step from going on, backwards from {@code until} to {@code from}.
     *
     * @return where {@code follow} is set, the hold of a step of this project that came before,
     *     with which the chain goes on; else null
     */
    private Holds.@Nullable Hold addDelay(int at, long until, long from, boolean follow) {
      long cursor = until;
      while (cursor > from) {
        Holds.Hold hold = holder(at, cursor);
        if (follow && hold != null && followed(hold, at)) {
          return new Holds.Hold(hold.step(), hold.number(), new Span(hold.span().from(), cursor));
        }
        ChainPart part = delay(at, cursor, from);
        join(part);
        cursor = BenchClock.minute(part.from());
      }
      return null;
    }

    /**
     * Whether the chain goes on with the step that holds: one of this project, done with what it
     * holds when {@code at} begins, that could hardly have waited longer.
     */
    private boolean followed(Holds.Hold hold, int at) {
      if (hold.number() < 0 || !mine(hold.number())) {
        return false;
      }
      Placement its = placed[hold.number()];
      long end = hold.span().to();
      boolean over = end <= placed[at].start() && (end == its.handsOnEnd() || end == its.finish());
      return over && slack[hold.number()] <= slack[at] + AS_TIGHT_MINUTES;
    }

    private Holds.@Nullable Hold holder(int at, long minute) {
      String who = placed[at].worker();
      Holds.Hold hold = who == null ? null : holds.ofPerson(who, minute);
      String where = network.steps.get(at).place();
      return hold != null || where == null || closedSince(at, minute, planStart) < minute
          ? hold
          : holds.ofStation(where, minute, at);
    }

    private ChainPart delay(int at, long until, long from) {
      String who = placed[at].worker();
      String where = network.steps.get(at).place();
      Holds.Hold hold = holder(at, until);
      if (hold != null) {
        boolean person = who != null && holds.ofPerson(who, until) != null;
        return part(
            person ? Reason.PERSON : Reason.STATION,
            at,
            hold.step().key(),
            person ? who : where,
            Math.max(from, hold.span().from()),
            until);
      }
      long closed = closedSince(at, until, from);
      if (closed < until) {
        return part(Reason.CLOSED, at, null, who, closed, until);
      }
      long begun = who == null ? from : hours.get(who).begun(until);
      long freed = holds.freedBefore(who, where, at, until);
      return part(Reason.TOO_SHORT, at, null, who, Math.max(from, Math.max(begun, freed)), until);
    }

    /** Two stretches held by the same step, a night between them, are told as one. */
    private void join(ChainPart part) {
      int size = backwards.size();
      ChainPart later = size == 0 ? null : backwards.get(size - 1);
      boolean night = later != null && later.reason() == Reason.CLOSED && part.holder() != null;
      ChainPart held = night && size > 1 ? backwards.get(size - 2) : later;
      if (held != null
          && part.holder() != null
          && part.holder().equals(held.holder())
          && part.reason() == held.reason()
          && part.step().equals(held.step())) {
        backwards.subList(size - (night ? 2 : 1), size).clear();
        backwards.add(
            new ChainPart(
                held.reason(),
                held.step(),
                held.holder(),
                held.resource(),
                part.from(),
                held.to(),
                part.workMinutes() + held.workMinutes(),
                held.spareMinutes()));
      } else {
        backwards.add(part);
      }
    }

    private void add(
        Reason reason, int at, @Nullable String holder, @Nullable String who, long from, long to) {
      if (from < to) {
        backwards.add(part(reason, at, holder, who, from, to));
      }
    }

    private ChainPart part(
        Reason reason, int at, @Nullable String holder, @Nullable String who, long from, long to) {
      return new ChainPart(
          reason,
          network.steps.get(at).key(),
          holder,
          who,
          BenchClock.moment(from),
          BenchClock.moment(to),
          working(reason, at, who, from, to),
          slack[at] - leastSlack);
    }
  }

  private long working(Reason reason, int at, @Nullable String who, long from, long to) {
    return switch (reason) {
      case WORK ->
          placed[at].pieces().stream()
              .mapToLong(
                  piece -> Math.max(0, Math.min(piece.to(), to) - Math.max(piece.from(), from)))
              .sum();
      case PERSON, TOO_SHORT -> who == null ? 0 : hours.get(who).between(from, to);
      case WAIT, ARRIVAL, CLOSED, STATION -> 0;
    };
  }

  /** From when its own predecessors, its parcel and the start of the plan let it begin. */
  private long release(int at) {
    long release = Math.max(planStart, BenchClock.earliest(network.steps.get(at), planStart));
    for (int before : network.before[at]) {
      release = Math.max(release, placed[before].finish());
    }
    return release;
  }

  /** The predecessor that finishes at the release, of several the one that can slip least. */
  private int predecessor(int at, long release) {
    int found = -1;
    for (int before : network.before[at]) {
      if (placed[before].finish() == release && (found < 0 || slack[before] < slack[found])) {
        found = before;
      }
    }
    return found;
  }

  /** Since when nobody could have worked on a step, until {@code minute}; no earlier than from. */
  private long closedSince(int at, long minute, long from) {
    String who = placed[at].worker();
    if (who == null) {
      return minute;
    }
    long cursor = minute;
    while (cursor > from) {
      LocalDate day = BenchClock.moment(cursor - 1).toLocalDate();
      long midnight = BenchClock.minute(day.atStartOfDay());
      long worked = hours.get(who).back(cursor, 1) + 1;
      boolean open = network.steps.get(at).paces().on(day).open();
      if (open && worked == cursor) {
        break;
      }
      cursor = open ? Math.max(worked, midnight) : midnight;
    }
    return Math.max(cursor, Math.min(minute, from));
  }
}
