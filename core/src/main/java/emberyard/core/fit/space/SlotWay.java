package emberyard.core.fit.space;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.PortKind;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Solid;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A placed card that the board's slot doesn't hold: what its riser has to be at least. A bay made
 * for cards lies at the slots; there a card plugs in unless it lies down. In any other bay it does
 * so too far from the board. The riser is folded once for a card that lies, twice for one beside.
 *
 * <p>Example: a card on its side 80 mm to the right of the board: 80 + 20 mm, one fold.
 *
 * @param lengthMm the way along the axes from the board to the card, and what the folds take
 * @param folds right angles
 * @param turned whether it lies down
 */
record SlotWay(Component card, double lengthMm, int folds, boolean turned) {
  /** Farther from the board no card reaches its slot; a default. */
  private static final double DIRECT_MM = 60;

  private static final int UPRIGHT = 2;

  /** What one fold takes; a default. */
  private static final double FOLD_MM = 20;

  /** All of a build, the longest first; none without a placed board. */
  static List<SlotWay> of(Build build, Space space) {
    Optional<Placed> board =
        space.placed().stream()
            .filter(each -> space.component(each.item().id()).kind() == ComponentKind.BOARD)
            .findFirst();
    List<SlotWay> ways = new ArrayList<>();
    board.ifPresent(
        on ->
            space.placed().stream()
                .filter(each -> goesIntoASlot(space.component(each.item().id())))
                .forEach(card -> way(space, on, card).ifPresent(ways::add)));
    ways.sort(
        Comparator.comparingDouble(SlotWay::lengthMm)
            .reversed()
            .thenComparing(each -> each.card().id()));
    return ways;
  }

  private static boolean goesIntoASlot(Component c) {
    boolean asks =
        c.electric() != null
            && c.electric().asks().stream().anyMatch(port -> port.kind() == PortKind.SLOT);
    return c.kind() == ComponentKind.GRAPHICS || asks && c.kind() != ComponentKind.RISER;
  }

  private static Optional<SlotWay> way(Space space, Placed board, Placed card) {
    Component component = space.component(card.item().id());
    boolean atSlots = card.cavity().madeFor(card.item().seats());
    boolean asksOne = component.body().turnReason().toLowerCase(Locale.ROOT).contains("riser");
    boolean turned = card.posture().turn().upAxis() != UPRIGHT && (asksOne || !atSlots);
    double apart = body(board).wayMm(body(card));
    if (!turned && (atSlots || apart <= DIRECT_MM)) {
      return Optional.empty();
    }
    int folds = turned ? 1 : 2;
    return Optional.of(new SlotWay(component, apart + folds * FOLD_MM, folds, turned));
  }

  private static Box body(Placed placed) {
    return placed.hard().stream()
        .filter(solid -> solid.body() && solid.ofId().equals(placed.item().id()))
        .map(Solid::box)
        .findFirst()
        .orElseThrow();
  }

  /** "it lies down" or "stands 240 mm from the board". */
  String why() {
    return turned
        ? "it lies down"
        : "it stands %.0f mm from the board".formatted(lengthMm - folds * FOLD_MM);
  }

  String folded() {
    return folds == 1 ? "folded once" : "folded twice";
  }
}
