package emberyard.core.nest;

import emberyard.core.geometry.Outline;
import emberyard.core.units.Require;
import java.util.List;

/**
 * Pieces to be laid on sheets.
 *
 * @param sheets in the order in which they are filled: offcuts first; 1 to 100
 * @param pieces 1 to 500 in all
 * @param spacingMm free between pieces, 0 to 50 mm
 * @param marginMm free along the edge, 0 to 100 mm
 * @param seed of the search: the same seed and number of tries give the same layout
 */
public record NestJob(
    List<Blank> sheets, List<Piece> pieces, double spacingMm, double marginMm, long seed) {
  private static final int MOST_PIECES = 500;

  public NestJob {
    sheets = Require.list(sheets);
    pieces = Require.list(pieces);
    Require.between("sheets", sheets.size(), 1, 100, "sheets");
    Require.between("pieces", pieces.size(), 1, MOST_PIECES, "pieces");
    Require.between("spacingMm", spacingMm, 0, 50, "mm");
    Require.between("marginMm", marginMm, 0, 100, "mm");
  }

  /** Spacing that a kerf asks for: kerf + 2 mm (handbook, made parts). */
  public static double spacingMm(double kerfMm) {
    return kerfMm + 2;
  }

  /**
   * A sheet or an offcut.
   *
   * @param outline with its lower left corner at the origin
   */
  public record Blank(String id, Outline outline, boolean offcut) {
    public Blank {
      Require.that(!outline.empty(), "sheets", "A sheet has no outline.");
    }
  }

  /** How a piece may be turned. */
  public enum Rotation {
    FREE,
    QUARTERS,
    NONE
  }

  /**
   * One piece.
   *
   * @param id tells pieces apart
   * @param shape pieces of one shape share their geometry
   * @param outline its lower left corner at the origin
   * @param first whether it is laid before those that are not
   * @param pin where it has to lie, null for anywhere
   */
  public record Piece(
      String id,
      String shape,
      Outline outline,
      Rotation rotation,
      boolean first,
      @org.jspecify.annotations.Nullable PieceSpot pin) {}

  /**
   * Where a piece lies: turned about its corner at rest, then shifted so that the turned box begins
   * at x, y of the sheet.
   *
   * @param sheet index among the sheets
   */
  public record PieceSpot(String pieceId, int sheet, double xMm, double yMm, double turnDegrees) {}
}
