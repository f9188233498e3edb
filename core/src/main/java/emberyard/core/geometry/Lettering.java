package emberyard.core.geometry;

import emberyard.core.units.Require;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Text as outlines, from the open fonts that ship with the program. */
public final class Lettering {
  private static final String FOLDER = "/net/sf/jasperreports/fonts/dejavu/";
  private static final int LONGEST = 200;
  private static final float DRAWN_AT = 100;

  /** The fonts to choose from. */
  public enum Face {
    SANS("DejaVuSans.ttf"),
    SANS_BOLD("DejaVuSans-Bold.ttf"),
    SERIF("DejaVuSerif.ttf"),
    SERIF_BOLD("DejaVuSerif-Bold.ttf"),
    MONO("DejaVuSansMono.ttf");

    private final String file;

    Face(String file) {
      this.file = file;
    }
  }

  private static final Map<Face, Font> FONTS = new EnumMap<>(Face.class);

  private Lettering() {}

  /**
   * The outline of a line of text, centred on the origin.
   *
   * @param capHeightMm height of its capital H, 1 to 1,000 mm
   * @throws emberyard.core.units.InvalidValue for an empty text or one over 200 characters
   */
  public static Outline of(String text, Face face, double capHeightMm) {
    Require.text("figure.text", text);
    Require.that(
        text.length() <= LONGEST, "figure.text", "A line of lettering has 200 characters at most.");
    Require.between("figure.heightMm", capHeightMm, 1, 1_000, "mm");
    FontRenderContext plain = new FontRenderContext(null, true, true);
    Font font = font(face);
    double cap = font.createGlyphVector(plain, "H").getOutline().getBounds2D().getHeight();
    Outline drawn = outline(font.createGlyphVector(plain, text).getOutline(), capHeightMm / cap);
    Require.that(!drawn.empty(), "figure.text", "“%s” has nothing to draw.".formatted(text));
    Rect box = drawn.bounds();
    return drawn.moved(Move.by(-box.centreX(), -box.centreY()));
  }

  private static synchronized Font font(Face face) {
    return FONTS.computeIfAbsent(face, Lettering::read);
  }

  private static Font read(Face face) {
    try (InputStream file = Lettering.class.getResourceAsStream(FOLDER + face.file)) {
      return Font.createFont(Font.TRUETYPE_FONT, file).deriveFont(DRAWN_AT);
    } catch (IOException | FontFormatException missing) {
      throw new IllegalStateException("The font " + face.file + " is missing", missing);
    }
  }

  /**
   * What lies inside an odd number of lines; where letters run into each other, all rims without
   * their counters: font rims run one way and their counters the other, the larger kind is the rim.
   */
  private static Outline outline(Shape shape, double scale) {
    List<Contour> all = contours(shape, scale);
    Containment sorted = Containment.of(all);
    if (!sorted.crossing()) {
      return sorted.outline();
    }
    Map<Boolean, List<Contour>> ways =
        all.stream().collect(Collectors.partitioningBy(each -> each.signedAreaMm2() > 0));
    boolean firstIsRim = total(ways.get(true)) >= total(ways.get(false));
    Outline rims =
        Plane.together(
            ways.get(firstIsRim).stream().map(rim -> Outline.of(rim.counterClockwise())).toList());
    List<Contour> counters = ways.get(!firstIsRim).stream().map(Contour::counterClockwise).toList();
    return Plane.cut(rims, new Outline(counters, List.of()));
  }

  private static double total(List<Contour> contours) {
    return contours.stream().mapToDouble(Contour::areaMm2).sum();
  }

  private static List<Contour> contours(Shape shape, double scale) {
    List<Contour> contours = new ArrayList<>();
    List<Knot> knots = new ArrayList<>();
    double[] at = new double[6];
    for (PathIterator path = shape.getPathIterator(null, Contour.FLATTEN_MM / scale);
        !path.isDone();
        path.next()) {
      int kind = path.currentSegment(at);
      if (kind == PathIterator.SEG_CLOSE || kind == PathIterator.SEG_MOVETO) {
        close(contours, knots);
      }
      if (kind != PathIterator.SEG_CLOSE) {
        knots.add(Knot.at(at[0] * scale, -at[1] * scale));
      }
    }
    close(contours, knots);
    return contours;
  }

  private static void close(List<Contour> contours, List<Knot> knots) {
    if (knots.size() > 2) {
      contours.add(new Contour(knots));
    }
    knots.clear();
  }
}
