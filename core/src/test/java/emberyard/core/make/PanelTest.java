package emberyard.core.make;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.BorderHoles;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Window;
import emberyard.core.finding.Finding;
import emberyard.core.geometry.HoleRow;
import emberyard.core.make.panel.PanelChecks;
import emberyard.core.make.panel.PanelCut;
import emberyard.core.make.panel.PanelFigures;
import emberyard.core.make.panel.PanelShape;
import emberyard.core.make.part.MadePart;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.Material;
import emberyard.core.yard.Samples;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;

class PanelTest {
  private static PanelShape acrylic(Window window, BorderHoles holes) {
    return new PanelShape(412, 330, 3, Material.ACRYLIC, window, holes);
  }

  @Test
  void theHandbooksHoleRow() {
    HoleRow row = HoleRow.along(412, 12, 90);
    assertEquals(6, row.count());
    assertEquals(77.6, row.pitchMm(), 1e-9);
  }

  @Test
  void holeRowsAreTheFewestThatKeepThePitch() {
    for (double length = 50; length < 900; length += 13.7) {
      for (double pitch = 20; pitch < 200; pitch += 17.3) {
        HoleRow row = HoleRow.along(length, 12, pitch);
        assertTrue(row.pitchMm() <= pitch + 1e-6);
        assertTrue(row.count() == 2 || (length - 24) / (row.count() - 2) > pitch - 1e-6, "fewest");
        List<Double> centres = row.centresMm();
        assertEquals(12, centres.get(0), 1e-9);
        assertEquals(length - 12, centres.get(centres.size() - 1), 1e-6);
      }
    }
    assertEquals(3, HoleRow.along(124, 12, 50).count(), "an exact pitch gains no hole");
    assertThrows(InvalidValue.class, () -> HoleRow.along(20, 12, 50));
  }

  @Test
  void theHandbooksCuttingTime() {
    PanelFigures figures =
        PanelFigures.of(
            acrylic(new Window(50, 60, 300, 200), null),
            new PanelCut(12, 0.4, 5, 120 * 80, 0.1, 400));
    assertEquals(2 * (412 + 330) + 2 * (300 + 200), figures.contourMm(), 1e-9);
    assertEquals(449, figures.cutSeconds(), 1e-9);
    assertEquals((412 * 330 - 300 * 200) * 3 * 1190 / 1e9, figures.massKg(), 1e-12);
  }

  @Test
  void cornersAreCountedOnceAndEveryHoleIsOnTheBorder() {
    PanelFigures figures =
        PanelFigures.of(acrylic(null, new BorderHoles(12, 90, 4)), PanelCut.at(12));
    assertEquals(2 * 6 + 2 * (5 - 2), figures.holeCount());
    assertEquals(figures.holeCount(), new HashSet<>(figures.holes()).size());
    figures
        .holes()
        .forEach(
            c ->
                assertTrue(
                    c.xMm() == 12 || c.xMm() == 400 || c.yMm() == 12 || c.yMm() == 318,
                    c.toString()));
  }

  /** Area and contour counted by brute force on a fine grid. */
  @Test
  void areaAgreesWithCountingPoints() {
    PanelShape shape =
        new PanelShape(
            60, 40, 3, Material.PLY, new Window(15, 12, 30, 16), new BorderHoles(6, 25, 5));
    PanelFigures figures = PanelFigures.of(shape, PanelCut.at(12));
    int inside = 0;
    for (double x = 0.05; x < 60; x += 0.1) {
      for (double y = 0.05; y < 40; y += 0.1) {
        double px = x;
        double py = y;
        boolean open = px > 15 && px < 45 && py > 12 && py < 28;
        boolean hole =
            figures.holes().stream().anyMatch(c -> Math.hypot(c.xMm() - px, c.yMm() - py) < 2.5);
        inside += open || hole ? 0 : 1;
      }
    }
    assertEquals(inside * 0.01, figures.areaMm2(), 3);
  }

  @Test
  void aHoleTooNearTheEdgeIsAStopWithItsPlaceAndARemedyThatWorks() {
    PanelShape near = acrylic(null, new BorderHoles(6, 90, 4));
    Finding finding = PanelChecks.of("p", near, CutMethod.LASER).get(0);
    assertEquals("Holes leave 4.0 mm to the edge; 6.0 mm needed", finding.title());
    assertEquals(6, finding.place().xMm());
    double inset = finding.remedies().get(0).change().value();
    assertTrue(
        PanelChecks.of("p", acrylic(null, new BorderHoles(inset, 90, 4)), CutMethod.LASER)
            .isEmpty());
  }

  @Test
  void theNeededEdgeDependsOnMaterialAndThickness() {
    assertEquals(6, PanelChecks.neededEdgeMm(Material.ACRYLIC, 3, 4));
    assertEquals(4, PanelChecks.neededEdgeMm(Material.STEEL, 1, 4));
    assertEquals(8, PanelChecks.neededEdgeMm(Material.PLY, 4, 4));
    assertEquals(10, PanelChecks.neededEdgeMm(Material.ALUMINIUM, 10, 4));
  }

  @Test
  void aThinWebBetweenHolesAndWindowIsFound() {
    PanelShape thin = acrylic(new Window(16, 60, 300, 200), new BorderHoles(12, 90, 4));
    assertTrue(
        PanelChecks.of("p", thin, CutMethod.LASER).stream()
            .anyMatch(
                f -> f.title().equals("Only 2.0 mm between holes and window; 3.0 mm needed")));
    PanelShape frame = acrylic(new Window(1.5, 60, 300, 200), null);
    assertEquals(
        "Window border is 1.5 mm; 3.0 mm needed",
        PanelChecks.of("p", frame, CutMethod.LASER).get(0).title());
  }

  @Test
  void poisonousSheetUnderALaserIsRefusedAndMetalIsUseless() {
    Finding pvc = laser(Material.PVC, 3);
    assertTrue(pvc.refusal());
    assertTrue(laser(Material.ABS, 3).refusal());
    assertTrue(laser(Material.POLYCARBONATE, 2).refusal());
    assertEquals(
        List.of(), PanelChecks.of("p", shape(Material.POLYCARBONATE, 0.8), CutMethod.LASER));
    assertEquals(false, laser(Material.STEEL, 1).refusal());
    assertEquals(List.of(), PanelChecks.of("p", shape(Material.PVC, 3), CutMethod.SAW));
  }

  @Test
  void aWindowLargerThanThePanelIsSaidAtItsField() {
    InvalidValue problem =
        assertThrows(InvalidValue.class, () -> acrylic(new Window(200, 10, 300, 100), null));
    assertEquals("window.widthMm", problem.field());
    assertEquals(
        "The window ends at 500.0 mm and the panel is 412.0 mm wide.", problem.getMessage());
  }

  private static Finding laser(Material material, double thickness) {
    return PanelChecks.of("p", shape(material, thickness), CutMethod.LASER).get(0);
  }

  private static PanelShape shape(Material material, double thickness) {
    return new PanelShape(100, 100, thickness, material, null, null);
  }

  @Test
  void aPartCostsItsShareOfTheSheetsItIsCutFrom() {
    MadePart part = MadePart.of(Samples.panel(), Samples.sheet(0));
    assertEquals(1_881, part.materialMinor());
    assertEquals("0.78 of “Clear 3 mm”", part.materialWhy().inputs().get(0));
  }
}
