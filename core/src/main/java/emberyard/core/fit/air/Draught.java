package emberyard.core.fit.air;

import java.util.List;

/**
 * Air that moves because it is warm: it comes in below the level at which the pressure inside is
 * that of the room, and leaves above it (the neutral level; Emswiler 1926, and any text on natural
 * ventilation).
 */
final class Draught {
  /** Share of an opening's area that a jet through it fills. */
  private static final double DISCHARGE = 0.6;

  private static final double GRAVITY = 9.81;
  static final double ZERO_C_IN_K = 273.15;
  private static final int HALVINGS = 60;

  /** Where the pressure inside is that of the room. */
  private final double levelMm;

  /** m²√m that air is drawn in by. */
  private final double drawing;

  /** Whatever vents there are, in any number, at any heights. */
  Draught(List<Vent> vents) {
    double low = vents.stream().mapToDouble(Vent::lowMm).min().orElse(0);
    double high = vents.stream().mapToDouble(Vent::highMm).max().orElse(0);
    for (int i = 0; i < HALVINGS; i++) {
      double level = (low + high) / 2;
      if (in(vents, level) < out(vents, level)) {
        low = level;
      } else {
        high = level;
      }
    }
    levelMm = low;
    drawing = in(vents, low);
  }

  /** A vent's part of what comes in. */
  double drawnIn(Vent vent) {
    return vent.belowLevel(levelMm);
  }

  /** A vent's part of what leaves. */
  double drawnOut(Vent vent) {
    return vent.aboveLevel(levelMm);
  }

  private static double in(List<Vent> vents, double levelMm) {
    return vents.stream().mapToDouble(vent -> vent.belowLevel(levelMm)).sum();
  }

  private static double out(List<Vent> vents, double levelMm) {
    return vents.stream().mapToDouble(vent -> vent.aboveLevel(levelMm)).sum();
  }

  /**
   * V̇ = 0.6 · Σ a √h below the level · √(2 g ΔT / T), which for two openings of area a at a
   * difference in height h is 0.6 (a/√2) √(2 g h ΔT/T).
   *
   * @param riseK of the air inside over the room, 0 or more
   * @return m³/s
   */
  double m3PerSecond(double riseK, double roomC) {
    return DISCHARGE * drawing * Math.sqrt(2 * GRAVITY * riseK / (roomC + ZERO_C_IN_K));
  }
}
