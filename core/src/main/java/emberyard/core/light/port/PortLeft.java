package emberyard.core.light.port;

import java.util.Arrays;

/** How much there is of what, where there is any. */
final class PortLeft {
  private int[] what = new int[32];
  private double[] much = new double[32];
  private int count;

  void add(int of, double number) {
    if (number == 0) {
      return;
    }
    if (count == what.length) {
      what = Arrays.copyOf(what, 2 * count);
      much = Arrays.copyOf(much, 2 * count);
    }
    what[count] = of;
    much[count++] = number;
  }

  /** What all of it is worth. */
  double worth(double[] each) {
    double sum = 0;
    for (int i = 0; i < count; i++) {
      sum += much[i] * each[what[i]];
    }
    return sum;
  }

  /** By what it is. */
  double[] all(int kinds) {
    double[] all = new double[kinds];
    for (int i = 0; i < count; i++) {
      all[what[i]] += much[i];
    }
    return all;
  }
}
