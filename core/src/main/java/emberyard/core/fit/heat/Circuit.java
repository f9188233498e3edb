package emberyard.core.fit.heat;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One way heat leaves: a loop, a sealed cooler, or a cooler in the air; at a usual and a hot room.
 *
 * @param id of the loop or the cooler
 * @param sort what it is
 * @param radiators as they breathe here; none in the air
 * @param chips as asked, with their resistance
 * @param normal null where heat can't leave
 * @param hot the same in a hot room
 * @param coolantL all coolant of the loop; orderL with 20 % more; 0 where it comes filled
 * @param airFrom where the air that cools it comes from: through an opening, or from inside the
 *     case
 * @param breathesCase whether it breathes what the case has warmed, all or some of it
 * @param problem why there are no temperatures, empty where there are
 */
public record Circuit(
    String id,
    String name,
    Sort sort,
    List<Radiator> radiators,
    List<LoopHeat.Chip> chips,
    double heatW,
    double coolantL,
    double copperKg,
    @Nullable LoopHeat normal,
    @Nullable LoopHeat hot,
    double orderL,
    String airFrom,
    boolean breathesCase,
    String problem) {
  /** How heat leaves. */
  public enum Sort {
    LOOP,
    SEALED,
    AIR
  }
}
