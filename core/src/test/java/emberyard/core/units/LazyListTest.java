package emberyard.core.units;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LazyListTest {
  @Test
  void itIsWorkedOutOnceHoweverManyReadIt() {
    AtomicInteger worked = new AtomicInteger();
    LazyList<Integer> list =
        new LazyList<>(
            () -> {
              worked.incrementAndGet();
              return List.of(3, 1, 2);
            });
    assertEquals(0, worked.get());
    IntStream.range(0, 100).parallel().forEach(i -> assertEquals(3, list.size()));
    assertEquals(List.of(3, 1, 2), list);
    assertEquals(1, worked.get());
  }

  @Test
  void whatFailedIsTriedAgain() {
    AtomicInteger tries = new AtomicInteger();
    LazyList<String> list =
        new LazyList<>(
            () -> {
              if (tries.incrementAndGet() == 1) {
                throw new IllegalStateException("once");
              }
              return List.of("there");
            });
    assertThrows(IllegalStateException.class, list::size);
    assertEquals(List.of("there"), list);
  }

  @Test
  void onlyWhatIsToBeWorkedOutIsKeptAsItIs() {
    LazyList<String> lazy = new LazyList<>(() -> List.of("a"));
    assertSame(lazy, LazyList.kept(lazy));
    List<String> plain = new ArrayList<>(List.of("a"));
    assertNotSame(plain, LazyList.kept(plain));
  }
}
