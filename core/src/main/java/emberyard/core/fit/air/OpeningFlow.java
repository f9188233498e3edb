package emberyard.core.fit.air;

import emberyard.core.build.Enclosure;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.Opening;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * What goes through one opening while the case is as warm as it gets; all that comes in leaves.
 *
 * @param at where it lies in space, as deep as nothing
 * @param inM3PerHour through it; out the same
 */
public record OpeningFlow(
    String openingId, String name, Box at, double inM3PerHour, double outM3PerHour) {

  /** Of all openings of an enclosure that let something through, in their order. */
  public static List<OpeningFlow> of(Enclosure enclosure, Airflow airflow, CaseAir air) {
    Ventilation ventilation = airflow.ventilation();
    boolean rising = air.moved() == CaseAir.Mover.WARMTH;
    double flow = air.flowM3PerHour();
    double fansIn = rising ? 0 : Math.min(flow, Ventilation.IN_A_CASE * ventilation.inM3PerHour());
    double fansOut =
        rising ? 0 : Math.min(flow, Ventilation.IN_A_CASE * ventilation.outM3PerHour());
    Draught draught = new Draught(ventilation.vents());
    ToDoubleFunction<Vent> in = rising ? draught::drawnIn : Vent::openMm2;
    ToDoubleFunction<Vent> out = rising ? draught::drawnOut : Vent::openMm2;
    List<OpeningFlow> flows = new ArrayList<>();
    for (int i = 0; i < enclosure.openings().size(); i++) {
      Opening opening = enclosure.openings().get(i);
      Vent vent = ventilation.vents().get(i);
      double comes =
          share(fansIn, blown(airflow, opening, Air.INTAKE), ventilation.inM3PerHour())
              + share(flow - fansIn, in.applyAsDouble(vent), sum(ventilation, in));
      double leaves =
          share(fansOut, blown(airflow, opening, Air.EXHAUST), ventilation.outM3PerHour())
              + share(flow - fansOut, out.applyAsDouble(vent), sum(ventilation, out));
      if (comes > 0 || leaves > 0) {
        Box at = opening.face().box(enclosure.size(), opening.at(), 0, false);
        flows.add(new OpeningFlow(opening.id(), opening.name(), at, comes, leaves));
      }
    }
    return List.copyOf(flows);
  }

  private static double blown(Airflow airflow, Opening opening, Air way) {
    return airflow.fans().stream()
        .filter(flow -> flow.openingId().equals(opening.id()) && flow.air().air() == way)
        .mapToDouble(flow -> flow.air().flowM3PerHour())
        .sum();
  }

  private static double sum(Ventilation ventilation, ToDoubleFunction<Vent> of) {
    return ventilation.vents().stream().mapToDouble(of).sum();
  }

  private static double share(double flow, double part, double whole) {
    return whole == 0 ? 0 : flow * part / whole;
  }
}
