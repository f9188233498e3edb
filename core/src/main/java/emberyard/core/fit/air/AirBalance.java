package emberyard.core.fit.air;

import emberyard.core.build.Fitted.Air;
import emberyard.core.work.Why;
import java.util.List;

/**
 * Air in against air out.
 *
 * @param surplus (in − out) ÷ in; 0 where nothing goes in
 */
public record AirBalance(
    double intakeM3PerHour, double exhaustM3PerHour, double surplus, Verdict verdict, Why why) {
  private static final double MOST_SURPLUS = 0.25;

  /** What the balance does. */
  public enum Verdict {
    KEEPS_DUST_OUT,
    MORE_IN_THAN_NEEDED,
    DRAWS_THROUGH_GAPS,
    NO_AIR
  }

  /** Sums what goes through; positive by 0 to 25 % keeps dust out. */
  public static AirBalance of(List<FanAir> fans) {
    double in = sum(fans, Air.INTAKE);
    double out = sum(fans, Air.EXHAUST);
    double surplus = in == 0 ? (out == 0 ? 0 : -1) : (in - out) / in;
    Verdict verdict =
        in == 0 && out == 0
            ? Verdict.NO_AIR
            : surplus < 0
                ? Verdict.DRAWS_THROUGH_GAPS
                : surplus > MOST_SURPLUS ? Verdict.MORE_IN_THAN_NEEDED : Verdict.KEEPS_DUST_OUT;
    return new AirBalance(
        in,
        out,
        surplus,
        verdict,
        Why.of(
            "Σ intake − Σ exhaust, each fan's flow × its opening's factor",
            fans.stream()
                .map(
                    fan ->
                        "%s %s %.0f m³/h × %.2f"
                            .formatted(
                                fan.name(),
                                fan.air() == Air.INTAKE ? "in" : "out",
                                fan.factor() == 0 ? 0 : fan.flowM3PerHour() / fan.factor(),
                                fan.factor()))
                .toArray(String[]::new)));
  }

  private static double sum(List<FanAir> fans, Air way) {
    return fans.stream().filter(fan -> fan.air() == way).mapToDouble(FanAir::flowM3PerHour).sum();
  }
}
