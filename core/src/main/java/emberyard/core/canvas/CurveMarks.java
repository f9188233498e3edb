package emberyard.core.canvas;

import emberyard.core.build.ReadOut;
import emberyard.core.build.ReadOutTable;
import emberyard.core.build.ReadOutTable.Point;
import emberyard.core.canvas.LiveValues.PastValue;
import emberyard.core.canvas.Mark.Anchor;
import emberyard.core.colour.Colour;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Read-outs over time: the last minutes of a value, and a day out of a table. */
final class CurveMarks {
  private static final double DAY_MINUTES = 24 * 60;
  private static final int STEPS_BETWEEN = 12;
  private static final double MOST_HOUR_SHARE = 0.17;
  private static final double MOST_LABEL_SHARE = 0.35;

  private CurveMarks() {}

  /** Where a curve is drawn, and what its edges stand for. */
  private record Plot(
      double left, double top, double width, double height, double low, double high) {
    double y(double value) {
      double share = (value - low) / (high - low);
      return top + height * (1 - Math.max(0, Math.min(1, share)));
    }
  }

  static void curve(Pen pen, ReadOut readOut, LiveValues live) {
    Optional<Double> number = live.number(readOut.source());
    int strays = number.map(readOut::strays).orElse(0);
    double top = ScaleMarks.headed(pen, readOut, WordMarks.written(number, readOut.unit()), strays);
    double back = readOut.lookBackMinutes();
    List<PastValue> past =
        live.past(readOut.source()).stream()
            .filter(each -> each.minutesAgo() <= back + 1e-9)
            .toList();
    Plot plot = plot(pen, readOut, top, 0, past.stream().map(PastValue::number).toList());
    limits(pen, readOut, plot);
    double[] points = new double[past.size() * 2];
    for (int i = 0; i < past.size(); i++) {
      points[2 * i] = plot.left() + plot.width() * (1 - past.get(i).minutesAgo() / back);
      points[2 * i + 1] = plot.y(past.get(i).number());
    }
    drawn(pen, plot, points, strays == 0 ? pen.ink() : pen.alarm());
  }

  private static void drawn(Pen pen, Plot plot, double[] points, Colour ink) {
    double stroke = stroke(plot);
    if (points.length >= 4) {
      pen.line(stroke, ink, points);
    }
    if (points.length >= 2) {
      pen.disc(points[points.length - 2], points[points.length - 1], stroke * 1.6, ink);
    }
  }

  private static double stroke(Plot plot) {
    return Math.max(0.15, Math.min(plot.width(), plot.height()) * 0.025);
  }

  /** The scale as it is said, else round what there is; its ends written where there is room. */
  private static Plot plot(Pen pen, ReadOut readOut, double top, double foot, List<Double> values) {
    double least = values.stream().mapToDouble(each -> each).min().orElse(0);
    double most = values.stream().mapToDouble(each -> each).max().orElse(least + 1);
    double air = Math.max(0.5, (most - least) * 0.15);
    double low = readOut.lowest() == null ? Math.floor(least - air) : readOut.lowest();
    double high = readOut.highest() == null ? Math.ceil(most + air) : readOut.highest();
    high = Math.max(high, low + 1e-6);
    double height = Math.max(1, pen.height() - top - foot);
    String upper = Pen.number(high, "");
    String lower = Pen.number(low, "");
    double capital = Math.min(pen.capital(), height * 0.25);
    double label = Mark.lengthMm(Math.max(upper.length(), lower.length()), capital) + capital * 0.6;
    boolean room = label < pen.width() * MOST_LABEL_SHARE;
    double left = room ? label : 0;
    Plot plot = new Plot(left, top, pen.width() - left, height, low, high);
    if (room) {
      pen.letters(upper, 0, top + capital, capital, Anchor.START, pen.ink());
      pen.letters(lower, 0, top + height, capital, Anchor.START, pen.ink());
    }
    double thin = stroke(plot) * 0.4;
    pen.line(thin, pen.faint(), left, top, left, top + height, pen.width(), top + height);
    return plot;
  }

