package emberyard.core.make.file;

import emberyard.core.units.InvalidValue;
import java.util.List;
import org.apache.batik.parser.DefaultPathHandler;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathParser;

/** Path data of SVG, read by Batik's parser and drawn with a {@link Pen}. */
public final class PathReader extends DefaultPathHandler {
  private final Pen pen;
  private double controlX;
  private double controlY;
  private char last = ' ';

  private PathReader(Pen pen) {
    this.pen = pen;
  }

  /**
   * Lines of path data, coordinates as they stand.
   *
   * @throws InvalidValue where it can't be read
   */
  public static List<DrawnLines.Line> read(String data) {
    Pen pen = new Pen();
    draw(data, pen);
    return pen.lines();
  }

  static void draw(String data, Pen pen) {
    PathParser parser = new PathParser();
    parser.setPathHandler(new PathReader(pen));
    try {
      parser.parse(data);
    } catch (ParseException unreadable) {
      throw new InvalidValue(
          "path", "The outline can't be read: " + firstLine(unreadable.getMessage()));
    }
  }

  private static String firstLine(String message) {
    String line = message == null ? "" : message.lines().findFirst().orElse("");
    return line.length() > 120 ? line.substring(0, 120) : line;
  }

  @Override
  public void movetoRel(float x, float y) {
    movetoAbs((float) (pen.x() + x), (float) (pen.y() + y));
  }

  @Override
  public void movetoAbs(float x, float y) {
    pen.moveTo(x, y);
    last = 'M';
  }

  @Override
  public void closePath() {
    pen.close();
    last = 'Z';
  }

  @Override
  public void linetoRel(float x, float y) {
    line(pen.x() + x, pen.y() + y);
  }

  @Override
  public void linetoAbs(float x, float y) {
    line(x, y);
  }

  @Override
  public void linetoHorizontalRel(float x) {
    line(pen.x() + x, pen.y());
  }

  @Override
  public void linetoHorizontalAbs(float x) {
    line(x, pen.y());
  }

  @Override
  public void linetoVerticalRel(float y) {
    line(pen.x(), pen.y() + y);
  }

  @Override
  public void linetoVerticalAbs(float y) {
    line(pen.x(), y);
  }

  private void line(double x, double y) {
    pen.lineTo(x, y);
    last = 'L';
  }

  @Override
  public void curvetoCubicRel(float x1, float y1, float x2, float y2, float x, float y) {
    double px = pen.x();
    double py = pen.y();
    cubic(px + x1, py + y1, px + x2, py + y2, px + x, py + y);
  }

  @Override
  public void curvetoCubicAbs(float x1, float y1, float x2, float y2, float x, float y) {
    cubic(x1, y1, x2, y2, x, y);
  }

  @Override
  public void curvetoCubicSmoothRel(float x2, float y2, float x, float y) {
    double px = pen.x();
    double py = pen.y();
    cubic(mirrorX('C'), mirrorY('C'), px + x2, py + y2, px + x, py + y);
  }

  @Override
  public void curvetoCubicSmoothAbs(float x2, float y2, float x, float y) {
    cubic(mirrorX('C'), mirrorY('C'), x2, y2, x, y);
  }

  private void cubic(double x1, double y1, double x2, double y2, double x, double y) {
    pen.curveTo(x1, y1, x2, y2, x, y);
    controlX = x2;
    controlY = y2;
    last = 'C';
  }

  @Override
  public void curvetoQuadraticRel(float x1, float y1, float x, float y) {
    double px = pen.x();
    double py = pen.y();
    quadratic(px + x1, py + y1, px + x, py + y);
  }

  @Override
  public void curvetoQuadraticAbs(float x1, float y1, float x, float y) {
    quadratic(x1, y1, x, y);
  }

  @Override
  public void curvetoQuadraticSmoothRel(float x, float y) {
    double px = pen.x();
    double py = pen.y();
    quadratic(mirrorX('Q'), mirrorY('Q'), px + x, py + y);
  }

  @Override
  public void curvetoQuadraticSmoothAbs(float x, float y) {
    quadratic(mirrorX('Q'), mirrorY('Q'), x, y);
  }

  /** The control point of a smooth curve: the last one, mirrored at the pen. */
  private double mirrorX(char kind) {
    return last == kind ? 2 * pen.x() - controlX : pen.x();
  }

  private double mirrorY(char kind) {
    return last == kind ? 2 * pen.y() - controlY : pen.y();
  }

  private void quadratic(double x1, double y1, double x, double y) {
    double px = pen.x();
    double py = pen.y();
    pen.curveTo(
        px + (x1 - px) * 2 / 3,
        py + (y1 - py) * 2 / 3,
        x + (x1 - x) * 2 / 3,
        y + (y1 - y) * 2 / 3,
        x,
        y);
    controlX = x1;
    controlY = y1;
    last = 'Q';
  }

  @Override
  public void arcRel(
      float rx, float ry, float tilt, boolean large, boolean sweep, float x, float y) {
    arc(rx, ry, tilt, large, sweep, pen.x() + x, pen.y() + y);
  }

  @Override
  public void arcAbs(
      float rx, float ry, float tilt, boolean large, boolean sweep, float x, float y) {
    arc(rx, ry, tilt, large, sweep, x, y);
  }

  private void arc(
      double rx, double ry, double tilt, boolean large, boolean sweep, double x, double y) {
    pen.ellipseTo(rx, ry, tilt, large, sweep, x, y);
    last = 'A';
  }
}
