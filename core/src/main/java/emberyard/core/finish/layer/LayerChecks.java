package emberyard.core.finish.layer;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import java.util.ArrayList;
import java.util.List;

/** Questions about an order of steps that need no clock. */
public final class LayerChecks {
  private LayerChecks() {}

  /** Stencils that nobody peels. */
  public static List<LayerStep> stencilsLeft(List<LayerStep> steps) {
    return LayerMasks.left(steps);
  }

  /** Whether paint goes over a stencil's place and its surroundings after it was peeled. */
  public static boolean paintedOver(List<LayerStep> steps, LayerStep stencil) {
    boolean peeled = false;
    for (LayerMasks.Move move : LayerMasks.of(steps)) {
      peeled |= move.peels().contains(stencil.id());
      LayerStep step = move.step();
      if (peeled && step.op() == LayerOp.PAINT && step.side() == stencil.side() && step.allOver()) {
        return true;
      }
    }
    return false;
  }

  /** Engraving steps that meet film or a stencil somewhere. */
  public static List<LayerStep> engravedThroughFilm(LayerStack stack, List<Region> regions) {
    List<LayerStep> burning = new ArrayList<>();
    for (int i = 0; i < stack.steps().size(); i++) {
      LayerStep step = stack.steps().get(i);
      if (step.op() != LayerOp.ENGRAVE) {
        continue;
      }
      LayerStack until = stack.with(stack.steps().subList(0, i));
      boolean film =
          regions.stream()
              .filter(region -> step.reaches(region.shapes()))
              .anyMatch(region -> filmLies(until.piles(region.shapes()), step.side()));
      if (film) {
        burning.add(step);
      }
    }
    return burning;
  }

  private static boolean filmLies(Piles piles, Side side) {
    return piles.on(side).stream()
        .anyMatch(
            deposit ->
                deposit.stencil() != null || Double.isInfinite(deposit.coating().strength()));
  }
}
