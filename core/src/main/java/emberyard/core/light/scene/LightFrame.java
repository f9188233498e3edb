package emberyard.core.light.scene;

import emberyard.core.build.Movement;
import emberyard.core.colour.Colour;
import emberyard.core.glow.SceneGlow;
import emberyard.core.glow.SentValue;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.rng.simple.RandomSource;

/**
 * What a controller sends to the LEDs of one light at one moment. The same for the same scene, time
 * and seed; never brighter than the scene says.
 *
 * @param runId of the strip or component
 * @param leds values, from its start to its end
 */
public record LightFrame(String runId, List<SentValue> leds) {
  /** A breath and a drift go down to this share, never out: a default. */
  private static final double LEAST = 0.1;

  /** How wide the bright part of a sweep is, as a share of the run; a default. */
  private static final double SWEEP_WIDE = 0.14;

  private static final int WAVES = 3;

  public LightFrame {
    leds = List.copyOf(leds);
  }

  /** All lights of a scene at a moment. */
  public static List<LightFrame> all(List<SceneGlow> glows, double seconds, long seed) {
    return glows.stream().map(glow -> of(glow, seconds, seed)).toList();
  }

  /**
   * One light at a moment. What is all alike shows one value, so a sweep over it is a breath.
   *
   * @param seconds from the start of the scene, 0 or more
   * @param seed which drift of many
   */
  public static LightFrame of(SceneGlow glow, double seconds, long seed) {
    int leds = glow.glow().leds();
    List<SentValue> values = new ArrayList<>(leds);
    double turn = glow.periodSeconds() <= 0 ? 0 : seconds / glow.periodSeconds() % 1;
    double[] waves = waves(glow, seed);
    boolean alike = !glow.glow().circuit().addressed();
    for (int i = 0; i < leds; i++) {
      double along = alike ? 0.5 : (i + 0.5) / leds;
      double level = level(glow.movement(), alike, turn, along, waves);
      values.add(SentValue.of(glow.colour().times(glow.brightness() * level)));
    }
    return new LightFrame(glow.id(), values);
  }

  private static double[] waves(SceneGlow glow, long seed) {
    return RandomSource.SPLIT_MIX_64
        .create(seed * 31 + glow.id().hashCode())
        .doubles(WAVES)
        .toArray();
  }

  /** 0.1 to 1. */
  private static double level(
      Movement movement, boolean alike, double turn, double along, double[] waves) {
    return switch (movement) {
      case STILL -> 1;
      case BREATHE -> between(0.5 - 0.5 * Math.cos(2 * Math.PI * turn));
      case SWEEP -> alike ? between(0.5 - 0.5 * Math.cos(2 * Math.PI * turn)) : sweep(turn, along);
      case DRIFT -> drift(turn, along, waves);
    };
  }

  private static double between(double share) {
    return LEAST + (1 - LEAST) * share;
  }

  private static double sweep(double turn, double along) {
    double apart = Math.abs(along - turn);
    double near = Math.min(apart, 1 - apart) / SWEEP_WIDE;
    return between(Math.exp(-near * near));
  }

  /** A few waves that go round once, twice and three times a period. */
  private static double drift(double turn, double along, double[] waves) {
    double sum = 0;
    for (int i = 0; i < waves.length; i++) {
      sum += Math.sin(2 * Math.PI * ((i + 1) * (turn + along) + waves[i]));
    }
    return between(0.5 + 0.5 * sum / waves.length);
  }

  /** As a screen shows its LEDs, at most so many of them, evenly taken. */
  public List<String> hexes(int most) {
    int step = Math.max(1, (int) Math.ceil(leds.size() / (double) most));
    List<String> hexes = new ArrayList<>();
    for (int i = 0; i < leds.size(); i += step) {
      SentValue sent = leds.get(i);
      hexes.add(Colour.linear(sent.red() / 255.0, sent.green() / 255.0, sent.blue() / 255.0).hex());
    }
    return hexes;
  }

  /**
   * What they draw together at this moment, A.
   *
   * @param glow the light that they are of
   */
  public double amps(SceneGlow glow) {
    double each = glow.glow().milliampsPerLed();
    double milliamps = 0;
    for (SentValue sent : leds) {
      milliamps += sent.share() * each + glow.glow().idleMilliamps();
    }
    return milliamps / 1_000;
  }
}
