package emberyard.core.fit.place;

import java.util.List;

/**
 * An answer of the search.
 *
 * @param unplaced what found no place, largest first
 * @param proven whether the search was whole: false where it stopped at its limit, so that a place
 *     may exist that it did not see
 */
public record Layout(List<Placed> placed, List<Item> unplaced, boolean proven) {
  public Layout {
    placed = List.copyOf(placed);
    unplaced = List.copyOf(unplaced);
  }

  public boolean fits() {
    return unplaced.isEmpty();
  }
}
