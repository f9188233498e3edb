package emberyard.server.table;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvNumberTest {
  @Test
  void pointsAreRead() {
    assertEquals(3.5, CsvNumber.read(" 3.5 "));
    assertEquals(-0.25, CsvNumber.read("-0.25"));
    assertEquals(350, CsvNumber.whole("350"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"3,5", "3,400", "1.234,5", "1e9", "NaN", "Infinity", "0x1p3", "", "5 kg"})
  void anythingElseIsRefusedWithTheForm(String cell) {
    NumberFormatException refused =
        assertThrows(NumberFormatException.class, () -> CsvNumber.read(cell));
    assertTrue(refused.getMessage().endsWith("as 3.5"), refused.getMessage());
    assertThrows(NumberFormatException.class, () -> CsvNumber.whole("3.5"));
  }
}
