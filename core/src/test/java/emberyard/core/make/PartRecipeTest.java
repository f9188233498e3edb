package emberyard.core.make;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bent;
import emberyard.core.build.CutFigure;
import emberyard.core.build.CutMethod;
import emberyard.core.build.FigureKind;
import emberyard.core.build.Panel;
import emberyard.core.build.PartDrawing;
import emberyard.core.build.RecipeStep;
import emberyard.core.build.RecipeStep.Op;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Lettering;
import emberyard.core.make.drawn.FlatPattern;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.Material;
import emberyard.core.workshop.SheetProduct;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;

/** Recipes, and what the checks say of what they draw. */
class PartRecipeTest {
  static final SheetProduct ACRYLIC = SheetProduct.loose(Material.ACRYLIC, 3, 12);

  static PartAnswer part(double w, double h, PartDrawing drawing) {
    return PartAnswer.of(Panel.loose(w, h, CutMethod.LASER, drawing), ACRYLIC);
  }

  static PartAnswer cut(RecipeStep... steps) {
    return part(200, 100, PartDrawing.of(steps));
  }

  static RecipeStep step(Op op, CutFigure figure, double x, double y) {
    return RecipeStep.of("s" + x + "/" + y + op, op, figure, x, y);
  }

  static Optional<Finding> found(PartAnswer part, String rule) {
    return part.findings().stream()
        .filter(f -> f.key().startsWith("part:part/" + rule))
        .findFirst();
  }

  private static CutFigure figure(
      FigureKind kind,
      Double w,
      Double h,
      Double d,
      Double inner,
      Double r,
      Double pitch,
      Double inset,
      Integer n) {
    return new CutFigure(kind, w, h, d, inner, r, pitch, inset, n, null, null, null, null);
  }

  @Test
  void everyFigureHasTheAreaItShould() {
    double plate = 20_000;
    assertEquals(
        plate - 24 * 10,
        cut(step(Op.CUT, CutFigure.rectangle(24, 10), 50, 50)).figures().areaMm2(),
        1e-6);
    assertEquals(
        plate - (20 * 10 + 25 * Math.PI),
        cut(step(Op.CUT, CutFigure.slot(30, 10), 50, 50)).figures().areaMm2(),
        1e-6);
    assertEquals(
        plate - 100 * 3 * Math.sqrt(3) / 2,
        cut(step(
                Op.CUT,
                figure(FigureKind.POLYGON, null, null, 20.0, null, null, null, null, 6),
                60,
                50))
            .figures()
            .areaMm2(),
        1e-6);
    PartAnswer row =
        cut(
            step(
                Op.CUT,
                figure(FigureKind.HOLE_ROW, 180.0, null, 3.0, null, null, 40.0, 10.0, null),
                100,
                50));
    assertEquals(5, row.figures().openings());
    PartAnswer border =
        cut(
            step(
                Op.CUT,
                figure(FigureKind.BORDER_ROW, 200.0, 100.0, 3.0, null, null, 60.0, 10.0, null),
                100,
                50));
    assertEquals(4 * 2 + 2 * (3 - 2), border.figures().openings());
    PartAnswer fan =
        cut(
            step(
                Op.CUT,
                figure(FigureKind.FAN, null, null, 75.0, 3.4, null, 71.5, null, null),
                100,
                50));
    assertEquals(5, fan.figures().openings());
    assertEquals(
        3,
        cut(step(
                Op.CUT,
                figure(FigureKind.POWER_INLET, null, null, null, null, null, null, null, null),
                100,
                50))
            .figures()
            .openings());
    PartAnswer socket =
        cut(
            step(
                Op.CUT,
                figure(FigureKind.KEYSTONE, null, null, null, null, null, null, null, null),
                100,
                50));
    assertEquals(plate - 14.7 * 16.3, socket.figures().areaMm2(), 1e-6);
    PartAnswer frame =
        part(
            50,
            50,
            bare(
                step(
                    Op.JOIN,
                    figure(FigureKind.FRAME, 80.0, 60.0, null, null, null, null, 10.0, null),
                    40,
                    30)));
    assertEquals(80 * 60 - 60 * 40, frame.figures().areaMm2(), 1e-6);
    PartAnswer star =
        part(
            50,
            50,
            bare(
                step(
                    Op.JOIN,
                    figure(FigureKind.STAR, null, null, 60.0, 30.0, null, null, null, 5),
                    40,
                    40)));
    assertEquals(5 * 30 * 15 * Math.sin(Math.PI / 5), star.figures().areaMm2(), 1e-6);
    PartAnswer ring =
        part(
            50,
            50,
            bare(
                step(
                    Op.JOIN,
                    figure(FigureKind.TOOTHED_RING, null, null, 60.0, 50.0, 15.0, null, null, 18),
                    40,
                    40)));
    assertEquals(1, ring.figures().openings());
  }

