package emberyard.core.units;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class FieldDifferenceTest {
  private record Part(double widthMm, boolean owned, long priceMinor, List<String> words) {}

  private record Hours(@Nullable Instant endedAt, @Nullable LocalDate on) {}

  @Test
  void saysEachFieldThatDiffersWithItsUnit() {
    Part was = new Part(300, false, 980, List.of());
    Part is = new Part(320, true, 1050, List.of("clear", "matt"));
    assertEquals(
        List.of(
            "width 300 → 320 mm",
            "owned no → yes",
            "price €9.80 → €10.50",
            "words now “clear”, “matt”"),
        FieldDifference.between(was, is, "EUR"));
    assertEquals("price changed", FieldDifference.between(was, is, "").get(2));
    assertEquals(List.of(), FieldDifference.between(was, was, "EUR"));
  }

  @Test
  void tellsDaysWithTheirYearAndMomentsAsTheClockOfTheWorkshopShowedThem() {
    Hours was = new Hours(null, LocalDate.of(2026, 4, 30));
    Hours is = new Hours(Instant.parse("2026-03-07T10:23:25.371Z"), LocalDate.of(2027, 4, 30));
    assertEquals(
        List.of("ended at none → Sat 7 Mar 11:23", "on Thu 30 Apr 2026 → Fri 30 Apr 2027"),
        FieldDifference.between(was, is, "", ZoneId.of("Europe/Berlin")));
  }
}
