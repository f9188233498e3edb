package emberyard.core.canvas;

import emberyard.core.build.ReadOut;
import emberyard.core.canvas.Mark.Anchor;
import emberyard.core.colour.Colour;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Read-outs of one number on a scale: a dial, a bar. */
final class ScaleMarks {
  private static final double LOWEST = 0;
  private static final double HIGHEST = 100;

  /** A dial is open at its foot. */
  private static final double FROM_DEGREES = -120;

  private static final double TO_DEGREES = 120;
  private static final double MOST_FOOT_SHARE = 0.2;

  private ScaleMarks() {}

  /** Where a number lies on its scale, 0 to 1; beyond its ends at them. */
  static double share(ReadOut readOut, double number) {
    double low = readOut.lowest() == null ? LOWEST : readOut.lowest();
    double high = readOut.highest() == null ? Math.max(HIGHEST, low + 1) : readOut.highest();
    return Math.max(0, Math.min(1, (number - low) / Math.max(1e-9, high - low)));
  }

  static void dial(Pen pen, ReadOut readOut, LiveValues live) {
    Optional<Double> number = live.number(readOut.source());
    int strays = number.map(readOut::strays).orElse(0);
    Colour ink = strays == 0 ? pen.ink() : pen.alarm();
    double radius = Math.min(pen.width() / 2, pen.height() / 1.75) * 0.92;
    double x = pen.width() / 2;
    double y = radius / 0.92;
    pen.arc(x, y, radius, FROM_DEGREES, TO_DEGREES, radius * 0.05, pen.faint());
    number.ifPresent(
        value -> pen.arc(x, y, radius, FROM_DEGREES, degrees(readOut, value), radius * 0.13, ink));
    limit(pen, readOut, readOut.goodFrom(), x, y, radius);
    limit(pen, readOut, readOut.goodTo(), x, y, radius);
    String words = WordMarks.written(number, readOut.unit());
    double capital = Pen.fitting(words, radius * 1.45, radius * 0.5);
    pen.letters(words, x, y + capital / 2, capital, Anchor.MIDDLE, ink);
    pen.strayMark(strays, x - capital * 0.45, y - capital * 0.8, capital * 0.8, ink);
    double foot =
        Pen.fitting(
            readOut.words(), pen.width(), Math.min(pen.capital(), pen.height() * MOST_FOOT_SHARE));
    pen.letters(
        readOut.words(),
        x,
        Math.min(pen.height(), y + radius * 0.62 + foot),
        foot,
        Anchor.MIDDLE,
        pen.ink());
  }

  private static double degrees(ReadOut readOut, double number) {
    return FROM_DEGREES + (TO_DEGREES - FROM_DEGREES) * share(readOut, number);
  }

  /** A tick across the ring where it stops being well. */
  private static void limit(
      Pen pen, ReadOut readOut, @Nullable Double at, double x, double y, double radius) {
    if (at == null) {
      return;
    }
    double turn = Math.toRadians(degrees(readOut, at));
    pen.line(
        radius * 0.04,
        pen.ink(),
        x + radius * 0.86 * Math.sin(turn),
        y - radius * 0.86 * Math.cos(turn),
        x + radius * 1.08 * Math.sin(turn),
        y - radius * 1.08 * Math.cos(turn));
  }

  /** Lying where the box is wider than high, standing otherwise; words and number above it. */
  static void bar(Pen pen, ReadOut readOut, LiveValues live) {
    Optional<Double> number = live.number(readOut.source());
    int strays = number.map(readOut::strays).orElse(0);
    Colour ink = strays == 0 ? pen.ink() : pen.alarm();
    double top = headed(pen, readOut, WordMarks.written(number, readOut.unit()), strays);
    double high = pen.height() - top;
    double stroke = Math.max(0.1, Math.min(pen.width(), high) * 0.03);
    double share = number.map(value -> share(readOut, value)).orElse(0.0);
    boolean lying = pen.width() >= high;
    pen.box(stroke, top + stroke, pen.width() - 2 * stroke, high - 2 * stroke, stroke, pen.faint());
    if (lying) {
      pen.box(0, top, pen.width() * share, high, 0, ink);
    } else {
      pen.box(0, top + high * (1 - share), pen.width(), high * share, 0, ink);
    }
    for (Double at : new Double[] {readOut.goodFrom(), readOut.goodTo()}) {
      if (at != null) {
        double place = share(readOut, at);
        double x = pen.width() * place;
        double y = top + high * (1 - place);
        if (lying) {
          pen.line(2 * stroke, pen.faint(), x, top, x, pen.height());
        } else {
          pen.line(2 * stroke, pen.faint(), 0, y, pen.width(), y);
        }
      }
    }
  }

  /**
   * What it is on the left, how much on the right, along the upper edge.
   *
   * @return how much of the box they take
   */
  static double headed(Pen pen, ReadOut readOut, String words, int strays) {
    String both = readOut.words() + "  " + words + (strays == 0 ? "" : "  ");
    double capital = Pen.fitting(both, pen.width(), Math.min(pen.capital(), pen.height() * 0.3));
    Colour ink = strays == 0 ? pen.ink() : pen.alarm();
    pen.letters(readOut.words(), 0, capital, capital, Anchor.START, pen.ink());
    pen.letters(words, pen.width(), capital, capital, Anchor.END, ink);
    double left = pen.width() - Mark.lengthMm(words.length(), capital) - capital * 1.3;
    pen.strayMark(strays, left, capital, capital, ink);
    return capital * 1.5;
  }
}
