package emberyard.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class ContourTest {
  /** A star-shaped contour of lines and arcs about the origin. */
  static Contour random(long seed) {
    Random random = new Random(seed);
    int corners = 5 + random.nextInt(8);
    List<Knot> knots = new ArrayList<>();
    for (int i = 0; i < corners; i++) {
      double angle = 2 * Math.PI * (i + 0.2 * random.nextDouble()) / corners;
      double r = 30 + 15 * random.nextDouble();
      double bulge = random.nextBoolean() ? 0 : 0.4 * (random.nextDouble() - 0.5);
      knots.add(new Knot(r * Math.cos(angle), r * Math.sin(angle), bulge));
    }
    return new Contour(knots);
  }

  @Test
  void aCircleIsExact() {
    Contour circle = Contour.circle(3, 4, 10);
    assertEquals(25 * Math.PI, circle.areaMm2(), 1e-9);
    assertEquals(10 * Math.PI, circle.lengthMm(), 1e-9);
    assertEquals(new Rect(-2, -1, 10, 10), circle.bounds());
    assertEquals(10, circle.circle().orElseThrow().diameterMm(), 1e-9);
  }

  @Test
  void aRoundedRectangleLosesItsCorners() {
    Contour box = Contour.rectangle(0, 0, 60, 40, 5);
    assertEquals(60 * 40 - (4 - Math.PI) * 25, box.areaMm2(), 1e-9);
    assertEquals(2 * (50 + 30) + 10 * Math.PI, box.lengthMm(), 1e-9);
    assertTrue(box.circle().isEmpty());
    assertTrue(Contour.rectangle(0, 0, 20, 20, 10).circle().isPresent(), "all corner: a disc");
  }

  /** Against the shoelace formula on ten times finer points. */
  @RepeatedTest(60)
  void areaAndLengthAgreeWithManyPoints(RepetitionInfo run) {
    Contour contour = random(run.getCurrentRepetition());
    List<double[]> points = contour.points(1e-5);
    double area = 0;
    double length = 0;
    for (int i = 0; i < points.size(); i++) {
      double[] p = points.get(i);
      double[] q = points.get((i + 1) % points.size());
      area += (p[0] * q[1] - q[0] * p[1]) / 2;
      length += Math.hypot(q[0] - p[0], q[1] - p[1]);
    }
    assertEquals(area, contour.signedAreaMm2(), 0.05);
    assertEquals(length, contour.lengthMm(), 0.05);
    Rect box = contour.bounds();
    for (double[] p : points) {
      assertTrue(box.distanceMm(p[0], p[1]) < 1e-6);
    }
  }

  @RepeatedTest(30)
  void rigidMovesKeepAreaAndLength(RepetitionInfo run) {
    Contour contour = random(run.getCurrentRepetition());
    Random random = new Random(run.getCurrentRepetition());
    Move move = new Move(12.5, -7, 360 * random.nextDouble(), random.nextBoolean());
    Contour moved = contour.moved(move);
    assertEquals(contour.areaMm2(), moved.areaMm2(), 1e-6);
    assertEquals(contour.lengthMm(), moved.lengthMm(), 1e-6);
    assertEquals(-contour.signedAreaMm2(), contour.reversed().signedAreaMm2(), 1e-9);
  }

  @Test
  void flattenedArcsStayWithinTwoHundredths() {
    Contour circle = Contour.circle(0, 0, 300);
    List<double[]> points = circle.points(Contour.FLATTEN_MM);
    for (int i = 0; i < points.size(); i++) {
      double[] p = points.get(i);
      double[] q = points.get((i + 1) % points.size());
      double middle = Math.hypot((p[0] + q[0]) / 2, (p[1] + q[1]) / 2);
      assertTrue(150 - middle <= Contour.FLATTEN_MM + 1e-9);
    }
  }

  @Test
  void whatLiesBeyondReasonIsRefused() {
    assertThrows(InvalidValue.class, () -> Contour.polygon(0, 0, 1e300, 0, 0, 1));
    assertThrows(InvalidValue.class, () -> Contour.polygon(0, 0, Double.NaN, 0, 0, 1));
    assertThrows(InvalidValue.class, () -> new Contour(List.of(Knot.at(0, 0))));
  }

  @Test
  void untouchedHolesStayExact() {
    Outline plate = Outline.of(Contour.rectangle(0, 0, 100, 60, 0));
    Outline cut =
        Plane.cut(
            plate,
            new Outline(
                List.of(Contour.circle(20, 20, 10), Contour.circle(98, 30, 10)), List.of()));
    assertEquals(1, cut.holes().size(), "the second breaks the edge");
    assertTrue(cut.holes().get(0).circle().isPresent());
    double notch = 25 * Math.PI / 2 + 2 * 5;
    assertTrue(
        cut.areaMm2() < 6000 - 25 * Math.PI - 40, "and takes its part of the edge: " + notch);
  }

  @Test
  void overlappingHolesMelt() {
    Outline plate = Outline.of(Contour.rectangle(0, 0, 100, 60, 0));
    Outline cut =
        Plane.cut(
            plate,
            new Outline(
                List.of(Contour.circle(40, 30, 20), Contour.circle(50, 30, 20)), List.of()));
    assertEquals(1, cut.holes().size());
  }

  @Test
  void offsetsGrowOuterContoursAndShrinkHoles() {
    Outline part =
        Plane.cut(
            Outline.of(Contour.rectangle(0, 0, 100, 60, 0)),
            Outline.of(Contour.circle(50, 30, 20)));
    Outline grown = Plane.offset(part, 0.1);
    assertEquals(100.2, grown.bounds().widthMm(), 1e-3);
    assertEquals(19.8, grown.holes().get(0).circle().orElseThrow().diameterMm(), 1e-9);
    assertEquals(part.areaMm2(), Plane.offset(grown, -0.1).areaMm2(), 0.1);
  }

  @Test
  void evenOddTellsRimsFromHolesAndIslands() {
    Outline three =
        Plane.evenOdd(
            List.of(
                Contour.rectangle(40, 20, 20, 20, 0),
                Contour.rectangle(0, 0, 100, 60, 0),
                Contour.rectangle(30, 10, 40, 40, 0)));
    assertEquals(2, three.outers().size());
    assertEquals(1, three.holes().size());
    assertEquals(6000 - 1600 + 400, three.areaMm2(), 1e-9);
    assertTrue(Plane.evenOdd(List.of()).empty());
    Outline crossing =
        Plane.evenOdd(
            List.of(Contour.rectangle(0, 0, 10, 10, 0), Contour.rectangle(5, 0, 10, 10, 0)));
    assertEquals(100, crossing.areaMm2(), 1e-6);
  }

  @Test
  void lettersHaveTheirCountersAndTheirHeight() {
    Outline text = Lettering.of("HOB", Lettering.Face.SANS, 20);
    assertEquals(3, text.outers().size());
    assertEquals(3, text.holes().size(), "one in O, two in B");
    assertEquals(20, Lettering.of("H", Lettering.Face.SERIF_BOLD, 20).bounds().heightMm(), 0.05);
    assertFalse(Lettering.of("tide 12", Lettering.Face.MONO, 5).empty());
    assertThrows(InvalidValue.class, () -> Lettering.of("  ", Lettering.Face.SANS, 20));
  }

  @Test
  void aLetterInsideARingStaysThere() {
    assertEquals(2, Lettering.of("©", Lettering.Face.SANS, 10).outers().size());
  }
}
