package emberyard.core.make.sheet;

import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.LaidPiece;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.panel.CutTime;
import emberyard.core.make.panel.Paces;
import emberyard.core.make.part.Parts;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/**
 * What a machine does with a layout, stroke by stroke: engraving, lines, inner cuts, outer cuts;
 * only pieces that wait.
 */
public record MachineJob(CutOrder order, List<Stroke> strokes, CutTime time) {
  public MachineJob {
    strokes = List.copyOf(strokes);
  }

  /**
   * One thing the machine does.
   *
   * @param piece index of the piece in the layout
   * @param what "engrave", "line" or "cut"
   * @param seconds it takes
   * @param loose whether the piece is cut out after it
   */
  public record Stroke(int piece, String what, double seconds, boolean loose) {}

  /** What its machine does with a layout's waiting pieces. */
  public static MachineJob of(SheetLayout layout, Parts parts, WorkshopBook book) {
    SheetProduct sheet = book.sheet(layout.sheetId()).orElseThrow();
    Machine machine = book.machine(layout.machineId()).orElse(null);
    return of(layout, parts, Paces.of(machine, sheet));
  }

  /** The job of a layout's waiting pieces. */
  public static MachineJob of(SheetLayout layout, Parts parts, CutTime.Pace pace) {
    List<CutOrder.Cut> cuts = new ArrayList<>();
    List<Stroke> strokes = new ArrayList<>();
    double engraved = 0;
    double lines = 0;
    for (int i = 0; i < layout.pieces().size(); i++) {
      LaidPiece piece = layout.pieces().get(i);
      DrawnPart drawn = parts.drawn(piece.panelId()).orElse(null);
      if (drawn == null || piece.state() != PieceState.PLANNED) {
        continue;
      }
      add(i, LayoutResult.placed(drawn.outline(), piece), cuts);
      engraved += drawn.engraved().areaMm2();
      lines += drawn.lineMm();
      stroke(strokes, i, "engrave", new CutTime.Job(0, 0, 0, drawn.engraved().areaMm2(), 0), pace);
      stroke(strokes, i, "line", new CutTime.Job(0, 0, 0, 0, drawn.lineMm()), pace);
    }
    CutOrder order = CutOrder.of(cuts);
    int[] rims = new int[layout.pieces().size()];
    order.cuts().stream().filter(CutOrder.Cut::outer).forEach(cut -> rims[cut.piece()]++);
    double travel = order.cuts().isEmpty() ? 0 : order.travelMm() / order.cuts().size();
    for (CutOrder.Cut cut : order.cuts()) {
      double seconds =
          CutTime.of(new CutTime.Job(cut.contour().lengthMm(), 1, travel, 0, 0), pace)
              .totalSeconds();
      boolean loose = cut.outer() && --rims[cut.piece()] == 0;
      strokes.add(new Stroke(cut.piece(), "cut", seconds, loose));
    }
    CutTime time =
        CutTime.of(
            new CutTime.Job(
                order.contourMm(), order.cuts().size(), order.travelMm(), engraved, lines),
            pace);
    return new MachineJob(order, strokes, time);
  }

  private static void add(int piece, Outline placed, List<CutOrder.Cut> cuts) {
    for (Contour hole : placed.holes()) {
      cuts.add(new CutOrder.Cut(piece, false, hole));
    }
    for (Contour outer : placed.outers()) {
      cuts.add(new CutOrder.Cut(piece, true, outer));
    }
  }

  private static void stroke(
      List<Stroke> strokes, int piece, String what, CutTime.Job job, CutTime.Pace pace) {
    double seconds = CutTime.of(job, pace).totalSeconds();
    if (seconds > 0) {
      strokes.add(new Stroke(piece, what, seconds, false));
    }
  }
}
