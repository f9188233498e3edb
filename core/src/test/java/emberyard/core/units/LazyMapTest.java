package emberyard.core.units;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class LazyMapTest {
  @Test
  void itIsWorkedOutOnceAndOnlyWhenSomebodyReadsIt() {
    AtomicInteger worked = new AtomicInteger();
    Map<String, Integer> map =
        new LazyMap<>(
            () -> {
              worked.incrementAndGet();
              return new HashMap<>(Map.of("one", 1, "two", 2));
            });
    assertEquals(0, worked.get());
    assertEquals(2, map.get("two"));
    assertTrue(map.containsKey("one"));
    assertFalse(map.containsKey("three"));
    assertNull(map.get("three"));
    assertEquals(Map.of("two", 2, "one", 1), map);
    assertEquals(2, map.size());
    assertEquals(1, worked.get());
    assertThrows(UnsupportedOperationException.class, () -> map.put("three", 3));
    assertThrows(UnsupportedOperationException.class, () -> map.remove("one"));
  }
}
