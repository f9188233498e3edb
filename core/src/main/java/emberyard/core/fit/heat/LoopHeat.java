package emberyard.core.fit.heat;

import emberyard.core.units.Figures;
import emberyard.core.units.Require;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.List;

/**
 * How warm a loop and its chips get.
 *
 * @param conductance of all radiators, W/K
 * @param airK how much warmer than the room the air is that cools it
 * @param riseK coolant above that air
 * @param tauMinutes time constant, 0 without coolant and copper
 * @param settleMinutes until 95 % of the rise
 * @param settling coolant above the room from cold on, up to five time constants
 * @param remark what no coolant stands, empty where it does
 */
public record LoopHeat(
    double heatW,
    double conductance,
    double roomC,
    double airK,
    double riseK,
    List<ChipHeat> chips,
    double tauMinutes,
    double settleMinutes,
    List<Settling> settling,
    String remark,
    Why why) {
  /** Usual tube softens and pumps wear out above it, °C; a default. */
  private static final double WARM_C = 60;

  private static final double BOILS_C = 100;

  private static final int CURVE_POINTS = 40;
  private static final double JOULE_PER_LITRE_K = 4_180;
  private static final double JOULE_PER_COPPER_KG_K = 385;

  /**
   * A chip under a block.
   *
   * @param watts 0 to 3,000 W
   * @param resistance block and contact, 0 to 5 K/W
   * @param limitC where it slows down, 30 to 150 °C
   */
  public record Chip(String name, double watts, double resistance, double limitC) {
    public Chip {
      Require.between("watts", watts, 0, 3_000, "W");
      Require.between("resistance", resistance, 0, 5, "K/W");
      Require.between("limitC", limitC, 30, 150, "°C");
    }
  }

  /**
   * A chip as warm as it gets.
   *
   * @param marginK to its limit, negative beyond
   */
  public record ChipHeat(String name, double temperatureC, double limitC, double marginK) {}

  /**
   * Rise = Q/G, chip = room + rise + R × W; time constant (4180 J/K per litre + 385 J/K per kg of
   * copper)/G, 95 % after three of them. Source: lumped heat balance.
   *
   * <p>Example: 420 W on 3 × 120, 45 mm, 1200 rpm: 24.3 W/K, rise 17.3 K; with 0.9 l and 2.2 kg
   * time constant 3.2 min, settled after 9.5 min.
   *
   * @throws emberyard.core.units.InvalidValue where heat meets no moving air at all
   */
  public static LoopHeat of(
      double heatW,
      List<Radiator> radiators,
      double coolantL,
      double copperKg,
      double roomC,
      List<Chip> chips) {
    return of(heatW, radiators, coolantL, copperKg, roomC, 0, chips);
  }

  /**
   * The same in air that is warmer than the room.
   *
   * @param airK by how much, 0 or more
   */
  public static LoopHeat of(
      double heatW,
      List<Radiator> radiators,
      double coolantL,
      double copperKg,
      double roomC,
      double airK,
      List<Chip> chips) {
    double conductance = radiators.stream().mapToDouble(Radiator::conductance).sum();
    Require.that(
        conductance > 0 || heatW == 0,
        "radiators",
        "Heat can't leave: give a radiator with fans that turn.");
    double rise = heatW == 0 ? 0 : heatW / conductance;
    double tau =
        conductance == 0
            ? 0
            : (JOULE_PER_LITRE_K * coolantL + JOULE_PER_COPPER_KG_K * copperKg) / conductance / 60;
    List<ChipHeat> heats = chips.stream().map(chip -> heat(chip, roomC + airK + rise)).toList();
    return new LoopHeat(
        heatW,
        conductance,
        roomC,
        airK,
        rise,
        heats,
        tau,
        3 * tau,
        settling(rise, tau),
        conductance == 0 ? "" : remark(roomC + airK + rise),
        Why.of(
            "rise = heat ÷ conductance; chip = room + case air + rise + R × W",
            "heat %s W".formatted(Figures.plain(heatW)),
            "conductance %.1f W/K of %d radiators".formatted(conductance, radiators.size()),
            "room %s °C, the air it breathes %.1f K warmer".formatted(Figures.plain(roomC), airK),
            "%s l coolant, %s kg copper"
                .formatted(Figures.plain(coolantL), Figures.plain(copperKg))));
  }

  private static String remark(double coolantC) {
    if (coolantC > BOILS_C) {
      return "The coolant would boil long before it settles: take more radiator, or fans that turn faster.";
    }
    return coolantC > WARM_C
        ? "The coolant gets %.0f °C warm: above %.0f °C tube softens and pumps wear out."
            .formatted(coolantC, WARM_C)
        : "";
  }

  private static ChipHeat heat(Chip chip, double coolantC) {
    double at = coolantC + chip.resistance() * chip.watts();
    return new ChipHeat(chip.name(), at, chip.limitC(), chip.limitC() - at);
  }

  /** Coolant above the room after so many minutes. */
  public record Settling(double minutes, double riseK) {}

  private static List<Settling> settling(double riseK, double tauMinutes) {
    if (tauMinutes == 0) {
      return List.of();
    }
    List<Settling> points = new ArrayList<>();
    for (int i = 0; i <= CURVE_POINTS; i++) {
      double minutes = 5 * tauMinutes * i / CURVE_POINTS;
      points.add(new Settling(minutes, riseAfterK(riseK, tauMinutes, minutes)));
    }
    return List.copyOf(points);
  }

  /** From cold: rise × (1 − e^(−t/τ)). */
  public static double riseAfterK(double riseK, double tauMinutes, double minutes) {
    return riseK * (1 - Math.exp(-minutes / tauMinutes));
  }
}
