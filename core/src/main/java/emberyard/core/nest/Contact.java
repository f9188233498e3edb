package emberyard.core.nest;

/** How much of two rims runs along each other. */
final class Contact {
  private static final double NEAR_MM = 1e-3;
  private static final double PARALLEL = 1e-4;

  private Contact() {}

  /** Length along which edges of b at an offset lie on edges of a; O(n m). */
  static double between(double[] a, double ax, double ay, double[] b, double bx, double by) {
    double dx = bx - ax;
    double dy = by - ay;
    double shared = 0;
    for (int i = 0; i < a.length; i += 4) {
      double ex = a[i + 2] - a[i];
      double ey = a[i + 3] - a[i + 1];
      double length = Math.sqrt(ex * ex + ey * ey);
      if (length < NEAR_MM) {
        continue;
      }
      ex /= length;
      ey /= length;
      for (int k = 0; k < b.length; k += 4) {
        double px = b[k] + dx - a[i];
        double py = b[k + 1] + dy - a[i + 1];
        double away = ex * py - ey * px;
        if (away > NEAR_MM || away < -NEAR_MM) {
          continue;
        }
        double qx = b[k + 2] + dx - a[i];
        double qy = b[k + 3] + dy - a[i + 1];
        double farAway = ex * qy - ey * qx;
        double from = ex * px + ey * py;
        double to = ex * qx + ey * qy;
        if (Math.abs(farAway - away) > PARALLEL * Math.abs(to - from) + NEAR_MM) {
          continue;
        }
        double low = Math.max(0, Math.min(from, to));
        double high = Math.min(length, Math.max(from, to));
        shared += Math.max(0, high - low);
      }
    }
    return shared;
  }
}
