package emberyard.core.build;

import emberyard.core.colour.Colour;
import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The finish of one part, print or face: the ordered list of what is done to its two sides. The
 * same list is painted by the plan, bought from, and replayed to see what comes out.
 *
 * @param panelId the part or print it is for, empty where it is for a face
 * @param face the face of the enclosure it is for, null for a part
 * @param targetHex the colour wanted where no shape wants another, null while that is open
 * @param surface {@code BARE} where it is left out
 * @param habits the usual ones where they are left out
 * @param seenFrom the side that is looked at, the front where it is left out
 * @param layers at most 60 steps
 * @param shapes at most 300; one that is named later lies on those before it
 * @param hangsWith the finish whose coats it shares on one rack, null for none
 */
@RecordBuilder
public record Scheme(
    String id,
    String name,
    String panelId,
    @Nullable Face face,
    @Nullable String targetHex,
    Surface surface,
    FinishHabits habits,
    Side seenFrom,
    List<LayerStep> layers,
    List<ArtShape> shapes,
    @Nullable String hangsWith)
    implements DesignThing, SchemeBuilder.With {
  private static final int MOST_LAYERS = 60;
  private static final int MOST_SHAPES = 300;

  public Scheme {
    Require.text("id", id);
    Require.text("name", name);
    panelId = Require.textOrEmpty("panelId", panelId);
    Require.that(
        face != null || !panelId.isEmpty(), "panelId", "Say which part or face it is for.");
    if (targetHex != null) {
      Colour.hex("targetHex", targetHex);
    }
    surface = surface == null ? Surface.BARE : surface;
    habits = habits == null ? FinishHabits.USUAL : habits;
    seenFrom = seenFrom == null ? Side.FRONT : seenFrom;
    layers = Require.list(layers);
    shapes = Require.list(shapes);
    Require.between("layers", layers.size(), 0, MOST_LAYERS, "steps");
    Require.between("shapes", shapes.size(), 0, MOST_SHAPES, "shapes");
    Require.that(
        layers.stream().map(LayerStep::id).distinct().count() == layers.size(),
        "layers",
        "Two steps have the same id.");
    Require.that(
        shapes.stream().map(ArtShape::id).distinct().count() == shapes.size(),
        "shapes",
        "Two shapes have the same id.");
  }

  /** The same finish with shapes on it, seen from a side. */
  public Scheme drawn(List<ArtShape> art, Side from, @Nullable String target) {
    return with().shapes(art).seenFrom(from).targetHex(target).build();
  }

  /** The same finish towards a colour, on another ground. */
  public Scheme towards(@Nullable String target, Surface ground) {
    return with().targetHex(target).surface(ground).build();
  }

  /**
   * The paint whose colour is seen where no shape lies: the last one on the side that is looked at,
   * else the first one on the back of the sheet.
   */
  public Optional<LayerStep> shown() {
    List<LayerStep> paints = layers.stream().filter(step -> step.op() == LayerOp.PAINT).toList();
    Optional<LayerStep> before =
        paints.stream().filter(step -> step.side() == seenFrom).reduce((one, later) -> later);
    return before.isPresent()
        ? before
        : paints.stream().filter(step -> step.side() != seenFrom).findFirst();
  }

  public Optional<ArtShape> shape(String shapeId) {
    return shapes.stream().filter(shape -> shape.id().equals(shapeId)).findFirst();
  }

  /** Whether what comes out depends on the order of more than plain coats. */
  public boolean layeredArt() {
    return !shapes.isEmpty() || layers.stream().anyMatch(step -> !step.op().coats());
  }
}
