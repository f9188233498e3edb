package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a component draws, gives and plugs into.
 *
 * @param typicalWatts of one at usual work, 0 to 3,000 W; null for its peak
 * @param excursionWatts what a supply bears for an instant, 0 to 6,000 W; null for not stated
 * @param asks plugs it wants to be fed or connected by
 * @param offers plugs and sockets it has for others
 * @param m2Slots of a board
 * @param processorGraphics whether a processor can drive the board's picture outputs
 * @param tested for memory: whether it is on the board's tested list
 */
public record Electric(
    @Nullable Double typicalWatts,
    @Nullable Double excursionWatts,
    List<Port> asks,
    List<Port> offers,
    List<M2Slot> m2Slots,
    boolean processorGraphics,
    Tested tested) {
  public Electric {
    if (typicalWatts != null) {
      Require.between("typicalWatts", typicalWatts, 0, 3_000, "W");
    }
    if (excursionWatts != null) {
      Require.between("excursionWatts", excursionWatts, 0, 6_000, "W");
    }
    asks = Require.list(asks);
    offers = Require.list(offers);
    m2Slots = Require.list(m2Slots);
    tested = tested == null ? Tested.NOT_CHECKED : tested;
  }

  /** Whether a pair of memory and board is known to work. */
  public enum Tested {
    YES,
    NO,
    NOT_CHECKED
  }
}
