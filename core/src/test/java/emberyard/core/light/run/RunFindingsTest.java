package emberyard.core.light.run;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Rail;
import emberyard.core.build.RunData;
import emberyard.core.build.RunFeed;
import emberyard.core.build.RunGlow;
import emberyard.core.build.RunShape;
import emberyard.core.build.Scene;
import emberyard.core.build.SceneUse;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.work.Need;
import emberyard.core.work.Work;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What is said of light runs, and that what is offered helps. */
class RunFindingsTest {
  private LightStrip strip = LightStrip.one("l", "Sodium", 900).build();
  private final List<Scene> scenes = new ArrayList<>();

  private Build build() {
    return Samples.build()
        .with(LightStrip.class, List.of(strip))
        .with(Scene.class, List.copyOf(scenes));
  }

  private Optional<Finding> found(String rule) {
    return RunFindings.of(build()).stream()
        .filter(each -> each.key().equals("strip:l/" + rule))
        .findFirst();
  }

  private List<String> ways(String rule) {
    return found(rule).orElseThrow().remedies().stream().map(Remedy::label).toList();
  }

  private void fed(int feeds, double leadMm, double leadMm2) {
    strip =
        strip
            .with()
            .feed(LightStrip.Feed.SUPPLY_LEAD)
            .fed(new RunFeed(null, feeds, leadMm, leadMm2, null))
            .build();
  }

  /** Presses a way out. */
  private void take(String rule, String label) {
    Remedy.Change change =
        found(rule).orElseThrow().remedies().stream()
            .filter(each -> each.label().equals(label))
            .map(Remedy::change)
            .findFirst()
            .orElseThrow();
    RunFeed fed = strip.feeding();
    switch (change.field()) {
      case "feed" -> strip = strip.withFeed(LightStrip.Feed.valueOf(change.text()));
      case "lengthMm" -> strip = strip.withLengthMm(change.value());
      case "fed.feeds" -> strip = strip.withFed(fed.at((int) change.value()));
      case "fed.leadMm2" -> strip = strip.withFed(fed.through(change.value()));
      case "diffuserMm" -> strip = strip.withDiffuserMm(change.value());
      case "data.shifter" -> strip = strip.withData(strip.told().shifted());
      case "data.resistor" -> strip = strip.withData(strip.told().damped());
      case "data.only" -> strip = strip.withData(RunData.USUAL);
      case "runs" -> {
        Scene scene =
            scenes.stream().filter(s -> s.id().equals(change.thingId())).findFirst().get();
        scenes.remove(scene);
        List<RunGlow> runs = change.items().stream().map(RunGlow.class::cast).toList();
        scenes.add(scene.withRuns(runs));
      }
      default -> throw new AssertionError(change.field());
    }
  }

  private void everyWayHelps(String rule) {
    LightStrip strip = this.strip;
    List<Scene> scenes = List.copyOf(this.scenes);
    for (Remedy way : found(rule).orElseThrow().remedies()) {
      if (way.change() != null) {
        take(rule, way.label());
        assertEquals(Optional.empty(), found(rule), way.label());
        this.strip = strip;
        this.scenes.clear();
        this.scenes.addAll(scenes);
      }
    }
  }

  @Test
  void aHeaderGivesThreeAmperes() {
    Finding said = found("header").orElseThrow();
    assertEquals(Severity.STOP, said.severity());
    assertEquals("Sodium draws 3.3 A at full white; a header gives 3.0 A", said.title());
    assertEquals("54 LEDs × 61 mA, 5 V.", said.detail());
    assertEquals(
        List.of(
            "Feed it from a supply lead with a fuse of 5 A, data from the header",
            "Shorten it to 816.0 mm"),
        ways("header"));
    everyWayHelps("header");
    strip = strip.withLengthMm(800);
    assertEquals(Optional.empty(), found("header"), "48 LEDs: 2.93 A");
  }

