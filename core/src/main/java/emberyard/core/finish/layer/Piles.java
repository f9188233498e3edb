package emberyard.core.finish.layer;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.finish.optic.Coating;
import emberyard.core.finish.optic.Slab;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What lies on the two sides of one region after some steps, from the sheet outwards. Replaying is
 * plain: paint lies on whatever is there, a peel takes a stencil and all that lies on it, engraving
 * takes all.
 */
final class Piles {
  /** Colour of mask film without a product. */
  static final Coating MASK =
      new Coating(
          "mask",
          "mask film",
          emberyard.core.colour.Colour.hex("#C9A26B"),
          Double.POSITIVE_INFINITY,
          false);

  /**
   * One layer of a pile.
   *
   * @param stencil the step that laid it where it is a stencil, null for the others
   */
  record Deposit(
      String stepId, Coating coating, int coats, Slab slab, @Nullable LayerStep stencil) {}

  /** What one step lays, worked out once for all regions; null for peels and engraving. */
  static @Nullable Deposit laid(LayerStep step, Function<LayerStep, Coating> coatings) {
    if (step.op() == LayerOp.PEEL || step.op() == LayerOp.ENGRAVE) {
      return null;
    }
    boolean stencil = step.op() == LayerOp.STENCIL;
    Coating coating = coatings.apply(step);
    int coats = stencil ? 1 : step.coats();
    return new Deposit(step.id(), coating, coats, coating.coats(coats), stencil ? step : null);
  }

  private final Map<Side, List<Deposit>> piles = new EnumMap<>(Side.class);
  private final Map<Side, Boolean> frosted = new EnumMap<>(Side.class);

  Piles() {
    for (Side side : Side.values()) {
      piles.put(side, new ArrayList<>());
      frosted.put(side, false);
    }
  }

  /** The piles of a region, named by the shapes that cover it, after these steps. */
  static Piles after(
      List<LayerStep> steps, Set<String> region, Function<LayerStep, Coating> coatings) {
    Piles piles = new Piles();
    LayerMasks masks = new LayerMasks();
    for (LayerStep step : steps) {
      piles.take(masks.next(step), region, laid(step, coatings));
    }
    return piles;
  }

  /** Does one step where it reaches this region. */
  void take(LayerMasks.Move move, Set<String> region, @Nullable Deposit laid) {
    LayerStep step = move.step();
    List<Deposit> pile = piles.get(step.side());
    if (step.op() == LayerOp.PEEL) {
      move.peels().forEach(stencil -> peel(pile, stencil));
      return;
    }
    if (!move.reaches(region)) {
      return;
    }
    if (laid != null) {
      pile.add(laid);
    } else {
      pile.clear();
      frosted.put(step.side(), true);
    }
  }

  private static void peel(List<Deposit> pile, String stencil) {
    for (int i = 0; i < pile.size(); i++) {
      LayerStep laid = pile.get(i).stencil();
      if (laid != null && laid.id().equals(stencil)) {
        pile.subList(i, pile.size()).clear();
        return;
      }
    }
  }

  /**
   * Equal for piles that look the same.
   *
   * @param steps whose layers lie on each side, the lowest first
   */
  record Likeness(Map<Side, List<String>> steps, Map<Side, Boolean> frosted) {}

  Likeness likeness() {
    Map<Side, List<String>> steps = new EnumMap<>(Side.class);
    piles.forEach((side, pile) -> steps.put(side, pile.stream().map(Deposit::stepId).toList()));
    return new Likeness(steps, new EnumMap<>(frosted));
  }

  List<Deposit> on(Side side) {
    return piles.get(side);
  }

  boolean frosted(Side side) {
    return frosted.get(side);
  }

  /** The layers on one side, seen from outside, down to the bare sheet. */
  Slab slab(Side side) {
    Slab all = frosted.get(side) ? SheetOptic.frost() : Slab.NOTHING;
    for (Deposit deposit : piles.get(side)) {
      all = deposit.slab().before(all);
    }
    return all;
  }

  /** Both sides and the sheet, seen from a side. */
  Slab slab(Side from, SheetOptic sheet) {
    return slab(from).before(sheet.slab()).before(slab(from.across()).turned());
  }
}
