package emberyard.core.make.photo;

import emberyard.core.units.InvalidValue;
import java.util.List;

/** From pixels to mm in one plane. */
interface PlaneMap {
  /** x and y in mm, y upwards. */
  double[] of(double xPx, double yPx);

  /**
   * One scale for the whole picture: mm per pixel by least squares over all known lengths, Σ L·p /
   * Σ p².
   */
  static PlaneMap scale(List<double[]> lengthAndPixels) {
    double top = 0;
    double bottom = 0;
    for (double[] known : lengthAndPixels) {
      top += known[0] * known[1];
      bottom += known[1] * known[1];
    }
    if (bottom < 1) {
      throw new InvalidValue("lengths", "The two points of the known length lie on each other.");
    }
    double mmPerPixel = top / bottom;
    return (x, y) -> new double[] {x * mmPerPixel, -y * mmPerPixel};
  }

  /**
   * The homography that takes four corners to a rectangle: eight linear equations, solved with
   * pivots (Hartley and Zisserman, Multiple View Geometry, 4.1).
   */
  static PlaneMap homography(double[][] pixels, double widthMm, double heightMm) {
    double[][] target = {{0, 0}, {widthMm, 0}, {widthMm, heightMm}, {0, heightMm}};
    double[][] rows = new double[8][9];
    for (int i = 0; i < 4; i++) {
      double x = pixels[i][0];
      double y = pixels[i][1];
      double u = target[i][0];
      double v = target[i][1];
      rows[2 * i] = new double[] {x, y, 1, 0, 0, 0, -u * x, -u * y, u};
      rows[2 * i + 1] = new double[] {0, 0, 0, x, y, 1, -v * x, -v * y, v};
    }
    double[] h = solve(rows);
    return (x, y) -> {
      double w = h[6] * x + h[7] * y + 1;
      return new double[] {(h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w};
    };
  }

  private static double[] solve(double[][] rows) {
    int n = rows.length;
    for (int column = 0; column < n; column++) {
      int pivot = column;
      for (int row = column + 1; row < n; row++) {
        pivot = Math.abs(rows[row][column]) > Math.abs(rows[pivot][column]) ? row : pivot;
      }
      double[] swap = rows[pivot];
      rows[pivot] = rows[column];
      rows[column] = swap;
      if (Math.abs(rows[column][column]) < 1e-9) {
        throw new InvalidValue(
            "corners", "Three of the four corners lie on one line: click them again.");
      }
      for (int row = 0; row < n; row++) {
        if (row != column) {
          double factor = rows[row][column] / rows[column][column];
          for (int k = column; k <= n; k++) {
            rows[row][k] -= factor * rows[column][k];
          }
        }
      }
    }
    double[] solution = new double[n];
    for (int i = 0; i < n; i++) {
      solution[i] = rows[i][n] / rows[i][i];
    }
    return solution;
  }
}
