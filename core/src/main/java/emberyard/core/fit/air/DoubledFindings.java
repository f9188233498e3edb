package emberyard.core.fit.air;

import emberyard.core.build.Enclosure;
import emberyard.core.build.Opening;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.List;

/** Judgements on openings that were measured through each other, or past the edge of their face. */
final class DoubledFindings {
  private DoubledFindings() {}

  static List<Finding> of(Enclosure enclosure) {
    List<Finding> findings = new ArrayList<>();
    List<Opening> openings = enclosure.openings();
    for (Opening opening : openings) {
      Rect face = Breathing.face(opening, enclosure);
      if (!opening.sealed() && !face.contains(opening.at())) {
        findings.add(past(enclosure, opening, face));
      }
      Breathing.beside(opening, enclosure)
          .filter(other -> openings.indexOf(other) > openings.indexOf(opening))
          .filter(other -> !opening.sealed() || !other.sealed())
          .forEach(other -> findings.add(doubled(enclosure, opening, other)));
    }
    return findings;
  }

  private static Finding doubled(Enclosure enclosure, Opening one, Opening other) {
    boolean closed = one.sealed() || other.sealed();
    return Finding.of(
            Severity.NOTE,
            "fit",
            "opening:" + one.id() + "/doubled-" + other.id(),
            "“%s” and “%s” share %.1f cm² of the %s side"
                .formatted(
                    one.name(),
                    other.name(),
                    sharedMm2(one.at(), other.at()) / 100,
                    one.face().words()),
            closed
                ? "One of them is closed off: what they share counts as closed."
                : "What they share is one hole: it is counted once, for the smaller of them.",
            "Air that is reckoned with and isn’t there is missed on the first warm day.")
        .about(enclosure.id())
        .with(Remedy.byHand("Measure both again, or take away the one that is not there"));
  }

  private static Finding past(Enclosure enclosure, Opening opening, Rect face) {
    double there = sharedMm2(opening.at(), face) / opening.at().areaMm2();
    return Finding.of(
            Severity.RISK,
            "fit",
            "opening:" + opening.id() + "/past-its-face",
            "“%s” reaches past the edge of the %s side"
                .formatted(opening.name(), opening.face().words()),
            "It ends at %.0f × %.0f mm, the %s side at %.0f × %.0f mm: %.0f %% of it is counted."
                .formatted(
                    opening.at().right(),
                    opening.at().top(),
                    opening.face().words(),
                    face.widthMm(),
                    face.heightMm(),
                    there * 100),
            "Air doesn’t come through what is not there.")
        .about(enclosure.id())
        .with(Remedy.byHand("Measure the opening again"));
  }

  private static double sharedMm2(Rect one, Rect other) {
    double wide = Math.min(one.right(), other.right()) - Math.max(one.xMm(), other.xMm());
    double high = Math.min(one.top(), other.top()) - Math.max(one.yMm(), other.yMm());
    return Math.max(0, wide) * Math.max(0, high);
  }
}
