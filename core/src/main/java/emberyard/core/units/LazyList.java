package emberyard.core.units;

import java.util.AbstractList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A list that is worked out once, when somebody reads it first; not to be changed. */
public final class LazyList<T> extends AbstractList<T> {
  private @Nullable Supplier<List<T>> work;
  private volatile @Nullable List<T> known;

  public LazyList(Supplier<List<T>> work) {
    this.work = work;
  }

  /** A list that can't be changed any more: a copy, but of one that is to be worked out yet. */
  public static <T> List<T> kept(List<T> list) {
    return list instanceof LazyList ? list : List.copyOf(list);
  }

  @Override
  public T get(int index) {
    return known().get(index);
  }

  @Override
  public int size() {
    return known().size();
  }

  private List<T> known() {
    List<T> list = known;
    return list != null ? list : workedOut();
  }

  private synchronized List<T> workedOut() {
    if (work != null) {
      known = List.copyOf(work.get());
      work = null;
    }
    return known;
  }
}
