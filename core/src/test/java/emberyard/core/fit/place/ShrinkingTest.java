package emberyard.core.fit.place;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.Seat;
import emberyard.core.build.Turn;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The smallest change that lets a thing in, the others free to move. */
class ShrinkingTest {
  private static Cavity row(double lengthMm) {
    return bay("row", new Box(0, 0, 0, lengthMm, 10, 10));
  }

  private static Cavity bay(String id, Box box) {
    return new Cavity(id, id, box, List.of(Seat.FREE), Face.TOP);
  }

  private static Item thing(String id, double x, double y, double z, Fitted.Pin pin) {
    Solid body = new Solid(id, "body", true, true, new Box(0, 0, 0, x, y, z));
    return new Item(id, id, List.of(Seat.FREE), List.of(Turn.UPRIGHT), List.of(body), pin);
  }

  private static Placed at(double x, Cavity cavity, Item item) {
    return new Placed(item, cavity, item.postures().get(0), x, 0, 0);
  }

  @Test
  void theOthersMakeRoom() {
    Cavity row = row(100);
    List<Placed> lying =
        List.of(
            at(35, row, thing("a", 30, 10, 10, null)), at(80, row, thing("b", 20, 10, 10, null)));
    Shortfall least = Shortfall.of(thing("c", 60, 10, 10, null), List.of(row), lying).get(0);
    assertEquals(10, least.needMm(), 1e-9);
    assertEquals(50, least.largestMm(), 1e-9);
    assertEquals(Axis.X, least.axis());
    assertTrue(least.othersMoved());
  }

  @Test
  void whatWasPutByHandStays() {
    Cavity row = row(100);
    Fitted.Pin pin = new Fitted.Pin("row", Turn.UPRIGHT, 35, 0, 0);
    List<Placed> lying = List.of(at(35, row, thing("a", 30, 10, 10, pin)));
    Shortfall least = Shortfall.of(thing("c", 60, 10, 10, null), List.of(row), lying).get(0);
    assertEquals(25, least.needMm(), 1e-9);
    assertFalse(least.othersMoved());
    assertEquals(List.of("a"), least.inTheWay());
  }

  /** A row of what can lie in two bays: the other bay takes one of them. */
  @Test
  void oneOfTheOthersGoesToAnotherBay() {
    Cavity row = row(100);
    Cavity spare = bay("spare", new Box(0, 50, 0, 30, 10, 10));
    List<Placed> lying =
        List.of(
            at(0, row, thing("a", 30, 10, 10, null)), at(30, row, thing("b", 25, 10, 10, null)));
    Shortfall least = Shortfall.of(thing("c", 80, 10, 10, null), List.of(row, spare), lying).get(0);
    assertEquals(5, least.needMm(), 1e-9);
    assertEquals("row", least.cavity().id());
  }

  /** Against a thing made half a millimetre smaller again and again, and the exact search. */
  @Test
  void noSmallerChangeIsEnough() {
    Random random = new Random(22);
    int moved = 0;
    int looked = 0;
    for (int round = 0; round < 150; round++) {
      List<Cavity> bays = new ArrayList<>();
      for (int i = 0; i <= random.nextInt(2); i++) {
        Box box = new Box(200 * i, 0, 0, 40 + random.nextInt(40), 20 + random.nextInt(30), 20);
        bays.add(bay("bay" + i, box));
      }
      List<Item> items = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        items.add(
            thing("t" + i, 10 + random.nextInt(40), 8 + random.nextInt(20), 20, null)
                .turning(List.of(Turn.UPRIGHT, Turn.QUARTER)));
      }
      Layout layout = Placing.solve(bays, items);
      for (Item left : layout.unplaced()) {
        List<Shortfall> told = Shortfall.of(left, bays, layout.placed());
        double slow = slowly(left, bays, layout.placed());
        if (told.isEmpty() || slow == Double.MAX_VALUE) {
          assertEquals(told.isEmpty(), slow == Double.MAX_VALUE, "round " + round);
          continue;
        }
        looked++;
        moved += told.get(0).othersMoved() ? 1 : 0;
        double need = told.get(0).needMm();
        String both = "round %d: %s told, %s by trying".formatted(round, need, slow);
        assertTrue(need <= slow + 1e-6, both + told + bays + items);
        assertTrue(need > slow - 0.5 - 1e-6, both);
      }
    }
    assertTrue(looked > 60 && moved > 10, looked + " looked at, " + moved + " with others moved");
  }

  /** The first of 0.5, 1, 1.5 … that is enough along some axis in some turn. */
  private static double slowly(Item left, List<Cavity> bays, List<Placed> placed) {
    List<Item> others = placed.stream().map(Placed::item).toList();
    double least = Double.MAX_VALUE;
    for (Posture posture : left.postures()) {
      for (int axis = 0; axis < 2; axis++) {
        double length = posture.hull().length(axis);
        int along = axis;
        int steps =
            IntStream.iterate(1, step -> step * 0.5 < length, step -> step + 1)
                .filter(step -> goesIn(left, posture, along, length - step * 0.5, others, bays))
                .findFirst()
                .orElse(Integer.MAX_VALUE);
        least = steps == Integer.MAX_VALUE ? least : Math.min(least, steps * 0.5);
      }
    }
    return least;
  }

  private static boolean goesIn(
      Item left, Posture posture, int axis, double mm, List<Item> others, List<Cavity> bays) {
    Box hull = posture.hull().between(axis, 0, mm);
    List<Item> all = new ArrayList<>(others);
    all.add(thing(left.id(), hull.widthMm(), hull.depthMm(), hull.heightMm(), null));
    return Placing.solve(bays, all).fits();
  }
}