  @Test
  void whereScenesSayHowBrightItGetsTheyCount() {
    scenes.add(Scene.of("show", SceneUse.SHOW).with(RunGlow.of("l", 100)));
    strip = strip.withColourHex("#FFFFFF");
    assertEquals(
        "Sodium draws 3.3 A in “show”; a header gives 3.0 A",
        found("header").orElseThrow().title());
    assertTrue(ways("header").contains("“show” at 90 %"), ways("header").toString());
    everyWayHelps("header");
    strip = strip.withColourHex("#F0A13A");
    assertEquals(Optional.empty(), found("header"), "amber draws 26.4 mA a LED");
    assertEquals(Severity.NOTE, found("full-white").orElseThrow().severity());
    strip = strip.withFeed(LightStrip.Feed.SUPPLY_LEAD);
    assertEquals(Optional.empty(), found("full-white"));
  }

  @Test
  void twoScenesThatAskTooMuchAreNotMendedByDarkeningOne() {
    strip = strip.withColourHex("#FFFFFF");
    scenes.add(Scene.of("show", SceneUse.SHOW));
    scenes.add(Scene.of("work", SceneUse.WORK));
    assertFalse(ways("header").stream().anyMatch(way -> way.contains("%")));
    everyWayHelps("header");
  }

  @Test
  void itTurnsYellowWhereTheVoltsGiveOut() {
    strip = strip.withLengthMm(1_100);
    fed(1, 500, 0.5);
    Finding said = found("volts").orElseThrow();
    assertEquals("Sodium turns yellow beyond 114.0 mm at full white", said.title());
    assertEquals(
        "4.75 V at its source − 0.14 V in its lead − 0.55 V in the strip = 4.06 V at the worst LED; 4.50 V needed.",
        said.detail());
    assertEquals(List.of("Feed both ends"), ways("volts"));
    everyWayHelps("volts");
    scenes.add(Scene.of("show", SceneUse.SHOW));
    strip = strip.withColourHex("#FFFFFF");
    assertTrue(ways("volts").contains("“show” at 34 %"), ways("volts").toString());
    everyWayHelps("volts");
  }

  @Test
  void twelveVoltsMayLoseSixTenths() {
    strip =
        strip
            .with()
            .rail(Rail.V12)
            .milliampsPerLed(20)
            .lengthMm(3_000)
            .feed(LightStrip.Feed.SUPPLY_LEAD)
            .build();
    assertEquals(1_000 * 3.6 / 3, 1_200, "3.6 A over three metres");
    Finding said = found("volts").orElseThrow();
    assertTrue(said.detail().endsWith("10.80 V needed."), said.detail());
    everyWayHelps("volts");
    strip = strip.withLengthMm(1_500);
    assertEquals(Optional.empty(), found("volts"));
  }

  @Test
  void aLeadThatIsTooThinIsSaid() {
    strip = strip.withLengthMm(400);
    fed(1, 3_000, 0.08);
    assertTrue(
        ways("volts").stream().anyMatch(way -> way.startsWith("A lead of")),
        ways("volts").toString());
    assertEquals(
        "The lead of Sodium burns before its fuse does", found("fuse").orElseThrow().title());
    everyWayHelps("fuse");
    everyWayHelps("volts");
  }

  @Test
  void thePrintCarriesThreeAmperesAFeed() {
    strip = strip.withLengthMm(1_000).withOhmPerMetre(0.05);
    fed(1, 100, 1);
    assertEquals(
        "3.7 A go into Sodium at one place at full white; its print carries 3.0 A",
        found("print").orElseThrow().title());
    everyWayHelps("print");
  }

  @Test
  void theFuseFollowsAndIsBought() {
    assertEquals(List.of("strip:l"), needs().stream().map(Need::key).toList(), "none on a header");
    fed(2, 500, 0.5);
    assertEquals(List.of("strip:l", "fixing:fuse-3"), needs().stream().map(Need::key).toList());
    assertEquals(2, needs().get(1).quantity());
    Work work = RunWork.derive(build(), Samples.book(), List.of());
    assertEquals(
        "Lay and connect Sodium, with a fuse of 3 A at its source", work.tasks().get(0).title());
  }

  private List<Need> needs() {
    return RunWork.derive(build(), Samples.book(), List.of()).needs();
  }

  @Test
  void aRingIsBoughtByThePieceAndAStripByTheMetre() {
    strip = strip.withPricePerMetreMinor(1_400);
    assertEquals("m", needs().get(0).unit());
    assertEquals(0.9, needs().get(0).quantity());
    strip = strip.with().shape(RunShape.RING).count(24).priceMinor(1_100L).build();
    assertEquals("piece", needs().get(0).unit());
    assertEquals(1, needs().get(0).quantity());
    assertEquals(1_100, needs().get(0).unitPriceMinor());
  }

