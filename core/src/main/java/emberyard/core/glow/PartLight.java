package emberyard.core.glow;

import emberyard.core.build.DesignLists;
import emberyard.core.build.FaceItem;
import emberyard.core.build.FacePlaces;
import emberyard.core.build.ItemKind;
import emberyard.core.build.LaidRun;
import emberyard.core.build.Layer;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Panel;
import emberyard.core.build.RunPath;
import emberyard.core.build.Scene;
import emberyard.core.build.Size;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The light on, behind and in the edge of one part, in one scene.
 *
 * @param sceneId empty for dusk, with all lights in their own colour
 * @param name of the scene
 * @param room what is left of the room's light
 * @param behind on its back, over all of it on average
 * @param edge into its rim
 */
public record PartLight(String sceneId, String name, Colour room, Colour behind, Colour edge) {
  /** Light beside a strip, against a white wall in a lit room; a default. */
  public static final double BESIDE_STRIP = 1.3;

  /** Reach of a light where none is given, mm; a default. */
  public static final double USUAL_REACH_MM = 90;

  /** Less than that is seen by nobody. */
  private static final double SEEN = 0.02;

  private static final int GRID = 5;

  /** Of a part in every scene of its build, at dusk where there is none; none without any light. */
  public static List<PartLight> of(DesignLists design, Panel panel) {
    List<Near> near = near(design, panel);
    if (near.isEmpty()) {
      return List.of();
    }
    List<Scene> scenes = design.scenes();
    if (scenes.isEmpty()) {
      return List.of(
          sum("", "dusk", SceneLight.DUSK.room(), near, each -> Glow.of(each.strip()).colour()));
    }
    return scenes.stream()
        .map(
            scene ->
                sum(
                    scene.id(),
                    scene.name(),
                    SceneLight.room(scene),
                    near,
                    each -> SceneGlow.of(Glow.of(each.strip()), scene).light()))
        .toList();
  }

  /** A run near a part: in its rim, or behind it by this share. */
  private record Near(LightStrip strip, boolean inRim, double share) {}

  private interface Shining {
    Colour of(Near near);
  }

  private static PartLight sum(
      String id, String name, Colour room, List<Near> near, Shining shining) {
    Colour behind = Colour.BLACK;
    Colour edge = Colour.BLACK;
    for (Near each : near) {
      Colour light = shining.of(each);
      if (each.inRim()) {
        edge = edge.plus(light);
      } else {
        behind = behind.plus(light.times(BESIDE_STRIP * each.share()));
      }
    }
    return new PartLight(id, name, room, behind, edge);
  }

  private static List<Near> near(DesignLists design, Panel panel) {
    Size size = design.outerSize();
    Optional<FaceItem> item =
        design.items().stream()
            .filter(each -> each.kind() == ItemKind.PANEL && panel.id().equals(each.ofId()))
            .findFirst();
    if (size == null || panel.drawing().inside()) {
      return List.of();
    }
    Rect place =
        item.map(each -> FacePlaces.placed(design, each))
            .orElseGet(() -> FacePlaces.middle(panel, size));
    List<Near> near = new ArrayList<>();
    for (LightStrip strip : design.strips()) {
      LaidRun run = LaidRun.of(design, strip).orElse(null);
      boolean same =
          run != null
              && run.item().face() == item.map(FaceItem::face).orElse(panel.face())
              && run.item().layer() != Layer.ON;
      if (same && rim(run.item().along(), panel, item)) {
        near.add(new Near(strip, true, 1));
      } else if (same) {
        double share = share(run, place);
        if (share > 0) {
          near.add(new Near(strip, false, share));
        }
      }
    }
    return near;
  }

  /** Whether it is laid along the part's own edges. */
  private static boolean rim(@Nullable RunPath along, Panel panel, Optional<FaceItem> item) {
    return along != null
        && (along.itemId().equals(panel.id())
            || item.map(each -> each.id().equals(along.itemId())).orElse(false));
  }

  /** What falls on a part of a run behind it, over a grid on average: (1 − d ÷ reach)². */
  private static double share(LaidRun run, Rect place) {
    Double given = run.item().reachMm();
    double reach = given == null ? USUAL_REACH_MM : given;
    double sum = 0;
    for (int i = 0; i < GRID; i++) {
      for (int j = 0; j < GRID; j++) {
        double x = place.xMm() + (i + 0.5) * place.widthMm() / GRID;
        double y = place.yMm() + (j + 0.5) * place.heightMm() / GRID;
        double left = Math.max(0, 1 - run.distanceMm(x, y) / reach);
        sum += left * left;
      }
    }
    return sum / (GRID * GRID);
  }

  /** Whether light behind it can be seen through it. */
  public boolean fromBehind() {
    return behind.luminance() > SEEN;
  }
}
