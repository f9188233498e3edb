package emberyard.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.HoleField;
import emberyard.core.build.KeepOut;
import emberyard.core.build.Loop;
import emberyard.core.build.ScrewInto;
import emberyard.core.build.Support;
import emberyard.core.build.Worksheet.Screw;
import emberyard.core.build.Worksheet.Stack;
import emberyard.core.build.Worksheet.StackLayer;
import emberyard.core.fit.air.AirBalance;
import emberyard.core.fit.air.FanAir;
import emberyard.core.fit.heat.LoopHeat;
import emberyard.core.fit.heat.LoopHeat.Chip;
import emberyard.core.fit.heat.Radiator;
import emberyard.core.fit.power.Power;
import emberyard.core.fit.stability.Balance;
import emberyard.core.fit.stability.Balance.Stand;
import emberyard.core.fit.stability.Balance.Weight;
import emberyard.core.fit.worksheet.ScrewLength;
import emberyard.core.fit.worksheet.StackUp;
import emberyard.core.units.InvalidValue;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The worked examples of the docstrings. */
class HandbookFitTest {
  @Test
  void stackWithWorstCaseAndStatisticalGap() {
    List<StackLayer> layers =
        List.of(
            new StackLayer("board", 1.6, 0.2),
            new StackLayer("standoffs", 6.5, 0.1),
            new StackLayer("cooler", 47, 0.5),
            new StackLayer("plug", 3, 0.5));
    StackUp gap = StackUp.of(new Stack(62, 0.5, layers, 2.1));
    assertEquals(3.9, gap.gapMm(), 1e-9);
    assertEquals(2.1, gap.worstGapMm(), 1e-9);
    assertEquals(3.01, gap.statisticalGapMm(), 0.005);
    assertTrue(gap.fitsWorst(), "just");
    StackUp more = StackUp.of(new Stack(62, 0.5, layers, 2.2));
    assertFalse(more.fitsWorst());
    assertTrue(more.fitsStatistically());
    assertEquals(5, gap.why().inputs().size());
  }

  @Test
  void coolantThatTubeDoesNotStandIsSaid() {
    List<Radiator> slow = List.of(new Radiator(1, 120, 30, 300, 1));
    assertEquals("", LoopHeat.of(60, slow, 1, 1, 22, List.of()).remark());
    assertTrue(LoopHeat.of(150, slow, 1, 1, 22, List.of()).remark().contains("tube softens"));
    assertTrue(LoopHeat.of(900, slow, 1, 1, 22, List.of()).remark().contains("would boil"));
  }

  @Test
  void theLongestScrewThatHoldsAndDoesNotComeThrough() {
    ScrewLength insert = ScrewLength.of(new Screw(3, 4, 9, ScrewInto.INSERT, 4));
    assertEquals(10, insert.leastMm());
    assertEquals(12.5, insert.mostMm());
    assertEquals(12, insert.lengthMm());
    assertEquals(5, ScrewLength.of(new Screw(3, 2, 4, ScrewInto.STEEL, 4)).lengthMm());
    assertNull(ScrewLength.of(new Screw(4, 3, 5, ScrewInto.PLASTIC, 4)).lengthMm());
    ScrewLength wood = ScrewLength.of(new Screw(4, 6, 8, ScrewInto.WOOD, 4));
    assertEquals(13.5, wood.leastMm(), "all there is");
    assertEquals(13.5, wood.mostMm());
    assertEquals(12, wood.lengthMm(), "the longest there is, told of");
    assertEquals(6, wood.bitesMm());
    assertNull(ScrewLength.of(new Screw(4, 4, 0.5, ScrewInto.WOOD, 4)).lengthMm(), "no wood there");
    assertEquals(10, ScrewLength.of(new Screw(4, 6, 12, ScrewInto.WOOD, 4)).bitesMm());
  }

  @Test
  void theSupplyIsAQuarterLargerThanWhatIsDrawn() {
    Power power =
        Power.of(
            List.of(
                part("cpu", ComponentKind.PROCESSOR, 105, 0),
                part("gpu", ComponentKind.GRAPHICS, 220, 0),
                part("rest", ComponentKind.OTHER, 39, 0),
                part("supply", ComponentKind.SUPPLY, 0, 450)),
            0);
    assertEquals(455, power.wantedWatts(), 1e-9);
    assertEquals(500, power.standardWatts());
    assertEquals(496, power.transientWatts(), 1e-9);
    assertEquals(450, power.supplyWatts());
    assertFalse(power.excursionStated());
  }

  private static Component part(String id, ComponentKind kind, double watts, double gives) {
    return Component.one(id, id, kind)
        .supplierId("quay")
        .massKg(1)
        .peakWatts(watts)
        .supplyWatts(gives)
        .build();
  }

