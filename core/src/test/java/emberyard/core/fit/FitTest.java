package emberyard.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Source;
import emberyard.core.finding.Finding;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Work;
import emberyard.core.yard.Samples;
import java.util.List;
import org.junit.jupiter.api.Test;

class FitTest {
  private static Component component(Source source, int leadDays, double massKg, int pieces) {
    return Component.one("c", "Gannet 70", ComponentKind.GRAPHICS)
        .quantity(pieces)
        .source(source)
        .priceMinor(54_900)
        .supplierId("quay")
        .leadDays(leadDays)
        .massKg(massKg)
        .peakWatts(220)
        .hdmiOutputs(1)
        .displayPortOutputs(2)
        .build();
  }

  private static Work work(Component component) {
    Build b = Samples.build();
    Build build = Build.begun(b.brief(), b.concept()).with(Component.class, List.of(component));
    return FitWork.of(build, Samples.book(), List.of())
        .derive("concept/choose", "make/dry-fit", "prove/hardware");
  }

  @Test
  void onlyWhatIsBoughtIsNeeded() {
    Need need = work(component(Source.BUY, -1, 1, 2)).needs().get(0);
    assertEquals(5, need.leadDays(), "the supplier's");
    assertEquals(2, need.quantity());
    assertEquals(109_800, need.toBuyMinor());
    assertEquals(CostCategory.PERFORMANCE_HARDWARE, need.category());
    assertEquals(12, work(component(Source.BUY, 12, 1, 1)).needs().get(0).leadDays());
    assertEquals(List.of(), work(component(Source.CLIENT, -1, 1, 1)).needs());
    assertEquals(List.of(), work(component(Source.OWNED, -1, 1, 1)).needs());
  }

  @Test
  void overTwentyKilogramsTwoPeopleCarry() {
    assertEquals(List.of(), lifting(9.5), "19.95 kg with leads, screws and paint");
    assertTrue(lifting(9.6).get(0).title().contains("20.2 kg"));
  }

  private static List<Finding> lifting(double massKg) {
    return work(component(Source.BUY, -1, massKg, 2)).findings().stream()
        .filter(finding -> finding.key().equals("fit/lifting"))
        .toList();
  }

  @Test
  void stockIsTakenFromWhatHasToBeBought() {
    Need need = work(component(Source.BUY, -1, 1, 3)).needs().get(0);
    assertEquals(1, need.fromStock(2).toBuy());
    assertEquals(54_900, need.fromStock(2).toBuyMinor());
    assertEquals(0, need.fromStock(5).toBuy());
  }
}
