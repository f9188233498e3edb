package emberyard.core.build;

import emberyard.core.colour.Colour;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * What one light run does in a scene.
 *
 * @param runId the strip, or the component that is lit
 * @param colourHex null for its own colour
 * @param brightnessPercent 0 to 100 %, all of it where it is left out
 * @param movement still where it is left out
 * @param periodSeconds of a movement, over a third of a second to 600 s; 6 where it is left out
 */
public record RunGlow(
    String runId,
    @Nullable String colourHex,
    Double brightnessPercent,
    Movement movement,
    Double periodSeconds) {
  /** What comes three times a second or oftener is flashing, which can bring on a seizure. */
  public static final double FLASHING_SECONDS = 1.0 / 3;

  public RunGlow {
    Require.text("runId", runId);
    if (colourHex != null) {
      Colour.hex("colourHex", colourHex);
    }
    brightnessPercent = brightnessPercent == null ? 100 : brightnessPercent;
    Require.between("brightnessPercent", brightnessPercent, 0, 100, "%");
    movement = movement == null ? Movement.STILL : movement;
    periodSeconds = periodSeconds == null ? 6 : periodSeconds;
    Require.between("periodSeconds", periodSeconds, 0, 600, "s");
    if (movement != Movement.STILL && periodSeconds <= FLASHING_SECONDS) {
      throw new InvalidValue(
          "periodSeconds",
          "Light that comes and goes three times a second or oftener is flashing, which can bring "
              + "on a seizure: over 0.33 s, please.");
    }
  }

  /** Its own colour, still. */
  public static RunGlow of(String runId, double brightnessPercent) {
    return new RunGlow(runId, null, brightnessPercent, null, null);
  }

  /** Whether it asks for more than on and off: a colour, or less than all of it. */
  public boolean dimming() {
    return colourHex != null || (brightnessPercent > 0 && brightnessPercent < 100);
  }

  /** The same, brighter or darker. */
  public RunGlow at(double percent) {
    return new RunGlow(runId, colourHex, percent, movement, periodSeconds);
  }
}
