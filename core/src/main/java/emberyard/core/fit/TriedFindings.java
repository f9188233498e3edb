package emberyard.core.fit;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Source;
import emberyard.core.build.Tried;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import java.util.List;
import java.util.Set;

/** Asks what is known of things that come without a shop that takes them back. */
final class TriedFindings {
  /** What has nothing in it that could be dead. */
  private static final Set<ComponentKind> SIMPLE =
      Set.of(
          ComponentKind.ENCLOSURE,
          ComponentKind.RADIATOR,
          ComponentKind.BLOCK,
          ComponentKind.RESERVOIR,
          ComponentKind.LEAD,
          ComponentKind.OTHER);

  private TriedFindings() {}

  static List<Finding> of(Build build) {
    return build.components().stream()
        .filter(each -> each.source() == Source.OWNED || each.source() == Source.CLIENT)
        .filter(each -> each.tried() == null && !SIMPLE.contains(each.kind()))
        .map(TriedFindings::unsaid)
        .toList();
  }

  private static Finding unsaid(Component component) {
    return Finding.of(
            Severity.NOTE,
            "fit",
            "component:" + component.id() + "/tried",
            "Nobody has said whether %s works".formatted(component.name()),
            component.source() == Source.CLIENT
                ? "The client brings it; no shop takes it back."
                : "It is in the workshop already; no shop takes it back.",
            "A dead one is found with the build closed, when another takes days to come.")
        .about(component.id())
        .with(
            says("Nobody has tried it", component, Tried.UNTESTED),
            says("It was seen working", component, Tried.WORKS));
  }

  private static Remedy says(String words, Component component, Tried tried) {
    String after = tried == Tried.UNTESTED ? ": prove it on the bench before it goes in" : "";
    return new Remedy(
        words + after, new Change("components", component.id(), "tried", 0, tried.name()));
  }
}
