package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.CutMethod;
import emberyard.core.build.Panel;
import emberyard.core.finding.Finding;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is bought and has no price is said, and counts as soon as somebody guesses. */
class UnpricedTest {
  private static BuildModel with(Panel panel) {
    return Samples.model(new Samples.Made().panels(List.of(panel)).build());
  }

  private static String names(BuildModel model) {
    return unpriced(model).map(Finding::detail).orElse("");
  }

  private static Optional<Finding> unpriced(BuildModel model) {
    return model.findings().stream().filter(f -> f.key().equals("money/unpriced")).findFirst();
  }

  /** A part that is bought out, planned by its size before anybody has quoted for its file. */
  @Test
  void aPartCutOutsideIsAskedForItsPriceAndCountsWithAGuess() {
    Panel here = Samples.panel();
    assertFalse(names(with(here)).contains("Left window"), names(with(here)));
    Panel outside = here.withCutMethod(CutMethod.OUTSIDE).withQuantity(2);
    BuildModel unknown = with(outside);
    assertTrue(names(unknown).contains("Left window, cut outside"), names(unknown));
    BuildModel guessed = with(outside.withOutsidePriceMinor(4_500));
    assertFalse(names(guessed).contains("Left window"), names(guessed));
    long more = guessed.budget().forecastMinor() - unknown.budget().forecastMinor();
    assertEquals(9_450, more, "two at 45.00, and 5 % for what nobody foresaw");
    assertEquals(
        unknown.parts().get(0).figures().massKg(), with(here).parts().get(0).figures().massKg());
  }

  @Test
  void manyAreNamedUpToFive() {
    Panel outside = Samples.panel().withCutMethod(CutMethod.OUTSIDE);
    List<Panel> seven =
        IntStream.range(0, 7).mapToObj(i -> outside.withId("p" + i).withName("Part " + i)).toList();
    Finding said = unpriced(Samples.model(new Samples.Made().panels(seven).build())).orElseThrow();
    assertEquals("9 things to buy have no price yet", said.title(), said.detail());
    assertTrue(said.detail().endsWith(" and 4 more: counted as 0 until then."), said.detail());
  }
}
