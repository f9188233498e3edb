package emberyard.core.geometry;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** Contours as SVG path data in mm: lines and exact arcs, four decimals, y as it is. */
public final class SvgPath {
  /** Bulge of a quarter circle. */
  private static final double RIGHT_ANGLE = Math.tan(Math.PI / 8);

  /** Of a millimetre. */
  private static final int PARTS = 10_000;

  private static final double MOST_PLAIN = 1e13;
  private static final double CLEARLY_NEAREST = 0.49;

  private SvgPath() {}

  public static String of(List<Contour> contours) {
    StringBuilder path = new StringBuilder();
    contours.forEach(contour -> append(path, contour));
    return path.toString();
  }

  private static void append(StringBuilder path, Contour contour) {
    List<Knot> knots = contour.knots();
    path.append('M')
        .append(number(knots.get(0).xMm()))
        .append(' ')
        .append(number(knots.get(0).yMm()));
    for (int i = 0; i < knots.size(); i++) {
      Knot from = knots.get(i);
      Knot to = knots.get((i + 1) % knots.size());
      if (from.bulge() != 0) {
        arc(path, from, to);
      } else if (i < knots.size() - 1) {
        path.append('L').append(number(to.xMm())).append(' ').append(number(to.yMm()));
      }
    }
    path.append('Z');
  }

  /**
   * Arcs over a right angle are written in halves: who reads them finds the angle by an arc sine,
   * which is blunt near a half circle.
   */
  private static void arc(StringBuilder path, Knot from, Knot to) {
    double b = Math.abs(from.bulge());
    if (b > RIGHT_ANGLE + 1e-9) {
      double half = Math.tan(Math.atan(from.bulge()) / 2);
      double mx = (from.xMm() + to.xMm()) / 2 + from.bulge() * (to.yMm() - from.yMm()) / 2;
      double my = (from.yMm() + to.yMm()) / 2 - from.bulge() * (to.xMm() - from.xMm()) / 2;
      arc(path, new Knot(from.xMm(), from.yMm(), half), Knot.at(mx, my));
      arc(path, new Knot(mx, my, half), to);
      return;
    }
    double chord = Math.hypot(to.xMm() - from.xMm(), to.yMm() - from.yMm());
    String r = number(chord * (1 + b * b) / (4 * b));
    path.append('A').append(r).append(' ').append(r).append(" 0 0");
    path.append(from.bulge() > 0 ? " 1 " : " 0 ");
    path.append(number(to.xMm())).append(' ').append(number(to.yMm()));
  }

  /** At most four decimals: a ten-thousandth of a millimetre; of two as near the even one. */
  public static String number(double value) {
    double scaled = Math.abs(value) * PARTS;
    double nearest = Math.rint(scaled);
    boolean plain = nearest < MOST_PLAIN && Math.abs(scaled - nearest) < CLEARLY_NEAREST;
    return plain ? plain((long) nearest, value < 0) : exactly(value);
  }

  private static String plain(long parts, boolean negative) {
    StringBuilder text = new StringBuilder(negative && parts > 0 ? "-" : "");
    text.append(parts / PARTS);
    int rest = (int) (parts % PARTS);
    if (rest > 0) {
      text.append('.');
      for (int digit = PARTS / 10; rest > 0; digit /= 10) {
        text.append((char) ('0' + rest / digit));
        rest %= digit;
      }
    }
    return text.toString();
  }

  /** Slowly, where binary fractions leave open which is nearer, and for very large ones. */
  private static String exactly(double value) {
    String text =
        BigDecimal.valueOf(value)
            .setScale(4, RoundingMode.HALF_EVEN)
            .stripTrailingZeros()
            .toPlainString();
    return text.equals("-0") ? "0" : text;
  }
}
