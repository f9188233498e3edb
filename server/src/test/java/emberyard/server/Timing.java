package emberyard.server;

import java.io.PrintStream;
import java.util.Arrays;
import java.util.SplittableRandom;

/**
 * A plain harness: warm-up runs first, then the median and the 95th percentile of the rest, in
 * milliseconds and as a share of a yardstick measured in the same run.
 */
final class Timing {
  private static final int WARM_UP = 30;
  private static final int RUNS = 100;

  /** How long the yardstick takes here, in ms. */
  private final double yardstick;

  private final PrintStream out;

  Timing(PrintStream out) {
    this.out = out;
    this.yardstick = measure(Timing::yardstick, () -> {})[RUNS / 2];
  }

  /** A fixed computation that has nothing to do with a yard: a million numbers in their order. */
  private static void yardstick() {
    long[] numbers = new SplittableRandom(17).longs(1_000_000).toArray();
    Arrays.sort(numbers);
    if (numbers[0] > numbers[numbers.length - 1]) {
      throw new IllegalStateException("not sorted");
    }
  }

  void head() {
    out.println("| what | median | 95th percentile | × yardstick | wanted |");
    out.println("| --- | --- | --- | --- | --- |");
  }

  void yardstickRow() {
    out.printf("| yardstick: a million numbers drawn and sorted | %.1f ms | | 1 | |%n", yardstick);
  }

  void row(String what, double[] times, String wanted) {
    double median = times[times.length / 2];
    out.printf(
        "| %s | %.1f ms | %.1f ms | %.2f | %s |%n",
        what, median, times[times.length * 95 / 100], median / yardstick, wanted);
  }

  static double[] measure(Runnable work, Runnable before) {
    return measure(work, before, WARM_UP, RUNS);
  }

  /** The same for what takes tenths of a second: once the program has settled. */
  static double[] measureSome(Runnable work, Runnable before) {
    return measure(work, before, 20, 60);
  }

  /** The same from the first time on: of a program that was just started. */
  static double[] measureFirst(Runnable work) {
    return measure(work, () -> {}, 0, 10);
  }

  /** The same for what takes seconds. */
  static double[] measureFew(Runnable work, Runnable before) {
    return measure(work, before, 3, 15);
  }

  private static double[] measure(Runnable work, Runnable before, int warmUp, int runs) {
    double[] times = new double[runs];
    for (int i = -warmUp; i < runs; i++) {
      before.run();
      long start = System.nanoTime();
      work.run();
      if (i >= 0) {
        times[i] = (System.nanoTime() - start) / 1e6;
      }
    }
    Arrays.sort(times);
    return times;
  }
}
