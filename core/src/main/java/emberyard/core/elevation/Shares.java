package emberyard.core.elevation;

import emberyard.core.build.PaletteColour;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Whose colour the faces that show are: areas cut exactly along all edges, each counted to the
 * nearest palette colour by ΔE00. What is seen through to the inside counts to nobody. Lines, holes
 * and letters cover {@link #ART_COVER} of their box.
 *
 * @param perColour share of the counted area per palette colour, in the palette's order, 0 to 1
 * @param other share of colours further than {@link #NEAR} from every palette colour
 * @param countedMm2 area counted
 * @param areaByHexMm2 area of each surface colour
 */
public record Shares(
    List<Double> perColour, double other, double countedMm2, Map<String, Double> areaByHexMm2) {
  /** Further than this by ΔE00 a surface is not of the palette. */
  public static final double NEAR = 12;

  /** Share of its box that a drawn shape covers; a default. */
  public static final double ART_COVER = 0.2;

  public static Shares of(List<Elevation> faces, List<PaletteColour> palette) {
    Map<String, Double> areas = areas(faces);
    double counted = areas.values().stream().mapToDouble(area -> area).sum();
    double[] perColour = new double[palette.size()];
    double other = 0;
    for (Map.Entry<String, Double> area : areas.entrySet()) {
      int nearest = nearest(area.getKey(), palette);
      if (nearest < 0) {
        other += area.getValue();
      } else {
        perColour[nearest] += area.getValue();
      }
    }
    double whole = counted == 0 ? 1 : counted;
    return new Shares(
        java.util.Arrays.stream(perColour).map(area -> area / whole).boxed().toList(),
        other / whole,
        counted,
        areas);
  }

  private static int nearest(String hex, List<PaletteColour> palette) {
    int best = -1;
    double least = NEAR;
    for (int i = 0; i < palette.size(); i++) {
      double delta = Colour.hex(hex).deltaE00(Colour.hex(palette.get(i).hex()));
      if (delta <= least) {
        least = delta;
        best = i;
      }
    }
    return best;
  }

  /** Area by surface colour over all faces that show. */
  private static Map<String, Double> areas(List<Elevation> faces) {
    Map<String, Double> areas = new LinkedHashMap<>();
    for (Elevation face : faces) {
      if (face.shown()) {
        for (Rect cell : face.outline().cells(face.rects())) {
          add(areas, face, cell);
        }
      }
    }
    return areas;
  }

  private static void add(Map<String, Double> areas, Elevation face, Rect cell) {
    double x = cell.centreX();
    double y = cell.centreY();
    ElevationItem seen = face.seenAt(x, y);
    double art = 0;
    for (ElevationItem drawn : face.items()) {
      if (drawn.shaped() && drawn.place().contains(x, y) && face.onView(drawn, x, y)) {
        art = ART_COVER * cell.areaMm2();
        areas.merge(drawn.colourHex(), art, Double::sum);
      }
    }
    String hex = hex(face, seen, x, y);
    if (hex != null) {
      areas.merge(hex, cell.areaMm2() - art, Double::sum);
    }
  }

  private static @Nullable String hex(
      Elevation face, @Nullable ElevationItem seen, double x, double y) {
    if (seen != null) {
      return seen.colourHex();
    }
    return face.opened(x, y) ? null : face.groundHex();
  }
}
