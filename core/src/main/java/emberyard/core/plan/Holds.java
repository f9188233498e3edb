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
  /** No step of a plan has this number. */
  private static final int NO_STEP = -2;

  private final List<TreeMap<Long, Hold>> people = new ArrayList<>();
  private final Map<String, StationHolds> stations = new HashMap<>();
  private final Map<String, Integer> capacity = new HashMap<>();

  /** Those of what was planned before, nothing for none. */
  private final @Nullable Holds before;

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

  /** Nothing of a problem's people and stations is held. */
  private Holds(StepNumbers numbers, @Nullable Holds before) {
    this.before = before;
    numbers.people().forEach(person -> people.add(new TreeMap<>()));
    numbers.stations().forEach(place -> capacity.put(place.id(), place.capacity()));
  }

  /** What was planned before. */
  static Holds of(StepNumbers numbers, List<Taken> taken) {
    Holds holds = new Holds(numbers, null);
    Map<String, List<Hold>> held = new HashMap<>();
    taken.forEach(each -> holds.note(each.step(), -1, each.placed(), held));
    held.forEach((where, all) -> holds.stations.put(where, new StationHolds(all)));
    return holds;
  }

  /** The same with a plan. */
  Holds with(StepNetwork network, Placement[] placed) {
    Holds holds = new Holds(network.numbers, this);
    Map<String, List<Hold>> held = new HashMap<>();
    for (int i = 0; i < placed.length; i++) {
      holds.note(network.steps.get(i), i, placed[i], held);
    }
    held.forEach((where, all) -> holds.stations.put(where, new StationHolds(all)));
    return holds;
  }

  private void note(Step step, int number, Placement placed, Map<String, List<Hold>> held) {
    for (Span piece : placed.pieces()) {
      people.get(placed.worker()).put(piece.from(), new Hold(step, number, piece));
    }
    for (Span span : placed.held(step)) {
      held.computeIfAbsent(step.place(), where -> new ArrayList<>())
          .add(new Hold(step, number, span));
    }
  }

  /** What holds a person in the minute that ends at {@code minute}. */
  @Nullable Hold ofPerson(int who, long minute) {
    Hold last = lastOfPerson(who, minute);
    return last != null && last.coversMinuteBefore(minute) ? last : null;
  }

  private @Nullable Hold lastOfPerson(int who, long minute) {
    Map.Entry<Long, Hold> entry = people.get(who).lowerEntry(minute);
    Hold own = entry == null ? null : entry.getValue();
    Hold other = before == null ? null : before.lastOfPerson(who, minute);
    boolean ownIsLast = other == null || own != null && own.span().from() > other.span().from();
    return ownIsLast ? own : other;
  }

  /**
   * Of a station that has no room for {@code step} in the minute that ends at {@code minute}, the
   * step that leaves it first, since the station has been full; null where there is room.
   */
  @Nullable Hold ofStation(String where, long minute, int step) {
    List<Hold> there = covering(where, minute, step);
    if (there.size() < capacity.get(where)) {
      return null;
    }
    long full = there.stream().mapToLong(hold -> hold.span().from()).max().orElseThrow();
    Hold first =
        there.stream().min(Comparator.comparingLong(hold -> hold.span().to())).orElseThrow();
    return new Hold(first.step(), first.number(), new Span(full, first.span().to()));
  }

  private List<Hold> covering(String where, long minute, int step) {
    StationHolds held = stations.get(where);
    List<Hold> there = new ArrayList<>(held == null ? List.of() : held.covering(minute, step));
    if (before != null) {
      there.addAll(before.covering(where, minute, NO_STEP));
    }
    there.sort(StationHolds.LAST_BEGUN_FIRST);
    return there;
  }

  /**
   * The latest moment before {@code minute} at which a person or station became free for a step.
   */
  long freedBefore(int who, @Nullable String where, int step, long minute) {
    Hold last = who == Placement.NOBODY ? null : lastOfPerson(who, minute);
    long freed = last == null ? Long.MIN_VALUE : last.span().to();
    return where == null ? freed : Math.max(freed, leftBefore(where, minute, step));
  }

  private long leftBefore(String where, long minute, int step) {
    StationHolds held = stations.get(where);
    long own = held == null ? Long.MIN_VALUE : held.freedBefore(minute, step);
    return before == null ? own : Math.max(own, before.leftBefore(where, minute, NO_STEP));
  }
}
