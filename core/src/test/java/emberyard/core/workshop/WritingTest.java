package emberyard.core.workshop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.Writing.Clock;
import emberyard.core.workshop.Writing.Dates;
import emberyard.core.workshop.Writing.Decimal;
import emberyard.core.workshop.Writing.Group;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WritingTest {
  private static Writing of(Decimal decimal, Group group) {
    return new Writing(decimal, group, Clock.HOURS_24, Dates.DAY_FIRST);
  }

  @Test
  void aSentenceIsSaidWithTheWorkshopsMarks() {
    String sentence =
        "Screw M2.5 on USB 3.2: 1,234.5 mm of 9.0 mm, €3,400.00 at 12.30, room 20, 5 left.";
    assertEquals(sentence, Writing.DEFAULT.said(sentence));
    assertEquals(
        "Screw M2.5 on USB 3.2: 1.234,5 mm of 9,0 mm, €3.400,00 at 12,30, room 20, 5 left.",
        of(Decimal.COMMA, Group.POINT).said(sentence));
    assertEquals(
        "€2.860,00 for 8,467 mm", of(Decimal.COMMA, Group.POINT).said("€2,860.00 for 8.467 mm"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {"COMMA;1,234.50", "BLANK;1\u202f234.50", "APOSTROPHE;1’234.50", "NONE;1234.50"})
  void everyMarkBetweenThousandsIsSaid(Group group, String said) {
    assertEquals(said, of(Decimal.POINT, group).said("1,234.50"));
  }

  @Test
  void theMarkBetweenThousandsIsNeverTheDecimalMark() {
    assertThrows(InvalidValue.class, () -> of(Decimal.COMMA, Group.COMMA));
    assertThrows(InvalidValue.class, () -> of(Decimal.POINT, Group.POINT));
  }
}
