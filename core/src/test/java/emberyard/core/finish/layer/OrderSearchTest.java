package emberyard.core.finish.layer;

import static emberyard.core.finish.layer.LayerExamplesTest.BLACK_SHEET;
import static emberyard.core.finish.layer.LayerExamplesTest.CLEAR;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.geometry.Outline;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class OrderSearchTest {
  private static final List<Region> TWO =
      List.of(Region.named(Set.of()), Region.named(Set.of("lines")));

  private static OrderSearch.FoundOrder search(SheetOptic sheet, Map<String, String> wanted) {
    return OrderSearch.of(LayerExamplesTest.stack(sheet, Side.FRONT, wanted), TWO, 3);
  }

  @Test
  void redLinesInABlackFieldNeedFourCoatsOrSo() {
    Map<String, String> wanted = Map.of("lines", "#B3202A", "", "#151515");
    OrderSearch.FoundOrder found = search(CLEAR, wanted);
    assertTrue(found.found(), found.missing().toString());
    assertTrue(found.worstDeltaE00() <= 3);
    assertTrue(found.coats() <= 5, "two of black, two or three of red: " + found.coats());
    assertEquals(1, found.steps().stream().filter(s -> s.op() == LayerOp.STENCIL).count());
  }

  @Test
  void whatTheSheetShowsAlreadyIsLeftBare() {
    OrderSearch.FoundOrder found = search(BLACK_SHEET, Map.of("lines", "#B3202A", "", "#161616"));
    assertTrue(found.found());
    assertEquals(
        1, found.steps().stream().filter(s -> s.op() == LayerOp.PAINT).count(), "only red");
  }

  @Test
  void aColourThatNobodyHasIsNamedWithTheNearest() {
    OrderSearch.FoundOrder found = search(CLEAR, Map.of("lines", "#2040F0", "", "#151515"));
    assertFalse(found.found());
    assertTrue(found.missing().get(0).contains("#2040F0"), found.missing().get(0));
    assertTrue(found.missing().get(0).contains("the nearest is"), found.missing().get(0));
    assertFalse(search(CLEAR, Map.of("lines", "")).found());
  }

  @Test
  void opaqueSheetIsPaintedOnItsFrontOnly() {
    OrderSearch.FoundOrder found = search(BLACK_SHEET, Map.of("lines", "#EDE3C4", "", "#2E4A45"));
    assertTrue(found.found());
    assertTrue(found.steps().stream().allMatch(s -> s.side() == Side.FRONT));
  }

  /** Random overlapping shapes, random wishes: what is found is replayed on the true regions. */
  @RepeatedTest(40)
  void theFoundOrderGivesTheWantedColours(RepetitionInfo run) {
    SplittableRandom random = new SplittableRandom(run.getCurrentRepetition());
    Map<String, Outline> shapes = ReplayPropertiesTest.shapes(random);
    String[] colours = {"#B3202A", "#151515", "#EDE3C4", "#2E4A45"};
    Map<String, String> wanted = new LinkedHashMap<>();
    shapes.keySet().forEach(id -> wanted.put(id, colours[random.nextInt(4)]));
    wanted.put("", colours[random.nextInt(4)]);
    List<Region> regions =
        RegionMap.of(
            Outline.of(emberyard.core.geometry.Contour.rectangle(0, 0, 200, 120, 0)), shapes);
    LayerStack stack =
        LayerExamplesTest.stack(
            random.nextBoolean() ? CLEAR : BLACK_SHEET,
            random.nextInt(4) == 0 ? Side.BACK : Side.FRONT,
            wanted);
    OrderSearch.FoundOrder found = OrderSearch.of(stack, regions, 3);
    assertTrue(found.found(), found.missing() + " " + wanted);
    LayerStack done = stack.with(found.steps());
    for (Region region : regions) {
      assertTrue(done.off(region.shapes()) <= 3, region.shapes() + " " + found.steps());
    }
    assertTrue(LayerChecks.stencilsLeft(found.steps()).isEmpty(), "all stencils are peeled");
  }

  /** Breadth first over all lists of steps of two groups: nothing with fewer coats exists. */
  @Test
  void noOrderWithFewerCoatsExistsForTwoColours() {
    for (String[] pair : new String[][] {{"#B3202A", "#151515"}, {"#EDE3C4", "#2E4A45"}}) {
      Map<String, String> wanted = Map.of("lines", pair[0], "", pair[1]);
      OrderSearch.FoundOrder found = search(CLEAR, wanted);
      LayerStack empty = LayerExamplesTest.stack(CLEAR, Side.FRONT, wanted);
      assertTrue(found.found());
      assertFalse(
          reachable(empty, found.coats() - 1, new ArrayList<>(), 5),
          "fewer coats than " + found.coats());
    }
  }

  private static boolean reachable(
      LayerStack stack, int coatsLeft, List<LayerStep> steps, int depth) {
    if (stack.with(steps).worst(TWO) <= 3 && LayerChecks.stencilsLeft(steps).isEmpty()) {
      return true;
    }
    if (depth == 0) {
      return false;
    }
    for (Side side : Side.values()) {
      for (String paint : List.of("red", "black", "cream", "green")) {
        String wantedOnly = stack.products().get(paint).colour().hex();
        boolean useful =
            stack.shapes().get("lines").hex().equals(wantedOnly)
                || wantedOnly.equals(stack.fieldHex());
        for (int coats = 2; useful && coats <= coatsLeft; coats++) {
          LayerStep step = LayerStep.coats("s" + steps.size(), side, LayerOp.PAINT, paint, coats);
          if (deeper(stack, coatsLeft - coats, steps, step, depth)) {
            return true;
          }
        }
      }
      for (boolean outside : new boolean[] {false, true}) {
        LayerStep stencil =
            LayerStep.on("s" + steps.size(), side, LayerOp.STENCIL, List.of("lines"))
                .on(List.of("lines"), outside, List.of());
        if (deeper(stack, coatsLeft, steps, stencil, depth)) {
          return true;
        }
      }
      LayerStep peel = LayerStep.on("s" + steps.size(), side, LayerOp.PEEL, List.of());
      if (deeper(stack, coatsLeft, steps, peel, depth)) {
        return true;
      }
    }
    return false;
  }

  private static boolean deeper(
      LayerStack stack, int coatsLeft, List<LayerStep> steps, LayerStep step, int depth) {
    List<LayerStep> more = new ArrayList<>(steps);
    more.add(step);
    return reachable(stack, coatsLeft, more, depth - 1);
  }
}
