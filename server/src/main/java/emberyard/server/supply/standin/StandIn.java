package emberyard.server.supply.standin;

import emberyard.core.supply.ShopAnswer;
import emberyard.server.supply.shop.ShopOrder;
import emberyard.server.supply.shop.ShopParcel;
import emberyard.server.supply.shop.ShopPrices.PriceAsked;
import emberyard.server.supply.shop.ShopPrices.PriceToday;
import emberyard.server.supply.shop.ShopReturn;
import emberyard.server.supply.shop.ShopSays;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * Shops and a courier that aren't there: they confirm, ask more, send late, in parts, or something
 * else, by a seed. The same orders at the same hours always get the same answers.
 */
final class StandIn {
  private static final int RETURN_REACHES_SHOP_DAYS = 2;
  private static final int MONEY_COMES_DAYS = 4;

  private final long seed;
  private Kept kept;

  StandIn(long seed, Kept kept) {
    this.seed = seed;
    this.kept = kept;
  }

  synchronized Kept kept() {
    return kept;
  }

  /** How often what happens to lines that are ordered from now on. */
  synchronized void take(Chances chances) {
    kept = kept.with(chances);
  }

  synchronized ShopSays order(String supplierId, ShopOrder order, LocalDateTime now) {
    Kept.KeptOrder before = kept.orders().get(Kept.key(supplierId, order.number()));
    Map<String, Fate> fates = new LinkedHashMap<>(before == null ? Map.of() : before.fates());
    Map<String, Long> wants = new LinkedHashMap<>(before == null ? Map.of() : before.wantsMinor());
    for (ShopOrder.Line line : order.lines()) {
      Fate fate =
          fates.computeIfAbsent(line.line(), id -> drawn(supplierId, order.number(), line, now));
      wants.putIfAbsent(line.line(), fate.asksMinor(line.unitPriceMinor()));
    }
    Kept.KeptOrder after = new Kept.KeptOrder(supplierId, order, fates, wants);
    kept = kept.with(after);
    List<ShopAnswer> answers =
        order.lines().stream().map(line -> Schedule.of(after, line).answer(now)).toList();
    return new ShopSays(order.number(), answers);
  }

  /** By the shop, the order's number and the thing, not by names that are made anew each time. */
  private Fate drawn(String shop, String number, ShopOrder.Line line, LocalDateTime now) {
    boolean divisible = line.quantity() >= 2 && line.quantity() == Math.rint(line.quantity());
    return Fate.drawn(
        random(shop + "|" + number + "|" + line.title()),
        kept.chances(),
        now,
        line.expectedOn(),
        divisible);
  }

  private SplittableRandom random(String of) {
    long mixed = seed;
    for (char letter : of.toCharArray()) {
      mixed = mixed * 0x5851F42D4C957F2DL + letter;
    }
    return new SplittableRandom(mixed);
  }

  /** A parcel with what lies in it. */
  private record Found(Schedule schedule, Schedule.Leg leg) {}

  private List<Found> inParcel(String code, LocalDateTime now) {
    List<Found> found = new ArrayList<>();
    for (Kept.KeptOrder order : kept.orders().values()) {
      for (ShopOrder.Line line : order.order().lines()) {
        Schedule schedule = Schedule.of(order, line);
        for (Schedule.Leg leg : schedule.legs()) {
          if (schedule.goesOn(now) && leg.gone(now) && schedule.code(leg).equals(code)) {
            found.add(new Found(schedule, leg));
          }
        }
      }
    }
    return found;
  }

  synchronized Optional<ShopParcel> parcel(String code, LocalDateTime now) {
    return inParcel(code, now).stream()
        .findFirst()
        .map(found -> found.schedule().parcel(found.leg(), now));
  }

  synchronized List<ShopParcel.BoxLabel> labels(String code, LocalDateTime now) {
    return inParcel(code, now).stream()
        .filter(found -> !now.isBefore(found.leg().deliveredAt()))
        .map(found -> label(found.schedule()))
        .toList();
  }

  private static ShopParcel.BoxLabel label(Schedule schedule) {
    List<ShopOrder.ShopFact> ordered = schedule.line().facts();
    return new ShopParcel.BoxLabel(
        schedule.line().line(), schedule.fate().wrong() ? WrongThing.label(ordered) : ordered);
  }

  synchronized Optional<ShopReturn.ReturnSays> takeBack(
      String supplierId, ShopReturn back, LocalDate today) {
    Kept.KeptOrder order = kept.orders().get(Kept.key(supplierId, back.number()));
    if (order == null) {
      return Optional.empty();
    }
    return order.order().lines().stream()
        .filter(line -> line.line().equals(back.line()))
        .findFirst()
        .map(line -> says(line, back, today));
  }

  private static ShopReturn.ReturnSays says(ShopOrder.Line line, ShopReturn back, LocalDate today) {
    LocalDate sent = back.sentOn();
    LocalDate here = sent == null ? null : sent.plusDays(RETURN_REACHES_SHOP_DAYS);
    LocalDate paid = sent == null ? null : sent.plusDays(MONEY_COMES_DAYS);
    boolean isHere = here != null && !here.isAfter(today);
    boolean isPaid = paid != null && !paid.isAfter(today);
    long minor = Math.round(Math.min(back.quantity(), line.quantity()) * line.unitPriceMinor());
    return new ShopReturn.ReturnSays(
        back.line(), true, isHere ? here : null, isPaid ? paid : null, isPaid ? minor : 0);
  }

  /** A slow swing of six in a hundred round what was seen first, and a little of each day. */
  List<PriceToday> prices(String supplierId, List<PriceAsked> things, LocalDate today) {
    List<PriceToday> prices = new ArrayList<>();
    for (PriceAsked asked : things) {
      double phase = random(supplierId + asked.title()).nextDouble(2 * Math.PI);
      double daily = random(supplierId + asked.title() + today).nextDouble(-0.02, 0.02);
      double swing = 0.06 * Math.sin(today.toEpochDay() / 9.0 + phase);
      long minor = Math.round(asked.usualMinor() * (1 + swing + daily));
      prices.add(new PriceToday(asked.thing(), minor));
    }
    return prices;
  }
}
