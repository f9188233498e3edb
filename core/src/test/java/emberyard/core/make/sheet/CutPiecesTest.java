package emberyard.core.make.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.SheetLayout.LaidPiece;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.SvgPath;
import emberyard.core.make.drafting.PathData;
import emberyard.core.make.drawn.DrawnPart;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What was cut against what is drawn now. */
class CutPiecesTest {
  private static final double W = 100;
  private static final double H = 60;

  private static DrawnPart drawn(Contour outer, Contour... holes) {
    Outline outline = new Outline(List.of(outer), List.of(holes));
    return new DrawnPart(outline, Outline.NONE, List.of(), List.of(), List.of(), List.of());
  }

  private static Contour rectangle(double w, double h) {
    return Contour.rectangle(0, 0, w, h, 0);
  }

  private static DrawnPart plate(double w, double h) {
    return drawn(rectangle(w, h));
  }

  /** A plate with a hole, cut at a turn. */
  private static LaidPiece cut(DrawnPart was, double turn) {
    LaidPiece laid = new LaidPiece("lid", 1, 20, 30, turn, false, PieceState.DONE, "");
    String path = SvgPath.of(LayoutResult.placed(was.outline(), laid).contours());
    return new LaidPiece("lid", 1, 20, 30, turn, false, PieceState.DONE, path);
  }

  @Test
  void whatIsCutAsItIsDrawnIsAsItShouldBe() {
    LaidPiece piece = cut(plate(W, H), 90);
    assertFalse(CutPieces.stale(piece, plate(W, H)));
    assertFalse(CutPieces.stale(piece, plate(W, H + 0.04)), "less than two hairs");
    assertTrue(CutPieces.stale(piece, plate(W, H + 0.2)));
    assertTrue(CutPieces.stale(piece, plate(H, W)), "as large, and another shape");
  }

  @Test
  void aSmallerOneIsCutOutOfAnyCorner() {
    LaidPiece piece = cut(plate(W, H), 0);
    assertTrue(CutPieces.reusable(piece, plate(W - 3, H)));
    assertTrue(CutPieces.reusable(piece, plate(W - 3, H - 20)));
    assertFalse(CutPieces.reusable(piece, plate(W + 3, H)));
    assertFalse(CutPieces.reusable(piece, plate(W - 30, H + 0.2)));
    Contour hole = Contour.circle(20, 20, 8);
    LaidPiece holed = cut(drawn(rectangle(W, H), hole), 0);
    assertFalse(CutPieces.reusable(holed, plate(W - 3, H)), "the hole stays");
    assertTrue(
        CutPieces.reusable(holed, drawn(rectangle(W - 3, H), hole)),
        "the hole is where it was from the left");
    assertTrue(
        CutPieces.reusable(holed, drawn(rectangle(W - 3, H), Contour.circle(17, 20, 8))),
        "from the right");
  }

  /** Quick refusals and quick answers are those of taking the shapes from each other. */
  @Test
  void quickAnswersAreThoseOfTheWholeShapes() {
    Random random = new Random(7);
    for (int i = 0; i < 300; i++) {
      double step = Math.pow(10, random.nextInt(4) - 2);
      DrawnPart now =
          plate(W + step * random.nextGaussian() / 2, H + step * random.nextGaussian() / 2);
      LaidPiece piece = cut(plate(W, H), 90 * random.nextInt(4) + random.nextInt(2) * 12.5);
      assertEquals(slowlyStale(piece, now), CutPieces.stale(piece, now), "case " + i);
    }
  }

  private static boolean slowlyStale(LaidPiece piece, DrawnPart drawn) {
    Outline now = LayoutResult.placed(drawn.outline(), piece);
    return !Plane.geometry(PathData.outline(piece.cutPath()))
        .symDifference(Plane.geometry(now))
        .buffer(-0.03)
        .isEmpty();
  }
}
