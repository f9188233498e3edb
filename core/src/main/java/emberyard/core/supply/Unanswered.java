package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.record.Offer;
import emberyard.core.units.Figures;
import emberyard.core.work.Need;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/** Shops that were asked what a thing costs, and don’t say. */
final class Unanswered {
  /** Most answer sooner; a default. */
  static final int PATIENT_DAYS = 3;

  private Unanswered() {}

  /** Of a need that is open. */
  static List<Finding> findings(Build build, Need need, LocalDate today, WorkshopBook book) {
    return build.offers().stream()
        .filter(offer -> offer.needKey().equals(need.key()) && offer.unanswered())
        .filter(offer -> ChronoUnit.DAYS.between(offer.askedOn(), today) > PATIENT_DAYS)
        .map(offer -> finding(offer, need, today, book))
        .toList();
  }

  private static Finding finding(Offer offer, Need need, LocalDate today, WorkshopBook book) {
    String shop = book.supplier(offer.supplierId()).map(Supplier::name).orElse("Somebody private");
    long days = ChronoUnit.DAYS.between(offer.askedOn(), today);
    return Finding.of(
            Severity.NOTE,
            "supply",
            "offer:" + offer.id() + "/unanswered",
            "%s has not said what %s costs".formatted(shop, need.title()),
            "Asked %s, %d days ago.".formatted(Figures.day(offer.askedOn()), days),
            "Until there is a price it is not counted, and the thing is not ordered.")
        .about(need.key())
        .with(
            Remedy.byHand("Ask again, by telephone"),
            Remedy.byHand("Buy it where the price is known"));
  }
}
