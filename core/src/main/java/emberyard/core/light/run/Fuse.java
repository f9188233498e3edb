package emberyard.core.light.run;

import java.util.List;
import java.util.Optional;

/**
 * The fuse at a source: the smallest usual one a quarter above the current, no larger than the lead
 * behind it bears.
 */
public final class Fuse {
  private static final List<Double> USUAL =
      List.of(0.5, 1.0, 2.0, 3.0, 4.0, 5.0, 7.5, 10.0, 15.0, 20.0, 25.0, 30.0);

  private static final double SPARE = 1.25;

  /** What a lead of an area bears in a case, mm² and A; defaults. */
  private static final List<double[]> BEARS =
      List.of(
          new double[] {0.05, 0.5},
          new double[] {0.08, 1},
          new double[] {0.14, 2},
          new double[] {0.22, 3},
          new double[] {0.34, 4},
          new double[] {0.5, 5},
          new double[] {0.75, 7.5},
          new double[] {1, 10},
          new double[] {1.5, 15},
          new double[] {2.5, 20},
          new double[] {4, 30});

  private Fuse() {}

  /**
   * Example: 3.29 A → 5 A, 4.0 A → 5 A, 1.6 A → 2 A.
   *
   * @return empty where no usual one is large enough
   */
  public static Optional<Double> amps(double current) {
    return USUAL.stream().filter(each -> each >= current * SPARE - 1e-9).findFirst();
  }

  /**
   * What a lead bears, A: that of the next thinner one that is usual.
   *
   * <p>Example: 0.5 mm² 5 A, 0.6 mm² 5 A.
   */
  public static double bears(double leadMm2) {
    double bears = 0.3;
    for (double[] each : BEARS) {
      if (leadMm2 >= each[0] - 1e-9) {
        bears = each[1];
      }
    }
    return bears;
  }

  /** The thinnest usual lead that bears a fuse, mm²; empty where none does. */
  public static Optional<Double> leadFor(double fuseAmps) {
    return BEARS.stream()
        .filter(each -> each[1] >= fuseAmps - 1e-9)
        .map(each -> each[0])
        .findFirst();
  }
}
