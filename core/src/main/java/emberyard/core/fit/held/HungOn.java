package emberyard.core.fit.held;

import emberyard.core.build.Bay;
import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.ScreenPlace;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.space.Space;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What hung on a bay that is cut away.
 *
 * @param things that would lie in it if it had been left
 * @param loose those of them that nothing holds now, or that have no place any more
 * @param beside bays that lie against it: what it held up may be theirs
 */
public record HungOn(Bay bay, List<Component> things, List<Component> loose, List<String> beside) {
  /** The sheet between two bays. */
  private static final double WALL_MM = 3;

  /**
   * For each bay that is cut away.
   *
   * @param space as it is, with the bays cut away
   * @param holdings of that
   */
  public static List<HungOn> of(
      Space space, List<Component> components, List<ScreenPlace> screens, List<Holding> holdings) {
    Set<String> held =
        holdings.stream()
            .filter(each -> !each.holds().isEmpty())
            .map(each -> each.component().id())
            .collect(Collectors.toSet());
    List<HungOn> all = new ArrayList<>();
    for (Bay bay : space.enclosure().bays()) {
      if (bay.change().cutAway()) {
        List<Component> things = in(bay, space.enclosure(), components, screens);
        List<Component> loose = things.stream().filter(each -> !held.contains(each.id())).toList();
        all.add(new HungOn(bay, things, loose, beside(bay, space.enclosure())));
      }
    }
    return List.copyOf(all);
  }

  /** What lies in it if it is left, placed as ever. */
  private static List<Component> in(
      Bay bay, Enclosure enclosure, List<Component> components, List<ScreenPlace> screens) {
    Enclosure left = enclosure.with(bay.with(bay.change().left()));
    Space before = Space.of(left, components, screens);
    return before.inOrder().stream()
        .filter(placed -> placed.cavity().id().equals(bay.id()))
        .map(placed -> before.component(placed.item().id()))
        .distinct()
        .toList();
  }

  private static List<String> beside(Bay bay, Enclosure enclosure) {
    return enclosure.bays().stream()
        .filter(other -> !other.change().cutAway() && touch(bay.box(), other.box()))
        .map(Bay::name)
        .toList();
  }

  /** Whether two boxes lie against each other, the sheet between them aside, or share room. */
  private static boolean touch(Box one, Box other) {
    for (int axis = 0; axis < 3; axis++) {
      if (one.from(axis) > other.to(axis) + WALL_MM || other.from(axis) > one.to(axis) + WALL_MM) {
        return false;
      }
    }
    return true;
  }

  /** What is said of those that carried something, or lie against another bay. */
  public static List<Finding> findings(Enclosure enclosure, List<HungOn> all) {
    return all.stream()
        .filter(each -> !each.things().isEmpty() || !each.beside().isEmpty())
        .map(each -> each.finding(enclosure))
        .toList();
  }

  private Finding finding(Enclosure enclosure) {
    return Finding.of(
            loose.isEmpty() ? Severity.NOTE : Severity.RISK,
            "fit",
            "enclosure:%s/bay-%s/hung".formatted(enclosure.id(), bay.id()),
            things.isEmpty()
                ? "“%s” is cut away: look what else it holds".formatted(bay.name())
                : "%s hung on “%s”, which is cut away".formatted(names(things), bay.name()),
            detail(),
            "What a frame carried hangs in the air without it, often a fan or a panel beside it.")
        .about(enclosure.id())
        .with(
            loose.isEmpty()
                ? Remedy.byHand("Look before the cut what is screwed or clipped to it")
                : Remedy.byHand("Say under Held what holds %s now".formatted(names(loose))));
  }

  private String detail() {
    List<String> sentences = new ArrayList<>();
    if (!loose.isEmpty()) {
      sentences.add("Nothing holds %s now.".formatted(names(loose)));
    } else if (!things.isEmpty()) {
      sentences.add("Something else holds %s now.".formatted(things.size() == 1 ? "it" : "them"));
    }
    if (!beside.isEmpty()) {
      sentences.add(
          "“%s” lie%s against it: their rails may be part of it."
              .formatted(String.join("”, “", beside), beside.size() == 1 ? "s" : ""));
    }
    return String.join(" ", sentences);
  }

  private static String names(List<Component> things) {
    return things.stream().map(Component::name).collect(Collectors.joining(" and "));
  }
}
