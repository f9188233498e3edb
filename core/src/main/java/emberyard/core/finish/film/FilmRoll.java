package emberyard.core.finish.film;

import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Rect;
import emberyard.core.units.Remembered;
import java.util.ArrayList;
import java.util.List;

/**
 * Decals laid on a roll by the same search that lays parts on sheets. It grows with the width of
 * the roll given; the length used is what is bought.
 *
 * @param pieces as they are cut, on the roll: x along it, y across
 * @param lengthMm used
 * @param unplaced names of pieces that are wider than the roll
 */
public record FilmRoll(
    double widthMm, double lengthMm, List<FilmPiece> pieces, List<String> unplaced) {
  private static final Remembered<Key, FilmRoll> KNOWN = new Remembered<>(60);

  public FilmRoll {
    pieces = List.copyOf(pieces);
    unplaced = List.copyOf(unplaced);
  }

  /** A piece where it is cut. */
  public record FilmPiece(String treatmentId, String name, Outline outline) {
    FilmPiece moved(Move move) {
      return new FilmPiece(treatmentId, name, outline.moved(move));
    }
  }

  /** A decal to be cut: mirrored already where it goes on an inside face. */
  public record Decal(String treatmentId, String name, Outline outline, int quantity) {
    /** One of it, turned, its box at the origin. */
    FilmPiece turned(double degrees) {
      Outline lies = outline.atOrigin().moved(new Move(0, 0, degrees, false)).atOrigin();
      return new FilmPiece(treatmentId, name, lies);
    }
  }

  private record Key(double widthMm, List<Decal> decals) {}

  /** Lays decals on a roll of this width. */
  public static FilmRoll of(double widthMm, List<Decal> decals) {
    return KNOWN.get(new Key(widthMm, List.copyOf(decals)), FilmRoll::laid);
  }

  private static FilmRoll laid(Key asked) {
    List<Decal> fit = new ArrayList<>();
    List<String> tooWide = new ArrayList<>();
    for (Decal decal : asked.decals()) {
      Rect box = decal.outline().bounds();
      double room = asked.widthMm() - 2 * RollFill.EDGE_MM;
      if (Math.min(box.widthMm(), box.heightMm()) > room) {
        tooWide.add(decal.name());
      } else {
        fit.add(decal);
      }
    }
    List<FilmPiece> pieces = RollFill.of(asked.widthMm(), fit);
    double length =
        pieces.stream()
            .mapToDouble(piece -> piece.outline().bounds().right() + RollFill.EDGE_MM)
            .max()
            .orElse(0);
    return new FilmRoll(asked.widthMm(), length, pieces, tooWide);
  }
}
