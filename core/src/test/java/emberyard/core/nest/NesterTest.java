package emberyard.core.nest;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.Rect;
import emberyard.core.nest.NestJob.Blank;
import emberyard.core.nest.NestJob.Piece;
import emberyard.core.nest.NestJob.PieceSpot;
import emberyard.core.nest.NestJob.Rotation;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

class NesterTest {
  /** A thousand in the room of long proofs, a hundred where every change passes. */
  private static final int JOBS = Boolean.getBoolean("ember.long") ? 1_000 : 100;

  static Outline shape(Random random) {
    double w = 15 + 70 * random.nextDouble();
    double h = 15 + 70 * random.nextDouble();
    Outline box = Outline.of(Contour.rectangle(0, 0, w, h, random.nextInt(3) == 0 ? 5 : 0));
    return switch (random.nextInt(6)) {
      case 0 -> Outline.of(Contour.circle(w / 2, w / 2, w));
      case 1 -> Plane.cut(box, Outline.of(Contour.rectangle(w / 2, h / 2, w, h, 0))).atOrigin();
      case 2 -> Plane.cut(box, Outline.of(Contour.rectangle(w / 5, h / 5, w * 0.6, h * 0.6, 0)));
      case 3 -> Outline.of(Contour.polygon(0, 0, w, h / 3, w / 2, h)).atOrigin();
      default -> box;
    };
  }

  private static NestJob job(long seed) {
    Random random = new Random(seed);
    List<Blank> sheets = new ArrayList<>();
    Outline whole = Outline.of(Contour.rectangle(0, 0, 200 + random.nextInt(150), 150, 0));
    if (random.nextBoolean()) {
      Outline rest = Plane.cut(whole, Outline.of(Contour.rectangle(120, 70, 400, 400, 0)));
      sheets.add(new Blank("rest", rest.atOrigin(), true));
    }
    sheets.add(new Blank("sheet", whole, false));
    sheets.add(new Blank("sheet", whole, false));
    List<Piece> pieces = new ArrayList<>();
    int count = 3 + random.nextInt(7);
    for (int i = 0; i < count; i++) {
      Rotation rotation = Rotation.values()[random.nextInt(3)];
      pieces.add(
          new Piece("p" + i, "s" + i, shape(random), rotation, random.nextInt(5) == 0, null));
    }
    return new NestJob(sheets, pieces, 4 * random.nextDouble(), 8 * random.nextDouble(), seed);
  }

  /** Knows nothing of how pieces are placed: it looks at where they lie. */
  private static void check(NestJob job, NestResult result) {
    assertEquals(
        job.pieces().size(), result.placements().size() + result.unplaced().size(), "none lost");
    List<List<Geometry>> laid = new ArrayList<>();
    job.sheets().forEach(sheet -> laid.add(new ArrayList<>()));
    for (PieceSpot spot : result.placements()) {
      Piece piece =
          job.pieces().stream()
              .filter(p -> p.id().equals(spot.pieceId()))
              .findFirst()
              .orElseThrow();
      if (piece.rotation() == Rotation.NONE) {
        assertEquals(0, spot.turnDegrees(), "the grain is kept");
      }
      Rect turned = piece.outline().moved(Move.turned(spot.turnDegrees())).bounds();
      Geometry placed =
          Plane.geometry(
              piece
                  .outline()
                  .moved(
                      new Move(
                          spot.xMm() - turned.xMm(),
                          spot.yMm() - turned.yMm(),
                          spot.turnDegrees(),
                          false)));
      Geometry sheet = Plane.geometry(job.sheets().get(spot.sheet()).outline());
      double off = sheet.getBoundary().distance(placed);
      assertTrue(sheet.buffer(1e-3).covers(placed), "on the sheet");
      assertTrue(off >= job.marginMm() - 0.02, "margin " + off + " of " + job.marginMm());
      for (Geometry other : laid.get(spot.sheet())) {
        double gap = other.distance(placed);
        assertTrue(
            gap >= job.spacingMm() - 0.02 && other.intersection(placed).getArea() < 0.05,
            "spacing %f of %f".formatted(gap, job.spacingMm()));
      }
      laid.get(spot.sheet()).add(placed);
    }
  }

