package emberyard.core.finish;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.CutFigure;
import emberyard.core.build.OutsideFinish;
import emberyard.core.build.Treatment;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.finish.film.FilmRoll;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.Rect;
import emberyard.core.work.Work;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.index.strtree.STRtree;

/** Film on its roll, touches, and work that is sent out. */
class FilmAndOutsideTest {
  private static Treatment decal(String id, boolean inside, Treatment.Laying laying) {
    return new Treatment(
        id,
        "Decal " + id,
        Treatment.Kind.DECAL,
        "p1",
        null,
        "film-red",
        CutFigure.rectangle(100, 40),
        60.0,
        40.0,
        2,
        null,
        inside,
        laying,
        null);
  }

  private static TreatmentTarget treated(Treatment treatment) {
    return new TreatmentTarget(
        treatment,
        Outline.of(Contour.rectangle(10, 20, 100, 40, 0)),
        "Left window",
        1_600,
        "part:p1/cut");
  }

  @Test
  void decalsLieOnTheRollApartAndInsideAndTheLengthIsBought() {
    List<FilmRoll.Decal> decals = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      Outline shape = Outline.of(Contour.rectangle(5, 5, 60 + 9 * i, 30 + 4 * i, 2));
      decals.add(new FilmRoll.Decal("d" + i, "d" + i, shape, 1 + i % 2));
    }
    FilmRoll roll = FilmRoll.of(300, decals);
    assertEquals(13, roll.pieces().size());
    apart(roll);
    double area = decals.stream().mapToDouble(d -> d.outline().areaMm2() * d.quantity()).sum();
    assertTrue(area / (roll.lengthMm() * 300) > 0.5, "not wasted");
  }

  /** Knows nothing of how they were laid: it looks at where they lie. */
  private static void apart(FilmRoll roll) {
    STRtree near = new STRtree();
    for (FilmRoll.FilmPiece piece : roll.pieces()) {
      Rect box = piece.outline().bounds();
      assertTrue(box.yMm() >= 3.9 && box.top() <= roll.widthMm() - 3.9, "on the roll");
      assertTrue(box.xMm() >= 3.9 && box.right() <= roll.lengthMm() - 3.9, "on its length");
      Geometry one = Plane.geometry(piece.outline());
      near.insert(one.getEnvelopeInternal(), one);
    }
    for (FilmRoll.FilmPiece piece : roll.pieces()) {
      Geometry one = Plane.geometry(piece.outline());
      Envelope around = new Envelope(one.getEnvelopeInternal());
      around.expandBy(3);
      List<?> about = near.query(around);
      long close = about.stream().filter(other -> ((Geometry) other).distance(one) < 2.9).count();
      assertEquals(1, close, "nothing nearer than the gap but itself");
    }
  }

  @Test
  void manyEqualDecalsRepeatTheDensestStripAndTakeNoMoreRoomThanAFewDo() {
    Outline round = Outline.of(Contour.circle(50, 50, 60));
    double few = FilmRoll.of(600, List.of(new FilmRoll.Decal("t", "t", round, 96))).lengthMm() / 96;
    FilmRoll roll = FilmRoll.of(600, List.of(new FilmRoll.Decal("t", "t", round, 499)));
    assertEquals(499, roll.pieces().size());
    assertEquals(List.of(), roll.unplaced(), "a roll is as long as it has to be");
    apart(roll);
    assertTrue(roll.lengthMm() / 499 <= 1.05 * few, roll.lengthMm() / 499 + " against " + few);
  }

  @Test
  void veryManyDifferentDecalsStandInColumns() {
    List<FilmRoll.Decal> decals = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      Outline star = Outline.of(Contour.polygon(0, 0, 40 + i, 5, 20, 30 + 2 * i));
      decals.add(new FilmRoll.Decal("d" + i, "d" + i, star, 20 + i));
    }
    decals.add(new FilmRoll.Decal("w", "w", Outline.of(Contour.rectangle(0, 0, 90, 310, 0)), 1));
    FilmRoll roll = FilmRoll.of(300, decals);
    assertEquals(decals.stream().mapToInt(FilmRoll.Decal::quantity).sum(), roll.pieces().size());
    apart(roll);
  }

  @Test
  void whatIsWiderThanTheRollIsSaid() {
    Outline wide = Outline.of(Contour.rectangle(0, 0, 400, 350, 0));
    FilmRoll roll = FilmRoll.of(300, List.of(new FilmRoll.Decal("w", "wide", wide, 1)));
    assertEquals(List.of("wide"), roll.unplaced());
    assertEquals(0, roll.lengthMm());
  }

  @Test
  void filmOnTheInsideIsMirroredAndWetLayingTakesLonger() {
    Outline triangle = emberyard.core.geometry.Outline.of(corner());
    TreatmentTarget inside = new TreatmentTarget(decal("a", true, null), triangle, "w", 100, "");
    var film = TreatmentWork.decals(List.of(inside), FinishSamples.book());
    Outline cut = film.values().iterator().next().get(0).outline();
    assertEquals(triangle.areaMm2(), cut.areaMm2(), 1e-6);
    double left = Plane.geometry(cut).getCentroid().getX() / cut.bounds().widthMm();
    double before =
        (Plane.geometry(triangle).getCentroid().getX() - triangle.bounds().xMm())
            / triangle.bounds().widthMm();
    assertEquals(1 - before, left, 1e-6, "left and right have changed places");
    int dry = minutes(decal("a", false, Treatment.Laying.DRY));
    int wet = minutes(decal("a", false, Treatment.Laying.WET));
    assertEquals(20, wet - dry, "ten minutes more for each of two");
  }

  private static Contour corner() {
    return new Contour(
        List.of(
            emberyard.core.geometry.Knot.at(0, 0),
            emberyard.core.geometry.Knot.at(30, 0),
            emberyard.core.geometry.Knot.at(0, 20)));
  }

  private static int minutes(Treatment treatment) {
    Work work =
        TreatmentWork.derive(
            List.of(treated(treatment)), List.of(), FinishSamples.book(), "make/dry-fit");
    return work.tasks().get(0).handsOnMinutes();
  }

  @Test
  void filmOverPaintRestsTwoDaysBehindTheCure() {
    SchemePlan plan =
        SchemePlan.of(
            FinishSamples.painted(FinishSamples.plain("s", 0, 2), Substrate.STEEL),
            FinishSamples.book());
    Work work =
        TreatmentWork.derive(
            List.of(treated(decal("a", false, null))),
            List.of(plan),
            FinishSamples.book(),
            "make/dry-fit");
    assertEquals("treatment:a/rest", work.tasks().get(0).key());
    assertEquals(2 * 24 * 60, work.tasks().get(0).waitMinutes());
    assertTrue(work.tasks().get(0).after().contains("scheme:s/cured"));
    assertTrue(work.tasks().get(1).after().contains("treatment:a/rest"));
    assertEquals("film:film-red", work.needs().get(0).key());
    assertEquals(0.06, work.needs().get(0).quantity(), 1e-9, "both beside each other: 48 mm");
  }

  @Test
  void edgeLinesAndWeatheringHaveTheirUsualTimes() {
    Treatment line =
        new Treatment(
            "e",
            "Brass line",
            Treatment.Kind.EDGE_LINE,
            "p1",
            null,
            null,
            null,
            null,
            null,
            1,
            2.0,
            null,
            null,
            null);
    Work work =
        TreatmentWork.derive(
            List.of(new TreatmentTarget(line, Outline.NONE, "Front", 1_600, "")),
            List.of(),
            FinishSamples.book(),
            "x");
    assertTrue(work.tasks().get(0).title().contains("1.60 m"), work.tasks().get(0).title());
    assertEquals(20, work.tasks().get(0).handsOnMinutes());
  }

  @Test
  void aPictureThatIsTooCoarseIsRefusedWithTheSizeThatWouldDo() {
    assertEquals(101.6, OutsideWork.dotsPerInch(1_200, 300), 0.01);
    OutsideFinish print =
        new OutsideFinish(
            "o",
            "Print",
            OutsideFinish.Process.UV_PRINT,
            "p1",
            "quay",
            6_400,
            6,
            1_200,
            300.0,
            1.0,
            false);
    var build = Samples.build();
    Work work = OutsideWork.derive(build.with(OutsideFinish.class, List.of(print)), "make/dry-fit");
    assertTrue(work.findings().get(0).detail().contains("1,772 px would do"));
    assertTrue(work.findings().get(1).title().startsWith("Only 1.0 mm bleed"));
    assertEquals(6 * 24 * 60, work.tasks().get(0).waitMinutes(), "away");
    assertTrue(work.tasks().get(1).gate(), "looked at when it is back");
    assertEquals(6_400, work.needs().get(0).unitPriceMinor());
    assertFalse(work.tasks().get(0).title().isBlank());
  }
}
