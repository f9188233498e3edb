package emberyard.core.units;

import java.util.AbstractMap;
import java.util.Collections;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A map that is worked out once, when somebody reads it first; not to be changed. */
public final class LazyMap<K, V> extends AbstractMap<K, V> {
  private @Nullable Supplier<Map<K, V>> work;
  private volatile @Nullable Map<K, V> known;

  public LazyMap(Supplier<Map<K, V>> work) {
    this.work = work;
  }

  @Override
  public Set<Entry<K, V>> entrySet() {
    return known().entrySet();
  }

  @Override
  public @Nullable V get(Object key) {
    return known().get(key);
  }

  @Override
  public boolean containsKey(Object key) {
    return known().containsKey(key);
  }

  private Map<K, V> known() {
    Map<K, V> map = known;
    return map != null ? map : workedOut();
  }

  private synchronized Map<K, V> workedOut() {
    if (work != null) {
      known = Collections.unmodifiableMap(work.get());
      work = null;
    }
    return known;
  }
}
