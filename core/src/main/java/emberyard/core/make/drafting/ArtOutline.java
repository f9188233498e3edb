package emberyard.core.make.drafting;

import emberyard.core.build.ArtShape;
import emberyard.core.build.CutFigure;
import emberyard.core.build.FigureKind;
import emberyard.core.build.RecipeStep;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Knot;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.make.file.DrawnLines;
import emberyard.core.make.file.PathReader;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Remembered;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** Art shapes as outlines on their part, mm from its lower left corner. */
public final class ArtOutline {
  private static final GeometryFactory FACTORY = new GeometryFactory();
  private static final Remembered<Placed, Outline> KNOWN = new Remembered<>(1_200);

  private record Placed(
      CutFigure figure, double xMm, double yMm, double turnDegrees, @Nullable Double strokeMm) {}

  private ArtOutline() {}

  /**
   * A shape of a finish.
   *
   * @param recipe the steps of the part, of which one may draw the shape
   * @throws InvalidValue where it names a step that is gone, or its figure contradicts itself
   */
  public static Outline of(ArtShape shape, List<RecipeStep> recipe) {
    if (shape.stepId() == null) {
      return of(shape.figure(), shape.xMm(), shape.yMm(), shape.turnDegrees(), shape.strokeMm());
    }
    RecipeStep step =
        recipe.stream()
            .filter(each -> each.id().equals(shape.stepId()) && each.figure() != null)
            .findFirst()
            .orElseThrow(
                () ->
                    new InvalidValue("stepId", "The part's drawing has no such figure any more."));
    return of(step.figure(), step.xMm(), step.yMm(), step.turnDegrees(), shape.strokeMm());
  }

  /**
   * A figure at a place, filled, or as a line of some width along its rim; an open line of a path
   * needs a width.
   */
  public static Outline of(
      CutFigure figure, double xMm, double yMm, double turnDegrees, @Nullable Double strokeMm) {
    return KNOWN.get(new Placed(figure, xMm, yMm, turnDegrees, strokeMm), ArtOutline::drawn);
  }

  private static Outline drawn(Placed placed) {
    Outline own =
        placed.strokeMm() == null
            ? FigureOutline.of(placed.figure())
            : stroked(placed.figure(), placed.strokeMm());
    return own.moved(new Move(placed.xMm(), placed.yMm(), placed.turnDegrees(), false));
  }

  private static Outline stroked(CutFigure figure, double widthMm) {
    List<Geometry> lines = new ArrayList<>();
    if (figure.kind() == FigureKind.PATH) {
      for (DrawnLines.Line line : PathReader.read(figure.path())) {
        lines.add(line.closed() ? Plane.line(line.contour()) : open(line.knots()));
      }
    } else {
      FigureOutline.of(figure).contours().forEach(contour -> lines.add(Plane.line(contour)));
    }
    List<Geometry> wide = lines.stream().map(line -> line.buffer(widthMm / 2, 8)).toList();
    return Plane.outline(UnaryUnionOp.union(wide));
  }

  /**
   * An open line: its knots in order, arcs flattened by closing it and leaving the last side out.
   */
  private static Geometry open(List<Knot> knots) {
    if (knots.size() < 2) {
      throw new InvalidValue("path", "A line needs two points.");
    }
    List<double[]> points = new Contour(knots).points(Contour.FLATTEN_MM);
    List<Coordinate> along = new ArrayList<>();
    Knot last = knots.get(knots.size() - 1);
    for (double[] point : points) {
      along.add(new Coordinate(point[0], point[1]));
      if (Math.hypot(point[0] - last.xMm(), point[1] - last.yMm()) < 1e-9) {
        break;
      }
    }
    return FACTORY.createLineString(along.toArray(Coordinate[]::new));
  }
}
