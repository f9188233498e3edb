package emberyard.core.units;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import emberyard.core.build.Requirement;
import emberyard.core.build.RequirementKind;
import emberyard.core.record.TaskMark;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class UnitsTest {
  @Test
  void numbersAreWrittenWithTheirUnit() {
    assertEquals("9.0 mm", Figures.mm(9));
    assertEquals("1 h 35", Figures.minutes(95));
    assertEquals("40 min", Figures.minutes(40));
    assertEquals("−2 h", Figures.minutes(-120));
    assertEquals("€2,860.00", Figures.money("EUR", 286_000));
    assertEquals("1.7", Figures.plain(1.70));
  }

  @Test
  void aWrongValueSaysWhatWouldBeRight() {
    InvalidValue problem =
        assertThrows(InvalidValue.class, () -> Require.between("widthMm", 0, 5, 5_000, "mm"));
    assertEquals("widthMm", problem.field());
    assertEquals("Width can't be 0: 5 to 5000 mm.", problem.getMessage());
    assertEquals("window.widthMm", problem.within("window").field());
    assertThrows(InvalidValue.class, () -> Require.between("x", Double.NaN, 0, 1, ""));
    assertThrows(InvalidValue.class, () -> Require.text("name", " "));
    assertThrows(InvalidValue.class, () -> Require.text("name", "x".repeat(4_001)));
  }

  @Test
  void aGateNeedsAResultAndARedoAReason() {
    for (TaskMark.What what : TaskMark.What.values()) {
      boolean free = what == TaskMark.What.DONE || what == TaskMark.What.REOPENED;
      if (!free) {
        assertThrows(
            InvalidValue.class,
            () -> new TaskMark("m", "k", what, Instant.EPOCH, "Ines", ""),
            what.name());
      }
    }
    assertThrows(
        InvalidValue.class,
        () ->
            new Requirement(
                "r",
                "Quiet",
                Requirement.Priority.MUST,
                RequirementKind.NOISE,
                null,
                null,
                null,
                "",
                Requirement.Outcome.ANSWERED));
  }

  @Test
  void everythingWrongIsNamedAtOnce() {
    Require.all(() -> Require.text("name", "ines"));
    InvalidValue one =
        assertThrows(
            InvalidValue.class,
            () -> Require.all(() -> Require.text("name", ""), () -> Require.text("zone", "UTC")));
    assertEquals("name", one.field());
    InvalidValues both =
        assertThrows(
            InvalidValues.class,
            () -> Require.all(() -> Require.text("name", ""), () -> Require.given("zone", null)));
    assertEquals(List.of("name", "zone"), both.all().stream().map(InvalidValue::field).toList());
  }
}
