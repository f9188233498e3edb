package emberyard.core.finish.layer;

import emberyard.core.colour.Colour;
import emberyard.core.glow.SceneLight;
import emberyard.core.units.Require;

/**
 * The light in or behind a sheet.
 *
 * @param colour of the light
 * @param strength beside daylight on white, 0 to 5; 1 where nothing better is known
 */
public record LightOn(Colour colour, double strength) {
  /** Neutral light, as strong as day on white. */
  public static final LightOn USUAL = new LightOn(Colour.WHITE, 1);

  /** What is left of the day at dusk. */
  static final Colour DUSK = SceneLight.DUSK.room();

  /** Share of the light in a sheet that an engraved place sends out; a default. */
  static final double EDGE_SHARE = 0.8;

  public LightOn {
    Require.between("strength", strength, 0, 5, "");
  }

  Colour lit() {
    return colour.times(strength);
  }
}
