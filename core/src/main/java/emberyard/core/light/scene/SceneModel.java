package emberyard.core.light.scene;

import emberyard.core.build.Build;
import emberyard.core.build.Movement;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Rail;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.build.ThingLink;
import emberyard.core.glow.SceneGlow;
import emberyard.core.glow.SceneLight;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A scene to be shown: what each light does in it, what that draws, and how the palette looks.
 *
 * @param roomLux as it says, or as usual
 * @param lights runs first, then lit components
 * @param watts of all lights
 * @param headers what light headers carry
 * @param camera what a camera sees of it, null for other uses
 * @param palette the palette's colours in this light, beside the lights
 * @param merged pairs of the palette that are hard to tell apart in it
 */
public record SceneModel(
    String id,
    String name,
    SceneUse use,
    double roomLux,
    List<SceneLightModel> lights,
    double watts,
    List<HeaderLoad> headers,
    @Nullable CameraView camera,
    List<String> palette,
    List<MergedPair> merged,
    Why why) {

  /**
   * One light in a scene.
   *
   * @param of the run or component
   * @param colourHex in which it shines
   * @param brightnessPercent 0 to 100 %
   * @param coloured whether its colour can be chosen
   * @param dims whether it can be darkened
   * @param said whether the scene says so
   */
  public record SceneLightModel(
      ThingLink of,
      String name,
      int leds,
      String colourHex,
      double brightnessPercent,
      Movement movement,
      double periodSeconds,
      double amps,
      double watts,
      boolean coloured,
      boolean dims,
      boolean said) {}

  /** What all light headers of one kind carry, and may. */
  public record HeaderLoad(Rail rail, double amps, double mostAmps) {}

  public static SceneModel of(Build build, Scene scene) {
    List<SceneGlow> glows = SceneLight.glows(build, scene);
    List<SceneLightModel> lights = glows.stream().map(SceneModel::light).toList();
    PaletteInScene palette = PaletteInScene.of(build.look().palette(), scene, glows);
    return new SceneModel(
        scene.id(),
        scene.name(),
        scene.use(),
        scene.lux(),
        lights,
        lights.stream().mapToDouble(SceneLightModel::watts).sum(),
        HeaderLoads.of(build, glows),
        CameraView.of(build, scene, glows),
        palette.seen().stream().map(colour -> colour.hex()).toList(),
        palette.merged(),
        why(build.look().palette(), scene));
  }

  private static SceneLightModel light(SceneGlow each) {
    return new SceneLightModel(
        each.glow().of(),
        each.glow().name(),
        each.glow().leds(),
        each.colour().hex(),
        each.brightness() * 100,
        each.movement(),
        each.periodSeconds(),
        each.amps(),
        each.watts(),
        each.glow().circuit().coloured() && each.glow().dims(),
        each.glow().dims(),
        each.said());
  }

  private static Why why(List<PaletteColour> palette, Scene scene) {
    List<String> inputs = new ArrayList<>();
    inputs.add(
        "room %.0f lx%s; 500 lx on white is 1"
            .formatted(scene.lux(), scene.roomLux() == null ? " (default)" : ""));
    inputs.add("beside a light at full, 1.3 on white (default)");
    inputs.add("%d palette colours".formatted(palette.size()));
    return new Why(
        "colour × (room + lights by LEDs, colour and brightness), channel by channel in linear light; pairs closer than ΔE00 8 that were 15 or more apart",
        inputs);
  }
}
