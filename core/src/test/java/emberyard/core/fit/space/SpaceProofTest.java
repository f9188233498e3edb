package emberyard.core.fit.space;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bay;
import emberyard.core.build.Body;
import emberyard.core.build.Comparison;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.KeepOut;
import emberyard.core.build.Limit;
import emberyard.core.build.Measure;
import emberyard.core.build.PostMaterial;
import emberyard.core.build.Requirement;
import emberyard.core.build.ScrewInto;
import emberyard.core.build.Seat;
import emberyard.core.build.Spot;
import emberyard.core.build.Supports;
import emberyard.core.build.Turn;
import emberyard.core.build.Worksheet;
import emberyard.core.finding.Caution;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.FitModel;
import emberyard.core.fit.Proof;
import emberyard.core.geometry.Box;
import emberyard.core.work.Task;
import emberyard.core.workshop.HardwareProduct;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What goes in, what does not, what is offered and planned then; balance and worksheets. */
class SpaceProofTest extends Proof {
  @Test
  void everyRemedyThatIsOfferedLetsItIn() {
    components.add(boxed("s", ComponentKind.SUPPLY, 80, 80, 71.5, Seat.SUPPLY));
    library.addAll(List.of(supply("flat", 50, 400, 12_000), supply("tall", 90, 400, 9_000)));
    Finding misfit = found("component:s/place").orElseThrow();
    assertEquals(Severity.STOP, misfit.severity());
    assertEquals("s doesn’t go in: 11.5 mm height missing", misfit.title());
    assertTrue(misfit.detail().contains("at most 60.0 mm"), misfit.detail());
    assertEquals(
        List.of("Take flat instead, 80 × 80 × 50 mm", "Cut “Left bay” 11.5 mm higher"),
        misfit.remedies().stream().map(Remedy::label).toList());
    assertEquals(2_000L, misfit.remedies().get(0).priceMinor());
    assertEquals(90, misfit.remedies().get(1).minutes());
    Bay bay = enclosure.bays().get(0);
    enclosure = enclosure.with(bay.with(bay.change().larger(2, 11.5)));
    assertTrue(found("component:s/place").isEmpty());
    Task cut =
        work().tasks().stream()
            .filter(t -> t.key().equals("enclosure:e/bay-left"))
            .findFirst()
            .orElseThrow();
    assertEquals(90, cut.handsOnMinutes());
    assertEquals(List.of(Caution.METAL_CUTTING), cut.cautions());
    assertEquals(List.of("enclosure:e/bay-left"), fit().enclosureWork());
  }

  @Test
  void anUnusedBayBesideItCanBeCutAway() {
    components.add(boxed("s", ComponentKind.SUPPLY, 150, 80, 50, Seat.SUPPLY));
    Finding misfit = found("component:s/place").orElseThrow();
    Remedy away =
        misfit.remedies().stream()
            .filter(r -> r.label().equals("Cut “Right bay” away: it is not used"))
            .findFirst()
            .orElseThrow();
    assertEquals("bays.1.change.cutAway", away.change().field());
    Bay right = enclosure.bays().get(1);
    enclosure = enclosure.with(right.with(right.change().away()));
    assertTrue(found("component:s/place").isEmpty());
    assertEquals(1, fit().model().space().bays().size(), "the bays became one");
    components.add(boxed("d", ComponentKind.DRIVE, 50, 50, 20, Seat.DRIVE));
    assertTrue(
        found("component:d/place").orElseThrow().title().contains("has no bay to sit in"),
        "its bay is gone");
  }

  @Test
  void whatRidesOnABoardGoesWithIt() {
    Body board =
        new Body(
            100,
            100,
            5,
            List.of(),
            List.of(Seat.BOARD),
            List.of(Turn.UPRIGHT, Turn.ON_SIDE),
            "",
            List.of(new Spot(Seat.ON_MEMORY, 30, 50, 5), new Spot(Seat.ON_PROCESSOR, 70, 50, 5)));
    enclosure =
        box(
            300,
            List.of(
                Bay.of("tray", "Tray", new Box(0, 0, 0, 110, 110, 60), Face.TOP, Seat.BOARD),
                Bay.of("rad", "Slot", new Box(0, 0, 40, 110, 110, 25), Face.TOP, Seat.RADIATOR)),
            List.of());
    components.add(part("b", ComponentKind.BOARD, 0, 0).withBody(board));
    components.add(boxed("m", ComponentKind.MEMORY, 8, 80, 36, Seat.ON_MEMORY));
    components.add(boxed("c", ComponentKind.COOLER, 40, 40, 30, Seat.ON_PROCESSOR));
    components.add(boxed("r", ComponentKind.RADIATOR, 100, 100, 25, Seat.RADIATOR));
    Finding conflict = found("component:r/place").orElseThrow();
    assertEquals("r doesn’t go in: 1.0 mm height missing, m in the way", conflict.title());
    library.add(
        new HardwareProduct(
            "low",
            "low",
            ComponentKind.MEMORY,
            11_000,
            "quay",
            0.1,
            0,
            0,
            0,
            0,
            0,
            0,
            null,
            null,
            "",
            Body.box(8, 80, 30, List.of(Seat.ON_MEMORY), List.of()),
            null,
            null,
            null));
    assertTrue(
        found("component:r/place").orElseThrow().remedies().stream()
            .anyMatch(r -> r.label().equals("Take low instead of m")));
    components.add(boxed("m2", ComponentKind.MEMORY, 8, 80, 20, Seat.ON_MEMORY));
    assertTrue(found("component:m2/spot").isPresent(), "the only slot is taken");
    List<Task> in = fit().goingIn();
    assertEquals("Put in b with m, c", in.get(0).title());
    assertEquals(3, fit().piecesGoingIn());
  }

