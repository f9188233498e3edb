package emberyard.core.make;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.BorderHoles;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Panel;
import emberyard.core.finding.Caution;
import emberyard.core.work.Task;
import emberyard.core.workshop.StepTimes;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is sawn is drilled and filed by hand, piece for piece; a machine leaves nothing of that. */
class HandWorkTest {
  private static final StepTimes TIMES = Samples.book().workshop().times();

  /** A plate of 400 × 300 mm with holes of 4 mm along its rim, at most 90 mm apart. */
  private static Panel plate(CutMethod method, int quantity, BorderHoles holes) {
    return Samples.panel()
        .with(
            panel -> {
              panel.widthMm(400).heightMm(300).cutMethod(method).quantity(quantity).holes(holes);
            });
  }

  private static final BorderHoles RIM = new BorderHoles(10, 95, 4);

  private static BuildModel model(Panel panel) {
    return Samples.model(new Samples.Made().panels(List.of(panel)).build());
  }

  private static Optional<Task> task(BuildModel model, String step) {
    return model.tasks().stream()
        .map(task -> task.task())
        .filter(task -> task.key().equals("part:p1/" + step))
        .findFirst();
  }

  /** Four corners, and between them as many as keep within the pitch: 380 in 4, 280 in 3. */
  private static final int HOLES = 4 + 2 * 3 + 2 * 2;

  @ParameterizedTest
  @EnumSource(names = {"SAW", "SCORE_AND_SNAP"})
  void holesAreDrilledAndEdgesFiledPieceForPiece(CutMethod method) {
    for (int pieces : new int[] {1, 3}) {
      BuildModel model = model(plate(method, pieces, RIM));
      Task drill = task(model, "drill").orElseThrow();
      assertEquals(
          (int) Math.ceil(pieces * HOLES * TIMES.drillMinutesPerHole()), drill.handsOnMinutes());
      Task file = task(model, "file").orElseThrow();
      double metres = pieces * 1.4;
      assertEquals(
          (int) Math.ceil(metres * TIMES.filingMinutesPerMetre() * TIMES.edgeGrits() - 1e-9),
          file.handsOnMinutes(),
          "the rim, not the holes");
      assertEquals("part:p1/drill", file.after().get(0));
      assertTrue(drill.after().contains("part:p1/cut"));
      assertTrue(file.cautions().contains(Caution.SANDING));
    }
  }

  @Test
  void withoutHolesNothingIsDrilledAndFilingComesBehindTheSaw() {
    BuildModel model = model(plate(CutMethod.SAW, 1, null));
    assertEquals(Optional.empty(), task(model, "drill"));
    assertEquals("part:p1/cut", task(model, "file").orElseThrow().after().get(0));
  }

  @ParameterizedTest
  @EnumSource(names = {"LASER", "ROUTER", "OUTSIDE"})
  void aMachineLeavesNothingToDrillOrFile(CutMethod method) {
    BuildModel model = model(plate(method, 2, RIM));
    assertEquals(Optional.empty(), task(model, "drill"));
    assertEquals(Optional.empty(), task(model, "file"));
    assertEquals(method != CutMethod.OUTSIDE, task(model, "cut").isPresent());
  }

  @Test
  void asManyPiecesAsThereAreAreFiledBeforeTheDryFit() {
    BuildModel model = model(plate(CutMethod.SAW, 3, RIM));
    Task fit = Samples.task(model, "make/dry-fit").task();
    assertTrue(fit.after().contains("part:p1/file"));
    assertFalse(fit.handsOnMinutes() == 0);
  }
}
