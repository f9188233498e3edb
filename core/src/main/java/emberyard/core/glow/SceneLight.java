package emberyard.core.glow;

import emberyard.core.build.DesignLists;
import emberyard.core.build.Scene;
import emberyard.core.build.Screen;
import emberyard.core.colour.Colour;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The light in which a build is seen: what is left of the room's, and what each of its own sources
 * gives. 1 is a white wall in a lit room.
 *
 * @param room on all surfaces
 * @param runs by the id of a run or lit component; one that is not here shows its own colour
 * @param screens by id, 0 to 1; one that is not here is as bright as it can
 * @param canvases by a screen's id, the id of the canvas that it shows
 */
public record SceneLight(
    Colour room,
    Map<String, Colour> runs,
    Map<String, Double> screens,
    Map<String, String> canvases) {
  /** What is left of the day at dusk, a little blue; a default. */
  public static final SceneLight DUSK =
      new SceneLight(Colour.linear(0.10, 0.11, 0.135), Map.of(), Map.of(), Map.of());

  /** Light on a white wall in a room that is lit to work in, lx: what 1 stands for; a default. */
  public static final double LIT_LUX = 500;

  public SceneLight {
    runs = Map.copyOf(runs);
    screens = Map.copyOf(screens);
    canvases = Map.copyOf(canvases);
  }

  /** All of a build in a scene. */
  public static SceneLight of(DesignLists design, Scene scene) {
    Map<String, Colour> runs = new HashMap<>();
    for (SceneGlow each : glows(design, scene)) {
      runs.put(each.id(), each.light());
    }
    Map<String, Double> screens = new HashMap<>();
    Map<String, String> canvases = new HashMap<>();
    for (Screen screen : design.screens()) {
      String id = screen.id();
      screens.put(id, scene.screenBrightness(id));
      scene.canvas(design, id).ifPresent(canvas -> canvases.put(id, canvas.id()));
    }
    return new SceneLight(room(scene), runs, screens, canvases);
  }

  /** What each source does in a scene. */
  public static List<SceneGlow> glows(DesignLists design, Scene scene) {
    return Glow.of(design).stream().map(glow -> SceneGlow.of(glow, scene)).toList();
  }

  /** Neutral in a lit room, a little blue in a dark one. */
  public static Colour room(Scene scene) {
    return room(scene.lux());
  }

  /** The same of a room with so much light, lx. */
  public static Colour room(double lux) {
    double share = Math.min(2, lux / LIT_LUX);
    double blue = Math.max(0, 1 - share) * 0.35;
    return Colour.linear(share, share * (1 + blue * 0.3), share * (1 + blue));
  }

  /** What a run gives. */
  public Colour run(String id, Colour own) {
    return runs.getOrDefault(id, own);
  }

  /** How bright a screen is, 0 to 1. */
  public double screen(String id) {
    return screens.getOrDefault(id, 1.0);
  }

  /** What a screen shows; empty where nobody has said. */
  public String canvas(String screenId) {
    return canvases.getOrDefault(screenId, "");
  }
}
