package emberyard.core.glow;

import emberyard.core.build.Movement;
import emberyard.core.build.RunGlow;
import emberyard.core.build.Scene;
import emberyard.core.colour.Colour;

/**
 * What one source of light does in a scene.
 *
 * @param colour in which it shines, at full
 * @param brightness 0 to 1
 * @param periodSeconds of its movement
 * @param said whether the scene says so, rather than what is usual
 */
public record SceneGlow(
    Glow glow,
    Colour colour,
    double brightness,
    Movement movement,
    double periodSeconds,
    boolean said) {

  /**
   * What a scene makes of it: its own colour where the scene says nothing of it, nothing while the
   * machine sleeps. What can't be dimmed is on at full or off, and in its own colour.
   */
  public static SceneGlow of(Glow glow, Scene scene) {
    RunGlow told = scene.glow(glow.id()).orElse(RunGlow.of(glow.id(), scene.asleep() ? 0 : 100));
    boolean chosen = glow.dims() && glow.circuit().coloured() && told.colourHex() != null;
    double asked = told.brightnessPercent() / 100;
    return new SceneGlow(
        glow,
        chosen ? Colour.hex(told.colourHex()) : glow.colour(),
        glow.dims() || asked == 0 ? asked : 1,
        told.movement(),
        told.periodSeconds(),
        scene.glow(glow.id()).isPresent());
  }

  /** The light it gives, beside its full white. */
  public Colour light() {
    return colour.times(brightness);
  }

  /** At its brightest, A. */
  public double amps() {
    return brightness == 0 && !glow.circuit().addressed() ? 0 : glow.amps(colour, brightness);
  }

  /** At its brightest, W. */
  public double watts() {
    return amps() * glow.rail().volts();
  }

  public String id() {
    return glow.id();
  }
}
