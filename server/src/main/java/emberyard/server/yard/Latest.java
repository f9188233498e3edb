package emberyard.server.yard;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What was written last, by key; of more than so many the one asked for longest ago goes. */
final class Latest<K, V> {
  private final Map<K, V> written;

  Latest(int most) {
    written =
        new LinkedHashMap<>(16, 0.75f, true) {
          @Override
          protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > most;
          }
        };
  }

  synchronized @Nullable V get(K key) {
    return written.get(key);
  }

  synchronized void put(K key, V now) {
    written.put(key, now);
  }
}
