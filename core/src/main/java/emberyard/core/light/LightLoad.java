package emberyard.core.light;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Rail;
import emberyard.core.build.Screen;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;

/**
 * What lights and screens draw, against what is there.
 *
 * @param volt5Watts screens and strips on 5 V
 * @param volt12Watts screens and strips on 12 V
 * @param hardwareWatts peak of all components
 * @param supplyWatts what the supplies give together
 * @param hdmiWanted screens with HDMI, and so on per plug
 */
public record LightLoad(
    double volt5Watts,
    double volt12Watts,
    double hardwareWatts,
    double supplyWatts,
    int hdmiWanted,
    int hdmiThere,
    int displayPortWanted,
    int displayPortThere,
    int typeCWanted,
    int typeCThere,
    int headersWanted,
    int headersThere) {

  /** Sums over the build. */
  public static LightLoad of(Build build) {
    return new LightLoad(
        watts(build, Rail.V5),
        watts(build, Rail.V12),
        sum(build, c -> c.peakWatts() * c.quantity()),
        sum(build, c -> c.supplyWatts() * c.quantity()),
        wanted(build, Screen.Input.HDMI),
        there(build, Component::hdmiOutputs),
        wanted(build, Screen.Input.DISPLAY_PORT),
        there(build, Component::displayPortOutputs),
        wanted(build, Screen.Input.TYPE_C),
        there(build, Component::typeCOutputs),
        (int) build.strips().stream().filter(LightLoad::onHeader).count(),
        there(build, Component::lightHeaders));
  }

  /** Total of hardware, screens and lights. */
  public double totalWatts() {
    return hardwareWatts + volt5Watts + volt12Watts;
  }

  /**
   * Current of a strip at full white: length × LEDs per metre × current of one.
   *
   * <p>Example: 800 mm at 60 LEDs/m and 60 mA → 48 LEDs → 2.88 A.
   */
  public static double amps(LightStrip strip) {
    return leds(strip) * strip.milliampsPerLed() / 1000;
  }

  /** Whole LEDs on a strip: it is cut between two. */
  public static int leds(LightStrip strip) {
    return (int) Math.floor(strip.lengthMm() / 1000 * strip.ledsPerMetre() + 1e-9);
  }

  static boolean onHeader(LightStrip strip) {
    return strip.feed() == LightStrip.Feed.BOARD_HEADER;
  }

  private static double watts(Build build, Rail rail) {
    double screens =
        build.screens().stream()
            .filter(screen -> screen.rail() == rail)
            .mapToDouble(Screen::watts)
            .sum();
    return screens
        + build.strips().stream()
            .filter(strip -> strip.rail() == rail)
            .mapToDouble(strip -> amps(strip) * rail.volts())
            .sum();
  }

  private static double sum(Build build, ToDoubleFunction<Component> of) {
    return build.components().stream().mapToDouble(of).sum();
  }

  private static int wanted(Build build, Screen.Input input) {
    return (int) build.screens().stream().filter(screen -> screen.input() == input).count();
  }

  private static int there(Build build, ToIntFunction<Component> of) {
    return build.components().stream().mapToInt(c -> of.applyAsInt(c) * c.quantity()).sum();
  }
}
