package emberyard.core.colour;

import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import java.util.HexFormat;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A colour in linear light, sRGB primaries, D65 white at (1, 1, 1). It is made from a named space
 * and read in a named space, so a number can't be taken for one of another space. Channels may lie
 * outside 0…1 where a CIELAB colour lies outside what a screen shows; only {@link #hex()} clips.
 */
public final class Colour {
  /** A black that reflects nothing. */
  public static final Colour BLACK = new Colour(0, 0, 0);

  /** D65 white. */
  public static final Colour WHITE = new Colour(1, 1, 1);

  private static final Pattern HEX = Pattern.compile("#[0-9A-Fa-f]{6}");
  private static final HexFormat TWO_DIGITS = HexFormat.of().withUpperCase();

  private final double red;
  private final double green;
  private final double blue;

  private Colour(double red, double green, double blue) {
    this.red = red;
    this.green = green;
    this.blue = blue;
  }

  /**
   * From sRGB as screens write it.
   *
   * @param hex {@code #RRGGBB}
   * @throws InvalidValue when it is written otherwise
   */
  public static Colour hex(@Nullable String hex) {
    return hex("colour", hex);
  }

  /** Like {@link #hex(String)}, naming the field that is wrong. */
  public static Colour hex(String field, @Nullable String hex) {
    if (hex == null || !HEX.matcher(hex).matches()) {
      throw new InvalidValue(field, "A colour is written # and six digits, like #2E4A45.");
    }
    int value = Integer.parseInt(hex.substring(1), 16);
    return new Colour(
        Gamma.toLinear((value >> 16 & 255) / 255.0),
        Gamma.toLinear((value >> 8 & 255) / 255.0),
        Gamma.toLinear((value & 255) / 255.0));
  }

  /** From linear light, each channel −1 to 20 (1 is white). */
  public static Colour linear(double red, double green, double blue) {
    Require.between("red", red, -1, 20, "");
    Require.between("green", green, -1, 20, "");
    Require.between("blue", blue, -1, 20, "");
    return new Colour(red, green, blue);
  }

  /** From CIELAB with D65 white. */
  public static Colour lab(Lab lab) {
    Xyz xyz = lab.xyz();
    return new Colour(
        3.2404541621141054 * xyz.x() - 1.5371385127977166 * xyz.y() - 0.4985314095560162 * xyz.z(),
        -0.9692660305051868 * xyz.x() + 1.8760108454466942 * xyz.y() + 0.0415560175303498 * xyz.z(),
        0.0556434309591147 * xyz.x() - 0.2040259135167538 * xyz.y() + 1.0572251882231791 * xyz.z());
  }

  /** Linear red, 1 is white. */
  public double red() {
    return red;
  }

  /** Linear green, 1 is white. */
  public double green() {
    return green;
  }

  /** Linear blue, 1 is white. */
  public double blue() {
    return blue;
  }

  /** CIE XYZ, D65, white at Y = 1; the sRGB matrix of IEC 61966-2-1 in full precision. */
  public Xyz xyz() {
    return new Xyz(
        0.4124564 * red + 0.3575761 * green + 0.1804375 * blue,
        luminance(),
        0.0193339 * red + 0.1191920 * green + 0.9503041 * blue);
  }

  /** CIELAB with D65 white. */
  public Lab lab() {
    return Lab.of(xyz());
  }

  /** Relative luminance Y, 0 to 1 inside the gamut. */
  public double luminance() {
    return 0.2126729 * red + 0.7151522 * green + 0.0721750 * blue;
  }

  /** sRGB, {@code #RRGGBB}; what a screen can't show is clipped. */
  public String hex() {
    return "#"
        + TWO_DIGITS.toHexDigits(channel(red))
        + TWO_DIGITS.toHexDigits(channel(green))
        + TWO_DIGITS.toHexDigits(channel(blue));
  }

  /** CIEDE2000 to another colour: see {@link Difference}. */
  public double deltaE00(Colour other) {
    return Difference.deltaE00(lab(), other.lab());
  }

  /**
   * Contrast ratio of WCAG 2: (brighter Y + 0.05) ÷ (darker Y + 0.05), 1 to 21.
   *
   * <p>Example: black on white 21.0; {@code #767676} on white 4.54.
   */
  public double contrast(Colour other) {
    double mine = luminance() + 0.05;
    double theirs = other.luminance() + 0.05;
    return Math.max(mine, theirs) / Math.min(mine, theirs);
  }

  /**
   * Mixed in linear light.
   *
   * <p>Example: {@code #000000} with half {@code #FFFFFF} gives {@code #BCBCBC}, not #808080.
   *
   * @param share of the other colour, 0 to 1
   */
  public Colour mixedWith(Colour other, double share) {
    Require.between("share", share, 0, 1, "");
    return new Colour(
        red + (other.red - red) * share,
        green + (other.green - green) * share,
        blue + (other.blue - blue) * share);
  }

  /**
   * This surface under a light: reflectance × light × intensity, channel by channel.
   *
   * <p>Example: {@code #B7BEBC} under {@code #F0A13A} shows {@code #AC7728}.
   */
  public Colour under(Colour light, double intensity) {
    Require.between("intensity", intensity, 0, 10, "");
    return new Colour(
        red * light.red * intensity,
        green * light.green * intensity,
        blue * light.blue * intensity);
  }

  /** Both lights together. */
  public Colour plus(Colour other) {
    return new Colour(red + other.red, green + other.green, blue + other.blue);
  }

  /** This light, weaker or stronger. */
  public Colour times(double factor) {
    return new Colour(red * factor, green * factor, blue * factor);
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof Colour that
        && Double.compare(red, that.red) == 0
        && Double.compare(green, that.green) == 0
        && Double.compare(blue, that.blue) == 0;
  }

  @Override
  public int hashCode() {
    return Double.hashCode(red) * 961 + Double.hashCode(green) * 31 + Double.hashCode(blue);
  }

  @Override
  public String toString() {
    return hex();
  }

  private static byte channel(double linear) {
    return (byte) Math.round(Gamma.toEncoded(Math.min(1, Math.max(0, linear))) * 255);
  }
}
