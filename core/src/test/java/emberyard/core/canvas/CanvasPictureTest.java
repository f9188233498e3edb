package emberyard.core.canvas;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Canvas;
import emberyard.core.build.CanvasPane;
import emberyard.core.build.Look;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.build.ReadOut;
import emberyard.core.build.ReadOutBuilder;
import emberyard.core.build.ReadOutKind;
import emberyard.core.build.ReadOutTable;
import emberyard.core.canvas.LiveValues.LiveValue;
import emberyard.core.canvas.LiveValues.PastValue;
import emberyard.core.canvas.Mark.Anchor;
import emberyard.core.colour.Colour;
import emberyard.core.yard.Samples;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What screens show: ten kinds of read-outs, in the palette's colours, to scale. */
class CanvasPictureTest {
  private static final Pattern POINT = Pattern.compile("[ML](-?[\\d.]+) (-?[\\d.]+)");
  private static final LocalTime NOON = LocalTime.of(12, 0);
  private List<PaletteColour> palette =
      List.of(
          new PaletteColour("ink", "#141A20", Role.BASE),
          new PaletteColour("red", "#E2483A", Role.ACCENT),
          new PaletteColour("sodium", "#F0A13A", Role.GLOW));

  private static ReadOutBuilder one(ReadOutKind kind) {
    return ReadOut.one("r", kind, 10, 20, 80, 40);
  }

  private static Canvas canvas(ReadOut... readOuts) {
    CanvasPane tablet = new CanvasPane("t", "Tablet", 0.0, 0.0, 200.0, 120.0, 800, 480);
    return new Canvas("c", "Board", List.of(tablet), null, null, List.of(readOuts));
  }

  private Build build() {
    Build plain = Samples.build();
    return plain.with(plain.design().looking(new Look(List.of(), palette, null), List.of()));
  }

  private List<Mark> marks(LiveValues live, ReadOut... readOuts) {
    return CanvasPicture.of(build(), canvas(readOuts), live).marks();
  }

  private static LiveValues live(String name, double number) {
    return live(Map.of(name, LiveValue.of(number, List.of(new PastValue(0, number)))), NOON);
  }

  private static LiveValues live(Map<String, LiveValue> values, LocalTime clock) {
    return new LiveValues(values, clock, "");
  }

  private static List<String> words(List<Mark> marks) {
    return marks.stream().map(Mark::words).filter(words -> !words.isEmpty()).toList();
  }

  @Test
  void aValueHasItsCaptionItsNumberAndItsUnit() {
    ReadOut readOut = one(ReadOutKind.VALUE).source("a.b").words("Graphics").unit("°C").build();
    List<Mark> marks = marks(live("a.b", 58.93), readOut);
    assertEquals(List.of("Graphics", "58.9 °C"), words(marks));
    assertEquals(6.98, marks.get(0).capitalMm(), 0.01, "as can be read from 1.2 m");
    assertTrue(marks.get(1).capitalMm() > marks.get(0).capitalMm());
    assertEquals(10, marks.get(0).xMm());
    assertEquals(120 - 60 + marks.get(0).capitalMm(), marks.get(0).yMm(), 1e-9);
    assertEquals(
        List.of("1240"),
        words(marks(live("r", 1239.6), one(ReadOutKind.VALUE).source("r").build())));
    assertEquals(
        List.of("–"),
        words(marks(LiveValues.none(NOON), one(ReadOutKind.VALUE).source("r").build())));
  }

  @Test
  void whatIsAmissHasASecondMarkAndAnotherColour() {
    ReadOut readOut = one(ReadOutKind.VALUE).source("t").goodFrom(20.0).goodTo(80.0).build();
    List<Mark> well = marks(live("t", 50), readOut);
    List<Mark> high = marks(live("t", 81), readOut);
    List<Mark> low = marks(live("t", 19), readOut);
    assertEquals(1, well.size());
    assertEquals("#F0A13A", well.get(0).hex());
    assertEquals(2, high.size(), "a triangle besides");
    assertEquals("#E2483A", high.get(0).hex());
    assertNotEquals(high.get(0).path(), low.get(0).path(), "up and down differ");
    for (ReadOutKind kind : ReadOutKind.values()) {
      if (kind.measures()) {
        ReadOut each = readOut.with().kind(kind).words("It").build();
        assertEquals(
            marks(live("t", 50), each).size() + 1, marks(live("t", 81), each).size(), kind.words());
      }
    }
  }

