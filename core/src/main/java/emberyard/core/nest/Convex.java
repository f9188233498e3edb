package emberyard.core.nest;

/**
 * A convex polygon, counter-clockwise, with its box. The inner loop of nesting runs on these, so
 * they are plain arrays.
 */
final class Convex {
  final double[] x;
  final double[] y;
  final double minX;
  final double minY;
  final double maxX;
  final double maxY;

  Convex(double[] x, double[] y) {
    this.x = x;
    this.y = y;
    double lowX = x[0];
    double lowY = y[0];
    double highX = x[0];
    double highY = y[0];
    for (int i = 1; i < x.length; i++) {
      lowX = Math.min(lowX, x[i]);
      lowY = Math.min(lowY, y[i]);
      highX = Math.max(highX, x[i]);
      highY = Math.max(highY, y[i]);
    }
    minX = lowX;
    minY = lowY;
    maxX = highX;
    maxY = highY;
  }

  /** Whether a point lies inside by more than a hair: touching is allowed. */
  boolean holds(double px, double py, double hair) {
    if (px <= minX + hair || px >= maxX - hair || py <= minY + hair || py >= maxY - hair) {
      return false;
    }
    int n = x.length;
    for (int i = 0, before = n - 1; i < n; before = i++) {
      double ex = x[i] - x[before];
      double ey = y[i] - y[before];
      double cross = ex * (py - y[before]) - ey * (px - x[before]);
      if (cross <= hair * Math.sqrt(ex * ex + ey * ey)) {
        return false;
      }
    }
    return true;
  }

  /** The same polygon turned by half: what a Minkowski difference adds. */
  Convex negated() {
    double[] nx = new double[x.length];
    double[] ny = new double[x.length];
    for (int i = 0; i < x.length; i++) {
      nx[i] = -x[i];
      ny[i] = -y[i];
    }
    return new Convex(nx, ny);
  }

  /** Minkowski sum of two convex polygons: their edges merged by angle; O(n + m). */
  static Convex sum(Convex a, Convex b) {
    int i = lowest(a);
    int k = lowest(b);
    int n = a.x.length;
    int m = b.x.length;
    double[] sx = new double[n + m];
    double[] sy = new double[n + m];
    int count = 0;
    int ia = 0;
    int ib = 0;
    while (ia < n || ib < m) {
      int pa = (i + ia) % n;
      int pb = (k + ib) % m;
      sx[count] = a.x[pa] + b.x[pb];
      sy[count] = a.y[pa] + b.y[pb];
      count++;
      int na = (pa + 1) % n;
      int nb = (pb + 1) % m;
      double cross =
          (a.x[na] - a.x[pa]) * (b.y[nb] - b.y[pb]) - (a.y[na] - a.y[pa]) * (b.x[nb] - b.x[pb]);
      if (ib >= m || (ia < n && cross > 0)) {
        ia++;
      } else if (ia >= n || cross < 0) {
        ib++;
      } else {
        ia++;
        ib++;
      }
    }
    return new Convex(java.util.Arrays.copyOf(sx, count), java.util.Arrays.copyOf(sy, count));
  }

  private static int lowest(Convex c) {
    int at = 0;
    for (int i = 1; i < c.x.length; i++) {
      if (c.y[i] < c.y[at] || (c.y[i] == c.y[at] && c.x[i] < c.x[at])) {
        at = i;
      }
    }
    return at;
  }
}
