package emberyard.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.fit.stability.Balance;
import emberyard.core.fit.stability.Balance.Load;
import emberyard.core.fit.stability.Balance.Point;
import emberyard.core.fit.stability.Balance.Weight;
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Points of support: their hull is stood on, and what each carries adds up. */
class FootingTest {
  private static final List<Point> TRIANGLE = points(0, 0, 300, 0, 150, 300);

  private static List<Point> points(double... xy) {
    List<Point> points = new ArrayList<>();
    for (int i = 0; i < xy.length; i += 2) {
      points.add(new Point(xy[i], xy[i + 1], 0));
    }
    return points;
  }

  private static Balance on(List<Point> supports, double... kgXyz) {
    List<Weight> weights = new ArrayList<>();
    for (int i = 0; i < kgXyz.length; i += 4) {
      weights.add(new Weight("w", kgXyz[i], kgXyz[i + 1], kgXyz[i + 2], kgXyz[i + 3]));
    }
    return Balance.onPoints(weights, supports);
  }

  /** The rectangle round the triangle said 27.5°. */
  @Test
  void aTriangleTipsOverItsSidesNotOverItsRectangle() {
    Balance balance = on(TRIANGLE, 6, 150, 170, 300, 2, 80, 90, 120);
    assertEquals(11.4, balance.leastTipDegrees(), 0.05);
    assertEquals(3, balance.tips().size());
    assertEquals("front", balance.tips().stream().map(Balance.Tip::over).sorted().toList().get(2));
  }

  /** The rectangle said + 8.5°: it stands. */
  @Test
  void whatLiesOutsideTheTriangleFalls() {
    Balance balance = on(TRIANGLE, 5, 30, 250, 200);
    assertEquals(-23.0, balance.leastTipDegrees(), 0.05);
    assertTrue(balance.loads().stream().anyMatch(load -> load.massKg() < 0));
  }

  @Test
  void threePointsCarryExactlyWhatMomentsSay() {
    Balance balance = on(TRIANGLE, 6, 150, 150, 100);
    assertEquals(List.of(1.5, 1.5, 3.0), balance.loads().stream().map(FootingTest::kg).toList());
    assertEquals(0.5, balance.loads().get(2).share(), 1e-9);
  }

  private static double kg(Load load) {
    return Math.round(load.massKg() * 1e6) / 1e6;
  }

  @Test
  void aFootThatWouldHaveToPullLiftsAndTheOthersCarry() {
    List<Point> fiveFeet = points(0, 0, 100, 0, 200, 0, 0, 100, 1_000, 1_000);
    Balance balance = on(fiveFeet, 10, 40, 40, 50);
    List<Double> carried = balance.loads().stream().map(FootingTest::kg).toList();
    assertTrue(carried.stream().allMatch(kg -> kg >= 0), carried.toString());
    assertEquals(10, carried.stream().mapToDouble(kg -> kg).sum(), 1e-5);
  }

  @Test
  void supportsOnOneLineFallSideways() {
    Balance balance = on(points(0, 0, 100, 0, 300, 0), 4, 150, 10, 200);
    assertTrue(balance.leastTipDegrees() < 0);
    assertEquals(4, balance.loads().stream().mapToDouble(Load::massKg).sum(), 1e-9);
    assertThrows(InvalidValue.class, () -> on(points(5, 5, 5, 5), 1, 0, 0, 0));
    assertThrows(InvalidValue.class, () -> on(points(5, 5), 1, 0, 0, 0));
  }

  @RepeatedTest(300)
  void reactionsKeepForcesAndMomentsAndTheHullAgreesWithASlowLook(RepetitionInfo turn) {
    Random random = new Random(turn.getCurrentRepetition());
    List<Point> supports = new ArrayList<>();
    for (int i = 0; i < 3 + random.nextInt(5); i++) {
      supports.add(new Point(random.nextInt(600), random.nextInt(600), 0));
    }
    Point centre = new Point(random.nextInt(600), random.nextInt(600), 200);
    Balance balance = on(supports, 7, centre.xMm(), centre.yMm(), centre.zMm());
    double fx = 0;
    double fy = 0;
    double sum = 0;
    for (Load load : balance.loads()) {
      sum += load.massKg();
      fx += load.massKg() * load.acrossMm();
      fy += load.massKg() * load.atMm();
    }
    assertEquals(7, sum, 1e-6);
    assertEquals(7 * centre.xMm(), fx, 1e-3);
    assertEquals(7 * centre.yMm(), fy, 1e-3);
    double slow = slowInside(supports, centre);
    assertEquals(Math.toDegrees(Math.atan2(slow, 200)), balance.leastTipDegrees(), 1e-6);
    if (slow > 1e-9) {
      assertTrue(balance.loads().stream().allMatch(load -> load.massKg() > -1e-6), "no foot pulls");
    }
  }

  /** Least distance to a line through two supports that has all others on one side. */
  private static double slowInside(List<Point> supports, Point centre) {
    double least = Double.MAX_VALUE;
    for (Point a : supports) {
      for (Point b : supports) {
        if (distance(a, b) > 0 && supports.stream().allMatch(s -> left(a, b, s) >= -1e-9)) {
          least = Math.min(least, left(a, b, centre) / distance(a, b));
        }
      }
    }
    return least;
  }

  private static double left(Point a, Point b, Point s) {
    return (b.xMm() - a.xMm()) * (s.yMm() - a.yMm()) - (b.yMm() - a.yMm()) * (s.xMm() - a.xMm());
  }

  private static double distance(Point a, Point b) {
    return Math.hypot(a.xMm() - b.xMm(), a.yMm() - b.yMm());
  }
}
