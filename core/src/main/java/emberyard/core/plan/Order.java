package emberyard.core.plan;

import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * In which order steps get their place, as numbers of each step: by the first, then the second,
 * then the last, which no two steps share.
 *
 * @param hands who goes on with each step if that costs little, {@link StepNumbers#NONE} for
 *     anybody; null for anybody with all
 */
record Order(long[] first, long[] second, int[] last, int @Nullable [] hands) {
  Order(long[] first, long[] second, int[] last) {
    this(first, second, last, null);
  }

  int handOf(int step) {
    return hands == null ? StepNumbers.NONE : hands[step];
  }

  boolean before(int one, int other) {
    if (first[one] != first[other]) {
      return first[one] < first[other];
    }
    if (second[one] != second[other]) {
      return second[one] < second[other];
    }
    return last[one] < last[other];
  }

  /** All steps, the first of the order first. */
  int[] sorted() {
    return IntStream.range(0, last.length)
        .boxed()
        .sorted((one, other) -> before(one, other) ? -1 : before(other, one) ? 1 : 0)
        .mapToInt(Integer::intValue)
        .toArray();
  }
}
