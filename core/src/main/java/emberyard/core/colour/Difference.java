package emberyard.core.colour;

import java.util.ArrayList;
import java.util.List;

/**
 * How far two colours lie apart, and how that reads.
 *
 * @param deltaE00 CIEDE2000
 * @param words how it reads and in which direction: "visible: a little darker, less green"
 */
public record Difference(double deltaE00, String words) {
  /** From here on the other is a different colour. */
  public static final double OTHER_COLOUR = 5;

  /** In a coloured light, closer ones are hard to tell apart (handbook, light runs). */
  public static final double TELL = 8;

  /** Only of colours that were this far apart by day is that said. */
  public static final double APART = 15;

  private static final double POW_25_7 = Math.pow(25, 7);

  /** Whether two that were well apart by day can hardly be told apart in another light. */
  public static boolean runTogether(double byDayDeltaE00, double thereDeltaE00) {
    return byDayDeltaE00 >= APART && thereDeltaE00 < TELL;
  }

  /** From the wanted colour to the one that is there. */
  public static Difference between(Colour wanted, Colour there) {
    return between(wanted.lab(), there.lab());
  }

  /** From the wanted colour to the one that is there. */
  public static Difference between(Lab wanted, Lab there) {
    double delta = deltaE00(wanted, there);
    String direction = delta < 1 ? "" : direction(wanted, there);
    return new Difference(delta, reads(delta) + (direction.isEmpty() ? "" : ": " + direction));
  }

  /** "not visible" below 1, "visible only side by side" below 2, "visible" to 5, then another. */
  public static String reads(double deltaE00) {
    if (deltaE00 < 1) {
      return "not visible";
    }
    if (deltaE00 < 2) {
      return "visible only side by side";
    }
    return deltaE00 <= OTHER_COLOUR ? "visible" : "a different colour";
  }

  private static String direction(Lab wanted, Lab there) {
    List<String> words = new ArrayList<>();
    add(words, there.l() - wanted.l(), "lighter", "darker");
    boolean green = wanted.a() < -2;
    boolean red = wanted.a() > 2;
    add(
        words,
        there.a() - wanted.a(),
        green ? "less green" : "redder",
        red ? "less red" : "greener");
    boolean blue = wanted.b() < -2;
    boolean yellow = wanted.b() > 2;
    add(
        words,
        there.b() - wanted.b(),
        blue ? "less blue" : "yellower",
        yellow ? "less yellow" : "bluer");
    return String.join(", ", words);
  }

  private static void add(List<String> words, double delta, String up, String down) {
    double size = Math.abs(delta);
    if (size < 1) {
      return;
    }
    String much = size < 4 ? "a little " : size > 15 ? "much " : "";
    words.add(much + (delta > 0 ? up : down));
  }

  /**
   * CIEDE2000 with all weights 1 (Sharma, Wu, Dalal: The CIEDE2000 color-difference formula, 2005).
   * Symmetric, 0 for equal colours.
   *
   * <p>Example: (50, 2.6772, −79.7751) and (50, 0, −82.7485) → 2.0425.
   */
  public static double deltaE00(Lab one, Lab two) {
    double meanChroma = (Math.hypot(one.a(), one.b()) + Math.hypot(two.a(), two.b())) / 2;
    double pow7 = Math.pow(meanChroma, 7);
    double g = 0.5 * (1 - Math.sqrt(pow7 / (pow7 + POW_25_7)));
    double a1 = one.a() * (1 + g);
    double a2 = two.a() * (1 + g);
    double c1 = Math.hypot(a1, one.b());
    double c2 = Math.hypot(a2, two.b());
    double h1 = hue(a1, one.b());
    double h2 = hue(a2, two.b());
    double deltaL = two.l() - one.l();
    double deltaC = c2 - c1;
    double deltaH = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(turn(c1, c2, h2 - h1)) / 2);
    double meanL = (one.l() + two.l()) / 2;
    double meanC = (c1 + c2) / 2;
    double meanH = meanHue(c1, c2, h1, h2);
    double t =
        1
            - 0.17 * cos(meanH - 30)
            + 0.24 * cos(2 * meanH)
            + 0.32 * cos(3 * meanH + 6)
            - 0.20 * cos(4 * meanH - 63);
    double offL = (meanL - 50) * (meanL - 50);
    double sl = 1 + 0.015 * offL / Math.sqrt(20 + offL);
    double sc = 1 + 0.045 * meanC;
    double sh = 1 + 0.015 * meanC * t;
    double meanC7 = Math.pow(meanC, 7);
    double rc = 2 * Math.sqrt(meanC7 / (meanC7 + POW_25_7));
    double bend = 30 * Math.exp(-Math.pow((meanH - 275) / 25, 2));
    double rt = -Math.sin(Math.toRadians(2 * bend)) * rc;
    double l = deltaL / sl;
    double c = deltaC / sc;
    double h = deltaH / sh;
    return Math.sqrt(Math.max(0, l * l + c * c + h * h + rt * c * h));
  }

  private static double hue(double a, double b) {
    if (a == 0 && b == 0) {
      return 0;
    }
    double degrees = Math.toDegrees(Math.atan2(b, a));
    return degrees < 0 ? degrees + 360 : degrees;
  }

  private static double turn(double c1, double c2, double delta) {
    if (c1 * c2 == 0) {
      return 0;
    }
    if (delta > 180) {
      return delta - 360;
    }
    return delta < -180 ? delta + 360 : delta;
  }

  private static double meanHue(double c1, double c2, double h1, double h2) {
    double sum = h1 + h2;
    if (c1 * c2 == 0) {
      return sum;
    }
    if (Math.abs(h1 - h2) <= 180) {
      return sum / 2;
    }
    return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
  }

  private static double cos(double degrees) {
    return Math.cos(Math.toRadians(degrees));
  }
}
