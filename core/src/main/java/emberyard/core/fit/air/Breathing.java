package emberyard.core.fit.air;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Opening;
import emberyard.core.build.ScreenPlace;
import emberyard.core.fit.space.Space;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What is left of the openings of an enclosure behind, between and under the screens. */
public final class Breathing {
  private Breathing() {}

  /**
   * The enclosure of a build as air finds it: its openings less what screens cover, what they have
   * in common, what lies past their face, the floor of what lies on a shelf, the back of what hangs
   * on a wall.
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
    return shut(opening, enclosure)
        ? opening.closed()
        : opening.leaving(counted(opening, enclosure, screens));
  }

  /**
   * The share of an opening that is counted, 0 to 1: nothing where a screen or an opening that is
   * closed off lies over it, or past the edge of its face; what openings have in common is counted
   * for the smallest of them.
   */
  private static double counted(Opening opening, Enclosure enclosure, List<ScreenPlace> screens) {
    Rect hole = opening.at();
    Rect face = face(opening, enclosure);
    List<Rect> without = new ArrayList<>(over(opening, screens));
    beside(opening, enclosure)
        .filter(other -> other.sealed() || SMALLEST_FIRST.compare(other, opening) < 0)
        .forEach(other -> without.add(other.at()));
    if (without.isEmpty() && face.contains(hole)) {
      return 1;
    }
    List<Rect> edges = new ArrayList<>(without);
    edges.add(face);
    return hole.cells(edges).stream()
            .filter(face::contains)
            .filter(cell -> without.stream().noneMatch(each -> each.contains(cell)))
            .mapToDouble(Rect::areaMm2)
            .sum()
        / hole.areaMm2();
  }

  private static final Comparator<Opening> SMALLEST_FIRST =
      Comparator.comparingDouble((Opening each) -> each.at().areaMm2()).thenComparing(Opening::id);

  /** All of the face that an opening lies in. */
  static Rect face(Opening opening, Enclosure enclosure) {
    double width = opening.face().widthMm(enclosure.size());
    return new Rect(0, 0, width, opening.face().heightMm(enclosure.size()));
  }

  /** Other openings that have something in common with it. */
  static Stream<Opening> beside(Opening opening, Enclosure enclosure) {
    return enclosure.openings().stream()
        .filter(each -> each != opening && each.face() == opening.face())
        .filter(each -> each.at().overlaps(opening.at()));
  }

  /** Whether an opening lies on the shelf that the enclosure lies on, or on its wall. */
  static boolean shut(Opening opening, Enclosure enclosure) {
    return switch (enclosure.supports().kind()) {
      case SHELF -> opening.face() == Face.BOTTOM;
      case WALL -> opening.face() == Face.BACK;
      case FEET, AXLES -> false;
    };
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
    List<Rect> over = over(opening, screens);
    return over.isEmpty()
        ? 0
        : hole.cells(over).stream()
                .filter(cell -> over.stream().anyMatch(each -> each.contains(cell)))
                .mapToDouble(Rect::areaMm2)
                .sum()
            / hole.areaMm2();
  }

  private static List<Rect> over(Opening opening, List<ScreenPlace> screens) {
    return screens.stream()
        .filter(each -> each.item().face() == opening.face() && each.at().overlaps(opening.at()))
        .map(ScreenPlace::at)
        .toList();
  }
}
