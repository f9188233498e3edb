package emberyard.core.supply.basket;

/**
 * Baskets are compared by what they cost, then by how many shops they need, then by the days until
 * all is here: three numbers in one, so that they add up and are compared at once.
 */
final class Score {
  /** More days than all things of a basket together take: 500 things, 3,650 days each. */
  private static final long DAYS = 2_000_000;

  /** The most that everything may cost, so that three such still fit: 100 million. */
  static final long MOST_MINOR = 10_000_000_000L;

  /** More shops than there are. */
  private static final long SHOPS = 64;

  private Score() {}

  static long of(long costMinor, int shops, int days) {
    return (costMinor * SHOPS + shops) * DAYS + days;
  }

  static long costMinor(long score) {
    return score / DAYS / SHOPS;
  }
}
