package emberyard.core.build;

import java.util.ArrayList;
import java.util.List;

/**
 * What a build has in it whose mass nobody knows: sums of mass are at least what they say.
 *
 * <p>An enclosure counts as weighed when a component of that kind stands for it, when its own mass
 * was typed, or when it is built from scratch and its parts are drawn; all does when the whole
 * build was on the scales.
 */
public final class Unweighed {
  private Unweighed() {}

  /** Names of what has no mass, enclosures last; empty when all is known. */
  public static List<String> of(Build build) {
    if (build.enclosures().stream().anyMatch(each -> each.weighedKg() != null)) {
      return List.of();
    }
    List<String> names = new ArrayList<>();
    boolean cased = false;
    for (Component component : build.components()) {
      if (component.massKg() == 0) {
        names.add(component.name());
      }
      cased |= component.kind() == ComponentKind.ENCLOSURE;
    }
    for (Screen screen : build.screens()) {
      if (screen.massKg() == 0) {
        names.add(screen.name());
      }
    }
    for (Enclosure enclosure : build.enclosures()) {
      boolean drawn = enclosure.origin() == Enclosure.Origin.SCRATCH && !build.panels().isEmpty();
      if (!cased && !drawn && enclosure.massKg() == null) {
        names.add(enclosure.name());
      }
    }
    return List.copyOf(names);
  }
}
