package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;

import emberyard.core.finding.Finding;
import emberyard.core.finish.FinishSamples;
import emberyard.core.record.OrderLine;
import emberyard.core.record.TaskMark;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Three coats of enamel, each to be recoated after four hours and before so many. */
class CoatsInWindowsTest {
  private static BuildModel model(Samples.Made made, int untilMinutes, Instant now) {
    PaintProduct enamel =
        FinishSamples.paint(
            "green", "#2E4A45", PaintKind.COLOUR, PaintBase.ENAMEL, untilMinutes, 0.8);
    WorkshopBook book = Samples.book().with(PaintProduct.class, List.of(enamel));
    return YardModel.of(List.of(made.build()), book, now).builds().get("b1");
  }

  private static List<String> missed(BuildModel model) {
    return model.findings().stream()
        .map(Finding::title)
        .filter(title -> title.startsWith("Recoat window closes"))
        .toList();
  }

  @Test
  void whateverDayItIsTheyFallIntoTheirWindows() {
    for (int day = 0; day < 7; day++) {
      Instant now = Samples.MONDAY_NINE.plus(Duration.ofDays(day));
      BuildModel model = model(new Samples.Made(), 20 * 60, now);
      assertEquals(List.of(), missed(model), "day " + day);
      assertNull(Samples.task(model, "scheme:s1/colour/1").windowCloses());
      for (int coat = 2; coat <= 3; coat++) {
        TaskModel task = Samples.task(model, "scheme:s1/colour/" + coat);
        assertNotNull(task.windowCloses());
        assertEquals(
            List.of(),
            task.planned().start().isAfter(task.windowCloses()) ? List.of(task) : List.of());
      }
    }
  }

  @Test
  void threeInADayOfEightHoursCanNotBeAndOneWindowIsNamed() {
    assertEquals(1, missed(model(new Samples.Made(), 6 * 60, Samples.MONDAY_NINE)).size());
  }

  @Test
  void theSecondGoesBeforeOtherWorkOnceTheFirstIsSprayed() {
    Samples.Made made =
        new Samples.Made()
            .with(Samples.order("paint:green", OrderLine.State.CHECKED, Samples.MONDAY));
    for (String key : List.of("wash", "key", "colour/1")) {
      made.marked("scheme:s1/" + key, TaskMark.What.DONE);
    }
    BuildModel model = model(made, 6 * 60, Samples.MONDAY_NINE.plusSeconds(600));
    TaskModel second = Samples.task(model, "scheme:s1/colour/2");
    assertEquals(LocalDateTime.parse("2026-03-02T15:00:02"), second.windowCloses());
    LocalDateTime begins = second.planned().start();
    assertEquals(
        LocalDateTime.parse("2026-03-02T13:15"),
        begins,
        "ready after four hours, at one: first behind the break");
  }
}
