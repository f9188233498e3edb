package emberyard.core.build;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.ScreenMount.Standing;
import emberyard.core.geometry.Box;
import emberyard.core.geometry.Rect;
import emberyard.core.units.InvalidValue;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Where a screen stands, and which way up its picture is. */
class ScreenPlaceTest {
  private static final Size CASE = new Size(400, 200, 300);

  @Test
  void theExampleOfFace() {
    assertEquals(
        new Box(0, 180, 10, 30, 100, 50),
        Face.LEFT.box(CASE, new Rect(20, 10, 100, 50), 30, false));
  }

  @Test
  void eachFaceIsSeenFromOutside() {
    Rect at = new Rect(20, 10, 100, 50);
    assertEquals(new Box(20, 0, 10, 100, 30, 50), Face.FRONT.box(CASE, at, 30, false));
    assertEquals(new Box(20, -30, 10, 100, 30, 50), Face.FRONT.box(CASE, at, 30, true));
    assertEquals(new Box(280, 270, 10, 100, 30, 50), Face.BACK.box(CASE, at, 30, false));
    assertEquals(new Box(370, 20, 10, 30, 100, 50), Face.RIGHT.box(CASE, at, 30, false));
    assertEquals(new Box(400, 20, 10, 30, 100, 50), Face.RIGHT.box(CASE, at, 30, true));
    assertEquals(new Box(20, 10, 170, 100, 50, 30), Face.TOP.box(CASE, at, 30, false));
    assertEquals(new Box(20, 240, 0, 100, 50, 30), Face.BOTTOM.box(CASE, at, 30, false));
  }

  /** Inside it stays inside, outside it only touches, and it is as large as it was. */
  @Test
  void nothingIsLostOnTheWayToAFace() {
    Random random = new Random(19);
    for (int i = 0; i < 2_000; i++) {
      Size size =
          new Size(50 + random.nextInt(500), 50 + random.nextInt(500), 50 + random.nextInt(500));
      Face face = Face.values()[random.nextInt(6)];
      double w = 1 + random.nextInt((int) face.widthMm(size) - 1);
      double h = 1 + random.nextInt((int) face.heightMm(size) - 1);
      Rect at =
          new Rect(
              random.nextDouble() * (face.widthMm(size) - w),
              random.nextDouble() * (face.heightMm(size) - h),
              w,
              h);
      Box outer = new Box(0, 0, 0, size.widthMm(), size.depthMm(), size.heightMm());
      Box in = face.box(size, at, 40, false);
      Box out = face.box(size, at, 40, true);
      assertTrue(outer.contains(in), face + " " + at);
      assertFalse(outer.overlaps(out), face + " " + at);
      assertEquals(w * h * 40, in.volumeMm3(), 1e-6 * in.volumeMm3());
      assertEquals(in.volumeMm3(), out.volumeMm3(), 1e-6 * in.volumeMm3());
    }
  }

  @Test
  void onItsSideItIsAsWideAsItWasHigh() {
    Screen upright = Screen.one("s", "S", 260, 70).build();
    Screen turned = upright.withMount(new ScreenMount(null, null, null, Standing.LEFT));
    assertEquals(260, upright.standsWideMm());
    assertEquals(70, turned.standsWideMm());
    assertEquals(260, turned.standsHighMm());
    Screen over = upright.withMount(new ScreenMount(null, null, null, Standing.UPSIDE_DOWN));
    assertEquals(260, over.standsWideMm());
    assertEquals(180, Standing.UPSIDE_DOWN.degrees());
  }

  /** A monitor is turned by the machine; what a program draws only as its maker says. */
  @Test
  void whoTurnsAPicture() {
    Screen monitor = Screen.one("s", "S", 260, 70).build();
    assertEquals(PictureTurn.ANY, monitor.turns());
    Screen drawn = monitor.withInput(Screen.Input.DATA);
    assertNull(drawn.turns());
    assertNull(monitor.withFeed(ScreenFeed.USUAL.withOwnProgram(true)).turns());
    Screen half = drawn.withFeed(ScreenFeed.USUAL.withPictureTurns(PictureTurn.HALF));
    assertEquals(PictureTurn.HALF, half.turns());
    for (Standing standing : Standing.values()) {
      assertTrue(PictureTurn.ANY.rights(standing));
      assertEquals(!standing.onItsSide(), PictureTurn.HALF.rights(standing));
      assertEquals(standing == Standing.UPRIGHT, PictureTurn.NOT_AT_ALL.rights(standing));
    }
  }

  @Test
  void whatIsHeldByWhat() {
    assertTrue(new ScreenMount(MountWay.TAPE, null, null, null).tapeAlone());
    assertTrue(new ScreenMount(MountWay.TAPE, MountWay.TAPE, null, null).tapeAlone(), "twice");
    assertFalse(new ScreenMount(MountWay.TAPE, MountWay.WEDGE, null, null).tapeAlone());
    assertFalse(ScreenMount.UNSAID.tapeAlone());
    assertEquals(ScreenMount.On.CHASSIS, ScreenMount.UNSAID.on());
  }

  @Test
  void bodiesHaveLimits() {
    var screen = Screen.one("s", "S", 260, 70);
    assertEquals(0, screen.build().massKg());
    assertThrows(InvalidValue.class, () -> screen.depthMm(0.4).build());
    assertThrows(InvalidValue.class, () -> Screen.one("s", "S", 260, 70).massKg(101.0).build());
  }
}
