package emberyard.core.elevation;

import static emberyard.core.yard.Drawings.BRASS;
import static emberyard.core.yard.Drawings.CREAM;
import static emberyard.core.yard.Drawings.GREEN;
import static emberyard.core.yard.Drawings.front;
import static emberyard.core.yard.Drawings.item;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.build.Panel;
import emberyard.core.build.Window;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import emberyard.core.yard.Drawings;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ElevationTest {
  private static final Random RANDOM = new Random(11);

  private static Build partsBuild(Panel panel, FaceItem... items) {
    return Drawings.build(
        Drawings.design(
            List.of(items), List.of(panel), List.of(Samples.screen()), List.of(Samples.strip(120))),
        List.of());
  }

  @Test
  void everyFaceHasItsOwnSize() {
    Build build = Drawings.items();
    assertEquals(200, Drawings.face(build, Face.BACK).widthMm());
    assertEquals(300, Drawings.face(build, Face.LEFT).widthMm());
    assertEquals(100, Drawings.face(build, Face.LEFT).heightMm());
    assertEquals(300, Drawings.face(build, Face.TOP).heightMm());
    assertEquals(GREEN, Drawings.face(build, Face.TOP).groundHex());
  }

  @Test
  void withoutAnOuterSizeThereAreNoFaces() {
    assertEquals(List.of(), Elevation.of(Samples.build(), Samples.book()));
  }

  @Test
  void aPartLiesInTheMiddleOfItsFaceUntilItIsPlaced() {
    Panel panel = Drawings.panel(Face.LEFT, 200, 60, new Window(50, 10, 100, 40));
    Elevation left = Drawings.face(partsBuild(panel), Face.LEFT);
    ElevationItem part = left.item("p1").orElseThrow();
    assertEquals(new Rect(50, 20, 200, 60), part.place());
    assertEquals(new Rect(100, 30, 100, 40), left.item("p1/window").orElseThrow().place());
    FaceItem at = FaceItem.standingFor("p1", Face.TOP, ItemKind.PANEL, "p", 5, 7, Layer.ON);
    Build moved = partsBuild(panel, at);
    assertTrue(Drawings.face(moved, Face.LEFT).item("p1").isEmpty());
    assertEquals(
        new Rect(55, 17, 100, 40),
        Drawings.face(moved, Face.TOP).item("p1/window").orElseThrow().place());
  }

  @Test
  void aScreenHasTheSizeOfTheScreenAndAStripThatOfTheStrip() {
    FaceItem screen =
        FaceItem.standingFor("d1", Face.FRONT, ItemKind.SCREEN, "s", 1, 2, Layer.BEHIND);
    FaceItem strip =
        FaceItem.standingFor("l1", Face.FRONT, ItemKind.LIGHT_RUN, "l", 3, 4, Layer.ON);
    Elevation front =
        Drawings.face(
            partsBuild(Drawings.panel(Face.LEFT, 50, 50, null), screen, strip), Face.FRONT);
    assertEquals(new Rect(1, 2, 58, 192), front.item("d1").orElseThrow().place());
    assertEquals(new Rect(3, 4, 120, 10), front.item("l1").orElseThrow().place());
    assertEquals("#F0A13A", front.item("l1").orElseThrow().colourHex());
    assertEquals("120 mm of strip", front.item("l1").orElseThrow().detail());
  }

  @Test
  void aStripCanLieRoundABox() {
    FaceItem box =
        new FaceItem(
            "l1",
            Face.FRONT,
            ItemKind.LIGHT_RUN,
            "l",
            10,
            10,
            40.0,
            30.0,
            Layer.ON,
            "l1",
            false,
            null,
            null,
            null,
            null,
            "",
            null,
            "",
            null,
            null);
    Elevation front =
        Drawings.face(partsBuild(Drawings.panel(Face.LEFT, 50, 50, null), box), Face.FRONT);
    ElevationItem drawn = front.item("l1").orElseThrow();
    assertEquals(new Rect(20, 20, 20, 10), drawn.hole());
    assertFalse(drawn.covers(30, 25), "its middle is free");
    assertEquals("140 mm of strip", drawn.detail());
  }

  @Test
  void whatAPartStandsForIsGoneWithThePart() {
    FaceItem lost = FaceItem.standingFor("x", Face.FRONT, ItemKind.SCREEN, "s", 1, 2, Layer.BEHIND);
    assertEquals(List.of(), front(lost).items());
  }

  @Test
  void oneSeesTheTopmostOpaqueThingAndThroughOpeningsWhatLiesBehind() {
    FaceItem cut = item("cut", ItemKind.CUT_OUT, 50, 20, 100, 60);
    FaceItem behind = item("behind", ItemKind.SCREEN, 60, 30, 20, 20);
    FaceItem badge = item("badge", ItemKind.BADGE, 70, 40, 30, 30).withColourHex(BRASS);
    Elevation front = front(cut, behind, badge);
    assertNull(front.seenAt(10, 10));
    assertFalse(front.opened(10, 10));
    assertEquals("behind", front.seenAt(65, 35).id());
    assertEquals("badge", front.seenAt(75, 45).id(), "on the face, over the opening");
    assertNull(front.seenAt(140, 70));
    assertTrue(front.opened(140, 70), "the dark inside");
    assertEquals(0.75, front.visibleShare(front.item("behind").orElseThrow()), 1e-9);
  }

  @Test
  void aThingBehindTheFaceIsNotSeenWithoutAnOpening() {
    Elevation front = front(item("behind", ItemKind.SCREEN, 60, 30, 20, 20));
    assertEquals(0, front.visibleShare(front.items().get(0)));
  }

  @Test
  void aPaneTintsWhatIsSeenThroughIt() {
    FaceItem clear = item("pane", ItemKind.WINDOW, 50, 20, 100, 60).withColourHex("#5F827B");
    FaceItem half = clear.drawn("", null, "", 0.5);
    Colour mixed = Colour.hex(Elevation.INSIDE_HEX).mixedWith(Colour.hex("#5F827B"), 0.5);
    assertEquals(mixed.hex(), front(half).colourAt(100, 50).hex());
    assertEquals(GREEN, front(half).colourAt(10, 10).hex(), "beside it");
    FaceItem badge = item("badge", ItemKind.BADGE, 90, 40, 30, 30).withColourHex(BRASS);
    assertEquals(BRASS, front(half, badge).colourAt(100, 50).hex(), "before the pane");
  }

  @Test
  void drawnShapesDoNotHideWhatLiesUnderThem() {
    FaceItem art =
        item("art", ItemKind.VINYL, 0, 0, 200, 100)
            .withColourHex(CREAM)
            .drawn("M0 0h9", 1.0, "", null);
    FaceItem vent = item("vent", ItemKind.VENT, 20, 20, 60, 60);
    Elevation front = front(vent, art);
    assertEquals(1, front.visibleShare(front.item("vent").orElseThrow()));
    assertTrue(front.item("vent").orElseThrow().shaped(), "a vent is its holes");
    FaceItem plate = item("plate", ItemKind.BADGE, 20, 20, 30, 60);
    Elevation under = front(vent, plate);
    assertEquals(0.5, under.visibleShare(under.item("vent").orElseThrow()), 1e-9);
  }

  @Test
  void aVentFieldHasTheHolesThatFit() {
    assertEquals(2, VentField.path(14, 6).split("M").length - 1);
    assertEquals(3, VentField.path(14, 13).split("M").length - 1, "two, and one staggered");
    assertEquals("M0 0H3.00V3.00H0z", VentField.path(3, 3), "smaller than a hole");
    assertTrue(VentField.path(5_000, 5_000).length() < 40, "too many to draw: one area");
  }

  @Test
  void sharesAreAreasOfWhatShowsByNearestPaletteColour() {
    FaceItem cream = item("cream", ItemKind.VINYL, 0, 0, 100, 100).withColourHex("#EBE1C2");
    FaceItem hole = item("hole", ItemKind.CUT_OUT, 150, 0, 50, 100);
    FaceItem odd = item("odd", ItemKind.BADGE, 100, 0, 20, 100).withColourHex("#FF00FF");
    Shares shares = Shares.of(List.of(front(cream, hole, odd)), Drawings.palette());
    assertEquals(15_000, shares.countedMm2(), 1e-6, "the inside counts to nobody");
    assertEquals(3_000.0 / 15_000, shares.perColour().get(0), 1e-9);
    assertEquals(10_000.0 / 15_000, shares.perColour().get(1), 1e-9, "a colour near to cream");
    assertEquals(0, shares.perColour().get(2));
    assertEquals(2_000.0 / 15_000, shares.other(), 1e-9);
  }

  @Test
  void linesCountForAFifthOfTheirBox() {
    FaceItem art =
        item("art", ItemKind.ENGRAVING, 0, 0, 200, 100)
            .withColourHex(CREAM)
            .drawn("M0 0h9", 1.0, "", null);
    Shares shares = Shares.of(List.of(front(art)), Drawings.palette());
    assertEquals(0.8, shares.perColour().get(0), 1e-9);
    assertEquals(0.2, shares.perColour().get(1), 1e-9);
  }

  /** An independent slow check: the same shares by looking at every half millimetre. */
  @Test
  void sharesAgreeWithLookingPointByPoint() {
    for (int round = 0; round < 12; round++) {
      Elevation front = front(randomItems());
      Shares shares = Shares.of(List.of(front), Drawings.palette());
      double[] counted = new double[3];
      double all = 0;
      for (double x = 0.25; x < 200; x += 0.5) {
        for (double y = 0.25; y < 100; y += 0.5) {
          ElevationItem seen = front.seenAt(x, y);
          if (seen == null && front.opened(x, y)) {
            continue;
          }
          String hex = seen == null ? GREEN : seen.colourHex();
          all++;
          counted[List.of(GREEN, CREAM, BRASS).indexOf(hex)]++;
        }
      }
      for (int i = 0; i < 3; i++) {
        assertEquals(counted[i] / all, shares.perColour().get(i), 0.012, "round " + round);
      }
    }
  }

  private static FaceItem[] randomItems() {
    List<FaceItem> items = new ArrayList<>();
    ItemKind[] kinds = {ItemKind.CUT_OUT, ItemKind.BADGE, ItemKind.VINYL};
    String[] hexes = {CREAM, BRASS};
    for (int i = 0; i < 5; i++) {
      ItemKind kind = kinds[RANDOM.nextInt(3)];
      double x = RANDOM.nextInt(150);
      double y = RANDOM.nextInt(70);
      items.add(
          item("i" + i, kind, x, y, 10 + RANDOM.nextInt(60), 10 + RANDOM.nextInt(40))
              .withColourHex(hexes[RANDOM.nextInt(2)]));
    }
    return items.toArray(FaceItem[]::new);
  }

  @Test
  void aMirroredFaceMirroredAgainIsTheSame() {
    Panel panel = Drawings.panel(Face.LEFT, 200, 60, new Window(30, 10, 100, 40));
    FaceItem badge =
        FaceItem.plain("b", Face.LEFT, ItemKind.BADGE, "Lamp", 10, 20, 30, 30).withColourHex(BRASS);
    FaceItem screen =
        FaceItem.standingFor("d1", Face.LEFT, ItemKind.SCREEN, "s", 1, 2, Layer.BEHIND);
    Elevation left = Drawings.face(partsBuild(panel, badge, screen), Face.LEFT);
    FaceMirror once = FaceMirror.of(left, List.of(panel), "m");
    assertEquals(List.of("s"), once.left(), "there is only one of the screen");
    Elevation right = Drawings.face(rebuilt(once), Face.RIGHT);
    assertEquals(300 - 10 - 30, right.item(once.items().get(1).id()).orElseThrow().place().xMm());
    FaceMirror twice = FaceMirror.of(right, once.panels(), "n");
    Elevation again = Drawings.face(rebuilt(twice), Face.LEFT);
    List<Rect> before =
        left.items().stream()
            .filter(d -> d.kind() != ItemKind.SCREEN)
            .map(ElevationItem::place)
            .toList();
    assertEquals(before, again.items().stream().map(ElevationItem::place).toList());
    assertEquals(panel.window(), twice.panels().get(0).window());
  }

  private static Build rebuilt(FaceMirror mirror) {
    return Drawings.build(
        Drawings.design(mirror.items(), mirror.panels(), List.of(), List.of()), List.of());
  }
}
