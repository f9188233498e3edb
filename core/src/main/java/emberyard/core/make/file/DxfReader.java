package emberyard.core.make.file;

import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Lines of a DXF drawing in mm: LINE, ARC, CIRCLE, ELLIPSE, LWPOLYLINE and POLYLINE with bulges,
 * SPLINE broken into lines, INSERT of blocks, the units of the header.
 */
public final class DxfReader {
  private static final int DEEPEST = 8;
  private static final int LONGEST = 20_000_000;

  /** Lines, arcs and blocks laid, repeated ones each time. */
  private static final int MOST_STEPS = 200_000;

  private final Pen pen = new Pen();
  private final Set<String> notes = new LinkedHashSet<>();
  private final Map<String, Block> blocks = new HashMap<>();
  private int steps;

  private record Block(double xMm, double yMm, List<DxfEntity> entities) {}

  private DxfReader() {}

  /**
   * @throws InvalidValue (field {@code file}) with a sentence where it can't be used
   */
  public static DrawnLines read(String dxf) {
    if (dxf.length() > LONGEST) {
      throw new InvalidValue("file", "The drawing is larger than 20 MB.");
    }
    return new DxfReader().run(DxfPairs.of(dxf));
  }

  private DrawnLines run(List<DxfEntity> entities) {
    double unit = unit(entities);
    List<DxfEntity> drawn = sort(entities);
    Affine page = Affine.scale(unit, unit);
    draw(drawn, page, 0);
    List<DrawnLines.Line> lines = pen.lines();
    if (lines.isEmpty()) {
      throw new InvalidValue("file", "There is no line in the drawing.");
    }
    return new DrawnLines(lines, new ArrayList<>(notes));
  }

  /** Millimetres in a unit of the drawing: $INSUNITS of the header. */
  private double unit(List<DxfEntity> entities) {
    for (DxfEntity entity : entities) {
      if (entity.kind().equals("$INSUNITS")) {
        switch ((int) entity.number(70, 0)) {
          case 1:
            return 25.4;
          case 2:
            return 304.8;
          case 4:
            return 1;
          case 5:
            return 10;
          case 6:
            return 1_000;
          default:
            break;
        }
      }
    }
    notes.add("The drawing states no unit: millimetres are taken.");
    return 1;
  }

  /** Puts blocks aside; what is left is drawn. */
  private List<DxfEntity> sort(List<DxfEntity> entities) {
    List<DxfEntity> drawn = new ArrayList<>();
    String section = "";
    List<DxfEntity> block = null;
    for (DxfEntity entity : entities) {
      switch (entity.kind()) {
        case "SECTION" -> section = entity.text(2, "");
        case "ENDSEC" -> section = "";
        case "BLOCK" -> {
          block = new ArrayList<>();
          blocks.put(
              entity.text(2, ""), new Block(entity.number(10, 0), entity.number(20, 0), block));
        }
        case "ENDBLK" -> block = null;
        default -> {
          if (block != null) {
            block.add(entity);
          } else if (section.equals("ENTITIES")) {
            drawn.add(entity);
          }
        }
      }
    }
    return drawn;
  }

  private void draw(List<DxfEntity> entities, Affine place, int depth) {
    for (int i = 0; i < entities.size(); i++) {
      DxfEntity entity = entities.get(i);
      step();
      pen.at(place, entity.text(8, ""));
      switch (entity.kind()) {
        case "LINE" -> {
          pen.moveTo(entity.number(10, 0), entity.number(20, 0));
          pen.lineTo(entity.number(11, 0), entity.number(21, 0));
        }
        case "CIRCLE" -> circle(entity);
        case "ARC" -> arc(entity);
        case "ELLIPSE" -> ellipse(entity);
        case "LWPOLYLINE" -> lightPolyline(entity);
        case "POLYLINE" -> i = polyline(entities, i);
        case "SPLINE" -> DxfSpline.draw(entity, pen);
        case "INSERT" -> insert(entity, place, depth);
        case "TEXT", "MTEXT" -> notes.add("Text was left out: turn it into outlines first.");
        case "SEQEND", "VERTEX", "ATTRIB" -> {
          // read with what they belong to
        }
        default -> notes.add("“%s” was left out: only lines are taken.".formatted(entity.kind()));
      }
    }
  }

  /** What repeats itself is counted each time: a small file can ask for endless work. */
  private void step() {
    if (++steps > MOST_STEPS) {
      throw new InvalidValue(
          "file",
          "The drawing lays more than %,d lines, repeated blocks counted each time."
              .formatted(MOST_STEPS));
    }
  }

  /** An angle as a turn of more than nothing and at most once round, radians. */
  private static double onceRound(double radians) {
    double turn = radians % (2 * Math.PI);
    return turn <= 0 ? turn + 2 * Math.PI : turn;
  }

