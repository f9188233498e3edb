package emberyard.core.fit.air;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.Opening;
import emberyard.core.build.Thermal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Air through the enclosure.
 *
 * @param fans each fan or radiator with its opening
 * @param sealing what closing off each face would do
 * @param facings parts with a light or display that looks the wrong way
 */
public record Airflow(
    List<Flow> fans, AirBalance balance, List<Sealing> sealing, List<Facing> facings) {

  /** A component behind an opening. */
  public record Flow(String componentId, String openingId, FanAir air) {}

  /** The balance with one more face closed off. */
  public record Sealing(Face face, AirBalance balance) {}

  /**
   * A light or display that should be seen from one side and looks to another.
   *
   * @param looks where it looks as the air goes
   */
  public record Facing(String componentId, Face wanted, Face looks) {}

  public static Airflow of(Build build) {
    Enclosure enclosure = Breathing.enclosure(build).orElse(null);
    List<Flow> fans = enclosure == null ? List.of() : flows(build, enclosure, null);
    List<Sealing> sealing = new ArrayList<>();
    if (enclosure != null && !fans.isEmpty()) {
      for (Face face : breathing(enclosure)) {
        sealing.add(new Sealing(face, balance(flows(build, enclosure, face))));
      }
    }
    return new Airflow(fans, balance(fans), List.copyOf(sealing), facings(build, enclosure));
  }

  private static Set<Face> breathing(Enclosure enclosure) {
    Set<Face> faces = EnumSet.noneOf(Face.class);
    enclosure.openings().stream().filter(o -> !o.sealed()).forEach(o -> faces.add(o.face()));
    return faces;
  }

  private static AirBalance balance(List<Flow> flows) {
    return AirBalance.of(flows.stream().map(Flow::air).toList());
  }

  private static List<Flow> flows(Build build, Enclosure enclosure, Face sealed) {
    List<Flow> flows = new ArrayList<>();
    for (Component c : build.components()) {
      Thermal thermal = c.thermal();
      if (thermal == null || thermal.airM3PerHour() == 0 || c.fitted().air() == null) {
        continue;
      }
      Opening opening = enclosure.opening(c.fitted().openingId()).orElse(null);
      if (opening != null) {
        Opening as = opening.face() == sealed ? opening.closed() : opening;
        flows.add(new Flow(c.id(), opening.id(), behind(c, as)));
      }
    }
    return List.copyOf(flows);
  }

  /** All fans of a component behind an opening, which they share. */
  public static FanAir behind(Component component, Opening opening) {
    Thermal thermal = component.thermal();
    int fans = Math.max(1, thermal.sections()) * component.quantity();
    double size =
        thermal.fanMm() > 0 ? thermal.fanMm() : thermal.sectionMm() > 0 ? thermal.sectionMm() : 120;
    Air air = component.fitted().air() == null ? Air.INTAKE : component.fitted().air();
    FanAir one =
        FanAir.of(component.name(), size, thermal.airM3PerHour(), air, opening.openMm2() / fans);
    return new FanAir(
        one.name(),
        one.air(),
        opening.openMm2(),
        one.sweptMm2() * fans,
        one.share(),
        one.factor(),
        one.flowM3PerHour() * fans);
  }

  /**
   * A light on the inlet side looks against the air, one on the outlet side with it. Air drawn in
   * through a face flows away from that face.
   */
  private static List<Facing> facings(Build build, Enclosure enclosure) {
    List<Facing> facings = new ArrayList<>();
    for (Component c : build.components()) {
      if (enclosure == null
          || c.thermal() == null
          || c.thermal().shows() == null
          || c.fitted().wantedFacing() == null
          || c.fitted().air() == null) {
        continue;
      }
      Opening opening = enclosure.opening(c.fitted().openingId()).orElse(null);
      if (opening != null) {
        Face flowsTo = c.fitted().air() == Air.EXHAUST ? opening.face() : opening.face().mirror();
        Face looks = c.thermal().shows() == Thermal.Shows.OUTLET_SIDE ? flowsTo : flowsTo.mirror();
        if (looks != c.fitted().wantedFacing()) {
          facings.add(new Facing(c.id(), c.fitted().wantedFacing(), looks));
        }
      }
    }
    return List.copyOf(facings);
  }
}