  private static PartDrawing bare(RecipeStep... steps) {
    return new PartDrawing(0.0, true, List.of(steps), null, null, false, false, false, false);
  }

  @Test
  void stepsAreDoneInTheirOrder() {
    RecipeStep hole = step(Op.CUT, CutFigure.hole(20), 100, 50);
    RecipeStep patch = step(Op.JOIN, CutFigure.rectangle(30, 30), 100, 50);
    assertEquals(0, cut(hole, patch).figures().openings(), "patched");
    assertEquals(1, cut(patch, hole).figures().openings());
  }

  @Test
  void mirrorsOffsetsAndCopies() {
    RecipeStep ear = step(Op.JOIN, CutFigure.rectangle(20, 20), 205, 50);
    RecipeStep mirror =
        new RecipeStep("m", "", Op.MIRROR_ACROSS, null, null, null, null, null, null, 100.0);
    PartAnswer two = cut(ear, mirror);
    assertEquals(200 * 100 + 2 * 15 * 20, two.figures().areaMm2(), 1e-3);
    assertEquals(230, two.model().widthMm(), 1e-6);
    RecipeStep grow = new RecipeStep("o", "", Op.OFFSET, null, null, null, null, null, null, 2.0);
    assertEquals(204 * 104, cut(grow).figures().areaMm2(), 1e-3);
    RecipeStep rows =
        new RecipeStep(
            "c",
            "",
            Op.CUT,
            CutFigure.hole(4),
            20.0,
            20.0,
            0.0,
            false,
            new RecipeStep.CopyArray(4, 3, 20.0, 20.0, 0, 0.0),
            null);
    assertEquals(12, cut(rows).figures().openings());
    RecipeStep round =
        new RecipeStep(
            "r",
            "",
            Op.CUT,
            CutFigure.hole(4),
            100.0,
            50.0,
            0.0,
            false,
            new RecipeStep.CopyArray(1, 1, 0.0, 0.0, 8, 30.0),
            null);
    assertEquals(8, cut(round).figures().openings());
  }

  @Test
  void contradictionsNameTheirField() {
    InvalidValue tooWide =
        Assertions.assertThrows(
            InvalidValue.class,
            () ->
                cut(
                    step(
                        Op.CUT,
                        figure(FigureKind.FRAME, 20.0, 20.0, null, null, null, null, 12.0, null),
                        50,
                        50)));
    assertEquals("drawing.steps.0.figure.insetMm", tooWide.field());
    Assertions.assertThrows(
        InvalidValue.class, () -> cut(step(Op.CUT, CutFigure.rectangle(400, 300), 100, 50)));
    Assertions.assertThrows(InvalidValue.class, () -> part(50, 50, bare()));
    Assertions.assertThrows(
        InvalidValue.class,
        () -> figure(FigureKind.SLOT, 20.0, null, null, null, null, null, null, null));
  }

  @Test
  void holesTooNearAreStoppedAtTheirPlace() {
    Finding edge = found(cut(step(Op.CUT, CutFigure.hole(4), 5, 50)), "edge").orElseThrow();
    assertEquals(Severity.STOP, edge.severity());
    assertTrue(edge.title().contains("3.0 mm") && edge.title().contains("6.0 mm"), edge.title());
    assertEquals(5, edge.place().xMm(), 1e-6);
    assertTrue(found(cut(step(Op.CUT, CutFigure.hole(4), 8, 50)), "edge").isEmpty());
    PartAnswer close =
        cut(step(Op.CUT, CutFigure.hole(10), 50, 50), step(Op.CUT, CutFigure.hole(10), 62, 50));
    assertTrue(found(close, "web").orElseThrow().title().contains("2.0 mm"));
    PartAnswer square =
        cut(
            step(Op.CUT, CutFigure.rectangle(20, 20), 50, 50),
            step(Op.CUT, CutFigure.hole(6), 65, 50));
    assertTrue(found(square, "web").orElseThrow().title().contains("2.0 mm"));
    assertTrue(found(cut(step(Op.CUT, CutFigure.hole(1.2), 50, 50)), "laser-hole").isPresent());
  }

  @Test
  void necksIslandsAndCorners() {
    PartAnswer neck =
        cut(
            step(Op.CUT, CutFigure.rectangle(20, 48), 100, 75.5),
            step(Op.CUT, CutFigure.rectangle(20, 50), 100, 25));
    assertTrue(
        found(neck, "neck").isPresent() || found(neck, "web").isPresent(),
        neck.findings().toString());
    PartAnswer waist =
        cut(
            step(Op.CUT, CutFigure.rectangle(20, 60), 100, 100),
            step(Op.CUT, CutFigure.rectangle(20, 56), 100, 40));
    Finding thin = found(waist, "neck").orElseThrow();
    assertEquals(
        2.0, Double.parseDouble(thin.title().replaceAll(".*only ([0-9.]+) mm.*", "$1")), 0.15);
    assertTrue(found(cut(), "neck").isEmpty(), "a plain plate has no neck");
    assertTrue(
        found(
                part(
                    200,
                    100,
                    new PartDrawing(
                        10.0, false, List.of(), null, null, false, false, false, false)),
                "neck")
            .isEmpty());
    PartAnswer island =
        cut(
            step(
                Op.CUT,
                figure(FigureKind.FRAME, 40.0, 40.0, null, null, null, null, 5.0, null),
                100,
                50));
    assertEquals(Severity.STOP, found(island, "pieces").orElseThrow().severity());
  }

