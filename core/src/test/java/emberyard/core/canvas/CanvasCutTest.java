package emberyard.core.canvas;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.colour.Colour;
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** One picture over several screens, and letters that can be read. */
class CanvasCutTest {
  private static ScreenPane pane(String id, double x, double y, double width, double height) {
    return new ScreenPane(id, x, y, width, height, 480, 240);
  }

  @Test
  void whatLiesBehindTheRimsIsCutOut() {
    CanvasCut cut =
        CanvasCut.of(List.of(pane("left", 10, 5, 120, 60), pane("right", 144, 5, 120, 60)));
    assertEquals(254, cut.widthMm());
    assertEquals(60, cut.heightMm());
    assertEquals(0, cut.cuts().get(0).leftPercent());
    assertEquals(47.2, cut.cuts().get(0).rightPercent(), 0.05);
    assertEquals(52.8, cut.cuts().get(1).leftPercent(), 0.05);
    assertEquals(100, cut.cuts().get(1).rightPercent(), 1e-9);
    assertEquals(0.25, cut.cuts().get(0).pitchMm());
  }

  @Test
  void oneScreenShowsAllOfIt() {
    CanvasCut.PaneCut only = CanvasCut.of(List.of(pane("a", -30, 40, 100, 50))).cuts().get(0);
    assertEquals(0, only.leftPercent());
    assertEquals(100, only.rightPercent());
    assertEquals(0, only.topPercent());
    assertEquals(100, only.bottomPercent());
  }

  @Test
  void aHigherOneShowsTheUpperPart() {
    CanvasCut cut = CanvasCut.of(List.of(pane("low", 0, 0, 100, 50), pane("high", 0, 70, 100, 50)));
    assertEquals(120, cut.heightMm());
    assertEquals(100.0 * 70 / 120, cut.cuts().get(0).topPercent(), 1e-9);
    assertEquals(0, cut.cuts().get(1).topPercent());
    assertEquals(100.0 * 50 / 120, cut.cuts().get(1).bottomPercent(), 1e-9);
  }

  @Test
  void twoScreensDoNotShineInOnePlace() {
    assertThrows(
        InvalidValue.class,
        () -> CanvasCut.of(List.of(pane("a", 0, 0, 100, 50), pane("b", 90, 0, 100, 50))));
    assertThrows(InvalidValue.class, () -> CanvasCut.of(List.of()));
  }

  /** Put together again, the cuts are where the screens are, whatever they are. */
  @Test
  void cutsPutTogetherAgainAreWhereTheScreensAre() {
    Random random = new Random(8);
    for (int i = 0; i < 300; i++) {
      List<ScreenPane> panes = new ArrayList<>();
      double x = random.nextInt(100) - 50;
      double left = x;
      for (int n = 1 + random.nextInt(5); n > 0; n--) {
        double width = 20 + random.nextInt(200);
        panes.add(pane("s" + n, x, random.nextInt(60), width, 20 + random.nextInt(90)));
        x += width + random.nextInt(30);
      }
      CanvasCut cut = CanvasCut.of(panes);
      for (int k = 0; k < panes.size(); k++) {
        CanvasCut.PaneCut each = cut.cuts().get(k);
        double from = left + each.leftPercent() / 100 * cut.widthMm();
        double wide = (each.rightPercent() - each.leftPercent()) / 100 * cut.widthMm();
        double high = (each.bottomPercent() - each.topPercent()) / 100 * cut.heightMm();
        assertEquals(panes.get(k).xMm(), from, 1e-9);
        assertEquals(panes.get(k).widthMm(), wide, 1e-9);
        assertEquals(panes.get(k).heightMm(), high, 1e-9);
      }
    }
  }

  @Test
  void lettersAreReadFromWhereOneStands() {
    Legible legible = Legible.of(1_200, 8.4, 0.2, Colour.hex("#F0A13A"), Colour.hex("#101614"));
    assertEquals(7.0, legible.leastCapitalMm(), 0.05);
    assertEquals(35, legible.leastPixels(), 0.1);
    assertEquals(1_444, legible.readToMm(), 1);
    assertTrue(legible.readable());
    assertFalse(Legible.of(1_600, 8.4, null, Colour.WHITE, Colour.BLACK).largeEnough());
    assertFalse(
        Legible.of(600, 8.4, null, Colour.hex("#767676"), Colour.hex("#8C8C8C")).clearEnough());
    assertEquals(21, Legible.of(600, null, null, Colour.WHITE, Colour.BLACK).contrast(), 1e-4);
  }

  /** What is read from afar is read from nearer. */
  @Test
  void nearerIsNeverWorse() {
    for (double distance = 5_000; distance >= 100; distance -= 100) {
      Legible far = Legible.of(distance, 9.0, null, Colour.WHITE, Colour.BLACK);
      Legible near = Legible.of(distance - 50, 9.0, null, Colour.WHITE, Colour.BLACK);
      assertTrue(!far.readable() || near.readable(), distance + " mm");
    }
  }
}
