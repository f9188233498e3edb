package emberyard.core.make.photo;

import emberyard.core.units.Require;

/** A point clicked in a photo, pixels from its upper left corner. */
public record PhotoPoint(double xPx, double yPx) {
  public PhotoPoint {
    Require.between("xPx", xPx, -100_000, 100_000, "px");
    Require.between("yPx", yPx, -100_000, 100_000, "px");
  }
}
