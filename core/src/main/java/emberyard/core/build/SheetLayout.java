package emberyard.core.build;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Pieces laid on one sheet or offcut, and what became of it.
 *
 * @param sheetId the sheet, or the sheet the offcut is of
 * @param offcutId null for a whole sheet
 * @param blankPath outline of sheet or offcut as laid out, SVG path data, mm, y upwards
 * @param machineId what cuts it
 * @param state planned until the job is finished
 * @param usedStock whether the sheet came from the rack, not from an order
 * @param cutAt null until it is cut
 */
public record SheetLayout(
    String id,
    String name,
    String sheetId,
    @Nullable String offcutId,
    String blankPath,
    String machineId,
    List<LaidPiece> pieces,
    State state,
    Boolean usedStock,
    @Nullable Instant cutAt)
    implements Thing {
  /** Where it stands. */
  public enum State {
    PLANNED,
    CUT
  }

  public SheetLayout {
    Require.text("id", id);
    Require.text("name", name);
    Require.text("sheetId", sheetId);
    Require.that(
        blankPath != null && !blankPath.isBlank(), "blankPath", "The sheet needs its outline.");
    Require.text("machineId", machineId);
    pieces = Require.list(pieces);
    Require.between("pieces", pieces.size(), 0, 500, "pieces");
    Require.given("state", state);
    usedStock = usedStock != null && usedStock;
  }

  /**
   * One piece of a part on the sheet: mirrored never, turned about the lower left corner of its box
   * at rest, then shifted so that the turned box begins at x, y.
   *
   * @param number which of the part's pieces, from 1
   * @param xMm left end of its box on the sheet
   * @param yMm lower end of its box on the sheet
   * @param pinned whether a new layout leaves it where it is
   * @param state what became of it
   * @param cutPath its outline as it was cut, empty before
   */
  public record LaidPiece(
      String panelId,
      int number,
      double xMm,
      double yMm,
      double turnDegrees,
      Boolean pinned,
      PieceState state,
      String cutPath) {
    public LaidPiece {
      Require.text("panelId", panelId);
      Require.between("number", number, 1, 500, "");
      Require.between("xMm", xMm, -1_000, 10_000, "mm");
      Require.between("yMm", yMm, -1_000, 10_000, "mm");
      Require.between("turnDegrees", turnDegrees, -360, 360, "°");
      pinned = pinned != null && pinned;
      state = state == null ? PieceState.PLANNED : state;
      cutPath = cutPath == null ? "" : cutPath;
      Require.that(
          cutPath.length() <= CutFigure.LONGEST_PATH, "cutPath", "The outline is too long.");
    }

    /** The same piece with what became of it. */
    public LaidPiece became(PieceState other, String path) {
      return new LaidPiece(panelId, number, xMm, yMm, turnDegrees, pinned, other, path);
    }
  }

  /** What became of a piece. */
  public enum PieceState {
    PLANNED,
    DONE,
    FAILED
  }

  /** The same sheet with its pieces as they are after a job that was broken off. */
  public SheetLayout with(List<LaidPiece> after) {
    return new SheetLayout(
        id, name, sheetId, offcutId, blankPath, machineId, after, state, usedStock, cutAt);
  }

  /** The layout after its job. */
  public SheetLayout cut(List<LaidPiece> after, boolean fromRack, Instant at) {
    return new SheetLayout(
        id, name, sheetId, offcutId, blankPath, machineId, after, State.CUT, fromRack, at);
  }
}
