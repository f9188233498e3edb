package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.record.Offer;
import emberyard.core.work.Need;
import emberyard.core.work.NeedBuilder;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What people found for a need, beside what the design says. */
public final class Offers {
  /** Of the design itself: where it says the thing is bought, at its price of today. */
  public static final String LISTED = "listed";

  private Offers() {}

  /** All that were found for a need and have a price. */
  public static List<Offer> of(Build build, String needKey) {
    return build.offers().stream()
        .filter(offer -> offer.needKey().equals(needKey) && !offer.seen().isEmpty())
        .toList();
  }

  /** The one that was chosen by hand. */
  public static Optional<Offer> held(Build build, String needKey) {
    return of(build, needKey).stream().filter(Offer::held).findFirst();
  }

  /**
   * The same needs, with what was chosen by hand in place of what the design says: its shop, its
   * price, its lead. So plan, money and order follow.
   */
  public static List<Need> chosen(Build build, List<Need> needs, WorkshopBook book) {
    if (build.offers().stream().noneMatch(Offer::held)) {
      return needs;
    }
    List<Need> all = new ArrayList<>();
    for (Need need : needs) {
      all.add(held(build, need.key()).map(offer -> from(need, offer, book)).orElse(need));
    }
    return all;
  }

  /** A need as this offer fills it. */
  public static Need from(Need need, Offer offer, WorkshopBook book) {
    int lead = offer.leadDays() == null ? book.leadDays(offer.supplierId()) : offer.leadDays();
    return NeedBuilder.builder(need)
        .supplierId(offer.supplierId())
        .unitPriceMinor(offer.price().orElseThrow().unitPriceMinor())
        .leadDays(lead)
        .build();
  }
}
