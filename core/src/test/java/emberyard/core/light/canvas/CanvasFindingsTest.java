package emberyard.core.light.canvas;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Canvas;
import emberyard.core.build.CanvasPane;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Display;
import emberyard.core.build.Look;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.build.ReadOut;
import emberyard.core.build.ReadOutKind;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeedBuilder;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Judgements on what screens show. */
class CanvasFindingsTest {
  private final List<Screen> screens = new ArrayList<>();
  private final List<Component> components = new ArrayList<>();
  private final List<PaletteColour> palette =
      List.of(
          new PaletteColour("ink", "#141A20", Role.BASE),
          new PaletteColour("sodium", "#F0A13A", Role.GLOW));

  private static Screen screen(String id, boolean selfLit) {
    return Screen.one(id, "Screen " + id, 120, 60)
        .pixelsWide(480)
        .pixelsHigh(240)
        .feed(
            ScreenFeedBuilder.builder()
                .activeWidthMm(120.0)
                .activeHeightMm(60.0)
                .selfLit(selfLit)
                .build())
        .build();
  }

  private Build build(Canvas... canvases) {
    Build plain = Samples.build();
    return plain
        .with(plain.design().looking(new Look(List.of(), palette, null), List.of()))
        .with(Component.class, components)
        .with(Screen.class, screens)
        .with(Canvas.class, List.of(canvases));
  }

  private List<Finding> findings(Canvas... canvases) {
    return CanvasFindings.of(build(canvases));
  }

  private static Canvas canvas(List<CanvasPane> panes, ReadOut... readOuts) {
    return new Canvas("c", "Board", panes, null, null, List.of(readOuts));
  }

  private static Canvas two(double apartMm, ReadOut... readOuts) {
    return canvas(
        List.of(CanvasPane.at("a", 0, 0), CanvasPane.at("b", 120 + apartMm, 0)), readOuts);
  }

  private static ReadOut words(double x, double y, double width, double height, String words) {
    return ReadOut.one("r", ReadOutKind.WORDS, x, y, width, height).words(words).build();
  }

  private static Finding only(List<Finding> findings) {
    assertEquals(1, findings.size(), findings.toString());
    return findings.get(0);
  }

  /** The canvas with a remedy taken. */
  private static Canvas taken(Canvas canvas, Remedy way) {
    assertEquals("canvases", way.change().kind());
    assertEquals("readOuts", way.change().field());
    List<ReadOut> then = new ArrayList<>();
    way.change().items().forEach(item -> then.add((ReadOut) item));
    return canvas.withReadOuts(then);
  }

  @Test
  void aScreenWithoutAPictureIsNamedBuiltInOnesToo() {
    screens.add(screen("a", false));
    components.add(
        Component.one("k", "Cooler with eye", ComponentKind.COOLER)
            .display(new Display(240, 240, Screen.Input.DATA, null, null))
            .build());
    List<Finding> findings = findings();
    assertEquals(2, findings.size());
    assertTrue(findings.stream().allMatch(each -> each.severity() == Severity.NOTE));
    assertEquals("Screen a has no picture yet", findings.get(0).title());
    assertEquals(
        1, findings(canvas(List.of(CanvasPane.of("a")))).size(), "the cooler's is still missing");
    assertEquals(
        List.of(),
        findings(canvas(List.of(CanvasPane.of("a"), CanvasPane.at("k", 200, 0)))).stream()
            .filter(each -> each.key().contains("picture"))
            .toList());
  }

  @Test
  void whatIsTooSmallIsOfferedLargerAndThenRead() {
    screens.add(screen("a", false));
    Canvas canvas = canvas(List.of(CanvasPane.of("a")), words(2, 2, 20, 5, "HARBOUR"));
    Finding finding = only(findings(canvas));
    assertEquals(Severity.RISK, finding.severity());
    assertEquals("“HARBOUR” can’t be read from 1.2 m in “Board”", finding.title());
    assertTrue(finding.detail().contains("7.0 mm at 1.2 m"), finding.detail());
    Remedy way = finding.remedies().get(0);
    assertTrue(way.change() != null, finding.remedies().toString());
    assertEquals(List.of(), findings(taken(canvas, way)));
    assertEquals(List.of(), findings(canvas.withDistanceMm(400.0)), "near enough it is read");
  }

  @Test
  void aCapitalTypedTooSmallIsOfferedHigher() {
    screens.add(screen("a", false));
    ReadOut small = words(2, 2, 110, 30, "HOLD").withCapitalMm(3.0);
    Canvas canvas = canvas(List.of(CanvasPane.of("a")), small);
    Remedy way = only(findings(canvas)).remedies().get(0);
    assertEquals("Capitals of 7 mm", way.label());
    assertEquals(List.of(), findings(taken(canvas, way)));
  }

  @Test
  void whatIsPaleIsOfferedInTheColourThatIsSeenBest() {
    screens.add(screen("a", false));
    ReadOut pale = words(2, 2, 110, 30, "HOLD").withInkHex("#303840");
    Canvas canvas = canvas(List.of(CanvasPane.of("a")), pale);
    Finding finding = only(findings(canvas));
    assertTrue(finding.detail().startsWith("Contrast 1."), finding.detail());
    assertEquals("In #F0A13A", finding.remedies().get(0).label());
    assertEquals(List.of(), findings(taken(canvas, finding.remedies().get(0))));
  }

