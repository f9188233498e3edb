package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What holds a component in its place.
 *
 * @param held what keeps it there, null for what its bay offers
 * @param besides a second hold that would keep it alone, null for none
 * @param against the side of its bay that it is held on, null for the bottom
 * @param open points that get no screw, by name: "back left"; at most 40
 */
public record Fixing(
    @Nullable FixingWay held,
    @Nullable FixingWay besides,
    @Nullable Face against,
    List<String> open) {
  /** Nobody has said anything. */
  public static final Fixing UNSAID = new Fixing(null, null, null, List.of());

  private static final int MOST_OPEN = 40;

  public Fixing {
    open = Require.list(open);
    Require.that(open.size() <= MOST_OPEN, "open", "At most %d points.".formatted(MOST_OPEN));
  }

  /** The side of its bay that it is held on. */
  public Face side() {
    return against == null ? Face.BOTTOM : against;
  }

  /** Held one way, on the floor of its bay. */
  public static Fixing by(FixingWay way) {
    return new Fixing(way, null, null, List.of());
  }

  /** The same with a second hold. */
  public Fixing and(FixingWay second) {
    return new Fixing(held, second, against, open);
  }

  /** The same on another side of its bay. */
  public Fixing on(Face side) {
    return new Fixing(held, besides, side, open);
  }

  /** The same with these points left open. */
  public Fixing without(String... points) {
    return new Fixing(held, besides, against, List.of(points));
  }
}
