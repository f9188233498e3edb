package emberyard.core.nest;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Finds the best place of one shape on one sheet among those already there. Candidates are the
 * corners of the free box, the corners of the no-fit polygons, and where their rims cross; the one
 * furthest left, then lowest, that no no-fit polygon holds is taken (bottom-left filling with
 * no-fit polygons, after Burke, Hellier, Kendall and Whitwell 2007). O(e²) in the edges of the rims
 * near each other, times the few candidates better than the best so far.
 */
final class Finder extends Candidates {
  /** Overlaps thinner than this are touching. */
  static final double HAIR_MM = 1e-6;

  private final NoFitStore store;
  private final Ground ground;
  private final Shape shape;
  private final boolean lengthwise;
  private final NoFit[] noFits;
  private final double[] atX;
  private final double[] atY;
  private double bestKey = Double.MAX_VALUE;
  private double bestX;
  private double bestY;

  Finder(NoFitStore store, Ground ground, List<Spot> there, Shape shape, boolean lengthwise) {
    this.store = store;
    this.ground = ground;
    this.shape = shape;
    this.lengthwise = lengthwise;
    int n = there.size() + (ground.missing.isEmpty() ? 0 : 1);
    noFits = new NoFit[n];
    atX = new double[n];
    atY = new double[n];
    for (int i = 0; i < there.size(); i++) {
      noFits[i] = store.between(there.get(i).shape(), shape);
      atX[i] = there.get(i).x();
      atY[i] = there.get(i).y();
    }
    if (!ground.missing.isEmpty()) {
      noFits[n - 1] = store.missing(ground, shape);
    }
  }

  /** The best place, or null where there is none better than this key. */
  @Nullable Spot best(double keyToBeat) {
    right = ground.width - shape.width;
    top = ground.height - shape.height;
    if (right < -HAIR_MM || top < -HAIR_MM) {
      return null;
    }
    right = Math.max(0, right);
    top = Math.max(0, top);
    bestKey = keyToBeat;
    corners();
    for (int i = 0; i < noFits.length; i++) {
      if (near(i)) {
        rim(i);
      }
    }
    for (int i = 0; i < noFits.length; i++) {
      if (near(i)) {
        for (int k = i + 1; k < noFits.length; k++) {
          if (touching(i, k) && promising(i, k)) {
            crossings(i, k);
          }
        }
      }
    }
    return bestKey < keyToBeat ? new Spot(shape, bestX, bestY) : null;
  }

  double key() {
    return bestKey;
  }

  /** Further along counts most, further up a little. */
  private double key(double x, double y) {
    return lengthwise
        ? (x + shape.width) + 0.001 * (y + shape.height)
        : (y + shape.height) + 0.001 * (x + shape.width);
  }

  @Override
  void take(double x, double y) {
    double key = key(x, y);
    if (key < bestKey && free(x, y)) {
      bestKey = key;
      bestX = x;
      bestY = y;
    }
  }

  private boolean free(double x, double y) {
    for (int i = 0; i < noFits.length; i++) {
      if (noFits[i].forbids(x - atX[i], y - atY[i], HAIR_MM)) {
        return false;
      }
    }
    return true;
  }

  private boolean near(int i) {
    NoFit n = noFits[i];
    return n.maxX + atX[i] >= -HAIR_MM
        && n.minX + atX[i] <= right + HAIR_MM
        && n.maxY + atY[i] >= -HAIR_MM
        && n.minY + atY[i] <= top + HAIR_MM;
  }

  /** Whether a crossing of two rims could still beat the best so far. */
  private boolean promising(int i, int k) {
    double x = Math.max(noFits[i].minX + atX[i], noFits[k].minX + atX[k]);
    double y = Math.max(noFits[i].minY + atY[i], noFits[k].minY + atY[k]);
    return key(Math.max(0, x), Math.max(0, y)) < bestKey;
  }

  private boolean touching(int i, int k) {
    NoFit a = noFits[i];
    NoFit b = noFits[k];
    return a.minX + atX[i] <= b.maxX + atX[k]
        && b.minX + atX[k] <= a.maxX + atX[i]
        && a.minY + atY[i] <= b.maxY + atY[k]
        && b.minY + atY[k] <= a.maxY + atY[i];
  }

  /** Corners of one rim, and where it crosses the free box. */
  private void rim(int i) {
    double[] e = noFits[i].edges;
    for (int at = 0; at < e.length; at += 4) {
      double x1 = e[at] + atX[i];
      double y1 = e[at + 1] + atY[i];
      double x2 = e[at + 2] + atX[i];
      double y2 = e[at + 3] + atY[i];
      if (key(Math.min(x1, x2), Math.min(y1, y2)) >= bestKey) {
        continue;
      }
      edge(x1, y1, x2, y2);
    }
  }

  private void crossings(int i, int k) {
    double[] a = noFits[i].edges;
    double[] b = noFits[k].edges;
    NoFit other = noFits[k];
    for (int p = 0; p < a.length; p += 4) {
      double x1 = a[p] + atX[i];
      double y1 = a[p + 1] + atY[i];
      double x2 = a[p + 2] + atX[i];
      double y2 = a[p + 3] + atY[i];
      double lowX = Math.min(x1, x2);
      double highX = Math.max(x1, x2);
      double lowY = Math.min(y1, y2);
      double highY = Math.max(y1, y2);
      if (highX < other.minX + atX[k]
          || lowX > other.maxX + atX[k]
          || highY < other.minY + atY[k]
          || lowY > other.maxY + atY[k]
          || key(lowX, lowY) >= bestKey) {
        continue;
      }
      for (int q = 0; q < b.length; q += 4) {
        crossing(
            x1, y1, x2, y2, b[q] + atX[k], b[q + 1] + atY[k], b[q + 2] + atX[k], b[q + 3] + atY[k]);
      }
    }
  }
}
