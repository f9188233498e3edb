package emberyard.core.plan;

import java.util.Map;
import java.util.TreeMap;

/** How many steps occupy one station over time. Stations have no closing time. */
final class StationTime {
  private final int capacity;

  /** From each key on (until the next) this many steps are on it. */
  private final TreeMap<Long, Integer> load = new TreeMap<>();

  StationTime(int capacity) {
    this.capacity = capacity;
    load.put(Long.MIN_VALUE, 0);
  }

  /**
   * The first stretch at or after {@code from} with room for one more. It is looked at only up to
   * {@code until} (or its own beginning, where that is later): nobody asks what comes behind.
   */
  Span next(long from, long until) {
    long begin = from;
    for (Map.Entry<Long, Integer> entry : load.tailMap(load.floorKey(from), true).entrySet()) {
      begin = Math.max(from, entry.getKey());
      if (entry.getValue() < capacity) {
        break;
      }
    }
    return new Span(begin, firstFull(begin, Math.max(begin, until)));
  }

  /** Whether there is room for one more during the whole of {@code span}. */
  boolean hasRoom(Span span) {
    Span room = next(span.from(), span.to());
    return room.from() == span.from() && room.to() >= span.to();
  }

  /** Puts one more step on the station. */
  void take(Span span) {
    add(span, 1);
  }

  /** Takes a step off the station again. */
  void give(Span span) {
    add(span, -1);
  }

  private void add(Span span, int more) {
    cutAt(span.from());
    cutAt(span.to());
    load.subMap(span.from(), span.to()).replaceAll((minute, count) -> count + more);
  }

  private void cutAt(long minute) {
    load.putIfAbsent(minute, load.floorEntry(minute).getValue());
  }

  private long firstFull(long from, long until) {
    for (Map.Entry<Long, Integer> entry : load.subMap(from, false, until, false).entrySet()) {
      if (entry.getValue() >= capacity) {
        return entry.getKey();
      }
    }
    return until;
  }
}
