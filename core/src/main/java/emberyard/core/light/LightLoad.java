package emberyard.core.light;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Rail;
import emberyard.core.build.Screen;
import java.util.function.ToIntFunction;

/**
 * What lights and screens draw, and the plugs they want against those there. The watts of the whole
 * build are {@link emberyard.core.fit.Power}.
 *
 * @param volt5Watts screens and strips on 5 V
 * @param volt12Watts screens and strips on 12 V
 * @param hdmiWanted screens with HDMI, and so on per plug
 */
public record LightLoad(
    double volt5Watts,
    double volt12Watts,
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
        wanted(build, Screen.Input.HDMI),
        there(build, Component::hdmiOutputs, true),
        wanted(build, Screen.Input.DISPLAY_PORT),
        there(build, Component::displayPortOutputs, true),
        wanted(build, Screen.Input.TYPE_C),
        there(build, Component::typeCOutputs, true),
        (int) build.strips().stream().filter(LightLoad::onHeader).count(),
        there(build, Component::lightHeaders, false));
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
            .mapToDouble(strip -> strip.amps() * rail.volts())
            .sum();
  }

  private static int wanted(Build build, Screen.Input input) {
    return (int) build.screens().stream().filter(screen -> screen.input() == input).count();
  }

  /** Picture outputs of a board count only where the processor can drive them. */
  private static int there(Build build, ToIntFunction<Component> of, boolean pictures) {
    boolean dead = pictures && !Component.boardOutputsWork(build.components());
    return build.components().stream()
        .filter(c -> !dead || c.kind() != ComponentKind.BOARD)
        .mapToInt(c -> of.applyAsInt(c) * c.quantity())
        .sum();
  }
}
