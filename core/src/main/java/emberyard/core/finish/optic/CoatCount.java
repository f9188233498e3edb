package emberyard.core.finish.optic;

import emberyard.core.colour.Colour;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;

/**
 * How many coats it takes until the ground is hidden: the smallest n with ΔE00(R(n), R∞) ≤
 * tolerance, and never fewer than two.
 *
 * @param coats to spray, 2 to 30
 * @param reached whether the tolerance is kept at all
 * @param steps the colour after each coat, from the first on
 * @param strength scattering power of one coat, 0 for a glaze
 */
public record CoatCount(int coats, boolean reached, List<AfterCoat> steps, double strength) {
  /** A careful painter sees this side by side. */
  public static final double CAREFUL = 1.5;

  /** A quick one lives with this. */
  public static final double QUICK = 2.5;

  public static final int LEAST = 2;
  private static final int MOST = 30;

  public CoatCount {
    steps = List.copyOf(steps);
  }

  /** The colour after a coat, and how far it is from the full colour. */
  public record AfterCoat(int n, String colour, double deltaE00) {}

  /**
   * Of a paint over a ground.
   *
   * <p>Example: {@code #B5651D} with 0.80 over {@code #151515}: 4.85, 1.06 → 2.
   *
   * @param tolerance ΔE00, 0.1 to 20
   */
  public static CoatCount of(Coating paint, Colour ground, double tolerance) {
    return of(paint, ground, KubelkaMunk.full(paint.colour()), tolerance);
  }

  /** Until another colour than the paint's own is shown: a glaze has no full colour. */
  public static CoatCount of(Coating paint, Colour ground, Colour wanted, double tolerance) {
    Require.between("tolerance", tolerance, 0.1, 20, "");
    List<AfterCoat> steps = new ArrayList<>();
    for (int n = 1; n <= MOST; n++) {
      Colour shown = paint.coats(n).on(ground);
      double delta = shown.deltaE00(wanted);
      steps.add(new AfterCoat(n, shown.hex(), delta));
      if (delta <= tolerance && n >= LEAST) {
        return new CoatCount(n, true, steps, paint.strength());
      }
    }
    int best = LEAST;
    for (AfterCoat step : steps) {
      best = step.deltaE00() < steps.get(best - 1).deltaE00() - 1e-9 ? step.n() : best;
    }
    return new CoatCount(
        Math.max(LEAST, best), false, steps.subList(0, Math.max(LEAST, best)), paint.strength());
  }
}
