package emberyard.core.fit.heat;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;

/** Judgements on heat. */
public final class CoolingFindings {
  /** Less than this to its limit is a risk. */
  static final double LEAST_MARGIN_K = 5;

  private CoolingFindings() {}

  public static List<Finding> of(Build build, Cooling cooling) {
    List<Finding> findings = new ArrayList<>(CaseAirFindings.of(build, cooling));
    for (Circuit circuit : cooling.circuits()) {
      if (circuit.normal() == null) {
        findings.add(dead(circuit));
      } else {
        for (int i = 0; i < circuit.chips().size(); i++) {
          chip(circuit, i, findings);
        }
        if (!circuit.hot().remark().isEmpty()) {
          findings.add(warmCoolant(circuit));
        }
      }
    }
    for (String id : cooling.uncooled()) {
      build.component(id).ifPresent(chip -> findings.add(uncooled(chip)));
    }
    build.components().stream()
        .filter(CoolingFindings::mute)
        .map(CoolingFindings::unknown)
        .forEach(findings::add);
    for (String id : cooling.warmed()) {
      build.component(id).ifPresent(radiator -> findings.add(warmed(radiator)));
    }
    return findings;
  }

  private static Finding dead(Circuit circuit) {
    return Finding.of(
            Severity.STOP,
            "fit",
            "circuit:" + circuit.id() + "/dead",
            "%s: heat can’t leave".formatted(circuit.name()),
            "%.0f W go in; %s".formatted(circuit.heatW(), circuit.problem()),
            "The chip slows down within a minute and switches off.")
        .about(circuit.id())
        .with(Remedy.byHand("Give it a radiator with fans that turn"));
  }

  private static Finding warmCoolant(Circuit circuit) {
    return Finding.of(
            Severity.RISK,
            "fit",
            "circuit:" + circuit.id() + "/coolant",
            "%s: the coolant gets too warm in a hot room".formatted(circuit.name()),
            circuit.hot().remark(),
            "Soft tube slips off its fitting, and then it is wet.")
        .about(circuit.id())
        .with(Remedy.byHand("Another section of radiator, thicker, or faster fans"));
  }

  /** A chip that draws and says nothing of what it bears. */
  private static boolean mute(Component c) {
    boolean chip = c.kind() == ComponentKind.PROCESSOR || c.kind() == ComponentKind.GRAPHICS;
    boolean said = c.thermal() != null && c.thermal().limitC() != null;
    return chip && c.peakWatts() > 0 && !said;
  }

  private static Finding unknown(Component chip) {
    return Finding.of(
            Severity.NOTE,
            "fit",
            "component:" + chip.id() + "/heat-not-known",
            "How warm %s gets is not known".formatted(chip.name()),
            "%.0f W, and nobody said at how many °C it slows down.".formatted(chip.peakWatts()),
            "What is not reckoned is not proved: it may run too hot.")
        .about(chip.id())
        .with(Remedy.byHand("Type under Heat where it slows down, and what cools it"));
  }

  private static void chip(Circuit circuit, int index, List<Finding> findings) {
    LoopHeat.ChipHeat normal = circuit.normal().chips().get(index);
    LoopHeat.ChipHeat hot = circuit.hot().chips().get(index);
    if (hot.marginK() >= LEAST_MARGIN_K) {
      return;
    }
    boolean stop = hot.marginK() < 0;
    findings.add(
        Finding.of(
                stop ? Severity.STOP : Severity.RISK,
                "fit",
                "circuit:" + circuit.id() + "/chip-" + index,
                stop
                    ? "%s gets %.0f K too hot in a hot room".formatted(hot.name(), -hot.marginK())
                    : "%s has %.1f K left in a hot room".formatted(hot.name(), hot.marginK()),
                "%.0f °C at %s °C, %.0f °C at %s °C; it slows down at %s °C. Room%s + rise %.1f K + %s K/W × %.0f W."
                    .formatted(
                        normal.temperatureC(),
                        Figures.plain(circuit.normal().roomC()),
                        hot.temperatureC(),
                        Figures.plain(circuit.hot().roomC()),
                        Figures.plain(hot.limitC()),
                        circuit.hot().airK() < 0.05
                            ? ""
                            : " + case %.1f K".formatted(circuit.hot().airK()),
                        circuit.hot().riseK(),
                        Figures.plain(circuit.chips().get(index).resistance()),
                        circuit.chips().get(index).watts()),
                "It slows down or switches off on the first warm evening.")
            .about(circuit.id())
            .with(cooler(circuit).toArray(Remedy[]::new)));
  }

  private static List<Remedy> cooler(Circuit circuit) {
    List<Remedy> ways = new ArrayList<>();
    ways.add(
        Remedy.byHand(
            circuit.sort() == Circuit.Sort.AIR
                ? "Choose a larger cooler, or one with coolant"
                : "Another section of radiator, thicker, or faster fans"));
    if (circuit.hot().airK() >= 1) {
      ways.add(Remedy.byHand("Let it breathe the room’s air, or more air through the case"));
    }
    ways.add(Remedy.byHand("Limit the chip’s watts"));
    return ways;
  }

  private static Finding uncooled(Component chip) {
    return Finding.of(
            Severity.STOP,
            "fit",
            "component:" + chip.id() + "/uncooled",
            "Nothing cools %s".formatted(chip.name()),
            "%.0f W, no cooler or block sits on it.".formatted(chip.peakWatts()),
            "Without a cooler it switches off within seconds.")
        .about(chip.id())
        .with(Remedy.byHand("Add a cooler and say which chip it cools"));
  }

  private static Finding warmed(Component radiator) {
    return Finding.of(
            Severity.RISK,
            "fit",
            "component:" + radiator.id() + "/warmed",
            "%s breathes air that another radiator has warmed".formatted(radiator.name()),
            "It blows out while another blows in: it counts for half.",
            "Two radiators one behind the other cool little more than one.")
        .about(radiator.id())
        .with(
            new Remedy(
                "Let it draw in from outside, and exhaust elsewhere",
                new Remedy.Change("components", radiator.id(), "fitted.air", 0, "INTAKE")));
  }
}
