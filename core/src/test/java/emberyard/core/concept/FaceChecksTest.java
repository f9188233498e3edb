package emberyard.core.concept;

import static emberyard.core.yard.Drawings.item;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.yard.Drawings;
import java.util.List;
import org.junit.jupiter.api.Test;

class FaceChecksTest {
  private static List<Finding> of(FaceItem... items) {
    return FaceChecks.of(List.of(Drawings.front(items)));
  }

  private static Finding only(FaceItem... items) {
    List<Finding> findings = of(items);
    assertEquals(1, findings.size(), findings.toString());
    return findings.get(0);
  }

  @Test
  void whatLiesWhollyOnTheFaceIsFine() {
    assertEquals(List.of(), of(item("badge", ItemKind.BADGE, 0, 0, 200, 100)));
  }

  @Test
  void whatHangsOverIsSaidWithItsMillimetresAndARemedyThatHelps() {
    Finding finding = only(item("badge", ItemKind.BADGE, 180, 10, 30, 20));
    assertEquals(Severity.STOP, finding.severity());
    assertEquals("“badge” hangs 10.0 mm over the front", finding.title());
    assertEquals("badge", finding.thingId());
    Remedy.Change change = finding.remedies().get(0).change();
    assertEquals("xMm", change.field());
    assertEquals(170, change.value());
    assertEquals(List.of(), of(item("badge", ItemKind.BADGE, change.value(), 10, 30, 20)));
  }

  @Test
  void whatIsLargerThanTheFaceCantBeMovedIn() {
    Finding finding = only(item("badge", ItemKind.BADGE, -5, 10, 210, 20));
    assertTrue(finding.remedies().stream().allMatch(remedy -> remedy.change() == null));
  }

  @Test
  void twoThingsOnOneLayerCantShareAPlaceButArtLiesOnAnything() {
    Finding finding =
        only(
            item("one", ItemKind.BADGE, 0, 0, 50, 50),
            item("two", ItemKind.HANDLE, 40, 30, 50, 50));
    assertEquals("“one” and “two” overlap by 10.0 mm × 20.0 mm", finding.title());
    assertEquals(45, finding.place().xMm());
    assertEquals(
        List.of(),
        of(item("one", ItemKind.BADGE, 0, 0, 50, 50), item("two", ItemKind.HANDLE, 50, 0, 50, 50)),
        "touching edges");
    assertEquals(
        List.of(),
        of(item("one", ItemKind.BADGE, 0, 0, 50, 50), item("two", ItemKind.VINYL, 0, 0, 50, 50)));
    assertEquals(
        List.of(),
        of(
            item("one", ItemKind.CUT_OUT, 20, 20, 50, 50),
            item("two", ItemKind.BADGE, 20, 20, 50, 50)),
        "different layers");
  }

  @Test
  void aScreenUnderTheFaceIsAStopAndAVentUnderAPlateARisk() {
    Finding screen = only(item("tide", ItemKind.SCREEN, 20, 20, 50, 50));
    assertEquals(Severity.STOP, screen.severity());
    assertEquals("100 % of “tide” is covered", screen.title());
    assertTrue(screen.detail().contains("the face itself"), screen.detail());
    Finding vent =
        only(
            item("vent", ItemKind.VENT, 20, 20, 60, 60),
            item("plate", ItemKind.BADGE, 20, 20, 30, 60));
    assertEquals(Severity.RISK, vent.severity());
    assertEquals("50 % of “vent” is covered", vent.title());
    assertTrue(vent.detail().contains("“plate”"), vent.detail());
    assertEquals(
        List.of(),
        of(
            item("tide", ItemKind.SCREEN, 20, 20, 50, 50),
            item("cut", ItemKind.CUT_OUT, 20, 20, 50, 50)));
  }

  @Test
  void aWindowNeedsABorderToLieOn() {
    Finding finding = only(item("pane", ItemKind.WINDOW, 6, 20, 50, 50));
    assertEquals("Window border is 6.0 mm; 8.0 mm needed", finding.title());
    assertEquals(List.of(), of(item("pane", ItemKind.WINDOW, 8, 20, 50, 50)));
  }
}
