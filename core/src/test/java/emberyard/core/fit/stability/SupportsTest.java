package emberyard.core.fit.stability;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bay;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Seat;
import emberyard.core.build.Size;
import emberyard.core.build.Support;
import emberyard.core.build.Supports;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import emberyard.core.fit.stability.Balance.Load;
import emberyard.core.fit.stability.Balance.Point;
import emberyard.core.fit.stability.Balance.Stand;
import emberyard.core.fit.stability.Balance.Weight;
import emberyard.core.geometry.Box;
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Named feet and lines, what each carries and may carry, and what to move where it is too much. */
class SupportsTest extends Proof {
  private static final Support HITCH = Support.foot("hitch", "hitch", 200, 0);
  private static final Support AXLE = Support.across("axle", "axle", 0, 400, 600);

  /** A trailer 400 × 800 × 300 mm: 4 kg of supply with its middle at (200, 150, 50). */
  @BeforeEach
  void trailer() {
    enclosure =
        Enclosure.plain(
            "e",
            "Trailer",
            Enclosure.Origin.SCRATCH,
            new Size(400, 300, 800),
            List.of(
                Bay.of(
                    "b", "Front part", new Box(150, 100, 0, 100, 100, 100), Face.TOP, Seat.SUPPLY)),
            List.of());
    components.add(
        boxed("s", ComponentKind.SUPPLY, 100, 100, 100, Seat.SUPPLY).with().massKg(4).build());
    on(HITCH, AXLE);
  }

  private void on(Support... supports) {
    enclosure = enclosure.with(new Supports(Supports.Kind.AXLES, List.of(supports)));
  }

  private Load load(int index) {
    return fit().model().stability().balance().loads().get(index);
  }

  /**
   * No single thing moved back is enough: each move that leaves less on the hitch is taken, until
   * nothing is too much.
   */
  @Test
  void placedWithOneThingAfterTheOtherFurtherBack() {
    enclosure =
        Enclosure.plain(
            "e",
            "Trailer",
            Enclosure.Origin.SCRATCH,
            new Size(240, 200, 1_000),
            List.of(
                Bay.of("f", "Front", new Box(10, 10, 10, 220, 300, 180), Face.TOP, Seat.FREE),
                Bay.of("m", "Middle", new Box(10, 320, 10, 220, 310, 180), Face.TOP, Seat.FREE),
                Bay.of("r", "Rear", new Box(10, 640, 10, 220, 350, 180), Face.TOP, Seat.FREE)),
            List.of());
    components.clear();
    components.add(heavy("supply", 150, 140, 86, 2.4));
    components.add(heavy("accu", 80, 150, 80, 1.8));
    components.add(heavy("board", 110, 170, 60, 1.1));
    Support axle = Support.across("axle", "axle", 20, 220, 700);
    on(Support.foot("hitch", "hitch", 120, 0).atMost(1.5), axle);
    assertTrue(work().findings().stream().noneMatch(f -> f.key().startsWith("support:")));
    assertTrue(load(0).worstKg() <= 1.35, "nine tenths of what it may: " + load(0));
  }

  private static Component heavy(String id, double w, double d, double h, double massKg) {
    return boxed(id, ComponentKind.OTHER, w, d, h, Seat.FREE).with().massKg(massKg).build();
  }

  /** 4 kg and 5 % for leads: 4.2 × (600 − 150)/600. */
  @Test
  void theHitchCarriesWhatTheLeverSays() {
    assertEquals("hitch", load(0).name());
    assertEquals(3.15, load(0).massKg(), 1e-9);
    assertEquals(3.15, load(0).worstKg(), 1e-9, "three points are exact");
    assertEquals(1.05, load(1).massKg(), 1e-9);
    assertTrue(work().findings().stream().noneMatch(f -> f.key().startsWith("support:")));
  }

  @Test
  void overItsLimitIsAStopWithWhatToMoveHowFar() {
    on(HITCH.atMost(1.5), AXLE);
    Finding over = found("support:hitch/over").orElseThrow();
    assertEquals(Severity.STOP, over.severity());
    assertEquals("Too much on “hitch”: 3.15 kg, at most 1.5 kg", over.title());
    assertEquals(
        List.of("Set “axle” 379 mm further to the front", "Move s (4.00 kg) 270 mm further back"),
        over.remedies().stream().map(Remedy::label).toList());
  }

