package emberyard.core.finish.chain;

import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.units.Figures;
import emberyard.core.workshop.StepTimes;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Finishes that hang on one rack: one set-up a coat for all of them, as far as the rack holds them.
 * They have to take the same coats in the same order.
 */
public final class Batches {
  private Batches() {}

  /** The plans with those that hang on another's rack sharing its coats. */
  public static List<SchemePlan> of(List<SchemePlan> plans, StepTimes times) {
    Map<String, SchemePlan> byId =
        plans.stream()
            .collect(
                Collectors.toMap(p -> p.scheme().id(), Function.identity(), (one, other) -> one));
    List<SchemePlan> hung = new ArrayList<>();
    for (SchemePlan plan : plans) {
      hung.add(
          lead(plan, byId)
              .map(lead -> plan.hangingOn(shared(lead, plans, byId, times)))
              .orElse(plan));
    }
    return hung.stream()
        .map(plan -> plan.leader() == null ? shared(plan, plans, byId, times) : plan)
        .toList();
  }

  /** The finish whose rack this one uses: one step only, and only with the same coats. */
  static Optional<SchemePlan> lead(SchemePlan plan, Map<String, SchemePlan> byId) {
    String on = plan.scheme().hangsWith();
    SchemePlan lead = on == null || on.equals(plan.scheme().id()) ? null : byId.get(on);
    boolean fits = lead != null && lead.scheme().hangsWith() == null && same(plan, lead);
    return fits ? Optional.of(lead) : Optional.empty();
  }

  static boolean same(SchemePlan one, SchemePlan other) {
    return !one.coats().isEmpty() && signature(one).equals(signature(other));
  }

  private static List<String> signature(SchemePlan plan) {
    return plan.coats().stream()
        .map(
            c -> c.op() + c.side() + c.number() + (c.paint() == null ? c.stepId() : c.paint().id()))
        .toList();
  }

  private static SchemePlan shared(
      SchemePlan lead, List<SchemePlan> plans, Map<String, SchemePlan> byId, StepTimes times) {
    double area = lead.areaM2();
    for (SchemePlan plan : plans) {
      if (lead(plan, byId).filter(of -> of.scheme().id().equals(lead.scheme().id())).isPresent()) {
        area += plan.areaM2();
      }
    }
    if (area == lead.areaM2()) {
      return lead;
    }
    int minutes = SchemePlan.handsOn(area, SchemePlan.loads(area, times), times);
    List<CoatStep> coats = new ArrayList<>();
    for (CoatStep coat : lead.coats()) {
      coats.add(coat.coat() ? coat.taking(minutes) : coat);
    }
    return lead.with(coats, null);
  }

  /** Finishes that could hang together and do not. */
  public static List<Finding> findings(List<SchemePlan> plans, StepTimes times) {
    List<Finding> findings = new ArrayList<>();
    for (int i = 0; i < plans.size(); i++) {
      for (int j = 0; j < i; j++) {
        SchemePlan late = plans.get(i);
        SchemePlan early = plans.get(j);
        if (late.scheme().hangsWith() == null
            && early.scheme().hangsWith() == null
            && same(late, early)
            && late.areaM2() + early.areaM2() <= times.rackM2()) {
          findings.add(together(late, early, times));
          break;
        }
      }
    }
    return findings;
  }

  private static Finding together(SchemePlan late, SchemePlan early, StepTimes times) {
    long coats = late.coats().stream().filter(CoatStep::coat).count();
    return Finding.of(
            Severity.NOTE,
            "finish",
            "scheme:" + late.scheme().id() + "/rack",
            "%s can hang beside %s".formatted(late.painted().name(), early.painted().name()),
            "Same coats, %s m² together on a rack of %s m²: %d set-ups of %d min less."
                .formatted(
                    Figures.plain(late.areaM2() + early.areaM2()),
                    Figures.plain(times.rackM2()),
                    coats,
                    times.coatSetUpMinutes()),
            "One fault in the air then falls on both.")
        .about(late.scheme().id())
        .with(
            new Remedy(
                "Hang them together",
                new Remedy.Change(
                    "schemes", late.scheme().id(), "hangsWith", 0, early.scheme().id())));
  }
}
