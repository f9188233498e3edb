package emberyard.core.fit.worksheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.ShelfMaterial;
import emberyard.core.build.Worksheet;
import emberyard.core.build.Worksheet.Shelf;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Panels that carry. */
class ShelfLoadTest {
  private static final Shelf PLY = new Shelf(12, 380, 300, 4.8, ShelfMaterial.BIRCH_PLY, false);

  private static Finding finding(Shelf shelf) {
    return WorksheetResult.of(new Worksheet("s", "Monitor shelf", null, null, null, shelf))
        .finding();
  }

  @Test
  void asInTheHandbook() {
    ShelfLoad load = ShelfLoad.of(PLY);
    assertEquals(8.1, load.centreMm(), 0.05);
    assertEquals(5.1, load.spreadMm(), 0.05);
    assertEquals(1.3, load.limitMm(), 0.05);
    assertEquals(2 * load.centreMm(), load.monthsMm(), 1e-9);
    assertFalse(load.holds());
  }

  /** The thickness and the span that are named do, and a little less or more doesn’t. */
  @Test
  void whatIsProposedHolds() {
    Random random = new Random(7);
    for (int i = 0; i < 500; i++) {
      ShelfMaterial of = ShelfMaterial.values()[random.nextInt(ShelfMaterial.values().length)];
      Shelf shelf =
          new Shelf(
              1 + random.nextInt(60),
              100 + random.nextInt(900),
              50 + random.nextInt(500),
              2 + random.nextInt(6),
              of,
              random.nextBoolean());
      ShelfLoad load = ShelfLoad.of(shelf);
      if (load.holds()) {
        assertEquals(0, load.thicknessMm());
        continue;
      }
      assertTrue(ShelfLoad.of(thick(shelf, load.thicknessMm() + 1e-6)).holds());
      assertFalse(ShelfLoad.of(thick(shelf, load.thicknessMm() - 0.01)).holds());
      assertTrue(load.spanMm() < shelf.spanMm());
      if (load.spanMm() > 11) {
        assertTrue(ShelfLoad.of(span(shelf, load.spanMm() - 1e-6)).holds());
        assertFalse(ShelfLoad.of(span(shelf, load.spanMm() + 0.1)).holds());
      }
    }
  }

  private static Shelf thick(Shelf of, double mm) {
    return new Shelf(of.massKg(), of.spanMm(), of.wideMm(), mm, of.of(), of.spread());
  }

  private static Shelf span(Shelf of, double mm) {
    return new Shelf(of.massKg(), mm, of.wideMm(), of.thicknessMm(), of.of(), of.spread());
  }

  @Test
  void metalDoesNotCreep() {
    Shelf steel = new Shelf(12, 380, 300, 4.8, ShelfMaterial.MILD_STEEL, false);
    assertEquals(ShelfLoad.of(steel).bendsMm(), ShelfLoad.of(steel).monthsMm());
    assertTrue(ShelfLoad.of(steel).holds());
    assertNull(finding(steel));
  }

  @Test
  void aShelfThatBendsSaysWhatWouldDo() {
    Finding bends = finding(PLY);
    assertEquals(Severity.RISK, bends.severity());
    assertEquals(
        "Monitor shelf: it bends by 16.2 mm over months, 1.3 mm are allowed", bends.title());
    assertEquals("Take 11.3 mm or thicker", bends.remedies().get(0).label());
    assertEquals("Feet under it at most 106.0 mm apart", bends.remedies().get(1).label());
    assertNull(finding(thick(PLY, 11.3)));
    assertEquals(
        Severity.NOTE,
        finding(new Shelf(0, 380, 300, 4.8, ShelfMaterial.BIRCH_PLY, false)).severity());
  }
}
