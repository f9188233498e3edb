package emberyard.core.nest;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.nest.NestJob.Blank;
import emberyard.core.nest.NestJob.Piece;
import emberyard.core.nest.NestJob.Rotation;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.triangulate.VoronoiDiagramBuilder;

/** Sheets cut into pieces and shuffled: a perfect layout is known to exist. */
public final class Jigsaws {
  public static final double WIDTH_MM = 600;
  public static final double HEIGHT_MM = 400;

  private Jigsaws() {}

  public static Blank sheet() {
    return new Blank("sheet", Outline.of(Contour.rectangle(0, 0, WIDTH_MM, HEIGHT_MM, 0)), false);
  }

  /** Rectangles from straight cuts right across, the largest cut next. */
  public static NestJob rectangles(int count, long seed) {
    Random random = new Random(seed);
    List<double[]> boxes = new ArrayList<>(List.of(new double[] {WIDTH_MM, HEIGHT_MM}));
    while (boxes.size() < count) {
      double[] box = Collections.max(boxes, (a, b) -> Double.compare(a[0] * a[1], b[0] * b[1]));
      boxes.remove(box);
      double share = 0.25 + 0.5 * random.nextDouble();
      boolean across = box[0] > box[1];
      boxes.add(new double[] {across ? box[0] * share : box[0], across ? box[1] : box[1] * share});
      boxes.add(
          new double[] {
            across ? box[0] * (1 - share) : box[0], across ? box[1] : box[1] * (1 - share)
          });
    }
    Collections.shuffle(boxes, random);
    List<Piece> pieces = new ArrayList<>();
    for (double[] box : boxes) {
      boolean turned = random.nextBoolean();
      double w = box[turned ? 1 : 0];
      double h = box[turned ? 0 : 1];
      pieces.add(piece(pieces.size(), Outline.of(Contour.rectangle(0, 0, w, h, 0))));
    }
    return new NestJob(List.of(sheet()), pieces, 0, 0, seed);
  }

  /** Cells nearest to random points, every third melted with a neighbour. */
  public static NestJob irregular(int count, long seed) {
    Random random = new Random(seed);
    List<Coordinate> points = new ArrayList<>();
    while (points.size() < count + count / 2) {
      Coordinate point =
          new Coordinate(random.nextDouble() * WIDTH_MM, random.nextDouble() * HEIGHT_MM);
      if (points.stream().allMatch(p -> p.distance(point) > 32)) {
        points.add(point);
      }
    }
    VoronoiDiagramBuilder builder = new VoronoiDiagramBuilder();
    builder.setSites(points);
    Envelope box = new Envelope(0, WIDTH_MM, 0, HEIGHT_MM);
    builder.setClipEnvelope(box);
    GeometryFactory factory = new GeometryFactory();
    Geometry cells = builder.getDiagram(factory);
    List<Geometry> parts = new ArrayList<>();
    for (int i = 0; i < cells.getNumGeometries(); i++) {
      parts.add(cells.getGeometryN(i).intersection(factory.toGeometry(box)));
    }
    melt(parts, count, random);
    List<Outline> outlines = new ArrayList<>();
    for (Geometry part : parts) {
      outlines.add(Plane.outline(part).moved(Move.turned(90 * random.nextInt(4))).atOrigin());
    }
    Collections.shuffle(outlines, random);
    List<Piece> pieces = new ArrayList<>();
    outlines.forEach(outline -> pieces.add(piece(pieces.size(), outline)));
    return new NestJob(List.of(sheet()), pieces, 0, 0, seed);
  }

  /** Neighbours become one, so that many pieces are not convex. */
  private static void melt(List<Geometry> parts, int count, Random random) {
    while (parts.size() > count) {
      Geometry one = parts.remove(random.nextInt(parts.size()));
      Geometry neighbour =
          Collections.max(
              parts,
              (a, b) ->
                  Double.compare(
                      a.intersection(one).getLength() - a.getArea() / 1e3,
                      b.intersection(one).getLength() - b.getArea() / 1e3));
      parts.remove(neighbour);
      parts.add(one.union(neighbour));
    }
  }

  private static Piece piece(int index, Outline outline) {
    return new Piece("p" + index, "s" + index, outline, Rotation.QUARTERS, false, null);
  }

  /** Share of the sheet that is covered. */
  public static double placed(NestResult result) {
    return result.sheets().stream().mapToDouble(NestResult.SheetUse::areaMm2).sum()
        / (WIDTH_MM * HEIGHT_MM);
  }
}
