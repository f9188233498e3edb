package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * An opening in a panel.
 *
 * @param xMm left edge of the opening from the panel's left edge
 * @param yMm lower edge of the opening from the panel's lower edge
 */
public record Window(double xMm, double yMm, double widthMm, double heightMm) {
  public Window {
    Require.between("xMm", xMm, 0, 5_000, "mm");
    Require.between("yMm", yMm, 0, 5_000, "mm");
    Require.between("widthMm", widthMm, 1, 5_000, "mm");
    Require.between("heightMm", heightMm, 1, 5_000, "mm");
  }
}
