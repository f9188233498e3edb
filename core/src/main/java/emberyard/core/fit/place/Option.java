package emberyard.core.fit.place;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A bay and a turn in which a thing would go into it if it were empty. */
record Option(Cavity cavity, Posture posture) {
  /** Bays of its own kind before those that take anything. */
  static List<Option> of(Item item, List<Cavity> cavities) {
    List<Posture> postures = item.postures();
    List<Option> all = new ArrayList<>();
    cavities.stream()
        .filter(cavity -> cavity.takes(item.seats()))
        .sorted(Comparator.comparing(cavity -> !cavity.madeFor(item.seats())))
        .forEach(
            cavity ->
                postures.stream()
                    .filter(posture -> cavity.wouldHold(posture.hull()))
                    .forEach(posture -> all.add(new Option(cavity, posture))));
    return all;
  }
}
