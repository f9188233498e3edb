package emberyard.core.fit.space;

import emberyard.core.build.Bay;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Face;
import emberyard.core.build.ScreenPlace;
import emberyard.core.build.Turn;
import emberyard.core.fit.place.Cavity;
import emberyard.core.fit.place.Item;
import emberyard.core.fit.place.Margins;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Shortfall;
import emberyard.core.fit.place.Solid;
import emberyard.core.geometry.Box;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The enclosure with all that was placed in it, to be drawn.
 *
 * @param overall outer, with the bodies that stick out of it
 * @param things in the order they go in
 * @param unplaced what found no place
 * @param proven whether the search was whole
 * @param order what goes in, first in first
 * @param screens that stand on its faces
 */
public record SpaceModel(
    Box outer,
    Box overall,
    List<PlacedBay> bays,
    List<PlacedThing> things,
    List<UnplacedThing> unplaced,
    boolean proven,
    List<GoingInStep> order,
    List<StandingScreen> screens) {

  /** A bay as it is usable. */
  public record PlacedBay(String id, String name, Box box, Face access, boolean changed) {}

  /** A placed component with all that sits on it. */
  public record PlacedThing(
      String id,
      String componentId,
      String name,
      ComponentKind kind,
      String bayId,
      Turn turn,
      boolean pinned,
      Box hull,
      List<Solid> solids,
      Margins margins) {}

  /**
   * What found no place.
   *
   * @param ghost its box in the bay where least is missing, null where no bay takes it
   * @param missing "2.3 mm height"
   */
  public record UnplacedThing(
      String componentId, String name, @Nullable Box ghost, String missing) {}

  /**
   * One thing going in.
   *
   * @param closesIn names of what nobody reaches any more once it is in
   */
  public record GoingInStep(String id, String name, List<String> closesIn) {}

  /** A screen on a face, of no depth while that is not measured. */
  public record StandingScreen(String screenId, String name, Box box) {}

  private static Box overall(Space space) {
    Stream<Box> bodies =
        space.placed().stream()
            .flatMap(placed -> placed.hard().stream())
            .filter(Solid::body)
            .map(Solid::box);
    Stream<Box> screens = space.screens().stream().map(ScreenPlace::box);
    return Stream.concat(bodies, screens).reduce(space.enclosure().outer(), Box::around);
  }

  public static SpaceModel of(Space space) {
    List<PlacedBay> bays = new ArrayList<>();
    for (Cavity cavity : space.cavities()) {
      boolean changed =
          space.enclosure().bay(cavity.id()).map(Bay::change).map(c -> !c.none()).orElse(false);
      bays.add(new PlacedBay(cavity.id(), cavity.name(), cavity.box(), cavity.access(), changed));
    }
    List<PlacedThing> things =
        space.inOrder().stream().map(placed -> thing(space, placed)).toList();
    List<UnplacedThing> unplaced =
        Stream.concat(
                space.layout().unplaced().stream().map(item -> unplaced(space, item)),
                space.pieces().spotless().stream()
                    .map(
                        component ->
                            new UnplacedThing(component.id(), component.name(), null, "a spot")))
            .toList();
    List<GoingInStep> order =
        space.goingIn().order().stream()
            .map(id -> new GoingInStep(id, space.name(id), closedIn(space, id)))
            .toList();
    return new SpaceModel(
        space.enclosure().outer(),
        overall(space),
        bays,
        things,
        unplaced,
        space.layout().proven(),
        order,
        space.screens().stream()
            .map(each -> new StandingScreen(each.screen().id(), each.screen().name(), each.box()))
            .toList());
  }

  private static UnplacedThing unplaced(Space space, Item item) {
    String id = space.component(item.id()).id();
    List<Shortfall> lacks = space.lacks(item);
    if (lacks.isEmpty()) {
      return new UnplacedThing(id, item.name(), null, "a bay");
    }
    Shortfall least = lacks.get(0);
    Box bay = least.cavity().box();
    return new UnplacedThing(
        id,
        item.name(),
        least.posture().hull().moved(bay.xMm(), bay.yMm(), bay.zMm()),
        "%s %s".formatted(Figures.mm(least.needMm()), least.axis().words()));
  }

  private static PlacedThing thing(Space space, Placed placed) {
    String id = placed.item().id();
    return new PlacedThing(
        id,
        space.component(id).id(),
        placed.item().name(),
        space.component(id).kind(),
        placed.cavity().id(),
        placed.posture().turn(),
        placed.item().pin() != null,
        placed.hull(),
        Stream.concat(placed.hard().stream(), placed.soft().stream()).toList(),
        Margins.of(placed, space.all()));
  }

  static List<String> closedIn(Space space, String id) {
    return space.goingIn().closedInBy().entrySet().stream()
        .filter(entry -> entry.getValue().contains(id))
        .map(entry -> space.name(entry.getKey()))
        .distinct()
        .toList();
  }
}
