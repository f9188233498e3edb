package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * How bright one screen is in a scene, and what it shows.
 *
 * @param screenId of the screen, or the component whose built-in screen it is
 * @param brightnessPercent 0 to 100 % of what it can, all of it where it is left out
 * @param canvasId which canvas it shows, empty for the first that it is on
 */
public record ScreenGlow(String screenId, Double brightnessPercent, String canvasId) {
  public ScreenGlow {
    Require.text("screenId", screenId);
    brightnessPercent = brightnessPercent == null ? 100 : brightnessPercent;
    Require.between("brightnessPercent", brightnessPercent, 0, 100, "%");
    canvasId = Require.textOrEmpty("canvasId", canvasId);
  }

  /** So bright, showing what it shows anyway. */
  public ScreenGlow(String screenId, double brightnessPercent) {
    this(screenId, brightnessPercent, "");
  }

  /** The same, brighter or darker. */
  public ScreenGlow at(double percent) {
    return new ScreenGlow(screenId, percent, canvasId);
  }
}
