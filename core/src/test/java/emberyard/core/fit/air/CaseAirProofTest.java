package emberyard.core.fit.air;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bay;
import emberyard.core.build.Body;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.Opening;
import emberyard.core.build.Seat;
import emberyard.core.build.Supports;
import emberyard.core.build.Thermal;
import emberyard.core.build.Turn;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import emberyard.core.fit.heat.Circuit;
import emberyard.core.fit.heat.Cooling;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The air inside of whole builds: who breathes the room, who the case, and how warm it gets. */
class CaseAirProofTest extends Proof {
  private static final double SIDE = 400;
  private static final Bay ALL =
      Bay.of("all", "All", new Box(0, 0, 0, SIDE, SIDE, SIDE), Face.FRONT, Seat.FREE);
  private final List<Opening> openings = new ArrayList<>();

  @BeforeEach
  void aCaseWithAGrille() {
    components.clear();
    openings.clear();
    openings.add(opening("grille", Face.FRONT, 0, 0, 120, 120));
    openings.add(opening("slots", Face.BACK, 0, 280, 120, 120));
    open();
  }

  private void open() {
    enclosure = box(SIDE, List.of(ALL), List.copyOf(openings));
  }

  private static Opening opening(String id, Face face, double x, double y, double w, double h) {
    return new Opening(id, id, face, x, y, w, h, null, false);
  }

  private static Component fan(String id, double x, double y, double z, String through, Air air) {
    Thermal blows = new Thermal(null, null, 0, 0, 0, 1_200, 0, 0, 100, 120, null);
    return part(id, ComponentKind.FAN, 3, 0)
        .withThermal(blows)
        .withBody(Body.box(120, 25, 120, List.of(Seat.FREE), List.of(Turn.UPRIGHT)))
        .withFitted(
            new Fitted(new Fitted.Pin("all", Turn.UPRIGHT, x, y, z), "", through, air, null));
  }

  private static Component chip(double watts) {
    return part("p", ComponentKind.PROCESSOR, watts, 0).withThermal(Thermal.chip(95));
  }

  private static Component cooler(String through, Air air) {
    Thermal tower = new Thermal(null, 0.30, 0, 0, 0, 1_200, 0, 0, 60, 120, null);
    return part("c", ComponentKind.COOLER, 0, 0)
        .withThermal(tower)
        .withFitted(new Fitted(null, "p", through, air, null));
  }

  private Airflow.Flow flow(String id) {
    return fit().model().airflow().of(id).orElseThrow();
  }

  private Cooling cooling() {
    return fit().model().cooling();
  }

  private double chipC() {
    return cooling().circuits().get(0).normal().chips().get(0).temperatureC();
  }

  @Test
  void aFanGetsWhatItLiesOver() {
    components.add(fan("f", 0, 0, 0, "grille", Air.INTAKE));
    assertEquals(14_400, flow("f").air().openMm2(), 1e-6);
    components.set(0, fan("f", 60, 0, 0, "grille", Air.INTAKE));
    assertEquals(7_200, flow("f").air().openMm2(), 1e-6);
    assertEquals("", flow("f").past());
    components.set(0, fan("f", 200, 0, 0, "grille", Air.INTAKE));
    assertEquals(0, flow("f").air().flowM3PerHour(), 0);
    assertEquals("it doesn't lie over the opening", flow("f").past());
    Finding past = found("opening:grille/past-f").orElseThrow();
    assertEquals(Severity.RISK, past.severity());
    components.set(0, fan("f", 0, 200, 0, "grille", Air.INTAKE));
    assertEquals("it stands 200 mm behind the opening", flow("f").past());
  }

