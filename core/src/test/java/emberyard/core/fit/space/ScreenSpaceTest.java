package emberyard.core.fit.space;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bay;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Enclosure.Mount;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.Fitted;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.build.Opening;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed;
import emberyard.core.build.ScreenPlace;
import emberyard.core.build.Seat;
import emberyard.core.build.Thermal;
import emberyard.core.build.Turn;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import emberyard.core.fit.air.Breathing;
import emberyard.core.fit.air.CaseAir;
import emberyard.core.fit.power.PowerBudget;
import emberyard.core.geometry.Box;
import emberyard.core.geometry.Rect;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Screens take room, weigh, warm, and cover what breathes. */
class ScreenSpaceTest extends Proof {
  private void screen(String id, double deepMm, Face face, double x, double y, Layer layer) {
    screens.add(Screen.one(id, "Screen " + id, 80, 40).depthMm(deepMm).massKg(2.0).build());
    items.add(FaceItem.standingFor(id, face, ItemKind.SCREEN, "Screen " + id, x, y, layer));
  }

  private static Enclosure desk(double side, List<Bay> bays, List<Opening> open, Mount... mounts) {
    return new Enclosure(
        "e",
        "Desk",
        Enclosure.Origin.FURNITURE,
        "",
        side,
        side,
        side,
        bays,
        open,
        List.of(mounts),
        null,
        null,
        null,
        null,
        22,
        32);
  }

  @Test
  void whatGoesInGoesBesideTheScreen() {
    enclosure =
        desk(
            300,
            List.of(Bay.of("bay", "Bay", new Box(0, 0, 0, 100, 100, 60), Face.TOP, Seat.DRIVE)),
            List.of());
    components.add(boxed("drive", ComponentKind.DRIVE, 60, 60, 30, Seat.DRIVE));
    assertTrue(yOf("drive") < 30, "in the middle of what is free");
    screen("board", 30, Face.FRONT, 5, 5, Layer.BEHIND);
    SpaceModel space = fit().model().space();
    Box drive = space.things().get(0).hull();
    assertTrue(drive.yMm() >= 30, "behind the glass: " + drive);
    assertEquals(new Box(5, 0, 5, 80, 30, 40), space.screens().get(0).box());
    assertEquals(
        List.of("drive"), space.things().stream().map(SpaceModel.PlacedThing::id).toList());
    assertFalse(found("screen:board/meets").isPresent());
  }

  private double yOf(String id) {
    return fit().model().space().things().stream()
        .filter(thing -> thing.id().equals(id))
        .findFirst()
        .orElseThrow()
        .hull()
        .yMm();
  }

  @Test
  void whereBothCantBeItIsAStop() {
    components.add(boxed("drive", ComponentKind.DRIVE, 60, 90, 30, Seat.DRIVE));
    enclosure =
        desk(
            300,
            List.of(Bay.of("bay", "Bay", new Box(0, 0, 0, 60, 100, 60), Face.TOP, Seat.DRIVE)),
            List.of());
    screen("board", 30, Face.FRONT, 0, 0, Layer.BEHIND);
    assertEquals(Severity.STOP, found("screen:board/meets").orElseThrow().severity());
    assertTrue(found("screen:board/meets").orElseThrow().title().contains("drive"));
  }

  @Test
  void aThingPinnedIntoAScreenIsToldSo() {
    enclosure =
        desk(
            300,
            List.of(Bay.of("bay", "Bay", new Box(0, 0, 0, 60, 100, 60), Face.TOP, Seat.DRIVE)),
            List.of());
    Fitted.Pin front = new Fitted.Pin("bay", Turn.UPRIGHT, 0, 0, 0);
    components.add(
        boxed("drive", ComponentKind.DRIVE, 50, 50, 30, Seat.DRIVE)
            .withFitted(Fitted.ANYHOW.at(front)));
    screen("board", 30, Face.FRONT, 0, 0, Layer.BEHIND);
    assertTrue(
        found("component:drive/pinned").orElseThrow().title().contains("overlaps Screen board"));
  }

  /** Whatever stands where: nothing that is said to be placed lies in a screen. */
  @Test
  void nothingPlacedLiesInAScreen() {
    Random random = new Random(4);
    int beside = 0;
    for (int i = 0; i < 150; i++) {
      components.clear();
      screens.clear();
      items.clear();
      enclosure =
          desk(
              300,
              List.of(Bay.of("bay", "Bay", new Box(20, 0, 0, 200, 200, 120), Face.TOP, Seat.DRIVE)),
              List.of());
      for (int n = 0; n < 3; n++) {
        components.add(
            boxed(
                "d" + n,
                ComponentKind.DRIVE,
                20 + random.nextInt(120),
                20 + random.nextInt(120),
                20 + random.nextInt(60),
                Seat.DRIVE));
      }
      screen("one", 5 + random.nextInt(60), Face.FRONT, random.nextInt(200), 0, Layer.BEHIND);
      screen("two", 5 + random.nextInt(60), Face.LEFT, random.nextInt(200), 50, Layer.BEHIND);
      SpaceModel space = fit().model().space();
      for (SpaceModel.StandingScreen screen : space.screens()) {
        boolean meets =
            space.things().stream().anyMatch(thing -> thing.hull().overlaps(screen.box()));
        boolean told =
            found("screen:" + screen.screenId() + "/meets")
                .filter(each -> each.severity() == Severity.STOP)
                .isPresent();
        assertTrue(!meets || told, "told of " + screen);
        beside += meets ? 0 : 1;
      }
    }
    assertTrue(beside > 200, "places beside were found: " + beside);
  }

