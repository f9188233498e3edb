package emberyard.core.build;

import emberyard.core.geometry.Lettering;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * One figure of a part. Which measures it needs says its kind; the others may be null.
 *
 * @param widthMm 0.1 to 5,000 mm; length of a slot or a row of holes
 * @param heightMm 0.1 to 5,000 mm; width of a slot, capital height of text
 * @param diameterMm 0.2 to 5,000 mm; across the corners of a polygon or star
 * @param innerMm 0.2 to 5,000 mm: inner diameter of a star, root diameter of a toothed ring, the
 *     fan's screw holes, length of slots in a field (none: round holes)
 * @param radiusMm of corners, 0 to 500 mm; bore of a ring
 * @param pitchMm 0.5 to 2,000 mm: greatest pitch of a row, pitch of a field, of a fan's holes
 * @param insetMm 0 to 500 mm: of a row's ends, border of a frame
 * @param count corners, points or teeth, 3 to 400
 * @param staggered whether every second row of a field is shifted by half a pitch
 * @param text what it says
 * @param face the font of a text
 * @param path SVG path data in mm, y upwards, from its own origin
 */
public record CutFigure(
    FigureKind kind,
    @Nullable Double widthMm,
    @Nullable Double heightMm,
    @Nullable Double diameterMm,
    @Nullable Double innerMm,
    @Nullable Double radiusMm,
    @Nullable Double pitchMm,
    @Nullable Double insetMm,
    @Nullable Integer count,
    @Nullable Boolean staggered,
    @Nullable String text,
    Lettering.@Nullable Face face,
    @Nullable String path) {
  /** Long enough for a crest of some thousand corners. */
  public static final int LONGEST_PATH = 400_000;

  public CutFigure {
    Require.given("kind", kind);
    check(kind, "widthMm", widthMm, 0.1, 5_000);
    check(kind, "heightMm", heightMm, 0.1, 5_000);
    check(kind, "diameterMm", diameterMm, 0.2, 5_000);
    check(kind, "innerMm", innerMm, 0.2, 5_000);
    check(kind, "radiusMm", radiusMm, 0, 500);
    check(kind, "pitchMm", pitchMm, 0.5, 2_000);
    check(kind, "insetMm", insetMm, 0, 500);
    check(kind, "count", count == null ? null : (double) count, 3, 400);
    if (kind == FigureKind.TEXT) {
      Require.text("text", text);
      face = face == null ? Lettering.Face.SANS : face;
    }
    if (kind == FigureKind.PATH) {
      Require.that(path != null && !path.isBlank(), "path", "The outline is empty.");
      Require.that(
          path.length() <= LONGEST_PATH, "path", "The outline has more than 400,000 characters.");
    }
  }

  private static void check(
      FigureKind kind, String field, @Nullable Double value, double least, double most) {
    if (value != null) {
      Require.between(field, value, least, most, "mm");
    } else {
      Require.that(
          !kind.measures().contains(field), field, "This figure needs its " + words(field) + ".");
    }
  }

  private static String words(String field) {
    return field.equals("insetMm") ? "inset" : field.replace("Mm", "");
  }

  private static CutFigure plain(
      FigureKind kind, @Nullable Double w, @Nullable Double h, @Nullable Double d) {
    return new CutFigure(kind, w, h, d, null, null, null, null, null, null, null, null, null);
  }

  public static CutFigure hole(double diameterMm) {
    return plain(FigureKind.HOLE, null, null, diameterMm);
  }

  public static CutFigure rectangle(double widthMm, double heightMm) {
    return plain(FigureKind.RECTANGLE, widthMm, heightMm, null);
  }

  public static CutFigure slot(double lengthMm, double widthMm) {
    return plain(FigureKind.SLOT, lengthMm, widthMm, null);
  }

  public static CutFigure path(String data) {
    return new CutFigure(
        FigureKind.PATH, null, null, null, null, null, null, null, null, null, null, null, data);
  }

  public static CutFigure text(String words, double capHeightMm, Lettering.Face face) {
    return new CutFigure(
        FigureKind.TEXT,
        null,
        capHeightMm,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        words,
        face,
        null);
  }
}
