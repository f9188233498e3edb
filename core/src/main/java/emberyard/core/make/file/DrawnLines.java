package emberyard.core.make.file;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Knot;
import java.util.List;

/**
 * What a drawing holds, mm, y upwards.
 *
 * @param lines in the order of the file
 * @param notes what was left out or assumed, a sentence each
 */
public record DrawnLines(List<Line> lines, List<String> notes) {
  public DrawnLines {
    lines = List.copyOf(lines);
    notes = List.copyOf(notes);
  }

  /**
   * One line.
   *
   * @param layer name of its group or layer, empty for none
   */
  public record Line(List<Knot> knots, boolean closed, String layer) {
    public Line {
      knots = List.copyOf(knots);
    }

    /** As a closed contour, whether it was drawn closed or not. */
    public Contour contour() {
      return new Contour(knots);
    }

    Knot first() {
      return knots.get(0);
    }

    Knot last() {
      return knots.get(knots.size() - 1);
    }
  }
}
