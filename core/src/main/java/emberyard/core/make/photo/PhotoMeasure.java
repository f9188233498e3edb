package emberyard.core.make.photo;

import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;
import org.apache.commons.rng.simple.RandomSource;

/**
 * Distances measured in a photo.
 *
 * @param distances between each clicked point and the next
 * @param points where the clicked points lie in the plane, mm, y upwards
 * @param note what the result holds for
 */
public record PhotoMeasure(List<Distance> distances, List<PlanePoint> points, String note) {
  /** Click error, standard deviation; a default of the handbook. */
  public static final double CLICK_PX = 1.5;

  private static final int ROUNDS = 500;
  private static final long SEED = 20_240_101;

  public PhotoMeasure {
    distances = List.copyOf(distances);
    points = List.copyOf(points);
  }

  /** Median and two standard deviations, mm. */
  public record Distance(double medianMm, double plusMinusMm) {}

  /** A point of the plane. */
  public record PlanePoint(double xMm, double yMm) {}

  /**
   * Measures 500 times with every clicked point moved by a normal error (fixed seed) and reports
   * median ± 2 s.
   *
   * @param points 2 to 200 clicked points, in order
   * @param clickErrorPx standard deviation of a click, 0 to 50 px
   */
  public static PhotoMeasure of(
      PhotoReference reference, List<PhotoPoint> points, double clickErrorPx) {
    Require.between("points", points.size(), 2, 200, "points");
    Require.between("clickErrorPx", clickErrorPx, 0, 50, "px");
    UniformRandomProvider random = RandomSource.XO_RO_SHI_RO_128_PP.create(SEED);
    Jitter none = (value) -> value;
    ZigguratSampler.NormalizedGaussian normal = ZigguratSampler.NormalizedGaussian.of(random);
    Jitter jitter = value -> value + clickErrorPx * normal.sample();
    List<double[]> samples = new ArrayList<>();
    for (int round = 0; round < ROUNDS; round++) {
      samples.add(distances(map(reference, jitter), points, jitter));
    }
    List<Distance> distances = new ArrayList<>();
    for (int i = 0; i < points.size() - 1; i++) {
      int at = i;
      double[] values = samples.stream().mapToDouble(s -> s[at]).sorted().toArray();
      distances.add(new Distance(median(values), 2 * deviation(values)));
    }
    PlaneMap still = map(reference, none);
    List<PlanePoint> plane = new ArrayList<>();
    for (PhotoPoint point : points) {
      double[] mm = still.of(point.xPx(), point.yPx());
      plane.add(new PlanePoint(mm[0], mm[1]));
    }
    return new PhotoMeasure(
        distances,
        plane,
        "Only what lies in the plane of the reference; lens distortion is ignored, so keep away from"
            + " the picture's corners.");
  }

  private interface Jitter {
    double of(double value);
  }

  private static PlaneMap map(PhotoReference reference, Jitter jitter) {
    if (reference.corners() != null) {
      double[][] pixels = new double[4][];
      for (int i = 0; i < 4; i++) {
        PhotoPoint corner = reference.corners().get(i);
        pixels[i] = new double[] {jitter.of(corner.xPx()), jitter.of(corner.yPx())};
      }
      return PlaneMap.homography(pixels, reference.widthMm(), reference.heightMm());
    }
    List<double[]> known = new ArrayList<>();
    for (PhotoReference.KnownLength length : reference.lengths()) {
      double dx = jitter.of(length.to().xPx()) - jitter.of(length.from().xPx());
      double dy = jitter.of(length.to().yPx()) - jitter.of(length.from().yPx());
      known.add(new double[] {length.lengthMm(), Math.hypot(dx, dy)});
    }
    return PlaneMap.scale(known);
  }

  private static double[] distances(PlaneMap map, List<PhotoPoint> points, Jitter jitter) {
    double[] distances = new double[points.size() - 1];
    double[] last = null;
    for (int i = 0; i < points.size(); i++) {
      double[] at = map.of(jitter.of(points.get(i).xPx()), jitter.of(points.get(i).yPx()));
      if (last != null) {
        distances[i - 1] = Math.hypot(at[0] - last[0], at[1] - last[1]);
      }
      last = at;
    }
    return distances;
  }

  private static double median(double[] sorted) {
    int n = sorted.length;
    return n % 2 == 1 ? sorted[n / 2] : (sorted[n / 2 - 1] + sorted[n / 2]) / 2;
  }

  private static double deviation(double[] values) {
    double mean = 0;
    for (double value : values) {
      mean += value / values.length;
    }
    double sum = 0;
    for (double value : values) {
      sum += (value - mean) * (value - mean);
    }
    return Math.sqrt(sum / (values.length - 1));
  }
}
