package emberyard.core.finish.film;

import emberyard.core.finish.film.FilmRoll.Decal;
import emberyard.core.finish.film.FilmRoll.FilmPiece;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Rect;
import emberyard.core.nest.NestJob;
import emberyard.core.nest.Nester;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * Lays decals on a roll from its beginning. Up to {@value #TOGETHER} lie as one search lays them;
 * of one that is wanted more often the densest strip is repeated, and where there are very many
 * different ones their boxes stand in columns. So the work grows with the number of decals and not
 * with the square of all pieces.
 */
final class RollFill {
  static final double GAP_MM = 3;
  static final double EDGE_MM = 4;

  /** Pieces that one search lays. */
  static final int TOGETHER = 96;

  /** Pieces of all searches together; what has more stands in columns. */
  static final int SEARCHED = 800;

  /** Layouts looked at, times the pieces laid. */
  private static final int EFFORT = 576;

  private static final int MOST_LAYOUTS = 12;

  private final double widthMm;
  private final int layouts;
  private final List<FilmPiece> pieces = new ArrayList<>();
  private double right = EDGE_MM - GAP_MM;

  private RollFill(double widthMm, int layouts) {
    this.widthMm = widthMm;
    this.layouts = layouts;
  }

  /**
   * All pieces as they are cut.
   *
   * @param decals none of them wider than the roll less its edges
   */
  static List<FilmPiece> of(double widthMm, List<Decal> decals) {
    int searched =
        decals.stream().mapToInt(d -> d.quantity() > TOGETHER ? 2 * TOGETHER : d.quantity()).sum();
    int layouts = Math.max(1, Math.min(MOST_LAYOUTS, EFFORT / Math.max(1, searched)));
    RollFill fill = new RollFill(widthMm, layouts);
    if (searched > SEARCHED) {
      fill.columns(decals);
    } else {
      fill.strips(decals);
    }
    return fill.pieces;
  }

  private void strips(List<Decal> decals) {
    List<Decal> rest = new ArrayList<>();
    for (Decal decal : decals) {
      int left = decal.quantity();
      if (left > TOGETHER) {
        List<FilmPiece> strip = densest(together(Collections.nCopies(TOGETHER, decal)));
        for (; left >= strip.size(); left -= strip.size()) {
          behind(strip);
        }
      }
      rest.addAll(Collections.nCopies(left, decal));
    }
    for (int from = 0; from < rest.size(); from += TOGETHER) {
      behind(together(rest.subList(from, Math.min(rest.size(), from + TOGETHER))));
    }
  }

  /** Those at the beginning that take up least of the roll each. */
  private static List<FilmPiece> densest(List<FilmPiece> laid) {
    List<FilmPiece> sorted =
        laid.stream().sorted(Comparator.comparingDouble(RollFill::right)).toList();
    int best = sorted.size();
    for (int n = sorted.size(); n >= sorted.size() / 2; n--) {
      if (each(sorted, n) < each(sorted, best)) {
        best = n;
      }
    }
    return sorted.subList(0, best);
  }

  private static double each(List<FilmPiece> sorted, int first) {
    return (right(sorted.get(first - 1)) + GAP_MM - EDGE_MM) / first;
  }

  private static double right(FilmPiece piece) {
    return piece.outline().bounds().right();
  }

  private void behind(List<FilmPiece> strip) {
    double along = right + GAP_MM - EDGE_MM;
    for (FilmPiece piece : strip) {
      FilmPiece lies = piece.moved(Move.by(along, 0));
      pieces.add(lies);
      right = Math.max(right, right(lies));
    }
  }

  /** One of each in the list, laid from the roll's beginning. */
  private List<FilmPiece> together(List<Decal> decals) {
    // longer than it is wide, so that it is filled along its length
    double longest = 2 * widthMm;
    List<NestJob.Piece> wanted = new ArrayList<>();
    for (Decal decal : decals) {
      Rect box = decal.outline().bounds();
      longest += Math.max(box.widthMm(), box.heightMm()) + GAP_MM;
      String id = String.valueOf(wanted.size());
      wanted.add(
          new NestJob.Piece(
              id, decal.treatmentId(), taken(decal), NestJob.Rotation.QUARTERS, false, null));
    }
    Outline roll = Outline.of(Contour.rectangle(0, 0, longest, widthMm, 0));
    List<NestJob.Blank> rolls = List.of(new NestJob.Blank("roll", roll, false));
    NestJob job = new NestJob(rolls, wanted, GAP_MM, EDGE_MM, 1);
    return Nester.quick(job).look(layouts).result().placements().stream()
        .map(
            spot ->
                decals
                    .get(Integer.parseInt(spot.pieceId()))
                    .turned(spot.turnDegrees())
                    .moved(Move.by(spot.xMm(), spot.yMm())))
        .toList();
  }

  /** A decal of many pieces is weeded and laid as one: its box is what it takes. */
  private static Outline taken(Decal decal) {
    Outline own = decal.outline().atOrigin();
    Rect box = own.bounds();
    return own.outers().size() == 1
        ? own
        : Outline.of(Contour.rectangle(0, 0, box.widthMm(), box.heightMm(), 0));
  }

  /** Boxes above one another, the longest first; a full column begins the next. */
  private void columns(List<Decal> decals) {
    List<FilmPiece> wanted = new ArrayList<>();
    for (Decal decal : decals) {
      Rect box = decal.outline().bounds();
      boolean lying = box.heightMm() <= widthMm - 2 * EDGE_MM;
      wanted.addAll(Collections.nCopies(decal.quantity(), decal.turned(lying ? 0 : 90)));
    }
    wanted.sort(Comparator.comparingDouble(RollFill::right).reversed());
    double column = EDGE_MM;
    double above = EDGE_MM;
    for (FilmPiece piece : wanted) {
      double height = piece.outline().bounds().heightMm();
      if (above + height > widthMm - EDGE_MM + 1e-9) {
        column = right + GAP_MM;
        above = EDGE_MM;
      }
      FilmPiece lies = piece.moved(Move.by(column, above));
      pieces.add(lies);
      right = Math.max(right, right(lies));
      above += height + GAP_MM;
    }
  }
}
