package emberyard.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** All holds of one station, to be asked about a minute without looking at each. */
final class StationHolds {
  private static final Comparator<Holds.Hold> BY_BEGIN =
      Comparator.<Holds.Hold>comparingLong(hold -> hold.span().from())
          .thenComparing(hold -> hold.step().key());

  private static final Comparator<Holds.Hold> BY_END =
      Comparator.<Holds.Hold>comparingLong(hold -> hold.span().to())
          .thenComparing(hold -> hold.step().key());

  static final Comparator<Holds.Hold> LAST_BEGUN_FIRST = BY_BEGIN.reversed();

  private final List<Holds.Hold> byBegin;
  private final long[] begins;

  /** The latest end of those that begin no later than each. */
  private final long[] latestEnd;

  private final List<Holds.Hold> byEnd;
  private final long[] ends;

  StationHolds(List<Holds.Hold> holds) {
    byBegin = holds.stream().sorted(BY_BEGIN).toList();
    byEnd = holds.stream().sorted(BY_END).toList();
    begins = byBegin.stream().mapToLong(hold -> hold.span().from()).toArray();
    ends = byEnd.stream().mapToLong(hold -> hold.span().to()).toArray();
    latestEnd = byBegin.stream().mapToLong(hold -> hold.span().to()).toArray();
    Arrays.parallelPrefix(latestEnd, Math::max);
  }

  /** Those but of one step that hold it in the minute that ends here. */
  List<Holds.Hold> covering(long minute, int butStep) {
    List<Holds.Hold> there = new ArrayList<>();
    for (int i = before(begins, minute); i >= 0 && latestEnd[i] >= minute; i--) {
      Holds.Hold hold = byBegin.get(i);
      if (hold.number() != butStep && hold.coversMinuteBefore(minute)) {
        there.add(hold);
      }
    }
    return there;
  }

  /** The latest end before a minute but of one step, the least number where there is none. */
  long freedBefore(long minute, int butStep) {
    int i = before(ends, minute);
    while (i >= 0 && byEnd.get(i).number() == butStep) {
      i--;
    }
    return i < 0 ? Long.MIN_VALUE : ends[i];
  }

  /** The last place in an ascending list that is less than this, −1 for none. */
  private static int before(long[] ascending, long minute) {
    int low = 0;
    int high = ascending.length;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (ascending[middle] < minute) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low - 1;
  }
}
