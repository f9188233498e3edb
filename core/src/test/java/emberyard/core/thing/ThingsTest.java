package emberyard.core.thing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import emberyard.core.build.Build;
import emberyard.core.build.Design;
import emberyard.core.build.Look;
import emberyard.core.build.Panel;
import emberyard.core.build.Scheme;
import emberyard.core.record.Remark;
import emberyard.core.units.InvalidValue;
import emberyard.core.yard.Samples;
import java.util.List;
import org.junit.jupiter.api.Test;

class ThingsTest {
  private static final Panel PANEL = Samples.panel();
  private static final Remark FIRST = new Remark("a", "wider");
  private static final Remark SECOND = new Remark("b", "redder");

  @Test
  void thingsAreKeptByKindEachInItsOrder() {
    Things things = Things.of(List.of(SECOND, PANEL, FIRST));
    assertEquals(List.of(PANEL), things.of(Panel.class));
    assertEquals(List.of(SECOND, FIRST), things.of(Remark.class));
    assertEquals(List.of(), things.of(Scheme.class));
    assertEquals(FIRST, things.find(Remark.class, "a").orElseThrow());
    assertEquals(3, things.all().count());
  }

  @Test
  void theOrderWithinAKindCountsAndTheOrderOfKindsDoesNot() {
    assertEquals(Things.of(List.of(PANEL, FIRST)), Things.of(List.of(FIRST, PANEL)));
    assertEquals(
        Things.of(List.of(PANEL, FIRST)).hashCode(), Things.of(List.of(FIRST, PANEL)).hashCode());
    assertNotEquals(Things.of(List.of(SECOND, FIRST)), Things.of(List.of(FIRST, SECOND)));
    assertEquals(Things.NONE, Things.of(List.of(FIRST)).with(Remark.class, List.of()));
  }

  @Test
  void partsCanBeTakenAndLaidTogether() {
    Things things = Things.of(List.of(PANEL, FIRST));
    Things remarks = things.only(kind -> kind == Remark.class);
    assertEquals(Things.of(List.of(FIRST)), remarks);
    assertEquals(things, things.only(Design::differs).and(remarks));
    assertEquals(List.of(FIRST, SECOND), remarks.and(Things.of(List.of(SECOND))).of(Remark.class));
  }

  @Test
  void aDesignHoldsOnlyWhatConceptsDifferIn() {
    InvalidValue refused =
        assertThrows(InvalidValue.class, () -> Design.of(Look.open(), List.of(PANEL, FIRST)));
    assertEquals("things", refused.field());
  }

  @Test
  void layingADesignOnTheTableLeavesTheRecordAlone() {
    Build build = Samples.build().with(Remark.class, List.of(FIRST));
    Design design = build.design();
    assertEquals(build, build.with(design));
    Build bare = build.with(Design.of(design.look()));
    assertEquals(List.of(), bare.panels());
    assertEquals(List.of(FIRST), bare.remarks());
    assertEquals(build.orders(), bare.orders());
    assertEquals(design, bare.with(design).design());
  }
}