  @Test
  void dataWantsItsVoltsAndItsNumber() {
    strip = strip.withData(new RunData(RunData.Level.V3, 40, 450.0, null, null, null));
    assertEquals(Severity.RISK, found("shifter").orElseThrow().severity());
    everyWayHelps("shifter");
    assertEquals(Severity.NOTE, found("data-lead").orElseThrow().severity());
    everyWayHelps("data-lead");
    assertEquals(
        "Sodium has 54 LEDs; a channel of its controller drives 40",
        found("channel").orElseThrow().title());
    strip = strip.withData(strip.told().shifted().damped());
    List<String> keys = needs().stream().map(Need::key).toList();
    assertTrue(keys.containsAll(List.of("fixing:level-shifter", "fixing:resistor-390")));
    strip = strip.withRail(Rail.V12).withMilliampsPerLed(20);
    assertEquals(Optional.empty(), found("channel"), "all alike: it takes no data");
    assertFalse(needs().stream().anyMatch(need -> need.key().contains("shifter")));
  }

  @Test
  void dotsAreSeenThroughWhatIsTooNear() {
    assertEquals(Optional.empty(), found("dots"), "nothing said of a diffuser");
    strip = strip.withDiffuserMm(10.0);
    assertEquals(List.of("Keep it 15.0 mm away", "A strip with more LEDs a metre"), ways("dots"));
    everyWayHelps("dots");
  }

  @Test
  void whatOnlyChangesModesCantBeDimmed() {
    strip = strip.withData(new RunData(null, null, null, null, null, RunData.Control.MODES));
    scenes.add(Scene.of("camera", SceneUse.CAMERA).with(RunGlow.of("l", 100)));
    assertEquals(Optional.empty(), found("modes"));
    scenes.set(0, scenes.get(0).with(RunGlow.of("l", 20)));
    assertEquals(
        "Sodium can’t be dimmed, and “camera” asks for it", found("modes").orElseThrow().title());
    everyWayHelps("modes");
  }

  /** Whatever is asked, one press of any way out leaves a finding fewer of its kind. */
  @Test
  void everyWayOfRandomRunsHelps() {
    Random random = new Random(7);
    for (int i = 0; i < 300; i++) {
      strip =
          LightStrip.one("l", "Sodium", 50 + random.nextInt(2_500))
              .rail(Rail.values()[random.nextInt(2)])
              .ledsPerMetre(30 + random.nextInt(120))
              .milliampsPerLed(12 + random.nextInt(49))
              .feed(LightStrip.Feed.values()[random.nextInt(2)])
              .ohmPerMetre(0.05 + random.nextDouble() * 0.4)
              .diffuserMm((double) random.nextInt(20))
              .fed(
                  new RunFeed(
                      RunFeed.At.values()[random.nextInt(2)],
                      1 + random.nextInt(4),
                      (double) random.nextInt(2_000),
                      0.1 + random.nextDouble(),
                      null))
              .build();
      scenes.clear();
      for (int n = random.nextInt(3); n > 0; n--) {
        RunGlow glow = new RunGlow("l", "#FFFFFF", (double) random.nextInt(101), null, null);
        scenes.add(new Scene("s" + n, "s" + n, SceneUse.SHOW, null, List.of(glow), List.of()));
      }
      for (String rule : List.of("header", "volts", "print", "fuse", "dots")) {
        if (found(rule).isPresent()) {
          everyWayHelps(rule);
        }
      }
    }
  }

  @Test
  void keysAreOnesOwn() {
    strip =
        strip
            .with()
            .lengthMm(3_000)
            .diffuserMm(2.0)
            .data(new RunData(RunData.Level.V3, 10, 900.0, null, null, RunData.Control.MODES))
            .build();
    scenes.add(Scene.of("camera", SceneUse.CAMERA).with(RunGlow.of("l", 50)));
    List<String> keys = RunFindings.of(build()).stream().map(Finding::key).toList();
    assertEquals(keys.size(), keys.stream().collect(Collectors.toSet()).size());
    assertTrue(keys.size() >= 6, keys.toString());
  }
}
