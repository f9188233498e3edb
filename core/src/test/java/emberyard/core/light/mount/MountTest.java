package emberyard.core.light.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.build.MountWay;
import emberyard.core.build.Panel;
import emberyard.core.build.PictureTurn;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed;
import emberyard.core.build.ScreenMount;
import emberyard.core.build.ScreenMount.On;
import emberyard.core.build.ScreenMount.Standing;
import emberyard.core.elevation.Elevation;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import emberyard.core.work.Task;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What holds a screen, and what is said where that is not enough. */
class MountTest {
  private Screen screen = Screen.one("s", "Board", 260, 70).massKg(0.25).depthMm(9.0).build();
  private Face face = Face.FRONT;
  private Layer layer = Layer.BEHIND;

  private Build build() {
    Enclosure box = Proof.box(300, List.of(), List.of());
    return Samples.build()
        .with(Screen.class, List.of(screen))
        .with(Enclosure.class, List.of(box))
        .with(
            FaceItem.class,
            List.of(FaceItem.standingFor("s", face, ItemKind.SCREEN, "Board", 20, 20, layer)));
  }

  private Optional<Finding> found(String rule) {
    return MountFindings.of(build()).stream()
        .filter(each -> each.key().equals("mount:s/" + rule))
        .findFirst();
  }

  private void held(MountWay way, MountWay besides) {
    screen = screen.withMount(new ScreenMount(way, besides, null, null));
  }

  private List<String> ways(String rule) {
    return found(rule).orElseThrow().remedies().stream().map(each -> each.label()).toList();
  }

  @Test
  void theExampleOfTape() {
    MountTape tape = MountTape.of(screen);
    assertEquals(28.5, tape.areaCm2(), 1e-9);
    assertEquals(237.5, tape.lengthMm(), 1e-9);
    assertEquals(182, tape.backCm2(), 1e-9);
    assertEquals("28.5 cm², 238 mm of 12 mm tape", tape.words());
  }

  @Test
  void whatHasAPlaceIsHeldBySomething() {
    screen = screen.withFeed(ScreenFeed.USUAL.withMounts(List.of(MountWay.SCREWS, MountWay.RAIL)));
    assertEquals(
        List.of("With screws", "With a rail", "Say what holds it, under Screens"), ways("unheld"));
    held(MountWay.RAIL, null);
    assertFalse(found("unheld").isPresent());
    screen = screen.withMount(null);
    Build loose = build().with(FaceItem.class, List.of());
    assertTrue(MountFindings.of(loose).isEmpty(), "what has no place yet is not asked");
  }

  /** 0.3 kg is the most that tape alone holds, to the gram; a wedge besides makes it two. */
  @Test
  void threeHundredGramsOnTapeAlone() {
    held(MountWay.TAPE, null);
    screen = screen.withMassKg(0.3);
    assertFalse(found("tape-alone").isPresent());
    screen = screen.withMassKg(0.301);
    assertEquals(Severity.STOP, found("tape-alone").orElseThrow().severity());
    held(MountWay.TAPE, MountWay.TAPE);
    assertTrue(found("tape-alone").isPresent(), "the same tape twice is no second hold");
    held(MountWay.TAPE, MountWay.WEDGE);
    assertFalse(found("tape-alone").isPresent());
    held(MountWay.SCREWS, MountWay.TAPE);
    assertFalse(found("tape-alone").isPresent());
  }

  @Test
  void overheadNeverOnTapeAlone() {
    held(MountWay.TAPE, null);
    screen = screen.withMassKg(0.05);
    for (Face each : Face.values()) {
      for (Layer at : Layer.values()) {
        face = each;
        layer = at;
        boolean hangs = each == Face.TOP && at != Layer.ON || each == Face.BOTTOM && at == Layer.ON;
        assertEquals(hangs, found("tape-alone").isPresent(), each + " " + at);
        Build boxless = build().with(Enclosure.class, List.of());
        assertEquals(
            hangs,
            MountFindings.of(boxless).stream().anyMatch(f -> f.key().equals("mount:s/tape-alone")),
            "it hangs before an enclosure is chosen too");
      }
    }
  }

