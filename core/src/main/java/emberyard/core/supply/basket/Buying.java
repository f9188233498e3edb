package emberyard.core.supply.basket;

import emberyard.core.build.Build;
import emberyard.core.record.Offer;
import emberyard.core.record.OrderLine;
import emberyard.core.supply.NeedLine;
import emberyard.core.supply.Offers;
import emberyard.core.supply.OrderBook;
import emberyard.core.supply.ShopRecord;
import emberyard.core.work.Need;
import emberyard.core.workshop.DeliveryTerms;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * All that is open in all builds, as the question of {@link Basket}: offers with the days that
 * shops really take, against the days that need what is bought.
 */
public final class Buying {
  /** What a day is worth is not known yet: trouble is counted without the wait. */
  private static final long DAY_PRICE_MINOR = 0;

  private final WorkshopBook book;
  private final LocalDate today;
  private final List<Open> open;
  private final Map<String, ShopRecord> records = new HashMap<>();
  private final Map<String, Open> byKey = new HashMap<>();

  /** A need that is open, of a build. */
  public record Open(Build build, NeedLine line) {
    /** Its name among the open needs of all builds. */
    public String key() {
      return build.id() + " " + line.need().key();
    }
  }

  /**
   * @param builds all of them: what they ordered before says how shops keep their word
   * @param open what is to be bought
   */
  public Buying(List<Build> builds, List<Open> open, WorkshopBook book, LocalDate today) {
    this.book = book;
    this.today = today;
    this.open = List.copyOf(open);
    open.forEach(each -> byKey.put(each.key(), each));
    Map<String, List<OrderLine>> lines =
        builds.stream()
            .flatMap(build -> build.orders().stream())
            .collect(Collectors.groupingBy(OrderLine::supplierId));
    lines.forEach((shop, its) -> records.put(shop, ShopRecord.of(its)));
  }

  /** How a shop has kept its word. */
  public ShopRecord record(String supplierId) {
    return records.getOrDefault(supplierId, ShopRecord.of(List.of()));
  }

  /** The open need behind a key of the question. */
  public Open open(String key) {
    return byKey.get(key);
  }

  /** The question. */
  public BasketProblem problem() {
    List<BasketProblem.Wanted> things = open.stream().map(this::wanted).toList();
    TreeSet<String> ids = new TreeSet<>();
    things.forEach(thing -> thing.offers().forEach(offer -> ids.add(offer.shopId())));
    return new BasketProblem(things, ids.stream().map(this::shop).toList());
  }

  private BasketProblem.Shop shop(String id) {
    DeliveryTerms terms = book.supplier(id).map(Supplier::delivery).orElse(DeliveryTerms.NONE);
    return new BasketProblem.Shop(id, terms);
  }

  private BasketProblem.Wanted wanted(Open each) {
    Need need = each.line().need();
    Offer held = Offers.held(each.build(), need.key()).orElse(null);
    List<BasketProblem.Quote> quotes = new ArrayList<>();
    if (held == null) {
      quotes.add(listed(need));
    }
    Offers.of(each.build(), need.key()).stream()
        .sorted(Comparator.comparing(Offer::id))
        .limit(29)
        .forEach(offer -> quotes.add(quote(offer)));
    return new BasketProblem.Wanted(
        each.key(),
        Math.min(MOST_QUANTITY, each.line().open()),
        lastInDays(each.line()),
        held == null ? null : held.id(),
        quotes);
  }

  private @Nullable Integer lastInDays(NeedLine line) {
    LocalDate last = lastDay(line);
    return last == null
        ? null
        : (int) Math.max(-3650, Math.min(3650, ChronoUnit.DAYS.between(today, last)));
  }

  /** The last day on which it may arrive, to be opened before it is needed. */
  @Nullable LocalDate lastDay(NeedLine line) {
    LocalDate neededOn = line.neededOn();
    return neededOn == null ? null : OrderBook.orderBy(neededOn, 0, book.workshop().hours());
  }

  /** What an offer has been through, new where the design says where it is bought. */
  Offer.Condition condition(String key, String offerId) {
    Open each = byKey.get(key);
    return Offers.of(each.build(), each.line().need().key()).stream()
        .filter(offer -> offer.id().equals(offerId))
        .findFirst()
        .map(Offer::condition)
        .orElse(Offer.Condition.NEW);
  }

  private BasketProblem.Quote listed(Need need) {
    int lead =
        leadDays(
            need.supplierId(),
            need.leadDays() == book.leadDays(need.supplierId()) ? null : need.leadDays());
    return new BasketProblem.Quote(
        Offers.LISTED,
        need.supplierId(),
        need.unitPriceMinor(),
        SMALLEST_PACK,
        null,
        hereInDays(today.plusDays(lead)),
        trouble(need.supplierId(), Offer.Condition.NEW, null, need.unitPriceMinor(), lead),
        dutyPercent(need.supplierId()),
        false);
  }

  /** More of one thing isn't asked for at once. */
  private static final double MOST_QUANTITY = 10_000;

  /** What the design counts is sold as it counts. */
  private static final double SMALLEST_PACK = 1e-6;

  private BasketProblem.Quote quote(Offer offer) {
    int lead = leadDays(offer.supplierId(), offer.leadDays());
    LocalDate from =
        offer.fromLatest() == null || offer.fromLatest().isBefore(today)
            ? today
            : offer.fromLatest();
    long priceMinor = offer.price().orElseThrow().unitPriceMinor();
    return new BasketProblem.Quote(
        offer.id(),
        offer.supplierId(),
        priceMinor,
        offer.packQuantity(),
        offer.available(),
        hereInDays(from.plusDays(lead)),
        trouble(offer.supplierId(), offer.condition(), offer.returnDays(), priceMinor, lead),
        dutyPercent(offer.supplierId()),
        offer.condition() != Offer.Condition.NEW);
  }

  private @Nullable Double dutyPercent(String supplierId) {
    return book.supplier(supplierId).map(Supplier::dutyPercent).orElse(null);
  }

  /** Four of five deliveries are here by then. */
  private int leadDays(String supplierId, @Nullable Integer said) {
    return said == null
        ? record(supplierId).leadDays(book.leadDays(supplierId))
        : ShopRecord.safe(said);
  }

  private long trouble(
      String supplierId,
      Offer.Condition condition,
      @Nullable Integer returnDays,
      long priceMinor,
      int lead) {
    Supplier shop = book.supplier(supplierId).orElse(null);
    Integer days = returnDays != null || shop == null ? returnDays : shop.returnDays();
    boolean back = days == null ? shop != null : days > 0;
    long backMinor = back ? (shop == null ? 0 : shop.shippingMinor()) : priceMinor;
    return record(supplierId).troubleMinor(condition, backMinor, lead, DAY_PRICE_MINOR);
  }

  /** Nothing arrives while nobody is there. */
  private int hereInDays(LocalDate arrives) {
    LocalDate day = arrives;
    List<OpenHours> hours = book.workshop().hours();
    for (int i = 0; i < 7 && !works(day, hours); i++) {
      day = day.plusDays(1);
    }
    return (int) Math.min(3650, ChronoUnit.DAYS.between(today, day));
  }

  private static boolean works(LocalDate day, List<OpenHours> hours) {
    return hours.stream().anyMatch(each -> each.day() == day.getDayOfWeek());
  }
}
