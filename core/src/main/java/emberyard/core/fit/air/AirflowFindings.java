package emberyard.core.fit.air;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.Opening;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import emberyard.core.fit.space.Space;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Judgements on air. */
public final class AirflowFindings {
  private AirflowFindings() {}

  public static List<Finding> of(Build build, Airflow airflow, @Nullable Space space) {
    List<Finding> findings = new ArrayList<>();
    Enclosure enclosure = Space.enclosure(build).orElse(null);
    if (enclosure == null) {
      return findings;
    }
    for (Airflow.Flow flow : airflow.fans()) {
      Opening opening = enclosure.opening(flow.openingId()).orElseThrow();
      if (!flow.past().isEmpty()) {
        findings.add(past(build, enclosure, opening, flow, space));
      } else if (flow.ratedM3PerHour() > 0 && flow.air().share() < FanAir.WANTED_SHARE) {
        findings.add(new NarrowOpening(build, enclosure, opening, flow, space).finding(airflow));
      }
    }
    findings.addAll(CoverFindings.of(build));
    Space.enclosure(build).ifPresent(each -> findings.addAll(DoubledFindings.of(each)));
    balance(airflow, findings);
    for (Airflow.Facing facing : airflow.facings()) {
      build.component(facing.componentId()).ifPresent(c -> findings.add(facing(c, facing)));
    }
    return findings;
  }

  private static Finding past(
      Build build, Enclosure enclosure, Opening opening, Airflow.Flow flow, @Nullable Space space) {
    Component component = build.component(flow.componentId()).orElseThrow();
    List<Remedy> ways = new ArrayList<>();
    for (Opening other : enclosure.openings()) {
      if (!other.sealed() && Blowing.through(component, other, enclosure, space)) {
        ways.add(
            new Remedy(
                "Say that it breathes through “%s”, which it lies over".formatted(other.name()),
                new Change("components", component.id(), "fitted.openingId", 0, other.id())));
      }
    }
    ways.add(
        Remedy.byHand(
            "Put it over “%s”, or draw the opening where it is".formatted(opening.name())));
    return Finding.of(
            Severity.RISK,
            "fit",
            "opening:" + opening.id() + "/past-" + component.id(),
            "%s blows past “%s”".formatted(component.name(), opening.name()),
            "As it is placed, %s: %.0f %% of its air is counted."
                .formatted(flow.past(), flow.air().factor() * 100),
            "What it doesn’t draw from the room it draws from the case, which it warms.")
        .about(component.id())
        .with(ways.toArray(Remedy[]::new));
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