  @Test
  void withoutAnAccentTheMarkAloneSaysIt() {
    palette = List.of(new PaletteColour("cream", "#EDE3C8", Role.GLOW));
    ReadOut readOut = one(ReadOutKind.VALUE).source("t").goodTo(80.0).build();
    List<Mark> high = marks(live("t", 81), readOut);
    assertEquals(2, high.size());
    assertEquals("#EDE3C8", high.get(0).hex());
  }

  @Test
  void theClockIsTheTimeThere() {
    assertEquals(
        List.of("09:05"),
        words(marks(live(Map.of(), LocalTime.of(9, 5, 59)), one(ReadOutKind.CLOCK).build())));
  }

  @Test
  void wordsFillTheirBoxLineByLine() {
    List<Mark> marks =
        marks(LiveValues.none(NOON), one(ReadOutKind.WORDS).words("HOLD\nFAST").build());
    assertEquals(List.of("HOLD", "FAST"), words(marks));
    assertEquals(marks.get(0).capitalMm(), marks.get(1).capitalMm());
    assertEquals(40 / 3.0, marks.get(0).capitalMm(), 0.01);
    List<Mark> typed =
        marks(LiveValues.none(NOON), one(ReadOutKind.WORDS).words("HOLD").capitalMm(5.0).build());
    assertEquals(5, typed.get(0).capitalMm());
  }

  @Test
  void aTimetableShowsWhatComesNext() {
    ReadOutBuilder line =
        one(ReadOutKind.TABLE_LINE).table("08:15 Harbour\n12:00 Quay\n12:59 Moss\n20:20 Kiln");
    LiveValues now = live(Map.of(), LocalTime.of(12, 0, 30));
    assertEquals(List.of("Quay", "0 min"), words(marks(now, line.build())));
    assertEquals(List.of("Moss", "59 min"), words(marks(now, line.nth(2).build())));
    assertEquals(List.of("Kiln", "20:20"), words(marks(now, line.nth(3).build())));
    assertEquals(
        List.of("Harbour", "08:15"), words(marks(now, line.nth(4).build())), "tomorrow's first");
    assertEquals(List.of("Harbour", "08:15"), words(marks(now, line.nth(8).build())));
    LiveValues late = live(Map.of(), LocalTime.of(20, 21));
    assertEquals(List.of("Harbour", "08:15"), words(marks(late, line.nth(1).build())));
    assertEquals(
        List.of("01 DEPOT ROAD", "5 min"),
        words(
            marks(
                live(Map.of("d.1", LiveValue.of("01 DEPOT ROAD|5 min")), NOON),
                line.source("d.1").build())),
        "the feed goes first");
  }

  @Test
  void aListSaysOfEachWhetherItIsWell() {
    ReadOut readOut =
        one(ReadOutKind.STATUS_LIST).table("a; Alpha; 1; 5\nb; Beta; ; 5\nc; Gamma").build();
    LiveValues values =
        live(Map.of("a", LiveValue.of(3, List.of()), "b", LiveValue.of(6, List.of())), NOON);
    List<Mark> marks = marks(values, readOut);
    assertEquals(List.of("Alpha", "3.0", "Beta", "6.0", "Gamma", "–"), words(marks));
    List<Mark> signs = marks.stream().filter(mark -> mark.words().isEmpty()).toList();
    assertEquals(3, signs.size());
    assertTrue(signs.get(0).path().contains("a"), "a dot for what is well");
    assertTrue(signs.get(1).path().endsWith("z") && !signs.get(1).path().contains("a"));
    assertTrue(signs.get(2).strokeMm() > 0, "a dash for what nobody knows");
    assertEquals("#E2483A", signs.get(1).hex());
  }