  @Test
  void whatGoesInThroughItsPlaceGoesInFirst() {
    enclosure =
        desk(
            300,
            List.of(Bay.of("bay", "Bay", new Box(0, 50, 0, 100, 100, 60), Face.FRONT, Seat.DRIVE)),
            List.of());
    components.add(boxed("drive", ComponentKind.DRIVE, 60, 60, 30, Seat.DRIVE));
    screen("board", 20, Face.FRONT, 0, 0, Layer.BEHIND);
    assertEquals(List.of("component:drive/in"), fit().beforeScreens().get("board"));
    assertEquals(Severity.NOTE, found("screen:board/bars").orElseThrow().severity());
    items.set(0, items.get(0).withLayer(Layer.ON));
    assertEquals(List.of("component:drive/in"), fit().beforeScreens().get("board"), "on the face");
    screens.set(0, screens.get(0).withDepthMm(null));
    assertEquals(1, fit().beforeScreens().size(), "however deep it is");
    items.set(0, items.get(0).withYMm(200));
    assertTrue(fit().beforeScreens().isEmpty(), "above it nothing goes in");
  }

  @Test
  void screwPlacesAndDepthsAreSaid() {
    enclosure =
        desk(
            300,
            List.of(Bay.of("bay", "Bay", new Box(0, 200, 0, 50, 50, 60), Face.TOP, Seat.DRIVE)),
            List.of(),
            new Mount("Radiator, lower left", 84, 0, 20, "M3"),
            new Mount("Far", 200, 0, 20, "M3"));
    screen("board", 20, Face.FRONT, 0, 0, Layer.BEHIND);
    assertTrue(
        found("screen:board/screws")
            .orElseThrow()
            .title()
            .equals("Screen board takes the screw place “Radiator, lower left”"));
    screen("deep", 301, Face.LEFT, 0, 100, Layer.BEHIND);
    assertEquals(Severity.STOP, found("screen:deep/deeper").orElseThrow().severity());
    screens.set(1, screens.get(1).withDepthMm(null));
    assertTrue(found("fit/screens-flat").orElseThrow().title().contains("Screen deep"));
    screen("over", 10, Face.FRONT, 40, 10, Layer.BEHIND);
    assertTrue(found("screen:over/meets").orElseThrow().title().contains("Screen board"));
  }

  /** Before anybody drew a bay it is too deep all the same. */
  @Test
  void anEnclosureWithoutBaysIsAskedToo() {
    enclosure = desk(300, List.of(), List.of(), new Mount("Lug", 84, 0, 20, "M3"));
    screen("board", 301, Face.FRONT, 0, 0, Layer.BEHIND);
    assertEquals(Severity.STOP, found("screen:board/deeper").orElseThrow().severity());
    assertTrue(found("screen:board/screws").isPresent());
  }

  @Test
  void whatStandsOutIsPartOfTheSize() {
    screen("board", 25, Face.FRONT, 0, 0, Layer.ON);
    assertEquals(-25, fit().model().space().overall().yMm());
    assertEquals(325, fit().model().space().overall().depthMm());
  }

  /** 2 kg at the front face pull the centre forwards; one that nobody drew counts in the middle. */
  @Test
  void screensWeighWhereTheyStand() {
    components.add(part("block", ComponentKind.OTHER, 0, 0));
    screen("board", 20, Face.FRONT, 0, 0, Layer.BEHIND);
    assertEquals(3 * 1.05, fit().massKg(), 1e-9);
    assertEquals((150 + 2 * 10) / 3.0, fit().model().stability().balance().centre().yMm(), 1e-9);
    items.clear();
    assertEquals(150, fit().model().stability().balance().centre().yMm(), 1e-9);
    screens.set(0, screens.get(0).withMassKg(0.0));
    assertTrue(found("fit/unweighed").orElseThrow().detail().contains("Screen board"));
  }

  private static Opening mesh(double x, double y, double w, double h) {
    return new Opening("mesh", "Mesh", Face.FRONT, x, y, w, h, null, false);
  }

  private static ScreenPlace at(double x, double y, double w, double h) {
    Screen screen = Screen.one("s", "S", w, h).build();
    FaceItem item = FaceItem.standingFor("s", Face.FRONT, ItemKind.SCREEN, "S", x, y, Layer.BEHIND);
    return new ScreenPlace(
        screen, item, new Rect(x, y, w, h), new Box(0, 0, 0, 1, 1, 1), new Box(0, 0, 0, 1, 1, 1));
  }

