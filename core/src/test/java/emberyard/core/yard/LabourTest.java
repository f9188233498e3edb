package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.money.Labour;
import emberyard.core.record.TaskMark;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.WorkshopBook;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Prices do not change when work is ticked, and an hour earned is over all hours. */
class LabourTest {
  /** Two people of different rates, so that a mean is nobody's rate. */
  private static final WorkshopBook BOOK = withBram();

  private static WorkshopBook withBram() {
    List<Person> people =
        List.of(
            new Person("ines", "Ines Varga", List.of(), List.of(), 3_400),
            new Person("bram", "Bram Okoye", List.of(), List.of("make"), 2_200));
    return Samples.book().with(Person.class, people);
  }

  private final Build build = Samples.build();
  private final BuildModel before = model(build);
  private final TaskMark fit = done(before, "fit/paper");
  private final BuildModel after = model(build.with(TaskMark.class, List.of(fit)));

  private static BuildModel model(Build build) {
    return YardModel.of(List.of(build), BOOK, Samples.MONDAY_NINE).builds().get("b1");
  }

  private static TaskMark done(BuildModel as, String key) {
    String worker = Samples.task(as, key).planned().worker();
    long rate = worker.equals("ines") ? 3_400 : 2_200;
    return new TaskMark("m-" + key, key, TaskMark.What.DONE, Samples.MONDAY_NINE, "Ines", "")
        .planned(worker, rate);
  }

  @Test
  void plannedLabourAndQuoteStayWhenWorkIsDone() {
    assertEquals(before.budget().labour().plannedMinor(), after.budget().labour().plannedMinor());
    assertEquals(before.budget().quoteMinor(), after.budget().quoteMinor());
    TaskMark older = new TaskMark("m", "fit/paper", TaskMark.What.DONE, fit.at(), "Ines", "");
    BuildModel unkept = model(build.with(TaskMark.class, List.of(older)));
    assertNotEquals(
        before.budget().labour().plannedMinor(),
        unkept.budget().labour().plannedMinor(),
        "a mark without a rate is charged at the mean");
  }

  @Test
  void anHourEarnedIsOverAllHoursAndTheGuessedOnesAreSaid() {
    Labour was = before.budget().labour();
    Labour is = after.budget().labour();
    int minutes = Samples.task(before, "fit/paper").task().handsOnMinutes();
    assertEquals(was.guessedMinutes() + minutes, is.guessedMinutes());
    assertEquals(was.allMinutes(), is.allMinutes());
    assertEquals(before.budget().forecastMinor(), after.budget().forecastMinor());
    assertEquals(before.budget().earnedPerHourMinor(), after.budget().earnedPerHourMinor());
    assertTrue(
        after.findings().stream()
            .anyMatch(f -> f.key().equals("money/untimed") && f.title().contains("a guess")));
  }
}
