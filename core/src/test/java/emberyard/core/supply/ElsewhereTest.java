package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Ledger;
import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLine.State;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Why;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What one build ordered and another uses takes its money along. */
class ElsewhereTest {
  private static final Need NEED =
      new Need(
          "component:x9",
          "Shale 4 TB",
          CostCategory.PERFORMANCE_HARDWARE,
          "quay",
          3,
          0,
          "pieces",
          1_000,
          5,
          List.of(),
          Why.of("as chosen", "3"));

  private static OrderLine line(double quantity, State state) {
    return Samples.order("component:c1", state, Samples.MONDAY)
        .with(
            each ->
                each.title("Shale 4 TB")
                    .quantity(quantity)
                    .unit("pieces")
                    .unitPriceMinor(1_000)
                    .number("2026-004")
                    .deliveryMinor(490L)
                    .receivedOn(Samples.MONDAY)
                    .checkedOn(Samples.MONDAY)
                    .checkedBy("Ines"));
  }

  private static Elsewhere moved(Build build, double quantity) {
    OrderLine line = build.orders().get(0);
    return Elsewhere.of(build, line, quantity, "Depot", NEED, "n1", Samples.MONDAY);
  }

  private static Build after(Build build, OrderLine line, List<Move> more) {
    List<Move> moves = new ArrayList<>(build.moves());
    moves.addAll(more);
    return build.with(OrderLine.class, List.of(line)).with(Move.class, moves);
  }

  @Test
  void someOfItGoesWithItsShareOfWhatWasPaid() {
    Build build = Samples.paid(line(4, State.CHECKED), 3_000);
    Elsewhere moved = moved(build, 1);
    assertEquals(3, moved.stays().quantity());
    assertEquals(State.CHECKED, moved.stays().state());
    assertEquals(1, moved.goes().quantity());
    assertEquals("component:x9", moved.goes().needKey());
    assertEquals(CostCategory.PERFORMANCE_HARDWARE, moved.goes().category());
    assertEquals(0L, moved.goes().deliveryMinor());
    assertEquals(750, moved.off().get(0).amountMinor());
    Ledger there = new Ledger(after(Samples.build(), moved.goes(), moved.on()));
    assertEquals(750, there.spentMinor(moved.goes()));
    assertEquals(250, there.openMinor(moved.goes()));
  }

  @Test
  void allOfItLeavesNothingOwedBehind() {
    Build build = Samples.paid(line(4, State.KEPT), 0);
    Elsewhere moved = moved(build, 4);
    assertEquals(State.PASSED_ON, moved.stays().state());
    assertFalse(moved.stays().owed());
    assertFalse(moved.stays().live());
    assertTrue(moved.stays().gone());
    assertEquals(State.CHECKED, moved.goes().state());
    assertEquals(List.of(), moved.off());
    assertEquals(
        4_000, new Ledger(after(Samples.build(), moved.goes(), List.of())).openMinor(moved.goes()));
  }

  @Test
  void noCentIsMadeOrLost() {
    Random random = new Random(18);
    for (int i = 0; i < 2_000; i++) {
      double quantity = 1 + random.nextInt(9);
      OrderLine line = line(quantity, State.CHECKED).withUnitPriceMinor(1 + random.nextInt(5_000));
      Build build = Samples.paid(line, random.nextInt((int) line.totalMinor() + 1));
      double goes = 1 + random.nextInt((int) quantity);
      Elsewhere moved = moved(build, goes);
      Ledger before = new Ledger(build);
      Ledger here = new Ledger(after(build, moved.stays(), moved.off()));
      Ledger there = new Ledger(after(Samples.build(), moved.goes(), moved.on()));
      assertEquals(
          before.spentMinor(line), here.spentMinor(moved.stays()) + there.spentMinor(moved.goes()));
      assertEquals(
          before.committedMinor(line),
          here.committedMinor(moved.stays()) + there.committedMinor(moved.goes()));
      assertTrue(here.spentMinor(moved.stays()) >= 0);
    }
  }

  @Test
  void noMoreGoesThanThereIs() {
    Build build = Samples.paid(line(4, State.CHECKED), 0);
    assertThrows(InvalidValue.class, () -> moved(build, 4.5));
    assertThrows(InvalidValue.class, () -> moved(build, 0));
  }

  @Test
  void onlyTheSameThingFits() {
    OrderLine line = line(1, State.CHECKED);
    NeedLine open = new NeedLine(NEED, NeedLine.State.WANTED, 2, null, null, 0, List.of());
    assertTrue(Elsewhere.fits(line, open));
    assertFalse(Elsewhere.fits(line.withTitle("Shale 1 TB"), open));
    assertFalse(Elsewhere.fits(line.withUnit("packs"), open));
    NeedLine full = new NeedLine(NEED, NeedLine.State.CHECKED, 0, null, null, 0, List.of());
    assertFalse(Elsewhere.fits(line, full));
    for (State state : State.values()) {
      boolean here =
          state.underWay() || List.of(State.RECEIVED, State.CHECKED, State.KEPT).contains(state);
      assertEquals(here, Elsewhere.canGo(line.withState(state)), state.name());
    }
  }
}