  @Test
  void twoFansShareWhatTheyBothLieOver() {
    components.add(fan("one", 0, 0, 0, "grille", Air.INTAKE));
    components.add(fan("two", 0, 30, 0, "grille", Air.INTAKE));
    assertEquals(7_200, flow("one").air().openMm2(), 1e-6);
    assertEquals(7_200, flow("two").air().openMm2(), 1e-6);
    components.set(1, fan("two", 60, 30, 0, "grille", Air.INTAKE));
    assertEquals(10_800, flow("one").air().openMm2(), 1e-6);
    assertEquals(3_600, flow("two").air().openMm2(), 1e-6);
    Finding narrow = found("opening:grille/two").orElseThrow();
    assertTrue(narrow.why().contains("shares the opening with one"), narrow.why());
  }

  @Test
  void aRadiatorThatLiesFlatBlowsUpNotForward() {
    Thermal blows = new Thermal(null, 0.1, 2, 120, 30, 1_200, 0.3, 1, 90, 120, null);
    openings.add(opening("roof", Face.TOP, 0, 0, 400, 400));
    open();
    Fitted.Pin onTop = new Fitted.Pin("all", Turn.UPRIGHT, 0, 0, 345);
    Component flat =
        part("r", ComponentKind.COOLER, 0, 0)
            .withThermal(blows)
            .withBody(Body.box(275, 120, 55, List.of(Seat.FREE), List.of(Turn.UPRIGHT)))
            .withFitted(new Fitted(onTop, "p", "grille", Air.INTAKE, null));
    components.add(chip(150));
    components.add(flat);
    assertEquals("it blows along its thickness, not to the front", flow("r").past());
    Circuit circuit = cooling().circuits().get(0);
    assertTrue(circuit.breathesCase());
    assertEquals("", circuit.problem(), "it blows, if only inside");
    assertEquals(cooling().caseAir().riseK(), circuit.normal().airK(), 1e-9);
    Finding past = found("opening:grille/past-r").orElseThrow();
    assertEquals(
        "Say that it breathes through “roof”, which it lies over", past.remedies().get(0).label());
    components.set(1, flat.withFitted(new Fitted(onTop, "p", "roof", Air.INTAKE, null)));
    assertEquals("", flow("r").past());
    assertEquals(180, flow("r").air().flowM3PerHour(), 1e-6);
  }

  @Test
  void whatBlowsOutLeavesItsHeatToTheRoom() {
    components.add(chip(150));
    components.add(cooler("", null));
    double all = cooling().caseAir().heatW();
    double breathingTheCase = chipC();
    components.set(1, cooler("slots", Air.INTAKE));
    assertEquals(all, cooling().caseAir().heatW(), 1e-9);
    assertEquals(22 + 0.30 * 150, chipC(), 1e-9);
    components.set(1, cooler("slots", Air.EXHAUST));
    assertEquals(all - 150, cooling().caseAir().heatW(), 1e-9);
    assertTrue(chipC() < breathingTheCase);
    assertTrue(cooling().circuits().get(0).breathesCase());
  }

  /** What a cooler doesn't draw from the room it draws from the case. */
  @Test
  void aSliverOfTheOpeningIsNoRoomAir() {
    Component card =
        cooler("grille", Air.INTAKE)
            .withBody(Body.box(120, 100, 120, List.of(Seat.FREE), List.of(Turn.UPRIGHT)));
    components.add(chip(150));
    components.add(at(card, 0));
    double over = chipC();
    assertEquals(22 + 0.30 * 150, over, 1e-9);
    components.set(1, at(card, 110));
    double rise = cooling().caseAir().riseK();
    double factor = flow("c").air().factor();
    assertTrue(factor > 0 && factor < 0.2, "a sliver: " + factor);
    assertEquals(over + (1 - factor) * rise, chipC(), 1e-9);
  }

  private static Component at(Component of, double x) {
    Fitted.Pin pin = new Fitted.Pin("all", Turn.UPRIGHT, x, 0, 0);
    return of.withFitted(of.fitted().at(pin));
  }

  /** A chip of 100 W with an opening in the roof and one of 200 × 200 mm in the floor. */
  private void warmed(Opening roof) {
    openings.clear();
    openings.add(roof);
    openings.add(opening("floor", Face.BOTTOM, 0, 0, 200, 200));
    open();
    components.add(chip(100));
    components.add(cooler("", null));
  }

