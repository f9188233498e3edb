package emberyard.core.light.port;

import java.util.ArrayList;
import java.util.List;

/**
 * A sink on a socket, or a link on one: what it takes of what, and what it costs besides. What it
 * gives it takes less than nothing of.
 *
 * @param sort the socket that the sink hangs on, or that the link makes
 */
record PortTake(int sort, int[] what, double[] much, double price) {

  /** What it takes is worth so much. */
  double worth(double[] each) {
    double sum = 0;
    for (int i = 0; i < what.length; i++) {
      sum += much[i] * each[what[i]];
    }
    return sum;
  }

  /** What it comes to. */
  double cost(double[] each) {
    return price + worth(each);
  }

  /** Puts one together. */
  static final class Sum {
    private final List<Integer> what = new ArrayList<>();
    private final List<Double> much = new ArrayList<>();

    Sum take(int of, double number) {
      if (number != 0) {
        what.add(of);
        much.add(number);
      }
      return this;
    }

    PortTake at(int sort, double price) {
      return new PortTake(
          sort,
          what.stream().mapToInt(Integer::intValue).toArray(),
          much.stream().mapToDouble(Double::doubleValue).toArray(),
          price);
    }
  }
}
