package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.workshop.Person;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Whoever the plan gives a step to, a client pays the same for a change. */
class DealtAnewTest {
  private static final Person INES = new Person("ines", "Ines", List.of(), List.of(), 3_000);
  private static final Person LOTTE = new Person("lotte", "Lotte", List.of(), List.of(), 1_200);

  private static WorkshopBook with(Person... people) {
    return Samples.book().with(Person.class, List.of(people));
  }

  private static BuildModel model(WorkshopBook book) {
    return YardModel.of(List.of(Samples.build()), book, Samples.MONDAY_NINE).builds().get("b1");
  }

  @Test
  void theDifferenceIsOfHandsAlone() {
    WorkshopBook both = with(INES, LOTTE);
    BuildModel before = model(with(INES));
    BuildModel after = model(with(LOTTE));
    long minutes =
        new ArrayList<>(before.tasks())
            .stream()
                .filter(task -> task.planned() != null && task.planned().worker() != null)
                .mapToLong(task -> task.task().handsOnMinutes())
                .sum();
    assertTrue(minutes > 300);
    Workshop workshop = both.workshop();
    double factor = (1 + workshop.markUpPercent() / 100) * (1 + workshop.taxPercent() / 100);
    assertEquals(
        Math.round(minutes * (1_200 - 3_000) / 60.0 * factor),
        DealtAnew.quoteMinor(before, after, both));
    assertEquals(
        -DealtAnew.quoteMinor(before, after, both), DealtAnew.quoteMinor(after, before, both), 1);
  }

  @Test
  void theSameHandsDealNothing() {
    WorkshopBook book = with(INES);
    assertEquals(0, DealtAnew.quoteMinor(model(book), model(book), book));
  }
}
