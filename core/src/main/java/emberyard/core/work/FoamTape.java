package emberyard.core.work;

import emberyard.core.units.Figures;
import emberyard.core.units.Require;

/**
 * Holding a part with acrylic foam tape.
 *
 * @param areaCm2 wanted
 * @param lengthMm of tape of the given width
 * @param stop why tape may not be the only hold, empty where it may
 */
public record FoamTape(double areaCm2, double lengthMm, String stop, Why why) {
  /** Static load indoors, a default of the handbook. */
  private static final double CM2_PER_KG = 57;

  private static final double HOT = 2;
  private static final double ROUGH = 1.5;
  private static final double MOST_KG = 1;

  /**
   * Area = 57 cm² a kg, × 2 above 45 °C, × 1.5 on rough or painted ground; never the only hold for
   * over 1 kg, glass, or anything overhead.
   *
   * <p>Example: 1.1 kg near 50 °C: 125.4 cm², 1,045 mm of 12 mm tape, and a stop for its mass.
   *
   * @param massKg 0 to 100 kg
   * @param tapeWidthMm 3 to 100 mm
   */
  public static FoamTape of(
      double massKg,
      double tapeWidthMm,
      boolean hot,
      boolean rough,
      boolean glass,
      boolean overhead) {
    Require.between("massKg", massKg, 0, 100, "kg");
    Require.between("tapeWidthMm", tapeWidthMm, 3, 100, "mm");
    double area = CM2_PER_KG * massKg * (hot ? HOT : 1) * (rough ? ROUGH : 1);
    String stop =
        overhead
            ? "It hangs overhead"
            : glass ? "It is glass" : massKg > MOST_KG ? "It weighs over 1 kg" : "";
    return new FoamTape(
        area,
        area * 100 / tapeWidthMm,
        stop,
        Why.of(
            "57 cm² × mass, × 2 above 45 °C, × 1.5 on rough or painted ground",
            "mass %s kg".formatted(Figures.plain(massKg)),
            hot ? "above 45 °C" : "45 °C at most",
            rough ? "rough or painted" : "smooth",
            "tape %s mm wide".formatted(Figures.plain(tapeWidthMm))));
  }
}
