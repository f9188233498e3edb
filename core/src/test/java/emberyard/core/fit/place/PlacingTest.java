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
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PlacingTest {
  private static final int INSTANCES = 10_000;

  @Test
  void threeCubesInARowAndNotAFourth() {
    Cavity bay = cavity("bay", 0, 0, 0, 30, 10, 10);
    List<Item> three = List.of(cube("a", 10), cube("b", 10), cube("c", 10));
    Layout layout = Placing.solve(List.of(bay), three);
    assertTrue(layout.fits());
    assertEquals(
        List.of(0.0, 10.0, 20.0), layout.placed().stream().map(Placed::xMm).sorted().toList());
    List<Item> four = new ArrayList<>(three);
    four.add(cube("d", 10));
    Layout full = Placing.solve(List.of(bay), four);
    assertEquals(1, full.unplaced().size());
    assertEquals(3, full.placed().size());
    assertTrue(full.proven());
  }

  /** The smallest bay took whatever was tried first, the loose one beside the bay made for it. */
  @Test
  void anEmptyBayOfItsOwnKindIsPreferred() {
    Cavity loose =
        new Cavity("loose", "loose", new Box(0, 0, 0, 30, 30, 30), List.of(Seat.FREE), Face.TOP);
    Cavity cards =
        new Cavity("cards", "cards", new Box(50, 0, 0, 60, 60, 60), List.of(Seat.CARD), Face.TOP);
    Item card =
        new Item(
            "card",
            "card",
            List.of(Seat.CARD),
            List.of(Turn.UPRIGHT),
            cube("card", 25).own(),
            null);
    Layout one = Placing.solve(List.of(loose, cards), List.of(card));
    assertEquals("cards", one.placed().get(0).cavity().id());
  }

  @Test
  void aThingTurnsOnlyAsItMay() {
    Cavity low = cavity("bay", 0, 0, 0, 40, 30, 10);
    Item upright = item("a", 10, 30, 40, List.of(Turn.UPRIGHT));
    assertFalse(Placing.solve(List.of(low), List.of(upright)).fits());
    assertTrue(Placing.solve(List.of(low), List.of(upright.turning(List.of(Turn.ON_SIDE)))).fits());
  }

  @Test
  void everyTurnIsATrueRotation() {
    Box own = new Box(1, 2, 3, 10, 20, 30);
    for (Turn turn : Turn.values()) {
      Box turned = turn.of(own);
      assertEquals(own.volumeMm3(), turned.volumeMm3(), 1e-9);
      double[] lengths = {turned.widthMm(), turned.depthMm(), turned.heightMm()};
      java.util.Arrays.sort(lengths);
      assertEquals(List.of(10.0, 20.0, 30.0), List.of(lengths[0], lengths[1], lengths[2]));
    }
    assertEquals(
        new Box(-305, 0, 0, 305, 244, 30), Turn.ON_SIDE.of(new Box(0, 0, 0, 30, 244, 305)));
    Box back = Turn.ON_BACK.of(new Box(0, 20, 0, 10, 5, 30));
    assertTrue(back.to(2) <= 0, "what was at the back lies below");
  }

  @Test
  void aPlugKeepsItsRoom() {
    Item plugged =
        new Item(
            "a",
            "a",
            List.of(Seat.FREE),
            List.of(Turn.UPRIGHT),
            List.of(
                solid("a", new Box(0, 0, 0, 10, 10, 10), true),
                solid("a", new Box(10, 0, 0, 5, 10, 10), true)),
            null);
    assertFalse(
        Placing.solve(List.of(cavity("bay", 0, 0, 0, 14, 10, 10)), List.of(plugged)).fits());
    assertTrue(Placing.solve(List.of(cavity("bay", 0, 0, 0, 15, 10, 10)), List.of(plugged)).fits());
  }

  @Test
  void whatIsPinnedStaysAndTheRestGoesRoundIt() {
    Item pinned =
        new Item(
            "a",
            "a",
            List.of(Seat.FREE),
            List.of(Turn.UPRIGHT),
            cube("a", 10).own(),
            new Fitted.Pin("bay", Turn.UPRIGHT, 7, 0, 0));
    Cavity bay = cavity("bay", 0, 0, 0, 30, 10, 10);
    Layout layout = Placing.solve(List.of(bay), List.of(pinned, cube("b", 10)));
    assertTrue(layout.fits());
    assertEquals(7, layout.placed().get(0).xMm());
    assertEquals(17, layout.placed().get(1).xMm());
    Cavity small = cavity("bay", 0, 0, 0, 20, 10, 10);
    assertFalse(Placing.solve(List.of(small), List.of(pinned, cube("b", 10))).fits());
  }

  @Test
  void whatOneAxisLacksIsSaidPerBay() {
    Cavity bay = cavity("bay", 0, 0, 0, 150, 160, 63.5);
    Item supply = item("s", 125, 100, 75, List.of(Turn.UPRIGHT));
    List<Shortfall> lacks = Shortfall.of(supply, List.of(bay), List.of());
    assertEquals(Axis.Z, lacks.get(0).axis());
    assertEquals(11.5, lacks.get(0).needMm(), 1e-9);
    assertEquals(63.5, lacks.get(0).largestMm(), 1e-9);
    Placed other =
        Placing.solve(List.of(bay), List.of(item("o", 60, 160, 20, List.of(Turn.UPRIGHT))))
            .placed()
            .get(0);
    Item wide = item("w", 95, 100, 60, List.of(Turn.UPRIGHT));
    Shortfall beside = Shortfall.of(wide, List.of(bay), List.of(other)).get(0);
    assertEquals(5, beside.needMm(), 1e-9);
    assertEquals(Axis.X, beside.axis());
    assertEquals(List.of("o"), beside.inTheWay());
  }

  @Test
  void marginsAreWhatIsFreeOnEachSide() {
    Cavity bay = cavity("bay", 0, 0, 0, 34, 20, 12);
    List<Placed> placed =
        Margins.centred(
            Placing.solve(List.of(bay), List.of(cube("a", 10), cube("b", 10))).placed());
    Margins margins = Margins.of(placed.get(0), placed);
    assertEquals(2, margins.aboveMm(), 1e-9);
    assertEquals(0, margins.belowMm(), 1e-9);
    assertEquals(5, margins.frontMm(), 1e-9);
    assertEquals(10, margins.playMm(Axis.Y), 1e-9);
    assertEquals(Axis.Z, margins.tightest());
    assertOnlyFree(List.of(bay), placed);
  }

  @Test
  void whatLiesBehindGoesInFirst() {
    Cavity deep = cavity("bay", 0, 0, 0, 10, 20, 10);
    List<Placed> placed =
        Placing.solve(List.of(deep), List.of(cube("a", 10), cube("b", 10))).placed();
    GoingIn in = GoingIn.of(placed, new Box(0, 0, 0, 10, 20, 10));
    String behind =
        placed.stream().filter(p -> p.yMm() == 10).findFirst().orElseThrow().item().id();
    assertEquals(behind, in.order().get(0));
    assertEquals(List.of(in.order().get(1)), in.closedInBy().get(behind));
    assertTrue(in.trapped().isEmpty());
  }

  /** The independent slow check: every whole-number place and turn of every thing. */
  @Test
  void smallInstancesAgreeWithTryingEverythingOnAGrid() {
    Random random = new Random(20_261_125);
    int fitting = 0;
    for (int i = 0; i < INSTANCES; i++) {
      List<Cavity> cavities = cavities(random);
      List<Item> items = items(random);
      Layout layout = Placing.solve(cavities, items);
      assertTrue(layout.proven(), "instance " + i);
      assertOnlyFree(cavities, layout.placed());
      assertEquals(new Grid(cavities, items).fits(), layout.fits(), "instance " + i);
      fitting += layout.fits() ? 1 : 0;
    }
    assertTrue(fitting > INSTANCES / 5 && fitting < INSTANCES * 4 / 5, fitting + " fit");
  }

  @Test
  void theOrderOfEntryChangesNothing() {
    Random random = new Random(7);
    for (int i = 0; i < 300; i++) {
      List<Cavity> cavities = new ArrayList<>(cavities(random));
      List<Item> items = new ArrayList<>(items(random));
      Layout before = Placing.solve(cavities, items);
      Collections.shuffle(cavities, random);
      Collections.shuffle(items, random);
      assertEquals(before, Placing.solve(cavities, items), "instance " + i);
    }
  }

  @Test
  void aSmallerThingNeverMakesAFitDisappear() {
    Random random = new Random(11);
    int fitting = 0;
    for (int i = 0; i < 2_000; i++) {
      List<Cavity> cavities = cavities(random);
      List<Item> items = new ArrayList<>(items(random));
      if (!Placing.solve(cavities, items).fits()) {
        continue;
      }
      fitting++;
      int which = random.nextInt(items.size());
      Item item = items.get(which);
      Box box = item.own().get(0).box();
      int axis = random.nextInt(3);
      Box smaller = box.between(axis, 0, box.length(axis) * (0.3 + 0.6 * random.nextDouble()));
      items.set(
          which,
          new Item(
              item.id(),
              item.name(),
              item.seats(),
              item.turns(),
              List.of(solid(item.id(), smaller, true)),
              null));
      assertTrue(Placing.solve(cavities, items).fits(), "instance " + i);
    }
    assertTrue(fitting > 300, fitting + " fit");
  }

  @Test
  void twentyFiveThingsInTwelveBays() {
    List<Cavity> cavities = new ArrayList<>();
    List<Item> items = new ArrayList<>();
    Random random = new Random(3);
    for (int i = 0; i < 12; i++) {
      cavities.add(cavity("bay" + i, 200 * i, 0, 0, 180, 160, 120));
    }
    for (int i = 0; i < 25; i++) {
      items.add(
          item(
              "t" + i,
              40 + random.nextInt(70),
              40 + random.nextInt(70),
              30 + random.nextInt(60),
              List.of(Turn.values())));
    }
    Layout layout = Placing.solve(cavities, items);
    assertTrue(layout.fits());
    assertOnlyFree(cavities, layout.placed());
  }

  private static List<Cavity> cavities(Random random) {
    List<Cavity> cavities = new ArrayList<>();
    int count = 1 + random.nextInt(2);
    for (int i = 0; i < count; i++) {
      cavities.add(
          cavity(
              "bay" + i,
              random.nextInt(4) * i,
              0,
              0,
              2 + random.nextInt(4),
              2 + random.nextInt(3),
              1 + random.nextInt(3)));
    }
    return cavities;
  }

  /** One to four things; some with a hard keep-out beside them, some that may not turn. */
  private static List<Item> items(Random random) {
    List<Item> items = new ArrayList<>();
    int count = 1 + random.nextInt(4);
    for (int i = 0; i < count; i++) {
      String id = "t" + i;
      Box box =
          new Box(0, 0, 0, 1 + random.nextInt(3), 1 + random.nextInt(3), 1 + random.nextInt(2));
      List<Solid> own = new ArrayList<>(List.of(solid(id, box, true)));
      if (random.nextInt(4) == 0) {
        own.add(solid(id, box.between(0, box.to(0), box.to(0) + 1), true));
      }
      EnumSet<Turn> turns = EnumSet.of(Turn.UPRIGHT);
      while (random.nextBoolean()) {
        turns.add(Turn.values()[random.nextInt(6)]);
      }
      items.add(new Item(id, id, List.of(Seat.FREE), List.copyOf(turns), own, null));
    }
    return items;
  }

  private static Cavity cavity(
      String id, double x, double y, double z, double w, double d, double h) {
    return new Cavity(id, id, new Box(x, y, z, w, d, h), List.of(Seat.FREE), Face.FRONT);
  }

  private static Item cube(String id, double side) {
    return item(id, side, side, side, List.of(Turn.UPRIGHT));
  }

  private static Item item(String id, double w, double d, double h, List<Turn> turns) {
    return new Item(
        id,
        id,
        List.of(Seat.FREE),
        turns,
        List.of(solid(id, new Box(0, 0, 0, w, d, h), true)),
        null);
  }

  private static Solid solid(String id, Box box, boolean hard) {
    return new Solid(id, "body", true, hard, box);
  }

  /** No overlap and nothing outside, checked without the search's own geometry. */
  private static void assertOnlyFree(List<Cavity> cavities, List<Placed> placed) {
    for (Placed one : placed) {
      Box bay =
          cavities.stream()
              .filter(c -> c.id().equals(one.cavity().id()))
              .findFirst()
              .orElseThrow()
              .box();
      for (Solid solid : one.hard()) {
        Box b = solid.box();
        assertTrue(b.xMm() >= bay.xMm() - 1e-6, "left");
        assertTrue(b.yMm() >= bay.yMm() - 1e-6, "front");
        assertTrue(b.zMm() >= bay.zMm() - 1e-6, "below");
        assertTrue(b.xMm() + b.widthMm() <= bay.xMm() + bay.widthMm() + 1e-6, "right");
        assertTrue(b.yMm() + b.depthMm() <= bay.yMm() + bay.depthMm() + 1e-6, "back");
        assertTrue(b.zMm() + b.heightMm() <= bay.zMm() + bay.heightMm() + 1e-6, "above");
        for (Placed other : placed) {
          if (other != one) {
            other.hard().forEach(s -> assertTrue(apart(b, s.box()), "overlap"));
          }
        }
      }
    }
  }

  private static boolean apart(Box a, Box b) {
    double e = 1e-5;
    return a.xMm() + a.widthMm() <= b.xMm() + e
        || b.xMm() + b.widthMm() <= a.xMm() + e
        || a.yMm() + a.depthMm() <= b.yMm() + e
        || b.yMm() + b.depthMm() <= a.yMm() + e
        || a.zMm() + a.heightMm() <= b.zMm() + e
        || b.zMm() + b.heightMm() <= a.zMm() + e;
  }

  /** Fills unit cells of one space with things at whole numbers, without any cleverness. */
  private static final class Grid {
    private static final int SIDE = 12;
    private final boolean[] taken = new boolean[SIDE * SIDE * SIDE];
    private final List<Cavity> cavities;
    private final List<Item> items;

    Grid(List<Cavity> cavities, List<Item> items) {
      this.cavities = cavities;
      this.items = items;
    }

    boolean fits() {
      return fits(0);
    }

    private boolean fits(int index) {
      if (index == items.size()) {
        return true;
      }
      for (Posture posture : items.get(index).postures()) {
        for (Cavity cavity : cavities) {
          Box bay = cavity.box();
          Box hull = posture.hull();
          for (int x = (int) bay.xMm(); x + hull.widthMm() <= bay.to(0); x++) {
            for (int y = (int) bay.yMm(); y + hull.depthMm() <= bay.to(1); y++) {
              for (int z = (int) bay.zMm(); z + hull.heightMm() <= bay.to(2); z++) {
                List<Integer> cells = cells(posture, x, y, z);
                if (cells.stream().noneMatch(cell -> taken[cell])) {
                  cells.forEach(cell -> taken[cell] = true);
                  if (fits(index + 1)) {
                    return true;
                  }
                  cells.forEach(cell -> taken[cell] = false);
                }
              }
            }
          }
        }
      }
      return false;
    }

    private static List<Integer> cells(Posture posture, int atX, int atY, int atZ) {
      List<Integer> cells = new ArrayList<>();
      for (Solid solid : posture.hard()) {
        Box b = solid.box().moved(atX, atY, atZ);
        for (int x = (int) b.xMm(); x < b.to(0); x++) {
          for (int y = (int) b.yMm(); y < b.to(1); y++) {
            for (int z = (int) b.zMm(); z < b.to(2); z++) {
              cells.add((x * SIDE + y) * SIDE + z);
            }
          }
        }
      }
      return cells;
    }
  }
}
