package emberyard.core.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What keeps a step of a plan from going on at a moment, and since when. */
final class Delays {
  private final StepNumbers numbers;
  private final List<Step> steps;

  /** Windows that are kept, by what opens them. */
  private final Map<Integer, List<Tie>> opens;

  private final Placement[] placed;
  private final Holds holds;
  private final Map<String, WeeklyHours> hours = new HashMap<>();

  /**
   * @param hold of the step that holds person or station, null for the other reasons
   * @param holder key of that step, or of the one whose window is waited for; null for none
   * @param resource who or what is held or closed
   * @param from since when, no earlier than asked
   */
  record Delay(
      Reason reason,
      Holds.@Nullable Hold hold,
      @Nullable String holder,
      @Nullable String resource,
      long from) {
    static Delay held(Reason reason, Holds.Hold hold, String resource, long from) {
      return new Delay(
          reason, hold, hold.step().key(), resource, Math.max(from, hold.span().from()));
    }
  }

  Delays(StepNetwork network, Placement[] placed, Holds before) {
    this.numbers = network.numbers;
    this.steps = network.steps;
    this.opens =
        network.ties.stream()
            .filter(tie -> tie.missedBy(placed) == 0)
            .collect(Collectors.groupingBy(Tie::opener));
    this.placed = placed;
    this.holds = before.with(network, placed);
    network.numbers.people().forEach(worker -> hours.put(worker.id(), worker.hours()));
  }

  /**
   * What keeps a step from going on in the minute that ends at {@code until}, back to {@code from}:
   * its person's other work first, then hours, then the station.
   */
  Delay of(int at, long until, long from) {
    int number = placed[at].worker();
    String who = numbers.nameOf(number);
    String where = steps.get(at).place();
    Holds.Hold work = who == null ? null : holds.ofPerson(number, until);
    if (work != null) {
      return Delay.held(Reason.PERSON, work, who, from);
    }
    long closed = who == null ? until : closedSince(at, who, until, from);
    if (closed < until) {
      return new Delay(Reason.CLOSED, null, null, who, closed);
    }
    Holds.Hold held = where == null ? null : holds.ofStation(where, until, at);
    if (held != null) {
      return Delay.held(Reason.STATION, held, where, from);
    }
    long begun = who == null ? from : hours.get(who).begun(until);
    long freed = holds.freedBefore(number, where, at, until);
    return free(at, who, until, Math.max(from, Math.max(begun, freed)));
  }

  /**
   * Why a step does not begin in a stretch in which nothing is held. What may be cut in pieces fits
   * anywhere: it was moved for its window, to within a piece.
   */
  private Delay free(int at, @Nullable String who, long until, long from) {
    Step step = steps.get(at);
    long least = step.interruptible() ? 2 * FreeTime.LEAST_PIECE : Long.MAX_VALUE;
    boolean fits = until - from >= Math.min(step.handsOnMinutes(), least);
    return (fits ? opens.getOrDefault(at, List.<Tie>of()) : List.<Tie>of())
        .stream()
            .filter(tie -> step.interruptible() || tooEarly(tie, from, until))
            .findFirst()
            .map(tie -> new Delay(Reason.WINDOW, null, steps.get(tie.step()).key(), who, from))
            .orElseGet(() -> new Delay(Reason.TOO_SHORT, null, null, who, from));
  }

  /**
   * Whether a step begun at this minute of a free stretch would have its window close before it is
   * made use of.
   */
  private boolean tooEarly(Tie tie, long minute, long until) {
    long left = steps.get(tie.opener()).handsOnMinutes() - (until - minute);
    long end = left <= 0 ? until + left : placed[tie.opener()].worked(left);
    return tie.closes(end) < placed[tie.step()].start();
  }

  /** Working minutes of a person. */
  long worked(String who, long from, long to) {
    return hours.get(who).between(from, to);
  }

  /** Since when a person could not have worked on a step, no earlier than {@code from}. */
  private long closedSince(int at, String who, long until, long from) {
    long cursor = until;
    while (cursor > from) {
      long day = MinutePaces.dayOf(cursor - 1);
      long midnight = MinutePaces.midnight(day);
      long worked = hours.get(who).back(cursor, 1) + 1;
      boolean open = numbers.paces[at].open(day);
      if (open && worked == cursor) {
        break;
      }
      cursor = open ? Math.max(worked, midnight) : midnight;
    }
    return Math.max(cursor, from);
  }
}
