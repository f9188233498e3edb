package emberyard.core.plan;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Where one step lies: its occupied time [start, finish) and its pieces of hands-on time.
 *
 * @param worker number of who does it, −1 where there is no hands-on time
 * @param bounds begin and end of each piece, ascending; not to be changed
 */
record Placement(int worker, long[] bounds, long start, long finish) {
  /** Nobody. */
  static final int NOBODY = -1;

  long handsOnEnd() {
    return bounds.length == 0 ? start : bounds[bounds.length - 1];
  }

  /** When so many minutes of its hands-on time are worked, its end where there are no more. */
  long worked(long minutes) {
    long left = minutes;
    for (int k = 0; k < bounds.length; k += 2) {
      long piece = bounds[k + 1] - bounds[k];
      if (left <= piece) {
        return bounds[k] + left;
      }
      left -= piece;
    }
    return handsOnEnd();
  }

  List<Span> pieces() {
    return IntStream.range(0, bounds.length / 2)
        .mapToObj(k -> new Span(bounds[2 * k], bounds[2 * k + 1]))
        .toList();
  }

  /** When it holds its station, never where it has none. */
  List<Span> held(Step step) {
    if (step.place() == null) {
      return List.of();
    }
    return step.holdsPlace() ? List.of(new Span(start, finish)) : pieces();
  }

  Placement mirrored() {
    long[] turned = new long[bounds.length];
    for (int k = 0; k < bounds.length; k++) {
      turned[k] = -bounds[bounds.length - 1 - k];
    }
    return new Placement(worker, turned, -finish, -start);
  }
}
