package emberyard.core.build;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.ReadOutTable.Point;
import emberyard.core.build.ReadOutTable.Timed;
import emberyard.core.build.ReadOutTable.Watched;
import emberyard.core.units.InvalidValue;
import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Tables of read-outs, as people type them. */
class ReadOutTableTest {
  private static LocalTime at(int hour, int minute) {
    return LocalTime.of(hour, minute);
  }

  private static ReadOut typed(ReadOutKind kind, String table) {
    return ReadOut.one("r", kind, 0, 0, 50, 20).table(table).build();
  }

  private static String refusal(ReadOutKind kind, String table) {
    InvalidValue refused = assertThrows(InvalidValue.class, () -> typed(kind, table));
    assertEquals("table", refused.field());
    return refused.getMessage();
  }

  @Test
  void aDayIsReadInItsOrderWhateverTheOrderOfTheLines() {
    assertEquals(
        List.of(new Point(at(3, 12), 0.8), new Point(at(9, 20), 5.4), new Point(at(15, 41), -0.3)),
        ReadOutTable.points("9:20 5,4\n\n 15:41; -0.3 \n03.12\t0.8\n"));
  }

  @Test
  void aTimetableHasWordsBehindItsTimes() {
    assertEquals(
        List.of(new Timed(at(8, 5), "Harbour, by the quay"), new Timed(at(23, 59), "Fell Top")),
        ReadOutTable.timed("23:59 Fell Top\n8:05   Harbour, by the quay"));
  }

  @Test
  void whatIsWatchedMayHaveNoLimitOnEitherSide() {
    assertEquals(
        List.of(
            new Watched("coolant.celsius", "Coolant", 18.0, 45.5),
            new Watched("graphics.celsius", "Graphics", null, 80.0),
            new Watched("fans.rpm", "fans.rpm", null, null)),
        ReadOutTable.watched(
            "coolant.celsius; Coolant; 18; 45,5\ngraphics.celsius;Graphics;;80\nfans.rpm"));
  }

  @Test
  void aLineThatCantBeReadIsNamed() {
    assertTrue(refusal(ReadOutKind.DAY_CURVE, "03:12 0.8\nhigh 5").contains("“high 5”"));
    assertTrue(refusal(ReadOutKind.DAY_CURVE, "09:20 5.4 m").contains("the number alone"));
    assertTrue(refusal(ReadOutKind.DAY_CURVE, "24:00 1").contains("24:00"));
    assertTrue(refusal(ReadOutKind.DAY_CURVE, "03:60 1").contains("03:60"));
    assertTrue(refusal(ReadOutKind.DAY_CURVE, "03:12 1,234.5").contains("1,234.5"));
    assertTrue(refusal(ReadOutKind.DAY_CURVE, "03:12 1\n3:12 2").contains("twice"));
    assertTrue(refusal(ReadOutKind.TABLE_LINE, "Harbour").contains("08:15 Harbour"));
    assertTrue(refusal(ReadOutKind.STATUS_LIST, "a b; words").contains("a b; words"));
    assertTrue(refusal(ReadOutKind.STATUS_LIST, "a; b; c; d").contains("a; b; c; d"));
    assertTrue(refusal(ReadOutKind.STATUS_LIST, "a;b;1;2;3").contains("a;b;1;2;3"));
    assertTrue(refusal(ReadOutKind.TABLE_LINE, "8:00 a\n".repeat(201)).contains("200"));
  }

  @Test
  void onlyAKindThatReadsItsTableMindsWhatStandsThere() {
    assertEquals("high 5", typed(ReadOutKind.VALUE, "high 5").table());
    assertEquals("", typed(ReadOutKind.DAY_CURVE, "").table());
  }

  @Test
  void aReadOutRefusesWhatNoneCanBe() {
    ReadOut plain = typed(ReadOutKind.DIAL, "");
    assertEquals(1, plain.nth());
    assertEquals(20, plain.lookBackMinutes());
    assertThrows(InvalidValue.class, () -> plain.withSource("coolant celsius"));
    assertThrows(InvalidValue.class, () -> plain.with().lowest(5.0).highest(5.0).build());
    assertThrows(InvalidValue.class, () -> plain.with().goodFrom(9.0).goodTo(3.0).build());
    assertThrows(InvalidValue.class, () -> plain.withNth(0));
    assertThrows(InvalidValue.class, () -> plain.withArt("<svg/>"));
    assertThrows(InvalidValue.class, () -> plain.withInkHex("amber"));
    assertThrows(InvalidValue.class, () -> plain.withMinutes(0.5));
    assertThrows(InvalidValue.class, () -> plain.withTable("x".repeat(4_001)));
  }

  @Test
  void whatIsWellHasTwoEnds() {
    ReadOut both = typed(ReadOutKind.VALUE, "").with().goodFrom(18.0).goodTo(45.0).build();
    assertEquals(0, both.strays(18));
    assertEquals(0, both.strays(45));
    assertEquals(1, both.strays(45.1));
    assertEquals(-1, both.strays(17.9));
    assertEquals(0, typed(ReadOutKind.VALUE, "").strays(1e9), "nobody has said");
  }
}
