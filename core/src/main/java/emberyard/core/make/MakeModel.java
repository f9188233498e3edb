package emberyard.core.make;

import emberyard.core.build.Build;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Panel;
import emberyard.core.make.part.Parts;
import emberyard.core.make.print.MadePrint;
import emberyard.core.make.print.PrintWork;
import emberyard.core.make.sheet.CutPieces;
import emberyard.core.make.sheet.LayoutResult;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * Sheets, pieces and prints of a build.
 *
 * @param layouts sheets with their pieces, in order
 * @param pieces how many of each machined part are wanted, laid and cut
 * @param prints printed parts with their figures
 */
public record MakeModel(
    List<LayoutResult> layouts, List<PieceCount> pieces, List<MadePrint> prints) {
  public MakeModel {
    layouts = List.copyOf(layouts);
    pieces = List.copyOf(pieces);
    prints = List.copyOf(prints);
  }

  /** Pieces of a part: wanted, lying on a sheet that waits, and cut. */
  public record PieceCount(String panelId, int wanted, int laid, int cut) {}

  public static MakeModel of(Build build, Parts parts, WorkshopBook book) {
    List<PieceCount> counts = new ArrayList<>();
    for (Panel panel : build.panels()) {
      if (panel.cutMethod() != CutMethod.OUTSIDE) {
        counts.add(
            new PieceCount(
                panel.id(),
                panel.quantity(),
                CutPieces.laid(build, panel.id()),
                CutPieces.done(build, panel.id())));
      }
    }
    return new MakeModel(
        build.layouts().stream()
            .map(layout -> LayoutResult.of(layout, parts, book))
            .filter(Objects::nonNull)
            .toList(),
        counts,
        build.prints().stream().map(print -> PrintWork.made(print, book)).toList());
  }
}
