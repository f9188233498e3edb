package emberyard.core.supply;

import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether to buy at today's price or to look again: the classic stopping rule for prices that are
 * drawn from what was seen, without recall.
 *
 * <p>With k looks left after today buy at or below r₍k₋₁₎; with none left buy. r₀ is the mean of
 * the prices seen, rⱼ the mean of min(price, r₍j₋₁₎).
 *
 * @param limits r₀ to r₍k₋₁₎, in the money of the prices; empty with no look left
 * @param buyAtOrBelow r₍k₋₁₎; infinite with no look left
 * @param buy whether today's price, the last of those seen, is to be taken: it is at or below the
 *     limit, or nothing can be promised of waiting
 * @param gain expected saving of looking again rather than buying today, 0 where it is to be bought
 * @param correlation of each price with the one before, between −1 and 1; 0 with fewer than three
 * @param trust how far the gain can be promised
 */
public record WaitOrBuy(
    List<Double> limits,
    double buyAtOrBelow,
    boolean buy,
    double gain,
    double correlation,
    Trust trust) {
  /** From so many prices on the memory of prices is taken off what is gained. */
  private static final int KNOWN = 8;

  /** Fewer than this is a guess. */
  private static final int FEW = 5;

  /** Above this a price follows the one before. */
  private static final double FOLLOWS = 0.8;

  /** Standard deviations that one in twenty sets of prices without a trend reaches. */
  private static final double BY_CHANCE = 1.96;

  private static final int MOST_LOOKS = 365;
  private static final int MOST_PRICES = 2_000;
  private static final double LEAST_PRICE = 1e-6;
  private static final double MOST_PRICE = 1e12;

  /** How far what is said holds. */
  public enum Trust {
    /** Fewer than five prices. */
    A_GUESS,
    /** Prices are taken as if they had no memory. */
    WITHOUT_MEMORY,
    /** What is gained is less by their memory. */
    LESS_BY_MEMORY,
    /** Each price follows the one before, or they go one way: nothing is promised. */
    NOTHING_PROMISED
  }

  public WaitOrBuy {
    limits = List.copyOf(limits);
  }

  /**
   * @param prices as they were seen, the oldest first and today's last; 1 to 2,000, each above 0
   * @param looksLeft how often one can look again before it has to be bought, 0 to 365
   * @throws emberyard.core.units.InvalidValue outside of that
   *     <p>Example: prices 430, 445, 460, 480, 500; with 1, 2, 3 looks left buy at or below 463.00,
   *     452.20, 446.32.
   */
  public static WaitOrBuy of(List<Double> prices, int looksLeft) {
    Require.between("prices", prices.size(), 1, MOST_PRICES, "prices");
    Require.between("looksLeft", looksLeft, 0, MOST_LOOKS, "looks");
    for (int i = 0; i < prices.size(); i++) {
      Double price = prices.get(i);
      Require.that(
          price != null && price >= LEAST_PRICE && price <= MOST_PRICE,
          "prices." + i,
          "A price is above 0, and a million million at most.");
    }
    List<Double> limits = limits(prices, looksLeft);
    double today = prices.get(prices.size() - 1);
    double limit = limits.isEmpty() ? Double.POSITIVE_INFINITY : limits.get(limits.size() - 1);
    double correlation = correlation(prices);
    Trust trust = trust(prices, correlation);
    boolean buy = today <= limit || trust == Trust.NOTHING_PROMISED;
    double gain =
        switch (trust) {
          case NOTHING_PROMISED -> 0;
          case LESS_BY_MEMORY -> (today - limit) * (1 - Math.max(0, correlation));
          default -> today - limit;
        };
    return new WaitOrBuy(limits, limit, buy, buy ? 0 : gain, correlation, trust);
  }

  private static List<Double> limits(List<Double> prices, int looksLeft) {
    List<Double> limits = new ArrayList<>();
    double limit = Double.POSITIVE_INFINITY;
    for (int look = 0; look < looksLeft; look++) {
      double before = limit;
      limit = prices.stream().mapToDouble(price -> Math.min(price, before)).average().orElseThrow();
      limits.add(limit);
    }
    return limits;
  }

  private static Trust trust(List<Double> prices, double correlation) {
    if (prices.size() < FEW) {
      return Trust.A_GUESS;
    }
    if (correlation > FOLLOWS || trend(prices)) {
      return Trust.NOTHING_PROMISED;
    }
    return prices.size() < KNOWN ? Trust.WITHOUT_MEMORY : Trust.LESS_BY_MEMORY;
  }

  /**
   * Whether prices go one way: the test of Mann (1945) and Kendall (1975). S is how many pairs rise
   * less how many fall; with n prices and no trend its variance is n(n − 1)(2n + 5)/18.
   *
   * <p>Example: 1, 2, 3, 4, 5: S 10, (10 − 1)/√16.67 is 2.2: a trend. 3, 1, 4, 2, 5: S 4, 0.7:
   * none.
   */
  static boolean trend(List<Double> prices) {
    int n = prices.size();
    long rises = 0;
    for (int i = 0; i < n; i++) {
      for (int j = i + 1; j < n; j++) {
        rises += Double.compare(prices.get(j), prices.get(i));
      }
    }
    double variance = n * (n - 1.0) * (2 * n + 5) / 18;
    return (Math.abs(rises) - 1) / Math.sqrt(variance) > BY_CHANCE;
  }

  /**
   * Correlation of prices with those before them: Σ (pᵢ − m)(pᵢ₋₁ − m) ÷ Σ (pᵢ − m)², m their mean.
   *
   * <p>Example: 1, 2, 3, 4: (0.75 − 0.25 + 0.75) ÷ 5 is 0.25.
   */
  static double correlation(List<Double> prices) {
    if (prices.size() < 3) {
      return 0;
    }
    double mean = prices.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    double together = 0;
    double alone = 0;
    for (int i = 0; i < prices.size(); i++) {
      double off = prices.get(i) - mean;
      alone += off * off;
      together += i == 0 ? 0 : off * (prices.get(i - 1) - mean);
    }
    return alone == 0 ? 0 : together / alone;
  }
}
