package emberyard.core.workshop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.finding.Severity;
import emberyard.core.units.InvalidValue;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import emberyard.core.yard.YardModel;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is retired isn't chosen, and stays where it is used. */
class RetiredTest {
  private static WorkshopBook without(String kind, String id) {
    return Samples.book().with(Retired.class, List.of(Retired.of(kind, id)));
  }

  private static BuildModel model(WorkshopBook book) {
    return YardModel.of(List.of(Samples.build()), book, Samples.MONDAY_NINE).builds().get("b1");
  }

  @Test
  void nothingIsPlannedForWhoIsRetired() {
    List<Person> both = new ArrayList<>(Samples.book().people());
    both.add(new Person("bram", "Bram Okoye", List.of(), List.of(), 2_500));
    WorkshopBook two = Samples.book().with(Person.class, both);
    WorkshopBook one = two.with(Retired.class, List.of(Retired.of("people", "ines")));
    assertEquals(2, two.workers().size());
    assertTrue(
        model(one).tasks().stream()
            .filter(task -> task.planned() != null && task.planned().worker() != null)
            .allMatch(task -> task.planned().worker().equals("bram")));
    // what she is charged at is still known
    assertTrue(one.person("ines").isPresent());
  }

  @Test
  void workIsPlannedThoughAllAreRetired() {
    WorkshopBook nobody = without("people", "ines");
    assertEquals(1, nobody.workers().size());
    assertEquals(model(Samples.book()).fuse().finish(), model(nobody).fuse().finish());
  }

  @Test
  void whatComesFromARetiredShopIsSaid() {
    BuildModel model = model(without("suppliers", "quay"));
    long said =
        model.findings().stream()
            .filter(finding -> finding.key().endsWith("/retired-shop"))
            .filter(finding -> finding.severity() == Severity.RISK)
            .count();
    long open =
        model.needs().stream()
            .filter(line -> line.open() > 0 && line.need().supplierId().equals("quay"))
            .count();
    assertEquals(open, said);
    assertTrue(said > 0);
    assertFalse(
        model(Samples.book()).findings().stream()
            .anyMatch(finding -> finding.key().endsWith("/retired-shop")));
  }

  @Test
  void itIsNamedByWhatIsRetired() {
    assertEquals("suppliers-quay", Retired.of("suppliers", "quay").id());
    assertThrows(InvalidValue.class, () -> new Retired("x", "suppliers", "quay"));
  }
}
