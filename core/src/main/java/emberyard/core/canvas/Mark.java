package emberyard.core.canvas;

/**
 * One stroke, area or line of letters on a canvas; mm, y downwards from its upper left corner.
 * Letters are of one width, so that whoever paints them sets them to {@link #lengthMm}.
 *
 * @param of the read-out that it belongs to, empty for the ground and for what is said of the feed
 * @param path SVG path, empty for letters
 * @param words letters, empty for a path
 * @param xMm of the path's origin, or where the letters begin, are in the middle, or end
 * @param yMm of the path's origin, or on which the letters stand
 * @param capitalMm height of a capital, 0 for a path
 * @param lengthMm from the first letter to the last, 0 for a path
 * @param anchor what of the letters stands at xMm
 * @param hex sRGB
 * @param strokeMm width of the path's line, 0 for a filled one
 */
public record Mark(
    String of,
    String path,
    String words,
    double xMm,
    double yMm,
    double capitalMm,
    double lengthMm,
    Anchor anchor,
    String hex,
    double strokeMm) {
  /** A letter's step by the height of a capital: 0.6 and 0.7 of the size; a default. */
  public static final double STEP = 0.6 / 0.7;

  /** Of letters that hang, how far under their line, by the height of a capital; a default. */
  static final double UNDER = 0.3;

  private static final String HANGING = "gjpqyQ,;|()[]{}@$§";

  /** The size of letters by the height of a capital; a default. */
  public static final double SIZE = 1 / 0.7;

  /** Which end of the letters stands at their place. */
  public enum Anchor {
    START,
    MIDDLE,
    END
  }

  /** The same at another place. */
  Mark moved(double byX, double byY) {
    return new Mark(
        of, path, words, xMm + byX, yMm + byY, capitalMm, lengthMm, anchor, hex, strokeMm);
  }

  /** How far letters hang under their line: a g does, an H does not. */
  public double underMm() {
    return words.chars().anyMatch(each -> HANGING.indexOf(each) >= 0) ? UNDER * capitalMm : 0;
  }

  /** Left end of the letters, mm. */
  public double leftMm() {
    return switch (anchor) {
      case START -> xMm;
      case MIDDLE -> xMm - lengthMm / 2;
      case END -> xMm - lengthMm;
    };
  }

  /** How long so many letters of a height are, mm. */
  static double lengthMm(int letters, double capitalMm) {
    return letters * STEP * capitalMm;
  }
}
