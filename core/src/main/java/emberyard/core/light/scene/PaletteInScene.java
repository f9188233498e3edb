package emberyard.core.light.scene;

import emberyard.core.build.PaletteColour;
import emberyard.core.build.Scene;
import emberyard.core.colour.Colour;
import emberyard.core.colour.Difference;
import emberyard.core.glow.PartLight;
import emberyard.core.glow.SceneGlow;
import emberyard.core.glow.SceneLight;
import java.util.ArrayList;
import java.util.List;

/**
 * A palette beside the lights of a scene: what is left of the room's light and what the lights
 * send, each by its share of all LEDs. The eye and the camera adapt: the brightest of the light is
 * taken as white.
 *
 * @param seen in the palette's order
 * @param merged those hard to tell apart
 */
public record PaletteInScene(List<Colour> seen, List<MergedPair> merged) {
  public static PaletteInScene of(List<PaletteColour> palette, Scene scene, List<SceneGlow> glows) {
    return of(
        palette.stream().map(each -> Colour.hex(each.hex())).toList(),
        light(SceneLight.room(scene), glows));
  }

  /** The same in a light that is known. */
  public static PaletteInScene of(List<Colour> before, Colour light) {
    List<Colour> seen = before.stream().map(each -> each.under(light, 1)).toList();
    List<MergedPair> merged = new ArrayList<>();
    for (int i = 0; i < seen.size(); i++) {
      for (int j = i + 1; j < seen.size(); j++) {
        double was = before.get(i).deltaE00(before.get(j));
        double is = seen.get(i).deltaE00(seen.get(j));
        if (Difference.runTogether(was, is)) {
          merged.add(new MergedPair(i, j, was, is));
        }
      }
    }
    return new PaletteInScene(seen, merged);
  }

  /** What falls on a surface beside the lights, its brightest channel 1. */
  public static Colour light(Colour room, List<SceneGlow> glows) {
    double leds = glows.stream().mapToDouble(each -> each.glow().leds()).sum();
    Colour light = room;
    for (SceneGlow each : glows) {
      light = light.plus(each.light().times(PartLight.BESIDE_STRIP * each.glow().leds() / leds));
    }
    double most = Math.max(light.red(), Math.max(light.green(), light.blue()));
    return most <= 0 ? Colour.WHITE : light.times(1 / most);
  }
}
