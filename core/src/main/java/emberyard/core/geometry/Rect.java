package emberyard.core.geometry;

import java.util.List;
import java.util.TreeSet;

/** An upright rectangle, mm, y upwards. */
public record Rect(double xMm, double yMm, double widthMm, double heightMm) {
  /** Overlaps thinner than this are touching edges. */
  private static final double TOUCH_MM = 0.05;

  public double right() {
    return xMm + widthMm;
  }

  public double top() {
    return yMm + heightMm;
  }

  public double areaMm2() {
    return widthMm * heightMm;
  }

  public double centreX() {
    return xMm + widthMm / 2;
  }

  public double centreY() {
    return yMm + heightMm / 2;
  }

  /** Whether a point lies inside or on the edge. */
  public boolean contains(double x, double y) {
    return x >= xMm && x <= right() && y >= yMm && y <= top();
  }

  /** Whether all of another lies inside, edges included. */
  public boolean contains(Rect other) {
    return other.xMm >= xMm - TOUCH_MM
        && other.yMm >= yMm - TOUCH_MM
        && other.right() <= right() + TOUCH_MM
        && other.top() <= top() + TOUCH_MM;
  }

  /** Whether they share more than an edge. */
  public boolean overlaps(Rect other) {
    return Math.min(right(), other.right()) - Math.max(xMm, other.xMm) > TOUCH_MM
        && Math.min(top(), other.top()) - Math.max(yMm, other.yMm) > TOUCH_MM;
  }

  /** Distance of a point from the rectangle, 0 inside. */
  public double distanceMm(double x, double y) {
    double dx = Math.max(0, Math.max(xMm - x, x - right()));
    double dy = Math.max(0, Math.max(yMm - y, y - top()));
    return Math.hypot(dx, dy);
  }

  /** Distance of another from the rectangle, 0 where they touch. */
  public double distanceMm(Rect other) {
    double dx = Math.max(0, Math.max(xMm - other.right(), other.xMm - right()));
    double dy = Math.max(0, Math.max(yMm - other.top(), other.yMm - top()));
    return Math.hypot(dx, dy);
  }

  /** The same rectangle less a margin on all four sides, which must leave something. */
  public Rect inset(double marginMm) {
    return new Rect(
        xMm + marginMm, yMm + marginMm, widthMm - 2 * marginMm, heightMm - 2 * marginMm);
  }

  /** Seen from behind within a width: left becomes right. */
  public Rect mirrored(double withinWidthMm) {
    return new Rect(withinWidthMm - right(), yMm, widthMm, heightMm);
  }

  /**
   * Cuts this rectangle along all edges of others, so that each cell lies wholly inside or outside
   * of each of them. O(n²) cells for n others.
   */
  public List<Rect> cells(List<Rect> others) {
    TreeSet<Double> across = new TreeSet<>(List.of(xMm, right()));
    TreeSet<Double> up = new TreeSet<>(List.of(yMm, top()));
    for (Rect other : others) {
      addInside(across, other.xMm, xMm, right());
      addInside(across, other.right(), xMm, right());
      addInside(up, other.yMm, yMm, top());
      addInside(up, other.top(), yMm, top());
    }
    return grid(List.copyOf(across), List.copyOf(up));
  }

  private static void addInside(TreeSet<Double> edges, double edge, double from, double to) {
    if (edge > from && edge < to) {
      edges.add(edge);
    }
  }

  private static List<Rect> grid(List<Double> across, List<Double> up) {
    java.util.ArrayList<Rect> cells = new java.util.ArrayList<>();
    for (int row = 1; row < up.size(); row++) {
      for (int column = 1; column < across.size(); column++) {
        double x = across.get(column - 1);
        double y = up.get(row - 1);
        cells.add(new Rect(x, y, across.get(column) - x, up.get(row) - y));
      }
    }
    return cells;
  }
}
