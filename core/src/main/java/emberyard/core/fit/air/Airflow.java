package emberyard.core.fit.air;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.Opening;
import emberyard.core.build.Thermal;
import emberyard.core.fit.space.OverOpening;
import emberyard.core.fit.space.Space;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Air through the enclosure.
 *
 * @param fans each fan or radiator with its opening
 * @param ventilation what moves air through the case
 * @param sealing what closing off each face would do
 * @param facings parts with a light or display that looks the wrong way
 */
public record Airflow(
    List<Flow> fans,
    AirBalance balance,
    Ventilation ventilation,
    List<Sealing> sealing,
    List<Facing> facings) {

  /**
   * A component behind an opening.
   *
   * @param ratedM3PerHour of all its fans, 0 where nobody has said
   * @param past why it, or one of its pieces, blows past the opening; empty where none does
   * @param aside share of its blades that blow past it, in the case: 0 to 1
   */
  public record Flow(
      String componentId,
      String openingId,
      FanAir air,
      double ratedM3PerHour,
      String past,
      double aside) {}

  /** The balance with one more face closed off. */
  public record Sealing(Face face, AirBalance balance) {}

  /**
   * A light or display that should be seen from one side and looks to another.
   *
   * @param looks where it looks as the air goes
   */
  public record Facing(String componentId, Face wanted, Face looks) {}

  /**
   * @param space null while nothing is placed
   */
  public static Airflow of(Build build, @Nullable Space space) {
    Enclosure enclosure = Breathing.enclosure(build).orElse(null);
    if (enclosure == null) {
      return new Airflow(List.of(), balance(List.of()), Ventilation.NONE, List.of(), List.of());
    }
    List<Blowing> pieces = Blowing.of(build.components(), enclosure, space);
    Through through = Through.of(enclosure, pieces);
    List<Sealing> sealing = new ArrayList<>();
    if (!pieces.isEmpty()) {
      for (Face face : breathing(enclosure)) {
        sealing.add(new Sealing(face, balance(Through.of(sealed(enclosure, face), pieces).fans)));
      }
    }
    return new Airflow(
        through.fans,
        balance(through.fans),
        through.ventilation(),
        List.copyOf(sealing),
        facings(build, enclosure));
  }

  private static Enclosure sealed(Enclosure enclosure, Face face) {
    return enclosure.with(
        enclosure.openings().stream()
            .map(opening -> opening.face() == face ? opening.closed() : opening)
            .toList());
  }

  private static Set<Face> breathing(Enclosure enclosure) {
    Set<Face> faces = EnumSet.noneOf(Face.class);
    enclosure.openings().stream().filter(o -> !o.sealed()).forEach(o -> faces.add(o.face()));
    return faces;
  }

  private static AirBalance balance(List<Flow> flows) {
    return AirBalance.of(flows.stream().map(Flow::air).toList());
  }

  /** How a component blows through its opening, empty where it is not said to. */
  public Optional<Flow> of(String componentId) {
    return fans.stream().filter(flow -> flow.componentId().equals(componentId)).findFirst();
  }

  /** What goes through the openings of an enclosure. */
  private record Through(List<Flow> fans, List<Vent> vents) {
    static Through of(Enclosure enclosure, List<Blowing> pieces) {
      Map<String, List<Piece>> byComponent = new LinkedHashMap<>();
      List<Vent> vents = new ArrayList<>();
      for (Opening opening : enclosure.openings()) {
        List<Blowing> its =
            pieces.stream().filter(piece -> piece.openingId().equals(opening.id())).toList();
        SharedOpening shared = SharedOpening.of(opening, its);
        vents.add(Vent.of(enclosure, opening, shared.leftMm2()));
        for (int i = 0; i < its.size(); i++) {
          Piece piece = new Piece(its.get(i), shared.mm2()[i]);
          byComponent
              .computeIfAbsent(piece.of.component().id(), id -> new ArrayList<>())
              .add(piece);
        }
      }
      return new Through(
          byComponent.values().stream().map(Through::flow).toList(), List.copyOf(vents));
    }

    private static Flow flow(List<Piece> pieces) {
      Blowing first = pieces.get(0).of;
      List<FanAir> airs = pieces.stream().map(Piece::air).toList();
      List<String> past =
          pieces.stream().map(piece -> piece.of.why()).filter(why -> !why.isEmpty()).toList();
      return new Flow(
          first.component().id(),
          first.openingId(),
          FanAir.together(airs),
          pieces.size() * first.ratedM3PerHour(),
          past.isEmpty() ? "" : past.get(0),
          past.size() / (double) pieces.size());
    }

    Ventilation ventilation() {
      List<FanAir> rated =
          fans.stream().filter(flow -> flow.ratedM3PerHour > 0).map(Flow::air).toList();
      return Ventilation.of(rated, vents);
    }
  }

  private record Piece(Blowing of, double openMm2) {
    FanAir air() {
      double size = OverOpening.fanMm(of.component());
      int fans = of.fans();
      double flow = of.ratedM3PerHour() / fans;
      FanAir one = FanAir.of(of.component().name(), size, flow, of.air(), openMm2 / fans);
      return one.times(fans);
    }
  }

  /**
   * A light on the inlet side looks against the air, one on the outlet side with it. Air drawn in
   * through a face flows away from that face.
   */
  private static List<Facing> facings(Build build, Enclosure enclosure) {
    List<Facing> facings = new ArrayList<>();
    for (Component c : build.components()) {
      if (c.thermal() == null
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
