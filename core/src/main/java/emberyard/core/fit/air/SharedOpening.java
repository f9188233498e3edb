package emberyard.core.fit.air;

import emberyard.core.build.Opening;
import emberyard.core.geometry.Rect;
import java.util.List;
import java.util.Objects;

/**
 * What each of the pieces that blow through an opening has of it: what lies over the same place
 * shares it, by what the blades sweep.
 *
 * @param mm2 for each of the pieces
 * @param leftMm2 what none of them is over
 */
record SharedOpening(double[] mm2, double leftMm2) {
  static SharedOpening of(Opening opening, List<Blowing> pieces) {
    Rect hole = opening.at();
    double open = opening.openMm2() / hole.areaMm2();
    double[] mm2 = new double[pieces.size()];
    double left = 0;
    List<Rect> places = pieces.stream().map(Blowing::at).filter(Objects::nonNull).toList();
    for (Rect cell : hole.cells(places)) {
      double swept = 0;
      for (Blowing piece : pieces) {
        swept += piece.over(cell) ? piece.sweptMm2() : 0;
      }
      for (int i = 0; i < mm2.length; i++) {
        Blowing piece = pieces.get(i);
        mm2[i] += piece.over(cell) ? cell.areaMm2() * open * piece.sweptMm2() / swept : 0;
      }
      left += swept == 0 ? cell.areaMm2() * open : 0;
    }
    return new SharedOpening(mm2, left);
  }
}
