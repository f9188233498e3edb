package emberyard.core.plan;

import java.util.Arrays;

/** How many steps occupy one station over time. Stations have no closing time. */
final class StationTime {
  private final int capacity;

  /** From each minute on (until the next) so many steps are on it; neighbours differ. */
  private long[] minutes;

  private int[] loads;
  private int used = 1;

  /** Whether somebody else reads the same stretches: then they are copied before a change. */
  private boolean shared;

  /** The stretch looked for last: the next one is often the same. */
  private int last;

  StationTime(int capacity) {
    this.capacity = capacity;
    minutes = new long[16];
    loads = new int[16];
    minutes[0] = Long.MIN_VALUE;
  }

  private StationTime(StationTime as) {
    capacity = as.capacity;
    minutes = as.minutes;
    loads = as.loads;
    used = as.used;
  }

  /** The same, to be changed by itself. Both share the stretches until one changes. */
  StationTime copy() {
    StationTime copy = new StationTime(this);
    copy.shared = true;
    shared = true;
    return copy;
  }

  /** The same on a clock that runs backwards. */
  StationTime mirrored() {
    StationTime turned = new StationTime(capacity);
    turned.minutes = new long[used + 16];
    turned.loads = new int[used + 16];
    turned.used = used;
    turned.minutes[0] = Long.MIN_VALUE;
    for (int at = 0; at < used; at++) {
      turned.loads[at] = loads[used - 1 - at];
      if (at > 0) {
        turned.minutes[at] = -minutes[used - at];
      }
    }
    return turned;
  }

  /** The first minute from {@code from} on with room for one more. */
  long room(long from) {
    int at = at(from);
    if (loads[at] < capacity) {
      return from;
    }
    while (loads[at] >= capacity) {
      at++;
    }
    return minutes[at];
  }

  /** When it is full again after a minute at which it has room, {@code until} at the latest. */
  long full(long from, long until) {
    for (int at = at(from) + 1; at < used && minutes[at] < until; at++) {
      if (loads[at] >= capacity) {
        return minutes[at];
      }
    }
    return until;
  }

  /** Whether there is room for one more all the time. */
  boolean hasRoom(long from, long to) {
    return loads[at(from)] < capacity && full(from, to) >= to;
  }

  /** Puts one more step on the station. */
  void take(long from, long to) {
    add(from, to, 1);
  }

  /** Takes a step off the station again. */
  void give(long from, long to) {
    add(from, to, -1);
  }

  private void add(long from, long to, int more) {
    if (from == to) {
      return;
    }
    if (shared) {
      minutes = Arrays.copyOf(minutes, used + 16);
      loads = Arrays.copyOf(loads, used + 16);
      shared = false;
    }
    int first = cutAt(from);
    int last = cutAt(to);
    for (int at = first; at < last; at++) {
      loads[at] += more;
    }
    join(last);
    join(first);
  }

  /** The stretch in which a minute lies. */
  private int at(long minute) {
    if (last < used && minutes[last] <= minute) {
      if (last + 1 == used || minute < minutes[last + 1]) {
        return last;
      }
    }
    last = search(minute);
    return last;
  }

  private int search(long minute) {
    int low = 0;
    int high = used - 1;
    while (low < high) {
      int middle = (low + high + 1) >>> 1;
      if (minutes[middle] <= minute) {
        low = middle;
      } else {
        high = middle - 1;
      }
    }
    return low;
  }

  private int cutAt(long minute) {
    int at = at(minute);
    if (minutes[at] == minute) {
      return at;
    }
    if (used == minutes.length) {
      minutes = Arrays.copyOf(minutes, 2 * used);
      loads = Arrays.copyOf(loads, 2 * used);
    }
    System.arraycopy(minutes, at + 1, minutes, at + 2, used - at - 1);
    System.arraycopy(loads, at + 1, loads, at + 2, used - at - 1);
    used++;
    minutes[at + 1] = minute;
    loads[at + 1] = loads[at];
    return at + 1;
  }

  private void join(int at) {
    if (at > 0 && at < used && loads[at] == loads[at - 1]) {
      used--;
      System.arraycopy(minutes, at + 1, minutes, at, used - at);
      System.arraycopy(loads, at + 1, loads, at, used - at);
    }
  }
}
