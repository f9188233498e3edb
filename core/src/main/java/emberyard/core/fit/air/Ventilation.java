package emberyard.core.fit.air;

import emberyard.core.build.Fitted.Air;
import emberyard.core.units.Require;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * What moves air through a case.
 *
 * @param inM3PerHour rated flow of all fans that blow in, less what their openings keep back, 0 to
 *     100,000; out the same of those that blow out
 * @param sweptInMm2 what the blades of those that blow in sweep; out the same
 * @param byInMm2 of openings, what fans that blow in are over; out the same
 * @param vents what is left of openings besides
 */
public record Ventilation(
    double inM3PerHour,
    double outM3PerHour,
    double sweptInMm2,
    double sweptOutMm2,
    double byInMm2,
    double byOutMm2,
    List<Vent> vents) {
  /** No opening and no fan. */
  public static final Ventilation NONE = new Ventilation(0, 0, 0, 0, 0, 0, List.of());

  /** Of a fan's rated flow, free air on both sides, what a case full of things lets through. */
  static final double IN_A_CASE = 0.5;

  public Ventilation {
    Require.between("inM3PerHour", inM3PerHour, 0, 100_000, "m³/h");
    Require.between("outM3PerHour", outM3PerHour, 0, 100_000, "m³/h");
    Require.between("sweptInMm2", sweptInMm2, 0, 1e9, "mm²");
    Require.between("sweptOutMm2", sweptOutMm2, 0, 1e9, "mm²");
    Require.between("byInMm2", byInMm2, 0, 1e9, "mm²");
    Require.between("byOutMm2", byOutMm2, 0, 1e9, "mm²");
    vents = Require.list(vents);
  }

  /** What these fans and vents do together. */
  public static Ventilation of(List<FanAir> fans, List<Vent> vents) {
    return new Ventilation(
        sum(fans, Air.INTAKE, FanAir::flowM3PerHour),
        sum(fans, Air.EXHAUST, FanAir::flowM3PerHour),
        sum(fans, Air.INTAKE, FanAir::sweptMm2),
        sum(fans, Air.EXHAUST, FanAir::sweptMm2),
        sum(fans, Air.INTAKE, FanAir::openMm2),
        sum(fans, Air.EXHAUST, FanAir::openMm2),
        vents);
  }

  private static double sum(List<FanAir> fans, Air way, ToDoubleFunction<FanAir> of) {
    return fans.stream().filter(fan -> fan.air() == way).mapToDouble(of).sum();
  }

  /**
   * What fans move through the case: half their rated flow; the stronger side as far as what the
   * air comes or leaves by on the other side is 0.8 of what its blades sweep, at least the weaker
   * side. Source: the handbook, which lets the stronger side count wholly or not at all.
   *
   * <p>Example: 100 m³/h out, none in, 83.3 cm² swept, 33.3 cm² of vents: 0.5 · 100 · 33.3/66.6 =
   * 25 m³/h.
   */
  public double byFansM3PerHour() {
    boolean inward = inM3PerHour >= outM3PerHour;
    double stronger = inward ? inM3PerHour : outM3PerHour;
    double weaker = inward ? outM3PerHour : inM3PerHour;
    double swept = inward ? sweptInMm2 : sweptOutMm2;
    double vented = vents.stream().mapToDouble(Vent::openMm2).sum();
    double across = vented + (inward ? byOutMm2 : byInMm2);
    double share = swept == 0 ? 0 : Math.min(1, across / (FanAir.WANTED_SHARE * swept));
    return IN_A_CASE * Math.max(weaker, stronger * share);
  }
}
