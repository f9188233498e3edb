package emberyard.core.build;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.geometry.Rect;
import emberyard.core.geometry.Stretch;
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Where light runs lie, and what length follows from there. */
class LaidRunTest {
  private static final Size SIZE = new Size(400, 250, 300);
  private static final LightStrip STRIP = LightStrip.one("l", "Beam", 123).build();

  private static FaceItem standing(RunPath along, Double width, Double height) {
    return FaceItem.standingFor("l", Face.FRONT, ItemKind.LIGHT_RUN, "l", 20, 30, Layer.BEHIND)
        .with()
        .along(along)
        .widthMm(width)
        .heightMm(height)
        .build();
  }

  private static FaceItem along(String itemId, double insetMm, Edge... edges) {
    return standing(new RunPath(itemId, List.of(edges), insetMm), null, null);
  }

  private static Design design(LightStrip strip, FaceItem... items) {
    List<emberyard.core.thing.Thing> things = new ArrayList<>(List.of(items));
    things.add(strip);
    return Design.of(new Look(List.of(), List.of(), SIZE), things);
  }

  private static double lengthMm(FaceItem... items) {
    return design(STRIP, items).strips().get(0).lengthMm();
  }

  @Test
  void alongTheEdgesOfAFaceItIsAsLongAsThey() {
    assertEquals(610, lengthMm(along("", 10, Edge.TOP, Edge.RIGHT)));
    assertEquals(2 * (400 + 250), lengthMm(along("", 0, Edge.values())));
    assertEquals(250, lengthMm(along("", 0, Edge.LEFT)));
  }

  @Test
  void alongAThingItFollowsTheThing() {
    FaceItem window = FaceItem.plain("w", Face.FRONT, ItemKind.WINDOW, "w", 50, 50, 120, 80);
    assertEquals(400, lengthMm(window, along("w", 0, Edge.values())));
    assertEquals(440, lengthMm(window, along("w", -5, Edge.values())), "5 mm outside of it");
    assertEquals(600, lengthMm(window.withWidthMm(220.0), along("w", 0, Edge.values())));
    assertEquals(123, lengthMm(along("gone", 0, Edge.values())), "its own, where that is gone");
    FaceItem elsewhere = window.withFace(Face.BACK);
    assertEquals(123, lengthMm(elsewhere, along("w", 0, Edge.values())), "on another face");
  }

  @Test
  void alongAPartThatNobodyMovedItLiesInTheMiddle() {
    Panel front =
        Panel.loose(200, 100, CutMethod.LASER, PartDrawing.PLAIN)
            .with()
            .id("p")
            .face(Face.FRONT)
            .build();
    List<emberyard.core.thing.Thing> things =
        List.of(front, STRIP, along("p", 0, Edge.TOP, Edge.BOTTOM));
    Design design = Design.of(new Look(List.of(), List.of(), SIZE), things);
    LaidRun laid = LaidRun.of(design, STRIP).orElseThrow();
    assertEquals(400, laid.lengthMm());
    assertEquals(
        List.of(new Stretch(100, 175, 300, 175), new Stretch(300, 75, 100, 75)), laid.stretches());
    assertEquals(new Rect(95, 70, 210, 110), laid.bounds());
  }

  @Test
  void roundABoxItIsAsLongAsTheBox() {
    assertEquals(640, lengthMm(standing(null, 250.0, 70.0)));
  }

  @Test
  void aBarOnAFaceKeepsItsOwnLength() {
    LaidRun straight = LaidRun.of(design(STRIP, standing(null, null, null)), STRIP).orElseThrow();
    assertFalse(straight.given());
    assertEquals(123, straight.lengthMm());
    assertEquals(List.of(new Stretch(20, 35, 143, 35)), straight.stretches());
    LightStrip ring = STRIP.with().shape(RunShape.RING).count(24).build();
    Design round = design(ring, standing(null, 90.0, 90.0));
    assertEquals(123, round.strips().get(0).lengthMm(), "a ring is bought as it is");
    LaidRun circle = LaidRun.of(round, ring).orElseThrow();
    assertEquals(Math.PI * 90, circle.lengthMm(), 1);
    for (Stretch each : circle.stretches()) {
      assertEquals(45, Math.hypot(each.fromXMm() - 65, each.fromYMm() - 75), 1e-9);
    }
  }

  @Test
  void whatIsOnNoFaceLiesNowhere() {
    assertEquals(Optional.empty(), LaidRun.of(design(STRIP), STRIP));
    Design nobodyKnowsHowLarge = Design.of(Look.open(), List.of(STRIP, along("", 0, Edge.TOP)));
    assertEquals(Optional.empty(), LaidRun.of(nobodyKnowsHowLarge, STRIP));
    assertEquals(123, nobodyKnowsHowLarge.strips().get(0).lengthMm());
  }

  @Test
  void anInsetThatLeavesNothingIsNoPlace() {
    assertEquals(123, lengthMm(along("", 125, Edge.TOP)));
  }

  @Test
  void whatIsKeptIsWhatWasTyped() {
    Design design = design(STRIP, along("", 0, Edge.TOP));
    assertEquals(400, design.strips().get(0).lengthMm());
    assertEquals(123, design.things().of(LightStrip.class).get(0).lengthMm());
  }

  @Test
  void anEdgeIsTakenOnce() {
    assertThrows(InvalidValue.class, () -> new RunPath("", List.of(), 0.0));
    assertThrows(InvalidValue.class, () -> new RunPath("", List.of(Edge.TOP, Edge.TOP), 0.0));
  }

  @Test
  void whatIsSeenOfABoxIsWhereItsFaceHasIt() {
    for (Face face : Face.values()) {
      Rect at = new Rect(20, 10, 100, 50);
      emberyard.core.geometry.Box box = face.box(SIZE, at, 30, false);
      assertEquals(at, face.seen(SIZE, box), face.words());
      assertEquals(0, face.behindMm(SIZE, box), 1e-9);
      assertEquals(30, face.deepMm(box), 1e-9);
      assertTrue(face.mirror().behindMm(SIZE, box) > 0);
    }
  }

  @Test
  void itIsCutBetweenTwoLedsAndIdlesWhereItTakesData() {
    LightStrip strip = LightStrip.one("l", "l", 900).build();
    assertEquals(54, strip.leds());
    assertEquals(3.294, strip.amps(), 1e-9);
    LightStrip twelve = strip.with().rail(Rail.V12).milliampsPerLed(20).build();
    assertEquals(LightCircuit.PLAIN, twelve.works());
    assertEquals(1.08, twelve.amps(), 1e-9);
    assertEquals(24 * 0.061, strip.with().shape(RunShape.RING).count(24).build().amps(), 1e-9);
  }
}
