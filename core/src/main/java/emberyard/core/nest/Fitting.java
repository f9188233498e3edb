package emberyard.core.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Fills one sheet the way a jigsaw is laid: of all pieces left and all places worth trying, the one
 * whose rim touches most goes next. Places are the corners and crossings of no-fit polygons; they
 * are kept from piece to piece, and only what the new piece brings is computed: O(e) new rims
 * against all rims there.
 */
final class Fitting {
  private final Ground ground;
  private final NoFitStore store;
  private final double[] border;
  private final double[] missing;
  private final List<Spot> there = new ArrayList<>();
  private final List<Places> places = new ArrayList<>();

  Fitting(Ground ground, NoFitStore store) {
    this.ground = ground;
    this.store = store;
    double w = ground.width;
    double h = ground.height;
    border = new double[] {0, 0, w, 0, w, 0, w, h, w, h, 0, h, 0, h, 0, 0};
    int edges = ground.missing.stream().mapToInt(c -> c.x.length).sum();
    missing = new double[4 * edges];
    int at = 0;
    for (Convex part : ground.missing) {
      for (int i = 0; i < part.x.length; i++) {
        int next = (i + 1) % part.x.length;
        missing[at++] = part.x[i];
        missing[at++] = part.y[i];
        missing[at++] = part.x[next];
        missing[at++] = part.y[next];
      }
    }
  }

  /** Places of one shape that are free. */
  final class Places extends Candidates {
    final Shape shape;
    private double[] x = new double[64];
    private double[] y = new double[64];
    private double[] touch = new double[64];
    private int count;

    /** No-fit polygons of the pieces there, in their order. */
    private final List<NoFit> around = new ArrayList<>();

    Places(Shape shape) {
      this.shape = shape;
      right = ground.width - shape.width;
      top = ground.height - shape.height;
    }

    boolean fits() {
      return right >= -Finder.HAIR_MM && top >= -Finder.HAIR_MM;
    }

    @Override
    void take(double px, double py) {
      if (known(px, py) || !free(px, py)) {
        return;
      }
      if (count == x.length) {
        x = Arrays.copyOf(x, 2 * count);
        y = Arrays.copyOf(y, 2 * count);
        touch = Arrays.copyOf(touch, 2 * count);
      }
      double shared = Contact.between(border, 0, 0, shape.edges, px, py);
      if (missing.length > 0) {
        shared += Contact.between(missing, 0, 0, shape.edges, px, py);
      }
      for (Spot spot : there) {
        shared += touching(spot, px, py);
      }
      x[count] = px;
      y[count] = py;
      touch[count++] = shared;
    }

    private boolean known(double px, double py) {
      for (int i = 0; i < count; i++) {
        if (Math.abs(x[i] - px) < 1e-4 && Math.abs(y[i] - py) < 1e-4) {
          return true;
        }
      }
      return false;
    }

    private boolean free(double px, double py) {
      if (!ground.missing.isEmpty()
          && store.missing(ground, shape).forbids(px, py, Finder.HAIR_MM)) {
        return false;
      }
      for (int i = 0; i < around.size(); i++) {
        Spot spot = there.get(i);
        if (around.get(i).forbids(px - spot.x(), py - spot.y(), Finder.HAIR_MM)) {
          return false;
        }
      }
      return true;
    }

    private double touching(Spot spot, double px, double py) {
      Shape other = spot.shape();
      boolean apart =
          px > spot.x() + other.width + 1
              || spot.x() > px + shape.width + 1
              || py > spot.y() + other.height + 1
              || spot.y() > py + shape.height + 1;
      return apart ? 0 : Contact.between(other.edges, spot.x(), spot.y(), shape.edges, px, py);
    }

    private void begin() {
      if (!fits()) {
        return;
      }
      corners();
      if (!ground.missing.isEmpty()) {
        rim(store.missing(ground, shape).edges, 0, 0);
      }
    }

    /** What a piece just laid takes away and what it brings. */
    private void laid(Spot spot) {
      if (!fits()) {
        return;
      }
      NoFit mine = store.between(spot.shape(), shape);
      around.add(mine);
      int kept = 0;
      for (int i = 0; i < count; i++) {
        if (!mine.forbids(x[i] - spot.x(), y[i] - spot.y(), Finder.HAIR_MM)) {
          x[kept] = x[i];
          y[kept] = y[i];
          touch[kept++] = touch[i] + touching(spot, x[i], y[i]);
        }
      }
      count = kept;
      rim(mine.edges, spot.x(), spot.y());
      for (int i = 0; i < around.size() - 1; i++) {
        Spot other = there.get(i);
        crossings(mine, spot.x(), spot.y(), around.get(i), other.x(), other.y());
      }
      if (!ground.missing.isEmpty()) {
        crossings(mine, spot.x(), spot.y(), store.missing(ground, shape), 0, 0);
      }
    }

    private void rim(double[] edges, double ox, double oy) {
      for (int at = 0; at < edges.length; at += 4) {
        double x1 = edges[at] + ox;
        double y1 = edges[at + 1] + oy;
        double x2 = edges[at + 2] + ox;
        double y2 = edges[at + 3] + oy;
        edge(x1, y1, x2, y2);
      }
    }

    private void crossings(NoFit a, double ax, double ay, NoFit b, double bx, double by) {
      if (a.minX + ax > b.maxX + bx
          || b.minX + bx > a.maxX + ax
          || a.minY + ay > b.maxY + by
          || b.minY + by > a.maxY + ay) {
        return;
      }
      for (int p = 0; p < a.edges.length; p += 4) {
        double x1 = a.edges[p] + ax;
        double y1 = a.edges[p + 1] + ay;
        double x2 = a.edges[p + 2] + ax;
        double y2 = a.edges[p + 3] + ay;
        for (int q = 0; q < b.edges.length; q += 4) {
          crossing(
              x1,
              y1,
              x2,
              y2,
              b.edges[q] + bx,
              b.edges[q + 1] + by,
              b.edges[q + 2] + bx,
              b.edges[q + 3] + by);
        }
      }
    }
  }

  /** Pieces to be laid, with how much each is wanted apart from how it fits. */
  interface Taste {
    /** Whether a shape may be laid now. */
    boolean left(Shape shape);

    /** Worth of a place: its share of touching rim, and where it is. */
    double worth(Shape shape, double touchShare, double x, double y);
  }

  void offer(Shape shape) {
    Places own = new Places(shape);
    if (own.fits()) {
      places.add(own);
      own.begin();
    }
  }

  /** The best of all places, or null where nothing fits any more. */
  Spot best(Taste taste) {
    Spot best = null;
    double most = -Double.MAX_VALUE;
    for (Places own : places) {
      if (!taste.left(own.shape)) {
        continue;
      }
      for (int i = 0; i < own.count; i++) {
        double worth =
            taste.worth(own.shape, own.touch[i] / own.shape.perimeter, own.x[i], own.y[i]);
        if (worth > most) {
          most = worth;
          best = new Spot(own.shape, own.x[i], own.y[i]);
        }
      }
    }
    return best;
  }

  void lay(Spot spot, Taste taste) {
    there.add(spot);
    for (Places own : places) {
      if (taste.left(own.shape)) {
        own.laid(spot);
      }
    }
  }

  List<Spot> there() {
    return there;
  }
}
