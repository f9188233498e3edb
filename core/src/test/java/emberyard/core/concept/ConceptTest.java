package emberyard.core.concept;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Design;
import emberyard.core.build.Frozen;
import emberyard.core.build.Look;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.build.Size;
import emberyard.core.finding.Finding;
import emberyard.core.units.InvalidValue;
import emberyard.core.yard.Samples;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class ConceptTest {
  private static final Size SIZE = new Size(388, 412, 260);

  private static Look look(int colours, Size size) {
    PaletteColour green = new PaletteColour("green", "#2E4A45", Role.BASE);
    return new Look(List.of("fog"), Collections.nCopies(colours, green), size);
  }

  @Test
  void freezingNeedsThreeToSevenColoursAndASize() {
    assertThrows(InvalidValue.class, () -> ConceptWork.checkFreezable(Design.of(look(2, SIZE))));
    assertThrows(InvalidValue.class, () -> ConceptWork.checkFreezable(Design.of(look(3, null))));
    assertDoesNotThrow(() -> ConceptWork.checkFreezable(Design.of(look(3, SIZE))));
    assertDoesNotThrow(() -> ConceptWork.checkFreezable(Design.of(look(7, SIZE))));
    assertThrows(InvalidValue.class, () -> look(8, SIZE));
  }

  @Test
  void aColourIsWrittenInSixDigits() {
    for (String hex : List.of("2E4A45", "#2E4A4", "#2E4A4G", "green", "#2E4A45F")) {
      assertThrows(InvalidValue.class, () -> new PaletteColour("x", hex, Role.BASE), hex);
    }
  }

  @Test
  void whatChangedAfterFreezingIsNamed() {
    Look frozen = look(3, SIZE);
    assertEquals(List.of(), changes(frozen, frozen));
    assertEquals(
        "Outer size: width 388 → 400 mm.",
        changes(frozen, look(3, new Size(400, 412, 260))).get(0).detail());
    assertTrue(
        changes(frozen, new Look(List.of("tide"), frozen.palette(), SIZE))
            .get(0)
            .detail()
            .contains("Theme words: now tide"));
  }

  private static List<Finding> changes(Look frozen, Look now) {
    Frozen record =
        new Frozen("Ines", Samples.MONDAY_NINE, 1, Samples.MONDAY, Design.of(frozen), List.of());
    Build build = Build.begun(Samples.brief(Samples.MONDAY), Concept.open("b1", now).with(record));
    return Samples.model(build).findings().stream()
        .filter(finding -> finding.key().equals("concept/changed"))
        .toList();
  }
}
