package emberyard.core.fit.air;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Opening;
import emberyard.core.build.ScreenPlace;
import emberyard.core.build.Supports;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.space.Space;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Judgements on openings that screens lie over. */
final class CoverFindings {
  /** Less than this nobody notices. */
  private static final double NOTICED = 0.02;

  private CoverFindings() {}

  static List<Finding> of(Build build) {
    List<Finding> findings = new ArrayList<>();
    List<ScreenPlace> screens = ScreenPlace.of(build);
    Enclosure enclosure = Space.enclosure(build).orElse(null);
    if (enclosure == null) {
      return findings;
    }
    for (Opening opening : enclosure.openings()) {
      if (!opening.sealed() && Breathing.shut(opening, enclosure)) {
        findings.add(shut(enclosure, opening));
        continue;
      }
      double share = opening.sealed() ? 0 : Breathing.covered(opening, screens);
      if (share > NOTICED) {
        findings.add(covered(build, opening, share, over(opening, screens)));
      }
    }
    return findings;
  }

  private static Finding shut(Enclosure enclosure, Opening opening) {
    boolean wall = enclosure.supports().kind() == Supports.Kind.WALL;
    Finding found =
        Finding.of(
                Severity.RISK,
                "fit",
                "opening:" + opening.id() + (wall ? "/covered-behind" : "/covered-below"),
                "“%s” lies on the %s: no air goes through it"
                    .formatted(opening.name(), wall ? "wall" : "shelf"),
                "%.1f cm² in the %s of %s, which %s."
                    .formatted(
                        opening.openMm2() / 100,
                        wall ? "back" : "floor",
                        enclosure.name(),
                        wall ? "hangs against a wall" : "stands on a shelf without feet"),
                "What should come in or leave there doesn’t; under Cooled it counts as closed.")
            .about(enclosure.id());
    return wall
        ? found.with(Remedy.byHand("Cut it into a side, the floor or the top"))
        : found.with(
            new Remedy(
                "Give it feet",
                new Remedy.Change("enclosures", enclosure.id(), "supports.kind", 0, "FEET")));
  }

  private static List<ScreenPlace> over(Opening opening, List<ScreenPlace> screens) {
    return screens.stream().filter(each -> Breathing.covered(opening, List.of(each)) > 0).toList();
  }

  private static Finding covered(
      Build build, Opening opening, double share, List<ScreenPlace> over) {
    String names =
        over.stream().map(each -> each.screen().name()).collect(Collectors.joining(" and "));
    String breathing =
        build.components().stream()
            .filter(each -> each.fitted().openingId().equals(opening.id()))
            .map(Component::name)
            .collect(Collectors.joining(", "));
    return Finding.of(
            breathing.isEmpty() ? Severity.NOTE : Severity.RISK,
            "fit",
            "opening:" + opening.id() + "/covered",
            "%s cover%s %.0f %% of “%s”"
                .formatted(names, over.size() == 1 ? "s" : "", share * 100, opening.name()),
            "%.1f cm² of %.1f cm² are left for air%s."
                .formatted(
                    opening.openMm2() * (1 - share) / 100,
                    opening.openMm2() / 100,
                    breathing.isEmpty() ? "" : "; %s breathes through it".formatted(breathing)),
            "What is left of the air is reckoned with under Cooled; screws beside it may be out of reach.")
        .about(over.get(0).screen().id())
        .with(
            Remedy.byHand(
                "Move %s on its face, by %s or more"
                    .formatted(over.get(0).screen().name(), away(opening, over.get(0)))));
  }

  /** The shortest way off the opening, sideways or upwards. */
  private static String away(Opening opening, ScreenPlace place) {
    double right = opening.xMm() + opening.widthMm() - place.at().xMm();
    double left = place.at().right() - opening.xMm();
    double up = opening.yMm() + opening.heightMm() - place.at().yMm();
    double down = place.at().top() - opening.yMm();
    return Figures.mm(Math.min(Math.min(left, right), Math.min(up, down)));
  }
}
