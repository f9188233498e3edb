package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.FigureKey;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a shop, or somebody, asks for a thing that is needed; beside what the design itself says
 * about where it comes from.
 *
 * @param needKey key of the need it would fill
 * @param supplierId the shop, empty for somebody private
 * @param condition new where it was left out
 * @param seen prices of one, by day; the latest counts. At most 400, each day once
 * @param packQuantity how many come in a pack, whole packs only; 0.01 to 10,000, 1 where it was
 *     left out
 * @param available how many there are, 0 to 10,000; null for enough
 * @param leadDays calendar days from order to arrival, 0 to 365; null for the shop's own
 * @param fromEarliest the day it can be bought from at the earliest, where it is only announced
 * @param fromLatest the day it can be bought from at the latest; this one is counted with
 * @param returnDays days from arrival in which it is taken back, 0 to 365; null for the shop's own
 * @param warrantyMonths 0 to 240; null where nobody said
 * @param askedOn the day its shop was last asked what it costs, null where nobody asked
 * @param held whether it is the one that is bought, chosen by hand
 * @param link where it was seen
 */
@RecordBuilder
public record Offer(
    String id,
    String needKey,
    String supplierId,
    Condition condition,
    List<PriceSeen> seen,
    Double packQuantity,
    @Nullable Double available,
    @Nullable Integer leadDays,
    @Nullable LocalDate fromEarliest,
    @Nullable LocalDate fromLatest,
    @Nullable Integer returnDays,
    @Nullable Integer warrantyMonths,
    @Nullable LocalDate askedOn,
    boolean held,
    String link,
    String note)
    implements Thing, OfferBuilder.With {
  /** Prices of one offer. */
  public static final int MOST_PRICES = 400;

  /** What it has been through. */
  public enum Condition {
    NEW,
    /** Unpacked, not used. */
    OPENED,
    USED
  }

  /**
   * A price on the day it was seen.
   *
   * @param unitPriceMinor of one, minor units of the workshop's money, 0 to 100,000,000
   */
  @FigureKey("build/{buildId}/{prices}/{on}")
  public record PriceSeen(LocalDate on, long unitPriceMinor) {
    public PriceSeen {
      Require.given("on", on);
      Require.between("unitPriceMinor", unitPriceMinor, 0, 100_000_000, "minor units");
    }
  }

  /** What its prices are the prices of, see {@link FigureKey}. */
  String prices() {
    return "offers/" + id;
  }

  public Offer {
    Require.text("id", id);
    Require.text("needKey", needKey);
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    condition = condition == null ? Condition.NEW : condition;
    seen = Require.list(seen).stream().sorted(Comparator.comparing(PriceSeen::on)).toList();
    Require.that(seen.size() <= MOST_PRICES, "seen", "At most 400 prices.");
    Require.that(
        seen.stream().map(PriceSeen::on).distinct().count() == seen.size(),
        "seen",
        "A day has one price.");
    packQuantity = packQuantity == null ? 1.0 : packQuantity;
    Require.between("packQuantity", packQuantity, 0.01, 10_000, "in a pack");
    if (available != null) {
      Require.between("available", available, 0, 10_000, "");
    }
    if (leadDays != null) {
      Require.between("leadDays", leadDays, 0, 365, "days");
    }
    Require.that(
        fromEarliest == null || fromLatest != null,
        "fromLatest",
        "Say by when it is there at the latest: that day is counted with.");
    Require.that(
        fromEarliest == null || !fromLatest.isBefore(fromEarliest),
        "fromLatest",
        "The latest day is the earliest or after it.");
    if (returnDays != null) {
      Require.between("returnDays", returnDays, 0, 365, "days");
    }
    if (warrantyMonths != null) {
      Require.between("warrantyMonths", warrantyMonths, 0, 240, "months");
    }
    link = Require.textOrEmpty("link", link);
    note = Require.textOrEmpty("note", note);
  }

  /** Whether its shop was asked what it costs, and nobody has seen a price since. */
  public boolean unanswered() {
    return askedOn != null && seen.stream().noneMatch(each -> !each.on().isBefore(askedOn));
  }

  /** The price that counts: the latest that was seen; empty before any was. */
  public Optional<PriceSeen> price() {
    return seen.isEmpty() ? Optional.empty() : Optional.of(seen.get(seen.size() - 1));
  }
}
