package emberyard.core.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

/** Magnets that keep a skin from sliding down. */
class MagnetHoldTest {
  @Test
  void asInTheHandbook() {
    MagnetHold held = MagnetHold.of(8, 6, 1, 0.5, 0.19, true);
    assertEquals(4.8, held.holdsN(), 1e-9);
    assertEquals(7.46, held.wantedN(), 0.005);
    assertFalse(held.holds());
  }

  @Test
  void standingHalfDoes() {
    MagnetHold held = MagnetHold.of(8, 6, 1, 0.5, 0.19, false);
    assertEquals(3.73, held.wantedN(), 0.005);
    assertTrue(held.holds());
  }

  /** As many as are named hold, one fewer doesn’t. */
  @Test
  void theNamedCountIsTheLeast() {
    for (int tenths = 1; tenths <= 40; tenths++) {
      double kg = tenths / 10.0;
      int count = (int) MagnetHold.of(1, 6, 0.7, 0.5, kg, true).count();
      assertTrue(MagnetHold.of(count, 6, 0.7, 0.5, kg, true).holds());
      assertFalse(count > 1 && MagnetHold.of(count - 1, 6, 0.7, 0.5, kg, true).holds());
    }
    assertEquals(13, MagnetHold.of(8, 6, 1, 0.5, 0.19, true).count());
  }
}
