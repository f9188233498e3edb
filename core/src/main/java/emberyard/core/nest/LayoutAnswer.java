package emberyard.core.nest;

import java.util.ArrayList;
import java.util.List;

/** What a layout says of pieces and sheets. */
record LayoutAnswer(NestJob job, List<Ground> grounds, Layout layout) {
  /** Area placed ÷ area of the sheets that are used. */
  double sheetShare() {
    double placed = 0;
    double used = 0;
    for (int sheet = 0; sheet < grounds.size(); sheet++) {
      List<Spot> spots = layout.spots().get(sheet);
      if (!spots.isEmpty()) {
        used += grounds.get(sheet).areaMm2;
        placed += spots.stream().mapToDouble(s -> s.shape().areaMm2).sum();
      }
    }
    return used == 0 ? 0 : placed / used;
  }

  /** As the answer of a search after so many tries. */
  NestResult result(int tries) {
    List<NestJob.PieceSpot> placements = new ArrayList<>();
    List<String> unplaced = new ArrayList<>();
    for (int i = 0; i < layout.order().length; i++) {
      NestJob.Piece piece = job.pieces().get(layout.order()[i]);
      int sheet = layout.sheetOf()[i];
      if (sheet < 0) {
        unplaced.add(piece.id());
      } else {
        Spot spot = layout.spotOf()[i];
        placements.add(
            new NestJob.PieceSpot(
                piece.id(),
                sheet,
                spot.x() + spot.shape().insetX + grounds.get(sheet).originX,
                spot.y() + spot.shape().insetY + grounds.get(sheet).originY,
                spot.shape().turnDegrees));
      }
    }
    return new NestResult(placements, unplaced, uses(), leastSheets(), tries);
  }

  private List<NestResult.SheetUse> uses() {
    List<NestResult.SheetUse> uses = new ArrayList<>();
    for (int sheet = 0; sheet < grounds.size(); sheet++) {
      List<Spot> spots = layout.spots().get(sheet);
      if (!spots.isEmpty()) {
        Ground ground = grounds.get(sheet);
        double reach = ground.reach(spots);
        double area = spots.stream().mapToDouble(s -> s.shape().areaMm2).sum();
        uses.add(
            new NestResult.SheetUse(
                sheet,
                job.sheets().get(sheet).id(),
                spots.size(),
                reach,
                area / (reach * ground.across()),
                area));
      }
    }
    return uses;
  }

  /** Whole sheets of the largest kind that the area alone asks for, offcuts counted as full. */
  private int leastSheets() {
    double area = job.pieces().stream().mapToDouble(piece -> piece.outline().areaMm2()).sum();
    double largest = 0;
    for (Ground ground : grounds) {
      if (ground.offcut) {
        area -= ground.areaMm2;
      } else {
        largest = Math.max(largest, ground.areaMm2);
      }
    }
    return area <= 0 || largest == 0 ? 0 : (int) Math.ceil(area / largest - 1e-9);
  }
}