  @Test
  void tightSoftAndPinnedPlacesAreSaid() {
    components.add(
        part("s", ComponentKind.SUPPLY, 0, 0)
            .withBody(
                new Body(
                    99.5,
                    60,
                    40,
                    List.of(new KeepOut(Face.TOP, 30, false, "breathing")),
                    List.of(Seat.SUPPLY),
                    List.of(),
                    "",
                    List.of())));
    assertTrue(found("component:s/tight").orElseThrow().title().contains("0.5 mm play in width"));
    assertTrue(found("component:s/free-breathing-wall").isPresent(), "20 mm over it, 30 wanted");
    Component pinned =
        components
            .get(0)
            .withFitted(
                new Fitted(new Fitted.Pin("left", Turn.UPRIGHT, 50, 0, 0), "", "", null, null));
    components.set(0, pinned);
    Finding out = found("component:s/pinned").orElseThrow();
    assertTrue(out.title().contains("sticks out of “Left bay”"), out.title());
    assertEquals("fitted.pin", out.remedies().get(0).change().field());
  }

  @Test
  void whatLiesBehindGoesInFirstThroughAGate() {
    enclosure =
        box(
            300,
            List.of(
                Bay.of("back", "Back", new Box(0, 100, 0, 50, 50, 50), Face.FRONT, Seat.DRIVE),
                Bay.of("front", "Front", new Box(0, 0, 0, 50, 50, 50), Face.FRONT, Seat.FAN)),
            List.of());
    components.add(boxed("fan", ComponentKind.FAN, 50, 20, 50, Seat.FAN));
    components.add(boxed("drive", ComponentKind.DRIVE, 40, 40, 40, Seat.DRIVE));
    List<Task> tasks = fit().goingIn();
    assertEquals(
        List.of("component:drive/in", "component:fan/closes-in", "component:fan/in"),
        tasks.stream().map(Task::key).toList());
    assertTrue(tasks.get(1).gate());
    assertEquals(List.of("component:drive/in"), tasks.get(1).after());
    assertEquals(List.of("component:fan/closes-in"), tasks.get(2).after());
    Bay front = enclosure.bays().get(1);
    enclosure =
        box(
            300,
            List.of(
                enclosure.bays().get(0),
                Bay.of("front", "Front", front.box(), Face.BACK, Seat.FAN)),
            List.of());
    assertTrue(found("fit/trapped").isPresent(), "each lies in the other's way");
    assertEquals(2, fit().goingIn().size(), "no gate waits for itself");
  }

  @Test
  void theBriefIsHeldAgainstWhatGoesIn() {
    components.add(boxed("s", ComponentKind.SUPPLY, 80, 80, 50, Seat.SUPPLY));
    asked.add(
        Requirement.limited(
            "low",
            "No higher than a book",
            Requirement.Priority.MUST,
            Limit.of(Measure.HEIGHT_MM, Comparison.AT_MOST, 40)));
    assertTrue(found("component:s/brief-low").orElseThrow().title().contains("allows 40.0 mm"));
  }

  @Test
  void aTopHeavyBuildTips() {
    enclosure =
        new Enclosure(
            "e",
            "Tower",
            Enclosure.Origin.SCRATCH,
            "",
            100,
            100,
            600,
            List.of(Bay.of("top", "Top", new Box(0, 0, 500, 100, 100, 100), Face.TOP, Seat.SUPPLY)),
            List.of(),
            List.of(),
            Supports.lines(Supports.Kind.FEET, 20, 80, 20, 80),
            null,
            null,
            null,
            22,
            32);
    components.add(boxed("s", ComponentKind.SUPPLY, 80, 80, 80, Seat.SUPPLY));
    Finding tips = found("fit/tip-front").orElseThrow();
    assertEquals(Severity.RISK, tips.severity());
    assertEquals(
        Math.toDegrees(Math.atan(30.0 / 540)),
        fit().model().stability().balance().leastTipDegrees(),
        1e-6);
  }

  @Test
  void worksheetsSpeakUpOnlyWhereSomethingIsWrong() {
    sheets.add(
        new Worksheet(
            "ok",
            "ok",
            new Worksheet.Stack(62, 0.5, List.of(new Worksheet.StackLayer("a", 58, 0.5)), 2),
            null,
            null));
    sheets.add(
        new Worksheet(
            "posts",
            "Posts",
            null,
            null,
            new Worksheet.Standoffs(4, 3.3, 60, 0.0, 200.0, PostMaterial.MILD_STEEL, true)));
    sheets.add(
        new Worksheet("wood", "Lid", null, new Worksheet.Screw(4, 6, 8, ScrewInto.WOOD, 4), null));
    Finding wood = found("worksheet:wood").orElseThrow();
    assertEquals(Severity.RISK, wood.severity());
    assertEquals("Lid: 6.0 mm in the wood, 10.0 mm wanted", wood.title());
    assertTrue(found("worksheet:ok").isEmpty());
    Finding posts = found("worksheet:posts").orElseThrow();
    assertEquals(Severity.STOP, posts.severity());
    assertTrue(posts.detail().contains("not a certificate"));
    assertNotNull(fit().model().worksheets().get(0).stack());
    assertNull(fit().model().worksheets().get(0).screw());
  }

  @Test
  void withoutAnEnclosureNothingIsPlacedAndNothingBreaks() {
    enclosure = null;
    components.add(boxed("s", ComponentKind.SUPPLY, 80, 80, 50, Seat.SUPPLY));
    FitModel model = fit().model();
    assertNull(model.space());
    assertEquals(1.05, model.stability().balance().massKg(), 1e-9, "with 5 % for leads");
    assertTrue(fit().goingIn().isEmpty());
    assertFalse(work().tasks().isEmpty(), "the proof on paper stays a step");
  }
}
