package emberyard.core.plan;

import java.util.Arrays;
import java.util.List;

/** When steps hold something, in the order in which they begin. */
final class Stretches {
  private static final int STEP_BITS = 24;

  private final List<Step> steps;
  private final boolean planned;
  private final int[] step;
  private final long[] from;
  private final long[] to;

  private Stretches(List<Step> steps, boolean planned, int[] step, long[] from, long[] to) {
    this.steps = steps;
    this.planned = planned;
    this.step = step;
    this.from = from;
    this.to = to;
  }

  /** Stretches in any order. */
  static final class Gathered {
    private int[] step = new int[64];
    private long[] from = new long[64];
    private long[] to = new long[64];
    private int count;

    void add(int which, long begin, long end) {
      if (count == step.length) {
        step = Arrays.copyOf(step, 2 * count);
        from = Arrays.copyOf(from, 2 * count);
        to = Arrays.copyOf(to, 2 * count);
      }
      step[count] = which;
      from[count] = begin;
      to[count++] = end;
    }

    /**
     * @param planned whether they were planned before: then their steps have no number
     */
    Stretches inOrder(List<Step> steps, boolean planned) {
      long[] keys = new long[count];
      for (int i = 0; i < count; i++) {
        keys[i] = (from[i] << STEP_BITS) + i;
      }
      Arrays.sort(keys);
      int[] sorted = new int[count];
      long[] begins = new long[count];
      long[] ends = new long[count];
      for (int k = 0; k < count; k++) {
        int i = (int) (keys[k] & ((1 << STEP_BITS) - 1));
        sorted[k] = step[i];
        begins[k] = from[i];
        ends[k] = to[i];
      }
      return new Stretches(steps, planned, sorted, begins, ends);
    }
  }

  int size() {
    return step.length;
  }

  /** The number of a step in its plan, −1 where that was made before. */
  int number(int at) {
    return planned ? -1 : step[at];
  }

  long from(int at) {
    return from[at];
  }

  long to(int at) {
    return to[at];
  }

  Holds.Hold hold(int at) {
    return new Holds.Hold(steps.get(step[at]), number(at), new Span(from[at], to[at]));
  }

  /** The last that begins before a minute, −1 for none. */
  int lastBefore(long minute) {
    return before(from, minute);
  }

  /** The last place in an ascending list that is less than this, −1 for none. */
  static int before(long[] ascending, long minute) {
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
