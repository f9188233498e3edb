package emberyard.core.plan;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What keeps a step of a plan from going on at a moment, and since when. */
final class Delays {
  private final List<Step> steps;
  private final Placement[] placed;
  private final Holds holds;
  private final Map<String, WeeklyHours> hours = new HashMap<>();

  /**
   * @param hold of the step that holds person or station, null for the other reasons
   * @param resource who or what is held or closed
   * @param from since when, no earlier than asked
   */
  record Delay(Reason reason, Holds.@Nullable Hold hold, @Nullable String resource, long from) {}

  Delays(SchedulingProblem problem, Placement[] placed, List<Taken> taken) {
    this.steps = problem.steps();
    this.placed = placed;
    this.holds = new Holds(problem, placed, taken);
    problem.workers().forEach(worker -> hours.put(worker.id(), worker.hours()));
  }

  /**
   * What keeps a step from going on in the minute that ends at {@code until}, back to {@code from}:
   * its person's other work first, then hours, then the station.
   */
  Delay of(int at, long until, long from) {
    String who = placed[at].worker();
    String where = steps.get(at).place();
    Holds.Hold work = who == null ? null : holds.ofPerson(who, until);
    if (work != null) {
      return new Delay(Reason.PERSON, work, who, Math.max(from, work.span().from()));
    }
    long closed = who == null ? until : closedSince(at, who, until, from);
    if (closed < until) {
      return new Delay(Reason.CLOSED, null, who, closed);
    }
    Holds.Hold held = where == null ? null : holds.ofStation(where, until, at);
    if (held != null) {
      return new Delay(Reason.STATION, held, where, Math.max(from, held.span().from()));
    }
    long begun = who == null ? from : hours.get(who).begun(until);
    long freed = holds.freedBefore(who, where, at, until);
    return new Delay(Reason.TOO_SHORT, null, who, Math.max(from, Math.max(begun, freed)));
  }

  /** Working minutes of a person. */
  long worked(String who, long from, long to) {
    return hours.get(who).between(from, to);
  }

  /** Since when a person could not have worked on a step, no earlier than {@code from}. */
  private long closedSince(int at, String who, long until, long from) {
    long cursor = until;
    while (cursor > from) {
      LocalDate day = BenchClock.moment(cursor - 1).toLocalDate();
      long midnight = BenchClock.minute(day.atStartOfDay());
      long worked = hours.get(who).back(cursor, 1) + 1;
      boolean open = steps.get(at).paces().on(day).open();
      if (open && worked == cursor) {
        break;
      }
      cursor = open ? Math.max(worked, midnight) : midnight;
    }
    return Math.max(cursor, from);
  }
}
