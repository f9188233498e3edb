package emberyard.core.fit.air;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.HoleField;
import emberyard.core.build.Opening;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import emberyard.core.fit.power.PowerBudget;
import emberyard.core.fit.space.Space;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;

/** Judgements on air. */
public final class AirflowFindings {
  private AirflowFindings() {}

  public static List<Finding> of(Build build, Airflow airflow, PowerBudget budget) {
    List<Finding> findings = new ArrayList<>();
    Enclosure enclosure = Space.enclosure(build).orElse(null);
    if (enclosure == null) {
      return findings;
    }
    ClosedCase.of(build, budget, airflow)
        .ifPresent(closed -> findings.add(closed(enclosure, closed)));
    for (Airflow.Flow flow : airflow.fans()) {
      if (flow.air().share() < FanAir.WANTED_SHARE) {
        Opening opening = enclosure.opening(flow.openingId()).orElseThrow();
        findings.add(narrow(enclosure, opening, flow));
      }
    }
    findings.addAll(CoverFindings.of(build));
    balance(airflow, findings);
    for (Airflow.Facing facing : airflow.facings()) {
      build.component(facing.componentId()).ifPresent(c -> findings.add(facing(c, facing)));
    }
    return findings;
  }

  private static Finding closed(Enclosure enclosure, ClosedCase closed) {
    List<Remedy> ways = new ArrayList<>();
    for (int i = 0; i < enclosure.openings().size(); i++) {
      Opening opening = enclosure.openings().get(i);
      if (opening.sealed()) {
        ways.add(
            new Remedy(
                "Open “%s” again".formatted(opening.name()),
                new Change("enclosures", enclosure.id(), "openings.%d.sealed".formatted(i), 0)));
      }
    }
    ways.add(Remedy.byHand("Draw where air comes in and where it leaves, under Air"));
    ways.add(Remedy.byHand("Let a fan or a radiator blow through an opening"));
    boolean stop = closed.woodK() >= ClosedCase.NOTICED_K;
    return Finding.of(
            stop ? Severity.STOP : Severity.NOTE,
            "fit",
            "fit/closed-case",
            "%.0f W stay in %s: no opening, and no fan through one"
                .formatted(closed.heatW(), enclosure.name()),
            "Through %.2f m² of free wall it gets %.0f K warmer than the room with thin metal, %.0f K with 15 mm of wood (estimate; the one it stands on left out)."
                .formatted(closed.wallM2(), closed.metalK(), closed.woodK()),
            "Everything in it slows down, switches off, or is damaged; temperatures under Cooled leave this out.")
        .about(enclosure.id())
        .with(ways.toArray(Remedy[]::new));
  }

  private static Finding narrow(Enclosure enclosure, Opening opening, Airflow.Flow flow) {
    FanAir air = flow.air();
    double wanted = FanAir.WANTED_SHARE * air.sweptMm2();
    List<Remedy> ways = new ArrayList<>();
    int index = enclosure.openings().indexOf(opening);
    if (opening.sealed()) {
      ways.add(
          new Remedy(
              "Open “%s” again".formatted(opening.name()),
              new Change("enclosures", enclosure.id(), "openings.%d.sealed".formatted(index), 0)));
    } else {
      if (opening.field() != null) {
        pitch(enclosure, opening, index, wanted).ifPresent(ways::add);
      }
      larger(enclosure, opening, index, wanted).ifPresent(ways::add);
    }
    return Finding.of(
            Severity.RISK,
            "fit",
            "opening:" + opening.id() + "/" + flow.componentId(),
            "“%s” is %.0f %% of what %s sweeps"
                .formatted(opening.name(), air.share() * 100, air.name()),
            "%.1f cm² open, %.1f wanted: 0.8 × %.1f cm²; %.0f %% of the air is left."
                .formatted(
                    air.openMm2() / 100, wanted / 100, air.sweptMm2() / 100, air.factor() * 100),
            "A fan behind too little opening is loud and moves little.")
        .about(flow.componentId())
        .with(ways.toArray(Remedy[]::new));
  }

