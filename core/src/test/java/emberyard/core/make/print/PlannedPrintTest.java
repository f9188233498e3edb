package emberyard.core.make.print;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Face;
import emberyard.core.build.MeshFacts;
import emberyard.core.build.PlannedPrint;
import emberyard.core.build.PrintPart;
import emberyard.core.finding.Finding;
import emberyard.core.make.mesh.PrintFigures;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.yard.Samples;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A print counts in money, time and mass before its file is there. */
class PlannedPrintTest {
  private static final String MESH = "a".repeat(64);

  private static PrintPart print(PlannedPrint planned, String sha256, MeshFacts mesh) {
    return new PrintPart(
        "p", "Housing", Face.FRONT, sha256, "", mesh, "pla", 2, 20.0, 1.2, 0, 0, 3.0, planned);
  }

  private static PrintPart planned(Double hours, Double grams) {
    return print(new PlannedPrint(20, 30, 40, hours, grams), "", null);
  }

  private static Work work(PrintPart part) {
    Build build = Samples.build().with(PrintPart.class, List.of(part));
    return PrintWork.derive(build, Samples.book(), "dry");
  }

  @Test
  void itsBoxStandsForItsMesh() {
    MeshFacts mesh = planned(null, null).mesh();
    assertEquals(24_000, mesh.volumeMm3(), 1e-9);
    assertEquals(5_200, mesh.areaMm2(), 1e-9);
    assertEquals(List.of(20.0, 30.0, 40.0), mesh.sizeMm());
    assertTrue(mesh.closed());
  }

  /** Shell 5,200 × 1.2 / 24,000 = 26 %, a fifth of the rest: 40.8 %, 9,792 mm³ of PLA. */
  @Test
  void withoutAGuessItIsReckonedAsABox() {
    PrintFigures figures = PrintWork.made(planned(null, null), Samples.book()).figures();
    assertEquals(9.792 * 1.24, figures.grams(), 1e-6);
  }

  @Test
  void whatSomebodyGuessedComesFirst() {
    PrintFigures figures = PrintWork.made(planned(3.0, 85.0), Samples.book()).figures();
    assertEquals(85, figures.grams(), 1e-9);
    assertEquals(180, figures.minutes(), 1e-9);
    Task task = work(planned(3.0, 85.0)).tasks().get(0);
    assertEquals((int) Math.ceil(180 * 2 * 1.2), task.waitMinutes());
  }

  /** The note goes, and the guesses with it, when the file has come. */
  @Test
  void theFileTakesItsPlace() {
    assertEquals(List.of("print:p/planned"), notes(planned(3.0, null)));
    MeshFacts cube =
        new MeshFacts(
            8_000, 2_400, List.of(20.0, 20.0, 20.0), 12, true, Collections.nCopies(6, 0.0));
    PrintPart come = print(null, MESH, cube);
    assertEquals(List.of(), notes(come));
    assertEquals(8_000, come.mesh().volumeMm3(), 1e-9);
  }

  private static List<String> notes(PrintPart part) {
    return work(part).findings().stream()
        .map(Finding::key)
        .filter(key -> key.endsWith("/planned"))
        .toList();
  }

  @Test
  void whatIsNotPlannedHasAFile() {
    MeshFacts mesh = planned(null, null).mesh();
    assertThrows(InvalidValue.class, () -> print(null, "", mesh));
    assertThrows(InvalidValue.class, () -> new PlannedPrint(20, 30, 40, 0.01, null));
    assertThrows(InvalidValue.class, () -> new PlannedPrint(20, 30, 3_001, null, null));
  }
}
