package emberyard.core.make.drafting;

import emberyard.core.build.CutFigure;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.HoleRow;
import emberyard.core.geometry.Knot;
import emberyard.core.geometry.Lettering;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.Rect;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;

/** Figures as outlines about their own centre; a path keeps its own origin. */
final class FigureOutline {
  /** Power inlet: opening 27 × 20 with screws 40 mm apart (handbook, made parts). */
  private static final double[] INLET = {27, 20, 40, 3.5};

  /** Keystone socket: 14.7 × 16.3 (handbook, made parts). */
  private static final double[] KEYSTONE = {14.7, 16.3};

  private static final int MOST_HOLES = 5_000;

  private FigureOutline() {}

  /**
   * @throws InvalidValue where the measures contradict each other, the field named with {@code
   *     figure.}
   */
  static Outline of(CutFigure figure) {
    try {
      return drawn(figure);
    } catch (InvalidValue wrong) {
      throw wrong.field().startsWith("figure.") ? wrong : wrong.within("figure");
    }
  }

  private static Outline drawn(CutFigure f) {
    return switch (f.kind()) {
      case RECTANGLE -> box(f.widthMm(), f.heightMm(), or(f.radiusMm()));
      case FRAME -> frame(f);
      case SLOT -> box(f.widthMm(), f.heightMm(), Math.min(f.widthMm(), f.heightMm()) / 2);
      case HOLE -> Outline.of(Contour.circle(0, 0, f.diameterMm()));
      case HOLE_ROW -> row(f);
      case BORDER_ROW -> border(f);
      case HOLE_FIELD -> field(f);
      case FAN -> fan(f);
      case POWER_INLET -> inlet();
      case KEYSTONE -> box(KEYSTONE[0], KEYSTONE[1], 0);
      case POLYGON -> polygon(f.count(), f.diameterMm());
      case STAR -> star(f);
      case TOOTHED_RING -> ring(f);
      case TEXT -> Lettering.of(f.text(), f.face(), f.heightMm());
      case PATH -> PathData.outline(f.path());
    };
  }

  private static double or(Double value) {
    return value == null ? 0 : value;
  }

  private static Outline box(double width, double height, double radius) {
    return Outline.of(Contour.rectangle(-width / 2, -height / 2, width, height, radius));
  }

  private static Outline frame(CutFigure f) {
    double width = f.widthMm() - 2 * f.insetMm();
    double height = f.heightMm() - 2 * f.insetMm();
    Require.that(
        width > 0 && height > 0,
        "insetMm",
        "A border of %.1f mm leaves no opening in %.1f × %.1f mm."
            .formatted(f.insetMm(), f.widthMm(), f.heightMm()));
    double radius = or(f.radiusMm());
    return new Outline(
        box(f.widthMm(), f.heightMm(), radius).outers(),
        box(width, height, Math.max(0, radius - f.insetMm())).outers());
  }

  private static Outline holes(List<double[]> centres, double diameter) {
    Require.that(
        centres.size() <= MOST_HOLES, "pitchMm", "That is more than 5,000 holes: a larger pitch.");
    return new Outline(
        centres.stream().map(c -> Contour.circle(c[0], c[1], diameter)).toList(), List.of());
  }

  private static List<Double> along(double length, CutFigure f) {
    HoleRow row = HoleRow.along(length, f.insetMm(), f.pitchMm());
    Require.that(
        row.pitchMm() > f.diameterMm(),
        "pitchMm",
        "At a pitch of %.1f mm the holes of %.1f mm run into each other."
            .formatted(row.pitchMm(), f.diameterMm()));
    return row.centresMm().stream().map(at -> at - length / 2).toList();
  }

  private static Outline row(CutFigure f) {
    return holes(
        along(f.widthMm(), f).stream().map(x -> new double[] {x, 0}).toList(), f.diameterMm());
  }

  private static Outline border(CutFigure f) {
    double low = f.insetMm() - f.heightMm() / 2;
    double left = f.insetMm() - f.widthMm() / 2;
    List<double[]> centres = new ArrayList<>();
    for (double x : along(f.widthMm(), f)) {
      centres.add(new double[] {x, low});
      centres.add(new double[] {x, -low});
    }
    List<Double> up = along(f.heightMm(), f);
    for (double y : up.subList(1, up.size() - 1)) {
      centres.add(new double[] {left, y});
      centres.add(new double[] {-left, y});
    }
    return holes(centres, f.diameterMm());
  }

