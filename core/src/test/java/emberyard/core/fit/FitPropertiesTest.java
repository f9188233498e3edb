package emberyard.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Fitted.Air;
import emberyard.core.build.HoleField;
import emberyard.core.build.ScrewInto;
import emberyard.core.build.Worksheet.Screw;
import emberyard.core.build.Worksheet.Stack;
import emberyard.core.build.Worksheet.StackLayer;
import emberyard.core.fit.air.FanAir;
import emberyard.core.fit.heat.LoopHeat;
import emberyard.core.fit.heat.Radiator;
import emberyard.core.fit.stability.Balance;
import emberyard.core.fit.stability.Balance.Weight;
import emberyard.core.fit.worksheet.ScrewLength;
import emberyard.core.fit.worksheet.StackUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** What must hold for any numbers. */
class FitPropertiesTest {
  private static double between(Random random, double least, double most) {
    return least + random.nextDouble() * (most - least);
  }

  @RepeatedTest(200)
  void toleranceNeverHelpsAndTheWorstIsWorstOfAll(RepetitionInfo turn) {
    Random random = new Random(turn.getCurrentRepetition());
    List<StackLayer> layers = new ArrayList<>();
    for (int i = 0; i <= random.nextInt(6); i++) {
      layers.add(new StackLayer("l" + i, between(random, 0, 20), between(random, 0, 2)));
    }
    Stack stack = new Stack(between(random, 10, 90), between(random, 0, 2), layers, 1);
    StackUp gap = StackUp.of(stack);
    assertTrue(gap.worstGapMm() <= gap.statisticalGapMm() + 1e-9);
    assertTrue(gap.statisticalGapMm() <= gap.gapMm() + 1e-9);
    assertTrue(!gap.fitsWorst() || gap.fitsStatistically());
    // the independent check: every corner of the tolerances
    double smallest = Double.MAX_VALUE;
    for (int corner = 0; corner < 1 << (layers.size() + 1); corner++) {
      double free = stack.cavityMm() + sign(corner, 0) * stack.cavityToleranceMm();
      for (int i = 0; i < layers.size(); i++) {
        free -= layers.get(i).nominalMm() + sign(corner, i + 1) * layers.get(i).toleranceMm();
      }
      smallest = Math.min(smallest, free);
    }
    assertEquals(smallest, gap.worstGapMm(), 1e-9);
  }

  private static int sign(int corner, int bit) {
    return (corner >> bit & 1) == 0 ? -1 : 1;
  }

  @RepeatedTest(200)
  void aScrewHoldsAndStaysInside(RepetitionInfo turn) {
    Random random = new Random(turn.getCurrentRepetition());
    ScrewInto into = ScrewInto.values()[random.nextInt(ScrewInto.values().length)];
    Screw screw =
        new Screw(between(random, 2, 6), between(random, 0, 20), between(random, 1, 40), into, 1);
    ScrewLength length = ScrewLength.of(screw);
    for (int standard : ScrewLength.STANDARD_MM) {
      boolean does = standard >= length.leastMm() && standard <= length.mostMm();
      assertTrue(!does || (length.lengthMm() != null && length.lengthMm() >= standard));
    }
    if (length.lengthMm() != null) {
      assertTrue(length.lengthMm() <= screw.gripMm() + screw.depthMm() - 0.5 + 1e-9);
      double bites = length.lengthMm() - screw.gripMm();
      assertTrue(bites >= into.diameters() * screw.diameterMm() - 1e-9);
    }
  }

