package emberyard.core.nest;

/** Places worth trying: where rims of no-fit polygons cross each other and the free box. */
abstract class Candidates {
  /** Right and upper end of the free box, which begins at 0, 0. */
  double right;

  double top;

  /** Takes a place that lies in the free box. */
  abstract void take(double x, double y);

  /** A place that may lie in the free box; a hair outside counts as its edge. */
  final void inside(double x, double y) {
    if (x >= -Finder.HAIR_MM
        && x <= right + Finder.HAIR_MM
        && y >= -Finder.HAIR_MM
        && y <= top + Finder.HAIR_MM) {
      take(Math.max(0, Math.min(right, x)), Math.max(0, Math.min(top, y)));
    }
  }

  final void corners() {
    take(0, 0);
    take(0, top);
    take(right, 0);
    take(right, top);
  }

  /** The start of an edge, and where it crosses the four sides of the free box. */
  final void edge(double x1, double y1, double x2, double y2) {
    inside(x1, y1);
    across(x1, y1, x2, y2, 0);
    across(x1, y1, x2, y2, right);
    along(x1, y1, x2, y2, 0);
    along(x1, y1, x2, y2, top);
  }

  private void across(double x1, double y1, double x2, double y2, double x) {
    if ((x1 - x) * (x2 - x) < 0) {
      inside(x, y1 + (y2 - y1) * (x - x1) / (x2 - x1));
    }
  }

  private void along(double x1, double y1, double x2, double y2, double y) {
    if ((y1 - y) * (y2 - y) < 0) {
      inside(x1 + (x2 - x1) * (y - y1) / (y2 - y1), y);
    }
  }

  /** Where two edges cross. */
  final void crossing(
      double x1, double y1, double x2, double y2, double x3, double y3, double x4, double y4) {
    double dx = x2 - x1;
    double dy = y2 - y1;
    double ex = x4 - x3;
    double ey = y4 - y3;
    double cross = dx * ey - dy * ex;
    if (Math.abs(cross) < 1e-12) {
      return;
    }
    double t = ((x3 - x1) * ey - (y3 - y1) * ex) / cross;
    double u = ((x3 - x1) * dy - (y3 - y1) * dx) / cross;
    if (t >= 0 && t <= 1 && u >= 0 && u <= 1) {
      inside(x1 + t * dx, y1 + t * dy);
    }
  }
}
