package emberyard.server.concept;

import emberyard.core.build.PaletteColour;
import java.util.List;

/** A palette as swatches of 40 mm side by side, named below, SVG in mm. */
final class PaletteSvg {
  private static final int SIDE_MM = 40;
  private static final String FRAME =
      """
      <svg xmlns="http://www.w3.org/2000/svg" width="%1$dmm" height="52mm" viewBox="0 0 %1$d 52">
      %2$s</svg>
      """;
  private static final String SWATCH =
      """
        <rect x="%d" width="40" height="40" fill="%s"/>
        <text x="%d" y="49" font-size="4.5" font-family="sans-serif">%s %s</text>
      """;

  private PaletteSvg() {}

  static String of(List<PaletteColour> palette) {
    StringBuilder swatches = new StringBuilder();
    for (int i = 0; i < palette.size(); i++) {
      PaletteColour colour = palette.get(i);
      int left = i * SIDE_MM;
      swatches.append(
          SWATCH.formatted(left, colour.hex(), left + 1, escaped(colour.name()), colour.hex()));
    }
    return FRAME.formatted(Math.max(1, palette.size()) * SIDE_MM, swatches);
  }

  private static String escaped(String text) {
    return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
  }
}
