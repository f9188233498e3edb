package emberyard.core.supply.basket;

import emberyard.core.build.Build;
import emberyard.core.record.Offer;
import emberyard.core.supply.NeedLine;
import emberyard.core.supply.Offers;
import emberyard.core.supply.OrderBook;
import emberyard.core.supply.WaitOrBuy;
import emberyard.core.units.FigureKey;
import emberyard.core.workshop.OpenHours;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * A thing whose price is watched: whether to buy at the price of today or to look again. Money in
 * minor units.
 *
 * @param seen the lowest price of a new one on each day on which any was seen, the oldest first;
 *     from the latest back only those that are three days apart, for a price remembers the day
 *     before
 * @param lastSafeOn the last day to buy it without moving the reveal, a working day before the last
 *     of all; null when nothing decides it
 * @param looksLeft how often it can be looked at again until then; 0 where nothing decides it
 * @param ahead what to buy at or below, on the days of the looks from today on; empty with none
 *     left, when it is bought anyhow
 * @param gainMinor expected saving of looking again, 0 where it is to be bought
 */
@FigureKey("build/{buildId}/watches/{needKey}")
public record Watch(
    String needKey,
    String title,
    List<Offer.PriceSeen> seen,
    @Nullable LocalDate lastSafeOn,
    int looksLeft,
    List<BuyBelow> ahead,
    boolean buy,
    long gainMinor,
    WaitOrBuy.Trust trust) {
  /** A price that is looked at sooner is the same one. */
  private static final int DAYS_APART = 3;

  /** One price says nothing. */
  private static final int FEWEST = 2;

  private static final int MOST_LOOKS = 365;

  /**
   * A look that is still to come.
   *
   * @param limitMinor to buy at or below
   */
  @FigureKey("build/{buildId}/watches/{needKey}/ahead/{on}")
  public record BuyBelow(LocalDate on, long limitMinor) {}

  /** What its prices are the prices of, see {@link FigureKey}. */
  String prices() {
    return "watches/" + needKey;
  }

  /** Everything in a build that is open and whose price was seen on two days and more. */
  static List<Watch> of(Build build, List<NeedLine> lines, List<OpenHours> hours, LocalDate today) {
    List<Watch> watches = new ArrayList<>();
    for (NeedLine line : lines) {
      List<Offer.PriceSeen> seen = seen(build, line.need().key());
      if (line.open() > 0 && seen.size() >= FEWEST) {
        watches.add(of(line, seen, hours, today));
      }
    }
    return watches;
  }

  private static List<Offer.PriceSeen> seen(Build build, String needKey) {
    Map<LocalDate, Long> lowest = new TreeMap<>();
    Offers.of(build, needKey).stream()
        .filter(offer -> offer.condition() == Offer.Condition.NEW && offer.fromLatest() == null)
        .flatMap(offer -> offer.seen().stream())
        .filter(price -> price.unitPriceMinor() > 0)
        .forEach(price -> lowest.merge(price.on(), price.unitPriceMinor(), Math::min));
    return apart(
        lowest.entrySet().stream()
            .map(each -> new Offer.PriceSeen(each.getKey(), each.getValue()))
            .toList());
  }

  /** From the latest back, those that are days apart. */
  private static List<Offer.PriceSeen> apart(List<Offer.PriceSeen> seen) {
    LinkedList<Offer.PriceSeen> kept = new LinkedList<>();
    for (int i = seen.size() - 1; i >= 0; i--) {
      LocalDate on = seen.get(i).on();
      if (kept.isEmpty() || !on.isAfter(kept.getFirst().on().minusDays(DAYS_APART))) {
        kept.addFirst(seen.get(i));
      }
    }
    return kept;
  }

  private static Watch of(
      NeedLine line, List<Offer.PriceSeen> seen, List<OpenHours> hours, LocalDate today) {
    LocalDate last = line.orderBy() == null ? null : OrderBook.orderBy(line.orderBy(), 0, hours);
    long days = last == null ? 0 : Math.max(0, ChronoUnit.DAYS.between(today, last));
    int looks = (int) Math.min(MOST_LOOKS, days / DAYS_APART);
    WaitOrBuy rule =
        WaitOrBuy.of(seen.stream().map(price -> (double) price.unitPriceMinor()).toList(), looks);
    List<BuyBelow> ahead = new ArrayList<>();
    for (int look = 0; look < looks; look++) {
      long limit = Math.round(rule.limits().get(looks - 1 - look));
      ahead.add(new BuyBelow(today.plusDays((long) look * DAYS_APART), limit));
    }
    return new Watch(
        line.need().key(),
        line.need().title(),
        seen,
        last,
        looks,
        ahead,
        rule.buy(),
        Math.round(rule.gain()),
        rule.trust());
  }
}
