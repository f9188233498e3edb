package emberyard.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bay;
import emberyard.core.build.Body;
import emberyard.core.build.Build;
import emberyard.core.build.Comparison;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Design;
import emberyard.core.build.Electric;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.HoleField;
import emberyard.core.build.KeepOut;
import emberyard.core.build.Limit;
import emberyard.core.build.Loop;
import emberyard.core.build.M2Slot;
import emberyard.core.build.Measure;
import emberyard.core.build.Opening;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.PostMaterial;
import emberyard.core.build.Requirement;
import emberyard.core.build.Seat;
import emberyard.core.build.Source;
import emberyard.core.build.Spot;
import emberyard.core.build.Supports;
import emberyard.core.build.Task;
import emberyard.core.build.Thermal;
import emberyard.core.build.Turn;
import emberyard.core.build.Work;
import emberyard.core.build.Worksheet;
import emberyard.core.finding.Caution;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Box;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A whole build proved on paper: what is judged, what is offered, what is planned. */
class FitProofTest {
  private final List<Component> components = new ArrayList<>();
  private final List<HardwareProduct> library = new ArrayList<>();
  private final List<Loop> loops = new ArrayList<>();
  private final List<Worksheet> sheets = new ArrayList<>();
  private final List<Requirement> asked = new ArrayList<>();
  private Enclosure enclosure =
      box(
          300,
          List.of(
              Bay.of("left", "Left bay", new Box(0, 0, 0, 100, 100, 60), Face.FRONT, Seat.SUPPLY),
              Bay.of(
                  "right", "Right bay", new Box(100, 0, 0, 60, 100, 60), Face.FRONT, Seat.DRIVE)),
          List.of());

  private static Enclosure box(double side, List<Bay> bays, List<Opening> openings) {
    return new Enclosure(
        "e",
        "Case",
        Enclosure.Origin.BOUGHT,
        "",
        side,
        side,
        side,
        bays,
        openings,
        List.of(),
        null,
        22,
        32);
  }

  private static Component part(String id, ComponentKind kind, double peak, double gives) {
    return new Component(
        id,
        id,
        kind,
        1,
        Source.BUY,
        false,
        10_000,
        "quay",
        -1,
        1,
        peak,
        gives,
        0,
        0,
        0,
        0,
        null,
        null,
        null,
        null);
  }

  private static Component boxed(
      String id, ComponentKind kind, double w, double d, double h, Seat seat) {
    return part(id, kind, 0, 0).with(Body.box(w, d, h, List.of(seat), List.of(Turn.UPRIGHT)));
  }

  private FitWork fit() {
    Build b = Samples.build();
    Design design =
        new Design(
            b.concept().look(),
            List.of(),
            components,
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            enclosure == null ? List.of() : List.of(enclosure),
            loops,
            sheets);
    WorkshopBook book = Samples.book();
    return FitWork.of(
        Build.begun(b.brief(), b.concept()).with(design).asking(asked),
        new WorkshopBook(
            book.workshop(),
            book.people(),
            book.stations(),
            book.suppliers(),
            book.paints(),
            book.sheets(),
            book.films(),
            book.filaments(),
            library,
            List.of()),
        List.of());
  }

  private Work work() {
    return fit().derive("concept/choose", "make/dry-fit", "prove/hardware");
  }

  private Optional<Finding> found(String key) {
    return work().findings().stream().filter(f -> f.key().equals(key)).findFirst();
  }