  /** The first way out is pressed; the other is done by hand. Nothing is left of the finding. */
  @Test
  void theWaysOutHold() {
    on(HITCH.atMost(1.5), AXLE);
    Finding over = found("support:hitch/over").orElseThrow();
    List<Support> moved = new ArrayList<>();
    over.remedies().get(0).change().items().forEach(each -> moved.add((Support) each));
    on(moved.toArray(Support[]::new));
    assertTrue(load(0).worstKg() <= 1.35, "nine tenths of what it may");
    assertTrue(found("support:hitch/over").isEmpty());
    on(HITCH.atMost(1.5), AXLE);
    enclosure =
        enclosure.with(
            Bay.of("b", "Front part", new Box(150, 370, 0, 100, 100, 100), Face.TOP, Seat.SUPPLY));
    assertTrue(load(0).worstKg() <= 1.35);
  }

  @Test
  void nearItsLimitIsARisk() {
    on(HITCH.atMost(3.4), AXLE);
    Finding near = found("support:hitch/near").orElseThrow();
    assertEquals(Severity.RISK, near.severity());
    assertEquals("Nearly too much on “hitch”: 3.15 kg, at most 3.4 kg", near.title());
    on(HITCH.atMost(3.51), AXLE);
    assertTrue(found("support:hitch/near").isEmpty());
  }

  /** Four feet share evenly on a flat floor; on three of them one carries the most it can. */
  @Test
  void theWorstThreeFeetCountForALimit() {
    Weight eight = new Weight("w", 8, 150, 150, 100);
    List<Stand> corners = stands(square(400));
    Balance balance = Balance.on(List.of(eight), corners);
    assertEquals(3, balance.loads().get(0).massKg(), 1e-9);
    assertEquals(5, balance.loads().get(0).worstKg(), 1e-9);
  }

  @Test
  void aFootTooFarOffLifts() {
    on(
        Support.foot("a", "a", 50, 140),
        Support.foot("b", "b", 350, 140),
        Support.foot("c", "c", 50, 300),
        Support.foot("d", "d", 350, 300),
        Support.foot("far", "far foot", 200, 790));
    Finding lifts = found("support:far/lifts").orElseThrow();
    assertEquals(Severity.NOTE, lifts.severity());
    assertEquals("Nothing rests on “far foot”", lifts.title());
    assertEquals(0, load(4).massKg(), 1e-9);
    assertEquals(
        4.2,
        fit().model().stability().balance().loads().stream().mapToDouble(Load::massKg).sum(),
        1e-9);
  }

  @Test
  void tippingOverASlantedEdgeNamesWhatItJoins() {
    on(HITCH, AXLE);
    List<String> edges =
        fit().model().stability().balance().tips().stream()
            .map(Balance.Tip::over)
            .sorted()
            .toList();
    assertEquals(List.of("axle, left to hitch", "back", "hitch to axle, right"), edges);
  }

  @Test
  void whatHangsHasNoLoadsAndDoesNotTip() {
    on();
    Balance balance = fit().model().stability().balance();
    assertTrue(balance.loads().isEmpty() && balance.tips().isEmpty());
    assertNull(balance.leastTipDegrees());
    on(Support.foot("a", "a", 10, 10), Support.foot("b", "b", 10, 10));
    assertTrue(fit().model().stability().balance().loads().isEmpty(), "one point only");
  }

  @Test
  void theScalesGoBeforeTheSum() {
    enclosure = weighed(null, 10.0);
    assertEquals(10, fit().massKg(), 1e-9);
    assertEquals(150, fit().model().stability().balance().centre().yMm(), 1e-9);
    enclosure = weighed(null, 2.0);
    assertEquals(2, fit().massKg(), 1e-9, "lighter than the list says");
    enclosure = weighed(6.0, null);
    assertEquals(10.5, fit().massKg(), 1e-9, "with the enclosure in the middle of its box");
    assertEquals(
        (4 * 150 + 6 * 400) / 10.0, fit().model().stability().balance().centre().yMm(), 1e-9);
    components.add(Component.one("c", "Case", ComponentKind.ENCLOSURE).massKg(6).build());
    assertEquals(10.5, fit().massKg(), 1e-9, "it isn't counted twice");
  }

