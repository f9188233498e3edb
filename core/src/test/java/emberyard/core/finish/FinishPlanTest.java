package emberyard.core.finish;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.FinishHabits;
import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.build.Side;
import emberyard.core.build.Surface;
import emberyard.core.finding.Finding;
import emberyard.core.finish.chain.WindowChecks;
import emberyard.core.finish.coat.HabitChoice;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.StepTime;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.finish.layer.SheetOptic;
import emberyard.core.record.PaintFault;
import emberyard.core.work.BeginWindow;
import emberyard.core.work.Need;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.workshop.Material;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Habits, grounds, repairs and windows of finishes. */
class FinishPlanTest {
  private static final WorkshopBook BOOK = FinishSamples.book();

  private static Work work(Scheme scheme, PaintFault... faults) {
    return FinishSamples.work(List.of(FinishSamples.painted(scheme, Substrate.STEEL)), faults);
  }

  private static List<String> steps(Work work, String scheme) {
    String prefix = "scheme:" + scheme + "/";
    return work.tasks().stream()
        .map(Task::key)
        .filter(key -> key.startsWith(prefix))
        .map(key -> key.substring(prefix.length()))
        .toList();
  }

  @Test
  void aPrimerIsFlattedAndWoodRaisedAndStainTested() {
    Scheme steel = FinishSamples.plain("a", 1, 2);
    assertEquals(
        List.of("wash", "key", "primer/1", "flat", "colour/1", "colour/2", "cure", "cured"),
        steps(work(steel), "a"));
    Scheme stained =
        FinishSamples.layers(
            "w", LayerStep.coats("stain", Side.FRONT, LayerOp.PAINT, "honey-stain", 1));
    Work wood = FinishSamples.work(List.of(FinishSamples.painted(stained, Substrate.WOOD)));
    assertEquals(
        List.of("wash", "grain", "stain-test", "key", "stain/1", "cure", "cured"),
        steps(wood, "w"));
    assertTrue(FinishSamples.finding(wood, "scheme:w/conditioner").isPresent());
    Task test = FinishSamples.task(wood, "scheme:w/stain-test");
    assertTrue(test.gate(), "somebody has to look at the offcut");
    assertEquals(emberyard.core.finding.Caution.STAIN, test.cautions().get(0));
  }

  @Test
  void anOldFinishIsStrippedFirst() {
    Scheme old = FinishSamples.plain("a", 0, 2).towards(null, Surface.STRIP);
    assertEquals("strip", steps(work(old), "a").get(0));
  }

  @Test
  void aPrintWithoutFillerIsFoundAndSanded() {
    Work print =
        FinishSamples.work(
            List.of(FinishSamples.painted(FinishSamples.plain("p", 0, 2), Substrate.PRINT)));
    assertTrue(steps(print, "p").contains("sand"));
    assertTrue(FinishSamples.finding(print, "scheme:p/filler").isPresent());
  }

  @Test
  void theBackOfAClearSheetIsMaskedAndNotKeyed() {
    Scheme behind =
        FinishSamples.layers("c", LayerStep.coats("colour", Side.BACK, LayerOp.PAINT, "green", 2));
    Work work = FinishSamples.work(List.of(FinishSamples.clear(behind)));
    assertFalse(steps(work, "c").contains("key"), "scratches would be seen");
    assertTrue(steps(work, "c").contains("mask"));
    assertTrue(work.needs().stream().anyMatch(need -> need.key().equals("tape:mask")));
  }

