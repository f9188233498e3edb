package emberyard.core.geometry;

import emberyard.core.units.Require;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Evenly spaced holes along an edge.
 *
 * @param count at least 2
 * @param pitchMm distance of neighbouring centres
 * @param firstMm centre of the first hole from the start of the edge
 */
public record HoleRow(int count, double pitchMm, double firstMm) {

  /**
   * The fewest holes that are nowhere further apart than the greatest pitch: n = ⌈(L − 2e)/p⌉ + 1
   * at pitch (L − 2e)/(n − 1).
   *
   * <p>Example: length 412, inset 12, greatest pitch 90 → 6 holes at 77.6.
   *
   * @param lengthMm of the edge
   * @param insetMm of the first and last centre from the ends of the edge; twice it must be less
   *     than the length
   * @param greatestPitchMm more than 0
   */
  public static HoleRow along(double lengthMm, double insetMm, double greatestPitchMm) {
    double run = lengthMm - 2 * insetMm;
    Require.that(
        run > 0,
        "holes.insetMm",
        "An inset of %.1f mm leaves no room for holes on an edge of %.1f mm."
            .formatted(insetMm, lengthMm));
    Require.that(greatestPitchMm > 0, "holes.greatestPitchMm", "Pitch can't be 0 mm.");
    // a pitch that divides the run exactly must not gain a hole from floating-point noise
    int count = (int) Math.ceil(run / greatestPitchMm - 1e-9) + 1;
    return new HoleRow(count, run / (count - 1), insetMm);
  }

  /** Centres from the start of the edge, mm, ascending. */
  public List<Double> centresMm() {
    return IntStream.range(0, count).mapToObj(i -> firstMm + i * pitchMm).toList();
  }
}
