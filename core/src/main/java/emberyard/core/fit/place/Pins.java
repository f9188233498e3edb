package emberyard.core.fit.place;

import java.util.ArrayList;
import java.util.List;

/** What is wrong with places chosen by hand: they are tested like found ones, never believed. */
public final class Pins {
  private Pins() {}

  /**
   * Why a pinned thing can't be where a hand put it, as ends of a sentence that begins with its
   * name; empty where it can, and for things that were placed by the search.
   *
   * <p>Example: a box of 40 at x 90 in a bay of 100: "sticks out of “bay1”".
   *
   * @param all every thing that has a place, this one among them
   */
  public static List<String> faults(Placed pinned, List<Placed> all, List<Cavity> cavities) {
    if (pinned.item().pin() == null) {
      return List.of();
    }
    List<String> faults = new ArrayList<>();
    String bayId = pinned.item().pin().bayId();
    if (cavities.stream().noneMatch(cavity -> cavity.id().equals(bayId))) {
      faults.add("lies in a bay that is not there, “%s”".formatted(bayId));
    } else if (!pinned.cavity().takes(pinned.item().seats())) {
      faults.add("lies in “%s”, which doesn’t take its kind".formatted(pinned.cavity().name()));
    }
    if (!pinned.cavity().box().contains(pinned.hull())) {
      faults.add("sticks out of “%s”".formatted(pinned.cavity().name()));
    }
    if (pinned.item().postures().stream()
        .noneMatch(posture -> posture.turn() == pinned.item().pin().turn())) {
      faults.add("is turned as it must not lie");
    }
    for (Placed other : all) {
      if (!other.item().id().equals(pinned.item().id()) && meet(pinned, other)) {
        faults.add("overlaps %s".formatted(other.item().name()));
      }
    }
    return List.copyOf(faults);
  }

  private static boolean meet(Placed one, Placed other) {
    return one.hard().stream()
        .anyMatch(a -> other.hard().stream().anyMatch(b -> a.box().overlaps(b.box())));
  }
}
