package emberyard.core.glow;

import emberyard.core.build.DesignLists;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Rail;
import emberyard.core.build.Scene;
import java.util.List;

/**
 * What a light run draws at most: in the scene that asks most of it, at full white while there is
 * no scene.
 *
 * @param onHeader whether a light header of the board feeds it
 * @param amps at its rail
 * @param asleepWatts of it while the machine sleeps, in the scene for that
 * @param inScenes whether scenes say so, rather than full white
 */
public record LightLoad(
    String id,
    String name,
    Rail rail,
    boolean onHeader,
    double amps,
    double asleepWatts,
    boolean inScenes) {

  /** All runs of a build. */
  public static List<LightLoad> of(DesignLists design) {
    List<Scene> scenes = design.scenes();
    return design.strips().stream().map(strip -> of(strip, scenes)).toList();
  }

  /** A run in the worst of these scenes. */
  public static LightLoad of(LightStrip strip, List<Scene> scenes) {
    Glow glow = Glow.of(strip);
    double amps =
        scenes.stream()
            .mapToDouble(scene -> SceneGlow.of(glow, scene).amps())
            .max()
            .orElse(glow.fullAmps());
    double asleep =
        scenes.stream()
            .filter(Scene::asleep)
            .map(scene -> SceneGlow.of(glow, scene))
            .filter(each -> each.brightness() > 0)
            .mapToDouble(SceneGlow::watts)
            .max()
            .orElse(0);
    return new LightLoad(
        strip.id(), strip.name(), strip.rail(), strip.onHeader(), amps, asleep, !scenes.isEmpty());
  }

  /** When they draw that: “at full white”, or in which scenes. */
  public static String words(List<LightLoad> loads) {
    return loads.stream().anyMatch(LightLoad::inScenes)
        ? "in the scene that asks most"
        : "at full white";
  }

  public double watts() {
    return amps * rail.volts();
  }
}
