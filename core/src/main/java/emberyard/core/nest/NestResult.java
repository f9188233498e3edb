package emberyard.core.nest;

import java.util.List;

/**
 * A layout.
 *
 * @param unplaced ids of pieces that found no place
 * @param sheets how each used sheet is filled, by index
 * @param leastSheets a lower bound on whole sheets, by area alone
 * @param tries layouts that were looked at
 */
public record NestResult(
    List<NestJob.PieceSpot> placements,
    List<String> unplaced,
    List<SheetUse> sheets,
    int leastSheets,
    int tries) {
  public NestResult {
    placements = List.copyOf(placements);
    unplaced = List.copyOf(unplaced);
    sheets = List.copyOf(sheets);
  }

  /**
   * @param usedLengthMm along the sheet's longer side, up to the last piece
   * @param utilisation area of the pieces ÷ (used length × width), 0 to 1
   * @param areaMm2 of the pieces
   */
  public record SheetUse(
      int sheet, String id, int pieces, double usedLengthMm, double utilisation, double areaMm2) {}
}
