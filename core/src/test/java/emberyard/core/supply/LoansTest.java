package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Source;
import emberyard.core.finding.Finding;
import emberyard.core.money.Budget;
import emberyard.core.record.Loan;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is lent goes back, and is never sold. */
class LoansTest {
  private static final LocalDate REVEAL = Samples.build().brief().revealOn();

  private static Build with(Source source, Loan... loans) {
    List<Component> all = new ArrayList<>(Samples.build().components());
    all.add(
        Component.one("g1", "Gannet", ComponentKind.GRAPHICS)
            .source(source)
            .priceMinor(38_000)
            .build());
    return Samples.build().with(Component.class, all).with(Loan.class, List.of(loans));
  }

  private static Loan back(LocalDate by, LocalDate on) {
    return new Loan("l1", "g1", "Gannet", "A club", "scratched", "a picture", by, on);
  }

  private static List<String> said(Build build) {
    return Samples.model(build).findings().stream()
        .filter(finding -> finding.key().startsWith("loan:"))
        .map(finding -> finding.severity() + " " + finding.title() + " " + finding.detail())
        .toList();
  }

  private static String only(Build build) {
    assertEquals(1, said(build).size(), said(build).toString());
    return said(build).get(0);
  }

  @Test
  void aLentThingSaysUntilWhenOrIsAskedFor() {
    assertTrue(only(with(Source.LENT)).startsWith("NOTE Gannet is lent, and nobody said"));
    assertTrue(only(with(Source.LENT, back(null, null))).contains("nobody said until when"));
    String before = only(with(Source.LENT, back(REVEAL.minusDays(2), null)));
    assertTrue(before.startsWith("RISK Gannet goes back on"), before);
    assertTrue(before.contains("before the reveal"), before);
    String after = only(with(Source.LENT, back(REVEAL.plusDays(2), null)));
    assertTrue(after.contains("taken out of a finished machine"), after);
    assertTrue(
        only(with(Source.LENT, back(Samples.MONDAY.minusDays(1), null)))
            .contains("was to be back"));
  }

  @Test
  void whatWentBackIsNotBuiltWith() {
    String gone = only(with(Source.LENT, back(REVEAL, Samples.MONDAY)));
    assertTrue(gone.startsWith("STOP Gannet went back"), gone);
  }

  @Test
  void whatTheDesignDroppedStillGoesBack() {
    Build dropped = Samples.build().with(Loan.class, List.of(back(REVEAL, null)));
    assertTrue(only(dropped).contains("nothing needs it"));
    assertEquals(
        List.of(), said(Samples.build().with(Loan.class, List.of(back(REVEAL, Samples.MONDAY)))));
  }

  @Test
  void whatIsGivenOrTheClientsIsNoLoan() {
    assertEquals(List.of(), said(with(Source.GIVEN, back(null, null))));
    assertEquals(List.of(), said(with(Source.CLIENT)));
  }

  /** It counts for the cap as the brief says, and is in no price and in no order. */
  @Test
  void whatIsLentOrGivenIsNeverSold() {
    Budget without = Samples.model(Samples.build()).budget();
    for (Source source : List.of(Source.LENT, Source.GIVEN, Source.CLIENT)) {
      BuildModel model = Samples.model(with(source));
      assertEquals(38_000, model.budget().broughtMinor(), source.name());
      assertEquals(
          without.countedForecastMinor() + 38_000,
          model.budget().countedForecastMinor()
              - (model.budget().forecastMinor() - without.forecastMinor()));
      assertTrue(
          model.needs().stream().noneMatch(line -> line.need().key().equals("component:g1")));
    }
    assertFalse(Source.OWNED.othersOwn());
  }

  @Test
  void eachFindingHasAKeyOfItsOwn() {
    Build two = with(Source.LENT, back(REVEAL, null));
    List<String> keys = Samples.model(two).findings().stream().map(Finding::key).toList();
    assertEquals(keys.size(), keys.stream().distinct().count());
  }
}
