package emberyard.core.light.port;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.light.port.Picture.Timing;
import emberyard.core.units.InvalidValue;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** How much a picture takes, and what carries it. */
class PictureTest {
  private static Picture reduced(int width, int height, double hz) {
    return new Picture(width, height, hz, null, Timing.REDUCED);
  }

  @Test
  void aTallNarrowScreenByTelevisionTimings() {
    Picture tall = new Picture(1_100, 3_840, 60, null, Timing.TELEVISION);
    assertEquals(7.30, tall.gbitPerSecond(), 0.005);
    assertTrue(tall.carriers().contains(Carrier.HDMI_1_4));
    assertFalse(tall.carriers().contains(Carrier.PASSIVE_DOUBLE));
    assertEquals(Carrier.HDMI_1_4, tall.carriers().get(0), "the least that carries it");
  }

  @Test
  void withReducedBlankingThirtyOneLinesAreNotSeen() {
    assertEquals(2_000L * 1_111 * 60 * 24 / 1e9, reduced(1_920, 1_080, 60).gbitPerSecond(), 1e-9);
    assertEquals(List.of(Carrier.values()), reduced(1_920, 1_080, 60).carriers());
  }

  @Test
  void theClockOfTheDataSheetComesFirst() {
    Picture known = new Picture(1_920, 1_080, 60, 148.5, Timing.REDUCED);
    assertEquals(148.5 * 24 / 1_000, known.gbitPerSecond(), 1e-9);
  }

  /** More of anything never takes less, and never less than the pixels that are seen. */
  @Test
  void moreOfAnythingTakesMore() {
    Random random = new Random(19);
    for (int i = 0; i < 10_000; i++) {
      int width = 1 + random.nextInt(8_000);
      int height = 1 + random.nextInt(8_000);
      double hz = 1 + random.nextInt(480);
      double takes = reduced(width, height, hz).gbitPerSecond();
      assertTrue(takes > (double) width * height * hz * 24 / 1e9);
      assertTrue(reduced(width + 1, height, hz).gbitPerSecond() > takes);
      assertTrue(reduced(width, height + 1, hz).gbitPerSecond() > takes);
      assertTrue(reduced(width, height, hz + 1).gbitPerSecond() > takes);
    }
  }

  @Test
  void nothingCarriesMoreThanTheLargest() {
    assertEquals(List.of(), reduced(16_384, 16_384, 60).carriers());
    assertThrows(InvalidValue.class, () -> reduced(0, 1, 60));
    assertThrows(InvalidValue.class, () -> reduced(1, 1, 501));
    assertThrows(InvalidValue.class, () -> new Picture(1, 1, 60, 0.5, Timing.REDUCED));
  }
}
