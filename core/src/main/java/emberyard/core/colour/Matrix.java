package emberyard.core.colour;

/** Three by three, as little of it as colours need. */
final class Matrix {
  private Matrix() {}

  static double[] times(double[][] m, double x, double y, double z) {
    double[] out = new double[3];
    for (int row = 0; row < 3; row++) {
      out[row] = m[row][0] * x + m[row][1] * y + m[row][2] * z;
    }
    return out;
  }

  /** The v with m·v = right, by Cramer's rule. */
  static double[] solve(double[][] m, double[] right) {
    double det = determinant(m);
    double[] out = new double[3];
    for (int column = 0; column < 3; column++) {
      double[][] replaced = new double[3][];
      for (int row = 0; row < 3; row++) {
        replaced[row] = m[row].clone();
        replaced[row][column] = right[row];
      }
      out[column] = determinant(replaced) / det;
    }
    return out;
  }

  private static double determinant(double[][] m) {
    return m[0][0] * (m[1][1] * m[2][2] - m[1][2] * m[2][1])
        - m[0][1] * (m[1][0] * m[2][2] - m[1][2] * m[2][0])
        + m[0][2] * (m[1][0] * m[2][1] - m[1][1] * m[2][0]);
  }
}
