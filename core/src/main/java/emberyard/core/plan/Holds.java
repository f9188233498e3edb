package emberyard.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Which step of a plan holds which person and which station when. */
final class Holds {
  private final Map<String, TreeMap<Long, Hold>> people = new HashMap<>();
  private final Map<String, StationHolds> stations = new HashMap<>();
  private final Map<String, Integer> capacity = new HashMap<>();

  /**
   * A stretch in which a step holds a person or a place at a station.
   *
   * @param number of the step in its plan, −1 where that was made before
   */
  record Hold(Step step, int number, Span span) {
    boolean coversMinuteBefore(long minute) {
      return span.from() < minute && span.to() >= minute;
    }
  }

  Holds(SchedulingProblem problem, Placement[] placed, List<Taken> taken) {
    problem.places().forEach(place -> capacity.put(place.id(), place.capacity()));
    Map<String, List<Hold>> held = new HashMap<>();
    for (int i = 0; i < placed.length; i++) {
      note(problem.steps().get(i), i, placed[i], held);
    }
    taken.forEach(each -> note(each.step(), -1, each.placed(), held));
    held.forEach((where, holds) -> stations.put(where, new StationHolds(holds)));
  }

  private void note(Step step, int number, Placement placed, Map<String, List<Hold>> held) {
    for (Span piece : placed.pieces()) {
      people
          .computeIfAbsent(placed.worker(), who -> new TreeMap<>())
          .put(piece.from(), new Hold(step, number, piece));
    }
    for (Span span : placed.held(step)) {
      held.computeIfAbsent(step.place(), where -> new ArrayList<>())
          .add(new Hold(step, number, span));
    }
  }

  /** What holds a person in the minute that ends at {@code minute}. */
  @Nullable Hold ofPerson(String who, long minute) {
    Hold last = lastOfPerson(who, minute);
    return last != null && last.coversMinuteBefore(minute) ? last : null;
  }

  private @Nullable Hold lastOfPerson(String who, long minute) {
    Map.Entry<Long, Hold> entry = people.getOrDefault(who, new TreeMap<>()).lowerEntry(minute);
    return entry == null ? null : entry.getValue();
  }

  /**
   * Of a station that has no room for {@code step} in the minute that ends at {@code minute}, the
   * step that leaves it first, since the station has been full; null where there is room.
   */
  @Nullable Hold ofStation(String where, long minute, int step) {
    StationHolds held = stations.get(where);
    List<Hold> there = held == null ? List.of() : held.covering(minute, step);
    if (there.size() < capacity.get(where)) {
      return null;
    }
    long full = there.stream().mapToLong(hold -> hold.span().from()).max().orElseThrow();
    Hold first =
        there.stream().min(Comparator.comparingLong(hold -> hold.span().to())).orElseThrow();
    return new Hold(first.step(), first.number(), new Span(full, first.span().to()));
  }

  /**
   * The latest moment before {@code minute} at which a person or station became free for a step.
   */
  long freedBefore(@Nullable String who, @Nullable String where, int step, long minute) {
    Hold last = who == null ? null : lastOfPerson(who, minute);
    long freed = last == null ? Long.MIN_VALUE : last.span().to();
    StationHolds held = where == null ? null : stations.get(where);
    return held == null ? freed : Math.max(freed, held.freedBefore(minute, step));
  }
}
