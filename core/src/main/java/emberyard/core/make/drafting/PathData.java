package emberyard.core.make.drafting;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.make.file.DrawnLines;
import emberyard.core.make.file.PathReader;
import emberyard.core.units.Require;
import java.util.List;

/** Path data as an outline: what lies inside an odd number of contours is material. */
public final class PathData {
  private PathData() {}

  public static Outline outline(String data) {
    List<DrawnLines.Line> lines = PathReader.read(data);
    List<Contour> contours =
        lines.stream().filter(DrawnLines.Line::closed).map(DrawnLines.Line::contour).toList();
    Require.that(
        !contours.isEmpty(),
        "path",
        "The outline has no closed line: each must end where it began.");
    return Plane.evenOdd(contours);
  }
}
