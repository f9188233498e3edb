package emberyard.core.fit.air;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Opening;
import emberyard.core.build.ScreenPlace;
import emberyard.core.build.Supports;
import emberyard.core.fit.space.Space;
import emberyard.core.geometry.Rect;
import java.util.List;
import java.util.Optional;

/** What is left of the openings of an enclosure behind, between and under the screens. */
public final class Breathing {
  private Breathing() {}

  /**
   * The enclosure of a build as air finds it: its openings less what screens cover, and less the
   * floor of what lies on a shelf.
   */
  public static Optional<Enclosure> enclosure(Build build) {
    List<ScreenPlace> screens = ScreenPlace.of(build);
    return Space.enclosure(build)
        .map(
            enclosure ->
                enclosure.with(
                    enclosure.openings().stream()
                        .map(opening -> left(opening, enclosure, screens))
                        .toList()));
  }

  private static Opening left(Opening opening, Enclosure enclosure, List<ScreenPlace> screens) {
    return onShelf(opening, enclosure)
        ? opening.closed()
        : opening.leaving(1 - covered(opening, screens));
  }

  /** Whether an opening lies on what the enclosure lies on. */
  static boolean onShelf(Opening opening, Enclosure enclosure) {
    return opening.face() == Face.BOTTOM && enclosure.supports().kind() == Supports.Kind.SHELF;
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
