package emberyard.core.concept;

import emberyard.core.build.LightStrip;
import emberyard.core.build.PaletteColour;
import emberyard.core.colour.Colour;
import emberyard.core.colour.Difference;
import emberyard.core.colour.Vision;
import emberyard.core.elevation.Shares;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A palette with everything computed about it.
 *
 * @param colours in the palette's order
 * @param other share of what shows that is of no palette colour
 * @param views the palette under each light of the build and to each kind of eyes
 */
public record PaletteModel(List<OneColour> colours, double other, List<SeenAs> views) {

  /**
   * @param share of what shows, 0 to 1
   * @param contrast ratio against the palette's first colour
   * @param matches nearest products, nearest first
   */
  public record OneColour(double share, double contrast, List<StockPalette.Match> matches) {}

  /**
   * The palette seen differently.
   *
   * @param name of the light, or of the eyes
   * @param lightHex the light's colour, empty for eyes
   * @param seen the palette's colours as they look then
   * @param merged pairs of indexes that are hard to tell apart then
   */
  public record SeenAs(
      String name, String lightHex, List<String> seen, List<List<Integer>> merged) {}

  public static PaletteModel of(
      List<PaletteColour> palette, Shares shares, List<LightStrip> strips, StockPalette stock) {
    List<Colour> colours = palette.stream().map(colour -> Colour.hex(colour.hex())).toList();
    List<OneColour> each = new ArrayList<>();
    for (int i = 0; i < palette.size(); i++) {
      each.add(
          new OneColour(
              shares.perColour().get(i),
              colours.get(i).contrast(colours.get(0)),
              stock.nearest(palette.get(i).hex(), 2)));
    }
    List<SeenAs> views = new ArrayList<>();
    strips.stream()
        .map(LightStrip::colourHex)
        .distinct()
        .forEach(hex -> views.add(underLight(colours, named(strips, hex), hex)));
    Arrays.stream(Vision.values()).forEach(vision -> views.add(toEyes(colours, vision)));
    return new PaletteModel(each, shares.other(), views);
  }

  private static String named(List<LightStrip> strips, String hex) {
    return strips.stream().filter(s -> s.colourHex().equals(hex)).findFirst().orElseThrow().name();
  }

  private static SeenAs underLight(List<Colour> colours, String name, String hex) {
    Colour light = Colour.hex(hex);
    return seen(name, hex, colours, colours.stream().map(c -> c.under(light, 1)).toList());
  }

  private static SeenAs toEyes(List<Colour> colours, Vision vision) {
    List<List<Integer>> merged =
        vision.collapsing(colours).stream().map(p -> List.of(p.first(), p.second())).toList();
    return new SeenAs(
        vision.words(), "", colours.stream().map(c -> vision.seen(c).hex()).toList(), merged);
  }

  private static SeenAs seen(String name, String hex, List<Colour> before, List<Colour> after) {
    List<List<Integer>> merged = new ArrayList<>();
    for (int i = 0; i < before.size(); i++) {
      for (int j = i + 1; j < before.size(); j++) {
        if (Difference.runTogether(
            before.get(i).deltaE00(before.get(j)), after.get(i).deltaE00(after.get(j)))) {
          merged.add(List.of(i, j));
        }
      }
    }
    return new SeenAs(name, hex, after.stream().map(Colour::hex).toList(), merged);
  }
}
