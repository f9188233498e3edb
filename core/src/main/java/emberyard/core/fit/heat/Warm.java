package emberyard.core.fit.heat;

import emberyard.core.units.InvalidValue;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A circuit before it is known how warm the air is that it breathes. */
record Warm(
    String id,
    String name,
    Circuit.Sort sort,
    List<Radiator> radiators,
    List<LoopHeat.Chip> chips,
    double heatW,
    double coolantL,
    double copperKg,
    double orderL,
    Breath breath) {
  /** What of its heat the air of the case never has. */
  double blownOutW() {
    return heatW * breath.blownOut();
  }

  /**
   * @param caseK how much warmer than the room the case is
   * @param hotCaseK the same in the hot room
   */
  Circuit circuit(double roomC, double caseK, double hotRoomC, double hotCaseK) {
    LoopHeat normal = null;
    LoopHeat hot = null;
    String problem = "";
    try {
      normal = heat(roomC, caseK * breath.ofCase());
      hot = heat(hotRoomC, hotCaseK * breath.ofCase());
    } catch (InvalidValue dead) {
      problem = dead.getMessage();
    }
    return circuit(normal, hot, problem);
  }

  private Circuit circuit(@Nullable LoopHeat normal, @Nullable LoopHeat hot, String problem) {
    return new Circuit(
        id,
        name,
        sort,
        radiators,
        chips,
        heatW,
        coolantL,
        copperKg,
        normal,
        hot,
        orderL,
        breath.from(),
        breath.ofCase() > 0,
        problem);
  }

  /** In the air there is no coolant that warms up: chip = air + R × W. */
  private LoopHeat heat(double roomC, double airK) {
    return sort == Circuit.Sort.AIR
        ? LoopHeat.of(0, List.of(), 0, 0, roomC, airK, chips)
        : LoopHeat.of(heatW, radiators, coolantL, copperKg, roomC, airK, chips);
  }
}