  private Enclosure weighed(Double emptyKg, Double wholeKg) {
    Enclosure e = enclosure;
    return new Enclosure(
        e.id(),
        e.name(),
        e.origin(),
        "",
        e.widthMm(),
        e.depthMm(),
        e.heightMm(),
        e.bays(),
        e.openings(),
        e.mounts(),
        e.supports(),
        null,
        emptyKg,
        wholeKg,
        22,
        32);
  }

  @Test
  void twoOfOneNameOrALimitOfNothingAreRefused() {
    assertThrows(InvalidValue.class, () -> on(HITCH, HITCH));
    assertThrows(InvalidValue.class, () -> HITCH.atMost(0.0));
    assertThrows(InvalidValue.class, () -> Support.foot("a", "a", 6_000, 0));
    assertFalse(Support.foot("a", "a", 0, 0).line());
  }

  private static Point[] square(double side) {
    return new Point[] {
      new Point(0, 0, 0), new Point(side, 0, 0), new Point(0, side, 0), new Point(side, side, 0)
    };
  }

  private static List<Stand> stands(Point... points) {
    return Arrays.stream(points).map(p -> new Stand("p", List.of(p), null)).toList();
  }

  /**
   * Whatever stands under it: loads sum to the weight, moments to zero, no load is worse than the
   * worst, and that is what a slow search over all ways to stand on three points says.
   */
  @RepeatedTest(300)
  void loadsSumUpAndNoneIsWorseThanTheWorst(RepetitionInfo turn) {
    Random random = new Random(turn.getCurrentRepetition());
    List<Stand> stands = new ArrayList<>();
    for (int i = 0; i < 3 + random.nextInt(3); i++) {
      Point from = new Point(random.nextInt(600), random.nextInt(600), 0);
      Point to = new Point(random.nextInt(600), random.nextInt(600), 0);
      stands.add(
          new Stand("s" + i, random.nextBoolean() ? List.of(from) : List.of(from, to), null));
    }
    Weight weight = new Weight("w", 7, 200 + random.nextInt(200), 200 + random.nextInt(200), 90);
    Balance balance = Balance.on(List.of(weight), stands);
    double sum = balance.loads().stream().mapToDouble(Load::massKg).sum();
    assertEquals(7, sum, 1e-6);
    boolean stood = balance.leastTipDegrees() > 1e-6;
    for (int i = 0; i < stands.size(); i++) {
      Load load = balance.loads().get(i);
      assertTrue(load.worstKg() >= load.massKg() - 1e-9);
      if (stood) {
        assertEquals(slowWorst(stands, i, weight), load.worstKg(), 1e-6);
      }
    }
  }

  /** By Cramer's rule over sums and moments. */
  private static double slowWorst(List<Stand> stands, int of, Weight w) {
    List<Point> all = stands.stream().flatMap(s -> s.points().stream()).toList();
    double worst = 0;
    for (Point a : all) {
      for (Point b : all) {
        for (Point c : all) {
          double d = det(a, b, c);
          if (Math.abs(d) < 1e-6) {
            continue;
          }
          Point at = new Point(w.xMm(), w.yMm(), 0);
          double[] kg = {
            w.massKg() * det(at, b, c) / d,
            w.massKg() * det(a, at, c) / d,
            w.massKg() * det(a, b, at) / d
          };
          if (kg[0] > -1e-8 && kg[1] > -1e-8 && kg[2] > -1e-8) {
            List<Point> own = stands.get(of).points();
            double mine = own.contains(a) ? kg[0] : 0;
            mine += own.contains(b) ? kg[1] : 0;
            mine += own.contains(c) ? kg[2] : 0;
            worst = Math.max(worst, mine);
          }
        }
      }
    }
    return worst;
  }

  private static double det(Point a, Point b, Point c) {
    return a.xMm() * (b.yMm() - c.yMm())
        - a.yMm() * (b.xMm() - c.xMm())
        + (b.xMm() * c.yMm() - c.xMm() * b.yMm());
  }
}
