package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.work.Stage;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Hours on something that the design does not ask for any more are hours all the same. */
class GoneTasksTest {
  private static final String CUT = "part:p1/cut";

  private static BuildModel model(int minutes, boolean withPart) {
    Samples.Made made = new Samples.Made();
    if (minutes > 0) {
      made.logged(CUT, minutes);
    }
    return Samples.model((withPart ? made : made.panels(List.of())).build());
  }

  private static List<TaskModel> gone(BuildModel model) {
    return model.tasks().stream()
        .filter(task -> task.state() == TaskState.NO_LONGER_NEEDED)
        .toList();
  }

  @Test
  void hoursOfARemovedPartKeepTheirPlaceAndTheirMoney() {
    BuildModel with = model(45, true);
    BuildModel without = model(45, false);
    assertEquals(List.of(), gone(with));
    TaskModel left = gone(without).get(0);
    assertEquals(1, gone(without).size());
    assertEquals(CUT, left.task().key());
    assertEquals(Stage.MAKE, left.task().stage());
    assertEquals(45, left.log().loggedMinutes());
    assertFalse(left.planned() != null, "nobody does it any more");
    assertEquals(
        with.budget().labour().spentMinor(),
        without.budget().labour().spentMinor(),
        "what was worked was worked");
  }

  @Test
  void aRemovedPartThatNobodyWorkedOnLeavesNothing() {
    assertEquals(List.of(), gone(model(0, false)));
    assertTrue(model(0, false).tasks().stream().noneMatch(task -> task.task().key().equals(CUT)));
  }

  @Test
  void aPartThatComesBackHasItsHoursAgain() {
    BuildModel back = model(45, true);
    assertEquals(45, Samples.task(back, CUT).log().loggedMinutes());
    assertEquals(List.of(), gone(back));
  }
}
