package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.plan.Step;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A yard after a change is the same as one derived from nothing, whatever was changed before. */
class ChangedPlanTest {
  private static final int SEQUENCES = Boolean.getBoolean("ember.long") ? 200 : 10;
  private static final int STEPS = 20;

  @Test
  void whateverWasChangedBeforeItIsTheSameAsFromNothing() {
    int again = 0;
    for (long seed = 1; seed <= SEQUENCES; seed++) {
      ChangingYard yard = new ChangingYard(seed);
      YardPlan plan = YardPlan.of(yard.builds, yard.book, yard.now);
      for (int step = 0; step < STEPS; step++) {
        plan.model();
        YardPlan before = plan;
        yard.change();
        plan = plan.changed(yard.builds, yard.book, yard.now);
        YardModel scratch = YardModel.of(yard.builds, yard.book, yard.now);
        String at = "sequence %d, step %d".formatted(seed, step);
        assertEquals(scratch, plan.model(), at);
        assertEquals(
            List.copyOf(scratch.builds().keySet()), List.copyOf(plan.model().builds().keySet()));
        again +=
            plan.model().builds().get("b1").faces() == before.model().builds().get("b1").faces()
                ? 1
                : 0;
      }
    }
    assertTrue(again > SEQUENCES * STEPS / 2, "most was taken again: " + again);
  }

  @Test
  void whatWasNotChangedIsTheSameObject() {
    ChangingYard yard = new ChangingYard(1);
    YardPlan plan = YardPlan.of(yard.builds, yard.book, yard.now);
    YardModel before = plan.model();
    Build first = yard.builds.get(0);
    yard.builds.set(0, ChangingYard.renamed(first, first.brief().withClient("Somebody else")));
    YardModel after = plan.changed(yard.builds, yard.book, yard.now).model();
    assertSame(before.builds().get("b2").tasks(), after.builds().get("b2").tasks());
    assertSame(before.builds().get("b3").findings(), after.builds().get("b3").findings());
    assertNotSame(before.builds().get("b1").build(), after.builds().get("b1").build());
  }

  @Test
  void thePlansOrderComesToItsFinishDays() {
    ChangingYard yard = new ChangingYard(3);
    YardPlan plan = YardPlan.of(yard.builds, yard.book, yard.now);
    int[] handsOn = plan.problem().steps().stream().mapToInt(Step::handsOnMinutes).toArray();
    int[] waits = plan.problem().steps().stream().mapToInt(Step::waitMinutes).toArray();
    long[] finish = plan.policy().finish(handsOn, waits);
    for (int i = 0; i < finish.length; i++) {
      String build = plan.problem().projects().get(i).id();
      assertEquals(
          plan.model().builds().get(build).fuse().finish(),
          plan.problem().start().plusMinutes(finish[i]).toLocalDate(),
          build);
    }
  }
}
