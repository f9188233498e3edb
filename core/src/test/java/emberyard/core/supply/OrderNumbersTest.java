package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class OrderNumbersTest {
  @Test
  void theNextGoesOnOverTheYear() {
    List<String> given = List.of("2026-007", "2025-090", "by mail", "", "2026-003");
    assertEquals("2026-008", OrderNumbers.next(given, 2026));
    assertEquals("2027-001", OrderNumbers.next(given, 2027));
    assertEquals("2026-1000", OrderNumbers.next(List.of("2026-999"), 2026));
    assertEquals("2026-1001", OrderNumbers.next(List.of("2026-1000"), 2026));
  }
}
