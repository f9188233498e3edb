package emberyard.core.make.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Knot;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Export, import: the same area and contour length within 0.01 %. */
class FilesRoundTripTest {
  private static final double SHARE = 1e-4;

  static Outline part(long seed) {
    Random random = new Random(seed);
    List<Knot> knots = new ArrayList<>();
    int corners = 6 + random.nextInt(10);
    for (int i = 0; i < corners; i++) {
      double angle = 2 * Math.PI * (i + 0.2 * random.nextDouble()) / corners;
      double r = 90 + 30 * random.nextDouble();
      double bulge = random.nextInt(3) == 0 ? 0.3 * (random.nextDouble() - 0.5) : 0;
      knots.add(new Knot(150 + r * Math.cos(angle), 150 + r * Math.sin(angle), bulge));
    }
    List<Contour> holes = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      holes.add(
          random.nextBoolean()
              ? Contour.circle(110 + 20 * (i % 4), 120 + 20 * (i / 4), 4 + 6 * random.nextDouble())
              : Contour.rectangle(105 + 20 * (i % 4), 115 + 20 * (i / 4), 10, 8, 2));
    }
    return Plane.cut(Outline.of(new Contour(knots)), new Outline(holes, List.of()));
  }

  private static Map<String, List<Contour>> groups(Outline part) {
    Map<String, List<Contour>> groups = new LinkedHashMap<>();
    groups.put("engrave", List.of(Contour.rectangle(130, 170, 30, 12, 0)));
    groups.put("cut", part.contours());
    return groups;
  }

  private static void same(Outline part, ImportedDrawing back) {
    assertEquals(part.areaMm2(), back.outline().areaMm2(), SHARE * part.areaMm2());
    assertEquals(part.contourMm(), back.outline().contourMm(), SHARE * part.contourMm());
    assertEquals(part.holes().size(), back.outline().holes().size());
    assertEquals(360, back.engraved().areaMm2(), 0.1);
    assertTrue(back.faults().isEmpty(), back.faults().toString());
  }

  @RepeatedTest(40)
  void throughSvg(RepetitionInfo run) {
    Outline part = part(run.getCurrentRepetition());
    same(part, ImportedDrawing.of(SvgReader.read(SvgDrawing.of(part.bounds(), groups(part))), 0.1));
  }

  @RepeatedTest(40)
  void throughDxf(RepetitionInfo run) {
    Outline part = part(run.getCurrentRepetition());
    same(part, ImportedDrawing.of(DxfReader.read(DxfDrawing.of(groups(part))), 0.1));
  }

  @Test
  void circlesComeBackAsCircles() {
    Outline part = part(5);
    long round = part.holes().stream().filter(h -> h.circle().isPresent()).count();
    ImportedDrawing svg =
        ImportedDrawing.of(SvgReader.read(SvgDrawing.of(part.bounds(), groups(part))), 0.1);
    ImportedDrawing dxf = ImportedDrawing.of(DxfReader.read(DxfDrawing.of(groups(part))), 0.1);
    assertTrue(round > 2);
    assertEquals(round, dxf.outline().holes().stream().filter(h -> h.circle().isPresent()).count());
    assertEquals(round, svg.outline().holes().stream().filter(h -> h.circle().isPresent()).count());
  }

  @Test
  void upIsUpInBothForms() {
    // a notch at the top right tells up from down and left from right
    Outline part =
        Plane.cut(
            Outline.of(Contour.rectangle(0, 0, 100, 50, 0)), Outline.of(Contour.circle(90, 40, 6)));
    Map<String, List<Contour>> groups = Map.of("cut", part.contours());
    for (ImportedDrawing back :
        List.of(
            ImportedDrawing.of(SvgReader.read(SvgDrawing.of(part.bounds(), groups)), 0.1),
            ImportedDrawing.of(DxfReader.read(DxfDrawing.of(groups)), 0.1))) {
      var hole = back.outline().holes().get(0).circle().orElseThrow();
      assertEquals(90, hole.xMm(), 0.01);
      assertEquals(40, hole.yMm(), 0.01);
    }
  }
}
