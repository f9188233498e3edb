package emberyard.core.build;

import emberyard.core.units.Require;

/** Outer size of the build, each 20 to 5,000 mm. */
public record Size(double widthMm, double heightMm, double depthMm) {
  public Size {
    Require.between("widthMm", widthMm, 20, 5_000, "mm");
    Require.between("heightMm", heightMm, 20, 5_000, "mm");
    Require.between("depthMm", depthMm, 20, 5_000, "mm");
  }
}