  @RepeatedTest(100)
  void moreRadiatorIsNeverWarmer(RepetitionInfo turn) {
    Random random = new Random(turn.getCurrentRepetition());
    int sections = 1 + random.nextInt(4);
    double thickness = between(random, 25, 55);
    double rpm = between(random, 400, 2_000);
    double rise = rise(new Radiator(sections, 120, thickness, rpm, 1));
    assertTrue(rise(new Radiator(sections + 1, 120, thickness, rpm, 1)) < rise);
    assertTrue(rise(new Radiator(sections, 120, thickness + 3, rpm, 1)) < rise);
    assertTrue(rise(new Radiator(sections, 120, thickness, rpm + 50, 1)) < rise);
    assertEquals(2 * rise, rise(new Radiator(sections, 120, thickness, rpm, 0.5)), 1e-9);
  }

  private static double rise(Radiator radiator) {
    return LoopHeat.of(300, List.of(radiator), 1, 1, 22, List.of()).riseK();
  }

  /** Counts points of one cell that lie in a hole: the formula's independent check. */
  @RepeatedTest(12)
  void theOpenShareIsWhatIsOpen(RepetitionInfo turn) {
    Random random = new Random(turn.getCurrentRepetition());
    double pitch = between(random, 4, 20);
    double hole = pitch * between(random, 0.2, 0.9);
    double row = pitch * Math.sqrt(3) / 2;
    int open = 0;
    int points = 200_000;
    for (int i = 0; i < points; i++) {
      double x = random.nextDouble() * pitch;
      double y = random.nextDouble() * 2 * row;
      boolean inside = false;
      for (double[] centre :
          new double[][] {{0, 0}, {pitch, 0}, {pitch / 2, row}, {0, 2 * row}, {pitch, 2 * row}}) {
        inside |= Math.hypot(x - centre[0], y - centre[1]) < hole / 2;
      }
      open += inside ? 1 : 0;
    }
    HoleField field = new HoleField(HoleField.Pattern.STAGGERED, hole, pitch, 0);
    assertEquals((double) open / points, field.openShare(), 0.01);
  }

  @RepeatedTest(100)
  void loadsAddUpAndTheCentreLiesAmongTheWeights(RepetitionInfo turn) {
    Random random = new Random(turn.getCurrentRepetition());
    List<Weight> weights = new ArrayList<>();
    for (int i = 0; i <= random.nextInt(8); i++) {
      weights.add(
          new Weight(
              "w" + i,
              between(random, 0.1, 9),
              between(random, 0, 400),
              between(random, 0, 400),
              between(random, 1, 400)));
    }
    Balance balance =
        Balance.onPoints(
            weights,
            List.of(
                new Balance.Point(-10, -10, 0),
                new Balance.Point(410, -10, 0),
                new Balance.Point(-10, 410, 0),
                new Balance.Point(410, 410, 0)));
    assertEquals(
        balance.massKg(), balance.loads().stream().mapToDouble(Balance.Load::massKg).sum(), 1e-9);
    double left = weights.stream().mapToDouble(Weight::xMm).min().orElseThrow();
    double right = weights.stream().mapToDouble(Weight::xMm).max().orElseThrow();
    assertTrue(balance.centre().xMm() >= left - 1e-9 && balance.centre().xMm() <= right + 1e-9);
    assertTrue(balance.leastTipDegrees() > 0, "it stands on all of its weights");
    // moments about the front line are in balance
    double moment =
        weights.stream().mapToDouble(w -> w.massKg() * (w.yMm() + 10)).sum()
            - (balance.loads().get(2).massKg() + balance.loads().get(3).massKg()) * 420;
    assertEquals(0, moment, 1e-6);
  }

  @RepeatedTest(50)
  void moreOpeningNeverMovesLessAir(RepetitionInfo turn) {
    Random random = new Random(turn.getCurrentRepetition());
    double open = between(random, 0, 20_000);
    FanAir some = FanAir.of("f", 120, 90, Air.INTAKE, open);
    FanAir more = FanAir.of("f", 120, 90, Air.INTAKE, open * 1.1);
    assertTrue(more.flowM3PerHour() >= some.flowM3PerHour());
    assertTrue(some.flowM3PerHour() <= 90 && some.factor() <= 1);
  }
}
