package emberyard.core.supply;

import emberyard.core.record.Offer;
import emberyard.core.record.OrderLine;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * How a shop has kept its word, over all builds.
 *
 * @param deliveredDays calendar days from order to arrival of each delivery, sorted
 * @param received lines that came
 * @param amiss of these, wrong, dead, damaged, or sent back for any reason: somebody's day all the
 *     same
 */
public record ShopRecord(List<Integer> deliveredDays, int received, int amiss) {
  /** From so many deliveries on the record goes before what the shop says. */
  private static final int KNOWN = 3;

  /** Without a record a lead is taken to be this much longer than it is said to be. */
  private static final double SAFE = 1.3;

  /** What goes wrong with new things before anything is known, and with used ones. */
  private static final double USUAL = 0.04;

  private static final double USED = 0.08;

  /** How many lines' worth of evidence the usual share is. */
  private static final int WEIGHT = 10;

  public ShopRecord {
    deliveredDays = List.copyOf(deliveredDays);
  }

  /**
   * @param lines all lines of orders at this shop, of all builds
   */
  public static ShopRecord of(List<OrderLine> lines) {
    List<OrderLine> came =
        lines.stream()
            .filter(line -> line.receivedOn() != null && line.way() != OrderLine.Way.DUTY)
            .toList();
    List<Integer> days =
        came.stream()
            .filter(line -> line.way() == OrderLine.Way.SENT_FOR)
            .map(line -> new Delivery(line, days(line)))
            .distinct()
            .map(Delivery::days)
            .sorted()
            .toList();
    int amiss = (int) came.stream().filter(ShopRecord::amiss).count();
    return new ShopRecord(days, came.size(), amiss);
  }

  /** What came together is one delivery. */
  private record Delivery(String number, Object on, int days) {
    Delivery(OrderLine line, int days) {
      this(line.number(), line.receivedOn(), days);
    }
  }

  private static int days(OrderLine line) {
    return (int) Math.max(0, ChronoUnit.DAYS.between(line.orderedOn(), line.receivedOn()));
  }

  private static boolean amiss(OrderLine line) {
    return switch (line.state()) {
      case WRONG, DEAD, DAMAGED, RETURN_ASKED, SENT_BACK, REPLACED -> true;
      default -> false;
    };
  }

  /**
   * Days in which four of five deliveries are here: of at least three deliveries the one at four
   * fifths, else what the shop says × 1.3, rounded up.
   *
   * <p>Example: 2, 3, 3, 4, 9 days: the fourth of five, 4. Nothing known and 7 days said: 10.
   */
  public int leadDays(int saidDays) {
    if (deliveredDays.size() < KNOWN) {
      return safe(saidDays);
    }
    int at = (int) Math.ceil(0.8 * deliveredDays.size());
    return deliveredDays.get(at - 1);
  }

  /** A lead that is only said: × 1.3, rounded up. */
  public static int safe(int saidDays) {
    return (int) Math.ceil(saidDays * SAFE - 1e-9);
  }

  /**
   * How likely a thing from here is wrong, dead or damaged: (amiss + 10 × usual) ÷ (received + 10),
   * where 4 in 100 new things are, and 8 in 100 used ones.
   *
   * <p>Example: 1 amiss of 15: 1.4 ÷ 25 is 0.056. Nothing known, used: 0.08.
   */
  public double chanceOfTrouble(Offer.Condition condition) {
    double usual = condition == Offer.Condition.NEW ? USUAL : USED;
    return (amiss + usual * WEIGHT) / (received + WEIGHT);
  }

  /**
   * What trouble costs, weighed by its chance: what sending it back costs, and waiting again.
   *
   * @param backMinor a delivery where it is taken back, else its whole price
   * @param dayPriceMinor what a day is worth, 0 where nobody knows
   */
  public long troubleMinor(
      Offer.Condition condition, long backMinor, int leadDays, long dayPriceMinor) {
    return Math.round(chanceOfTrouble(condition) * (backMinor + leadDays * dayPriceMinor));
  }
}
