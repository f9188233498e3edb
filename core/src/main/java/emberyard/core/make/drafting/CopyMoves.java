package emberyard.core.make.drafting;

import emberyard.core.build.RecipeStep;
import emberyard.core.geometry.Move;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;

/** Where the copies of a figure lie. */
final class CopyMoves {
  private static final int MOST = 2_000;

  private CopyMoves() {}

  /** Rows begin at the step's place and go right and up; a ring lies about it. */
  static List<Move> of(RecipeStep.CopyArray array, double xMm, double yMm) {
    List<Move> moves = new ArrayList<>();
    if (array.around() > 1) {
      for (int i = 0; i < array.around(); i++) {
        double degrees = 360.0 * i / array.around();
        double angle = Math.toRadians(degrees);
        moves.add(
            new Move(
                xMm + array.radiusMm() * Math.cos(angle),
                yMm + array.radiusMm() * Math.sin(angle),
                degrees,
                false));
      }
      return moves;
    }
    Require.that(
        array.across() * array.up() <= MOST, "array.across", "That is more than 2,000 copies.");
    for (int row = 0; row < array.up(); row++) {
      for (int column = 0; column < array.across(); column++) {
        moves.add(Move.by(xMm + column * array.stepXMm(), yMm + row * array.stepYMm()));
      }
    }
    return moves;
  }
}
