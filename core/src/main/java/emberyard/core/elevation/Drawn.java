package emberyard.core.elevation;

import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.ItemMaterial;
import emberyard.core.build.Layer;
import emberyard.core.build.ThingLink;
import emberyard.core.geometry.Rect;
import org.jspecify.annotations.Nullable;

/**
 * A thing as it is drawn on a face.
 *
 * @param id unique on the drawing: the item's or the thing's, with {@code /window} behind a panel's
 *     opening
 * @param of the part, screen, strip or component it is; null for a thing of its own
 * @param item what was placed by hand, null where it lies by default in the middle of its face
 * @param place on the face, mm from the lower left corner
 * @param hole opening in it, null for none
 * @param openTo whether one looks through it to the inside
 * @param colourHex of its surface by day
 * @param clearness share of light that passes, 0 to 1
 * @param detail material and finish in words
 */
public record Drawn(
    String id,
    ItemKind kind,
    String name,
    @Nullable ThingLink of,
    @Nullable FaceItem item,
    Rect place,
    @Nullable Rect hole,
    Layer layer,
    boolean openTo,
    String colourHex,
    double clearness,
    @Nullable ItemMaterial material,
    String detail) {

  /** Hides what lies beneath. */
  public boolean opaque() {
    return clearness < 0.5 && !openTo && !lines();
  }

  /** Only lines or words, which cover part of their box: art that is drawn, not a plain area. */
  public boolean lines() {
    return kind.art() && item != null && !(item.art().isEmpty() && item.words().isEmpty());
  }

  /** Whether it has its surface at this point. */
  public boolean covers(double x, double y) {
    return place.contains(x, y) && (hole == null || !hole.contains(x, y));
  }
}
