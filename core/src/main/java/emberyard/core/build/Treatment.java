package emberyard.core.build;

import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * A small named piece of finish on a part: film, a line along its edge, a badge, weathering, a mask
 * over one place.
 *
 * @param panelId the part it is on, empty where it is on a face
 * @param face null where it is on a part
 * @param productId film or paint; null for none
 * @param figure its shape; an edge line needs none
 * @param xMm centre from the left edge of the part or face (the origin of a path)
 * @param yMm centre from the lower edge
 * @param quantity 1 to 500 pieces
 * @param widthMm of an edge line, 0.3 to 100 mm; null for the others
 * @param inside whether film is laid on the inside of a clear part: it is cut mirrored
 * @param laying how film is laid; dry where it is left out
 * @param minutes hands-on time of one, 1 to 5,000; null for the usual
 */
public record Treatment(
    String id,
    String name,
    Kind kind,
    String panelId,
    @Nullable Face face,
    @Nullable String productId,
    @Nullable CutFigure figure,
    Double xMm,
    Double yMm,
    Integer quantity,
    @Nullable Double widthMm,
    Boolean inside,
    Laying laying,
    @Nullable Integer minutes)
    implements DesignThing {
  public Treatment {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("kind", kind);
    panelId = Require.textOrEmpty("panelId", panelId);
    Require.that(face != null || !panelId.isEmpty(), "panelId", "Say which part or face it is on.");
    xMm = xMm == null ? 0 : xMm;
    yMm = yMm == null ? 0 : yMm;
    quantity = quantity == null ? 1 : quantity;
    inside = inside != null && inside;
    laying = laying == null ? Laying.DRY : laying;
    Require.between("xMm", xMm, -5_000, 10_000, "mm");
    Require.between("yMm", yMm, -5_000, 10_000, "mm");
    Require.between("quantity", quantity, 1, 500, "pieces");
    if (widthMm != null) {
      Require.between("widthMm", widthMm, 0.3, 100, "mm");
    }
    if (minutes != null) {
      Require.between("minutes", minutes, 1, 5_000, "min");
    }
    Require.that(
        kind == Kind.EDGE_LINE || figure != null, "figure", "It needs a shape and a size.");
  }

  /** What it is. */
  public enum Kind {
    DECAL("film", 0),
    EDGE_LINE("edge line", 20),
    BADGE("badge", 15),
    WEATHERING("weathering", 40),
    PART_MASK("mask", 10);

    private final String words;
    private final int usualMinutes;

    Kind(String words, int usualMinutes) {
      this.words = words;
      this.usualMinutes = usualMinutes;
    }

    public String words() {
      return words;
    }

    /** Hands-on time of one where nothing better is known; of film it follows from its contour. */
    public int usualMinutes() {
      return usualMinutes;
    }
  }

  /** How film is laid. */
  public enum Laying {
    /** Hinged and squeegeed. */
    DRY,
    /** On a film of soapy water: slower, can be shifted, dries a day. */
    WET
  }
}
