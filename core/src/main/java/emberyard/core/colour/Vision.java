package emberyard.core.colour;

import java.util.ArrayList;
import java.util.List;

/**
 * How people who lack one kind of cone see colours: the plane projection of Viénot, Brettel and
 * Mollon, Digital video colourmaps for checking the legibility of displays by dichromats (1999),
 * with the cone matrix of that paper. The missing cone's answer is replaced by the value on the
 * plane through black, white and blue (red for tritan, which is a rougher picture than their
 * two-plane model).
 */
public enum Vision {
  PROTAN("no red cones"),
  DEUTAN("no green cones"),
  TRITAN("no blue cones");

  /** Before: at least this far apart. */
  public static final double APART = 15;

  /** After: less than this. */
  public static final double COLLAPSED = 8;

  private static final double[][] CONES = {
    {17.8824, 43.5161, 4.11935}, {3.45565, 27.1554, 3.86714}, {0.0299566, 0.184309, 1.46709}
  };

  private final String words;

  Vision(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** What the colour looks like. Greys stay as they are. */
  public Colour seen(Colour colour) {
    double[] cones = Matrix.times(CONES, colour.red(), colour.green(), colour.blue());
    double[] white = Matrix.times(CONES, 1, 1, 1);
    double[] anchor = this == TRITAN ? Matrix.times(CONES, 1, 0, 0) : Matrix.times(CONES, 0, 0, 1);
    int missing = ordinal();
    int first = missing == 0 ? 1 : 0;
    int second = missing == 2 ? 1 : 2;
    double det = white[first] * anchor[second] - anchor[first] * white[second];
    double q = (white[missing] * anchor[second] - anchor[missing] * white[second]) / det;
    double r = (white[first] * anchor[missing] - anchor[first] * white[missing]) / det;
    cones[missing] = q * cones[first] + r * cones[second];
    double[] back = Matrix.solve(CONES, cones);
    return Colour.linear(clip(back[0]), clip(back[1]), clip(back[2]));
  }

  /**
   * Two colours of a list that become one.
   *
   * @param first index of one
   * @param second index of the other
   * @param before ΔE00 for usual eyes, at least {@link #APART}
   * @param after ΔE00 as seen here, under {@link #COLLAPSED}
   */
  public record Collapse(int first, int second, double before, double after) {}

  /** The pairs that are told apart usually and not here. */
  public List<Collapse> collapsing(List<Colour> colours) {
    List<Colour> seen = colours.stream().map(this::seen).toList();
    List<Collapse> pairs = new ArrayList<>();
    for (int i = 0; i < colours.size(); i++) {
      for (int j = i + 1; j < colours.size(); j++) {
        double before = colours.get(i).deltaE00(colours.get(j));
        double after = seen.get(i).deltaE00(seen.get(j));
        if (before >= APART && after < COLLAPSED) {
          pairs.add(new Collapse(i, j, before, after));
        }
      }
    }
    return pairs;
  }

  private static double clip(double channel) {
    return Math.min(1, Math.max(0, channel));
  }
}
