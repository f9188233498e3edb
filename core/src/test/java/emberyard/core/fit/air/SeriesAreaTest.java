package emberyard.core.fit.air;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Openings one behind another. */
class SeriesAreaTest {
  @Test
  void asInTheHandbook() {
    assertEquals(48.1, SeriesArea.of(List.of(58.0, 86.0)).areaCm2(), 0.05);
  }

  /** One more thing in the way never helps, whatever its place. */
  @Test
  void eachMoreLetsLessThrough() {
    List<Double> two = List.of(58.0, 86.0);
    List<Double> three = List.of(400.0, 58.0, 86.0);
    assertTrue(SeriesArea.of(three).areaCm2() < SeriesArea.of(two).areaCm2());
    assertEquals(
        SeriesArea.of(three).areaCm2(), SeriesArea.of(List.of(86.0, 400.0, 58.0)).areaCm2(), 1e-9);
    assertEquals(70, SeriesArea.of(List.of(70.0)).areaCm2(), 1e-9);
  }

  @Test
  void nothingLetsNothingThrough() {
    assertThrows(InvalidValue.class, () -> SeriesArea.of(List.of()));
    assertThrows(InvalidValue.class, () -> SeriesArea.of(List.of(58.0, 0.0)));
  }
}
