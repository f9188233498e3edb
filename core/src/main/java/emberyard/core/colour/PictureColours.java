package emberyard.core.colour;

import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;

/**
 * The main colours of a picture: k-means in CIELAB (Lloyd), seeded by k-means++ (Arthur,
 * Vassilvitskii 2007) from a fixed seed, so that the same picture always gives the same colours.
 * Colours closer than ΔE00 6 are merged; what is left is ordered by area. Running time O(pixels × k
 * × rounds); give a downscaled picture.
 */
public final class PictureColours {
  /** Closer than this, two clusters are one colour. */
  static final double SAME = 6;

  private static final long SEED = 20_050_101L;
  private static final int MOST_ROUNDS = 60;
  private static final double NEAR_WHITE_L = 94;
  private static final double NEAR_WHITE_CHROMA = 6;

  private PictureColours() {}

  /**
   * One colour of the picture.
   *
   * @param share of the counted pixels, 0 to 1; all shares sum to 1
   */
  public record Main(Colour colour, double share) {}

  /**
   * @param pixels row by row
   * @param k colours looked for, 1 to 12
   * @param withoutNearWhite leaves out near-white pixels, for pictures with a paper margin; a
   *     picture that is all white keeps them
   */
  public static List<Main> of(List<Colour> pixels, int k, boolean withoutNearWhite) {
    Require.between("k", k, 1, 12, "colours");
    Require.that(!pixels.isEmpty(), "picture", "The picture is empty.");
    List<Lab> all = pixels.stream().map(Colour::lab).toList();
    List<Lab> points = all;
    if (withoutNearWhite) {
      List<Lab> inked = all.stream().filter(lab -> !nearWhite(lab)).toList();
      points = inked.isEmpty() ? all : inked;
    }
    List<Lab> centres = seeds(points, k);
    int[] owner = new int[points.size()];
    for (int round = 0; round < MOST_ROUNDS && assign(points, centres, owner); round++) {
      centres = means(points, centres, owner);
    }
    return merged(centres, counts(owner, centres.size()), points.size());
  }

  private static boolean nearWhite(Lab lab) {
    return lab.l() > NEAR_WHITE_L && Math.hypot(lab.a(), lab.b()) < NEAR_WHITE_CHROMA;
  }

  /** k-means++: each next seed with probability by its squared distance to those before. */
  private static List<Lab> seeds(List<Lab> points, int k) {
    SplittableRandom random = new SplittableRandom(SEED);
    List<Lab> seeds = new ArrayList<>();
    seeds.add(points.get(random.nextInt(points.size())));
    double[] far = new double[points.size()];
    java.util.Arrays.fill(far, Double.MAX_VALUE);
    while (seeds.size() < k) {
      Lab last = seeds.get(seeds.size() - 1);
      double sum = 0;
      for (int i = 0; i < far.length; i++) {
        far[i] = Math.min(far[i], squared(points.get(i), last));
        sum += far[i];
      }
      if (sum == 0) {
        break;
      }
      double left = random.nextDouble() * sum;
      int chosen = 0;
      for (int i = 0; i < far.length && left >= 0; i++) {
        left -= far[i];
        chosen = i;
      }
      seeds.add(points.get(chosen));
    }
    return seeds;
  }

  /** Whether any point changed its centre. */
  private static boolean assign(List<Lab> points, List<Lab> centres, int[] owner) {
    boolean changed = false;
    for (int i = 0; i < owner.length; i++) {
      int nearest = 0;
      for (int c = 1; c < centres.size(); c++) {
        if (squared(points.get(i), centres.get(c)) < squared(points.get(i), centres.get(nearest))) {
          nearest = c;
        }
      }
      changed |= owner[i] != nearest;
      owner[i] = nearest;
    }
    return changed;
  }

  private static List<Lab> means(List<Lab> points, List<Lab> centres, int[] owner) {
    double[][] sums = new double[centres.size()][4];
    for (int i = 0; i < owner.length; i++) {
      Lab point = points.get(i);
      double[] sum = sums[owner[i]];
      sum[0] += point.l();
      sum[1] += point.a();
      sum[2] += point.b();
      sum[3]++;
    }
    List<Lab> means = new ArrayList<>();
    for (int c = 0; c < sums.length; c++) {
      double n = sums[c][3];
      means.add(n == 0 ? centres.get(c) : new Lab(sums[c][0] / n, sums[c][1] / n, sums[c][2] / n));
    }
    return means;
  }

  private static int[] counts(int[] owner, int centres) {
    int[] counts = new int[centres];
    for (int c : owner) {
      counts[c]++;
    }
    return counts;
  }

  private record Cluster(Lab lab, double count) {
    Cluster with(Cluster other) {
      double n = count + other.count;
      double share = other.count / n;
      return new Cluster(
          new Lab(
              lab.l() + (other.lab.l() - lab.l()) * share,
              lab.a() + (other.lab.a() - lab.a()) * share,
              lab.b() + (other.lab.b() - lab.b()) * share),
          n);
    }
  }

  /** Largest first; each smaller one joins the first larger one it is too close to. */
  private static List<Main> merged(List<Lab> centres, int[] counts, int pixels) {
    List<Cluster> clusters = new ArrayList<>();
    for (int c = 0; c < counts.length; c++) {
      if (counts[c] > 0) {
        clusters.add(new Cluster(centres.get(c), counts[c]));
      }
    }
    boolean again = true;
    while (again) {
      clusters.sort(Comparator.comparingDouble(Cluster::count).reversed());
      again = mergeOnce(clusters);
    }
    return clusters.stream()
        .map(cluster -> new Main(Colour.lab(cluster.lab), cluster.count / pixels))
        .toList();
  }

  private static boolean mergeOnce(List<Cluster> clusters) {
    for (int i = 0; i < clusters.size(); i++) {
      for (int j = i + 1; j < clusters.size(); j++) {
        if (Difference.deltaE00(clusters.get(i).lab, clusters.get(j).lab) < SAME) {
          clusters.set(i, clusters.get(i).with(clusters.remove(j)));
          return true;
        }
      }
    }
    return false;
  }

  private static double squared(Lab one, Lab two) {
    double l = one.l() - two.l();
    double a = one.a() - two.a();
    double b = one.b() - two.b();
    return l * l + a * a + b * b;
  }
}
