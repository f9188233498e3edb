package emberyard.core.finish.layer;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Keeps count of which stencils lie, so that a peel knows what it takes off. */
final class LayerMasks {
  private final List<LayerStep> lying = new ArrayList<>();

  /**
   * A step with the stencils that it takes off, by the ids of the steps that laid them.
   *
   * @param peels empty for all but peels
   */
  record Move(LayerStep step, List<String> peels, Set<String> shapes, Set<String> less) {
    static Move of(LayerStep step, List<String> peels) {
      return new Move(step, peels, Set.copyOf(step.shapes()), Set.copyOf(step.less()));
    }

    /**
     * {@link LayerStep#reaches} by the few shapes of the region instead of the many of the step.
     */
    boolean reaches(Set<String> region) {
      boolean within = false;
      for (String shape : region) {
        if (less.contains(shape)) {
          return false;
        }
        within |= shapes.contains(shape);
      }
      return shapes.isEmpty() || within != step.outside();
    }
  }

  Move next(LayerStep step) {
    if (step.op() == LayerOp.STENCIL) {
      lying.add(step);
      return Move.of(step, List.of());
    }
    if (step.op() != LayerOp.PEEL) {
      return Move.of(step, List.of());
    }
    List<LayerStep> taken =
        lying.stream()
            .filter(stencil -> stencil.side() == step.side() && meant(step, stencil))
            .toList();
    if (step.peels().isEmpty() && step.shapes().isEmpty() && !taken.isEmpty()) {
      taken = List.of(taken.get(taken.size() - 1));
    }
    lying.removeAll(taken);
    return Move.of(step, taken.stream().map(LayerStep::id).toList());
  }

  /** What was laid and not taken off yet. */
  List<LayerStep> lying() {
    return List.copyOf(lying);
  }

  private static boolean meant(LayerStep peel, LayerStep stencil) {
    if (!peel.peels().isEmpty()) {
      return peel.peels().contains(stencil.id());
    }
    return peel.shapes().isEmpty()
        || new HashSet<>(peel.shapes()).equals(new HashSet<>(stencil.shapes()));
  }

  /** All steps with what each takes off. */
  static List<Move> of(List<LayerStep> steps) {
    LayerMasks masks = new LayerMasks();
    return steps.stream().map(masks::next).toList();
  }

  /** Stencils that still lie at the end. */
  static List<LayerStep> left(List<LayerStep> steps) {
    LayerMasks masks = new LayerMasks();
    steps.forEach(masks::next);
    return masks.lying();
  }
}