  /** Slots in the floor of a case that lies on a shelf let nothing through, and that is said. */
  @Test
  void onAShelfTheFloorIsClosed() {
    warmed(opening("roof", Face.TOP, 0, 0, 200, 200));
    double onFeet = cooling().caseAir().riseK();
    assertTrue(found("opening:floor/covered-below").isEmpty());
    enclosure = enclosure.with(enclosure.supports().as(Supports.Kind.SHELF));
    assertTrue(cooling().caseAir().riseK() > onFeet + 1);
    Finding closed = found("opening:floor/covered-below").orElseThrow();
    assertEquals(Severity.RISK, closed.severity());
    assertEquals("Give it feet", closed.remedies().get(0).label());
  }

  /** A grille that was measured twice lets no more through than one that was measured once. */
  @Test
  void oneHoleMeasuredTwiceCountsOnce() {
    warmed(opening("roof", Face.TOP, 0, 0, 200, 200));
    double once = cooling().caseAir().riseK();
    openings.add(opening("again", Face.TOP, 0, 0, 200, 200));
    open();
    assertEquals(once, cooling().caseAir().riseK(), 1e-9);
    Finding doubled = found("opening:roof/doubled-again").orElseThrow();
    assertEquals("“roof” and “again” share 400.0 cm² of the top side", doubled.title());
    openings.set(2, opening("again", Face.TOP, 200, 0, 200, 200));
    open();
    assertTrue(cooling().caseAir().riseK() < once, "beside each other both count");
    assertTrue(found("opening:roof/doubled-again").isEmpty());
  }

  /** What is closed off stays closed where another was measured over it. */
  @Test
  void aPlateOverAnOpeningClosesIt() {
    warmed(opening("roof", Face.TOP, 0, 0, 200, 200));
    double free = cooling().caseAir().riseK();
    openings.add(opening("plate", Face.TOP, 0, 0, 200, 200).closed());
    open();
    assertTrue(cooling().caseAir().riseK() > free + 1);
    assertTrue(found("opening:roof/doubled-plate").orElseThrow().detail().contains("closed"));
  }

  /** Half of it lies past the edge: half is counted, as if it had been measured right. */
  @Test
  void whatLiesPastItsFaceIsNoOpening() {
    warmed(opening("roof", Face.TOP, 300, 0, 100, 200));
    double right = cooling().caseAir().riseK();
    assertTrue(found("opening:roof/past-its-face").isEmpty());
    openings.set(0, opening("roof", Face.TOP, 300, 0, 200, 200));
    open();
    assertEquals(right, cooling().caseAir().riseK(), 1e-9);
    Finding past = found("opening:roof/past-its-face").orElseThrow();
    assertEquals(Severity.RISK, past.severity());
    assertTrue(past.detail().endsWith("50 % of it is counted."), past.detail());
  }

  /** All that comes in leaves, whatever moves it. */
  @Test
  void whatComesInLeaves() {
    Random random = new Random(5);
    int moved = 0;
    for (int i = 0; i < 300; i++) {
      any(random);
      Cooling cooling = cooling();
      double in = cooling.through().stream().mapToDouble(OpeningFlow::inM3PerHour).sum();
      double out = cooling.through().stream().mapToDouble(OpeningFlow::outM3PerHour).sum();
      assertEquals(cooling.caseAir().flowM3PerHour(), in, 1e-6 + in * 1e-6, "in, " + i);
      assertEquals(in, out, 1e-6 + in * 1e-6, "out, " + i);
      moved += in > 0 ? 1 : 0;
    }
    assertTrue(moved > 100, "moved in " + moved);
  }

