package emberyard.core.make.sheet;

import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.LaidPiece;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.part.Parts;
import emberyard.core.workshop.Machine;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;

/**
 * Whether the pieces of a layout still lie apart and on the sheet: parts may have grown since it
 * was made. Half of the kerf from each neighbour is the least that can be cut.
 */
final class LayoutCheck {
  private final boolean[] bad;

  private LayoutCheck(boolean[] bad) {
    this.bad = bad;
  }

  static LayoutCheck of(SheetLayout layout, Parts parts, Outline blank, @Nullable Machine machine) {
    double kerf = machine == null ? 0 : machine.kerfMm();
    Geometry sheet = Plane.geometry(blank).buffer(0.01);
    List<Geometry> placed = new ArrayList<>();
    for (LaidPiece piece : layout.pieces()) {
      DrawnPart drawn = parts.drawn(piece.panelId()).orElse(null);
      placed.add(
          drawn == null || piece.state() == PieceState.DONE
              ? null
              : Plane.geometry(LayoutResult.placed(drawn.outline(), piece), 0.1));
    }
    boolean[] bad = new boolean[placed.size()];
    for (int i = 0; i < bad.length; i++) {
      Geometry mine = placed.get(i);
      if (mine == null) {
        continue;
      }
      bad[i] |= !sheet.covers(mine);
      for (int k = i + 1; k < bad.length; k++) {
        Geometry other = placed.get(k);
        if (other != null && mine.isWithinDistance(other, Math.max(0, kerf - 0.01))) {
          bad[i] = true;
          bad[k] = true;
        }
      }
    }
    return new LayoutCheck(bad);
  }

  boolean bad(int piece) {
    return bad[piece];
  }
}