  @Test
  void aLoopGetsAsWarmAsItsRadiatorsLetIt() {
    Radiator three = new Radiator(3, 120, 45, 1_200, 1);
    assertEquals(24.3, three.conductance(), 1e-9);
    LoopHeat heat =
        LoopHeat.of(420, List.of(three), 0.9, 2.2, 22, List.of(new Chip("cpu", 120, 0.18, 95)));
    assertEquals(17.3, heat.riseK(), 0.05);
    assertEquals(22 + heat.riseK() + 21.6, heat.chips().get(0).temperatureC(), 1e-9);
    assertEquals(95 - 60.88, heat.chips().get(0).marginK(), 0.01);
    assertEquals(3.2, heat.tauMinutes(), 0.05);
    assertEquals(9.5, heat.settleMinutes(), 0.05);
    LoopHeat slow =
        LoopHeat.of(420, List.of(new Radiator(3, 120, 45, 900, 1)), 0.9, 2.2, 22, List.of());
    assertEquals(20.5, slow.riseK(), 0.05);
    LoopHeat larger = LoopHeat.of(420, List.of(three), 1.9, 2.2, 22, List.of());
    assertEquals(6.0, larger.tauMinutes(), 0.1);
    assertEquals(heat.riseK(), larger.riseK(), 1e-9, "more coolant is slower, not cooler");
    double settled = LoopHeat.riseAfterK(heat.riseK(), heat.tauMinutes(), heat.settleMinutes());
    assertEquals(0.95 * heat.riseK(), settled, 0.01 * heat.riseK());
    assertEquals(0, heat.settling().get(0).riseK(), 1e-12);
    assertEquals(heat.riseK(), heat.settling().get(40).riseK(), 0.01 * heat.riseK());
  }

  @Test
  void thicknessCountsInStraightLines() {
    assertEquals(1, Radiator.thicknessFactor(30), 1e-12);
    assertEquals(1.08, Radiator.thicknessFactor(45), 1e-12);
    assertEquals(1.15, Radiator.thicknessFactor(60), 1e-12);
    assertEquals(1.15, Radiator.thicknessFactor(80), 1e-12);
    assertTrue(Radiator.thicknessFactor(27) < 1);
    assertEquals(9.5, new Radiator(1, 140, 30, 1_200, 1).conductance(), 1e-9);
  }

  @Test
  void heatThatCantLeaveIsRefused() {
    InvalidValue refusal =
        assertThrows(InvalidValue.class, () -> LoopHeat.of(100, List.of(), 1, 1, 22, List.of()));
    assertEquals("radiators", refusal.field());
    Radiator still = new Radiator(1, 120, 30, 0, 1);
    assertThrows(InvalidValue.class, () -> LoopHeat.of(100, List.of(still), 1, 1, 22, List.of()));
  }

  @Test
  void tubesHoldCoolant() {
    assertEquals(0.0785, new Loop.Run("up", 1_000, 10, 2, "", "G1/4").coolantL(), 5e-5);
  }

  @Test
  void openShareOfHoleFields() {
    assertEquals(0.403, field(HoleField.Pattern.STAGGERED, 4, 6, 0).openShare(), 5e-4);
    assertEquals(0.349, field(HoleField.Pattern.SQUARE, 4, 6, 0).openShare(), 5e-4);
    assertEquals(4 * 20 / (7.0 * 23), field(HoleField.Pattern.SLOTS, 4, 7, 20).openShare(), 1e-12);
    assertThrows(InvalidValue.class, () -> field(HoleField.Pattern.SQUARE, 6, 6, 0));
  }

  private static HoleField field(HoleField.Pattern pattern, double d, double p, double slot) {
    return new HoleField(pattern, d, p, slot);
  }

  @Test
  void aFanWantsFourFifthsOfItsSweptArea() {
    assertEquals(8_330, FanAir.sweptMm2(120), 10);
    FanAir free = FanAir.of("fan", 120, 90, Air.INTAKE, 8_000);
    assertEquals(1, free.factor());
    FanAir half = FanAir.of("fan", 120, 90, Air.EXHAUST, 0.4 * FanAir.sweptMm2(120));
    assertEquals(0.5, half.factor(), 1e-9);
    assertEquals(45, half.flowM3PerHour(), 1e-9);
    AirBalance balance = AirBalance.of(List.of(free, half));
    assertEquals(0.5, balance.surplus(), 1e-9);
    assertEquals(AirBalance.Verdict.MORE_IN_THAN_NEEDED, balance.verdict());
    assertEquals(AirBalance.Verdict.DRAWS_THROUGH_GAPS, AirBalance.of(List.of(half)).verdict());
    assertEquals(AirBalance.Verdict.NO_AIR, AirBalance.of(List.of()).verdict());
  }

  @Test
  void weightOnTwoLines() {
    List<Weight> weights =
        List.of(
            new Weight("a", 1.1, 0, 90, 100),
            new Weight("b", 2.4, 0, 210, 100),
            new Weight("c", 1.8, 0, 330, 100),
            new Weight("d", 0.9, 0, 480, 100));
    Balance balance = Balance.onLines(weights, 0, 500);
    assertEquals(6.2, balance.massKg(), 1e-9);
    assertEquals(262.7, balance.centre().yMm(), 0.05);
    assertEquals(0.475, balance.loads().get(0).share(), 5e-4);
    assertEquals(6.2, balance.loads().get(0).massKg() + balance.loads().get(1).massKg(), 1e-9);
    Stand front = Stand.of(Support.across("f", "front", -50, 10, 0));
    Stand back = Stand.of(Support.across("b", "back", -50, 10, 500));
    Balance wide = Balance.on(weights, List.of(front, back));
    assertEquals(Math.toDegrees(Math.atan(0.1)), wide.leastTipDegrees(), 1e-9, "right edge");
    assertEquals(0.475, wide.loads().get(0).share(), 5e-4);
    assertEquals(wide.loads().get(0).massKg(), wide.loads().get(0).worstKg(), 1e-9);
    assertNull(Balance.of(weights).leastTipDegrees());
    assertThrows(InvalidValue.class, () -> Balance.of(List.of()));
  }

  @Test
  void aPlugWantsItsDepthAndItsBend() {
    assertEquals(66, KeepOut.plugDepthMm(38, 7, true, false));
    assertEquals(59, KeepOut.plugDepthMm(38, 7, false, false));
    assertEquals(38, KeepOut.plugDepthMm(38, 7, true, true));
  }
}