  private static HardwareProduct supply(String id, double h, double watts, long priceMinor) {
    return new HardwareProduct(
        id,
        id,
        ComponentKind.SUPPLY,
        priceMinor,
        "quay",
        1,
        0,
        watts,
        0,
        0,
        0,
        0,
        null,
        null,
        "",
        Body.box(80, 80, h, List.of(Seat.SUPPLY), List.of(Turn.UPRIGHT)),
        null,
        null);
  }

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
    assertEquals(1, fit().picture().space().bays().size(), "the bays became one");
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
    components.add(part("b", ComponentKind.BOARD, 0, 0).with(board));
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
            .with(
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
            .with(new Fitted(new Fitted.Pin("left", Turn.UPRIGHT, 50, 0, 0), "", "", null, null));
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

  private static Component wired(Component c, List<Port> asks, List<Port> offers) {
    return c.with(
        new Electric(null, null, asks, offers, List.of(), false, Electric.Tested.NOT_CHECKED));
  }

  @Test
  void missingPlugsAreNamedAndTooMuchCurrentToo() {
    Component board =
        part("b", ComponentKind.BOARD, 30, 0)
            .with(
                new Electric(
                    null,
                    null,
                    List.of(Port.of(PortKind.CPU_8, 2)),
                    List.of(Port.of(PortKind.FAN_HEADER, 1), Port.of(PortKind.SATA_DATA, 2)),
                    List.of(new M2Slot(4, PortKind.SATA_DATA, 2)),
                    false,
                    null));
    components.add(board);
    components.add(
        wired(
            part("s", ComponentKind.SUPPLY, 0, 500),
            List.of(),
            List.of(Port.of(PortKind.CPU_8, 1))));
    components.add(
        wired(
            part("f", ComponentKind.FAN, 2, 0).times(3),
            List.of(new Port(PortKind.FAN_HEADER, 1, null, 0.5)),
            List.of()));
    components.add(
        wired(
            part("d", ComponentKind.DRIVE, 5, 0),
            List.of(Port.of(PortKind.SATA_DATA, 1)),
            List.of()));
    components.add(
        wired(part("m", ComponentKind.DRIVE, 5, 0), List.of(Port.of(PortKind.M2, 1)), List.of()));
    assertEquals("1 × 8-pin processor lead missing", found("fit/fed/CPU_8").orElseThrow().title());
    assertTrue(found("fit/fed/FAN_HEADER").orElseThrow().title().contains("1.5 A wanted, 1.0 A"));
    assertTrue(
        found("fit/fed/SATA_DATA").orElseThrow().detail().contains("switched off by M.2"),
        "the slot in use took both");
    assertTrue(found("fit/fed/M2").isEmpty());
    Component memory = part("mem", ComponentKind.MEMORY, 4, 0);
    components.add(wired(memory, List.of(), List.of()));
    assertTrue(found("component:mem/tested").orElseThrow().title().contains("was not looked up"));
  }

  @Test
  void aSmallSupplyAndAnInstantAreRisks() {
    components.add(part("p", ComponentKind.PROCESSOR, 100, 0));
    components.add(part("g", ComponentKind.GRAPHICS, 300, 0));
    assertEquals(Severity.NOTE, found("fit/supply").orElseThrow().severity(), "none chosen");
    Component supply = boxed("s", ComponentKind.SUPPLY, 80, 80, 50, Seat.SUPPLY);
    components.add(
        new HardwareProduct(
                "s450",
                "s450",
                ComponentKind.SUPPLY,
                1,
                "quay",
                1,
                0,
                450,
                0,
                0,
                0,
                0,
                null,
                null,
                "",
                supply.body(),
                null,
                null)
            .as("s"));
    library.add(supply("s600", 55, 600, 9_000));
    Finding small = found("fit/supply").orElseThrow();
    assertEquals("Supply gives 450 W; 500 W wanted", small.title());
    assertEquals("Take s600 instead, 600 W", small.remedies().get(0).label());
    components.set(2, library.get(0).as("s"));
    assertTrue(found("fit/supply").isEmpty());
    assertTrue(found("fit/transient").isEmpty(), "100 + 480 = 580 of 600");
    components.set(1, part("g", ComponentKind.GRAPHICS, 330, 0));
    assertTrue(found("fit/transient").orElseThrow().title().contains("628 W"));
  }

  private static Component hot(String id, double watts) {
    return part(id, ComponentKind.PROCESSOR, watts, 0).with(Thermal.chip(95));
  }

  private static Thermal radiator(int sections, double rpm) {
    return new Thermal(null, null, sections, 120, 45, rpm, 0.4, 1.5, 90, 120, null);
  }

  @Test
  void chipsAreAsWarmAsTheirCoolerLetsThem() {
    components.add(hot("p", 200));
    assertEquals(Severity.STOP, found("component:p/uncooled").orElseThrow().severity());
    Thermal tower = new Thermal(null, 0.30, 0, 0, 0, 1_200, 0, 0, 0, 0, null);
    components.add(part("c", ComponentKind.COOLER, 0, 0).with(tower));
    assertTrue(found("component:p/uncooled").isEmpty());
    Circuit air = fit().picture().cooled().circuits().get(0);
    assertEquals(22 + 60, air.normal().chips().get(0).temperatureC(), 1e-9);
    assertEquals(3, air.hot().chips().get(0).marginK(), 1e-9);
    assertEquals(Severity.RISK, found("circuit:c/chip-0").orElseThrow().severity());
    components.set(0, hot("p", 250));
    assertEquals(Severity.STOP, found("circuit:c/chip-0").orElseThrow().severity());
  }

  @Test
  void aLoopNeedsCoolantFittingsAndATightnessTest() {
    components.add(hot("p", 200));
    components.add(
        part("block", ComponentKind.BLOCK, 0, 0)
            .with(new Thermal(null, 0.2, 0, 0, 0, 0, 0.05, 0.2, 0, 0, null)));
    components.add(part("r", ComponentKind.RADIATOR, 0, 0).with(radiator(3, 1_200)));
    components.add(part("pump", ComponentKind.PUMP, 20, 0));
    loops.add(
        new Loop(
            "loop",
            "Loop",
            List.of("block", "r", "pump"),
            List.of(new Loop.Run("round", 1_000, 10, 6, "", "G1/4")),
            0.5,
            ""));
    Circuit circuit = fit().picture().cooled().circuits().get(0);
    assertEquals(220, circuit.heatW());
    assertEquals(24.3, circuit.normal().conductance(), 1e-9);
    assertEquals(0.4 + 0.05 + 0.5 + 0.0785, circuit.coolantL(), 1e-3);
    assertEquals(1.3, need("coolant:loop"), 1e-9);
    assertEquals(6, need("fitting:|G1/4"));
    List<Task> tasks = fit().goingIn();
    assertEquals(
        List.of("loop:loop/fill", "loop:loop/leak-run", "loop:loop/leak"),
        tasks.stream().map(Task::key).toList());
    assertEquals(24 * 60, tasks.get(1).waitMinutes());
    assertTrue(tasks.get(2).gate());
    components.set(2, part("r", ComponentKind.RADIATOR, 0, 0).with(radiator(3, 0)));
    assertEquals(Severity.STOP, found("circuit:loop/dead").orElseThrow().severity());
  }

  private double need(String key) {
    return work().needs().stream()
        .filter(need -> need.key().equals(key))
        .findFirst()
        .orElseThrow()
        .quantity();
  }

  private static Opening opening(String id, Face face, HoleField field) {
    return new Opening(id, id, face, 0, 0, 120, 120, field, false);
  }

  private static Fitted through(String opening, Air air, Face wanted) {
    return new Fitted(null, "", opening, air, wanted);
  }

  @Test
  void radiatorsOneBehindTheOtherCountHalf() {
    enclosure =
        box(300, List.of(), List.of(opening("f", Face.FRONT, null), opening("t", Face.TOP, null)));
    Component one = part("in", ComponentKind.RADIATOR, 0, 0).with(radiator(1, 1_200));
    components.add(one.with(through("f", Air.INTAKE, null)));
    components.add(
        part("out", ComponentKind.RADIATOR, 0, 0)
            .with(radiator(1, 1_200))
            .with(through("t", Air.EXHAUST, null)));
    assertTrue(found("component:out/warmed").isPresent());
    loops.add(new Loop("l", "l", List.of("in", "out"), List.of(), 0, ""));
    assertEquals(
        List.of(1.0, 0.5),
        fit().picture().cooled().circuits().get(0).radiators().stream()
            .map(Radiator::factor)
            .toList());
  }

  @Test
  void narrowFieldsWrongFacingsAndSealedFaces() {
    HoleField narrow = new HoleField(HoleField.Pattern.STAGGERED, 4, 6, 0);
    enclosure =
        box(
            300,
            List.of(),
            List.of(opening("f", Face.FRONT, narrow), opening("b", Face.BACK, null)));
    Thermal lit = new Thermal(null, null, 0, 0, 0, 1_200, 0, 0, 90, 120, Thermal.Shows.INLET_SIDE);
    components.add(
        part("in", ComponentKind.FAN, 0, 0).with(lit).with(through("f", Air.INTAKE, Face.FRONT)));
    components.add(
        part("out", ComponentKind.FAN, 0, 0).with(lit).with(through("b", Air.EXHAUST, Face.BACK)));
    Finding small = found("opening:f/in").orElseThrow();
    Remedy pitch = small.remedies().get(0);
    HoleField mended = new HoleField(HoleField.Pattern.STAGGERED, 4, pitch.change().value(), 0);
    assertTrue(mended.openShare() * 120 * 120 >= 0.8 * FanAir.sweptMm2(120));
    assertTrue(found("component:in/facing").isEmpty(), "drawn in, its inlet side looks out");
    assertTrue(found("component:out/facing").isPresent(), "blown out, its inlet side looks in");
    Aired aired = fit().picture().aired();
    assertEquals(AirBalance.Verdict.DRAWS_THROUGH_GAPS, aired.balance().verdict());
    assertEquals(
        Map.of(Face.FRONT, 0.0, Face.BACK, aired.balance().intakeM3PerHour()),
        Map.of(
            aired.sealing().get(0).face(),
            aired.sealing().get(0).balance().intakeM3PerHour(),
            aired.sealing().get(1).face(),
            aired.sealing().get(1).balance().intakeM3PerHour()));
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
            new Supports(Supports.Kind.FEET, 20, 80, 20, 80),
            22,
            32);
    components.add(boxed("s", ComponentKind.SUPPLY, 80, 80, 80, Seat.SUPPLY));
    Finding tips = found("fit/tip-front").orElseThrow();
    assertEquals(Severity.RISK, tips.severity());
    assertEquals(
        Math.toDegrees(Math.atan(30.0 / 540)),
        fit().picture().stands().balance().leastTipDegrees(),
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
    assertTrue(found("worksheet:ok").isEmpty());
    Finding posts = found("worksheet:posts").orElseThrow();
    assertEquals(Severity.STOP, posts.severity());
    assertTrue(posts.detail().contains("not a certificate"));
    assertNotNull(fit().picture().worksheets().get(0).stack());
    assertNull(fit().picture().worksheets().get(0).screw());
  }

  @Test
  void withoutAnEnclosureNothingIsPlacedAndNothingBreaks() {
    enclosure = null;
    components.add(boxed("s", ComponentKind.SUPPLY, 80, 80, 50, Seat.SUPPLY));
    FitPicture picture = fit().picture();
    assertNull(picture.space());
    assertEquals(1, picture.stands().balance().massKg());
    assertTrue(fit().goingIn().isEmpty());
    assertFalse(work().tasks().isEmpty(), "the proof on paper stays a step");
  }
}
