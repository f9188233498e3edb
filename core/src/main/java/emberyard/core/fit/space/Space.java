package emberyard.core.fit.space;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.ScreenPlace;
import emberyard.core.build.Turn;
import emberyard.core.fit.place.Cavity;
import emberyard.core.fit.place.GoingIn;
import emberyard.core.fit.place.Item;
import emberyard.core.fit.place.Layout;
import emberyard.core.fit.place.Leaning;
import emberyard.core.fit.place.Margins;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Placing;
import emberyard.core.fit.place.Preferred;
import emberyard.core.fit.place.Shortfall;
import emberyard.core.fit.place.Solid;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * All components of a build placed in its enclosure, round the screens that stand in their bays.
 *
 * @param enclosure null while none is chosen
 * @param layout as searched: pushed left, to the front and down
 * @param placed the same where they lie in the end: centred in what is free, and moved where that
 *     is better
 * @param screens where screens stand, on their faces
 * @param inBays of those what reaches into a bay, where it could stand
 * @param lacking what each thing without a place lacks, by what {@link Item#like it is like}
 */
public record Space(
    Enclosure enclosure,
    List<Cavity> cavities,
    Pieces pieces,
    Layout layout,
    List<Placed> placed,
    GoingIn goingIn,
    List<ScreenPlace> screens,
    List<Placed> inBays,
    Map<Item, List<Shortfall>> lacking) {

  /** The enclosure of a build: the first one. */
  public static Optional<Enclosure> enclosure(Build build) {
    return build.enclosures().stream().findFirst();
  }

  public static Space of(
      Enclosure enclosure, List<Component> components, List<ScreenPlace> screens) {
    return of(enclosure, components, screens, placed -> Leaning.NONE);
  }

  /**
   * @param leaning what the weight of placed things makes too much for
   */
  public static Space of(
      Enclosure enclosure,
      List<Component> components,
      List<ScreenPlace> screens,
      Function<List<Placed>, Leaning> leaning) {
    List<Cavity> bays = Cavities.of(enclosure);
    Pieces pieces = Pieces.of(components);
    Standing standing = Standing.of(screens, bays);
    Layout all = Placing.solve(standing.spaces(bays), standing.things(pieces.items()));
    LayoutMerit judge = new LayoutMerit(enclosure, bays, pieces, standing.ids(), leaning);
    List<Placed> preferred = Preferred.of(bays, Margins.centred(all.placed()), judge.aims(), judge);
    Layout layout = standing.without(all);
    List<Placed> inBays = all.placed().stream().filter(standing::holds).toList();
    List<Placed> placed = preferred.stream().filter(each -> !standing.holds(each)).toList();
    return new Space(
        enclosure,
        bays,
        pieces,
        layout,
        placed,
        GoingIn.of(placed, enclosure.outer()),
        screens,
        inBays,
        lacking(layout, bays, inBays));
  }

  private static Map<Item, List<Shortfall>> lacking(
      Layout layout, List<Cavity> bays, List<Placed> inBays) {
    List<Placed> round = joined(layout.placed(), inBays);
    Map<Item, List<Shortfall>> lacking = new HashMap<>();
    layout
        .unplaced()
        .forEach(
            item -> lacking.computeIfAbsent(item.like(), like -> Shortfall.of(item, bays, round)));
    return lacking;
  }

  /** The ways in which a thing without a place would go in if something gave, least first. */
  List<Shortfall> lacks(Item item) {
    return lacking.get(item.like());
  }

  /** The component that a piece is one of. */
  public String componentId(String pieceId) {
    Component component = pieces.ofPiece().get(pieceId);
    return component == null ? pieceId : component.id();
  }

  /** Where the bodies of placed pieces are, by the id of their component. */
  public Map<String, List<Box>> bodies() {
    return placed.stream()
        .flatMap(each -> each.hard().stream())
        .filter(Solid::body)
        .collect(
            Collectors.groupingBy(
                solid -> componentId(solid.ofId()),
                Collectors.mapping(Solid::box, Collectors.toList())));
  }

  /** All that stands in bays, components and screens. */
  List<Placed> all() {
    return joined(placed, inBays);
  }

  /** What goes in through the place where a screen stands. */
  Stream<Placed> behind(ScreenPlace screen) {
    return placed.stream().filter(each -> bars(screen, GoingIn.wayOut(each, enclosure.outer())));
  }

  private static boolean bars(ScreenPlace screen, Box way) {
    return way.overlaps(screen.box()) || way.overlaps(screen.plate());
  }

  private static List<Placed> joined(List<Placed> some, List<Placed> others) {
    List<Placed> all = new ArrayList<>(some);
    all.addAll(others);
    return all;
  }

  /** Screens that reach into bays, as things that stand where they are drawn. */
  private record Standing(List<Cavity> cavities, List<Item> items, Set<String> ids) {
    static Standing of(List<ScreenPlace> screens, List<Cavity> bays) {
      List<ScreenPlace> in =
          screens.stream()
              .filter(each -> bays.stream().anyMatch(bay -> bay.box().overlaps(each.box())))
              .toList();
      return new Standing(
          in.stream().map(Standing::cavity).toList(),
          in.stream().map(Standing::item).toList(),
          in.stream().map(Standing::id).collect(Collectors.toSet()));
    }

    private static String id(ScreenPlace place) {
      return "screen/" + place.screen().id();
    }

    private static Cavity cavity(ScreenPlace place) {
      Face face = place.item().face();
      return new Cavity(id(place), place.screen().name(), place.box(), List.of(), face);
    }

    private static Item item(ScreenPlace place) {
      Box box = place.box();
      Solid body =
          new Solid(id(place), "body", true, true, box.moved(-box.xMm(), -box.yMm(), -box.zMm()));
      Fitted.Pin pin = new Fitted.Pin(id(place), Turn.UPRIGHT, box.xMm(), box.yMm(), box.zMm());
      return new Item(
          id(place), place.screen().name(), List.of(), List.of(Turn.UPRIGHT), List.of(body), pin);
    }

    List<Cavity> spaces(List<Cavity> bays) {
      List<Cavity> all = new ArrayList<>(bays);
      all.addAll(cavities);
      return all;
    }

    List<Item> things(List<Item> pieces) {
      List<Item> all = new ArrayList<>(pieces);
      all.addAll(items);
      return all;
    }

    boolean holds(Placed placed) {
      return ids.contains(placed.item().id());
    }

    Layout without(Layout layout) {
      return new Layout(
          layout.placed().stream().filter(each -> !holds(each)).toList(),
          layout.unplaced().stream().filter(each -> !ids.contains(each.id())).toList(),
          layout.proven());
    }
  }

  /** Whether a place for all that is measured is seen at once, beside the screens. */
  public static boolean fits(
      Enclosure enclosure, List<Component> components, List<ScreenPlace> screens) {
    List<Cavity> bays = Cavities.of(enclosure);
    Pieces pieces = Pieces.of(components);
    Standing standing = Standing.of(screens, bays);
    return pieces.spotless().isEmpty()
        && Placing.findsAll(standing.spaces(bays), standing.things(pieces.items()));
  }

  /** Pieces that found no place, by the id of their component. */
  Map<String, List<Item>> unplacedLikes() {
    return layout.unplaced().stream()
        .collect(
            Collectors.groupingBy(
                item -> component(item.id()).id(), LinkedHashMap::new, Collectors.toList()));
  }

  /** What was placed, in the order in which it goes in. */
  public List<Placed> inOrder() {
    List<String> order = goingIn.order();
    return placed.stream()
        .sorted(Comparator.comparingInt(each -> order.indexOf(each.item().id())))
        .toList();
  }

  /** The component behind a piece. */
  public Component component(String pieceId) {
    return pieces.ofPiece().get(pieceId);
  }

  String name(String pieceId) {
    Component component = pieces.ofPiece().get(pieceId);
    return component == null ? pieceId : component.name();
  }
}
