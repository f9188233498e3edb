package emberyard.core.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Which step of a plan holds which person and which station when. */
final class Holds {
  /** No step of a plan has this number. */
  static final int NO_STEP = -2;

  private final Stretches[] people;
  private final Map<String, StationHolds> stations = new HashMap<>();
  private final Map<String, Integer> capacity = new HashMap<>();

  /** Those of what was planned before, nothing for none. */
  private final @Nullable Holds before;

  /**
   * A stretch in which a step holds a person or a place at a station.
   *
   * @param number of the step in its plan, −1 where that was made before
   */
  record Hold(Step step, int number, Span span) {}

  /**
   * @param planned −1 for the number of each step, where that was planned before
   */
  private Holds(
      StepNumbers numbers,
      List<Step> steps,
      Placement[] placed,
      boolean planned,
      @Nullable Holds before) {
    this.before = before;
    this.people =
        IntStream.range(0, numbers.workers())
            .mapToObj(who -> ofPerson(steps, placed, who, planned))
            .toArray(Stretches[]::new);
    for (Place place : numbers.stations()) {
      capacity.put(place.id(), place.capacity());
      stations.put(place.id(), new StationHolds(atStation(steps, placed, place.id(), planned)));
    }
  }

  /** What was planned before. */
  static Holds of(StepNumbers numbers, List<Taken> taken) {
    List<Step> steps = taken.stream().map(Taken::step).toList();
    Placement[] placed = taken.stream().map(Taken::placed).toArray(Placement[]::new);
    return new Holds(numbers, steps, placed, true, null);
  }

  /** The same with a plan. */
  Holds with(StepNetwork network, Placement[] placed) {
    return new Holds(network.numbers, network.steps, placed, false, this);
  }

  private static Stretches ofPerson(
      List<Step> steps, Placement[] placed, int who, boolean planned) {
    Stretches.Gathered gathered = new Stretches.Gathered();
    for (int i = 0; i < placed.length; i++) {
      long[] bounds = placed[i].worker() == who ? placed[i].bounds() : new long[0];
      for (int k = 0; k < bounds.length; k += 2) {
        gathered.add(i, bounds[k], bounds[k + 1]);
      }
    }
    return gathered.inOrder(steps, planned);
  }

  private static Stretches atStation(
      List<Step> steps, Placement[] placed, String where, boolean planned) {
    Stretches.Gathered gathered = new Stretches.Gathered();
    for (int i = 0; i < placed.length; i++) {
      Step step = steps.get(i);
      if (!where.equals(step.place())) {
        continue;
      }
      if (step.holdsPlace()) {
        gathered.add(i, placed[i].start(), placed[i].finish());
        continue;
      }
      long[] bounds = placed[i].bounds();
      for (int k = 0; k < bounds.length; k += 2) {
        gathered.add(i, bounds[k], bounds[k + 1]);
      }
    }
    return gathered.inOrder(steps, planned);
  }

  /** What holds a person in the minute that ends at {@code minute}. */
  @Nullable Hold ofPerson(int who, long minute) {
    int own = people[who].lastBefore(minute);
    if (own >= 0 && people[who].to(own) >= minute) {
      return people[who].hold(own);
    }
    return before == null ? null : before.ofPerson(who, minute);
  }

  /** When a person was done last with what was begun before a minute. */
  private long lastEnd(int who, long minute) {
    int own = people[who].lastBefore(minute);
    long end = own < 0 ? Long.MIN_VALUE : people[who].to(own);
    return before == null ? end : Math.max(end, before.lastEnd(who, minute));
  }

  /**
   * Of a station that has no room for {@code step} in the minute that ends at {@code minute}, the
   * step that leaves it first, since the station has been full; null where there is room.
   */
  @Nullable Hold ofStation(String where, long minute, int step) {
    if (count(where, minute, step) < capacity.get(where)) {
      return null;
    }
    Hold[] there = new Hold[count(where, minute, step)];
    fill(there, 0, where, minute, step);
    Arrays.sort(there, LAST_BEGUN_FIRST);
    long full = there[0].span().from();
    Hold first =
        Arrays.stream(there).min(Comparator.comparingLong(hold -> hold.span().to())).orElseThrow();
    return new Hold(first.step(), first.number(), new Span(full, first.span().to()));
  }

  private static final Comparator<Hold> LAST_BEGUN_FIRST =
      Comparator.<Hold>comparingLong(hold -> hold.span().from())
          .thenComparing(hold -> hold.step().key())
          .reversed();

  private int count(String where, long minute, int step) {
    int own = stations.get(where).covering(minute, step, null, 0);
    return before == null ? own : own + before.count(where, minute, NO_STEP);
  }

  private void fill(Hold[] there, int from, String where, long minute, int step) {
    int own = stations.get(where).covering(minute, step, there, from);
    if (before != null) {
      before.fill(there, from + own, where, minute, NO_STEP);
    }
  }

  /**
   * The latest moment before {@code minute} at which a person or station became free for a step.
   */
  long freedBefore(int who, @Nullable String where, int step, long minute) {
    long freed = who == Placement.NOBODY ? Long.MIN_VALUE : lastEnd(who, minute);
    return where == null ? freed : Math.max(freed, leftBefore(where, minute, step));
  }

  private long leftBefore(String where, long minute, int step) {
    long own = stations.get(where).freedBefore(minute, step);
    return before == null ? own : Math.max(own, before.leftBefore(where, minute, NO_STEP));
  }
}