  private static void limits(Pen pen, ReadOut readOut, Plot plot) {
    for (Double at : new Double[] {readOut.goodFrom(), readOut.goodTo()}) {
      if (at != null && at > plot.low() && at < plot.high()) {
        double y = plot.y(at);
        pen.line(stroke(plot) * 0.5, pen.faint(), plot.left(), y, plot.left() + plot.width(), y);
      }
    }
  }

  /** The whole day, with a line where the clock stands and what the curve is there. */
  static void day(Pen pen, ReadOut readOut, LiveValues live) {
    List<Point> points = ReadOutTable.points(readOut.table());
    Optional<Double> now = at(points, live.clock(), readOut.eased());
    int strays = now.map(readOut::strays).orElse(0);
    double top = ScaleMarks.headed(pen, readOut, WordMarks.written(now, readOut.unit()), strays);
    double byWidth = pen.width() * MOST_HOUR_SHARE / Mark.lengthMm(2, 1);
    double capital = Math.min(pen.capital(), Math.min(byWidth, pen.height() * 0.16));
    Plot plot = plot(pen, readOut, top, capital * 1.5, points.stream().map(Point::value).toList());
    hours(pen, plot, capital);
    limits(pen, readOut, plot);
    double[] line = line(points, readOut.eased(), plot);
    if (line.length >= 4) {
      pen.line(stroke(plot), pen.ink(), line);
    }
    now.ifPresent(
        value -> {
          double x = plot.left() + plot.width() * minutes(live.clock()) / DAY_MINUTES;
          Colour ink = strays == 0 ? pen.ink() : pen.alarm();
          pen.line(stroke(plot) * 0.6, ink, x, plot.top(), x, plot.top() + plot.height());
          pen.disc(x, plot.y(value), stroke(plot) * 2.2, ink);
        });
  }

  private static void hours(Pen pen, Plot plot, double capital) {
    int step = Mark.lengthMm(3, capital) < plot.width() / 4 ? 6 : 12;
    for (int hour = step; hour < 24; hour += step) {
      double x = plot.left() + plot.width() * hour / 24;
      double foot = plot.top() + plot.height();
      pen.line(stroke(plot) * 0.5, pen.faint(), x, foot - capital * 0.4, x, foot);
      pen.letters("%02d".formatted(hour), x, pen.height(), capital, Anchor.MIDDLE, pen.ink());
    }
  }

  private static double[] line(List<Point> points, boolean eased, Plot plot) {
    List<Double> line = new ArrayList<>();
    for (int i = 0; i < points.size(); i++) {
      int steps = eased && i + 1 < points.size() ? STEPS_BETWEEN : 1;
      for (int step = 0; step < steps; step++) {
        Point from = points.get(i);
        Point to = points.get(Math.min(i + 1, points.size() - 1));
        double share = (double) step / steps;
        double minute = minutes(from.at()) + share * (minutes(to.at()) - minutes(from.at()));
        line.add(plot.left() + plot.width() * minute / DAY_MINUTES);
        line.add(plot.y(between(from.value(), to.value(), share, eased)));
      }
    }
    return line.stream().mapToDouble(each -> each).toArray();
  }

  /**
   * The curve of a day at a time; nothing before its first point and after its last.
   *
   * <p>Example: 03:00 1.0 and 09:00 5.0 are 3.0 at 06:00 either way; at 04:30 straight 2.0, eased
   * 1.59.
   */
  static Optional<Double> at(List<Point> points, LocalTime clock, boolean eased) {
    for (int i = 0; i + 1 < points.size(); i++) {
      Point from = points.get(i);
      Point to = points.get(i + 1);
      if (!clock.isBefore(from.at()) && !clock.isAfter(to.at())) {
        double share =
            (minutes(clock) - minutes(from.at())) / (minutes(to.at()) - minutes(from.at()));
        return Optional.of(between(from.value(), to.value(), share, eased));
      }
    }
    return Optional.empty();
  }

  /** Straight, or as half a wave: never beyond either end. */
  private static double between(double from, double to, double share, boolean eased) {
    double along = eased ? (1 - Math.cos(Math.PI * share)) / 2 : share;
    return from + (to - from) * along;
  }

  private static double minutes(LocalTime time) {
    return time.toSecondOfDay() / 60.0;
  }
}