  private void circle(DxfEntity circle) {
    double x = circle.number(10, 0);
    double y = circle.number(20, 0);
    double r = circle.number(40, 0);
    if (r > 0) {
      pen.moveTo(x - r, y);
      pen.arcTo(x + r, y, 1);
      pen.arcTo(x - r, y, 1);
      pen.close();
    }
  }

  private void arc(DxfEntity arc) {
    double x = arc.number(10, 0);
    double y = arc.number(20, 0);
    double r = arc.number(40, 0);
    double from = Math.toRadians(arc.number(50, 0));
    double to = Math.toRadians(arc.number(51, 0));
    double turn = onceRound(to - from);
    pen.moveTo(x + r * Math.cos(from), y + r * Math.sin(from));
    // two halves: a bulge can't hold a whole turn
    double middle = from + turn / 2;
    double bulge = Math.tan(turn / 8);
    pen.arcTo(x + r * Math.cos(middle), y + r * Math.sin(middle), bulge);
    pen.arcTo(x + r * Math.cos(to), y + r * Math.sin(to), bulge);
  }

  private void ellipse(DxfEntity entity) {
    double cx = entity.number(10, 0);
    double cy = entity.number(20, 0);
    double mx = entity.number(11, 0);
    double my = entity.number(21, 0);
    double rx = Math.hypot(mx, my);
    double ry = rx * entity.number(40, 1);
    double tilt = Math.atan2(my, mx);
    double from = entity.number(41, 0);
    double turn = onceRound(entity.number(42, 2 * Math.PI) - from);
    double ex = rx * Math.cos(from);
    double ey = ry * Math.sin(from);
    pen.moveTo(
        cx + Math.cos(tilt) * ex - Math.sin(tilt) * ey,
        cy + Math.sin(tilt) * ex + Math.cos(tilt) * ey);
    pen.sweep(cx, cy, rx, ry, tilt, from, turn);
    double lx = rx * Math.cos(from + turn);
    double ly = ry * Math.sin(from + turn);
    pen.lineTo(
        cx + Math.cos(tilt) * lx - Math.sin(tilt) * ly,
        cy + Math.sin(tilt) * lx + Math.cos(tilt) * ly);
  }

  private void lightPolyline(DxfEntity line) {
    List<double[]> corners = new ArrayList<>();
    for (DxfEntity.Pair pair : line.pairs()) {
      switch (pair.code()) {
        case 10 -> corners.add(new double[] {DxfEntity.number(pair), 0, 0});
        case 20 -> last(corners)[1] = DxfEntity.number(pair);
        case 42 -> last(corners)[2] = DxfEntity.number(pair);
        default -> {
          // widths and the like
        }
      }
    }
    corners(corners, ((int) line.number(70, 0) & 1) == 1);
  }

  private static double[] last(List<double[]> corners) {
    if (corners.isEmpty()) {
      throw new InvalidValue("file", "A line of the drawing has a corner without its place.");
    }
    return corners.get(corners.size() - 1);
  }

  private int polyline(List<DxfEntity> entities, int at) {
    List<double[]> corners = new ArrayList<>();
    int i = at + 1;
    while (i < entities.size() && entities.get(i).kind().equals("VERTEX")) {
      DxfEntity corner = entities.get(i++);
      corners.add(new double[] {corner.number(10, 0), corner.number(20, 0), corner.number(42, 0)});
    }
    corners(corners, ((int) entities.get(at).number(70, 0) & 1) == 1);
    return i - 1;
  }

  private void corners(List<double[]> corners, boolean closed) {
    if (corners.size() < 2) {
      return;
    }
    pen.moveTo(corners.get(0)[0], corners.get(0)[1]);
    int pieces = closed ? corners.size() : corners.size() - 1;
    for (int i = 0; i < pieces; i++) {
      double[] to = corners.get((i + 1) % corners.size());
      double bulge = corners.get(i)[2];
      if (bulge == 0) {
        pen.lineTo(to[0], to[1]);
      } else {
        pen.arcTo(to[0], to[1], bulge);
      }
    }
    if (closed) {
      pen.close();
    }
  }

  private void insert(DxfEntity insert, Affine place, int depth) {
    Block block = blocks.get(insert.text(2, ""));
    if (block == null) {
      notes.add("A block that is not in the file was left out.");
      return;
    }
    if (depth >= DEEPEST) {
      throw new InvalidValue("file", "The drawing nests blocks more than 8 deep.");
    }
    int columns = (int) Math.max(1, Math.min(100, insert.number(70, 1)));
    int rows = (int) Math.max(1, Math.min(100, insert.number(71, 1)));
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        step();
        Affine inner =
            Affine.shift(insert.number(10, 0), insert.number(20, 0))
                .then(Affine.turn(Math.toRadians(insert.number(50, 0))))
                .then(Affine.shift(column * insert.number(44, 0), row * insert.number(45, 0)))
                .then(Affine.scale(insert.number(41, 1), insert.number(42, 1)))
                .then(Affine.shift(-block.xMm(), -block.yMm()));
        draw(block.entities(), place.then(inner), depth + 1);
      }
    }
  }
}
