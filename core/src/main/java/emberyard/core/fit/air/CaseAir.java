package emberyard.core.fit.air;

import emberyard.core.units.Require;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.List;

/**
 * The air inside a case as one node: how much warmer than the room it is where it leaves.
 *
 * @param heatW that it takes up
 * @param roomC around the case
 * @param wallsWPerK through the free walls, for each kelvin
 * @param flowM3PerHour through the case
 * @param moved by what
 * @param riseK over the room
 * @param airC as warm as that is
 * @param airW of the heat, what the air carries out
 * @param throughWallsW the rest
 */
public record CaseAir(
    double heatW,
    double roomC,
    double wallsWPerK,
    double flowM3PerHour,
    Mover moved,
    double riseK,
    double airC,
    double airW,
    double throughWallsW,
    Why why) {
  /** Heat a cubic metre of air takes up for each kelvin, J/(m³ K). Source: the handbook. */
  private static final double AIR_J_PER_M3_K = 1206;

  private static final int HALVINGS = 60;

  /** What moves the air. */
  public enum Mover {
    FANS,
    WARMTH,
    NOTHING
  }

  /**
   * ΔT = Q/(1206 V̇ + U A), V̇ what fans move or what rises by itself, whichever is more. Found by
   * halving, since what rises grows with ΔT.
   *
   * <p>Example: 220 W at 50 m³/h and no walls: 13.1 K. 30 W, U A 1.5 W/K, a low and a high opening
   * of 40 cm² 0.3 m apart, room 22 °C: 12.0 K and 3.0 m³/h; closed 20 K.
   *
   * @param heatW 0 to 100,000
   * @param wallsWPerK U A of the free walls, 0 to 10,000; with neither walls nor air the heat can't
   *     leave, refused on {@code wallsWPerK}
   * @param roomC −30 to 60
   */
  public static CaseAir of(double heatW, Ventilation ventilation, double wallsWPerK, double roomC) {
    Require.between("heatW", heatW, 0, 100_000, "W");
    Require.between("wallsWPerK", wallsWPerK, 0, 10_000, "W/K");
    Require.between("roomC", roomC, -30, 60, "°C");
    double fans = ventilation.byFansM3PerHour() / 3_600;
    Draught draught = new Draught(ventilation.vents());
    double least = wallsWPerK + AIR_J_PER_M3_K * fans;
    Require.that(
        heatW == 0 || least > 0 || draught.m3PerSecond(1, roomC) > 0,
        "wallsWPerK",
        "Heat can't leave: give the case walls, an opening or a fan.");
    double rise = heatW == 0 ? 0 : riseK(heatW, fans, draught, wallsWPerK, roomC);
    double flow = flow(rise, fans, draught, roomC);
    Mover moved = flow > fans ? Mover.WARMTH : fans > 0 ? Mover.FANS : Mover.NOTHING;
    return new CaseAir(
        heatW,
        roomC,
        wallsWPerK,
        flow * 3_600,
        moved,
        rise,
        roomC + rise,
        AIR_J_PER_M3_K * flow * rise,
        wallsWPerK * rise,
        why(heatW, flow * 3_600, moved, wallsWPerK, roomC));
  }

  private static double riseK(
      double heatW, double fans, Draught draught, double wallsWPerK, double roomC) {
    double low = 0;
    double high = 1;
    while (carried(high, fans, draught, wallsWPerK, roomC) < heatW) {
      low = high;
      high *= 2;
    }
    for (int i = 0; i < HALVINGS; i++) {
      double tried = (low + high) / 2;
      if (carried(tried, fans, draught, wallsWPerK, roomC) < heatW) {
        low = tried;
      } else {
        high = tried;
      }
    }
    return high;
  }

  private static double flow(double riseK, double fans, Draught draught, double roomC) {
    return Math.max(fans, draught.m3PerSecond(riseK, roomC));
  }

  private static double carried(
      double riseK, double fans, Draught draught, double wallsWPerK, double roomC) {
    return riseK * (AIR_J_PER_M3_K * flow(riseK, fans, draught, roomC) + wallsWPerK);
  }

  private static Why why(
      double heatW, double flowM3PerHour, Mover moved, double wallsWPerK, double roomC) {
    List<String> inputs = new ArrayList<>();
    inputs.add("%.0f W into the air of the case".formatted(heatW));
    inputs.add(
        switch (moved) {
          case FANS -> "%.1f m³/h by fans, half of what they are rated".formatted(flowM3PerHour);
          case WARMTH -> "%.1f m³/h rise by themselves".formatted(flowM3PerHour);
          case NOTHING -> "no air moves through it";
        });
    inputs.add("%.2f W/K through its free walls".formatted(wallsWPerK));
    inputs.add("room %.0f °C".formatted(roomC));
    return Why.of(
        "rise = heat ÷ (1206 J/(m³ K) × air ÷ 3600 + walls)", inputs.toArray(String[]::new));
  }
}