  /** The pitch at which these holes in this field are enough; a tenth is left between holes. */
  static java.util.Optional<Remedy> pitch(
      Enclosure enclosure, Opening opening, int index, double wantedMm2) {
    HoleField field = opening.field();
    double area = opening.widthMm() * opening.heightMm();
    double low = field.holeMm() * 1.1;
    double pitch = Math.floor(pitchFor(field, area, wantedMm2) * 10) / 10;
    if (pitch < low) {
      return java.util.Optional.empty();
    }
    return java.util.Optional.of(
        new Remedy(
            "Set the holes at a pitch of " + Figures.mm(pitch),
            new Change(
                "enclosures",
                enclosure.id(),
                "openings.%d.field.pitchMm".formatted(index),
                pitch)));
  }

  /** Solved by halving: the open share falls as the pitch grows. */
  private static double pitchFor(HoleField field, double areaMm2, double wantedMm2) {
    double low = field.holeMm() * 1.0001;
    double high = field.pitchMm();
    for (int i = 0; i < 50; i++) {
      double middle = (low + high) / 2;
      HoleField tried = new HoleField(field.pattern(), field.holeMm(), middle, field.slotMm());
      if (tried.openShare() * areaMm2 >= wantedMm2) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return low;
  }

  private static java.util.Optional<Remedy> larger(
      Enclosure enclosure, Opening opening, int index, double wantedMm2) {
    double share = opening.field() == null ? 1 : opening.field().openShare();
    double width = Math.ceil(wantedMm2 / share / opening.heightMm());
    boolean sides =
        opening.face() == emberyard.core.build.Face.LEFT
            || opening.face() == emberyard.core.build.Face.RIGHT;
    double across = sides ? enclosure.depthMm() : enclosure.widthMm();
    if (opening.xMm() + width > across) {
      return java.util.Optional.empty();
    }
    return java.util.Optional.of(
        new Remedy(
            "Make it %s wide".formatted(Figures.mm(width)),
            new Change(
                "enclosures", enclosure.id(), "openings.%d.widthMm".formatted(index), width)));
  }

  private static void balance(Airflow airflow, List<Finding> findings) {
    AirBalance balance = airflow.balance();
    if (airflow.fans().isEmpty() || balance.verdict() == AirBalance.Verdict.KEEPS_DUST_OUT) {
      return;
    }
    boolean draws = balance.verdict() == AirBalance.Verdict.DRAWS_THROUGH_GAPS;
    findings.add(
        Finding.of(
                Severity.NOTE,
                "fit",
                "fit/air-balance",
                draws
                    ? "More air goes out than in: dust comes through every gap"
                    : "Much more air comes in than goes out",
                "%.0f m³/h in, %.0f m³/h out; 0 to 25 %% more in than out keeps dust out."
                    .formatted(balance.intakeM3PerHour(), balance.exhaustM3PerHour()),
                draws
                    ? "Dust settles where nobody can clean."
                    : "Warm air stays inside where nothing lets it out.")
            .with(
                Remedy.byHand(
                    draws ? "Turn a fan round, or slow the exhaust" : "Let more air out")));
  }

  private static Finding facing(Component component, Airflow.Facing facing) {
    boolean in = component.fitted().air() == Air.INTAKE;
    return Finding.of(
            Severity.RISK,
            "fit",
            "component:" + component.id() + "/facing",
            "%s looks to the %s, wanted to the %s"
                .formatted(component.name(), facing.looks().words(), facing.wanted().words()),
            "It blows %s, and its light is on the %s side."
                .formatted(
                    in ? "in" : "out",
                    component.thermal().shows().name().startsWith("INLET") ? "inlet" : "outlet"),
            "Turned so that it is seen, it blows the wrong way; turned so that it blows right, nobody sees it.")
        .about(component.id())
        .with(
            new Remedy(
                "Turn it round: it then blows %s".formatted(in ? "out" : "in"),
                new Change(
                    "components", component.id(), "fitted.air", 0, in ? "EXHAUST" : "INTAKE")),
            Remedy.byHand("Take the kind with reversed blades"),
            new Remedy(
                "Hide it: it need not be seen",
                new Change("components", component.id(), "fitted.wantedFacing", 0, null)));
  }
}
