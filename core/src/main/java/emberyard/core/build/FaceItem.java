package emberyard.core.build;

import emberyard.core.colour.Colour;
import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A thing drawn on a face. One that stands for a part, a screen, a strip or a component takes its
 * size from there: there is one truth of every part.
 *
 * @param xMm left edge from the face's left edge, −5,000 to 5,000 mm
 * @param yMm lower edge from the face's lower edge, −5,000 to 5,000 mm
 * @param widthMm 0.5 to 5,000 mm; null where {@code ofId} gives it
 * @param heightMm 0.5 to 5,000 mm; null where {@code ofId} gives it
 * @param ofId the panel, screen, strip or component it stands for; for a window the panel it is cut
 *     in
 * @param upright a strip that runs upwards
 * @param stockId the paint, film, filament or sheet that gives its colour
 * @param colourHex its colour where no stock gives it; null for the palette's base
 * @param clearness share of light that passes, 0 for opaque to 1
 * @param art lines as an SVG path in mm from the item's upper left corner, empty for none
 * @param strokeMm width of the art's lines, 0 for a filled shape
 * @param words engraved or printed text
 * @param reachMm how far its light reaches, for lights
 * @param along the edges a light run is laid along, null for where {@code xMm}, {@code yMm} and its
 *     size say
 */
@RecordBuilder
public record FaceItem(
    String id,
    Face face,
    ItemKind kind,
    String name,
    double xMm,
    double yMm,
    @Nullable Double widthMm,
    @Nullable Double heightMm,
    Layer layer,
    @Nullable String ofId,
    boolean upright,
    @Nullable String stockId,
    @Nullable String colourHex,
    @Nullable Double clearness,
    @Nullable ItemMaterial material,
    String art,
    @Nullable Double strokeMm,
    String words,
    @Nullable Double reachMm,
    @Nullable RunPath along)
    implements DesignThing, FaceItemBuilder.With {
  private static final Pattern PATH = Pattern.compile("[MmLlHhVvCcSsQqTtAaZz0-9eE ,.+\\-]*");

  public FaceItem {
    Require.text("id", id);
    Require.given("face", face);
    Require.given("kind", kind);
    Require.text("name", name);
    Require.between("xMm", xMm, -5_000, 5_000, "mm");
    Require.between("yMm", yMm, -5_000, 5_000, "mm");
    Require.that(
        ofId != null || (widthMm != null && heightMm != null), "widthMm", "Give its size.");
    optional("widthMm", widthMm, 0.5, 5_000, "mm");
    optional("heightMm", heightMm, 0.5, 5_000, "mm");
    layer = layer == null ? kind.usualLayer() : layer;
    if (colourHex != null) {
      Colour.hex("colourHex", colourHex);
    }
    optional("clearness", clearness, 0, 1, "");
    art = Require.textOrEmpty("art", art);
    Require.that(
        PATH.matcher(art).matches(), "art", "Art is an SVG path: letters M L C A Z and numbers.");
    optional("strokeMm", strokeMm, 0, 100, "mm");
    words = Require.textOrEmpty("words", words);
    optional("reachMm", reachMm, 1, 2_000, "mm");
  }

  /** A thing of its own with nothing said but where it lies. */
  public static FaceItem plain(
      String id,
      Face face,
      ItemKind kind,
      String name,
      double xMm,
      double yMm,
      double widthMm,
      double heightMm) {
    return FaceItemBuilder.builder()
        .id(id)
        .face(face)
        .kind(kind)
        .name(name)
        .xMm(xMm)
        .yMm(yMm)
        .widthMm(widthMm)
        .heightMm(heightMm)
        .build();
  }

  /** Where a part, a screen, a strip or a component lies. */
  public static FaceItem standingFor(
      String ofId, Face face, ItemKind kind, String name, double xMm, double yMm, Layer layer) {
    return FaceItemBuilder.builder()
        .id(ofId)
        .face(face)
        .kind(kind)
        .name(name)
        .xMm(xMm)
        .yMm(yMm)
        .layer(layer)
        .ofId(ofId)
        .build();
  }

  /** The same thing with lines, text and clearness. */
  public FaceItem drawn(String path, @Nullable Double lineMm, String text, @Nullable Double clear) {
    return with().art(path).strokeMm(lineMm).words(text).clearness(clear).build();
  }

  private static void optional(
      String field, @Nullable Double value, double least, double most, String unit) {
    if (value != null) {
      Require.between(field, value, least, most, unit);
    }
  }
}
