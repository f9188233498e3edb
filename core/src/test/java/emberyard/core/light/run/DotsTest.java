package emberyard.core.light.run;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DotsTest {
  @ParameterizedTest
  @CsvSource({"0.5, 35.0", "0.75, 10.2", "1.0, 2.7", "1.25, 0.7"})
  void theFurtherWhatSpreadsTheLightTheLessOneSeesOfTheLeds(double share, double percent) {
    assertEquals(percent, Dots.unevenPercent(16.7, 16.7 * share), 0.05);
    assertEquals(percent, Dots.unevenPercent(8, 8 * share), 0.05, "only the ratio counts");
  }

  @Test
  void itReadsAsALineFromThereOn() {
    double line = Dots.lineMm(1_000.0 / 60);
    assertEquals(15, line);
    assertTrue(Dots.unevenPercent(1_000.0 / 60, line) < Dots.LINE_PERCENT);
    assertTrue(Dots.unevenPercent(1_000.0 / 60, line - 0.5) >= Dots.LINE_PERCENT);
  }

  @Test
  void onTheLedsThemselvesOneSeesDots() {
    assertEquals(100, Dots.unevenPercent(16.7, 0));
  }

  @Test
  void everyMillimetreHelps() {
    double before = 101;
    for (double h = 0; h <= 40; h += 0.5) {
      double uneven = Dots.unevenPercent(16.7, h);
      assertTrue(uneven <= before && uneven >= 0, h + " mm");
      before = uneven;
    }
  }
}
