package emberyard.core.fit.space;

import emberyard.core.build.Body;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Seat;
import emberyard.core.build.Spot;
import emberyard.core.fit.place.Item;
import emberyard.core.fit.place.Solid;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The components of a build as things to place: each piece by itself, boards with all that sits on
 * them.
 *
 * @param items to place in bays
 * @param spotless pieces that sit on a board, for which no spot is left
 * @param unmeasured components whose size nobody has given
 * @param ofPiece the component behind each piece
 */
record Pieces(
    List<Item> items,
    List<Component> spotless,
    List<Component> unmeasured,
    Map<String, Component> ofPiece) {

  static Pieces of(List<Component> components) {
    Gathering gathering = new Gathering();
    components.forEach(gathering::sort);
    return gathering.pieces();
  }

  /** "id" for the first piece, "id#2" for the second. */
  private static String pieceId(Component component, int number) {
    return number == 1 ? component.id() : component.id() + "#" + number;
  }

  private static String pieceName(Component component, int number) {
    return component.quantity() == 1 ? component.name() : component.name() + " " + number;
  }

  /** The boxes of a piece in its own axes. */
  private static List<Solid> solids(String pieceId, Body body) {
    List<Solid> solids = new ArrayList<>();
    solids.add(new Solid(pieceId, "body", true, true, body.envelope()));
    for (boolean hard : new boolean[] {true, false}) {
      List<Box> boxes = body.keepOutBoxes(hard);
      List<String> names =
          body.keepOuts().stream().filter(k -> k.hard() == hard).map(k -> k.what()).toList();
      for (int i = 0; i < boxes.size(); i++) {
        solids.add(new Solid(pieceId, names.get(i), false, hard, boxes.get(i)));
      }
    }
    return solids;
  }

  private static final class Gathering {
    private final List<Component> loose = new ArrayList<>();
    private final List<Component> onBoard = new ArrayList<>();
    private final List<Component> unmeasured = new ArrayList<>();
    private final List<Component> spotless = new ArrayList<>();
    private final Map<String, Component> ofPiece = new LinkedHashMap<>();

    void sort(Component component) {
      Body body = component.body();
      if (component.kind() == ComponentKind.ENCLOSURE) {
        return;
      }
      if (body == null) {
        // what a library lists without a size takes no space of its own: chips, cards on the board
        if (component.kind() != ComponentKind.PROCESSOR && component.productId().isEmpty()) {
          unmeasured.add(component);
        }
      } else if (body.sits().stream().allMatch(Seat::onBoard)) {
        onBoard.add(component);
      } else {
        loose.add(component);
      }
    }

    Pieces pieces() {
      List<Item> items = new ArrayList<>();
      List<Component> mounted = new ArrayList<>();
      for (Component component : loose) {
        for (int number = 1; number <= component.quantity(); number++) {
          items.add(item(component, number, mounted));
        }
      }
      spotless.addAll(onBoard.stream().filter(c -> !mounted.contains(c)).toList());
      return new Pieces(
          List.copyOf(items), List.copyOf(spotless), List.copyOf(unmeasured), Map.copyOf(ofPiece));
    }

    private Item item(Component component, int number, List<Component> mounted) {
      String id = pieceId(component, number);
      ofPiece.put(id, component);
      List<Solid> own = new ArrayList<>(solids(id, component.body()));
      List<Spot> free = new ArrayList<>(component.body().spots());
      for (Component rider : onBoard) {
        if (!free.isEmpty() && !mounted.contains(rider) && mount(rider, free, own)) {
          mounted.add(rider);
        }
      }
      return new Item(
          id,
          pieceName(component, number),
          component.body().sits(),
          component.body().lies(),
          own,
          number == 1 ? component.fitted().pin() : null);
    }

    /** Puts all pieces of a component on free spots, centred over each; all or none. */
    private boolean mount(Component rider, List<Spot> free, List<Solid> own) {
      List<Spot> fitting =
          free.stream().filter(spot -> rider.body().sits().contains(spot.seat())).toList();
      if (fitting.size() < rider.quantity()) {
        return false;
      }
      for (int number = 1; number <= rider.quantity(); number++) {
        Spot spot = fitting.get(number - 1);
        free.remove(spot);
        String id = pieceId(rider, number);
        ofPiece.put(id, rider);
        for (Solid solid : solids(id, rider.body())) {
          own.add(
              new Solid(
                  id,
                  solid.what(),
                  solid.body(),
                  solid.hard(),
                  solid
                      .box()
                      .moved(
                          spot.xMm() - rider.body().widthMm() / 2,
                          spot.yMm() - rider.body().depthMm() / 2,
                          spot.zMm())));
        }
      }
      return true;
    }
  }
}
