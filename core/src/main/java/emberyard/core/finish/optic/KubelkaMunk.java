package emberyard.core.finish.optic;

import emberyard.core.colour.Colour;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;

/**
 * A scattering film, channel by channel in linear light (Kubelka, Munk 1931; the hyperbolic form of
 * Kubelka 1948). With R∞ the reflectance of the full colour, a = (1/R∞ + R∞)/2 and b = √(a² − 1), a
 * film of strength s over a ground R<sub>g</sub> shows (1 − R<sub>g</sub>(a − b coth bs)) / (a −
 * R<sub>g</sub> + b coth bs) and lets b / (a sinh bs + b cosh bs) through.
 *
 * <p>Example: {@code #F2F2EF} with a contrast ratio of 0.70 a coat over {@code #151515}: ΔE00 after
 * one to five coats 9.36, 4.49, 2.67, 1.75, 1.21.
 */
public final class KubelkaMunk {
  private static final double LEAST = 0.002;
  private static final double MOST = 0.998;
  private static final double MOST_STRENGTH = 1e4;

  /** Ground of a hiding chart's pale half, reflectance of every channel (after ISO 6504-3). */
  private static final double PALE = 0.8;

  private KubelkaMunk() {}

  /** The full colour as the model can hold it: each channel within 0.002 to 0.998. */
  public static Colour full(Colour colour) {
    return Colour.linear(held(colour.red()), held(colour.green()), held(colour.blue()));
  }

  /**
   * The film on its own: the same from both sides.
   *
   * @param strength scattering power, 0 for none
   */
  public static Slab film(Colour colour, double strength) {
    Colour full = full(colour);
    Film red = Film.of(full.red(), strength);
    Film green = Film.of(full.green(), strength);
    Film blue = Film.of(full.blue(), strength);
    return Slab.alike(
        Colour.linear(red.reflects, green.reflects, blue.reflects),
        Colour.linear(red.passes, green.passes, blue.passes));
  }

  /**
   * The strength of one coat, solved from its contrast ratio: luminance over black ÷ luminance over
   * 80 % white.
   *
   * @param contrastRatio 0.005 to 0.999
   */
  public static double strength(Colour colour, double contrastRatio) {
    Require.between("contrastRatio", contrastRatio, 0.005, 0.999, "");
    double weak = 0;
    double strong = 1;
    while (contrast(colour, strong) < contrastRatio) {
      strong *= 2;
      if (strong > MOST_STRENGTH) {
        throw new InvalidValue(
            "contrastRatio", "No coat of this colour hides as much; choose a lower ratio.");
      }
    }
    for (int i = 0; i < 60; i++) {
      double middle = (weak + strong) / 2;
      if (contrast(colour, middle) < contrastRatio) {
        weak = middle;
      } else {
        strong = middle;
      }
    }
    return (weak + strong) / 2;
  }

  /** Contrast ratio of a film of this strength. */
  public static double contrast(Colour colour, double strength) {
    Slab film = film(colour, strength);
    double overBlack = film.on(Colour.BLACK).luminance();
    double overPale = film.on(Colour.linear(PALE, PALE, PALE)).luminance();
    return overBlack / overPale;
  }

  private static double held(double channel) {
    return Math.min(MOST, Math.max(LEAST, channel));
  }

  /** One channel. */
  private record Film(double reflects, double passes) {
    static Film of(double full, double strength) {
      if (strength <= 0) {
        return new Film(0, 1);
      }
      double a = (1 / full + full) / 2;
      double b = Math.sqrt(a * a - 1);
      double bs = b * strength;
      if (bs > 300) {
        return new Film(full, 0);
      }
      double sinh = Math.sinh(bs);
      double cosh = Math.cosh(bs);
      double under = a * sinh + b * cosh;
      return new Film(sinh / under, b / under);
    }
  }
}
