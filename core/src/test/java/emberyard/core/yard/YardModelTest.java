package emberyard.core.yard;

import static emberyard.core.yard.Samples.model;
import static emberyard.core.yard.Samples.task;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Design;
import emberyard.core.build.Frozen;
import emberyard.core.build.Look;
import emberyard.core.finding.Finding;
import emberyard.core.record.OrderLine;
import emberyard.core.record.TaskMark;
import emberyard.core.supply.NeedLine;
import emberyard.core.work.Stage;
import emberyard.core.workshop.AirDay;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class YardModelTest {
  @Test
  void describingTheBuildOnceBringsWorkListCostCautionsAndDate() {
    BuildModel model = model(Samples.build());
    List<String> keys = model.tasks().stream().map(t -> t.task().key()).toList();
    assertTrue(
        keys.containsAll(
            List.of(
                "part:p1/cut",
                "make/dry-fit",
                "scheme:s1/colour/3",
                "scheme:s1/cured",
                "screen:d1/fit",
                "strip:l1/fit",
                "parcel:quay/in-5-days",
                "prove/hardware",
                "bench/close",
                "prove/load",
                "reveal/hand-over")));
    assertEquals(
        List.of(
            "abrasive:sheets",
            "component:c1",
            "component:e1",
            "paint:green",
            "screen:d1",
            "sheet:clear-3",
            "strip:l1",
            "tape:mask"),
        model.needs().stream().map(line -> line.need().key()).sorted().toList());
    assertTrue(model.budget().plannedMinor() > 30_000);
    assertFalse(task(model, "scheme:s1/colour/1").task().cautions().isEmpty());
    assertEquals(Fuse.Verdict.ON_TIME, model.fuse().verdict());
    assertTrue(model.fuse().finish().isAfter(Samples.MONDAY.plusDays(5)), "parcels take 5 days");
  }

  @Test
  void equalInputsGiveEqualPictures() {
    assertEquals(model(Samples.build()), model(Samples.build()));
  }

  @Test
  void everyTaskLiesBehindWhatItNeedsAndNothingDerivedIsLost() {
    BuildModel model = model(Samples.build());
    for (TaskModel task : model.tasks()) {
      if (task.planned() == null) {
        continue;
      }
      for (String before : task.task().after()) {
        TaskModel first = task(model, before);
        if (first.planned() != null) {
          assertFalse(
              task.planned().start().isBefore(first.planned().finish()),
              task.task().key() + " behind " + before);
        }
      }
    }
    assertEquals("reveal/hand-over", model.tasks().get(model.tasks().size() - 1).task().key());
  }

  @Test
  void aRevealTooSoonIsLateWithTheChainThatDecides() {
    BuildModel model = model(new Samples.Made().reveal(LocalDate.of(2026, 3, 5)).build());
    assertEquals(Fuse.Verdict.LATE, model.fuse().verdict());
    assertTrue(model.fuse().spareDays() < 0);
    assertTrue(titles(model).stream().anyMatch(t -> t.startsWith("Reveal missed by")));
    assertTrue(model.chain().get(0).text().startsWith("Waiting for the parcel"));
    assertEquals("reveal/hand-over", model.chain().get(model.chain().size() - 1).key());
  }

  @Test
  void aDayTooDampToSprayIsTheReasonNotSomebodysHours() {
    List<AirDay> damp =
        IntStream.range(7, 14)
            .mapToObj(
                day -> new AirDay("", Samples.MONDAY.plusDays(day), 18, 92, AirDay.Source.TYPED))
            .toList();
    BuildModel model =
        YardModel.of(
                List.of(Samples.build()),
                Samples.book().with(AirDay.class, damp),
                Samples.MONDAY_NINE)
            .builds()
            .get("b1");
    assertTrue(
        model.chain().stream()
            .anyMatch(
                link ->
                    link.text().startsWith("The air is not fit for “")
                        && link.text().endsWith("from Mon 9 Mar to Sun 15 Mar")),
        model.chain().toString());
  }

  @Test
  void anAgreedBuildWithoutADayIsNoEnquiry() {
    Fuse fuse = model(new Samples.Made().reveal(null).build()).fuse();
    assertEquals(Fuse.Verdict.UNDATED, fuse.verdict());
    assertEquals(450, fuse.workingDayMinutes(), "eight hours less the break");
  }

  @Test
  void whatIsDoneStaysDoneAndARedoReturnsWithItsReason() {
    Build done =
        new Samples.Made()
            .logged("part:p1/cut", 25)
            .marked("part:p1/cut", TaskMark.What.DONE)
            .build();
    TaskModel cut = task(model(done), "part:p1/cut");
    assertEquals(TaskState.DONE, cut.state());
    assertEquals(25, cut.log().loggedMinutes());
    Build again =
        new Samples.Made()
            .logged("part:p1/cut", 25)
            .marked("part:p1/cut", TaskMark.What.DONE)
            .marked("part:p1/cut", TaskMark.What.AGAIN)
            .build();
    TaskModel redo = task(model(again), "part:p1/cut");
    assertEquals(TaskState.BEHIND, redo.state(), "its sheet is not here");
    assertEquals(redo.task().handsOnMinutes(), redo.remainingMinutes());
    assertEquals(25, redo.log().loggedMinutes(), "hours stay");
  }

  @Test
  void hoursOnAPartThatWasTakenOutAreKeptAndMarked() {
    Build without = new Samples.Made().panels(List.of()).logged("part:p1/cut", 25).build();
    TaskModel gone = task(model(without), "part:p1/cut");
    assertEquals(TaskState.NO_LONGER_NEEDED, gone.state());
    assertEquals(Stage.MAKE, gone.task().stage());
    assertEquals(25 * 3_000 / 60, model(without).budget().labour().spentMinor());
  }

  @Test
  void paintWaitsByItselfOnceTheLastCoatIsDone() {
    Samples.Made made = new Samples.Made();
    for (String key : List.of("wash", "key", "colour/1", "colour/2", "colour/3")) {
      made.marked("scheme:s1/" + key, TaskMark.What.DONE);
    }
    TaskModel cure = task(model(made.build()), "scheme:s1/cure");
    assertEquals(TaskState.WAITING, cure.state());
    assertEquals(
        LocalDateTime.parse("2026-03-04T09:00:04"), cure.waitsUntil(), "48 h after the coat");
  }

  @Test
  void nothingBehindAGateMayStart() {
    BuildModel model = model(Samples.build());
    assertEquals(
        "“Dry fit: all parts together, no glue, no paint” has to pass first.",
        GateRule.refusal(model, "scheme:s1/colour/2").orElseThrow());
    assertTrue(GateRule.refusal(model, "part:p1/cut").isEmpty());
    assertTrue(GateRule.refusal(model, "make/dry-fit", TaskMark.What.DONE).isPresent());
    assertTrue(GateRule.refusal(model, "part:p1/cut", TaskMark.What.PASSED).isPresent());
    assertTrue(GateRule.refusal(model, "nowhere").isPresent());
    BuildModel passed =
        model(new Samples.Made().marked("make/dry-fit", TaskMark.What.PASSED).build());
    assertTrue(GateRule.refusal(passed, "scheme:s1/colour/2").isEmpty());
  }

  @Test
  void aFailedGateIsAStop() {
    BuildModel model =
        model(new Samples.Made().marked("make/dry-fit", TaskMark.What.FAILED).build());
    assertEquals(TaskState.FAILED, task(model, "make/dry-fit").state());
    assertTrue(titles(model).stream().anyMatch(t -> t.startsWith("Check failed: Dry fit")));
  }

  @Test
  void anOrderMovesTheArrivalAndACheckEndsIt() {
    LocalDate late = LocalDate.of(2026, 3, 20);
    Build ordered =
        new Samples.Made().with(Samples.order("screen:d1", OrderLine.State.ORDERED, late)).build();
    BuildModel model = model(ordered);
    assertEquals(late.atTime(9, 0), task(model, "parcel:quay/2026-03-20").planned().start());
    assertFalse(task(model, "screen:d1/fit").planned().start().isBefore(late.atStartOfDay()));
    BuildModel checked =
        model(
            new Samples.Made()
                .with(Samples.order("screen:d1", OrderLine.State.CHECKED, Samples.MONDAY))
                .build());
    assertEquals(TaskState.DONE, task(checked, "parcel:quay/2026-03-02").state());
    assertEquals(NeedLine.State.CHECKED, need(checked, "screen:d1").state());
  }

  @Test
  void stockGoesToTheBuildThatIsRevealedFirst() {
    var stocked =
        Samples.book().with(emberyard.core.workshop.SheetProduct.class, List.of(Samples.sheet(1)));
    Build first = Samples.build();
    Build second = otherBuild(first);
    YardModel yard = YardModel.of(List.of(second, first), stocked, Samples.MONDAY_NINE);
    assertEquals(List.of("b1", "b2"), List.copyOf(yard.builds().keySet()));
    assertEquals(NeedLine.State.IN_STOCK, need(yard.builds().get("b1"), "sheet:clear-3").state());
    assertEquals(NeedLine.State.WANTED, need(yard.builds().get("b2"), "sheet:clear-3").state());
  }

  @Test
  void theEmberFollowsTheFrozenPlan() {
    BuildModel fresh = model(Samples.build());
    long share = Math.round(1_000_000 * fresh.fuse().doneShare());
    var points =
        List.of(
            new Frozen.CurvePoint(Samples.MONDAY.plusDays(4), share),
            new Frozen.CurvePoint(Samples.MONDAY.plusDays(20), 1_000_000));
    assertEquals(
        Samples.MONDAY.plusDays(4),
        model(new Samples.Made().frozen(points).build()).fuse().ember(),
        "the day by which the frozen plan meant this much to be done");
    assertTrue(fresh.fuse().emberStop() >= 1, "brief and concept are burnt");
    var curve = PlannedCurve.of(fresh);
    for (int i = 1; i < curve.size(); i++) {
      assertTrue(curve.get(i).minutes() > curve.get(i - 1).minutes());
      assertTrue(curve.get(i).date().isAfter(curve.get(i - 1).date()));
    }
    assertEquals(
        fresh.tasks().stream().mapToLong(t -> t.task().handsOnMinutes()).sum(),
        curve.get(curve.size() - 1).minutes());
  }

  private static Build otherBuild(Build like) {
    var b = like.brief();
    var brief =
        b.with()
            .id("b2")
            .name("Second")
            .hiddenFaces(List.of())
            .revealOn(b.revealOn().plusDays(9))
            .budgetCapMinor(null)
            .skipped(List.of())
            .build();
    Look look = Look.open();
    return Build.begun(brief, Concept.open("b2", look)).with(Design.of(look, like.panels()));
  }

  private static NeedLine need(BuildModel model, String key) {
    return model.needs().stream()
        .filter(line -> line.need().key().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static List<String> titles(BuildModel model) {
    return model.findings().stream().map(Finding::title).collect(Collectors.toList());
  }
}
