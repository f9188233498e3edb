package emberyard.core.fit.air;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Opening;
import emberyard.core.fit.Proof;
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The air of a case: the handbook's figures, what may never be, and a slow way to the same. */
class CaseAirTest {
  private static final int CASES = 1_000;
  private static final double ROOM_C = 22;

  private static Ventilation fans(double in, double out, double swept, List<Vent> vents) {
    return new Ventilation(in, out, swept, swept, swept, swept, vents);
  }

  @Test
  void theHandbooksExamples() {
    CaseAir driven = CaseAir.of(220, fans(100, 100, 8_330, List.of()), 0, ROOM_C);
    assertEquals(50, driven.flowM3PerHour(), 1e-9);
    assertEquals(13.1, driven.riseK(), 0.05);
    assertEquals(CaseAir.Mover.FANS, driven.moved());
    CaseAir metal = CaseAir.of(220, Ventilation.NONE, 0.54 * 5, ROOM_C);
    assertEquals(81, metal.riseK(), 0.6);
    assertEquals(CaseAir.Mover.NOTHING, metal.moved());
    assertEquals(150, CaseAir.of(220, Ventilation.NONE, 0.54 * 2.7, ROOM_C).riseK(), 2);
    List<Vent> vents = List.of(new Vent(0, 0, 4_000), new Vent(300, 300, 4_000));
    CaseAir rising = CaseAir.of(30, fans(0, 0, 0, vents), 1.5, ROOM_C);
    assertEquals(12.0, rising.riseK(), 0.05);
    assertEquals(3.0, rising.flowM3PerHour(), 0.05);
    assertEquals(CaseAir.Mover.WARMTH, rising.moved());
    assertEquals(20, CaseAir.of(30, Ventilation.NONE, 1.5, ROOM_C).riseK(), 1e-6);
  }

  /** Unequal openings: A* = 1/√(1/a₁² + 1/a₂²) instead of a/√2. */
  @Test
  void unequalOpeningsDrawAsTheHandbookSays() {
    double low = 30e-4;
    double high = 90e-4;
    Draught draught = new Draught(List.of(new Vent(0, 0, 3_000), new Vent(400, 400, 9_000)));
    double star = 1 / Math.sqrt(1 / (low * low) + 1 / (high * high));
    double byHand = 0.6 * star * Math.sqrt(2 * 9.81 * 0.4 * 10 / 295.15);
    assertEquals(byHand, draught.m3PerSecond(10, ROOM_C), byHand * 1e-6);
  }

  /** One hand-high opening lets air in below and out above; a slot of no height lets none. */
  @Test
  void aTallOpeningBreathesByItself() {
    assertTrue(new Draught(List.of(new Vent(0, 400, 100_000))).m3PerSecond(10, ROOM_C) > 0);
    assertEquals(0, new Draught(List.of(new Vent(100, 100, 9_000))).m3PerSecond(10, ROOM_C), 1e-9);
  }

  /** An open top: 0.055 √(g D⁵ ΔT/T) by hand, for 0.3 m across and 10 K. */
  @Test
  void anOpenTopExchangesItsAir() {
    double side = 300 * Math.sqrt(Math.PI) / 2;
    Opening top = new Opening("o", "Top", Face.TOP, 0, 0, side, side, null, false);
    Enclosure box = Proof.box(400, List.of(), List.of(top));
    double byHand = 0.055 * Math.sqrt(9.81 * Math.pow(0.3, 5) * 10 / 295.15);
    Draught draught = new Draught(List.of(Vent.of(box, top, top.openMm2())));
    assertEquals(byHand, draught.m3PerSecond(10, ROOM_C), 0.03 * byHand);
  }

  @Test
  void fansNeedAWayInAndOut() {
    assertEquals(0, new Ventilation(100, 0, 8_330, 0, 8_330, 0, List.of()).byFansM3PerHour(), 0);
    Vent third = new Vent(0, 0, 3_332);
    Ventilation half = new Ventilation(0, 100, 0, 8_330, 0, 8_330, List.of(third));
    assertEquals(25, half.byFansM3PerHour(), 1e-9);
    Ventilation enough =
        new Ventilation(0, 100, 0, 8_330, 0, 8_330, List.of(new Vent(0, 0, 6_664)));
    assertEquals(50, enough.byFansM3PerHour(), 1e-9);
  }

  @Test
  void whereHeatCantLeaveThatIsSaid() {
    InvalidValue no =
        assertThrows(InvalidValue.class, () -> CaseAir.of(10, Ventilation.NONE, 0, ROOM_C));
    assertEquals("wallsWPerK", no.field());
    assertEquals(0, CaseAir.of(0, Ventilation.NONE, 0, ROOM_C).riseK(), 0);
  }

