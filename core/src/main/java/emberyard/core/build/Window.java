package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * An opening in a panel.
 *
 * @param xMm left edge of the opening from the panel's left edge
 * @param yMm lower edge of the opening from the panel's lower edge
 * @param radiusMm of its corners, 0 to 500 mm; 0 where it is left out
 */
public record Window(double xMm, double yMm, double widthMm, double heightMm, Double radiusMm) {
  public Window {
    radiusMm = radiusMm == null ? 0 : radiusMm;
    Require.between("radiusMm", radiusMm, 0, 500, "mm");
    Require.between("xMm", xMm, 0, 5_000, "mm");
    Require.between("yMm", yMm, 0, 5_000, "mm");
    Require.between("widthMm", widthMm, 1, 5_000, "mm");
    Require.between("heightMm", heightMm, 1, 5_000, "mm");
  }

  /** An opening with sharp corners. */
  public Window(double xMm, double yMm, double widthMm, double heightMm) {
    this(xMm, yMm, widthMm, heightMm, 0.0);
  }
}