  @Test
  void marksAndPockets() {
    PartAnswer fine =
        cut(step(Op.ENGRAVE, CutFigure.text("FINE", 1.2, Lettering.Face.SANS), 100, 50));
    assertTrue(found(fine, "stroke").isPresent());
    PartAnswer bold =
        cut(step(Op.ENGRAVE, CutFigure.text("BOLD", 12, Lettering.Face.SANS_BOLD), 100, 50));
    assertTrue(found(bold, "stroke").isEmpty());
    assertTrue(bold.figures().engravedMm2() > 50);
    RecipeStep deep =
        new RecipeStep("p", "", Op.POCKET, CutFigure.hole(8), 50.0, 50.0, 0.0, false, null, 2.5);
    assertTrue(found(cut(deep), "pocket").isPresent());
    RecipeStep right =
        new RecipeStep("p", "", Op.POCKET, CutFigure.hole(8), 50.0, 50.0, 0.0, false, null, 2.0);
    assertTrue(found(cut(right), "pocket").isEmpty());
  }

  @Test
  void slotsMeantForATabAreHeldAgainstTheCaliper() {
    Finding loose =
        found(cut(step(Op.CUT, CutFigure.slot(30, 3.3), 100, 50)), "slot").orElseThrow();
    assertEquals(2.95, loose.remedies().get(0).change().value(), 1e-9);
    assertEquals("drawing.steps.0.figure.heightMm", loose.remedies().get(0).change().field());
    assertTrue(
        found(cut(step(Op.CUT, CutFigure.slot(30, 3.1), 100, 50)), "slot").isEmpty(), "slides");
    assertTrue(
        found(cut(step(Op.CUT, CutFigure.slot(30, 8), 100, 50)), "slot").isEmpty(), "no tab");
  }

  @Test
  void bendsNeedRadiusLegsAndRoom() {
    PartDrawing strip =
        PartDrawing.of(step(Op.CUT, CutFigure.hole(4), 38, 50))
            .bent(new Bent(40, List.of(new Bent.Bend(90, 3, 8))));
    PartAnswer bent = part(200, 100, strip);
    assertTrue(found(bent, "bend-radius").isPresent());
    assertTrue(found(bent, "bend-leg").isPresent());
    assertTrue(found(bent, "bend-hole").isPresent());
    assertEquals(48 + FlatPattern.allowanceMm(90, 3, 3), bent.model().widthMm(), 1e-6);
    PartDrawing good = PartDrawing.PLAIN.bent(new Bent(40, List.of(new Bent.Bend(90, 6, 40))));
    assertFalse(part(200, 100, good).findings().stream().anyMatch(f -> f.key().contains("bend")));
  }

  /** The three distances of every hole, by brute force over all pairs and edges. */
  @Test
  void webAndEdgeAgreeWithTryingAllPairs() {
    for (long seed = 1; seed <= 25; seed++) {
      java.util.Random random = new java.util.Random(seed);
      List<double[]> holes = new ArrayList<>();
      List<RecipeStep> steps = new ArrayList<>();
      for (int i = 0; i < 14; i++) {
        double d = 3 + 4 * random.nextDouble();
        double x = 6 + 188 * random.nextDouble();
        double y = 6 + 88 * random.nextDouble();
        if (holes.stream().allMatch(h -> Math.hypot(h[0] - x, h[1] - y) > (h[2] + d) / 2 + 0.5)) {
          holes.add(new double[] {x, y, d});
          steps.add(step(Op.CUT, CutFigure.hole(d), x, y));
        }
      }
      boolean thin = false;
      boolean near = false;
      for (double[] a : holes) {
        double rim = Math.min(Math.min(a[0], 200 - a[0]), Math.min(a[1], 100 - a[1])) - a[2] / 2;
        near |= rim < Math.max(3, 1.5 * a[2]) - 0.006;
        for (double[] b : holes) {
          thin |= a != b && Math.hypot(a[0] - b[0], a[1] - b[1]) - (a[2] + b[2]) / 2 < 3 - 0.006;
        }
      }
      PartAnswer part = cut(steps.toArray(RecipeStep[]::new));
      assertEquals(thin, found(part, "web").isPresent(), "seed " + seed);
      assertEquals(near, found(part, "edge").isPresent(), "seed " + seed);
    }
  }
}