  private record Case(double heatW, Ventilation air, double walls) {
    CaseAir solved() {
      return CaseAir.of(heatW, air, walls, ROOM_C);
    }
  }

  private static Case any(Random random) {
    List<Vent> vents = new ArrayList<>();
    for (int i = random.nextInt(5); i > 0; i--) {
      double low = 600 * random.nextDouble();
      double tall = random.nextBoolean() ? 0 : 400 * random.nextDouble();
      vents.add(new Vent(low, low + tall, 20_000 * random.nextDouble()));
    }
    double in = random.nextBoolean() ? 0 : 300 * random.nextDouble();
    double out = random.nextBoolean() ? 0 : 300 * random.nextDouble();
    double sweptIn = in == 0 ? 0 : 4_000 + 30_000 * random.nextDouble();
    double sweptOut = out == 0 ? 0 : 4_000 + 30_000 * random.nextDouble();
    return new Case(
        1 + 900 * random.nextDouble(),
        new Ventilation(
            in, out, sweptIn, sweptOut, 1.2 * sweptIn, sweptOut * random.nextDouble(), vents),
        0.2 + 6 * random.nextDouble());
  }

  @Test
  void theEnergyCloses() {
    Random random = new Random(1);
    for (int i = 0; i < CASES; i++) {
      CaseAir air = any(random).solved();
      assertEquals(air.heatW(), air.airW() + air.throughWallsW(), 0.001 * air.heatW(), "case " + i);
      assertEquals(air.airW(), 1206 * air.flowM3PerHour() / 3_600 * air.riseK(), 1e-6);
    }
  }

  @Test
  void neverCoolerWithLessOpenMoreWattsOrThickerWalls() {
    Random random = new Random(2);
    for (int i = 0; i < CASES; i++) {
      Case given = any(random);
      double rise = given.solved().riseK() - 1e-6;
      double less = random.nextDouble();
      assertTrue(new Case(1.1 * given.heatW, given.air, given.walls).solved().riseK() >= rise);
      assertTrue(new Case(given.heatW, given.air, less * given.walls).solved().riseK() >= rise);
      if (!given.air.vents().isEmpty()) {
        List<Vent> smaller = new ArrayList<>(given.air.vents());
        int at = random.nextInt(smaller.size());
        Vent vent = smaller.get(at);
        smaller.set(at, new Vent(vent.lowMm(), vent.highMm(), less * vent.openMm2()));
        Ventilation air = with(given.air, smaller);
        double then = new Case(given.heatW, air, given.walls).solved().riseK();
        assertTrue(then >= rise, "case " + i + ": " + then + " after " + rise);
      }
    }
  }

  private static Ventilation with(Ventilation air, List<Vent> vents) {
    return new Ventilation(
        air.inM3PerHour(),
        air.outM3PerHour(),
        air.sweptInMm2(),
        air.sweptOutMm2(),
        air.byInMm2(),
        air.byOutMm2(),
        vents);
  }

  /** The slow way: vents cut in strips, the level searched by steps, the air warmed up by time. */
  @Test
  void aSlowWayComesToTheSame() {
    Random random = new Random(3);
    for (int i = 0; i < 60; i++) {
      Case given = any(random);
      double rise = given.solved().riseK();
      assertEquals(rise, slow(given), 0.02 * rise + 0.05, "case " + i);
    }
  }

  private static double slow(Case given) {
    double fans = given.air.byFansM3PerHour() / 3_600;
    double drawing = slowDrawing(given.air.vents());
    double joulePerK = 400;
    double rise = 0;
    for (int step = 0; step < 40_000; step++) {
      double rising = 0.6 * drawing * Math.sqrt(2 * 9.81 * rise / 295.15);
      double leaving = rise * (1206 * Math.max(fans, rising) + given.walls);
      rise += (given.heatW - leaving) * 0.5 / joulePerK;
    }
    return rise;
  }

  private static double slowDrawing(List<Vent> vents) {
    double best = 0;
    double least = Double.MAX_VALUE;
    for (double level = 0; level <= 1_000; level += 1) {
      double in = 0;
      double out = 0;
      for (Vent vent : vents) {
        for (int strip = 0; strip < 50; strip++) {
          double at = vent.lowMm() + (vent.highMm() - vent.lowMm()) * (strip + 0.5) / 50;
          double each = vent.openMm2() / 50e6;
          in += at < level ? each * Math.sqrt((level - at) / 1e3) : 0;
          out += at > level ? each * Math.sqrt((at - level) / 1e3) : 0;
        }
      }
      if (Math.abs(in - out) < least) {
        least = Math.abs(in - out);
        best = (in + out) / 2;
      }
    }
    return best;
  }
}
