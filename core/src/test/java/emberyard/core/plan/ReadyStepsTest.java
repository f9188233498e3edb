package emberyard.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ReadyStepsTest {
  @Test
  void theFirstOfAnOrderComesFirstHoweverTheyCameIn() {
    Random random = new Random(11);
    for (int round = 0; round < 200; round++) {
      int count = 1 + random.nextInt(40);
      long[] first = random.longs(count, 0, 3).toArray();
      long[] second = random.longs(count, 0, 3).toArray();
      Order order = new Order(first, second, IntStream.range(0, count).toArray());
      ReadySteps ready = new ReadySteps(order, count);
      List<Integer> open = new ArrayList<>();
      for (int step = 0; step < count; step++) {
        ready.add(step);
        open.add(step);
        if (random.nextBoolean()) {
          assertEquals(removed(open, first, second), ready.remove());
        }
      }
      while (!open.isEmpty()) {
        assertEquals(removed(open, first, second), ready.remove());
      }
      assertTrue(ready.isEmpty());
    }
  }

  private static Integer removed(List<Integer> open, long[] first, long[] second) {
    Integer next =
        open.stream()
            .min(
                Comparator.<Integer>comparingLong(i -> first[i])
                    .thenComparingLong(i -> second[i])
                    .thenComparing(Comparator.naturalOrder()))
            .orElseThrow();
    open.remove(next);
    return next;
  }
}
