package emberyard.core.glow;

import emberyard.core.colour.Colour;

/**
 * What is sent to a light for a colour: linear in light, 0 to 255 a channel (handbook, light runs).
 *
 * <p>Example: {@code #F0A13A} is sent as (222, 91, 11), not as (240, 161, 58), which looks washed
 * out.
 */
public record SentValue(int red, int green, int blue) {
  private static final int FULL = 255;

  /** All it can. */
  public static final SentValue WHITE = new SentValue(FULL, FULL, FULL);

  public static SentValue of(Colour colour) {
    return new SentValue(channel(colour.red()), channel(colour.green()), channel(colour.blue()));
  }

  private static int channel(double linear) {
    return (int) Math.round(FULL * Math.min(1, Math.max(0, linear)));
  }

  /**
   * Current of one light: Σ channel ÷ 255 × current of a colour × brightness + what it idles.
   *
   * <p>Examples at 20 mA a colour and 1 mA: (240, 161, 58) 37.0 mA at full, 15.4 mA at 40 %; (222,
   * 91, 11) 26.4 mA.
   *
   * @param milliampsPerColour of one colour at full, mA
   * @param brightness 0 to 1
   * @param idleMilliamps of a dark one, mA
   */
  public double milliamps(double milliampsPerColour, double brightness, double idleMilliamps) {
    return share() * 3 * milliampsPerColour * brightness + idleMilliamps;
  }

  /** Of all three channels, 0 to 1. */
  public double share() {
    return (red + green + blue) / (3.0 * FULL);
  }
}
