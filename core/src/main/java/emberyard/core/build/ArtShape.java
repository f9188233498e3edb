package emberyard.core.build;

import emberyard.core.colour.Colour;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * A named shape on a finish: from the part's drawing, from path data, or text.
 *
 * @param stepId the step of the part's recipe that draws it, null for a figure of its own
 * @param figure null where the part's drawing gives it
 * @param xMm centre from the part's left edge (the origin of a path); 0 where it is left out
 * @param yMm centre from the part's lower edge; 0 where it is left out
 * @param strokeMm width of the line along its rim, 0.05 to 100 mm; null for a filled shape
 * @param wantedHex the colour that it should have, null for none in particular
 */
public record ArtShape(
    String id,
    String name,
    @Nullable String stepId,
    @Nullable CutFigure figure,
    Double xMm,
    Double yMm,
    Double turnDegrees,
    @Nullable Double strokeMm,
    @Nullable String wantedHex) {
  public ArtShape {
    Require.text("id", id);
    Require.text("name", name);
    xMm = xMm == null ? 0 : xMm;
    yMm = yMm == null ? 0 : yMm;
    turnDegrees = turnDegrees == null ? 0 : turnDegrees;
    Require.between("xMm", xMm, -5_000, 10_000, "mm");
    Require.between("yMm", yMm, -5_000, 10_000, "mm");
    Require.between("turnDegrees", turnDegrees, -360, 360, "°");
    Require.that(
        stepId != null || figure != null, "figure", "A shape needs a figure, or a drawn one.");
    if (strokeMm != null) {
      Require.between("strokeMm", strokeMm, 0.05, 100, "mm");
    }
    if (wantedHex != null) {
      Colour.hex("wantedHex", wantedHex);
    }
  }

  /** A figure at a place. */
  public static ArtShape of(
      String id, String name, CutFigure figure, double xMm, double yMm, @Nullable String wanted) {
    return new ArtShape(id, name, null, figure, xMm, yMm, 0.0, null, wanted);
  }

  /** The same shape drawn as a line along its rim. */
  public ArtShape stroked(double widthMm) {
    return new ArtShape(id, name, stepId, figure, xMm, yMm, turnDegrees, widthMm, wantedHex);
  }
}
