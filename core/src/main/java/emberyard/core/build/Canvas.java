package emberyard.core.build;

import emberyard.core.colour.Colour;
import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One picture in mm over one or more screens. As scenes it is tuned until the reveal, so it is not
 * frozen with the design.
 *
 * @param panes the screens that show it, each once, 16 at most
 * @param groundHex null for the palette's darkest colour, where that is dark
 * @param distanceMm from which it is looked at, 50 to 20,000 mm; null for {@link #DISTANCE_MM}
 * @param readOuts what it shows, the later over the earlier, 60 at most
 */
@RecordBuilder
public record Canvas(
    String id,
    String name,
    List<CanvasPane> panes,
    @Nullable String groundHex,
    @Nullable Double distanceMm,
    List<ReadOut> readOuts)
    implements Thing, CanvasBuilder.With {
  /** From where a machine on a desk is looked at; a default. */
  public static final double DISTANCE_MM = 1_200;

  private static final int MOST_PANES = 16;
  private static final int MOST_READ_OUTS = 60;

  public Canvas {
    Require.text("id", id);
    Require.text("name", name);
    panes = Require.list(panes);
    readOuts = Require.list(readOuts);
    Require.between("panes", panes.size(), 0, MOST_PANES, "screens");
    Require.between("readOuts", readOuts.size(), 0, MOST_READ_OUTS, "read-outs");
    Require.that(
        panes.stream().map(CanvasPane::id).distinct().count() == panes.size(),
        "panes",
        "A canvas has each screen once.");
    Require.that(
        readOuts.stream().map(ReadOut::id).distinct().count() == readOuts.size(),
        "readOuts",
        "Two read-outs have the same id.");
    if (groundHex != null) {
      Colour.hex("groundHex", groundHex);
    }
    if (distanceMm != null) {
      Require.between("distanceMm", distanceMm, 50, 20_000, "mm");
    }
  }

  /** From how far it is looked at, mm. */
  public double seenFromMm() {
    return distanceMm == null ? DISTANCE_MM : distanceMm;
  }

  /** Whether a screen shows part of it. */
  public boolean on(String screenId) {
    return panes.stream().anyMatch(pane -> pane.id().equals(screenId));
  }
}
