package emberyard.core.make.mesh;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/** Numbers the corners of a mesh: equal ones, to a thousandth of a millimetre, get one number. */
final class Corners {
  private final int[] number;
  private final int size;

  Corners(float[] c) {
    int n = c.length / 3;
    long[][] keys = new long[n][];
    for (int i = 0; i < n; i++) {
      keys[i] =
          new long[] {
            Math.round(c[3 * i] * 1e3),
            Math.round(c[3 * i + 1] * 1e3),
            Math.round(c[3 * i + 2] * 1e3)
          };
    }
    int[] sorted =
        IntStream.range(0, n)
            .boxed()
            .sorted(Comparator.comparing(i -> keys[i], Arrays::compare))
            .mapToInt(Integer::intValue)
            .toArray();
    number = new int[n];
    int next = 0;
    for (int i = 0; i < n; i++) {
      if (i > 0 && !Arrays.equals(keys[sorted[i]], keys[sorted[i - 1]])) {
        next++;
      }
      number[sorted[i]] = next;
    }
    size = next + 1;
  }

  int index(int corner) {
    return number[corner];
  }

  int size() {
    return size;
  }
}
