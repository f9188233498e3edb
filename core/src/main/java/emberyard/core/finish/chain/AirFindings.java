package emberyard.core.finish.chain;

import emberyard.core.finding.Caution;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.Drying;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.units.Figures;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.RoomClimate;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** What the usual air of the spray corner means for the paints of a build. */
public final class AirFindings {
  private AirFindings() {}

  public static List<Finding> of(List<SchemePlan> plans, WorkshopBook book) {
    TreeSet<PaintBase> bases = new TreeSet<>();
    plans.forEach(
        plan ->
            plan.coats().stream()
                .filter(CoatStep::coat)
                .forEach(coat -> bases.add(coat.paint().base())));
    List<Finding> findings = new ArrayList<>();
    if (bases.isEmpty()) {
      return findings;
    }
    RoomClimate room = book.workshop().room();
    String air = words(room);
    Drying first = Drying.in(room, bases.first());
    if (!first.sprayable()) {
      findings.add(notSprayable(air, first));
    }
    if (bases.contains(PaintBase.TWO_PACK)) {
      findings.add(twoPack());
    }
    for (PaintBase base : bases) {
      Drying drying = Drying.in(room, base);
      findings.add(
          Finding.of(
              Severity.NOTE,
              "finish",
              "finish/drying/" + base,
              "Drying × %.2f in the spray corner".formatted(drying.factor()),
              "%s: %s, dew point %.1f °C.".formatted(base.words(), air, drying.dewPointC()),
              "Cold and damp air slow every wait; the plan already counts it."));
    }
    return findings;
  }

  static String words(RoomClimate air) {
    return "%s °C and %s %%"
        .formatted(Figures.plain(air.temperatureC()), Figures.plain(air.humidityPercent()));
  }

  private static Finding notSprayable(String air, Drying drying) {
    return Finding.of(
            Severity.STOP,
            "finish",
            "finish/dew-point",
            "Do not spray at " + air,
            String.join(" ", drying.reasons()),
            "Water settles in the wet film: it blushes, and later it lifts.")
        .with(
            Remedy.byHand("Warm the spray corner and the parts"),
            Remedy.byHand("Dry the air, or wait for better weather"));
  }

  private static Finding twoPack() {
    return Finding.of(
            Severity.RISK,
            "finish",
            "finish/two-pack",
            "Two-pack paint needs a booth and air-fed protection",
            Caution.TWO_PACK.says(),
            Caution.TWO_PACK.why())
        .with(Remedy.byHand("Send it out"), Remedy.byHand("Use a one-pack paint"));
  }
}