  @Test
  void lettersBehindARimAreSaidAndThoseBesideItAreNot() {
    screens.add(screen("a", false));
    screens.add(screen("b", false));
    Finding cut = only(findings(two(14, words(100, 10, 60, 20, "HARBOUR"))));
    assertTrue(cut.title().contains("cut by the edge"), cut.title());
    assertEquals(List.of(), findings(two(14, words(2, 10, 110, 20, "HARBOUR"))));
    ReadOut line =
        ReadOut.one("r", ReadOutKind.TABLE_LINE, 2, 10, 250, 12).table("08:15 Depot").build();
    assertEquals(
        List.of(), findings(two(14, line)), "its words left, its minutes right of the gap");
    assertEquals(1, findings(two(14, words(300, 10, 40, 20, "GONE"))).size(), "beside them all");
  }

  @Test
  void lettersOverLettersAreSaidAndWordsOverAPictureAreNot() {
    screens.add(screen("a", false));
    ReadOut other = words(30, 10, 80, 20, "QUAY").withId("o");
    Finding over =
        only(
            findings(canvas(List.of(CanvasPane.of("a")), words(2, 10, 110, 20, "HARBOUR"), other)));
    assertEquals("“QUAY” is written over “HARBOUR” in “Board”", over.title());
    ReadOut aside = words(2, 32, 80, 20, "QUAY").withId("o");
    Canvas apart = canvas(List.of(CanvasPane.of("a")), words(2, 10, 110, 20, "HARBOUR"), aside);
    assertEquals(List.of(), findings(apart));
    ReadOut art = ReadOut.one("p", ReadOutKind.PICTURE, 0, 0, 110, 50).art("M0 0h80v40z").build();
    ReadOut letters = words(2, 10, 110, 20, "HARBOUR");
    Canvas alike = canvas(List.of(CanvasPane.of("a")), art, letters);
    assertTrue(only(findings(alike)).title().contains("is lost on the picture behind it"));
    Canvas faint = canvas(List.of(CanvasPane.of("a")), art.withInkHex("#26303A"), letters);
    assertEquals(List.of(), findings(faint), "as faint as a picture behind letters should be");
  }

  @Test
  void twoInOnePlaceAreAStop() {
    screens.add(screen("a", false));
    screens.add(screen("b", false));
    Finding over = only(findings(two(-20)));
    assertEquals(Severity.STOP, over.severity());
    assertEquals("Screen a and Screen b lie over each other in “Board”", over.title());
    assertEquals(List.of(), findings(two(0)), "edge to edge they don't");
  }

  @Test
  void whatIsGuessedIsSaidWhereItMatters() {
    screens.add(Screen.one("a", "A", 120, 60).build());
    assertEquals(
        List.of(), findings(canvas(List.of(CanvasPane.of("a")))), "one alone has no neighbour");
    screens.add(screen("b", false));
    List<Finding> findings =
        findings(canvas(List.of(CanvasPane.at("a", 0, 0), CanvasPane.of("b"))));
    assertEquals(2, findings.size());
    assertTrue(findings.get(0).title().contains("not measured"));
    assertTrue(findings.get(1).title().contains("where it stands"));
  }

  @Test
  void whatStandsStillWearsOutPixelsThatMakeTheirLight() {
    screens.add(screen("a", true));
    Canvas still = canvas(List.of(CanvasPane.of("a")), words(2, 2, 110, 30, "HOLD"));
    assertTrue(only(findings(still)).title().contains("burns into Screen a"));
    ReadOut clock = ReadOut.one("r", ReadOutKind.CLOCK, 2, 2, 100, 40).build();
    assertEquals(List.of(), findings(canvas(List.of(CanvasPane.of("a")), clock)));
  }

  /** Whatever is laid out: each remedy that can be taken mends its finding. */
  @Test
  void everyWayOutMends() {
    screens.add(screen("a", false));
    screens.add(screen("b", true));
    Random random = new Random(23);
    int ways = 0;
    for (int i = 0; i < 400; i++) {
      ReadOut readOut =
          words(
                  random.nextInt(200),
                  random.nextInt(50),
                  4 + random.nextInt(120),
                  2 + random.nextInt(40),
                  "HARBOUR ROAD".substring(0, 1 + random.nextInt(12)))
              .with()
              .capitalMm(random.nextBoolean() ? null : (Double) (1.0 + random.nextInt(12)))
              .inkHex(random.nextInt(3) > 0 ? null : "#4A5058")
              .build();
      Canvas canvas = two(14, readOut);
      for (Finding finding : findings(canvas)) {
        for (Remedy way : finding.remedies()) {
          if (way.change() != null) {
            ways++;
            assertFalse(
                findings(taken(canvas, way)).stream()
                    .anyMatch(each -> each.key().equals(finding.key())),
                finding + " with " + way.label());
          }
        }
      }
    }
    assertTrue(ways > 40, ways + " ways");
  }
}
