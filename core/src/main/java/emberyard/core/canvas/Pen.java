package emberyard.core.canvas;

import emberyard.core.build.ReadOut;
import emberyard.core.canvas.Mark.Anchor;
import emberyard.core.colour.Colour;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Draws one read-out into its box: mm, y downwards from the box's upper left corner. */
final class Pen {
  private final ReadOut readOut;
  private final CanvasInk colours;
  private final double capitalMm;
  private final List<Mark> marks = new ArrayList<>();

  /**
   * @param leastCapitalMm that can be read from where one stands
   */
  Pen(ReadOut readOut, CanvasInk colours, double leastCapitalMm) {
    this.readOut = readOut;
    this.colours = colours;
    this.capitalMm = readOut.capitalMm() == null ? leastCapitalMm : readOut.capitalMm();
  }

  double width() {
    return readOut.widthMm();
  }

  double height() {
    return readOut.heightMm();
  }

  /** Of captions and rows, before their box limits them. */
  double capital() {
    return capitalMm;
  }

  Colour ink() {
    return colours.of(readOut);
  }

  Colour faint() {
    return colours.faint(ink());
  }

  /** Of what is amiss; its own where the read-out has one. */
  Colour alarm() {
    return readOut.inkHex() == null ? colours.alarm() : ink();
  }

  List<Mark> marks() {
    return List.copyOf(marks);
  }

  /**
   * How high capitals may be, so that words are no longer than there is room and no higher than
   * wanted; never nothing.
   */
  static double fitting(String words, double roomMm, double wantedMm) {
    double byWidth = roomMm / (Mark.STEP * Math.max(1, words.length()));
    return Math.max(0.1, Math.min(wantedMm, byWidth));
  }

  /** Letters standing on a line. */
  void letters(String words, double x, double baseline, double capital, Anchor anchor, Colour ink) {
    if (!words.isBlank()) {
      double length = Mark.lengthMm(words.length(), capital);
      marks.add(
          new Mark(readOut.id(), "", words, x, baseline, capital, length, anchor, ink.hex(), 0));
    }
  }

  void line(double stroke, Colour ink, double... points) {
    path(polyline(points), stroke, ink);
  }

  void box(double x, double y, double width, double height, double stroke, Colour ink) {
    path("M%s %sh%sv%sh%sz".formatted(n(x), n(y), n(width), n(height), n(-width)), stroke, ink);
  }

  /** A ring from one angle to another, degrees clockwise from above. */
  void arc(double x, double y, double radius, double from, double to, double stroke, Colour ink) {
    StringBuilder path = new StringBuilder();
    int steps = (int) Math.max(1, Math.ceil(Math.abs(to - from) / 6));
    for (int i = 0; i <= steps; i++) {
      double turn = Math.toRadians(from + (to - from) * i / steps);
      path.append(i == 0 ? 'M' : 'L')
          .append(n(x + radius * Math.sin(turn)))
          .append(' ')
          .append(n(y - radius * Math.cos(turn)));
    }
    path(path.toString(), stroke, ink);
  }

  void disc(double x, double y, double radius, Colour ink) {
    path(
        "M%s %sa%s %s 0 1 0 %s 0a%s %s 0 1 0 %s 0z"
            .formatted(
                n(x - radius),
                n(y),
                n(radius),
                n(radius),
                n(2 * radius),
                n(radius),
                n(radius),
                n(-2 * radius)),
        0,
        ink);
  }

  void path(String path, double stroke, Colour ink) {
    placed(path, 0, 0, stroke, ink);
  }

  void placed(String path, double x, double y, double stroke, Colour ink) {
    marks.add(new Mark(readOut.id(), path, "", x, y, 0, 0, Anchor.START, ink.hex(), stroke));
  }

  /**
   * The second mark beside the colour: pointing up for too high, down for too low, as high as a
   * capital, its left end at x.
   *
   * @param strays 1, −1, or 0 for none
   * @return how wide it is with its gap
   */
  double strayMark(int strays, double x, double baseline, double capital, Colour ink) {
    if (strays == 0) {
      return 0;
    }
    double wide = capital * 0.9;
    double foot = strays > 0 ? baseline : baseline - capital;
    double tip = strays > 0 ? baseline - capital : baseline;
    path("M%s %sh%sL%s %sz".formatted(n(x), n(foot), n(wide), n(x + wide / 2), n(tip)), 0, ink);
    return wide + capital * 0.4;
  }

  static String polyline(double... points) {
    StringBuilder path = new StringBuilder();
    for (int i = 0; i + 1 < points.length; i += 2) {
      path.append(i == 0 ? 'M' : 'L').append(n(points[i])).append(' ').append(n(points[i + 1]));
    }
    return path.toString();
  }

  /** To a hundredth of a millimetre. */
  static String n(double value) {
    String text = String.format(Locale.ROOT, "%.2f", value);
    return text.contains(".") ? text.replaceAll("\\.?0+$", "") : text;
  }

  /** With a tenth below a hundred, whole above, without a unit of nothing. */
  static String number(double value, String unit) {
    boolean whole = Math.abs(value) >= 100;
    String text = String.format(Locale.ROOT, whole ? "%.0f" : "%.1f", value);
    return unit.isEmpty() ? text : text + " " + unit;
  }
}
