package emberyard.core.canvas;

import emberyard.core.geometry.Rect;
import emberyard.core.units.Require;

/**
 * The active area of a screen where it stands beside others.
 *
 * @param xMm from any common left edge, −5,000 to 5,000 mm
 * @param yMm from any common lower edge, −5,000 to 5,000 mm
 * @param widthMm of what shines, as it stands, 1 to 5,000 mm; so is height
 * @param pixelsWide as it stands, 1 to 16,000; so are pixelsHigh
 */
public record ScreenPane(
    String id,
    double xMm,
    double yMm,
    double widthMm,
    double heightMm,
    int pixelsWide,
    int pixelsHigh) {
  public ScreenPane {
    Require.text("id", id);
    Require.between("xMm", xMm, -5_000, 5_000, "mm");
    Require.between("yMm", yMm, -5_000, 5_000, "mm");
    Require.between("widthMm", widthMm, 1, 5_000, "mm");
    Require.between("heightMm", heightMm, 1, 5_000, "mm");
    Require.between("pixelsWide", pixelsWide, 1, 16_000, "pixels");
    Require.between("pixelsHigh", pixelsHigh, 1, 16_000, "pixels");
  }

  Rect place() {
    return new Rect(xMm, yMm, widthMm, heightMm);
  }

  /** From pixel to pixel, the coarser of across and up, mm. */
  public double pitchMm() {
    return Math.max(widthMm / pixelsWide, heightMm / pixelsHigh);
  }
}
