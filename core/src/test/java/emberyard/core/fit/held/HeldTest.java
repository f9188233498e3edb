package emberyard.core.fit.held;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bay;
import emberyard.core.build.Body;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Fixing;
import emberyard.core.build.FixingWay;
import emberyard.core.build.Seat;
import emberyard.core.build.Size;
import emberyard.core.build.Thermal;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import emberyard.core.geometry.Box;
import emberyard.core.work.Need;
import emberyard.core.work.Task;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What keeps placed things where they are. Each judgement appears, and a small change mends it. */
class HeldTest extends Proof {
  private static final Box DRIVE_BOX = new Box(200, 0, 0, 110, 160, 60);

  @BeforeEach
  void aCase() {
    enclosure = box(600, bays(), List.of());
  }

  private static List<Bay> bays() {
    return List.of(
        Bay.of("tray", "Tray", new Box(0, 0, 0, 190, 300, 200), Face.TOP, Seat.BOARD),
        Bay.of("frame", "Drive frame", DRIVE_BOX, Face.TOP, Seat.DRIVE),
        Bay.of("cards", "Card bay", new Box(200, 200, 0, 110, 350, 200), Face.TOP, Seat.CARD),
        Bay.of("loose", "Loose space", new Box(320, 0, 0, 270, 300, 200), Face.TOP, Seat.FREE));
  }

  private void add(Component component, Fixing fixing) {
    components.removeIf(each -> each.id().equals(component.id()));
    components.add(component.withFitted(component.fitted().held(fixing)));
  }

  private static Component hub() {
    return boxed("hub", ComponentKind.HUB, 70, 45, 18, Seat.FREE).withMassKg(0.08);
  }

  private static Component drive() {
    return boxed("drive", ComponentKind.DRIVE, 101.6, 147, 26.1, Seat.DRIVE).withMassKg(0.7);
  }

  private static Component card(double massKg) {
    return boxed("card", ComponentKind.GRAPHICS, 50, 243, 120, Seat.CARD).withMassKg(massKg);
  }

  private List<String> ways(String key) {
    return found(key).orElseThrow().remedies().stream().map(Remedy::label).toList();
  }

