package emberyard.core.make.file;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Drops lines drawn twice: a laser would cut them twice and burn the edge. */
final class DoubleLines {
  private static final double SAME_MM = 0.01;

  private DoubleLines() {}

  static List<DrawnLines.Line> dropped(
      List<DrawnLines.Line> lines, List<ImportedDrawing.Fault> faults) {
    Map<String, List<Contour>> seen = new HashMap<>();
    List<DrawnLines.Line> single = new ArrayList<>();
    for (DrawnLines.Line line : lines) {
      Contour contour = line.contour();
      Rect box = contour.bounds();
      List<Contour> near =
          seen.computeIfAbsent(
              line.layer() + Math.round(contour.lengthMm()), key -> new ArrayList<>());
      if (near.stream().anyMatch(other -> same(contour, other))) {
        faults.add(
            new ImportedDrawing.Fault(
                "A line was drawn twice; one was dropped.", box.centreX(), box.centreY(), true));
      } else {
        near.add(contour);
        single.add(line);
      }
    }
    return single;
  }

  private static boolean same(Contour one, Contour other) {
    Rect mine = one.bounds();
    Rect theirs = other.bounds();
    return Math.abs(mine.xMm() - theirs.xMm()) < SAME_MM
        && Math.abs(mine.yMm() - theirs.yMm()) < SAME_MM
        && Math.abs(mine.right() - theirs.right()) < SAME_MM
        && Math.abs(mine.top() - theirs.top()) < SAME_MM
        && Math.abs(one.areaMm2() - other.areaMm2()) < SAME_MM * (1 + one.lengthMm());
  }
}
