package emberyard.core.glow;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.colour.Colour;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SentValueTest {
  @Test
  void whatIsSentIsLinearInLight() {
    assertEquals(new SentValue(222, 91, 11), SentValue.of(Colour.hex("#F0A13A")));
    assertEquals(SentValue.WHITE, SentValue.of(Colour.WHITE));
    assertEquals(new SentValue(0, 0, 0), SentValue.of(Colour.BLACK));
  }

  @Test
  void theHandbooksCurrents() {
    SentValue raw = new SentValue(240, 161, 58);
    assertEquals(37.0, raw.milliamps(20, 1, 1), 0.05);
    assertEquals(15.4, raw.milliamps(20, 0.4, 1), 0.05);
    assertEquals(26.4, SentValue.of(Colour.hex("#F0A13A")).milliamps(20, 1, 1), 0.05);
    assertEquals(61, SentValue.WHITE.milliamps(20, 1, 1), 1e-9);
  }

  @Test
  void brighterNeverDrawsLess() {
    Random random = new Random(3);
    for (int i = 0; i < 500; i++) {
      SentValue sent = new SentValue(random.nextInt(256), random.nextInt(256), random.nextInt(256));
      double before = 0;
      for (int percent = 0; percent <= 100; percent += 5) {
        double draws = sent.milliamps(20, percent / 100.0, 1);
        assertTrue(draws >= before && draws <= 61 + 1e-9);
        before = draws;
      }
    }
  }
}