  private static Outline field(CutFigure f) {
    Require.that(
        f.pitchMm() > f.diameterMm(),
        "pitchMm",
        "The pitch must be larger than the hole, %.1f mm: else nothing stays between them."
            .formatted(f.diameterMm()));
    boolean slots = f.innerMm() != null && f.innerMm() > f.diameterMm();
    boolean staggered = f.staggered() != null && f.staggered();
    double length = slots ? f.innerMm() : f.diameterMm();
    double step = slots ? f.innerMm() + f.pitchMm() - f.diameterMm() : f.pitchMm();
    double rise = staggered && !slots ? f.pitchMm() * Math.sqrt(3) / 2 : f.pitchMm();
    int columns = fitting(f.widthMm(), length, step);
    int rows = fitting(f.heightMm(), f.diameterMm(), rise);
    Require.that(
        (long) columns * rows <= MOST_HOLES,
        "pitchMm",
        "That is more than 5,000 holes: a larger pitch, or slots.");
    List<Contour> cells = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      int inRow = staggered && row % 2 == 1 ? columns - 1 : columns;
      for (int column = 0; column < inRow; column++) {
        double x = (column - (inRow - 1) / 2.0) * step;
        double y = (row - (rows - 1) / 2.0) * rise;
        cells.add(
            slots
                ? box(length, f.diameterMm(), f.diameterMm() / 2)
                    .moved(Move.by(x, y))
                    .outers()
                    .get(0)
                : Contour.circle(x, y, f.diameterMm()));
      }
    }
    return new Outline(cells, List.of());
  }

  private static int fitting(double length, double hole, double step) {
    return length < hole ? 0 : 1 + (int) Math.floor((length - hole) / step + 1e-9);
  }

  private static Outline fan(CutFigure f) {
    double half = f.pitchMm() / 2;
    List<Contour> holes = new ArrayList<>();
    holes.add(Contour.circle(0, 0, f.diameterMm()));
    for (int corner = 0; corner < 4; corner++) {
      holes.add(
          Contour.circle(corner % 2 == 0 ? -half : half, corner < 2 ? -half : half, f.innerMm()));
    }
    Require.that(
        half * Math.sqrt(2) > (f.diameterMm() + f.innerMm()) / 2,
        "diameterMm",
        "An opening of %.1f mm reaches the screw holes.".formatted(f.diameterMm()));
    return new Outline(holes, List.of());
  }

  private static Outline inlet() {
    List<Contour> holes = new ArrayList<>(box(INLET[0], INLET[1], 1).outers());
    holes.add(Contour.circle(-INLET[2] / 2, 0, INLET[3]));
    holes.add(Contour.circle(INLET[2] / 2, 0, INLET[3]));
    return new Outline(holes, List.of());
  }

  private static Outline polygon(int corners, double across) {
    List<Knot> knots = new ArrayList<>();
    for (int i = 0; i < corners; i++) {
      knots.add(polar(across / 2, Math.PI / 2 + 2 * Math.PI * i / corners));
    }
    return Outline.of(new Contour(knots));
  }

  private static Knot polar(double radius, double angle) {
    return Knot.at(radius * Math.cos(angle), radius * Math.sin(angle));
  }

  private static Outline star(CutFigure f) {
    inside(f);
    List<Knot> knots = new ArrayList<>();
    for (int i = 0; i < 2 * f.count(); i++) {
      double radius = (i % 2 == 0 ? f.diameterMm() : f.innerMm()) / 2;
      knots.add(polar(radius, Math.PI / 2 + Math.PI * i / f.count()));
    }
    return Outline.of(new Contour(knots));
  }

  private static void inside(CutFigure f) {
    Require.that(
        f.innerMm() < f.diameterMm(),
        "innerMm",
        "The inner diameter must be less than the outer, %.1f mm.".formatted(f.diameterMm()));
  }

  /** Teeth with straight flanks, as wide as the gaps; the bore is cut where a radius is given. */
  private static Outline ring(CutFigure f) {
    inside(f);
    List<Knot> knots = new ArrayList<>();
    double part = 2 * Math.PI / f.count();
    for (int i = 0; i < f.count(); i++) {
      double start = i * part;
      knots.add(polar(f.innerMm() / 2, start));
      knots.add(polar(f.innerMm() / 2, start + part * 0.4));
      knots.add(polar(f.diameterMm() / 2, start + part * 0.5));
      knots.add(polar(f.diameterMm() / 2, start + part * 0.9));
    }
    Outline ring = Outline.of(new Contour(knots));
    double bore = or(f.radiusMm());
    return bore <= 0 ? ring : Plane.cut(ring, Outline.of(Contour.circle(0, 0, 2 * bore)));
  }

  /** The size that a figure takes up about its centre. */
  static Rect extent(CutFigure figure) {
    return of(figure).bounds();
  }
}
