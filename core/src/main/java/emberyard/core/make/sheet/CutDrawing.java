package emberyard.core.make.sheet;

import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.LaidPiece;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.Rect;
import emberyard.core.make.drafting.PathData;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.file.DxfDrawing;
import emberyard.core.make.file.SvgDrawing;
import emberyard.core.make.part.Parts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A part or a sheet as a file for a machine.
 *
 * @param page what the file shows
 * @param groups contours by operation
 */
public record CutDrawing(Rect page, Map<String, List<Contour>> groups) {

  /**
   * One part; outer contours grow by half of the kerf and holes shrink by it.
   *
   * @param kerfMm 0 for the part as it should be
   */
  public static CutDrawing of(DrawnPart part, double kerfMm) {
    DrawnPart cut = compensated(part, kerfMm);
    return new CutDrawing(cut.outline().bounds(), cut.byOperation());
  }

  /** All waiting pieces of a sheet at their places, cuts in the order in which they are made. */
  public static CutDrawing of(SheetLayout layout, Parts parts, double kerfMm) {
    Map<String, List<Contour>> groups = new LinkedHashMap<>();
    List.of("engrave", "line", "pocket").forEach(name -> groups.put(name, new ArrayList<>()));
    List<CutOrder.Cut> cuts = new ArrayList<>();
    for (int i = 0; i < layout.pieces().size(); i++) {
      LaidPiece piece = layout.pieces().get(i);
      DrawnPart part = parts.drawn(piece.panelId()).orElse(null);
      if (part == null || piece.state() != PieceState.PLANNED) {
        continue;
      }
      Move move = LayoutResult.move(part.outline(), piece);
      compensated(part, kerfMm)
          .byOperation()
          .forEach(
              (name, contours) -> {
                if (!name.equals("cut")) {
                  contours.forEach(c -> groups.get(name).add(c.moved(move)));
                }
              });
      Outline outline = compensated(part, kerfMm).outline().moved(move);
      for (Contour hole : outline.holes()) {
        cuts.add(new CutOrder.Cut(i, false, hole));
      }
      for (Contour outer : outline.outers()) {
        cuts.add(new CutOrder.Cut(i, true, outer));
      }
    }
    groups.put("cut", CutOrder.of(cuts).cuts().stream().map(CutOrder.Cut::contour).toList());
    return new CutDrawing(PathData.outline(layout.blankPath()).bounds(), groups);
  }

  private static DrawnPart compensated(DrawnPart part, double kerfMm) {
    return kerfMm == 0 ? part : part.with(Plane.offset(part.outline(), kerfMm / 2));
  }

  public String svg() {
    return SvgDrawing.of(page, groups);
  }

  public String dxf() {
    return DxfDrawing.of(groups);
  }
}
