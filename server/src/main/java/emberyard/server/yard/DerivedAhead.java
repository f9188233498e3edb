package emberyard.server.yard;

import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.YardModel;
import emberyard.core.yard.YardPlan;
import emberyard.server.store.Row;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What was derived to check a change before it was kept: the reading after it needn't be derived
 * again.
 */
@Component
class DerivedAhead {
  /** Everything derived from these rows at this minute. */
  record Derived(
      List<Row> rows, Instant minute, WorkshopBook book, YardPlan plan, YardModel yard) {}

  private volatile @Nullable Derived last;

  void keep(Derived derived) {
    last = derived;
  }

  /** What was derived from the same things, in the same order, at the same minute. */
  Optional<Derived> of(List<Row> rows, Instant minute) {
    Derived derived = last;
    boolean same =
        derived != null && derived.minute.equals(minute) && sameThings(derived.rows, rows);
    return same ? Optional.of(derived) : Optional.empty();
  }

  private static boolean sameThings(List<Row> some, List<Row> others) {
    if (some.size() != others.size()) {
      return false;
    }
    for (int i = 0; i < some.size(); i++) {
      Row one = some.get(i);
      Row other = others.get(i);
      boolean same =
          one.kind() == other.kind()
              && one.id().equals(other.id())
              && (one.value() == other.value() || one.value().equals(other.value()));
      if (!same) {
        return false;
      }
    }
    return true;
  }
}
