package emberyard.core.elevation;

import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.ItemMaterial;
import emberyard.core.build.LaidRun;
import emberyard.core.build.Layer;
import emberyard.core.build.ThingLink;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.Stretch;
import java.util.List;
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
 * @param art shape within its box as an SVG path, mm from its upper left corner; the item's own,
 *     the holes of a vent field, empty for a plain area
 * @param artHex colour of that shape and of words by day: its own, faint on a screen that is off
 * @param strokeMm width of the art's lines, 0 for a filled shape
 * @param words engraved or printed text
 * @param detail material and finish in words
 * @param shown what a screen shows, canvas by canvas; empty for all others, and while nobody laid
 *     anything out
 * @param lit where a light run lies, from its start to its end; empty for all others
 */
public record ElevationItem(
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
    String art,
    String artHex,
    double strokeMm,
    String words,
    String detail,
    List<ShownCanvas> shown,
    List<Stretch> lit) {
  public ElevationItem {
    shown = List.copyOf(shown);
    lit = List.copyOf(lit);
  }

  /** Hides what lies beneath, all over its box. */
  public boolean opaque() {
    return clearness < 0.5 && !openTo && !shaped();
  }

  /**
   * Whether only its lines, holes or letters are seen, which cover part of its box. A screen is
   * seen whole whatever it shows.
   */
  public boolean shaped() {
    return kind != ItemKind.SCREEN && !(art.isEmpty() && words.isEmpty());
  }

  /** Whether it has its surface at this point. */
  public boolean covers(double x, double y) {
    return place.contains(x, y) && (hole == null || !hole.contains(x, y));
  }

  /** Whether it lies in a box, by more than an edge: a light run only where its strip is. */
  public boolean takes(Rect box) {
    return lit.isEmpty()
        ? place.overlaps(box)
        : lit.stream().anyMatch(stretch -> LaidRun.bar(stretch).overlaps(box));
  }
}
