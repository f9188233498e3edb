package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.finding.Finding;
import emberyard.core.record.Offer;
import emberyard.core.record.Offer.PriceSeen;
import emberyard.core.record.OfferBuilder;
import emberyard.core.record.OrderLine;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A shop that was asked what a thing costs has to say it. */
class UnansweredTest {
  private static final LocalDate TODAY = Samples.MONDAY;

  private static Offer asked(LocalDate on, PriceSeen... seen) {
    return OfferBuilder.builder()
        .id("f1")
        .needKey("component:c1")
        .supplierId("quay")
        .seen(List.of(seen))
        .askedOn(on)
        .build();
  }

  private static BuildModel model(Offer offer) {
    Build build = Samples.build().with(Offer.class, List.of(offer));
    return Samples.model(build);
  }

  private static NeedLine.State state(BuildModel model) {
    return model.needs().stream()
        .filter(line -> line.need().key().equals("component:c1"))
        .map(NeedLine::state)
        .findFirst()
        .orElseThrow();
  }

  private static List<Finding> said(BuildModel model) {
    return model.findings().stream().filter(each -> each.key().endsWith("/unanswered")).toList();
  }

  @Test
  void whatIsAskedForIsNotWantedOnly() {
    assertEquals(NeedLine.State.ASKED, state(model(asked(TODAY))));
    assertEquals(NeedLine.State.WANTED, state(model(asked(null))));
    Offer answered = asked(TODAY.minusDays(1), new PriceSeen(TODAY, 9_000));
    assertFalse(answered.unanswered());
    assertEquals(NeedLine.State.WANTED, state(model(answered)));
    assertTrue(asked(TODAY, new PriceSeen(TODAY.minusDays(1), 9_000)).unanswered());
  }

  @ParameterizedTest
  @CsvSource({"0, 0", "3, 0", "4, 1", "30, 1"})
  void aShopThatIsSilentIsSaid(int daysAgo, int findings) {
    List<Finding> said = said(model(asked(TODAY.minusDays(daysAgo))));
    assertEquals(findings, said.size());
    if (findings == 1) {
      assertEquals("Quayside has not said what Component c1 costs", said.get(0).title());
      assertTrue(said.get(0).detail().endsWith(", %d days ago.".formatted(daysAgo)));
    }
  }

  @Test
  void whatIsOrderedIsNotAskedForAnyMore() {
    Build build =
        Samples.build()
            .with(Offer.class, List.of(asked(TODAY.minusDays(9))))
            .with(
                OrderLine.class,
                List.of(Samples.order("component:c1", OrderLine.State.ORDERED, TODAY)));
    assertEquals(List.of(), said(Samples.model(build)));
  }
}
