package emberyard.core.light.mount;

import emberyard.core.build.Screen;
import emberyard.core.work.FoamTape;
import emberyard.core.work.Why;

/**
 * Foam tape that holds a screen.
 *
 * @param areaCm2 wanted
 * @param lengthMm of tape 12 mm wide
 * @param backCm2 what its back offers
 */
public record MountTape(double areaCm2, double lengthMm, double backCm2, Why why) {
  private static final double TAPE_MM = 12;

  /**
   * As for parts, on the warm and smooth back of a screen.
   *
   * <p>Example: 0.25 kg, 260 × 70 mm: 28.5 cm², 238 mm of 12 mm tape; its back is 182 cm².
   */
  public static MountTape of(Screen screen) {
    FoamTape tape = FoamTape.of(screen.massKg(), TAPE_MM, true, false, false, false);
    return new MountTape(
        tape.areaCm2(), tape.lengthMm(), screen.widthMm() * screen.heightMm() / 100, tape.why());
  }

  /** "28.5 cm², 238 mm of 12 mm tape" */
  public String words() {
    return "%.1f cm², %.0f mm of 12 mm tape".formatted(areaCm2, Math.ceil(lengthMm));
  }
}
