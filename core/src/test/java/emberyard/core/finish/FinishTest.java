package emberyard.core.finish;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Scheme;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.Drying;
import emberyard.core.finish.coat.PaintQuantity;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.finish.layer.SheetOptic;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.RoomClimate;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class FinishTest {
  @Test
  void theHandbooksDryingFactors() {
    RoomClimate cold = new RoomClimate(14, 70);
    assertEquals(1.70, Drying.factor(cold, PaintBase.SOLVENT), 0.005);
    assertEquals(1.97, Drying.factor(cold, PaintBase.WATERBORNE), 0.005);
    assertEquals(1, Drying.factor(RoomClimate.reference(), PaintBase.ENAMEL), 1e-12);
  }

  @Test
  void theHandbooksDewPoint() {
    assertEquals(12.4, Drying.dewPointC(new RoomClimate(18, 70)), 0.05);
    assertEquals(18, Drying.dewPointC(new RoomClimate(18, 100)), 1e-9, "saturated air");
  }

  @Test
  void dewPointRisesWithHumidityAndStaysUnderTheAir() {
    for (double t = -5; t <= 40; t += 2.5) {
      double before = -100;
      for (double rh = 5; rh <= 100; rh += 5) {
        double dew = Drying.dewPointC(new RoomClimate(t, rh));
        assertTrue(dew > before && dew <= t + 1e-9);
        before = dew;
      }
    }
  }

  @Test
  void everyReasonNotToSprayIsSaid() {
    assertTrue(Drying.in(new RoomClimate(14, 70), PaintBase.SOLVENT).sprayable());
    Drying damp = Drying.in(new RoomClimate(18, 86), PaintBase.SOLVENT);
    assertFalse(damp.sprayable());
    assertEquals(2, damp.reasons().size(), "dew point and humidity");
    assertTrue(damp.reasons().get(0).contains("3 K needed"));
    assertFalse(Drying.in(new RoomClimate(9.5, 40), PaintBase.SOLVENT).sprayable());
    assertFalse(Drying.in(new RoomClimate(33, 40), PaintBase.SOLVENT).sprayable());
  }

  @Test
  void theHandbooksQuantity() {
    assertEquals(138.9, PaintQuantity.mlPerM2(15, 0.18, 0.6), 0.05);
    assertEquals(2, PaintQuantity.cans(360.1, 400));
    assertEquals(1, PaintQuantity.cans(360, 400));
    assertEquals(0, PaintQuantity.cans(0, 400));
  }

  @Test
  void theFourEndsOfACoatAreKeptApartAndFollowTheRoom() {
    WorkshopBook cold = inRoom(new RoomClimate(14, 70));
    CoatStep coat = plan(Samples.scheme(), cold).coats().get(0);
    assertEquals(17, coat.flashMinutes(), "10 × 1.70");
    assertEquals(34, coat.recoatFromMinutes());
    assertEquals(204, coat.handleMinutes(), "2 h × 1.6976");
    assertEquals(4890, coat.cureMinutes(), "48 h × 1.6976");
  }

  @Test
  void paintedAreaAddsTheEdgesAndPiecesShareTheCans() {
    SchemePlan plan = plan(Samples.scheme(), Samples.book());
    double edges = 2 * (412 + 388) * 2.86 / 1e6;
    assertEquals(0.412 * 0.388 + edges, plan.areaM2(), 1e-9);
    double ml = plan.coats().stream().mapToDouble(CoatStep::ml).sum();
    assertEquals(plan.areaM2() * 3 * 138.9, ml, 0.1);
  }

  @Test
  void bothSidesAreTwoCyclesWithTheHiddenOneFirst() {
    Scheme both =
        PlainScheme.of("s1", "Both", "p1", true, null, new PlainScheme.Coats("green", 2), null);
    List<String> keys = plan(both, Samples.book()).coats().stream().map(CoatStep::key).toList();
    assertEquals(
        List.of(
            "scheme:s1/back/colour/1",
            "scheme:s1/back/colour/2",
            "scheme:s1/colour/1",
            "scheme:s1/colour/2"),
        keys);
  }

  @Test
  void stepsFollowEachOtherAndTheLastWaitIsTheCure() {
    Work work = work(Samples.book());
    List<String> keys = work.tasks().stream().map(Task::key).toList();
    assertEquals(
        List.of(
            "wash", "mask", "key", "colour/1", "colour/2", "colour/3", "cure", "unmask", "cured"),
        keys.stream().map(key -> key.replace("scheme:s1/", "")).toList());
    for (int i = 1; i < keys.size(); i++) {
      assertTrue(work.tasks().get(i).after().contains(keys.get(i - 1)));
    }
    assertTrue(work.tasks().get(8).gate());
    assertEquals(46 * 60, work.tasks().get(6).waitMinutes(), "cure less the way to handle");
    assertTrue(work.tasks().get(3).holdsStation());
  }

  @Test
  void dampAirIsAFindingOfTheBuild() {
    List<Finding> findings = work(inRoom(new RoomClimate(18, 86))).findings();
    assertEquals(Severity.STOP, findings.get(0).severity());
    assertEquals("Do not spray at 18 °C and 86 %", findings.get(0).title());
    assertTrue(
        work(Samples.book()).findings().stream().allMatch(f -> f.severity() == Severity.NOTE));
  }

  static PaintTarget painted(Scheme scheme) {
    return new PaintTarget(
        scheme,
        "Left window",
        0.412 * 0.388,
        2 * (412 + 388),
        2.86,
        1,
        Substrate.ACRYLIC,
        SheetOptic.of(Samples.sheet(0)),
        Outline.of(Contour.rectangle(0, 0, 412, 388, 0)),
        Map.of(),
        Map.of(),
        "part:p1/cut");
  }

  private static SchemePlan plan(Scheme scheme, WorkshopBook book) {
    return SchemePlan.of(painted(scheme), book);
  }

  private static Work work(WorkshopBook book) {
    Build build = Samples.build();
    return FinishWork.derive(
        build, List.of(plan(Samples.scheme(), book)), List.of(), book, "make/dry-fit");
  }

  private static WorkshopBook inRoom(RoomClimate room) {
    WorkshopBook b = Samples.book();
    Workshop w = b.workshop();
    Workshop changed =
        new Workshop(
            w.id(),
            w.name(),
            w.currency(),
            w.zone(),
            w.hours(),
            w.breakMinutes(),
            room,
            w.markUpPercent(),
            w.taxPercent(),
            w.contingencyPercent(),
            w.tightDays(),
            w.times(),
            w.writing(),
            w.address());
    return new WorkshopBook(changed, b.things());
  }
}
