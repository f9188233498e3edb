package emberyard.core.prove;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.PostMaterial;
import emberyard.core.build.ShelfMaterial;
import emberyard.core.build.Worksheet;
import emberyard.core.work.Task;
import emberyard.core.yard.Samples;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is reckoned to carry somebody is tried with dead weight first. */
class ProofLoadTest {
  private static List<Task> gates(Worksheet sheet) {
    Build sample = Samples.build();
    Build build =
        Build.begun(sample.brief(), sample.concept()).with(Worksheet.class, List.of(sheet));
    return ProveWork.derive(build, Samples.book(), List.of(), "assemble/close").tasks();
  }

  private static Worksheet shelf(double kg) {
    return new Worksheet(
        "s",
        "Monitor shelf",
        null,
        null,
        null,
        new Worksheet.Shelf(kg, 380, 300, 12, ShelfMaterial.BIRCH_PLY, false));
  }

  private static Worksheet posts(double axialN, boolean person) {
    return new Worksheet(
        "p",
        "Seat posts",
        null,
        null,
        new Worksheet.Standoffs(4, 6.5, 50, axialN, 0.0, PostMaterial.MILD_STEEL, person));
  }

  @Test
  void aShelfIsTriedWithAQuarterMore() {
    Task gate = gates(shelf(12)).get(0);
    assertTrue(gate.gate());
    assertEquals(
        "Proof load on Monitor shelf: 15 kg of dead weight for 10 min, the gap read before and after",
        gate.title());
    assertEquals(List.of("assemble/close"), gate.after());
    assertEquals(List.of(), gates(shelf(0)));
  }

  /** 90 kg that sit down, counted twice: 1,766 N, tried with 225 kg. */
  @Test
  void postsAreTriedWhereSomebodyLeansOnThem() {
    Task gate = gates(posts(1_766, true)).get(0);
    assertTrue(gate.title().contains(" 225.1 kg of dead weight"), gate.title());
    assertEquals(List.of(), gates(posts(1_766, false)));
    assertEquals(List.of(), gates(posts(0, true)));
  }
}
