package emberyard.core.build;

import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import org.jspecify.annotations.Nullable;

/**
 * What is done to a bay at the bench.
 *
 * @param widerMm cut larger to the right, 0 to 1,000 mm; so are deeper to the back and higher
 * @param movedXMm moved to the right, −2,000 to 2,000 mm; so are y to the back and z up
 * @param cutAway taken out, so that its space goes to the bay beside it
 * @param minutes how long it takes, 0 to 10,000; null for the default
 */
@RecordBuilder
public record BayChange(
    double widerMm,
    double deeperMm,
    double higherMm,
    double movedXMm,
    double movedYMm,
    double movedZMm,
    boolean cutAway,
    @Nullable Integer minutes)
    implements BayChangeBuilder.With {
  /** As it was bought or measured. */
  public static final BayChange NONE = new BayChange(0, 0, 0, 0, 0, 0, false, null);

  public BayChange {
    Require.between("widerMm", widerMm, 0, 1_000, "mm");
    Require.between("deeperMm", deeperMm, 0, 1_000, "mm");
    Require.between("higherMm", higherMm, 0, 1_000, "mm");
    Require.between("movedXMm", movedXMm, -2_000, 2_000, "mm");
    Require.between("movedYMm", movedYMm, -2_000, 2_000, "mm");
    Require.between("movedZMm", movedZMm, -2_000, 2_000, "mm");
    if (minutes != null) {
      Require.between("minutes", minutes, 0, 10_000, "min");
    }
  }

  public boolean none() {
    return !cutAway && !widened() && !moved();
  }

  public boolean widened() {
    return widerMm > 0 || deeperMm > 0 || higherMm > 0;
  }

  public boolean moved() {
    return movedXMm != 0 || movedYMm != 0 || movedZMm != 0;
  }

  /** The same and larger along an axis (0 x, 1 y, 2 z). */
  public BayChange larger(int axis, double byMm) {
    return with()
        .widerMm(widerMm + (axis == 0 ? byMm : 0))
        .deeperMm(deeperMm + (axis == 1 ? byMm : 0))
        .higherMm(higherMm + (axis == 2 ? byMm : 0))
        .build();
  }

  /** The same, cut away. */
  public BayChange away() {
    return with().cutAway(true).build();
  }

  /** The same, not cut away. */
  public BayChange left() {
    return with().cutAway(false).build();
  }
}