  @Test
  void neverAnOverlapNeverOutsideSpacingKept() {
    for (long seed = 1; seed <= JOBS; seed++) {
      NestJob job = job(seed);
      try {
        check(job, new Nester(job).look(2).result());
        check(job, Nester.quick(job).look(1).result());
      } catch (AssertionError broken) {
        throw new AssertionError("job " + seed + ": " + broken.getMessage(), broken);
      }
    }
  }

  /** What was cut out before has corners, and may be as thin as a saw. */
  @Test
  void whatIsMissingOfAnOffcutIsKeptClearThoughTheMarginIsSmall() {
    check(job(125), Nester.quick(job(125)).look(1).result());
    Outline whole = Outline.of(Contour.rectangle(0, 0, 120, 60, 0));
    Outline slit = Plane.cut(whole, Outline.of(Contour.rectangle(59.5, 20, 1, 60, 0)));
    Outline strip = Outline.of(Contour.rectangle(0, 0, 100, 30, 0));
    NestJob job =
        new NestJob(
            List.of(new Blank("slit", slit, true), new Blank("sheet", whole, false)),
            List.of(new Piece("strip", "s", strip, Rotation.NONE, false, null)),
            4,
            0.1,
            1);
    NestResult result = new Nester(job).look(2).result();
    check(job, result);
    assertEquals(1, result.placements().get(0).sheet(), "it would lie across the slit");
  }

  @Test
  void aPieceAsLargeAsTheSheetLessItsMarginLiesOnIt() {
    Outline sheet = Outline.of(Contour.rectangle(0, 0, 120, 60, 0));
    Outline piece = Outline.of(Contour.rectangle(0, 0, 119.6, 59.6, 0));
    NestJob job =
        new NestJob(
            List.of(new Blank("sheet", sheet, false)),
            List.of(new Piece("all", "a", piece, Rotation.NONE, false, null)),
            4,
            0.2,
            1);
    assertEquals(List.of(), new Nester(job).look(1).result().unplaced());
  }

  @Test
  void theSameSeedAndTriesGiveTheSameLayout() {
    for (long seed = 1; seed <= 8; seed++) {
      NestResult[] results = new NestResult[2];
      for (int run = 0; run < 2; run++) {
        results[run] = new Nester(job(seed)).look(25).result();
      }
      assertEquals(results[0], results[1]);
    }
  }

  /** A wheel with teeth: as many corners as wanted. */
  private static Outline jagged(int corners, double phase) {
    double[] xy = new double[2 * corners];
    for (int i = 0; i < corners; i++) {
      double angle = 2 * Math.PI * (i + phase) / corners;
      double radius = i % 2 == 0 ? 55 : 40;
      xy[2 * i] = 60 + radius * Math.cos(angle);
      xy[2 * i + 1] = 60 + radius * Math.sin(angle);
    }
    return Outline.of(Contour.polygon(xy)).atOrigin();
  }

  private static NestJob wheels(int wheels, int corners) {
    List<NestJob.Piece> pieces = new ArrayList<>();
    for (int i = 0; i < wheels; i++) {
      Outline wheel = jagged(corners, i * 0.01);
      pieces.add(
          new NestJob.Piece("w" + i, "w" + i, wheel, NestJob.Rotation.QUARTERS, false, null));
    }
    Outline sheet = Outline.of(Contour.rectangle(0, 0, 600, 400, 0));
    return new NestJob(
        Collections.nCopies(10, new NestJob.Blank("s", sheet, false)), pieces, 2.2, 5, 1);
  }

  @Test
  void jaggedPiecesAreTakenCoarserAndStillDoNotOverlap() {
    check(wheels(3, 400), new Nester(wheels(3, 400)).look(1).result());
    NestJob many = wheels(40, 60);
    Nester quick = Nester.quick(many);
    assertTrue(quick.parts() <= Nester.QUICK_PARTS, "parts: " + quick.parts());
    NestResult laid = quick.look(1).result();
    check(many, laid);
    assertEquals(List.of(), laid.unplaced());
  }

  @Test
  void theFirstLayoutIsLaidPieceByPieceSoThatItCanBeStopped() {
    Nester nester = new Nester(wheels(5, 12));
    for (int placed = 0; placed < 5; placed++) {
      assertEquals(placed, nester.result().placements().size());
      assertEquals(0, nester.tries());
      nester.step();
    }
    assertEquals(1, nester.tries());
    assertEquals(5, nester.result().placements().size());
  }

