package emberyard.core.record;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class OfferTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 3);

  private static OfferBuilder offer() {
    return OfferBuilder.builder().id("o").needKey("component:c");
  }

  private static String refusedField(OfferBuilder offer) {
    return assertThrows(InvalidValue.class, offer::build).field();
  }

  @Test
  void theLatestPriceCountsWhateverTheOrderInWhichTheyWereSeen() {
    Offer offer =
        offer()
            .seen(
                List.of(
                    new Offer.PriceSeen(DAY, 32_400), new Offer.PriceSeen(DAY.minusDays(3), 100)))
            .build();
    assertEquals(32_400, offer.price().orElseThrow().unitPriceMinor());
    assertEquals(DAY.minusDays(3), offer.seen().get(0).on());
    assertTrue(offer().build().price().isEmpty());
  }

  @Test
  void whatIsLeftOutIsNewAndSoldByTheOne() {
    Offer offer = offer().build();
    assertEquals(Offer.Condition.NEW, offer.condition());
    assertEquals(1.0, offer.packQuantity());
  }

  @Test
  void eachOddValueIsRefusedAtItsField() {
    Offer.PriceSeen price = new Offer.PriceSeen(DAY, 1);
    assertEquals("seen", refusedField(offer().seen(List.of(price, price))));
    assertEquals("packQuantity", refusedField(offer().packQuantity(0.0)));
    assertEquals("available", refusedField(offer().available(-1.0)));
    assertEquals("leadDays", refusedField(offer().leadDays(366)));
    assertEquals("fromLatest", refusedField(offer().fromEarliest(DAY)));
    assertEquals(
        "fromLatest", refusedField(offer().fromEarliest(DAY).fromLatest(DAY.minusDays(1))));
    assertEquals("warrantyMonths", refusedField(offer().warrantyMonths(241)));
    assertEquals("returnDays", refusedField(offer().returnDays(-1)));
    assertThrows(InvalidValue.class, () -> new Offer.PriceSeen(DAY, -1));
  }
}
