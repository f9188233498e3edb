package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * How bright one screen is in a scene.
 *
 * @param screenId of the screen
 * @param brightnessPercent 0 to 100 % of what it can, all of it where it is left out
 */
public record ScreenGlow(String screenId, Double brightnessPercent) {
  public ScreenGlow {
    Require.text("screenId", screenId);
    brightnessPercent = brightnessPercent == null ? 100 : brightnessPercent;
    Require.between("brightnessPercent", brightnessPercent, 0, 100, "%");
  }
}