  @Test
  void anotherSheetSizeUsesWhatIsKnownOfThePieces() {
    NestJob job = wheels(6, 12);
    Outline small = Outline.of(Contour.rectangle(0, 0, 300, 200, 0));
    List<NestJob.Blank> sheets = Collections.nCopies(6, new NestJob.Blank("s", small, false));
    NestResult again = Nester.quick(job).onto(sheets).look(3).result();
    NestJob other = new NestJob(sheets, job.pieces(), 2.2, 5, 1);
    assertEquals(Nester.quick(other).look(3).result(), again);
  }

  @Test
  void aSmallPieceLiesInTheHoleOfALargeOne() {
    Outline frame =
        Plane.cut(
            Outline.of(Contour.rectangle(0, 0, 190, 140, 0)),
            Outline.of(Contour.rectangle(30, 30, 130, 80, 0)));
    Outline small = Outline.of(Contour.rectangle(0, 0, 100, 60, 0));
    NestJob job =
        new NestJob(
            List.of(
                new Blank("s", Outline.of(Contour.rectangle(0, 0, 200, 150, 0)), false),
                new Blank("s", Outline.of(Contour.rectangle(0, 0, 200, 150, 0)), false)),
            List.of(
                new Piece("frame", "f", frame, Rotation.QUARTERS, false, null),
                new Piece("small", "k", small, Rotation.QUARTERS, false, null)),
            2.2,
            5,
            1);
    NestResult result = new Nester(job).look(1).result();
    assertTrue(result.unplaced().isEmpty());
    assertEquals(1, result.sheets().size(), "one sheet takes both");
    check(job, result);
  }

  @Test
  void offcutsComeFirstAndPinnedPiecesStay() {
    Outline square = Outline.of(Contour.rectangle(0, 0, 40, 40, 0));
    Blank rest = new Blank("rest", Outline.of(Contour.rectangle(0, 0, 60, 60, 0)), true);
    Blank sheet = new Blank("sheet", Outline.of(Contour.rectangle(0, 0, 200, 200, 0)), false);
    PieceSpot pin = new PieceSpot("pinned", 1, 100, 100, 0);
    NestJob job =
        new NestJob(
            List.of(rest, sheet),
            List.of(
                new Piece("free", "a", square, Rotation.NONE, false, null),
                new Piece("pinned", "b", square, Rotation.NONE, false, pin),
                new Piece("third", "c", square, Rotation.NONE, false, null)),
            2,
            5,
            7);
    NestResult result = new Nester(job).look(1).result();
    PieceSpot stays =
        result.placements().stream()
            .filter(p -> p.pieceId().equals("pinned"))
            .findFirst()
            .orElseThrow();
    assertEquals(100, stays.xMm(), 1e-6);
    assertEquals(100, stays.yMm(), 1e-6);
    assertEquals(1, result.placements().stream().filter(p -> p.sheet() == 0).count());
    check(job, result);
  }

  @Test
  void whatFitsNowhereIsSaid() {
    NestJob job =
        new NestJob(
            List.of(new Blank("s", Outline.of(Contour.rectangle(0, 0, 100, 100, 0)), false)),
            List.of(
                new Piece(
                    "large",
                    "l",
                    Outline.of(Contour.rectangle(0, 0, 120, 20, 0)),
                    Rotation.FREE,
                    false,
                    null)),
            2,
            5,
            1);
    assertEquals(List.of("large"), new Nester(job).look(1).result().unplaced());
  }

  @Test
  void jigsawsArePutTogetherWell() {
    Nester irregular = new Nester(Jigsaws.irregular(20, 4));
    while (irregular.tries() < 40) {
      irregular.step();
    }
    assertTrue(
        Jigsaws.placed(irregular.result()) > 0.82, "placed " + Jigsaws.placed(irregular.result()));
    check(Jigsaws.irregular(20, 4), irregular.result());
    Nester boxes = new Nester(Jigsaws.rectangles(20, 4));
    while (boxes.tries() < 40) {
      boxes.step();
    }
    assertTrue(Jigsaws.placed(boxes.result()) > 0.85, "placed " + Jigsaws.placed(boxes.result()));
    check(Jigsaws.rectangles(20, 4), boxes.result());
    assertEquals(1, boxes.result().leastSheets());
  }
}