  @Test
  void neverCoolerWithOneMoreClosedFaceASmallerOpeningOrMoreWatts() {
    Random random = new Random(6);
    for (int i = 0; i < 300; i++) {
      any(random);
      double before = chipC() - 1e-6;
      List<Opening> as = List.copyOf(openings);
      Face face = Face.values()[random.nextInt(Face.values().length)];
      openings.replaceAll(each -> each.face() == face ? each.closed() : each);
      open();
      assertTrue(chipC() >= before, "sealed " + face + ", case " + i);
      openings.clear();
      openings.addAll(as);
      int at = random.nextInt(openings.size());
      openings.set(at, openings.get(at).leaving(0.2 + 0.7 * random.nextDouble()));
      open();
      assertTrue(chipC() >= before, "smaller, case " + i);
      openings.clear();
      openings.addAll(as);
      open();
      components.add(part("more", ComponentKind.DRIVE, 40, 0));
      assertTrue(chipC() >= before, "40 W more, case " + i);
    }
  }

  private static boolean meets(Opening one, Opening other) {
    return one.face() == other.face() && one.at().overlaps(other.at());
  }

  private Opening anywhere(Random random) {
    Face face = Face.values()[random.nextInt(Face.values().length)];
    double x = random.nextInt(280);
    double y = random.nextInt(280);
    double w = 20 + random.nextInt(100);
    double h = 20 + random.nextInt(100);
    return opening("o" + openings.size(), face, x, y, w, h);
  }

  /** However openings lie over each other and past the face, air finds what a raster counts. */
  @Test
  void whatIsOpenIsWhatARasterCounts() {
    Random random = new Random(7);
    for (int i = 0; i < 200; i++) {
      openings.clear();
      for (int k = 0; k < 5; k++) {
        double x = 5 * random.nextInt(75);
        double y = 5 * random.nextInt(75);
        double w = 5 + 5 * random.nextInt(30);
        Opening next = opening("o" + k, Face.FRONT, x, y, w, 5 + 5 * random.nextInt(30));
        openings.add(random.nextInt(5) == 0 ? next.closed() : next);
      }
      open();
      int open = 0;
      for (double x = 2.5; x < 400; x += 5) {
        for (double y = 2.5; y < 400; y += 5) {
          open += through(x, y) ? 25 : 0;
        }
      }
      double told =
          fit().model().airflow().ventilation().vents().stream().mapToDouble(Vent::openMm2).sum();
      assertEquals(open, told, 200, "case " + i);
    }
  }

  private boolean through(double x, double y) {
    List<Opening> there = openings.stream().filter(each -> each.at().contains(x, y)).toList();
    return !there.isEmpty() && there.stream().noneMatch(Opening::sealed);
  }

  private void any(Random random) {
    components.clear();
    openings.clear();
    while (openings.size() < 4) {
      Opening next = anywhere(random);
      if (openings.stream().noneMatch(each -> meets(each, next))) {
        openings.add(next);
      }
    }
    open();
    components.add(chip(50 + random.nextInt(200)));
    String[] through = {"", "o0", "o1"};
    Air[] ways = {Air.INTAKE, Air.EXHAUST};
    components.add(cooler(through[random.nextInt(3)], ways[random.nextInt(2)]));
    for (int i = random.nextInt(3); i > 0; i--) {
      String opening = "o" + (1 + random.nextInt(3));
      components.add(fan("f" + i, 0, 0, 0, opening, ways[random.nextInt(2)]).withBody(null));
    }
    assertNotNull(cooling().circuits().get(0).normal());
  }

  @Test
  void aWarmCaseIsARiskWithItsNumbers() {
    openings.clear();
    openings.add(opening("low", Face.FRONT, 0, 0, 100, 20));
    openings.add(opening("high", Face.BACK, 0, 370, 100, 20));
    open();
    components.add(chip(150));
    components.add(cooler("", null));
    Finding warm = found("fit/case-air").orElseThrow();
    assertEquals(Severity.RISK, warm.severity());
    assertTrue(warm.detail().contains("that rise by themselves"), warm.detail());
    assertTrue(
        warm.detail().contains("as 15 mm of wood, since nobody said what they are of"),
        warm.detail());
    Circuit circuit = cooling().circuits().get(0);
    double stopped = circuit.normal().airK();
    assertEquals(cooling().caseAir().riseK(), stopped, 1e-9);
  }
}
