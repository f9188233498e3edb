package emberyard.core.yard;

import static emberyard.core.yard.Samples.model;
import static emberyard.core.yard.Samples.task;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Look;
import emberyard.core.record.TaskMark.What;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** No check, coat or hand-over passes over work that nobody did. */
class OpenWorkTest {
  private static List<String> open(BuildModel model, String key) {
    return task(model, key).openBefore().stream().map(OpenStep::taskKey).toList();
  }

  @Test
  void aCheckListsAllThatIsOpenBeforeIt() {
    BuildModel model = model(Samples.build());
    List<String> open = open(model, "make/dry-fit");
    assertTrue(open.containsAll(List.of("part:p1/cut", "parcel:quay/in-5-days")), open.toString());
    assertFalse(open.contains("scheme:s1/wash"), "that comes after");
    String refused = GateRule.refusal(model, "make/dry-fit", What.PASSED).orElseThrow();
    assertTrue(refused.startsWith("Open before “Dry fit"), refused);
    assertTrue(refused.endsWith("Do it, or say why it is passed over."), refused);
    assertTrue(
        GateRule.refusal(model, "make/dry-fit", What.FAILED).isEmpty(), "it may fail any time");
  }

  @Test
  void ordinaryStepsMayBeDoneInAnyOrder() {
    assertEquals(List.of(), open(model(Samples.build()), "part:p1/cut"));
    assertTrue(GateRule.refusal(model(Samples.build()), "part:p1/cut", What.DONE).isEmpty());
  }

  @Test
  void aCoatDoesNotLieOverAnOpenOne() {
    Samples.Made made = new Samples.Made().marked("make/dry-fit", What.PASSED);
    BuildModel model = model(made.build());
    assertTrue(open(model, "scheme:s1/colour/2").contains("scheme:s1/colour/1"));
    String refused = GateRule.clockRefusal(model, "scheme:s1/colour/2").orElseThrow();
    assertTrue(refused.contains("colour coat 1"), refused);
    assertTrue(GateRule.clockRefusal(model, "part:p1/cut").isEmpty());
  }

  @Test
  void whatLiesBehindADoneStepStillCounts() {
    Samples.Made made = new Samples.Made();
    for (String key : List.of("wash", "key", "colour/1")) {
      made.marked("scheme:s1/" + key, What.DONE);
    }
    List<String> open = open(model(made.build()), "scheme:s1/colour/2");
    assertTrue(open.contains("make/dry-fit"), "the dry fit was never checked");
    assertFalse(open.contains("scheme:s1/key"));
  }

  @Test
  void aWaitThatGoesOnIsOpenUntilItIsPassedOverWithAReason() {
    Samples.Made made = new Samples.Made();
    made.marked("prove/load-run", What.DONE);
    OpenStep run =
        task(model(made.build()), "prove/load").openBefore().stream()
            .filter(step -> step.taskKey().equals("prove/load-run"))
            .findFirst()
            .orElseThrow();
    assertTrue(run.waiting());
    made.passedOver("prove/load-run", "prove/load", "it ran all night at home");
    BuildModel model = model(made.build());
    assertFalse(open(model, "prove/load").contains("prove/load-run"));
    assertEquals(TaskState.DONE, task(model, "prove/load-run").state());
    assertTrue(task(model, "prove/load-run").log().passedOver());
  }

  @Test
  void handingOverListsTheWholeBuildAndChecksCantBePassedOver() {
    BuildModel model = model(Samples.build());
    List<OpenStep> open = task(model, "reveal/hand-over").openBefore();
    assertTrue(open.size() > 10);
    assertTrue(
        open.stream().filter(OpenStep::gate).anyMatch(s -> s.taskKey().equals("prove/load")));
  }

  @Test
  void workDoneWithoutATimeIsNotCountedAsNothing() {
    Samples.Made made = new Samples.Made().marked("part:p1/cut", What.DONE);
    assertTrue(found(made), "nobody said how long");
    made.logged("part:p1/cut", 0);
    assertFalse(found(made), "somebody said it took nothing");
    assertFalse(
        found(new Samples.Made().passedOver("part:p1/cut", "make/dry-fit", "cut last year")),
        "passed over takes no time");
  }

  private static boolean found(Samples.Made made) {
    return model(made.build()).findings().stream().anyMatch(f -> f.key().equals("money/untimed"));
  }

  @Test
  void nothingIsFrozenByATick() {
    Build sample = Samples.build();
    Build open =
        Build.begun(sample.brief(), Concept.open(sample.id(), Look.open())).with(sample.design());
    assertTrue(
        GateRule.refusal(model(open), "concept/choose", What.DONE)
            .orElse("")
            .startsWith("Nothing is frozen yet"));
    assertEquals(
        Optional.empty(),
        GateRule.refusal(model(open), "concept/choose", What.PARTLY),
        "two hours of talk about it are work, whatever is settled");
  }
}
