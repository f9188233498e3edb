package emberyard.core.elevation;

import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.LaidRun;
import emberyard.core.build.Layer;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.Stretch;
import emberyard.core.glow.PartLight;
import emberyard.core.glow.SceneLight;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Lights on, on one face, in a scene or at dusk. A surface shows its reflectance × (what is left of
 * the room's light + Σ light × fall-off), channel by channel in linear light; the fall-off of a
 * light is (1 − distance ÷ reach)² up to its reach. Lights behind the face light the inside, the
 * others the face itself. Screens show their own colour. An engraving within reach of any light is
 * lit from its edge and glows in that light. A picture for talking, not photometry: brightness is
 * relative to a lit room.
 */
public final class Dusk {
  /** Of a light that is off: what its cover shows of its colour; a default. */
  private static final double DARK_COVER = 0.5;

  /** A screen that is on is never quite black. */
  private static final Colour SCREEN_GLOW = Colour.linear(0.01, 0.012, 0.014);

  private static final double FINEST_MM = 14;
  private static final int MOST_STEPS = 20;

  private final Elevation face;
  private final SceneLight scene;
  private final List<Lamp> lamps = new ArrayList<>();

  /** A light where it lies: along its stretches, or a strip's box without any. */
  private record Lamp(
      Rect place, List<Stretch> stretches, Colour light, double reachMm, boolean inside) {

    double distanceMm(double x, double y) {
      if (stretches.isEmpty()) {
        return place.distanceMm(x, y);
      }
      double nearest = Double.MAX_VALUE;
      for (Stretch stretch : stretches) {
        nearest = Math.min(nearest, stretch.distanceMm(x, y));
      }
      return Math.max(0, nearest - LaidRun.WIDE_MM / 2);
    }

    /** From the nearest place of a box, taken at its middle, its corners and its sides. */
    double distanceMm(Rect box) {
      double nearest = place.overlaps(box) ? 0 : place.distanceMm(box);
      if (stretches.isEmpty() || nearest > 0) {
        return nearest;
      }
      nearest = Double.MAX_VALUE;
      for (double x : new double[] {box.xMm(), box.centreX(), box.right()}) {
        for (double y : new double[] {box.yMm(), box.centreY(), box.top()}) {
          nearest = Math.min(nearest, distanceMm(x, y));
        }
      }
      return nearest;
    }
  }

  private Dusk(Elevation face, SceneLight scene) {
    this.face = face;
    this.scene = scene;
    for (ElevationItem drawn : face.items()) {
      if (drawn.kind() == ItemKind.LIGHT_RUN) {
        Colour light = light(drawn);
        if (light.luminance() > 0) {
          lamps.add(
              new Lamp(
                  drawn.place(),
                  drawn.lit(),
                  light,
                  reachMm(drawn.item()),
                  drawn.layer() == Layer.BEHIND));
        }
      }
    }
  }

  /** What a drawn light gives: as the scene has it where it stands for a run or a component. */
  private Colour light(ElevationItem drawn) {
    Colour own = Colour.hex(drawn.colourHex());
    return drawn.of() == null ? own : scene.run(drawn.of().id(), own);
  }

  /**
   * Colours of one surface, row by row from its upper left corner.
   *
   * @param columns at least 1
   * @param hexes columns × rows colours
   */
  public record Mesh(int columns, int rows, List<String> hexes) {}

  /** Behind a screen's id: the colour in which its picture shines. */
  public static final String PICTURE = "/picture";

  /** Behind a screen's id, before a canvas's: the colours of that canvas's marks, in a row. */
  public static final String SHOWS = "/shows/";

  /** Behind an opening's id: the colour of the pane in it. */
  public static final String PANE = "/pane";

  private static final Colour PALE = Colour.hex("#CFE3DD");

  /**
   * The face itself under the key "", every item under its id, what a screen shows and the pane of
   * an opening beside it.
   */
  public static Map<String, Mesh> of(Elevation face) {
    return of(face, SceneLight.DUSK);
  }

  /** The same in the light of a scene. */
  public static Map<String, Mesh> of(Elevation face, SceneLight scene) {
    Dusk dusk = new Dusk(face, scene);
    Map<String, Mesh> meshes = new HashMap<>();
    meshes.put("", dusk.surface(face.outline(), Colour.hex(face.groundHex()), false));
    for (ElevationItem drawn : face.items()) {
      meshes.put(drawn.id(), dusk.item(drawn));
      if (drawn.kind() == ItemKind.SCREEN) {
        meshes.put(drawn.id() + PICTURE, one(dusk.picture(drawn)));
        dusk.shown(drawn)
            .ifPresent(
                shown ->
                    meshes.put(drawn.id() + SHOWS + shown.canvasId(), dusk.marks(drawn, shown)));
      }
      if (drawn.openTo()) {
        meshes.put(drawn.id() + PANE, one(dusk.unlit(Colour.hex(drawn.colourHex()))));
      }
    }
    return meshes;
  }

  /** A screen shows its own light, whatever lies around. */
  private Colour picture(ElevationItem drawn) {
    FaceItem item = drawn.item();
    Colour shown = item == null || item.colourHex() == null ? PALE : Colour.hex(item.colourHex());
    double bright = drawn.of() == null ? 1 : scene.screen(drawn.of().id());
    return shown.times(bright).plus(unlit(Colour.hex(drawn.artHex()).times(1 - bright)));
  }

  /** The canvas that a screen shows in this scene. */
  private Optional<ShownCanvas> shown(ElevationItem drawn) {
    String wanted = drawn.of() == null ? "" : scene.canvas(drawn.of().id());
    return drawn.shown().stream()
        .filter(each -> each.canvasId().equals(wanted))
        .findFirst()
        .or(() -> drawn.shown().stream().findFirst());
  }

  private Mesh marks(ElevationItem drawn, ShownCanvas shown) {
    double bright = drawn.of() == null ? 1 : scene.screen(drawn.of().id());
    List<String> hexes = new ArrayList<>();
    for (int i = 0; i < shown.marks().size(); i++) {
      Colour lit = Colour.hex(shown.marks().get(i).hex()).times(bright);
      Colour off = Colour.hex(shown.offHexes().get(i)).times(1 - bright);
      hexes.add(lit.plus(unlit(off)).hex());
    }
    return new Mesh(hexes.size(), 1, hexes);
  }

  /** In what is left of the room's light alone. */
  private Colour unlit(Colour colour) {
    return colour.under(scene.room(), 1);
  }

  private Mesh item(ElevationItem drawn) {
    Colour colour = Colour.hex(drawn.colourHex());
    return switch (drawn.kind()) {
      case LIGHT_RUN -> one(lamp(drawn, colour));
      case SCREEN -> one(colour.times(0.9).plus(SCREEN_GLOW));
      case ENGRAVING -> engraving(drawn, colour);
      case VENT -> vent(drawn, colour);
      case PANEL ->
          drawn.hole() != null && drawn.layer() == Layer.ON
              ? frame(drawn, colour)
              : surface(drawn.place(), colour, false);
      default -> surface(drawn.place(), colour, drawn.openTo() || drawn.layer() == Layer.BEHIND);
    };
  }

  /** A light itself: what it gives, or its cover in the room's light once it is dark. */
  private Colour lamp(ElevationItem drawn, Colour colour) {
    Colour light = light(drawn);
    return light.luminance() > 0 ? light : unlit(colour.times(DARK_COVER));
  }

  /** A frame is narrow: one colour, taken at the middle of its left side. */
  private Mesh frame(ElevationItem drawn, Colour colour) {
    List<Lamp> outside = lamps.stream().filter(lamp -> !lamp.inside).toList();
    double x = drawn.place().xMm();
    return one(colour.under(lightAt(x, drawn.place().centreY(), outside), 1));
  }

  /**
   * Light that is behind it shines through its holes: half of it, for half of what is seen is rim.
   */
  private Mesh vent(ElevationItem drawn, Colour colour) {
    Colour light = unlit(colour);
    for (Lamp lamp : lamps) {
      if (lamp.inside) {
        double near = falloff(lamp.distanceMm(drawn.place()), lamp.reachMm);
        light = light.plus(lamp.light.times(0.5 * near));
      }
    }
    return one(light);
  }

  private Mesh engraving(ElevationItem drawn, Colour colour) {
    Lamp best = null;
    double strongest = 0;
    for (Lamp lamp : lamps) {
      double falloff = falloff(lamp.distanceMm(drawn.place()), lamp.reachMm);
      if (falloff > strongest) {
        strongest = falloff;
        best = lamp;
      }
    }
    return best == null
        ? surface(drawn.place(), colour, false)
        : one(unlit(colour).plus(best.light.times(0.25 + 0.75 * strongest)));
  }

  private Mesh surface(Rect place, Colour colour, boolean inside) {
    List<Lamp> near =
        lamps.stream()
            .filter(lamp -> lamp.inside == inside)
            .filter(lamp -> lamp.place.distanceMm(place) < lamp.reachMm)
            .toList();
    if (near.isEmpty()) {
      return one(unlit(colour));
    }
    int columns = steps(place.widthMm());
    int rows = steps(place.heightMm());
    List<String> hexes = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      double y = place.top() - (row + 0.5) * place.heightMm() / rows;
      for (int column = 0; column < columns; column++) {
        double x = place.xMm() + (column + 0.5) * place.widthMm() / columns;
        hexes.add(colour.under(lightAt(x, y, near), 1).hex());
      }
    }
    return new Mesh(columns, rows, hexes);
  }

  private Colour lightAt(double x, double y, List<Lamp> near) {
    Colour light = scene.room();
    for (Lamp lamp : near) {
      double falloff = falloff(lamp.distanceMm(x, y), lamp.reachMm);
      double strength = (lamp.inside ? 4 : 1) * PartLight.BESIDE_STRIP * falloff;
      light = light.plus(lamp.light.times(strength));
    }
    return light;
  }

  /** (1 − d/r)², 1 beside the light, 0 from its reach on. */
  static double falloff(double distanceMm, double reachMm) {
    double left = Math.max(0, 1 - distanceMm / reachMm);
    return left * left;
  }

  private static double reachMm(@Nullable FaceItem item) {
    return item == null || item.reachMm() == null ? PartLight.USUAL_REACH_MM : item.reachMm();
  }

  private static int steps(double lengthMm) {
    return (int) Math.max(1, Math.min(MOST_STEPS, Math.round(lengthMm / FINEST_MM)));
  }

  private static Mesh one(Colour colour) {
    return new Mesh(1, 1, List.of(colour.hex()));
  }
}
