package emberyard.core.fit.heat;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Opening;
import emberyard.core.build.Walls;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.air.CaseAir;
import emberyard.core.fit.air.NarrowOpening;
import emberyard.core.fit.space.Space;
import java.util.ArrayList;
import java.util.List;

/** Judgements on the air inside. */
final class CaseAirFindings {
  /** Less than this nobody notices. */
  private static final double NOTICED_K = 5;

  /** Drives, supplies and screens are made for air of up to about so much; a usual figure. */
  static final double MOST_C = 50;

  private CaseAirFindings() {}

  static List<Finding> of(Build build, Cooling cooling) {
    Enclosure enclosure = Space.enclosure(build).orElse(null);
    CaseAir usual = cooling.caseAir();
    CaseAir hot = cooling.hotCaseAir();
    if (enclosure == null || usual == null || hot == null || usual.heatW() == 0) {
      return List.of();
    }
    if (usual.moved() == CaseAir.Mover.NOTHING) {
      return List.of(closed(enclosure, usual));
    }
    return hot.airC() > MOST_C ? List.of(warm(enclosure, hot)) : List.of();
  }

  private static Finding closed(Enclosure enclosure, CaseAir air) {
    boolean stop = air.riseK() >= NOTICED_K;
    return Finding.of(
            stop ? Severity.STOP : Severity.NOTE,
            "fit",
            "fit/closed-case",
            "%.0f W stay in %s: no air moves through it".formatted(air.heatW(), enclosure.name()),
            "Through its free walls alone, %.2f W/K %s, it gets %.0f K warmer than the room (estimate; the one it stands or hangs on left out)."
                .formatted(air.wallsWPerK(), wallWords(enclosure), air.riseK()),
            "Everything in it slows down, switches off, or is damaged.")
        .about(enclosure.id())
        .with(ways(enclosure).toArray(Remedy[]::new));
  }

  private static Finding warm(Enclosure enclosure, CaseAir hot) {
    return Finding.of(
            Severity.RISK,
            "fit",
            "fit/case-air",
            "The air in %s gets %.0f °C in a hot room".formatted(enclosure.name(), hot.airC()),
            "%.0f W; %s and %.2f W/K through walls %s carry them off at %.0f K over the room."
                .formatted(
                    hot.heatW(), moved(hot), hot.wallsWPerK(), wallWords(enclosure), hot.riseK()),
            "Drives, supplies and screens are made for air of %.0f °C at most (a usual figure)."
                .formatted(MOST_C))
        .about(enclosure.id())
        .with(ways(enclosure).toArray(Remedy[]::new));
  }

  private static String moved(CaseAir air) {
    return "%.0f m³/h %s"
        .formatted(
            air.flowM3PerHour(),
            air.moved() == CaseAir.Mover.FANS ? "that fans move" : "that rise by themselves");
  }

  private static String wallWords(Enclosure enclosure) {
    Walls walls = enclosure.walls();
    return walls == null
        ? "as %s, since nobody said what they are of".formatted(Walls.unsaid().words())
        : "of " + walls.words();
  }

  private static List<Remedy> ways(Enclosure enclosure) {
    List<Remedy> ways =
        new ArrayList<>(
            enclosure.openings().stream()
                .filter(Opening::sealed)
                .map(opening -> NarrowOpening.open(enclosure, opening))
                .toList());
    ways.add(Remedy.byHand("Draw where air comes in and where it leaves, under Air"));
    ways.add(Remedy.byHand("Let a fan or a radiator blow through an opening"));
    return ways;
  }
}
