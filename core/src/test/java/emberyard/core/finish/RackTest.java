package emberyard.core.finish;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.build.Side;
import emberyard.core.finding.Finding;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.work.Need;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Finishes that hang on one rack. */
class RackTest {
  private static List<String> steps(Work work, String scheme) {
    String prefix = "scheme:" + scheme + "/";
    return work.tasks().stream()
        .map(Task::key)
        .filter(key -> key.startsWith(prefix))
        .map(key -> key.substring(prefix.length()))
        .toList();
  }

  @Test
  void whatHangsTogetherSharesSetUpsAndIsReadyTogether() {
    Scheme one = FinishSamples.plain("a", 1, 2);
    Scheme two = FinishSamples.plain("b", 1, 2);
    List<PaintTarget> apart =
        List.of(
            FinishSamples.painted(one, Substrate.STEEL),
            FinishSamples.painted(two, Substrate.STEEL));
    Work alone = FinishSamples.work(apart);
    Finding offer = FinishSamples.finding(alone, "scheme:b/rack").orElseThrow();
    assertEquals("a", offer.remedies().get(0).change().text());
    List<PaintTarget> together =
        List.of(
            FinishSamples.painted(one, Substrate.STEEL),
            FinishSamples.painted(two.withHangsWith("a"), Substrate.STEEL));
    Work hung = FinishSamples.work(together);
    assertFalse(steps(hung, "b").contains("colour/1"), "one coat for both");
    Task first = FinishSamples.task(hung, "scheme:a/primer/1");
    assertTrue(first.after().contains("scheme:b/key"), "both are keyed before");
    assertTrue(FinishSamples.task(hung, "scheme:b/cure").after().contains("scheme:a/colour/2"));
    int before = hands(alone);
    assertTrue(before - hands(hung) >= 3 * 10, "three set-ups of ten minutes less");
    assertEquals(cans(alone), cans(hung), "paint is what it was");
  }

  private static Work hung(Scheme... schemes) {
    return FinishSamples.work(
        Arrays.stream(schemes)
            .map(scheme -> FinishSamples.painted(scheme, Substrate.STEEL))
            .toList());
  }

  @Test
  void whatHangsOnARackThatIsNoneIsSprayedByItself() {
    Scheme one = FinishSamples.plain("a", 1, 2);
    Scheme two = FinishSamples.plain("b", 1, 2);
    List<String> own = steps(hung(one, two), "b");
    assertTrue(own.contains("colour/1"));
    assertEquals(own, steps(hung(two.withHangsWith("a")), "b"), "its leader was removed");
    assertEquals(own, steps(hung(one, two.withHangsWith("b")), "b"), "it hangs on itself");
    Scheme three = FinishSamples.plain("c", 1, 2);
    Work chain = hung(one.withHangsWith("c"), two.withHangsWith("a"), three);
    assertEquals(own, steps(chain, "b"), "its leader hangs on another");
    Work ring = hung(one.withHangsWith("b"), two.withHangsWith("a"));
    assertTrue(steps(ring, "a").contains("colour/1") && steps(ring, "b").contains("colour/1"));
    assertEquals(cans(hung(one, two)), cans(ring), "and paid for once");
  }

  @Test
  void onlyTheSameCoatsHangOnOneRack() {
    Scheme one = FinishSamples.plain("a", 1, 2);
    for (Scheme other :
        List.of(
            FinishSamples.plain("b", 1, 3),
            FinishSamples.plain("b", 0, 2),
            FinishSamples.layers(
                "b", LayerStep.coats("green", Side.FRONT, LayerOp.PAINT, "white", 2)),
            FinishSamples.layers(
                "b", LayerStep.coats("green", Side.BACK, LayerOp.PAINT, "green", 2)))) {
      Work asked = hung(one, other.withHangsWith("a"));
      assertEquals(steps(hung(one, other), "b"), steps(asked, "b"));
      assertEquals(hands(hung(one, other)), hands(asked), "no set-up is spared");
    }
  }

  private static int hands(Work work) {
    return work.tasks().stream().mapToInt(Task::handsOnMinutes).sum();
  }

  private static List<Double> cans(Work work) {
    return work.needs().stream()
        .filter(need -> need.key().startsWith("paint:"))
        .map(Need::quantity)
        .toList();
  }

  @Test
  void aRackThatIsTooSmallIsLoadedTwice() {
    assertEquals(1, SchemePlan.loads(1.2, FinishSamples.book().workshop().times()));
    assertEquals(2, SchemePlan.loads(1.21, FinishSamples.book().workshop().times()));
  }
}