  @Test
  void aCurveGoesBackAsFarAsItSaysAndEndsWithNow() {
    List<PastValue> past = new ArrayList<>();
    for (int ago = 60; ago >= 0; ago--) {
      past.add(new PastValue(ago, 40 - ago / 4.0));
    }
    LiveValues values = live(Map.of("c", LiveValue.of(40, past)), NOON);
    ReadOut readOut =
        one(ReadOutKind.CURVE).source("c").lowest(0.0).highest(100.0).minutes(30.0).build();
    Mark line =
        marks(values, readOut).stream()
            .filter(mark -> mark.path().chars().filter(c -> c == 'L').count() == 30)
            .findFirst()
            .orElseThrow();
    List<double[]> points = points(line);
    double right = points.get(30)[0];
    assertEquals(80, right, 0.01, "now is at the right edge");
    double left = points.get(0)[0];
    assertEquals((right - left) / 2, points.get(15)[0] - left, 0.02);
    assertTrue(points.get(0)[1] > points.get(30)[1], "it rose");
  }

  private static List<double[]> points(Mark mark) {
    List<double[]> points = new ArrayList<>();
    Matcher found = POINT.matcher(mark.path());
    while (found.find()) {
      points.add(
          new double[] {Double.parseDouble(found.group(1)), Double.parseDouble(found.group(2))});
    }
    return points;
  }

  @Test
  void theDayIsReadAtTheClock() {
    List<ReadOutTable.Point> points = ReadOutTable.points("03:00 1\n09:00 5");
    assertEquals(3, CurveMarks.at(points, LocalTime.of(6, 0), false).orElseThrow(), 1e-9);
    assertEquals(3, CurveMarks.at(points, LocalTime.of(6, 0), true).orElseThrow(), 1e-9);
    assertEquals(2, CurveMarks.at(points, LocalTime.of(4, 30), false).orElseThrow(), 1e-9);
    assertEquals(1.59, CurveMarks.at(points, LocalTime.of(4, 30), true).orElseThrow(), 0.005);
    assertEquals(1, CurveMarks.at(points, LocalTime.of(3, 0), true).orElseThrow(), 1e-9);
    assertTrue(CurveMarks.at(points, LocalTime.of(2, 59), true).isEmpty());
    assertTrue(CurveMarks.at(points, LocalTime.of(9, 1), true).isEmpty());
    ReadOut tide =
        one(ReadOutKind.DAY_CURVE).table("03:00 1\n09:00 5").words("Tide").unit("m").build();
    assertTrue(words(marks(live(Map.of(), LocalTime.of(6, 0)), tide)).contains("3.0 m"));
    assertTrue(words(marks(live(Map.of(), LocalTime.of(23, 0)), tide)).contains("–"));
  }

  @Test
  void aFeedThatStoppedIsSaidOnEveryScreen() {
    LiveValues stopped = new LiveValues(live("t", 5).values(), NOON, "11:58:03");
    ReadOut readOut = one(ReadOutKind.VALUE).source("t").build();
    List<String> words = words(marks(stopped, readOut));
    assertEquals(List.of("5.0", "last values 11:58:03"), words, "they stay, and say so");
  }

  @Test
  void theInkIsSeenOnAnyGround() {
    Random random = new Random(4);
    for (int i = 0; i < 300; i++) {
      List<PaletteColour> colours = new ArrayList<>();
      for (int k = 0; k < random.nextInt(8); k++) {
        colours.add(
            new PaletteColour(
                "c" + k,
                "#%06X".formatted(random.nextInt(0x1000000)),
                Role.values()[random.nextInt(6)]));
      }
      Canvas on =
          canvas().withGroundHex(i % 2 == 0 ? null : "#%06X".formatted(random.nextInt(0x1000000)));
      CanvasInk ink = CanvasInk.of(on, colours);
      assertTrue(ink.ink().contrast(ink.ground()) >= 4.5, colours + " on " + ink.ground());
      assertTrue(ink.alarm().contrast(ink.ground()) >= 3);
    }
  }

  /** Whatever is said in whatever box: nothing is drawn outside it, and nothing of no size. */
  @Test
  void nothingIsDrawnOutsideItsBox() {
    Random random = new Random(11);
    for (int i = 0; i < 1_000; i++) {
      ReadOutKind kind = ReadOutKind.values()[i % ReadOutKind.values().length];
      ReadOut readOut = any(random, kind);
      LiveValues values = LiveValues.sample(canvas(readOut));
      CanvasPicture picture = CanvasPicture.of(build(), canvas(readOut), values);
      double top = picture.heightMm() - readOut.yMm() - readOut.heightMm();
      for (Mark mark : picture.marks()) {
        if (mark.words().isEmpty()) {
          for (double[] point : points(mark)) {
            inside(readOut, readOut.xMm() + point[0], top + point[1], top, mark);
          }
        } else {
          assertTrue(mark.capitalMm() > 0);
          assertEquals(
              Mark.lengthMm(mark.words().length(), mark.capitalMm()), mark.lengthMm(), 1e-9);
          inside(readOut, mark.leftMm(), mark.yMm() - mark.capitalMm(), top, mark);
          inside(readOut, mark.leftMm() + mark.lengthMm(), mark.yMm(), top, mark);
        }
      }
    }
  }

