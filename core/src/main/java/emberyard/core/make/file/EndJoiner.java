package emberyard.core.make.file;

import emberyard.core.geometry.Knot;
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.quadtree.Quadtree;

/** Chains open lines of one layer whose ends lie within a tolerance; O(n log n). */
final class EndJoiner {
  private static final int MOST_ENDS = 60;

  private final double toleranceMm;
  private final List<DrawnLines.Line> open = new ArrayList<>();
  private int joined;
  private double widestMm;

  private static final class Chain {
    private List<Knot> knots;
    private final String layer;
    private boolean used;

    Chain(DrawnLines.Line line) {
      knots = new ArrayList<>(line.knots());
      layer = line.layer();
    }

    Knot end() {
      return knots.get(knots.size() - 1);
    }
  }

  private record End(Chain chain, boolean start) {
    Knot at() {
      return start ? chain.knots.get(0) : chain.end();
    }
  }

  EndJoiner(double toleranceMm) {
    // ends that differ by rounding alone are one even where no joining is wanted
    this.toleranceMm = Math.max(toleranceMm, 1e-3);
  }

  /** Lines that are closed or could be closed, in order. */
  List<DrawnLines.Line> join(List<DrawnLines.Line> lines) {
    List<DrawnLines.Line> closed = new ArrayList<>();
    List<Chain> chains = new ArrayList<>();
    Quadtree ends = new Quadtree();
    for (DrawnLines.Line line : lines) {
      if (line.closed()) {
        closed.add(line);
      } else {
        Chain chain = new Chain(line);
        chains.add(chain);
        ends.insert(box(line.first(), 0), new End(chain, true));
        ends.insert(box(line.last(), 0), new End(chain, false));
      }
    }
    for (Chain chain : chains) {
      if (!chain.used) {
        chain.used = true;
        extend(chain, ends);
        finish(chain, closed);
      }
    }
    return closed;
  }

  private void extend(Chain chain, Quadtree ends) {
    for (int side = 0; side < 2; side++) {
      End next = nearest(chain, ends);
      while (next != null) {
        append(chain, next);
        next = nearest(chain, ends);
      }
      chain.knots = reversed(chain.knots);
    }
  }

  private End nearest(Chain chain, Quadtree ends) {
    Knot from = chain.end();
    End best = null;
    double least = toleranceMm;
    List<?> near = ends.query(box(from, toleranceMm));
    if (near.stream().filter(end -> close((End) end, from)).limit(MOST_ENDS + 1L).count()
        > MOST_ENDS) {
      throw new InvalidValue(
          "file", "More than 60 lines end in one place: this is no outline of a part.");
    }
    for (Object found : near) {
      End end = (End) found;
      double distance = distance(from, end.at());
      if (!end.chain.used && end.chain.layer.equals(chain.layer) && distance <= least) {
        least = distance;
        best = end;
      }
    }
    return best;
  }

  private boolean close(End end, Knot to) {
    return distance(to, end.at()) <= toleranceMm;
  }

  private void append(Chain chain, End next) {
    next.chain.used = true;
    count(distance(chain.end(), next.at()));
    List<Knot> more = next.start ? next.chain.knots : reversed(next.chain.knots);
    // the old end gives way to the new line's start, which knows how the line goes on
    chain.knots.remove(chain.knots.size() - 1);
    chain.knots.addAll(more);
  }

  private void count(double gapMm) {
    joined++;
    widestMm = Math.max(widestMm, gapMm);
  }

  private void finish(Chain chain, List<DrawnLines.Line> closed) {
    double gap = distance(chain.knots.get(0), chain.end());
    DrawnLines.Line line = new DrawnLines.Line(chain.knots, false, chain.layer);
    if (gap > toleranceMm || chain.knots.size() < 3) {
      open.add(line);
      return;
    }
    count(gap);
    closed.add(
        new DrawnLines.Line(chain.knots.subList(0, chain.knots.size() - 1), true, chain.layer));
  }

  private static List<Knot> reversed(List<Knot> knots) {
    List<Knot> back = new ArrayList<>();
    for (int i = 0; i < knots.size(); i++) {
      double bulge = i > 0 ? -knots.get(i - 1).bulge() : 0;
      back.add(new Knot(knots.get(i).xMm(), knots.get(i).yMm(), bulge));
    }
    Collections.reverse(back);
    return back;
  }

  private static double distance(Knot one, Knot other) {
    return Math.hypot(one.xMm() - other.xMm(), one.yMm() - other.yMm());
  }

  private static Envelope box(Knot knot, double around) {
    Envelope box = new Envelope(knot.xMm(), knot.xMm(), knot.yMm(), knot.yMm());
    box.expandBy(around);
    return box;
  }

  List<DrawnLines.Line> open() {
    return open;
  }

  int joined() {
    return joined;
  }

  double widestMm() {
    return widestMm;
  }
}
