package emberyard.core.elevation;

import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Lights on, at dusk, on one face. A surface shows its reflectance × (dusk + Σ light × fall-off),
 * channel by channel in linear light; the fall-off of a light is (1 − distance ÷ reach)² up to its
 * reach. Lights behind the face light the inside, the others the face itself. Screens show their
 * own colour. An engraving within reach of any light is lit from its edge and glows in that light.
 * A picture for talking, not photometry: brightness is relative to a lit room.
 */
public final class Dusk {
  /** What is left of daylight, a little blue; a default. */
  static final Colour DUSK = Colour.linear(0.10, 0.11, 0.135);

  /** Light beside a strip, against a white wall by day; a default. */
  static final double BESIDE_STRIP = 1.3;

  /** Reach of a light where none is given, mm. */
  public static final double USUAL_REACH_MM = 90;

  /** A screen that is on is never quite black. */
  private static final Colour SCREEN_GLOW = Colour.linear(0.01, 0.012, 0.014);

  private static final double FINEST_MM = 14;
  private static final int MOST_STEPS = 20;

  private final Elevation face;
  private final List<Lamp> lamps = new ArrayList<>();

  private record Lamp(
      Rect place, @Nullable Rect hole, Colour light, double reachMm, boolean inside) {

    /** From the strip itself: one that lies round a box is not at the box's middle. */
    double distanceMm(double x, double y) {
      return hole == null || !hole.contains(x, y)
          ? place.distanceMm(x, y)
          : Math.min(
              Math.min(x - hole.xMm(), hole.right() - x), Math.min(y - hole.yMm(), hole.top() - y));
    }
  }

  private Dusk(Elevation face) {
    this.face = face;
    for (ElevationItem drawn : face.items()) {
      if (drawn.kind() == ItemKind.LIGHT_RUN) {
        lamps.add(
            new Lamp(
                drawn.place(),
                drawn.hole(),
                Colour.hex(drawn.colourHex()),
                reachMm(drawn.item()),
                drawn.layer() == Layer.BEHIND));
      }
    }
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

  /** Behind an opening's id: the colour of the pane in it. */
  public static final String PANE = "/pane";

  private static final Colour PALE = Colour.hex("#CFE3DD");

  /**
   * The face itself under the key "", every item under its id, what a screen shows and the pane of
   * an opening beside it.
   */
  public static Map<String, Mesh> of(Elevation face) {
    Dusk dusk = new Dusk(face);
    Map<String, Mesh> meshes = new HashMap<>();
    meshes.put("", dusk.surface(face.outline(), Colour.hex(face.groundHex()), false));
    for (ElevationItem drawn : face.items()) {
      meshes.put(drawn.id(), dusk.item(drawn));
      if (drawn.kind() == ItemKind.SCREEN) {
        meshes.put(drawn.id() + PICTURE, one(picture(drawn)));
      }
      if (drawn.openTo()) {
        meshes.put(drawn.id() + PANE, one(Colour.hex(drawn.colourHex()).under(DUSK, 1)));
      }
    }
    return meshes;
  }

  /** A screen shows its own light, whatever lies around. */
  private static Colour picture(ElevationItem drawn) {
    FaceItem item = drawn.item();
    return item == null || item.colourHex() == null ? PALE : Colour.hex(item.colourHex());
  }

  private Mesh item(ElevationItem drawn) {
    Colour colour = Colour.hex(drawn.colourHex());
    return switch (drawn.kind()) {
      case LIGHT_RUN -> one(colour);
      case SCREEN -> one(colour.times(0.9).plus(SCREEN_GLOW));
      case ENGRAVING -> engraving(drawn, colour);
      case PANEL ->
          drawn.hole() != null && drawn.layer() == Layer.ON
              ? frame(drawn, colour)
              : surface(drawn.place(), colour, false);
      default -> surface(drawn.place(), colour, drawn.openTo() || drawn.layer() == Layer.BEHIND);
    };
  }

  /** A frame is narrow: one colour, taken at the middle of its left side. */
  private Mesh frame(ElevationItem drawn, Colour colour) {
    List<Lamp> outside = lamps.stream().filter(lamp -> !lamp.inside).toList();
    double x = drawn.place().xMm();
    return one(colour.under(lightAt(x, drawn.place().centreY(), outside), 1));
  }

  private Mesh engraving(ElevationItem drawn, Colour colour) {
    Lamp best = null;
    double strongest = 0;
    for (Lamp lamp : lamps) {
      double falloff = falloff(lamp.place.distanceMm(drawn.place()), lamp.reachMm);
      if (falloff > strongest) {
        strongest = falloff;
        best = lamp;
      }
    }
    return best == null
        ? surface(drawn.place(), colour, false)
        : one(colour.under(DUSK, 1).plus(best.light.times(0.25 + 0.75 * strongest)));
  }

  private Mesh surface(Rect place, Colour colour, boolean inside) {
    List<Lamp> near =
        lamps.stream()
            .filter(lamp -> lamp.inside == inside)
            .filter(lamp -> lamp.place.distanceMm(place) < lamp.reachMm)
            .toList();
    if (near.isEmpty()) {
      return one(colour.under(DUSK, 1));
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

  private static Colour lightAt(double x, double y, List<Lamp> near) {
    Colour light = DUSK;
    for (Lamp lamp : near) {
      double falloff = falloff(lamp.distanceMm(x, y), lamp.reachMm);
      double strength = (lamp.inside ? 4 : 1) * BESIDE_STRIP * falloff;
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
    return item == null || item.reachMm() == null ? USUAL_REACH_MM : item.reachMm();
  }

  private static int steps(double lengthMm) {
    return (int) Math.max(1, Math.min(MOST_STEPS, Math.round(lengthMm / FINEST_MM)));
  }

  private static Mesh one(Colour colour) {
    return new Mesh(1, 1, List.of(colour.hex()));
  }
}
