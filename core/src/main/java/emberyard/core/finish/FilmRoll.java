package emberyard.core.finish;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Rect;
import emberyard.core.nest.NestJob;
import emberyard.core.nest.NestResult;
import emberyard.core.nest.Nester;
import emberyard.core.units.Remembered;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

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
  private static final double GAP_MM = 3;
  private static final double EDGE_MM = 4;
  private static final double LONGEST_MM = 5_000;
  private static final int TRIES = 12;
  private static final Remembered<Asked, FilmRoll> KNOWN = new Remembered<>(60);

  public FilmRoll {
    pieces = List.copyOf(pieces);
    unplaced = List.copyOf(unplaced);
  }

  /** A piece where it is cut. */
  public record FilmPiece(String treatmentId, String name, Outline outline) {}

  /** A decal to be cut: mirrored already where it goes on an inside face. */
  public record Decal(String treatmentId, String name, Outline outline, int quantity) {}

  private record Asked(double widthMm, List<Decal> decals) {}

  /** Lays decals on a roll of this width. */
  public static FilmRoll of(double widthMm, List<Decal> decals) {
    return KNOWN.get(new Asked(widthMm, List.copyOf(decals)), FilmRoll::laid);
  }

  private static FilmRoll laid(Asked asked) {
    List<NestJob.Piece> pieces = new ArrayList<>();
    Map<String, Decal> decalOf = new HashMap<>();
    List<String> unplaced = new ArrayList<>();
    for (Decal decal : asked.decals()) {
      Outline hull = decal.outline().atOrigin();
      Rect box = hull.bounds();
      double room = asked.widthMm() - 2 * EDGE_MM;
      if (Math.min(box.widthMm(), box.heightMm()) > room) {
        unplaced.add(decal.name());
        continue;
      }
      // a decal of many pieces is weeded and laid as one: its box is what it takes
      Outline taken =
          hull.outers().size() == 1
              ? hull
              : Outline.of(Contour.rectangle(0, 0, box.widthMm(), box.heightMm(), 0));
      for (int n = 0; n < decal.quantity(); n++) {
        String id = decal.treatmentId() + "#" + n;
        decalOf.put(id, decal);
        pieces.add(
            new NestJob.Piece(
                id, decal.treatmentId(), taken, NestJob.Rotation.QUARTERS, false, null));
      }
    }
    if (pieces.isEmpty()) {
      return new FilmRoll(asked.widthMm(), 0, List.of(), unplaced);
    }
    Outline strip = Outline.of(Contour.rectangle(0, 0, LONGEST_MM, asked.widthMm(), 0));
    List<NestJob.Blank> roll = List.of(new NestJob.Blank("roll", strip, false));
    NestJob job = new NestJob(roll, pieces, GAP_MM, EDGE_MM, 1);
    return read(asked, Nester.quick(job).look(TRIES).result(), decalOf, unplaced);
  }

  private static FilmRoll read(
      Asked asked, NestResult result, Map<String, Decal> decalOf, List<String> unplaced) {
    List<FilmPiece> placed = new ArrayList<>();
    double length = 0;
    for (NestJob.PieceSpot spot : result.placements()) {
      Decal decal = decalOf.get(spot.pieceId());
      Outline turned =
          decal.outline().atOrigin().moved(new Move(0, 0, spot.turnDegrees(), false)).atOrigin();
      Outline lies = turned.moved(Move.by(spot.xMm(), spot.yMm()));
      placed.add(new FilmPiece(decal.treatmentId(), decal.name(), lies));
      length = Math.max(length, lies.bounds().right() + EDGE_MM);
    }
    for (String id : result.unplaced()) {
      unplaced.add(decalOf.get(id).name());
    }
    return new FilmRoll(asked.widthMm(), length, placed, unplaced);
  }
}
