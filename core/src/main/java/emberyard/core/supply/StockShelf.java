package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.work.Need;
import emberyard.core.workshop.Sundry;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What lies in the workshop, handed out to builds one after the other. */
public final class StockShelf {
  private final Map<String, Double> left = new HashMap<>();
  private final ShelfPrices prices;

  /** One of which no order says what was paid. */
  public StockShelf(WorkshopBook book) {
    this(book, ShelfPrices.of(book, List.of()));
  }

  /**
   * @param prices what was last paid for what lies there
   */
  public StockShelf(WorkshopBook book, ShelfPrices prices) {
    this.prices = prices;
    book.sheets().forEach(sheet -> left.put("sheet:" + sheet.id(), (double) sheet.onHandSheets()));
    book.filaments()
        .forEach(f -> left.put("filament:" + f.id(), f.onHandGrams() / f.gramsPerSpool()));
    book.films().forEach(film -> left.put("film:" + film.id(), film.onHandMetres()));
    book.sundries()
        .forEach(
            each -> left.merge(each.needKey(), each.onHand() / each.packQuantity(), Double::sum));
    book.paints().forEach(paint -> left.put("paint:" + paint.id(), (double) paint.onHandPacks()));
  }

  /**
   * The same needs with as much as is left taken from the shelf: of each no more than the build has
   * not bought for itself.
   *
   * <p>Example: 3 wanted, 2 of them ordered, 5 on the shelf: 1 is taken. What was taken before
   * stays taken: 4 wanted, 1 used, none ordered, 2 on the shelf: 3 come from there. A build that
   * was revealed takes nothing from the others any more: its numbers stay as they were.
   */
  public List<Need> handOut(Build build, List<Need> needs) {
    List<Need> served = new ArrayList<>();
    for (Need need : needs) {
      double used = build.used(need);
      double missing = Math.max(0, need.quantity() - used - build.ordered(need));
      String place = Sundry.keyOf(need.key());
      double taken = Math.min(left.getOrDefault(place, 0.0), missing);
      if (build.brief().revealedOn() == null) {
        left.merge(place, -taken, Double::sum);
      }
      served.add(fromHere(need, Math.min(need.quantity(), used) + taken));
    }
    return served;
  }

  /** At what was last paid for it; where nobody knows, at what the design pays for one. */
  private Need fromHere(Need need, double taken) {
    Need served = need.fromStock(taken);
    return taken > 0
        ? prices
            .lastPaid(need.key(), need.unit())
            .map(paid -> served.withShelfMinor(paid.minor()))
            .orElse(served)
        : served;
  }
}
