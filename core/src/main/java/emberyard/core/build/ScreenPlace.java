package emberyard.core.build;

import emberyard.core.geometry.Box;
import emberyard.core.geometry.Rect;
import java.util.List;
import java.util.Optional;

/**
 * Where a screen stands: on a face of the enclosure, as it is drawn there.
 *
 * @param at on the face
 * @param box what it takes of the space, of no depth while that is not measured
 * @param plate what nothing goes through at its face, wherever it stands and however deep it is
 */
public record ScreenPlace(Screen screen, FaceItem item, Rect at, Box box, Box plate) {
  private static final double PLATE_MM = 1;

  /** Screens that are drawn on a face of the enclosure, in their order there. */
  public static List<ScreenPlace> of(Build build) {
    Enclosure enclosure = build.enclosures().stream().findFirst().orElse(null);
    return enclosure == null
        ? List.of()
        : build.items().stream()
            .filter(item -> item.kind() == ItemKind.SCREEN && item.ofId() != null)
            .flatMap(
                item ->
                    build.things().find(Screen.class, item.ofId()).stream()
                        .map(screen -> of(screen, item, enclosure)))
            .toList();
  }

  private static ScreenPlace of(Screen screen, FaceItem item, Enclosure enclosure) {
    Rect at = new Rect(item.xMm(), item.yMm(), screen.standsWideMm(), screen.standsHighMm());
    double deep = screen.depthMm() == null ? 0 : screen.depthMm();
    Size size = enclosure.size();
    return new ScreenPlace(
        screen,
        item,
        at,
        item.face().box(size, at, deep, onIt(item)),
        item.face().box(size, at, PLATE_MM, false));
  }

  private static boolean onIt(FaceItem item) {
    return item.layer() == Layer.ON;
  }

  /** The thing on a face that stands for a screen, whatever that is a face of. */
  public static Optional<FaceItem> item(Build build, Screen screen) {
    return build.items().stream()
        .filter(item -> item.kind() == ItemKind.SCREEN && screen.id().equals(item.ofId()))
        .findFirst();
  }

  /** Whether it stands out of the face rather than into the enclosure. */
  public boolean outside() {
    return onIt(item);
  }

  /** Whether it hangs: under the top from inside, or under the bottom from outside. */
  public static boolean overhead(FaceItem item) {
    return switch (item.face()) {
      case TOP -> !onIt(item);
      case BOTTOM -> onIt(item);
      default -> false;
    };
  }
}
