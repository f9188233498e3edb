package emberyard.core.finish.layer;

import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finish.optic.Slab;
import emberyard.core.glow.PartLight;
import java.util.ArrayList;
import java.util.List;

/**
 * What both sides show in a scene: in what is left of the room's light, with what passes from
 * behind, and with engraved places glowing from the rim. From the back one sees the light that
 * falls on it there.
 *
 * @param sceneId empty for dusk
 * @param front colour of each region, in their order
 * @param back likewise
 */
public record SceneLook(String sceneId, String name, List<String> front, List<String> back) {

  static SceneLook of(LayerStack stack, List<Piles> piles, PartLight light) {
    List<String> front = new ArrayList<>();
    List<String> back = new ArrayList<>();
    for (Piles pile : piles) {
      front.add(front(stack, pile, light).hex());
      back.add(back(stack, pile, light).hex());
    }
    return new SceneLook(light.sceneId(), light.name(), front, back);
  }

  private static Colour front(LayerStack stack, Piles piles, PartLight light) {
    Slab all = piles.slab(Side.FRONT, stack.sheet());
    return all.on(stack.ground())
        .under(light.room(), 1)
        .plus(all.through().under(light.behind(), 1))
        .plus(edge(stack, piles, Side.FRONT, light));
  }

  private static Colour back(LayerStack stack, Piles piles, PartLight light) {
    Colour seen = piles.slab(Side.BACK, stack.sheet()).on(stack.ground());
    return seen.under(light.room().plus(light.behind()), 1)
        .plus(edge(stack, piles, Side.BACK, light));
  }

  private static Colour edge(LayerStack stack, Piles piles, Side from, PartLight light) {
    return Appearance.glow(
        piles, stack.sheet(), piles.slab(from), from, new LightOn(light.edge(), 1));
  }
}
