package emberyard.core.fit.air;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Opening;
import emberyard.core.build.ScreenPlace;
import emberyard.core.fit.space.Space;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is left of the openings of an enclosure behind, between and under the screens. */
public final class Breathing {
  private Breathing() {}

  /** The enclosure of a build as air finds it: its openings less what screens cover. */
  public static Optional<Enclosure> enclosure(Build build) {
    List<ScreenPlace> screens = ScreenPlace.of(build);
    return Space.enclosure(build)
        .map(enclosure -> screens.isEmpty() ? enclosure : left(enclosure, screens));
  }

  private static Enclosure left(Enclosure enclosure, List<ScreenPlace> screens) {
    List<Opening> openings = new ArrayList<>();
    for (Opening opening : enclosure.openings()) {
      openings.add(opening.leaving(1 - covered(opening, screens)));
    }
    return enclosure.with(openings);
  }

  /**
   * The share of an opening that screens lie over, 0 to 1; where two lie over each other it counts
   * once.
   *
   * <p>Example: an opening of 100 × 100 at 0, 0 and a screen of 60 × 200 at 50, 0 on the same face:
   * 0.5.
   */
  public static double covered(Opening opening, List<ScreenPlace> screens) {
    Rect hole = opening.at();
    List<Rect> over =
        screens.stream()
            .filter(each -> each.item().face() == opening.face() && each.at().overlaps(hole))
            .map(ScreenPlace::at)
            .toList();
    return over.isEmpty()
        ? 0
        : hole.cells(over).stream()
                .filter(cell -> over.stream().anyMatch(each -> each.contains(cell)))
                .mapToDouble(Rect::areaMm2)
                .sum()
            / hole.areaMm2();
  }
}
