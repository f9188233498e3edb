package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What makes a part more than a rectangle. The recipe starts from the part's rectangle with its
 * window and holes, or from the flat pattern of a bent strip, or from nothing.
 *
 * @param cornerMm radius of the rectangle's corners, 0 to 500 mm; 0 where it is left out
 * @param bare whether the recipe starts from nothing: the first joined figure is the part
 * @param steps in the order in which they are done
 * @param bent null for a flat part
 * @param hold how it is fixed, null while that is open
 * @param keepGrain whether it may not be turned on the sheet
 * @param first whether it is laid on sheets before the others
 * @param inside whether it sits where no face shows it
 * @param stencil whether what is left is used as a stencil: pieces that fall out are wrong
 */
public record PartDrawing(
    Double cornerMm,
    Boolean bare,
    List<RecipeStep> steps,
    @Nullable Bent bent,
    @Nullable Hold hold,
    Boolean keepGrain,
    Boolean first,
    Boolean stencil,
    Boolean inside) {
  /** A plain rectangle. */
  public static final PartDrawing PLAIN =
      new PartDrawing(0.0, false, List.of(), null, null, false, false, false, false);

  private static final int MOST_STEPS = 200;

  public PartDrawing {
    cornerMm = cornerMm == null ? 0 : cornerMm;
    bare = bare != null && bare;
    steps = Require.list(steps);
    keepGrain = keepGrain != null && keepGrain;
    first = first != null && first;
    stencil = stencil != null && stencil;
    inside = inside != null && inside;
    Require.between("cornerMm", cornerMm, 0, 500, "mm");
    Require.between("steps", steps.size(), 0, MOST_STEPS, "steps");
  }

  /** A rectangle with these steps. */
  public static PartDrawing of(RecipeStep... steps) {
    return new PartDrawing(0.0, false, List.of(steps), null, null, false, false, false, false);
  }

  public PartDrawing with(List<RecipeStep> others) {
    return new PartDrawing(cornerMm, bare, others, bent, hold, keepGrain, first, stencil, inside);
  }

  public PartDrawing bent(Bent strip) {
    return new PartDrawing(cornerMm, bare, steps, strip, hold, keepGrain, first, stencil, inside);
  }

  public PartDrawing held(Hold way) {
    return new PartDrawing(cornerMm, bare, steps, bent, way, keepGrain, first, stencil, inside);
  }

  public PartDrawing alongGrain() {
    return new PartDrawing(cornerMm, bare, steps, bent, hold, true, first, stencil, inside);
  }

  /** Where no face shows it. */
  public PartDrawing within() {
    return new PartDrawing(cornerMm, bare, steps, bent, hold, keepGrain, first, stencil, true);
  }
}
