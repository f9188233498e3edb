package emberyard.core.finish;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.FinishHabits;
import emberyard.core.build.Scheme;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.layer.SheetOptic;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import java.util.List;
import org.junit.jupiter.api.Test;

class SchemeProposalsTest {
  private static List<SchemeProposals.Proposal> proposals(Scheme scheme, String target) {
    SchemePlan plan =
        SchemePlan.of(
            FinishSamples.painted(scheme, new SheetOptic(FinishSamples.SOOT, 0, 2)),
            FinishSamples.book());
    return SchemeProposals.of(plan, FinishSamples.book(), target);
  }

  @Test
  void whiteOverBlackIsOfferedWithAndWithoutPrimerCarefulAndQuick() {
    List<SchemeProposals.Proposal> all = proposals(FinishSamples.layers("s"), "#F2F2EF");
    assertTrue(all.stream().anyMatch(p -> p.primer() == null));
    assertTrue(all.stream().anyMatch(p -> "grey".equals(p.primer())));
    SchemeProposals.Proposal careful =
        all.stream()
            .filter(p -> p.primer() == null && p.way().equals("careful"))
            .findFirst()
            .orElseThrow();
    assertEquals(5, careful.coats(), "the handbook's five");
    assertEquals(1.21, careful.deltaE00(), 0.01);
    assertFalse(careful.risks().isEmpty());
    for (int i = 1; i < all.size(); i++) {
      assertTrue(all.get(i - 1).handsOnMinutes() <= all.get(i).handsOnMinutes(), "fewest first");
    }
  }

  @Test
  void whatIsTakenTakesTheHoursAndCansThatWereSaid() {
    Scheme empty = FinishSamples.layers("s");
    for (SchemeProposals.Proposal each : proposals(empty, "#2E4A45")) {
      Work taken =
          FinishSamples.work(
              List.of(
                  FinishSamples.painted(
                      empty.withLayers(each.layers()), new SheetOptic(FinishSamples.SOOT, 0, 2))));
      int hands = taken.tasks().stream().mapToInt(Task::handsOnMinutes).sum();
      assertEquals(each.handsOnMinutes(), hands, each.label());
      double cans =
          taken.needs().stream()
              .filter(n -> n.key().startsWith("paint:"))
              .mapToDouble(n -> n.quantity())
              .sum();
      assertEquals(each.cans().values().stream().mapToInt(n -> n).sum(), cans, each.label());
    }
  }

  @Test
  void whoAlwaysPrimesIsNotOfferedBareSchemes() {
    Scheme primes =
        FinishSamples.layers("s")
            .withHabits(new FinishHabits(FinishHabits.Priming.ALWAYS, null, null, null));
    assertTrue(proposals(primes, "#2E4A45").stream().allMatch(p -> p.primer() != null));
  }

  @Test
  void aColourThatNoPaintComesNearIsSaid() {
    assertThrows(InvalidValue.class, () -> proposals(FinishSamples.layers("s"), "#1040F0"));
    assertThrows(InvalidValue.class, () -> proposals(FinishSamples.layers("s"), "green"));
  }
}
