package emberyard.core.build;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLine.State;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.CostCategory;
import emberyard.core.yard.Samples;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Money is added up to the cent, however it moves. */
class LedgerTest {
  private static OrderLine line(int number, State state, long priceMinor) {
    return Samples.order("screen:d" + number, state, Samples.MONDAY.plusDays(5))
        .with(
            line ->
                line.id("o" + number)
                    .receivedOn(Samples.MONDAY)
                    .checkedOn(Samples.MONDAY)
                    .checkedBy("Lotte")
                    .unitPriceMinor(priceMinor));
  }

  private static Move move(String id, OrderLine of, Move.What what, long amountMinor) {
    return new Move(
        id, of.id(), of.category(), of.supplierId(), what, amountMinor, Samples.MONDAY, "", "");
  }

  @Test
  void aMoveTakenBackIsNothingAndTakenBackAgainIsThere() {
    Move paid = move("p", line(1, State.ORDERED, 100), Move.What.PAID, 28_900);
    Move back = paid.back("b", Samples.MONDAY);
    assertEquals(28_900, paid.spentMinor());
    assertEquals(-28_900, back.spentMinor());
    assertEquals(28_900, back.back("again", Samples.MONDAY).spentMinor());
    Move refund = move("r", line(1, State.ORDERED, 100), Move.What.REFUNDED, 500);
    assertEquals(-500, refund.spentMinor());
    assertEquals(500, refund.back("rb", Samples.MONDAY).spentMinor());
  }

  @Test
  void moneyIsPaidForSomethingAndIsSomething() {
    OrderLine line = line(1, State.ORDERED, 100);
    assertThrows(InvalidValue.class, () -> move("p", line, Move.What.PAID, 0));
    assertThrows(
        InvalidValue.class,
        () ->
            new Move(
                "p",
                "",
                CostCategory.LOOK_HARDWARE,
                "quay",
                Move.What.PAID,
                5,
                Samples.MONDAY,
                "",
                ""));
  }

  /** Against a slow sum over each line and each category, in numbers that can't overflow. */
  @Test
  void sumsAreThoseOfASlowCount() {
    Random random = new Random(18);
    for (int round = 0; round < 400; round++) {
      List<OrderLine> lines = new ArrayList<>();
      for (int i = 0; i < 1 + random.nextInt(5); i++) {
        State state = State.values()[random.nextInt(State.values().length)];
        lines.add(line(i, state, random.nextInt(100_000)));
      }
      List<Move> moves = new ArrayList<>();
      Map<String, BigInteger> slow = new HashMap<>();
      for (int i = 0; i < random.nextInt(12); i++) {
        OrderLine of = lines.get(random.nextInt(lines.size()));
        Move.What what = Move.What.values()[random.nextInt(3)];
        Move move = move("m" + i, of, what, 1 + random.nextInt(1_000_000));
        boolean back = random.nextInt(4) == 0;
        moves.add(back ? move.back("b" + i, Samples.MONDAY) : move);
        boolean out = (what == Move.What.PAID) != back;
        BigInteger amount = BigInteger.valueOf(move.amountMinor());
        slow.merge(of.id(), out ? amount : amount.negate(), BigInteger::add);
      }
      Build build = Samples.build().with(OrderLine.class, lines).with(Move.class, moves);
      Ledger ledger = new Ledger(build);
      BigInteger all = BigInteger.ZERO;
      for (OrderLine line : lines) {
        BigInteger spent = slow.getOrDefault(line.id(), BigInteger.ZERO);
        assertEquals(spent, BigInteger.valueOf(ledger.spentMinor(line)));
        assertTrue(ledger.openMinor(line) >= 0);
        assertEquals(ledger.committedMinor(line), ledger.spentMinor(line) + ledger.openMinor(line));
        assertTrue(!line.owed() || ledger.committedMinor(line) >= line.totalMinor());
        all = all.add(spent);
      }
      assertEquals(all, BigInteger.valueOf(ledger.spentMinor(CostCategory.LOOK_HARDWARE)));
    }
  }
}
