package emberyard.core.elevation;

import emberyard.core.build.Build;
import emberyard.core.build.Face;
import emberyard.core.build.Layer;
import emberyard.core.build.Size;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One face, seen straight on, to scale.
 *
 * @param shown whether anybody sees it where the build stands
 * @param groundHex colour of the face itself where nothing lies on it: the palette's base, grey
 *     without one
 * @param insideHex what is seen by day through an opening where nothing lies behind it
 * @param items in painting order: behind, in, on the face
 */
public record Elevation(
    Face face,
    double widthMm,
    double heightMm,
    boolean shown,
    String groundHex,
    String insideHex,
    List<ElevationItem> items) {
  /** What is seen inside by day: dark. */
  public static final String INSIDE_HEX = "#1E2224";

  public Elevation {
    items = List.copyOf(items);
  }

  /** All six faces; none while the outer size is not known. */
  public static List<Elevation> of(Build build, WorkshopBook book) {
    Size size = build.outerSize();
    if (size == null) {
      return List.of();
    }
    List<Elevation> faces = new ArrayList<>();
    for (Face face : Face.values()) {
      FaceDrawing drawing = new FaceDrawing(build, book, face, size);
      faces.add(
          new Elevation(
              face,
              face.widthMm(size),
              face.heightMm(size),
              !build.brief().hiddenFaces().contains(face),
              drawing.groundHex(),
              INSIDE_HEX,
              drawing.items()));
    }
    return List.copyOf(faces);
  }

  /** The same face with other things on it. */
  public Elevation showing(List<ElevationItem> others) {
    return new Elevation(face, widthMm, heightMm, shown, groundHex, insideHex, others);
  }

  public Rect outline() {
    return new Rect(0, 0, widthMm, heightMm);
  }

  public Optional<ElevationItem> item(String id) {
    return items.stream().filter(drawn -> drawn.id().equals(id)).findFirst();
  }

  /**
   * The thing whose surface is seen at a point: through openings and clear things down to what lies
   * behind. Art does not count: it covers lines, not areas. Null for the bare face, or the dark
   * inside where {@link #opened} says so.
   */
  public @Nullable ElevationItem seenAt(double x, double y) {
    boolean open = opened(x, y);
    for (int i = items.size() - 1; i >= 0; i--) {
      ElevationItem drawn = items.get(i);
      if (reachable(drawn, open) && drawn.opaque() && drawn.covers(x, y)) {
        return drawn;
      }
    }
    return null;
  }

  /**
   * The colour at a point under any art: of what is seen there, or of the dark inside, through the
   * tint of the pane before it. A pane that lets c of the light through adds 1 − c of its own
   * colour, mixed in linear light.
   */
  public Colour colourAt(double x, double y) {
    ElevationItem seen = seenAt(x, y);
    boolean open = opened(x, y);
    Colour colour = Colour.hex(seen != null ? seen.colourHex() : open ? insideHex : groundHex);
    boolean behindPane = open && (seen == null || seen.layer() == Layer.BEHIND);
    if (!behindPane) {
      return colour;
    }
    for (int i = items.size() - 1; i >= 0; i--) {
      ElevationItem pane = items.get(i);
      if (pane.openTo() && pane.place().contains(x, y)) {
        return colour.mixedWith(Colour.hex(pane.colourHex()), 1 - pane.clearness());
      }
    }
    return colour;
  }

  /** Whether one looks through the face at a point: the topmost thing in it is an opening. */
  public boolean opened(double x, double y) {
    for (int i = items.size() - 1; i >= 0; i--) {
      ElevationItem drawn = items.get(i);
      if (drawn.opaque() && drawn.covers(x, y)) {
        return false;
      }
      if (drawn.openTo() && drawn.place().contains(x, y)) {
        return true;
      }
    }
    return false;
  }

  /**
   * How much of an item's box is not hidden under something, 0 to 1.
   *
   * @param item of this face
   */
  public double visibleShare(ElevationItem item) {
    double seen = 0;
    for (Rect cell : item.place().cells(rects())) {
      if (onView(item, cell.centreX(), cell.centreY())) {
        seen += cell.areaMm2();
      }
    }
    return seen / item.place().areaMm2();
  }

  /** Whether nothing hides an item at a point of its box. */
  boolean onView(ElevationItem item, double x, double y) {
    boolean open = opened(x, y);
    if (!item.openTo() && !reachable(item, open)) {
      return false;
    }
    for (int i = items.size() - 1; i >= 0 && !items.get(i).equals(item); i--) {
      ElevationItem above = items.get(i);
      if (reachable(above, open) && above.opaque() && above.covers(x, y)) {
        return false;
      }
    }
    return true;
  }

  /** Through an opening one sees what lies behind; what lies in the face is cut away there. */
  private static boolean reachable(ElevationItem drawn, boolean open) {
    return drawn.layer() == Layer.ON || (drawn.layer() == Layer.BEHIND) == open;
  }

  /** Outlines and holes of all things: cells cut along them are of one colour each. */
  List<Rect> rects() {
    List<Rect> rects = new ArrayList<>();
    for (ElevationItem drawn : items) {
      rects.add(drawn.place());
      if (drawn.hole() != null) {
        rects.add(drawn.hole());
      }
    }
    return rects;
  }

  static Comparator<ElevationItem> paintingOrder() {
    return Comparator.comparing(ElevationItem::layer);
  }
}