  private HeldModel.HeldThing line(String id) {
    return fit().model().held().things().stream()
        .filter(each -> each.componentId().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aBayMadeForItHoldsItAndOneThatTakesAnythingHoldsNothing() {
    add(drive(), Fixing.UNSAID);
    add(hub(), Fixing.UNSAID);
    assertTrue(found("component:drive/held").isEmpty());
    assertEquals(FixingWay.POINTS, line("drive").held());
    assertTrue(line("drive").proposed());
    assertEquals(4, line("drive").screws());
    Finding loose = found("component:hub/held").orElseThrow();
    assertEquals(Severity.RISK, loose.severity());
    assertEquals("Nothing holds hub", loose.title());
    assertEquals("It lies in “Loose space”, which has no screw points for it.", loose.detail());
    assertNull(line("hub").held());
    assertEquals(List.of("Make a bracket for it", "Strap it down"), ways("component:hub/held"));
    add(hub(), Fixing.by(FixingWay.STRAP));
    assertTrue(found("component:hub/held").isEmpty());
    assertFalse(line("hub").proposed());
  }

  /** A bay typed over a drawer is a space: nobody has screwed posts into it yet. */
  @Test
  void furnitureHasNoPointsOfItsOwn() {
    enclosure =
        Enclosure.plain(
            "e", "Desk", Enclosure.Origin.FURNITURE, new Size(600, 600, 600), bays(), List.of());
    add(drive(), Fixing.UNSAID);
    assertTrue(found("component:drive/held").isPresent());
    assertEquals("Screw it into a part", ways("component:drive/held").get(0));
    add(drive(), Fixing.by(FixingWay.POINTS));
    assertTrue(found("component:drive/held").isPresent(), "said, and not there");
    add(drive(), Fixing.by(FixingWay.SCREWS));
    assertTrue(found("component:drive/held").isEmpty());
  }

  @Test
  void pointsWithoutAScrewAreNamed() {
    add(drive(), Fixing.UNSAID.without("back left", "no such point"));
    Finding open = found("component:drive/held-open").orElseThrow();
    assertEquals("drive gets 3 of its 4 screws: none at the back left", open.title());
    assertEquals(3, line("drive").screws());
    assertEquals("fitted.fixing.open", open.remedies().get(0).change().field());
    add(drive(), Fixing.UNSAID.without("back left", "back right", "front left", "front right"));
    assertEquals(
        "All its 4 points are left open.", found("component:drive/held").orElseThrow().detail());
    add(drive(), Fixing.UNSAID);
    assertTrue(found("component:drive/held-open").isEmpty());
  }

  @Test
  void boardsFansRadiatorsAndCardsHaveTheirPoints() {
    assertEquals(
        4, FixingPoints.of(boxed("b", ComponentKind.BOARD, 170, 170, 8, Seat.BOARD)).size());
    assertEquals(
        9, FixingPoints.of(boxed("b", ComponentKind.BOARD, 244, 244, 8, Seat.BOARD)).size());
    assertEquals(4, FixingPoints.of(boxed("f", ComponentKind.FAN, 120, 25, 120, Seat.FAN)).size());
    Component radiator =
        boxed("r", ComponentKind.RADIATOR, 120, 395, 55, Seat.RADIATOR)
            .withThermal(new Thermal(null, null, 3, 120, 30, 1_200, 0, 0, 0, 120, null));
    assertEquals(12, FixingPoints.of(radiator).size());
    assertEquals(List.of("slot 1", "slot 2", "slot 3"), FixingPoints.of(card(1.3)));
    assertEquals(List.of(), FixingPoints.of(hub()));
    assertEquals(List.of(), FixingPoints.of(part("x", ComponentKind.BOARD, 0, 0)));
  }

  private Finding taped(Component component, Fixing fixing) {
    add(component, fixing);
    return found("component:" + component.id() + "/held-tape").orElse(null);
  }

  /** Heavy, warm or overhead on tape alone is a stop; tape and a ledge count as two. */
  @Test
  void tapeAloneHoldsNothingHeavyWarmOrOverhead() {
    Fixing tape = Fixing.by(FixingWay.TAPE);
    Finding heavy = taped(hub().withMassKg(1.3), tape);
    assertEquals(Severity.STOP, heavy.severity());
    assertTrue(heavy.detail().startsWith("It weighs over 1 kg"), heavy.detail());
    assertNull(taped(hub().withMassKg(1), tape));
    assertTrue(taped(hub().withPeakWatts(25), tape).detail().startsWith("It gets warm"));
    assertTrue(taped(card(0.9), tape).detail().startsWith("It gets warm"), "watts not known");
    assertTrue(taped(hub(), tape.on(Face.TOP)).detail().startsWith("It hangs overhead"));
    assertNotNull(taped(card(1.3), tape.and(FixingWay.TAPE)), "twice tape is tape");
    assertNull(taped(card(1.3), tape.and(FixingWay.LEDGE)));
  }

  @Test
  void aLedgeCarriesAndDoesNotHold() {
    add(hub(), Fixing.by(FixingWay.LEDGE));
    assertEquals(Severity.NOTE, found("component:hub/held-rests").orElseThrow().severity());
    add(hub(), Fixing.by(FixingWay.LEDGE).and(FixingWay.TAPE));
    assertTrue(found("component:hub/held-rests").isEmpty());
  }

  /** 57 cm² a kg, doubled where it is warm: 1.3 kg on 70 × 45 mm won’t do. */
  @Test
  void tapeWantsRoom() {
    add(hub().withMassKg(0.5), Fixing.by(FixingWay.TAPE));
    assertTrue(found("component:hub/held-tape-area").isEmpty(), "28.5 of 31.5 cm²");
    add(hub().withMassKg(0.5).withPeakWatts(30), Fixing.by(FixingWay.TAPE).and(FixingWay.WEDGE));
    assertEquals(
        "57 cm² for 0.5 kg, warm; there are 32 cm².",
        found("component:hub/held-tape-area").orElseThrow().detail());
    add(hub().withMassKg(0.5), Fixing.by(FixingWay.TAPE).on(Face.LEFT));
    assertEquals(
        "29 cm² for 0.5 kg; there are 8 cm².",
        found("component:hub/held-tape-area").orElseThrow().detail());
    add(hub().withMassKg(0), Fixing.by(FixingWay.TAPE));
    assertTrue(found("component:hub/held-unweighed").isPresent());
  }

  @Test
  void aHeavyCardAtOneEdgeWantsASupport() {
    add(card(1.3), Fixing.UNSAID);
    Finding edge = found("component:card/held-edge").orElseThrow();
    assertEquals("card, 1.3 kg, is held at one edge", edge.title());
    assertEquals("fitted.fixing.besides", edge.remedies().get(0).change().field());
    add(card(1.3), Fixing.UNSAID.and(FixingWay.LEDGE));
    assertTrue(found("component:card/held-edge").isEmpty());
    add(card(1), Fixing.UNSAID);
    assertTrue(found("component:card/held-edge").isEmpty());
  }

  /** Its drive frame cut away, a drive has to be held by something else. */
  @Test
  void aBayCutAwaySaysWhatHungOnIt() {
    Component loose =
        drive().withBody(Body.box(101.6, 147, 26.1, List.of(Seat.DRIVE, Seat.FREE), List.of()));
    add(loose, Fixing.UNSAID);
    assertEquals("Drive frame", line("drive").bay());
    assertEquals(List.of(), fit().model().held().hungOn());
    Bay frame = enclosure.bay("frame").orElseThrow();
    enclosure = enclosure.with(frame.with(frame.change().away()));
    Finding hung = found("enclosure:e/bay-frame/hung").orElseThrow();
    assertEquals(Severity.RISK, hung.severity());
    assertEquals("drive hung on “Drive frame”, which is cut away", hung.title());
    assertTrue(hung.detail().startsWith("Nothing holds drive now."), hung.detail());
    assertEquals(List.of("drive"), fit().model().held().hungOn().get(0).things());
    assertTrue(found("component:drive/held").isPresent());
    add(loose, Fixing.by(FixingWay.BRACKET));
    assertEquals(Severity.NOTE, found("enclosure:e/bay-frame/hung").orElseThrow().severity());
    components.clear();
    assertTrue(found("enclosure:e/bay-frame/hung").isEmpty(), "nothing hung, nothing beside it");
  }

  @Test
  void whatLiesAgainstABayCutAwayIsAskedAbout() {
    Bay fan = Bay.of("fan", "Fan place", new Box(200, 160, 0, 110, 30, 60), Face.TOP, Seat.FAN);
    Bay frame = enclosure.bay("frame").orElseThrow();
    enclosure = box(600, List.of(frame.with(frame.change().away()), fan), List.of());
    Finding hung = found("enclosure:e/bay-frame/hung").orElseThrow();
    assertEquals("“Drive frame” is cut away: look what else it holds", hung.title());
    assertEquals("“Fan place” lies against it: their rails may be part of it.", hung.detail());
  }

  @Test
  void whatHoldsThingsIsMadeAndBought() {
    add(drive(), Fixing.by(FixingWay.BRACKET));
    add(hub(), Fixing.by(FixingWay.STRAP));
    add(card(1.3), Fixing.UNSAID.and(FixingWay.LEDGE));
    List<Task> tasks = work().tasks();
    Task bracket = task(tasks, "component:drive/bracket");
    assertEquals("Make a bracket for drive", bracket.title());
    assertEquals(60, bracket.handsOnMinutes());
    assertEquals(20, task(tasks, "component:card/ledge").handsOnMinutes());
    assertTrue(fit().enclosureWork().contains("component:drive/bracket"), "before the dry fit");
    assertEquals(4, need("fixing:held-screws"), "the bracket’s");
    assertEquals(1, need("fixing:held-straps"));
    add(drive().withQuantity(2), Fixing.by(FixingWay.SCREWS));
    Task holes = task(work().tasks(), "component:drive/holes");
    assertEquals("Drill 8 holes for drive: punch, pilot, final bit, deburr", holes.title());
  }

  private static Task task(List<Task> tasks, String key) {
    return tasks.stream().collect(Collectors.toMap(Task::key, each -> each)).get(key);
  }

  private double need(String key) {
    return work().needs().stream()
        .filter(each -> each.key().equals(key))
        .mapToDouble(Need::quantity)
        .sum();
  }
}
