package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class WaitOrBuyTest {
  private static final List<Double> SEEN = List.of(430.0, 445.0, 460.0, 480.0, 500.0);

  @Test
  void theHandbooksLimits() {
    assertEquals(List.of(463.0), WaitOrBuy.of(SEEN, 1).limits());
    WaitOrBuy three = WaitOrBuy.of(SEEN, 3);
    assertEquals(463.00, three.limits().get(0), 1e-9);
    assertEquals(452.20, three.limits().get(1), 1e-9);
    assertEquals(446.32, three.limits().get(2), 1e-9);
    assertEquals(446.32, three.buyAtOrBelow(), 1e-9);
  }

  @Test
  void withNoLookLeftOneBuysWhateverItCosts() {
    WaitOrBuy last = WaitOrBuy.of(List.of(430.0, 500.0), 0);
    assertTrue(last.buy());
    assertEquals(List.of(), last.limits());
    assertEquals(0, last.gain());
  }

  @Test
  void nothingIsPromisedOfWhatGoesOneWay() {
    WaitOrBuy rising = WaitOrBuy.of(SEEN, 2);
    assertEquals(WaitOrBuy.Trust.NOTHING_PROMISED, rising.trust());
    assertTrue(rising.buy(), "500 is above the limit, but prices rise");
    assertEquals(0, rising.gain());
    assertEquals(0.25, WaitOrBuy.correlation(List.of(1.0, 2.0, 3.0, 4.0)), 1e-12);
    assertTrue(WaitOrBuy.trend(List.of(1.0, 2.0, 3.0, 4.0, 5.0)));
    assertFalse(WaitOrBuy.trend(List.of(3.0, 1.0, 4.0, 2.0, 5.0)));
  }

  @Test
  void fewPricesAreAGuessAndManyShowTheirMemory() {
    assertEquals(WaitOrBuy.Trust.A_GUESS, WaitOrBuy.of(List.of(430.0, 460.0), 2).trust());
    List<Double> back = List.of(460.0, 430.0, 480.0, 445.0, 500.0);
    WaitOrBuy five = WaitOrBuy.of(back, 2);
    assertEquals(WaitOrBuy.Trust.WITHOUT_MEMORY, five.trust());
    assertFalse(five.buy());
    assertEquals(500 - 452.20, five.gain(), 1e-9);
    List<Double> sticky = List.of(460.0, 461.0, 440.0, 439.0, 470.0, 472.0, 441.0, 462.0, 463.0);
    WaitOrBuy nine = WaitOrBuy.of(sticky, 2);
    assertEquals(WaitOrBuy.Trust.LESS_BY_MEMORY, nine.trust());
    double whole = 463 - nine.buyAtOrBelow();
    assertEquals(whole * (1 - Math.max(0, nine.correlation())), nine.gain(), 1e-9);
  }

  /** By trying out every course of prices: the rule gets its limit, and no other does better. */
  @Test
  void noRuleOfThresholdsDoesBetter() {
    Random random = new Random(5);
    for (int round = 0; round < 60; round++) {
      List<Double> prices = new ArrayList<>();
      for (int i = 0; i < 2 + random.nextInt(4); i++) {
        prices.add(100.0 + random.nextInt(400));
      }
      int looks = 1 + random.nextInt(4);
      WaitOrBuy rule = WaitOrBuy.of(prices, looks);
      List<Double> limits = new ArrayList<>(rule.limits());
      Collections.reverse(limits);
      // with j looks left after a price it is taken at or below the limit of j looks
      double mine = mean(prices, limits.subList(1, limits.size()));
      assertEquals(rule.buyAtOrBelow(), mine, 1e-9);
      for (int other = 0; other < 20; other++) {
        List<Double> thresholds =
            limits.subList(1, limits.size()).stream()
                .map(limit -> limit + random.nextInt(200) - 100)
                .toList();
        assertTrue(mean(prices, thresholds) >= mine - 1e-9);
      }
    }
  }

  /** Mean price over all courses: taken at or below its threshold, the last one anyhow. */
  private static double mean(List<Double> prices, List<Double> thresholds) {
    if (thresholds.isEmpty()) {
      return prices.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }
    double later = mean(prices, thresholds.subList(1, thresholds.size()));
    return prices.stream()
        .mapToDouble(price -> price <= thresholds.get(0) ? price : later)
        .average()
        .orElseThrow();
  }

  /** More looks never cost more, and dearer prices never lower the limit. */
  @Test
  void moreLooksLowerTheLimit() {
    Random random = new Random(6);
    for (int round = 0; round < 300; round++) {
      List<Double> prices = new ArrayList<>();
      for (int i = 0; i < 1 + random.nextInt(20); i++) {
        prices.add(1.0 + random.nextInt(10_000));
      }
      WaitOrBuy rule = WaitOrBuy.of(prices, 1 + random.nextInt(12));
      for (int i = 1; i < rule.limits().size(); i++) {
        assertTrue(rule.limits().get(i) <= rule.limits().get(i - 1) + 1e-9);
      }
      assertTrue(rule.gain() >= 0);
      double dearer = WaitOrBuy.of(prices.stream().map(p -> p + 50).toList(), 3).buyAtOrBelow();
      assertEquals(WaitOrBuy.of(prices, 3).buyAtOrBelow() + 50, dearer, 1e-6);
    }
  }

  @Test
  void pricesAreAmounts() {
    assertThrows(InvalidValue.class, () -> WaitOrBuy.of(List.of(), 1));
    assertThrows(InvalidValue.class, () -> WaitOrBuy.of(List.of(0.0), 1));
    assertThrows(InvalidValue.class, () -> WaitOrBuy.of(List.of(Double.NaN), 1));
    assertThrows(InvalidValue.class, () -> WaitOrBuy.of(List.of(1.0), -1));
  }

  @Test
  void whatIsNoPriceIsNamedByItsPlace() {
    for (Double odd : new Double[] {-1.0, 0.0, 1e13, Double.NaN, null}) {
      List<Double> prices = new ArrayList<>(List.of(430.0, 445.0));
      prices.add(odd);
      InvalidValue refused =
          assertThrows(InvalidValue.class, () -> WaitOrBuy.of(prices, 2), "" + odd);
      assertEquals("prices.2", refused.field());
    }
  }
}
