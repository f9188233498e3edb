package emberyard.core.fit.air;

import emberyard.core.build.Fitted.Air;
import emberyard.core.units.Require;
import java.util.List;

/**
 * One fan behind an opening.
 *
 * @param openMm2 what the opening lets through
 * @param sweptMm2 what the blades sweep
 * @param share open ÷ swept
 * @param factor of the free flow that is left, 0 to 1
 * @param flowM3PerHour what goes through
 */
public record FanAir(
    String name,
    Air air,
    double openMm2,
    double sweptMm2,
    double share,
    double factor,
    double flowM3PerHour) {
  /** An opening should have this share of the swept area. */
  public static final double WANTED_SHARE = 0.8;

  /** Hub radius ÷ frame and blade tip radius ÷ frame: 22 and 56 mm of a 120 mm fan. */
  private static final double HUB = 22.0 / 120;

  private static final double TIP = 56.0 / 120;

  /**
   * Area the blades of a fan sweep: π(R² − r²), R = 0.467 and r = 0.183 of the frame.
   *
   * <p>Example: 120 mm: R 56, r 22: 83.3 cm².
   */
  public static double sweptMm2(double fanMm) {
    double tip = TIP * fanMm;
    double hub = HUB * fanMm;
    return Math.PI * (tip * tip - hub * hub);
  }

  /** The same, so many times. */
  FanAir times(int fans) {
    return new FanAir(
        name, air, openMm2 * fans, sweptMm2 * fans, share, factor, flowM3PerHour * fans);
  }

  /** Pieces of one kind that blow the same way, some over more of an opening than others. */
  static FanAir together(List<FanAir> pieces) {
    FanAir first = pieces.get(0);
    double open = pieces.stream().mapToDouble(FanAir::openMm2).sum();
    double swept = pieces.stream().mapToDouble(FanAir::sweptMm2).sum();
    double factor = pieces.stream().mapToDouble(each -> each.factor * each.sweptMm2).sum() / swept;
    double flow = pieces.stream().mapToDouble(FanAir::flowM3PerHour).sum();
    return new FanAir(first.name, first.air, open, swept, open / swept, factor, flow);
  }

  /**
   * Flow factor: 1 from 80 % of the swept area, below it open ÷ (0.8 × swept). Source: the
   * handbook's rule of thumb.
   */
  public static FanAir of(
      String name, double fanMm, double freeM3PerHour, Air air, double openMm2) {
    Require.between("fanMm", fanMm, 10, 400, "mm");
    Require.between("freeM3PerHour", freeM3PerHour, 0, 2_000, "m³/h");
    double swept = sweptMm2(fanMm);
    double share = openMm2 / swept;
    double factor = Math.min(1, share / WANTED_SHARE);
    return new FanAir(name, air, openMm2, swept, share, factor, freeM3PerHour * factor);
  }
}
