package emberyard.core.make.sheet;

import emberyard.core.build.Build;
import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.LaidPiece;

/** How many set-ups of the machine a part has to bear. */
public final class SetUps {
  private SetUps() {}

  /** One while it is not laid out; then its share of every sheet that it lies on with others. */
  public static double of(Build build, String panelId) {
    double share = 0;
    for (SheetLayout layout : build.layouts()) {
      if (layout.pieces().stream().anyMatch(piece -> piece.panelId().equals(panelId))) {
        share += 1.0 / layout.pieces().stream().map(LaidPiece::panelId).distinct().count();
      }
    }
    return share == 0 ? 1 : share;
  }
}
