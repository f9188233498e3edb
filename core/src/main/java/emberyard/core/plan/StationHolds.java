package emberyard.core.plan;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** All holds of one station, to be asked about a minute without looking at each. */
final class StationHolds {
  private final Stretches holds;

  /** The latest end of those that begin no later than each. */
  private final long[] latestEnd;

  /** Ends, ascending, and the number of the step of each. */
  private final long[] ends;

  private final int[] endsOf;

  StationHolds(Stretches holds) {
    this.holds = holds;
    int count = holds.size();
    latestEnd = new long[count];
    ends = new long[count];
    endsOf = new int[count];
    long[] keys = new long[count];
    for (int i = 0; i < count; i++) {
      latestEnd[i] = Math.max(i == 0 ? Long.MIN_VALUE : latestEnd[i - 1], holds.to(i));
      keys[i] = holds.to(i) * count + i;
    }
    Arrays.sort(keys);
    for (int k = 0; k < count; k++) {
      int i = (int) Math.floorMod(keys[k], (long) count);
      ends[k] = holds.to(i);
      endsOf[k] = holds.number(i);
    }
  }

  /**
   * How many but of one step hold it in the minute that ends here.
   *
   * @param there where to put them, from a place on; null to count only
   */
  int covering(long minute, int butStep, Holds.Hold @Nullable [] there, int from) {
    int count = 0;
    for (int i = holds.lastBefore(minute); i >= 0 && latestEnd[i] >= minute; i--) {
      if (holds.number(i) != butStep && holds.to(i) >= minute) {
        if (there != null) {
          there[from + count] = holds.hold(i);
        }
        count++;
      }
    }
    return count;
  }

  /** The latest end before a minute but of one step, the least number where there is none. */
  long freedBefore(long minute, int butStep) {
    int i = Stretches.before(ends, minute);
    while (i >= 0 && endsOf[i] == butStep) {
      i--;
    }
    return i < 0 ? Long.MIN_VALUE : ends[i];
  }
}
