package emberyard.core.make.drafting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.CutFigure;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Panel;
import emberyard.core.build.PartDrawing;
import emberyard.core.build.RecipeStep;
import emberyard.core.build.RecipeStep.CopyArray;
import emberyard.core.build.RecipeStep.Op;
import emberyard.core.geometry.Circle;
import emberyard.core.geometry.Lettering;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** However few steps a part takes, drawing it looks at so many corners at most. */
class DrawingEffortTest {
  private static final String LONG = "Harbour lights & long words 1234 ".repeat(6);

  private static DrawnPart drawn(List<RecipeStep> steps) {
    PartDrawing drawing = PartDrawing.PLAIN.with(steps);
    return Drafting.of(Panel.loose(400, 400, CutMethod.LASER, drawing), 3, List.of());
  }

  private static InvalidValue refused(List<RecipeStep> steps) {
    return assertThrows(InvalidValue.class, () -> drawn(steps));
  }

  private static RecipeStep text(int number, Op op, String words, CopyArray array) {
    CutFigure figure = CutFigure.text(words, 8, Lettering.Face.SERIF);
    double yMm = 20.0 + number;
    return new RecipeStep("t" + number, "", op, figure, 200.0, yMm, 0.0, false, array, null);
  }

  private static List<RecipeStep> lines(int lines, int apartMm, Op op, String words) {
    return IntStream.range(0, lines).mapToObj(i -> text(i * apartMm, op, words, null)).toList();
  }

  @Test
  void manyLinesOfLetteringAreOrdinary() {
    DrawnPart part = drawn(lines(24, 15, Op.ENGRAVE, "Low water at Harrow Sound"));
    assertTrue(part.engraved().outers().size() >= 24 * 20);
    assertTrue(drawn(lines(12, 15, Op.CUT, "Low water")).outline().holes().size() >= 12 * 8);
  }

  @Test
  void textInManyCopiesIsRefusedAtItsStep() {
    CopyArray thousands = new CopyArray(40, 50, 4.0, 4.0, 0, 0.0);
    InvalidValue no = refused(List.of(text(0, Op.ENGRAVE, LONG, thousands)));
    assertEquals("drawing.steps.0.figure", no.field());
    assertTrue(no.getMessage().contains("too many corners"), no.getMessage());
  }

  @Test
  void copiesThatCrossTooOftenAreRefused() {
    CopyArray dense = new CopyArray(10, 30, 1.0, 1.0, 0, 0.0);
    InvalidValue no = refused(List.of(text(0, Op.ENGRAVE, "Harbour lights", dense)));
    assertEquals("drawing.steps.0.figure", no.field());
    assertTrue(no.getMessage().contains("run into each other"), no.getMessage());
  }

  @Test
  void linesOfTextOverEachOtherAreRefused() {
    assertEquals("drawing.steps", refused(lines(60, 2, Op.ENGRAVE, LONG)).field());
    assertTrue(refused(lines(150, 2, Op.CUT, LONG)).field().startsWith("drawing.steps."));
  }

  @Test
  void whatIsMirroredAgainAndAgainIsRefused() {
    List<RecipeStep> steps = new ArrayList<>(List.of(text(0, Op.LINE, "tide", null)));
    for (int i = 0; i < 60; i++) {
      steps.add(
          new RecipeStep("m" + i, "", Op.MIRROR_ACROSS, null, 0.0, 0.0, 0.0, false, null, 200.0));
    }
    refused(steps);
  }

  @Test
  void whatTouchesNothingStaysACircleWhileOthersMelt() {
    DrawnPart part =
        drawn(
            List.of(
                RecipeStep.of("a", Op.ENGRAVE, CutFigure.hole(40), 100, 100),
                RecipeStep.of("b", Op.ENGRAVE, CutFigure.hole(40), 120, 100),
                RecipeStep.of("c", Op.ENGRAVE, CutFigure.hole(30), 300, 300)));
    List<Circle> circles =
        part.engraved().outers().stream().flatMap(rim -> rim.circle().stream()).toList();
    assertEquals(List.of(new Circle(300, 300, 30)), circles);
    assertEquals(2, part.engraved().outers().size());
  }

  @Test
  void aFigureEngravedInsideAnotherCountsOnce() {
    DrawnPart part =
        drawn(
            List.of(
                RecipeStep.of("a", Op.ENGRAVE, CutFigure.hole(60), 100, 100),
                RecipeStep.of("b", Op.ENGRAVE, CutFigure.hole(20), 100, 100)));
    assertEquals(Math.PI * 900, part.engraved().areaMm2(), 3);
  }
}
