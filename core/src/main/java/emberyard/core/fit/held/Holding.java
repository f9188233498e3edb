package emberyard.core.fit.held;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Fixing;
import emberyard.core.build.FixingWay;
import emberyard.core.build.Seat;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Solid;
import emberyard.core.fit.space.Space;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A placed thing and what holds it there.
 *
 * @param pieceId of the piece, "fan#2" for the second
 * @param bay name of where it lies
 * @param bayHolds whether that bay has points of its own for such a thing
 * @param holds what holds it: what was said, else the points of its bay; at most two, none for
 *     nothing
 * @param proposed whether nobody has said what holds it
 * @param points where it takes screws, by name; empty where nobody knows
 * @param open those of them without a screw
 * @param massKg with all that sits on it
 * @param warm whether it gets above 45 °C at work
 * @param backCm2 its side that it is held with
 */
public record Holding(
    Component component,
    String pieceId,
    String name,
    String bay,
    boolean bayHolds,
    List<FixingWay> holds,
    boolean proposed,
    Fixing said,
    List<String> points,
    List<String> open,
    double massKg,
    boolean warm,
    double backCm2) {
  /** What gives off this much is too hot to touch for long; a default. */
  static final double WARM_WATTS = 25;

  /** What gets warm at work, whatever is known of its watts. */
  private static final Set<ComponentKind> WARM =
      Set.of(
          ComponentKind.BOARD,
          ComponentKind.GRAPHICS,
          ComponentKind.SUPPLY,
          ComponentKind.COOLER,
          ComponentKind.RADIATOR);

  /** Foam tape loses its hold above this. Source: the handbook. */
  static final double WARM_C = 45;

  /**
   * All placed things, in the order they go in.
   *
   * @param caseAirC the air inside on a hot day, °C
   */
  public static List<Holding> of(Space space, double caseAirC) {
    List<Holding> all = new ArrayList<>();
    for (Placed placed : space.inOrder()) {
      all.add(of(space, placed, caseAirC));
    }
    return List.copyOf(all);
  }

  private static Holding of(Space space, Placed placed, double caseAirC) {
    Component component = space.component(placed.item().id());
    Fixing said = component.fitted().fixing();
    boolean bayHolds = bayHolds(space.enclosure(), placed);
    List<String> points = FixingPoints.of(component);
    List<String> open = points.stream().filter(said.open()::contains).toList();
    return new Holding(
        component,
        placed.item().id(),
        placed.item().name(),
        placed.cavity().name(),
        bayHolds,
        holds(said, bayHolds, !points.isEmpty() && open.size() == points.size()),
        said.held() == null,
        said,
        points,
        open,
        massKg(space, placed),
        caseAirC > WARM_C
            || component.typicalWatts() >= WARM_WATTS
            || WARM.contains(component.kind()),
        backCm2(placed, said));
  }

  /** Points count where the bay has some, screws where at least one is put in. */
  private static List<FixingWay> holds(Fixing said, boolean bayHolds, boolean allOpen) {
    FixingWay first = said.held() != null ? said.held() : bayHolds ? FixingWay.POINTS : null;
    return Stream.of(Optional.ofNullable(first), Optional.ofNullable(said.besides()))
        .flatMap(Optional::stream)
        .filter(way -> bayHolds || way != FixingWay.POINTS)
        .filter(way -> !(way.screwed() && allOpen))
        .distinct()
        .toList();
  }

  /**
   * A bay of a bought case that is made for such things has screw points; what was typed over a
   * piece of furniture, an old machine or one's own box is a space, and nothing more.
   */
  private static boolean bayHolds(Enclosure enclosure, Placed placed) {
    boolean bought =
        !enclosure.productId().isEmpty() || enclosure.origin() == Enclosure.Origin.BOUGHT;
    return bought
        && placed.item().seats().stream()
            .anyMatch(seat -> seat != Seat.FREE && placed.cavity().accepts().contains(seat));
  }

  private static double massKg(Space space, Placed placed) {
    return placed.hard().stream()
        .filter(Solid::body)
        .mapToDouble(solid -> space.component(solid.ofId()).massKg())
        .sum();
  }

  private static double backCm2(Placed placed, Fixing said) {
    Box hull =
        placed.hard().stream()
            .filter(solid -> solid.body() && solid.ofId().equals(placed.item().id()))
            .map(Solid::box)
            .findFirst()
            .orElseThrow();
    return switch (said.side()) {
          case LEFT, RIGHT -> hull.depthMm() * hull.heightMm();
          case FRONT, BACK -> hull.widthMm() * hull.heightMm();
          case BOTTOM, TOP -> hull.widthMm() * hull.depthMm();
        }
        / 100;
  }

  /** What holds it first, null for nothing. */
  @Nullable FixingWay held() {
    return holds.isEmpty() ? null : holds.get(0);
  }

  /** Whether this is all that holds it. */
  boolean only(FixingWay way) {
    return holds.equals(List.of(way));
  }

  /** Whether every point is left open. */
  boolean unscrewed() {
    return !points.isEmpty() && open.size() == points.size();
  }

  /** Whether somebody said that it is screwed, other than to its bay. */
  boolean saysScrews() {
    return drilled(said.held()) || drilled(said.besides());
  }

  private static boolean drilled(@Nullable FixingWay way) {
    return way == FixingWay.SCREWS || way == FixingWay.BRACKET;
  }

  boolean taped() {
    return holds.contains(FixingWay.TAPE);
  }

  boolean overhead() {
    return said.side() == Face.TOP;
  }

  /** Whether screws are among what holds it. */
  boolean screwed() {
    return holds.stream().anyMatch(FixingWay::screwed);
  }

  /** Screws that one is held with; 0 where nobody knows its points. */
  int screws() {
    return screwed() ? points.size() - open.size() : 0;
  }
}
