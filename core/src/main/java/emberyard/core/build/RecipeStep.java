package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * One step in the recipe of a part, done to what the steps before it have left.
 *
 * @param name as the builder calls it, may be empty
 * @param figure what is joined, cut, engraved, lined or sunk; null for the others
 * @param xMm centre of the figure from the part's left edge; 0 where it is left out
 * @param yMm centre of the figure from the part's lower edge; 0 where it is left out
 * @param turnDegrees counter-clockwise, −360 to 360; 0 where it is left out
 * @param mirrored whether the figure is mirrored left to right
 * @param array copies of the figure, null for one
 * @param amountMm grown by (negative: shrunk by) for an offset, where the axis lies for a mirror,
 *     the depth for a pocket; null for the others
 */
public record RecipeStep(
    String id,
    String name,
    Op op,
    @Nullable CutFigure figure,
    Double xMm,
    Double yMm,
    Double turnDegrees,
    Boolean mirrored,
    @Nullable CopyArray array,
    @Nullable Double amountMm) {

  /** What a step does. */
  public enum Op {
    JOIN,
    CUT,
    ENGRAVE,
    LINE,
    POCKET,
    OFFSET,
    MIRROR_ACROSS,
    MIRROR_UP;

    /** Whether it does something with a figure. */
    public boolean drawsFigure() {
      return this != OFFSET && this != MIRROR_ACROSS && this != MIRROR_UP;
    }
  }

  public RecipeStep {
    Require.text("id", id);
    name = Require.textOrEmpty("name", name);
    Require.given("op", op);
    xMm = xMm == null ? 0 : xMm;
    yMm = yMm == null ? 0 : yMm;
    turnDegrees = turnDegrees == null ? 0 : turnDegrees;
    mirrored = mirrored != null && mirrored;
    Require.between("xMm", xMm, -5_000, 10_000, "mm");
    Require.between("yMm", yMm, -5_000, 10_000, "mm");
    Require.between("turnDegrees", turnDegrees, -360, 360, "°");
    if (op.drawsFigure()) {
      Require.that(figure != null, "figure", "This step needs a figure.");
    }
    if (op == Op.OFFSET) {
      Require.between("amountMm", amount(amountMm), -500, 500, "mm");
    } else if (op == Op.POCKET) {
      Require.between("amountMm", amount(amountMm), 0.1, 50, "mm");
    } else if (!op.drawsFigure()) {
      Require.between("amountMm", amount(amountMm), -5_000, 10_000, "mm");
    }
  }

  private static double amount(@Nullable Double amountMm) {
    return amountMm == null ? Double.NaN : amountMm;
  }

  /** A figure at a place. */
  public static RecipeStep of(String id, Op op, CutFigure figure, double xMm, double yMm) {
    return new RecipeStep(id, "", op, figure, xMm, yMm, 0.0, false, null, null);
  }

  /**
   * Copies of a figure in rows or round a centre.
   *
   * @param across 1 to 100 columns; 1 where it is left out, so is up
   * @param around copies round the step's place, 0 for none, at most 400; each turned with it
   * @param radiusMm of the circle they lie on
   */
  public record CopyArray(
      Integer across, Integer up, Double stepXMm, Double stepYMm, Integer around, Double radiusMm) {
    public CopyArray {
      across = across == null ? 1 : across;
      up = up == null ? 1 : up;
      stepXMm = stepXMm == null ? 0 : stepXMm;
      stepYMm = stepYMm == null ? 0 : stepYMm;
      around = around == null ? 0 : around;
      radiusMm = radiusMm == null ? 0 : radiusMm;
      Require.between("across", across, 1, 100, "columns");
      Require.between("up", up, 1, 100, "rows");
      Require.between("stepXMm", stepXMm, -5_000, 5_000, "mm");
      Require.between("stepYMm", stepYMm, -5_000, 5_000, "mm");
      Require.between("around", around, 0, 400, "copies");
      Require.between("radiusMm", radiusMm, 0, 2_000, "mm");
    }
  }
}