  @Test
  void eachHabitChangesStepsTimeAndRiskAndSaysSo() {
    Scheme plain = FinishSamples.plain("a", 1, 3);
    SchemePlan plan =
        FinishWork.plans(List.of(FinishSamples.painted(plain, Substrate.STEEL)), BOOK).get(0);
    HabitChoice sanding =
        plan.habits().stream().filter(h -> h.habit().equals("sanding")).findFirst().orElseThrow();
    FinishHabits between = new FinishHabits(null, FinishHabits.Sanding.BETWEEN_COATS, null, null);
    int now = work(plain).tasks().size();
    int then = work(plain.withHabits(between)).tasks().size();
    assertEquals(2, sanding.steps(), "between three colour coats");
    assertEquals(then - now, sanding.steps(), "what is said is what is planned");
    assertTrue(sanding.handsOnMinutes() > 0 && !sanding.risk().isBlank());
    Scheme early =
        plain.withHabits(new FinishHabits(null, null, FinishHabits.Mounting.HANDLE, null));
    SchemePlan soon =
        FinishWork.plans(List.of(FinishSamples.painted(early, Substrate.STEEL)), BOOK).get(0);
    assertTrue(soon.mountKey().endsWith("/handle"));
    assertTrue(plan.mountKey().endsWith("/cured"));
    assertTrue(FinishSamples.finding(work(early), "scheme:a/early").isPresent());
    Scheme primes =
        FinishSamples.plain("a", 0, 2)
            .withHabits(new FinishHabits(FinishHabits.Priming.ALWAYS, null, null, null));
    Finding unprimed = FinishSamples.finding(work(primes), "scheme:a/primer/front").orElseThrow();
    assertNotNull(unprimed.remedies().get(0).change().items(), "one press adds it");
  }

  @Test
  void aSoftPeelWaitsForTheFlashAndADryOneUntilItCanBeHandled() {
    Scheme soft =
        FinishSamples.layers(
            "m",
            LayerStep.on("s", Side.FRONT, LayerOp.STENCIL, List.of()),
            LayerStep.coats("green", Side.FRONT, LayerOp.PAINT, "green", 2),
            LayerStep.on("p", Side.FRONT, LayerOp.PEEL, List.of()),
            LayerStep.coats("again", Side.FRONT, LayerOp.PAINT, "green", 1));
    Work work = work(soft);
    assertEquals(10, FinishSamples.task(work, "scheme:m/green/2").waitMinutes(), "flash");
    assertEquals(
        10, FinishSamples.task(work, "scheme:m/=p").waitMinutes(), "the rest until recoat");
    Work dry = work(soft.withHabits(new FinishHabits(null, null, null, FinishHabits.Peeling.DRY)));
    assertEquals(120, FinishSamples.task(dry, "scheme:m/green/2").waitMinutes(), "handle");
    assertEquals(0, FinishSamples.task(dry, "scheme:m/=p").waitMinutes());
  }

  @Test
  void filmOverFreshPaintWaitsForCureAndTwoDays() {
    Scheme film =
        FinishSamples.layers(
            "f",
            LayerStep.coats("green", Side.FRONT, LayerOp.PAINT, "green", 2),
            LayerStep.on("film", Side.FRONT, LayerOp.FILM, List.of()));
    assertEquals(
        48 * 60 + 2 * 24 * 60, FinishSamples.task(work(film), "scheme:f/green/2").waitMinutes());
  }

  private static int hands(Work work) {
    return work.tasks().stream().mapToInt(Task::handsOnMinutes).sum();
  }

  @Test
  void aFaultBringsItsRepairIntoThePlanAndTheCans() {
    PaintFault run = fault(PaintFault.Repair.FLAT);
    Work mended = work(FinishSamples.plain("a", 1, 3), run);
    Task sand = FinishSamples.task(mended, "fault:f/sand");
    assertEquals(List.of("fault:f/dry"), sand.after());
    assertEquals(120, FinishSamples.task(mended, "fault:f/dry").waitMinutes(), "handle");
    assertTrue(
        FinishSamples.task(mended, "scheme:a/colour/3").after().contains("fault:f/coat/1"),
        "the next coat waits for it");
    assertTrue(FinishSamples.task(mended, "scheme:a/cure").after().contains("fault:f/coat/1"));
    Work stripped = work(FinishSamples.plain("a", 1, 3), fault(PaintFault.Repair.STRIP));
    long coats = stripped.tasks().stream().filter(t -> t.key().startsWith("fault:f/coat/")).count();
    assertEquals(3, coats, "primer and two colour coats again");
    assertTrue(hands(stripped) > hands(mended));
  }

