package emberyard.core.fit.worksheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.PostMaterial;
import emberyard.core.build.Worksheet.Standoffs;
import emberyard.core.units.InvalidValue;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class StandoffLoadTest {
  private static Standoffs steel(double coreMm, double heightMm, double down, double side) {
    return new Standoffs(
        4, coreMm, heightMm, down, side, PostMaterial.MILD_STEEL, true, true, "", 4);
  }

  @Test
  void somebodySitsDownOnFourBolts() {
    double sitting = 90 * 9.81 * 2;
    StandoffLoad load = StandoffLoad.of(steel(3.141, 50, sitting, 200));
    assertEquals(57.0, load.axialMpa(), 0.05);
    assertEquals(410.9, load.bendingMpa(), 0.2);
    assertEquals(8.6, load.shearMpa(), 0.05);
    assertEquals(0.53, load.safety(), 0.005);
    assertEquals(3, load.wantedSafety());
    assertFalse(load.holds());
    StandoffLoad m8 = StandoffLoad.of(steel(6.466, 50, sitting, 200));
    assertEquals(60.5, m8.axialMpa() + m8.bendingMpa(), 0.1);
    assertEquals(4.1, m8.safety(), 0.05);
    assertTrue(m8.holds());
    assertTrue(
        load.remedies().get(0).startsWith("Take M8: 4.13-fold safe"), load.remedies().get(0));
    assertTrue(load.remedies().get(1).startsWith("Sleeves of "), load.remedies().get(1));
  }

  @Test
  void threeOfFourCarryAndEndsTurnUnlessSomebodySaysOtherwise() {
    Standoffs plain = new Standoffs(4, 3.3, 60, 0.0, 200.0, PostMaterial.MILD_STEEL, true);
    assertEquals(3, plain.carrying());
    assertEquals(
        32 * (200 / 3.0) * 60 / (Math.PI * Math.pow(3.3, 3)),
        StandoffLoad.of(plain).bendingMpa(),
        1e-9);
    assertEquals(3, new Standoffs(3, 3, 9, 0.0, 0.0, PostMaterial.BRASS, null).carrying());
    assertEquals(6, new Standoffs(8, 3, 9, 0.0, 0.0, PostMaterial.BRASS, null).carrying());
    assertTrue(new Standoffs(1, 3, 9, 0.0, 0.0, PostMaterial.BRASS, null).person());
  }

  /**
   * Reviewed by hand: it was called 5.36-fold safe with K = 0.5 and nothing that holds the plate.
   */
  @Test
  void nylonPostsThatCanSwayDoNotHold() {
    Standoffs nylon = new Standoffs(4, 2.4, 40, 60.0, 0.0, PostMaterial.NYLON, false, true, "", 4);
    StandoffLoad sways = StandoffLoad.of(nylon);
    assertEquals(1.34, sways.safety(), 0.005);
    assertFalse(sways.holds());
    Standoffs held =
        new Standoffs(4, 2.4, 40, 60.0, 0.0, PostMaterial.NYLON, false, true, "the case", 4);
    assertEquals(5.36, StandoffLoad.of(held).safety(), 0.01);
    Standoffs loose = new Standoffs(4, 2.4, 40, 60.0, 0.0, PostMaterial.NYLON, false);
    assertEquals(1.34 / 4 * 3 / 4, StandoffLoad.of(loose).safety(), 0.005, "K 2, three carry");
  }

  /** It was called 3.07-fold safe: nobody looked at shear. */
  @Test
  void aShortStubShearsBeforeItBends() {
    Standoffs stub =
        new Standoffs(1, 10, 2, 0.0, 8_000.0, PostMaterial.MILD_STEEL, false, true, "", 1);
    StandoffLoad load = StandoffLoad.of(stub);
    double shear = 4 * 8_000 / (3 * Math.PI * 25);
    assertEquals(shear, load.shearMpa(), 1e-9);
    assertEquals(0.58 * 250 / shear, load.safety(), 1e-9);
    assertFalse(load.holds());
  }

  @Test
  void withoutALoadNothingIsKnown() {
    StandoffLoad none = StandoffLoad.of(steel(4, 20, 0, 0));
    assertEquals(StandoffLoad.Verdict.NOT_KNOWN, none.verdict());
    assertFalse(none.holds());
    assertEquals(List.of(), none.remedies());
  }

  @Test
  void aPostNeverBearsMoreThanItYieldsAt() {
    double area = Math.PI * 16 / 4;
    assertEquals(250 * area, StandoffLoad.of(steel(4, 1, 100, 0)).bucklingN(), 1e-9);
    assertThrows(
        InvalidValue.class,
        () -> new Standoffs(4, 3, 9, 0.0, 0.0, PostMaterial.BRASS, true, true, "", 5));
  }

  @RepeatedTest(200)
  void moreLoadLongerPostsAndFreerEndsAreNeverSafer(RepetitionInfo turn) {
    Random random = new Random(turn.getCurrentRepetition());
    int count = 1 + random.nextInt(8);
    double core = 2 + random.nextDouble() * 8;
    double height = 5 + random.nextDouble() * 100;
    double down = random.nextDouble() * 3_000;
    double side = random.nextDouble() * 500;
    PostMaterial of = PostMaterial.values()[random.nextInt(PostMaterial.values().length)];
    double safety = safety(count, core, height, down, side, of, true, "the wall");
    double more = 1 + random.nextDouble();
    assertTrue(safety(count, core, height, down * more, side, of, true, "the wall") <= safety);
    assertTrue(safety(count, core, height, down, side * more, of, true, "the wall") <= safety);
    assertTrue(safety(count, core, height * more, down, side, of, true, "the wall") <= safety);
    assertTrue(safety(count, core, height, down, side, of, false, "the wall") <= safety);
    assertTrue(safety(count, core, height, down, side, of, true, "") <= safety);
    assertTrue(safety(count, core * more, height, down, side, of, true, "the wall") >= safety);
  }

  private static double safety(
      int count,
      double core,
      double height,
      double down,
      double side,
      PostMaterial of,
      boolean clamped,
      String heldBy) {
    return StandoffLoad.of(
            new Standoffs(count, core, height, down, side, of, true, clamped, heldBy, null))
        .safety();
  }
}