  /** Dots and ticks at the edge may stand out by a twentieth of the box, and the least letters. */
  private static void inside(ReadOut box, double x, double y, double top, Mark mark) {
    double air = 0.6 + 0.06 * Math.max(box.widthMm(), box.heightMm());
    String said = box + " draws " + mark;
    assertTrue(x >= box.xMm() - air && x <= box.xMm() + box.widthMm() + air, said);
    assertTrue(y >= top - air && y <= top + box.heightMm() + air, said);
  }

  private static ReadOut any(Random random, ReadOutKind kind) {
    String table =
        switch (kind) {
          case DAY_CURVE -> "00:10 -1\n06:00 5.5\n12:30 0\n20:16 3";
          case TABLE_LINE -> "08:15 Harbour Road\n20:40 Quay";
          case STATUS_LIST ->
              "coolant.celsius; Coolant; 18; 30\nx.y; Other\nfans.rpm; Fans; ; 9000";
          default -> "";
        };
    return ReadOut.one(
            "r",
            kind,
            random.nextInt(150),
            random.nextInt(90),
            3 + random.nextInt(150),
            3 + random.nextInt(100))
        .source(List.of("", "coolant.celsius", "no.such").get(random.nextInt(3)))
        .words(List.of("", "Graphics", "A caption that is very long").get(random.nextInt(3)))
        .unit(List.of("", "°C").get(random.nextInt(2)))
        .goodTo(random.nextBoolean() ? null : (Double) 25.0)
        .lowest(random.nextBoolean() ? null : (Double) 0.0)
        .highest(random.nextBoolean() ? null : (Double) 90.0)
        .capitalMm(random.nextInt(3) > 0 ? null : (Double) (1.0 + random.nextInt(30)))
        .table(table)
        .nth(1 + random.nextInt(4))
        .eased(random.nextBoolean())
        .art(kind == ReadOutKind.PICTURE ? "M0 0L2 0L2 2z" : "")
        .build();
  }

  @Test
  void aLargerCapitalIsNeverDrawnSmaller() {
    for (ReadOutKind kind : ReadOutKind.values()) {
      Random random = new Random(kind.ordinal());
      ReadOut plain = any(random, kind).with().widthMm(120.0).heightMm(60.0).words("Word").build();
      double before = 0;
      for (double capital = 1; capital < 40; capital += 1.5) {
        double smallest =
            marks(LiveValues.sample(canvas(plain)), plain.withCapitalMm(capital)).stream()
                .filter(mark -> mark.words().equals("Word"))
                .mapToDouble(Mark::capitalMm)
                .min()
                .orElse(before);
        assertTrue(smallest >= before - 1e-9, kind + " at " + capital);
        before = smallest;
      }
    }
  }

  @Test
  void whatIsTypedAsItsColourIsItsColour() {
    ReadOut readOut = one(ReadOutKind.WORDS).words("A").inkHex("#FFFFFF").build();
    assertEquals("#FFFFFF", marks(LiveValues.none(NOON), readOut).get(0).hex());
    assertEquals(Anchor.START, marks(LiveValues.none(NOON), readOut).get(0).anchor());
    assertEquals(
        Colour.hex("#141A20"),
        Colour.hex(CanvasPicture.of(build(), canvas(), LiveValues.none(NOON)).groundHex()));
  }

  @Test
  void onlyWhatShowsAValueWaitsForAFeed() {
    assertFalse(CanvasPicture.fed(canvas(one(ReadOutKind.CLOCK).build())));
    assertTrue(CanvasPicture.fed(canvas(one(ReadOutKind.VALUE).source("a").build())));
    assertTrue(CanvasPicture.fed(canvas(one(ReadOutKind.STATUS_LIST).table("a; Alpha").build())));
  }
}
