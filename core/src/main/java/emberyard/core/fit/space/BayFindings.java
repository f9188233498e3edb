package emberyard.core.fit.space;

import emberyard.core.build.Bay;
import emberyard.core.build.Enclosure;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Box;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;

/** Judgements on the bays themselves: inside the enclosure, and not through one another. */
final class BayFindings {
  private BayFindings() {}

  static List<Finding> of(Enclosure enclosure) {
    List<Finding> findings = new ArrayList<>();
    for (Bay bay : enclosure.bays()) {
      if (!enclosure.outer().contains(bay.changedBox())) {
        findings.add(outside(enclosure, bay));
      }
    }
    for (int one = 0; one < enclosure.bays().size(); one++) {
      for (int other = one + 1; other < enclosure.bays().size(); other++) {
        through(enclosure, enclosure.bays().get(one), enclosure.bays().get(other), findings);
      }
    }
    return findings;
  }

  private static Finding outside(Enclosure enclosure, Bay bay) {
    return Finding.of(
            Severity.STOP,
            "fit",
            "enclosure:" + enclosure.id() + "/bay-" + bay.id() + "/outside",
            "“%s” sticks out of %s".formatted(bay.name(), enclosure.name()),
            "It ends at %.0f × %.0f × %.0f mm, the enclosure at %.0f × %.0f × %.0f mm."
                .formatted(
                    bay.changedBox().to(0),
                    bay.changedBox().to(1),
                    bay.changedBox().to(2),
                    enclosure.widthMm(),
                    enclosure.depthMm(),
                    enclosure.heightMm()),
            "Nothing can be proved in a space that is not there.")
        .about(enclosure.id())
        .with(Remedy.byHand("Measure the bay again"));
  }

  /**
   * A cut that runs into the bay beside it, or two bays of one's own that were measured through
   * each other. What a library lists may share room on purpose: a fan's place in a tray.
   */
  private static void through(Enclosure enclosure, Bay one, Bay other, List<Finding> findings) {
    double now = sharedMm(one.changedBox(), other.changedBox());
    double before = sharedMm(one.box(), other.box());
    boolean cut = now > Math.max(0, before) + Box.TOUCH_MM;
    boolean typed = enclosure.productId().isEmpty();
    if (one.change().cutAway() || other.change().cutAway() || now <= Box.TOUCH_MM) {
      return;
    }
    if (cut || typed) {
      findings.add(
          Finding.of(
                  cut ? Severity.RISK : Severity.NOTE,
                  "fit",
                  "enclosure:%s/bay-%s/through-%s".formatted(enclosure.id(), one.id(), other.id()),
                  "“%s” and “%s” share %s".formatted(one.name(), other.name(), Figures.mm(now)),
                  cut
                      ? "What is cut at the bench takes the wall between them."
                      : "Both were measured over the same place.",
                  cut
                      ? "What the wall held, a shelf, a tray, the stiffness, goes with it."
                      : "Where one is filled, the other has less than its size says.")
              .about(enclosure.id())
              .with(Remedy.byHand("Measure both again, or move one of them")));
    }
  }

  /**
   * How far two boxes lie in each other, the least of the three ways; 0 or less where they don't.
   */
  private static double sharedMm(Box one, Box other) {
    double least = Double.MAX_VALUE;
    for (int axis = 0; axis < 3; axis++) {
      least =
          Math.min(
              least,
              Math.min(one.to(axis), other.to(axis)) - Math.max(one.from(axis), other.from(axis)));
    }
    return least;
  }

  /** "; into “Rear tray”" where a bay, as changed, lies in others that it did not lie in before. */
  static String into(Enclosure enclosure, Bay changed) {
    List<String> names =
        enclosure.bays().stream()
            .filter(other -> !other.id().equals(changed.id()) && !other.change().cutAway())
            .filter(
                other ->
                    sharedMm(changed.changedBox(), other.changedBox())
                        > Math.max(0, sharedMm(changed.box(), other.changedBox())) + Box.TOUCH_MM)
            .map(other -> "“" + other.name() + "”")
            .toList();
    return names.isEmpty() ? "" : ", into " + String.join(" and ", names);
  }
}
