package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.record.LabelKind;
import emberyard.core.supply.LabelCheck.Outcome;
import emberyard.core.yard.Samples;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LabelCheckTest {
  private static Outcome one(LabelKind kind, String field, String ordered, String label) {
    return LabelCheck.of(kind, Map.of(field, ordered), Map.of(field, label)).answers().stream()
        .filter(answer -> answer.field().equals(field))
        .findFirst()
        .orElseThrow()
        .outcome();
  }

  private static void same(LabelKind kind, String field, String ordered, String... labels) {
    for (String label : labels) {
      assertEquals(Outcome.SAME, one(kind, field, ordered, label), ordered + " / " + label);
    }
  }

  private static void differs(LabelKind kind, String field, String ordered, String... labels) {
    for (String label : labels) {
      assertEquals(Outcome.DIFFERS, one(kind, field, ordered, label), ordered + " / " + label);
    }
  }

  /** One wrong thing of each kind, and the right one as people write it. */
  @Test
  void aWrongOneOfEachKindIsFound() {
    same(LabelKind.DRIVE, "capacity", "4 TB", "4TB", "4000 GB", "4,000 GB", "4096 gb", "4.0 tb");
    differs(LabelKind.DRIVE, "capacity", "4 TB", "1 TB", "400 GB", "4 GB", "big", "4");
    same(LabelKind.DRIVE, "interface", "M.2 NVMe", "m2 nvme", "M.2-NVMe");
    differs(LabelKind.DRIVE, "interface", "M.2 NVMe", "SATA", "M.2 SATA");
    same(LabelKind.MEMORY, "kit", "2 × 16 GB", "2x16GB", "2 X 16 gb", "2*16GB");
    differs(LabelKind.MEMORY, "kit", "2 × 16 GB", "1 × 32 GB", "16 GB", "4 × 16 GB");
    same(LabelKind.MEMORY, "speed", "6000", "6000 MT/s", "6,000");
    differs(LabelKind.MEMORY, "speed", "6000", "5600", "fast");
    same(LabelKind.CARD, "length", "305 mm", "305", "30.5 cm", "12.0 in", "306 mm");
    differs(LabelKind.CARD, "length", "305 mm", "320 mm", "298");
    same(LabelKind.CARD, "plugs", "2 × 8-pin", "8 pin, 8 pin", "2x8pin");
    differs(LabelKind.CARD, "plugs", "2 × 8-pin", "1 × 16-pin", "8-pin");
    same(LabelKind.SCREEN, "pixels", "480 × 1920", "1920 x 480", "1,920 × 480");
    differs(LabelKind.SCREEN, "pixels", "480 × 1920", "1280 × 480", "1920");
    differs(LabelKind.SCREEN, "input", "HDMI", "DisplayPort");
    same(LabelKind.SCREEN, "size", "58 × 192 mm", "19.2 × 5.8 cm", "192 58");
    same(LabelKind.LEAD, "length", "1.5 m", "150 cm", "1500", "1,5 m");
    differs(LabelKind.LEAD, "length", "1.5 m", "1 m");
    differs(LabelKind.LEAD, "plugs", "HDMI, HDMI", "HDMI, DisplayPort");
    same(LabelKind.PAINT, "colour", "Harbour green satin", "harbour green, satin");
    differs(LabelKind.PAINT, "colour", "Harbour green satin", "Harbour green");
    differs(LabelKind.CASE, "window", "left", "right");
    differs(LabelKind.FAN, "direction", "out", "in");
  }

  @Test
  void aSheetIsMeasuredInThreePlaces() {
    same(LabelKind.SHEET, "thickness", "3 mm", "2.86 2.9 2.84", "2,86; 2,9; 2,84");
    assertEquals(Outcome.NOT_READ, one(LabelKind.SHEET, "thickness", "3 mm", "2.86 2.9"));
    differs(LabelKind.SHEET, "thickness", "3 mm", "4.9 5.0 5.1", "2.9 2.9 5.0", "5");
    LabelCheck.Caliper caliper =
        LabelCheck.of(
                LabelKind.SHEET, Map.of("thickness", "3 mm"), Map.of("thickness", "2.86 2.90 3.10"))
            .caliper();
    assertEquals(3.10, caliper.slotMm(), 1e-9);
    assertEquals(2.9533, caliper.stackMm(), 1e-4);
    assertEquals(0.12, caliper.halfRangeMm(), 1e-9);
    assertTrue(caliper.uneven());
    assertNull(LabelCheck.of(LabelKind.SHEET, Map.of(), Map.of()).caliper());
    assertFalse(LabelCheck.Caliper.of(List.of(2.9, 3.1)).uneven());
  }

  /** What was ordered has to be read; what nobody knew is only written down. */
  @Test
  void nothingPassesUnread() {
    LabelCheck unread = LabelCheck.of(LabelKind.DRIVE, Map.of("capacity", "4 TB"), Map.of());
    assertFalse(unread.complete());
    assertFalse(unread.differs());
    LabelCheck blank =
        LabelCheck.of(LabelKind.DRIVE, Map.of("capacity", "4 TB"), Map.of("capacity", "  "));
    assertFalse(blank.complete());
    LabelCheck unknown =
        LabelCheck.of(LabelKind.DRIVE, Map.of(), Map.of("capacity", "1 TB", "interface", "SATA"));
    assertTrue(unknown.complete());
    assertFalse(unknown.differs());
    LabelCheck wrong =
        LabelCheck.of(LabelKind.DRIVE, Map.of("capacity", "4 TB"), Map.of("capacity", "1 TB"));
    assertEquals("Capacity: 1 TB, ordered 4 TB", wrong.difference());
  }

  /**
   * A thing compared with itself is the same, however it is written; whatever is typed, no fault.
   */
  @Test
  void everyFactAgreesWithItself() {
    Random random = new Random(18);
    String alphabet = "0123456789.,x× TBGmcin-\"+&éß";
    for (int round = 0; round < 4_000; round++) {
      LabelKind kind = LabelKind.values()[random.nextInt(LabelKind.values().length)];
      Map<String, String> ordered = new HashMap<>();
      Map<String, String> label = new HashMap<>();
      for (LabelKind.Question question : kind.questions()) {
        StringBuilder words = new StringBuilder();
        for (int i = random.nextInt(14); i >= 0; i--) {
          words.append(alphabet.charAt(random.nextInt(alphabet.length())));
        }
        ordered.put(question.field(), words.toString());
        label.put(question.field(), random.nextBoolean() ? words.toString() : "12.5 mm");
      }
      LabelCheck check = LabelCheck.of(kind, ordered, label);
      assertEquals(kind.questions().size(), check.answers().size());
      assertTrue(check.complete() || check.answers().stream().anyMatch(this::unread));
      assertEquals(check.differs(), check.answers().stream().anyMatch(this::differing));
    }
  }

  private boolean unread(LabelCheck.Answer answer) {
    return answer.outcome() == Outcome.NOT_READ;
  }

  private boolean differing(LabelCheck.Answer answer) {
    return answer.outcome() == Outcome.DIFFERS;
  }

  @Test
  void numbersAreReadAsPeopleWriteThem() {
    assertEquals(1_920, LabelWords.number("1,920"));
    assertEquals(2.86, LabelWords.number("2,86"));
    assertEquals(0.125, LabelWords.number("0,125"));
    assertEquals(3_200.5, LabelWords.number("3.200,5"));
    assertEquals(3_200.5, LabelWords.number("3,200.5"));
    assertEquals(3_200_500, LabelWords.number("3.200.500"));
    assertEquals(1.25, LabelWords.number("1.25"));
    assertEquals(12, LabelWords.number("12."));
    assertEquals(List.of(58.0, 192.0), LabelWords.amounts("5.8 × 19.2 cm"));
  }

  @Test
  void whatIsOrderedIsAsTheDesignHasIt() {
    OrderFacts screen = OrderFacts.of(Samples.build(), "screen:d1", Samples.book());
    assertEquals(LabelKind.SCREEN, screen.kind());
    assertEquals("480 × 1920", screen.facts().get("pixels"));
    assertEquals("58 × 192 mm", screen.facts().get("size"));
    OrderFacts sheet = OrderFacts.of(Samples.build(), "sheet:clear-3", Samples.book());
    assertEquals(Map.of("thickness", "3 mm"), sheet.facts());
    assertNull(OrderFacts.of(Samples.build(), "fixing:tape-12", Samples.book()).kind());
    assertNull(OrderFacts.of(Samples.build(), "nothing", Samples.book()).kind());
    assertNull(OrderFacts.of(Samples.build(), "component:gone", Samples.book()).kind());
  }
}