  @Test
  void tapeIsCutByMassAndHasToHaveRoom() {
    held(MountWay.TAPE, MountWay.RAIL);
    screen = screen.withMassKg(0.0);
    assertEquals(Severity.RISK, found("tape-unweighed").orElseThrow().severity());
    screen = screen.withMassKg(1.59);
    assertFalse(found("tape-area").isPresent(), "181 cm² on 182");
    screen = screen.withMassKg(1.6);
    assertEquals(Severity.STOP, found("tape-area").orElseThrow().severity());
  }

  @Test
  void screwsWantHolesThatAreKnownAndThatItHas() {
    held(MountWay.SCREWS, null);
    assertEquals(Severity.NOTE, found("pattern").orElseThrow().severity());
    screen = screen.withFeed(ScreenFeed.USUAL.withPatternWideMm(75.0).withPatternHighMm(35.0));
    assertFalse(found("pattern").isPresent());
    screen = screen.withFeed(ScreenFeed.USUAL.withPatternWideMm(75.0).withPatternHighMm(75.0));
    assertEquals(Severity.RISK, found("pattern").orElseThrow().severity());
    screen = screen.withFeed(ScreenFeed.USUAL.withMounts(List.of(MountWay.WEDGE)));
    assertEquals(List.of("With a wedge", "Make a frame that takes it"), ways("not-made-for"));
    held(MountWay.TAPE, null);
    assertFalse(found("not-made-for").isPresent(), "tape sticks to any back");
  }

  @Test
  void neverOnWhatOpens() {
    screen = screen.withMount(new ScreenMount(MountWay.SCREWS, null, On.OPENS, null));
    assertEquals(Severity.STOP, found("opens").orElseThrow().severity());
    assertEquals("Hold it on the chassis", ways("opens").get(0));
    screen = screen.withMount(new ScreenMount(MountWay.SCREWS, null, On.PART, null));
    assertFalse(found("opens").isPresent());
  }

  @Test
  void aPictureStandsUprightOrSomethingTurnsIt() {
    screen = screen.withMount(new ScreenMount(null, null, null, Standing.LEFT));
    assertFalse(found("turned").isPresent(), "the machine turns a monitor");
    screen = screen.withInput(Screen.Input.DATA);
    assertEquals(Severity.RISK, found("turned").orElseThrow().severity());
    screen = screen.withFeed(ScreenFeed.USUAL.withPictureTurns(PictureTurn.HALF));
    assertEquals(Severity.STOP, found("turned").orElseThrow().severity());
    assertEquals("Stand it upright", ways("turned").get(0));
    screen = screen.withMount(new ScreenMount(null, null, null, Standing.UPSIDE_DOWN));
    assertFalse(found("turned").isPresent());
  }

  @Test
  void theTaskSaysHow() {
    assertEquals("", MountWork.words(screen));
    held(MountWay.TAPE, MountWay.WEDGE);
    assertEquals(
        ": foam tape, 28.5 cm², 238 mm of 12 mm tape and a wedge on the chassis",
        MountWork.words(screen));
    screen =
        screen
            .withFeed(ScreenFeed.USUAL.withPatternWideMm(75.0).withPatternHighMm(35.0))
            .withMount(new ScreenMount(MountWay.SCREWS, null, On.PART, Standing.RIGHT));
    assertEquals(
        ": 4 screws, 75 × 35 mm apart on a part that stays, turned by 90° to the right",
        MountWork.words(screen));
  }

  private List<Task> gates(Panel panel) {
    Build drawn = build().with(Panel.class, List.of(panel));
    return MountWork.beforeClosing(drawn, Elevation.of(drawn, Samples.book()));
  }

  /** The panel lies in the middle of its face, which is 300 × 300 mm. */
  @Test
  void plugsGoInBeforeAPartClosesOverThem() {
    Panel over = Samples.panel().withFace(Face.FRONT).withWidthMm(290).withHeightMm(290);
    Panel solid = over.withWindow(null);
    assertEquals(
        List.of(
            "Before Left window closes over Board: plugged in, seen lit, its lead lies free,"
                + " photographed"),
        gates(solid).stream().map(Task::title).toList());
    assertTrue(gates(solid).get(0).gate());
    assertEquals(List.of(), gates(solid.withFace(Face.LEFT)), "another face");
    assertEquals(List.of(), gates(solid.withWidthMm(10).withHeightMm(10)), "beside it");
    layer = Layer.ON;
    assertEquals(List.of(), gates(solid), "it lies on the part");
  }
}
