package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * One screen that shows part of a canvas.
 *
 * @param id the screen of this build, or the component whose built-in screen it is; any other for a
 *     screen that is no part of the build, like a tablet on a wall
 * @param name of a screen that is no part of the build; empty for one that is, which is left out
 *     once its screen is gone
 * @param xMm left edge of what shines, from the same edge for all, −5,000 to 5,000 mm; null for
 *     where it stands on its face
 * @param yMm lower edge of what shines, −5,000 to 5,000 mm; null as xMm
 * @param widthMm of what shines, of a screen that is no part of the build, 1 to 5,000 mm; so is
 *     heightMm
 * @param pixelsWide of such a screen, 1 to 16,000; so are pixelsHigh
 */
public record CanvasPane(
    String id,
    String name,
    @Nullable Double xMm,
    @Nullable Double yMm,
    @Nullable Double widthMm,
    @Nullable Double heightMm,
    @Nullable Integer pixelsWide,
    @Nullable Integer pixelsHigh) {
  public CanvasPane {
    Require.text("id", id);
    name = Require.textOrEmpty("name", name);
    length("xMm", xMm, -5_000);
    length("yMm", yMm, -5_000);
    length("widthMm", widthMm, 1);
    length("heightMm", heightMm, 1);
    pixels("pixelsWide", pixelsWide);
    pixels("pixelsHigh", pixelsHigh);
  }

  /** A screen of the build, where it stands. */
  public static CanvasPane of(String screenId) {
    return new CanvasPane(screenId, "", null, null, null, null, null, null);
  }

  /** A screen of the build at a place. */
  public static CanvasPane at(String screenId, double xMm, double yMm) {
    return new CanvasPane(screenId, "", xMm, yMm, null, null, null, null);
  }

  private static void length(String field, @Nullable Double value, double least) {
    if (value != null) {
      Require.between(field, value, least, 5_000, "mm");
    }
  }

  private static void pixels(String field, @Nullable Integer value) {
    if (value != null) {
      Require.between(field, value, 1, 16_000, "pixels");
    }
  }
}
