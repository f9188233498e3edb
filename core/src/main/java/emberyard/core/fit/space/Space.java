package emberyard.core.fit.space;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.fit.place.Cavity;
import emberyard.core.fit.place.GoingIn;
import emberyard.core.fit.place.Item;
import emberyard.core.fit.place.Layout;
import emberyard.core.fit.place.Margins;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Placing;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * All components of a build placed in its enclosure.
 *
 * @param enclosure null while none is chosen
 * @param layout as searched: pushed left, to the front and down
 * @param placed the same, centred in what is free
 */
public record Space(
    Enclosure enclosure,
    List<Cavity> cavities,
    Pieces pieces,
    Layout layout,
    List<Placed> placed,
    GoingIn goingIn) {

  /** The enclosure of a build: the first one. */
  public static Optional<Enclosure> enclosure(Build build) {
    return build.enclosures().stream().findFirst();
  }

  public static Space of(Enclosure enclosure, List<Component> components) {
    List<Cavity> cavities = Cavities.of(enclosure);
    Pieces pieces = Pieces.of(components);
    Layout layout = Placing.solve(cavities, pieces.items());
    List<Placed> placed = Margins.centred(layout.placed());
    return new Space(
        enclosure, cavities, pieces, layout, placed, GoingIn.of(placed, enclosure.outer()));
  }

  /** Whether a place for all that is measured is seen at once. */
  public static boolean fits(Enclosure enclosure, List<Component> components) {
    Pieces pieces = Pieces.of(components);
    return pieces.spotless().isEmpty() && Placing.findsAll(Cavities.of(enclosure), pieces.items());
  }

  /** Pieces that found no place, by the id of their component. */
  Map<String, List<Item>> unplacedLikes() {
    return layout.unplaced().stream()
        .collect(
            Collectors.groupingBy(
                item -> component(item.id()).id(), LinkedHashMap::new, Collectors.toList()));
  }

  /** The component behind a piece. */
  Component component(String pieceId) {
    return pieces.ofPiece().get(pieceId);
  }

  String name(String pieceId) {
    Component component = pieces.ofPiece().get(pieceId);
    return component == null ? pieceId : component.name();
  }
}
