package emberyard.core.make.photo;

import emberyard.core.units.Require;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is known in a photo: lengths between two points (straight on), or one rectangle in
 * perspective.
 *
 * @param lengths several are combined by least squares; at most 20
 * @param corners lower left, lower right, upper right, upper left of a known rectangle; null for
 *     lengths
 * @param widthMm of the rectangle, 0.5 to 10,000 mm
 * @param heightMm of the rectangle
 */
public record PhotoReference(
    List<KnownLength> lengths,
    @Nullable List<PhotoPoint> corners,
    @Nullable Double widthMm,
    @Nullable Double heightMm) {
  public PhotoReference {
    lengths = Require.list(lengths);
    Require.between("lengths", lengths.size(), 0, 20, "lengths");
    corners = corners == null ? null : List.copyOf(corners);
    if (corners != null) {
      Require.that(corners.size() == 4, "corners", "A rectangle has four corners.");
      Require.between("widthMm", widthMm == null ? Double.NaN : widthMm, 0.5, 10_000, "mm");
      Require.between("heightMm", heightMm == null ? Double.NaN : heightMm, 0.5, 10_000, "mm");
    } else {
      Require.that(
          !lengths.isEmpty(), "lengths", "Give a known length, or the corners of a rectangle.");
    }
  }

  /** Two points and the distance between them, 0.5 to 10,000 mm. */
  public record KnownLength(PhotoPoint from, PhotoPoint to, double lengthMm) {
    /** A point is read to a pixel or so: on less than this nothing is measured. */
    private static final double SHORTEST_PX = 4;

    public KnownLength {
      Require.given("from", from);
      Require.given("to", to);
      Require.between("lengthMm", lengthMm, 0.5, 10_000, "mm");
      Require.that(
          Math.hypot(to.xPx() - from.xPx(), to.yPx() - from.yPx()) >= SHORTEST_PX,
          "to",
          "The two points of the known length lie on each other.");
    }
  }
}