  private static PaintFault fault(PaintFault.Repair repair) {
    return new PaintFault(
        "f",
        "a",
        "scheme:a/colour/2",
        PaintFault.Kind.RUN,
        repair,
        Instant.parse("2026-03-02T10:00:00Z"),
        "Bram",
        "");
  }

  /** A clear is polished for its gloss, whatever it is called. */
  @ParameterizedTest
  @CsvSource({
    "CLEAR,  GLOSS, Lagoon,     true",
    "CLEAR,  MATT,  Gloss-like, false",
    "CLEAR,  SATIN, Lagoon,     false",
    "COLOUR, GLOSS, Lagoon,     false",
    "CLEAR,  ,      Shop GLOSS, true",
    "CLEAR,  ,      Shop matt,  false",
    "CLEAR,  ,      Lagoon,     false",
  })
  void onlyAGlossyClearIsPolished(
      PaintKind kind, PaintProduct.Shine gloss, String name, boolean polished) {
    WorkshopBook book =
        FinishSamples.with(FinishSamples.as(FinishSamples.paint(), name, kind, gloss, 0));
    List<Task> tasks =
        FinishWork.derive(
                Samples.build(),
                FinishWork.plans(
                    List.of(FinishSamples.painted(FinishSamples.plain("a", 0, 2), Substrate.STEEL)),
                    book),
                List.of(),
                book,
                "x")
            .tasks();
    assertEquals(polished, tasks.stream().anyMatch(task -> task.key().endsWith("/polish")));
  }

  @Test
  void anOpenedCanIsUsedUpFirstAndACardSavesTheCard() {
    Need whole = need(work(FinishSamples.plain("a", 0, 2)), "paint:green");
    assertEquals(1, whole.quantity());
    WorkshopBook opened =
        FinishSamples.with(
            FinishSamples.as(
                FinishSamples.paint(), "Green", PaintKind.COLOUR, PaintProduct.Shine.SATIN, 300));
    Work less =
        FinishWork.derive(
            Samples.build(),
            FinishWork.plans(
                List.of(FinishSamples.painted(FinishSamples.plain("a", 0, 2), Substrate.STEEL)),
                opened),
            List.of(),
            opened,
            "x");
    assertEquals(0, need(less, "paint:green").quantity(), "it is all in the opened can");
  }

  private static Need need(Work work, String key) {
    return work.needs().stream().filter(n -> n.key().equals(key)).findFirst().orElseThrow();
  }

  @Test
  void tooFewCoatsAreFoundWithTheNumberThatHides() {
    Scheme thin =
        FinishSamples.layers("t", LayerStep.coats("colour", Side.FRONT, LayerOp.PAINT, "white", 2));
    PaintTarget dark = FinishSamples.painted(thin, new SheetOptic(FinishSamples.SOOT, 0, 2));
    Work work = FinishSamples.work(List.of(dark));
    Finding finding = FinishSamples.finding(work, "scheme:t/hiding/colour").orElseThrow();
    assertTrue(finding.title().contains("4 needed"), finding.title());
  }

  @Test
  void coatsThatComeTooLateOrTooEarlyAreFoundWithTheirRemedies() {
    Scheme enamel =
        FinishSamples.layers("e", LayerStep.coats("red", Side.FRONT, LayerOp.PAINT, "enamel", 2));
    SchemePlan plan =
        FinishWork.plans(List.of(FinishSamples.painted(enamel, Substrate.STEEL)), BOOK).get(0);
    LocalDateTime nine = LocalDateTime.of(2026, 3, 2, 9, 0);
    Map<String, StepTime> late = new HashMap<>();
    late.put("scheme:e/red/1", new StepTime(nine, nine.plusMinutes(15), false));
    late.put("scheme:e/red/2", new StepTime(nine.plusDays(3), nine.plusDays(3), false));
    Finding closed = WindowChecks.of(plan, late, BOOK).get(0);
    assertTrue(closed.title().startsWith("Recoat window closes at Tue 3 Mar 09:15"));
    assertEquals("Scuff, then recoat", closed.remedies().get(0).label());
    assertEquals("Start colour coat 1 at Thu 5 Mar 09:00", closed.remedies().get(1).label());
    assertEquals(
        nine.plusDays(1).plusMinutes(15),
        windows(enamel, "red/2").get(0).closes(nine.plusMinutes(15)));
    assertEquals(List.of(), windows(enamel, "red/1"), "nothing dries under the first");
    late.put("scheme:e/red/1", new StepTime(nine, nine.plusMinutes(15), true));
    late.put("scheme:e/red/2", new StepTime(nine.plusHours(1), nine.plusHours(2), true));
    Finding early = WindowChecks.of(plan, late, BOOK).get(0);
    assertTrue(early.title().contains("came 3 h 15 too early"), early.title());
  }