  @Test
  void theExampleOfCovered() {
    assertEquals(0.5, Breathing.covered(mesh(0, 0, 100, 100), List.of(at(50, 0, 60, 200))), 1e-9);
  }

  /** Against a raster of points: the same share, whatever lies over whatever. */
  @Test
  void coveredIsWhatARasterCounts() {
    Random random = new Random(7);
    for (int i = 0; i < 200; i++) {
      Opening hole =
          mesh(
              random.nextInt(50),
              random.nextInt(50),
              40 + random.nextInt(60),
              40 + random.nextInt(60));
      List<ScreenPlace> over =
          List.of(
              at(
                  random.nextInt(120),
                  random.nextInt(120),
                  10 + random.nextInt(90),
                  10 + random.nextInt(90)),
              at(
                  random.nextInt(120),
                  random.nextInt(120),
                  10 + random.nextInt(90),
                  10 + random.nextInt(90)));
      int hit = 0;
      int all = 0;
      for (double x = hole.xMm() + 0.5; x < hole.xMm() + hole.widthMm(); x++) {
        for (double y = hole.yMm() + 0.5; y < hole.yMm() + hole.heightMm(); y++) {
          double px = x;
          double py = y;
          all++;
          hit += over.stream().anyMatch(each -> each.at().contains(px, py)) ? 1 : 0;
        }
      }
      assertEquals((double) hit / all, Breathing.covered(hole, over), 1e-9);
    }
  }

  /** A screen over the only opening: the box is closed, and says so. */
  @Test
  void aCoveredOpeningLetsNoAirThrough() {
    Opening mesh = mesh(0, 0, 80, 40);
    Opening slots = new Opening("slots", "Slots", Face.BACK, 0, 200, 100, 80, null, false);
    enclosure = desk(300, List.of(), List.of(mesh, slots));
    Thermal blows = new Thermal(null, null, 0, 0, 0, 1_200, 0, 0, 60, 120, null);
    components.add(
        part("fan", ComponentKind.FAN, 3, 0)
            .withThermal(blows)
            .withFitted(new Fitted(null, "", "mesh", Fitted.Air.INTAKE, null)));
    assertFalse(found("fit/closed-case").isPresent());
    double free = fit().model().airflow().fans().get(0).air().openMm2();
    assertEquals(3_200, free, 1e-9);
    screen("board", 10, Face.FRONT, 40, 0, Layer.BEHIND);
    assertEquals(1_600, fit().model().airflow().fans().get(0).air().openMm2(), 1e-9);
    assertEquals(Severity.RISK, found("opening:mesh/covered").orElseThrow().severity());
    assertTrue(
        found("opening:mesh/covered").orElseThrow().title().contains("covers 50 % of “Mesh”"));
    items.set(0, items.get(0).withXMm(0));
    assertEquals(0, fit().model().airflow().fans().get(0).air().flowM3PerHour(), 1e-9);
    enclosure = desk(300, List.of(), List.of(mesh));
    assertTrue(found("fit/closed-case").isPresent());
  }

  /** A screen with a supply of its own loads no supply, and warms the case all the same. */
  @Test
  void aSupplyOfItsOwnIsNoLoadAndAllHeat() {
    enclosure = desk(300, List.of(), List.of());
    Screen wide = Screen.one("wide", "Wide", 345, 222).watts(14).build();
    screens.add(wide);
    PowerBudget fed = fit().model().power();
    assertEquals(14, fed.power().restTypicalWatts(), 1e-9);
    screens.set(0, wide.withFeed(ScreenFeed.USUAL.withPowerFrom(ScreenFeed.PowerFrom.BARREL)));
    PowerBudget beside = fit().model().power();
    assertEquals(0, beside.power().restTypicalWatts(), 1e-9);
    assertEquals(14, beside.besideWatts(), 1e-9);
    assertTrue(found("fit/closed-case").orElseThrow().title().startsWith("14 W stay in Desk"));
    CaseAir air = fit().model().cooling().caseAir();
    assertEquals(14 / (2.7 * 0.45), air.riseK(), 1e-6);
  }

  @Test
  void whatDrawsAsleepHangsOnTheStandbyRail() {
    components.add(part("supply", ComponentKind.SUPPLY, 0, 500));
    for (int i = 0; i < 3; i++) {
      screens.add(
          Screen.one("s" + i, "S" + i, 80, 40)
              .feed(ScreenFeed.USUAL.withStandbyWatts(4.5))
              .build());
    }
    var line =
        fit().model().power().lines().stream()
            .filter(each -> each.key().equals("standby"))
            .findFirst()
            .orElseThrow();
    assertEquals(13.5, line.wanted(), 1e-9);
    assertEquals(12.5, line.there(), 1e-9);
    assertFalse(line.enough());
    components.set(
        0,
        components
            .get(0)
            .withElectric(new Electric(null, null, List.of(), List.of(), List.of(), false, null)));
    assertEquals("Asleep 13.5 W are drawn, of 12.5 W", found("fit/asleep").orElseThrow().title());
    assertFalse(found("fit/fed/standby").isPresent(), "it is no plug that is missing");
  }
}
