package emberyard.core.make.mesh;

import java.util.Arrays;

/** Draws a mesh from above at a slant, flat shaded, with a depth buffer. */
public final class MeshPicture {
  private static final double[] LIGHT = {0.35, -0.55, 0.76};

  private MeshPicture() {}

  /**
   * @param size of the square picture in pixels, 16 to 2,000
   * @param rgb of the filament
   * @return ARGB row by row; transparent where nothing is
   */
  public static int[] paint(Mesh mesh, int size, int rgb) {
    int[] pixels = new int[size * size];
    double[] depth = new double[size * size];
    Arrays.fill(depth, -Double.MAX_VALUE);
    double[][] seen = seen(mesh);
    double[] low = {1e18, 1e18};
    double[] high = {-1e18, -1e18};
    for (double[] p : seen) {
      for (int axis = 0; axis < 2; axis++) {
        low[axis] = Math.min(low[axis], p[axis]);
        high[axis] = Math.max(high[axis], p[axis]);
      }
    }
    double scale = 0.92 * size / Math.max(1e-6, Math.max(high[0] - low[0], high[1] - low[1]));
    double midX = (low[0] + high[0]) / 2;
    double midY = (low[1] + high[1]) / 2;
    for (double[] p : seen) {
      p[0] = (p[0] - midX) * scale + size / 2.0;
      p[1] = (p[1] - midY) * scale + size / 2.0;
    }
    for (int t = 0; t < mesh.triangles(); t++) {
      triangle(
          seen[3 * t], seen[3 * t + 1], seen[3 * t + 2], shade(mesh, t, rgb), size, pixels, depth);
    }
    return pixels;
  }

  /** Isometric: x right and down, y right and up, z up; the third number is nearness. */
  private static double[][] seen(Mesh mesh) {
    float[] c = mesh.corners();
    double[][] seen = new double[c.length / 3][];
    double cos = Math.cos(Math.toRadians(30));
    double sin = Math.sin(Math.toRadians(30));
    for (int i = 0; i < seen.length; i++) {
      double x = c[3 * i];
      double y = c[3 * i + 1];
      double z = c[3 * i + 2];
      seen[i] = new double[] {(x + y) * cos, (x - y) * sin * 0.8 - z, x - y + z};
    }
    return seen;
  }

  private static int shade(Mesh mesh, int t, int rgb) {
    float[] c = mesh.corners();
    int i = 9 * t;
    double ax = c[i + 3] - c[i];
    double ay = c[i + 4] - c[i + 1];
    double az = c[i + 5] - c[i + 2];
    double bx = c[i + 6] - c[i];
    double by = c[i + 7] - c[i + 1];
    double bz = c[i + 8] - c[i + 2];
    double nx = ay * bz - az * by;
    double ny = az * bx - ax * bz;
    double nz = ax * by - ay * bx;
    double length = Math.max(1e-12, Math.sqrt(nx * nx + ny * ny + nz * nz));
    double light =
        0.35 + 0.65 * Math.max(0, (nx * LIGHT[0] + ny * LIGHT[1] + nz * LIGHT[2]) / length);
    int r = (int) ((rgb >> 16 & 255) * light);
    int g = (int) ((rgb >> 8 & 255) * light);
    int b = (int) ((rgb & 255) * light);
    return 0xff000000 | r << 16 | g << 8 | b;
  }

  private static void triangle(
      double[] a, double[] b, double[] c, int argb, int size, int[] pixels, double[] depth) {
    double area = (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    if (Math.abs(area) < 1e-9) {
      return;
    }
    int fromX = (int) Math.max(0, Math.floor(Math.min(a[0], Math.min(b[0], c[0]))));
    int toX = (int) Math.min(size - 1, Math.ceil(Math.max(a[0], Math.max(b[0], c[0]))));
    int fromY = (int) Math.max(0, Math.floor(Math.min(a[1], Math.min(b[1], c[1]))));
    int toY = (int) Math.min(size - 1, Math.ceil(Math.max(a[1], Math.max(b[1], c[1]))));
    for (int y = fromY; y <= toY; y++) {
      for (int x = fromX; x <= toX; x++) {
        double px = x + 0.5;
        double py = y + 0.5;
        double u = ((b[0] - px) * (c[1] - py) - (b[1] - py) * (c[0] - px)) / area;
        double v = ((c[0] - px) * (a[1] - py) - (c[1] - py) * (a[0] - px)) / area;
        double w = 1 - u - v;
        if (u >= 0 && v >= 0 && w >= 0) {
          double near = u * a[2] + v * b[2] + w * c[2];
          if (near > depth[y * size + x]) {
            depth[y * size + x] = near;
            pixels[y * size + x] = argb;
          }
        }
      }
    }
  }
}
