package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the concept says: the part of it that is frozen.
 *
 * @param themeWords words and motifs
 * @param palette at most seven colours; three are wanted before freezing
 * @param size outer size, null while not decided
 */
public record Look(List<String> themeWords, List<PaletteColour> palette, @Nullable Size size) {
  /** Fewest colours of a palette that can be frozen. */
  public static final int FEWEST_COLOURS = 3;

  /** Most colours of a palette. */
  public static final int MOST_COLOURS = 7;

  public Look {
    themeWords = Require.list(themeWords);
    palette = Require.list(palette);
    Require.that(palette.size() <= MOST_COLOURS, "palette", "A palette has at most seven colours.");
  }

  /** Nothing decided yet. */
  public static Look open() {
    return new Look(List.of(), List.of(), null);
  }
}
