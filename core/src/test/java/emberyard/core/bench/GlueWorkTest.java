package emberyard.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Hold;
import emberyard.core.build.Panel;
import emberyard.core.work.Task;
import emberyard.core.workshop.StepTimes;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.YardModel;
import emberyard.core.yard.day.BenchDay;
import emberyard.core.yard.day.DayCard;
import emberyard.core.yard.day.InHand;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A part that is held by glue is glued in its place, clamped, and nothing is loaded for a day. */
class GlueWorkTest {
  private static final String GLUE = "part:p1/glue";

  private static Panel held(Hold.Kind kind) {
    Panel plain = Samples.panel();
    Hold hold = new Hold(kind, 4, 3.0, 10.0, 0.0, 0.0, null, null, false, false, false);
    return plain.with().quantity(3).drawing(plain.drawing().held(hold)).build();
  }

  private static YardModel yard(Hold.Kind kind) {
    Build build = Samples.build().with(Panel.class, List.of(held(kind)));
    return YardModel.of(List.of(build), Samples.book(), Samples.MONDAY_NINE);
  }

  private static List<Task> tasks(Hold.Kind kind) {
    return yard(kind).builds().get("b1").tasks().stream().map(TaskModel::task).toList();
  }

  private static Task task(List<Task> tasks, String key) {
    return tasks.stream().filter(each -> each.key().equals(key)).findFirst().orElseThrow();
  }

  @Test
  void itIsGluedClampedAndWaitedFor() {
    List<Task> tasks = tasks(Hold.Kind.GLUE);
    Task glue = task(tasks, GLUE);
    StepTimes times = Samples.book().workshop().times();
    assertEquals(3 * times.panelFitMinutes(), glue.handsOnMinutes());
    assertEquals(24 * 60, glue.waitMinutes());
    assertTrue(task(tasks, AssembleWork.CLOSE).after().contains(GLUE), "closed when it holds");
    assertFalse(
        tasks.stream().anyMatch(each -> each.key().equals(AssembleWork.PANELS)),
        "it is put on once");
  }

  @Test
  void whatIsScrewedIsPutOnAsBefore() {
    List<Task> tasks = tasks(Hold.Kind.SCREWS);
    assertFalse(tasks.stream().anyMatch(each -> each.key().equals(GLUE)));
    assertTrue(tasks.stream().anyMatch(each -> each.key().equals(AssembleWork.PANELS)));
  }

  /** 412 × 388: 1,600 mm of edge, a clamp per 150: 11. The example of 90 × 90 takes 3. */
  @Test
  void clampsAreCountedAlongTheEdge() {
    assertEquals(11, GlueWork.clamps(Samples.panel()));
    assertEquals(3, GlueWork.clamps(Samples.panel().with().widthMm(90).heightMm(90).build()));
    YardModel yard = yard(Hold.Kind.GLUE);
    BuildModel build = yard.builds().get("b1");
    DayCard card =
        BenchDay.card(yard, Samples.book(), Samples.MONDAY_NINE, "ines", build, GLUE).orElseThrow();
    InHand clamps =
        card.hand().stream()
            .filter(each -> each.title().equals("Clamps"))
            .findFirst()
            .orElseThrow();
    assertEquals(11, clamps.amount());
  }
}