  private static List<BeginWindow> windows(Scheme scheme, String step) {
    return work(scheme).tasks().stream()
        .filter(task -> task.key().equals(SchemePlan.key(scheme, step)))
        .findFirst()
        .orElseThrow()
        .windows();
  }

  @Test
  void theScuffThatARemedyAsksForIsPlannedAndEndsTheFinding() {
    Scheme scuffed =
        FinishSamples.layers(
            "e",
            LayerStep.coats("red", Side.FRONT, LayerOp.PAINT, "enamel", 2)
                .timed(new LayerStep.CoatTime(2, null, true)));
    assertTrue(steps(work(scuffed), "e").contains("red/2/scuff"));
    assertEquals(List.of(), windows(scuffed, "red/2"), "who scuffs may come at any time");
    LocalDateTime thursday = LocalDateTime.of(2026, 3, 5, 0, 0);
    Scheme moved =
        FinishSamples.layers(
            "e",
            LayerStep.coats("red", Side.FRONT, LayerOp.PAINT, "enamel", 2)
                .timed(new LayerStep.CoatTime(1, thursday, false)));
    assertEquals(thursday, FinishSamples.task(work(moved), "scheme:e/red/1").earliest());
    assertNull(FinishSamples.task(work(moved), "scheme:e/red/2").earliest());
  }

  @Test
  void aSheetThatIsCalledClearPassesLight() {
    SheetProduct clear = Samples.sheet(0);
    assertEquals(SheetProduct.CLEAR, clear.transmittance());
    assertTrue(SheetOptic.of(clear).clear());
    assertEquals(0, SheetProduct.loose(Material.STEEL, 1, 10).transmittance(), "steel does not");
  }

  @Test
  void noNameOfAStepCanMakeTwoTasksOfOneKey() {
    for (String name : List.of("wash", "mask", "key", "flat", "cure", "cured", "grain", "unmask")) {
      Scheme scheme =
          FinishSamples.layers(
              "n",
              LayerStep.coats("primer", Side.FRONT, LayerOp.PAINT, "grey", 1),
              LayerStep.on(name, Side.FRONT, LayerOp.STENCIL, List.of()),
              LayerStep.coats(name + "-2", Side.FRONT, LayerOp.PAINT, "grey", 2),
              LayerStep.on("p", Side.FRONT, LayerOp.PEEL, List.of()),
              LayerStep.coats("back/" + name, Side.BACK, LayerOp.PAINT, "green", 1));
      List<String> keys = work(scheme).tasks().stream().map(Task::key).toList();
      assertEquals(keys.size(), keys.stream().distinct().count(), keys.toString());
    }
    for (String bad : List.of("back", "a/b", "a b", "=x", "back/primer/1")) {
      org.junit.jupiter.api.Assertions.assertThrows(
          emberyard.core.units.InvalidValue.class,
          () -> LayerStep.on(bad, Side.FRONT, LayerOp.PEEL, List.of()),
          bad);
    }
  }

  @Test
  void nothingIsPlannedForAFinishWithoutPart() {
    Build build = Samples.build();
    Work none = FinishWork.derive(build, List.of(), List.of(), BOOK, "x");
    assertTrue(FinishSamples.finding(none, "scheme:s1/part").isPresent());
  }
}
