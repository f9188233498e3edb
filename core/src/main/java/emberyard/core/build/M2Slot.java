package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * An M.2 slot of a board.
 *
 * @param lanes 1 to 16
 * @param disables what stops working while the slot is used, null for nothing
 * @param disablesCount how many of it, 0 to 8
 */
public record M2Slot(int lanes, @Nullable PortKind disables, int disablesCount) {
  public M2Slot {
    Require.between("lanes", lanes, 1, 16, "lanes");
    Require.between("disablesCount", disablesCount, 0, 8, "pieces");
  }
}
