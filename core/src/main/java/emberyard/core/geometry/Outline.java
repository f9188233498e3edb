package emberyard.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * Flat shapes with holes, mm, y upwards.
 *
 * @param outers each the rim of a piece; more than one means that the shape is in pieces
 * @param holes each inside one of the outers, none crossing another
 */
public record Outline(List<Contour> outers, List<Contour> holes) {
  public static final Outline NONE = new Outline(List.of(), List.of());

  public Outline {
    outers = List.copyOf(outers);
    holes = List.copyOf(holes);
  }

  public static Outline of(Contour outer) {
    return new Outline(List.of(outer), List.of());
  }

  public boolean empty() {
    return outers.isEmpty();
  }

  public double areaMm2() {
    return outers.stream().mapToDouble(Contour::areaMm2).sum()
        - holes.stream().mapToDouble(Contour::areaMm2).sum();
  }

  /** All that is cut, mm. */
  public double contourMm() {
    return contours().stream().mapToDouble(Contour::lengthMm).sum();
  }

  /**
   * Corners of all rims, arcs counted as they are flattened at least: what it costs to work with.
   */
  public long corners() {
    return contours().stream().mapToLong(Contour::corners).sum();
  }

  /** Holes first, as they are cut. */
  public List<Contour> contours() {
    List<Contour> all = new ArrayList<>(holes);
    all.addAll(outers);
    return all;
  }

  public Outline moved(Move move) {
    return new Outline(
        outers.stream().map(c -> c.moved(move)).toList(),
        holes.stream().map(c -> c.moved(move)).toList());
  }

  /** Around all outers; an empty rectangle for nothing. */
  public Rect bounds() {
    if (outers.isEmpty()) {
      return new Rect(0, 0, 0, 0);
    }
    Rect all = outers.get(0).bounds();
    for (Contour outer : outers) {
      Rect one = outer.bounds();
      double left = Math.min(all.xMm(), one.xMm());
      double low = Math.min(all.yMm(), one.yMm());
      all =
          new Rect(
              left,
              low,
              Math.max(all.right(), one.right()) - left,
              Math.max(all.top(), one.top()) - low);
    }
    return all;
  }

  /** Moved so that its lower left corner lies at the origin. */
  public Outline atOrigin() {
    Rect box = bounds();
    return moved(Move.by(-box.xMm(), -box.yMm()));
  }
}
