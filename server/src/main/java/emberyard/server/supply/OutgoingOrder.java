package emberyard.server.supply;

import emberyard.core.record.Offer;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLineBuilder;
import emberyard.core.supply.Duty;
import emberyard.core.supply.NeedLine;
import emberyard.core.supply.Offers;
import emberyard.core.supply.OrderFacts;
import emberyard.core.supply.OrderNumbers;
import emberyard.core.units.Require;
import emberyard.core.work.Need;
import emberyard.core.workshop.Supplier;
import emberyard.core.yard.BuildModel;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.yard.YardReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.springframework.http.HttpStatus;

/** Makes the lines of an order of the needs it fills, with what each bears of the delivery. */
final class OutgoingOrder {
  private final YardReader.Reading reading;
  private final LocalDate today;

  OutgoingOrder(YardReader.Reading reading, LocalDate today) {
    this.reading = reading;
    this.today = today;
  }

  /**
   * @throws Refused 409 where something of it is ordered already, or comes from another shop
   * @throws MissingThing where nothing is wanted there any more
   */
  List<OutgoingLine> lines(String buildId, SupplyController.Sending wanted) {
    OrderLine.Way way = wanted.way() == null ? OrderLine.Way.SENT_FOR : wanted.way();
    Require.that(way != OrderLine.Way.DUTY, "way", "Duty comes with an order, and is none.");
    String number = way == OrderLine.Way.SENT_FOR ? nextNumber() : "";
    List<OutgoingLine> lines = new ArrayList<>();
    Set<String> named = new HashSet<>();
    for (SupplyController.OrderItem item : wanted.items()) {
      Require.text("needKey", item.needKey());
      String whose = Objects.requireNonNullElse(item.buildId(), buildId);
      Require.that(
          named.add(whose + " " + item.needKey()), "items", "The same thing is named twice.");
      String id = wanted.id() + "-" + lines.size();
      lines.add(new OutgoingLine(whose, line(id, reading.build(whose), item, wanted, way, number)));
    }
    return way == OrderLine.Way.SENT_FOR
        ? withDuty(wanted, bearingTheDelivery(wanted.supplierId(), lines))
        : lines;
  }

  /** A line of duty for each build, where the goods cross a border: a guess until customs ask. */
  private List<OutgoingLine> withDuty(SupplyController.Sending wanted, List<OutgoingLine> lines) {
    Supplier shop = reading.book().supplier(wanted.supplierId()).orElse(null);
    Map<String, Long> goods = new LinkedHashMap<>();
    lines.forEach(each -> goods.merge(each.buildId(), each.line().totalMinor(), Long::sum));
    List<OutgoingLine> all = new ArrayList<>(lines);
    goods.forEach(
        (build, minor) -> {
          long duty = shop == null ? 0 : shop.dutyMinor(minor);
          if (duty > 0) {
            String id = wanted.id() + "-" + all.size();
            all.add(new OutgoingLine(build, Duty.line(id, lines.get(0).line(), duty)));
          }
        });
    return all;
  }

  /** The same once more, in an order of its own. */
  OrderLine another(OrderLine line, String id) {
    long fee =
        reading
            .book()
            .supplier(line.supplierId())
            .map(shop -> shop.delivery().deliveryMinor(line.totalMinor()))
            .orElse(0L);
    return line.again(id, nextNumber(), today, fee);
  }

  private OrderLine line(
      String id,
      BuildModel model,
      SupplyController.OrderItem item,
      SupplyController.Sending wanted,
      OrderLine.Way way,
      String number) {
    NeedLine open = open(model, item.needKey());
    Offer offer = offer(model, item);
    Need need = offer == null ? open.need() : Offers.from(open.need(), offer, reading.book());
    if (!need.supplierId().equals(wanted.supplierId())) {
      throw new Refused(
          HttpStatus.CONFLICT, "“%s” comes from another shop.".formatted(need.title()));
    }
    OrderFacts facts = OrderFacts.of(model.build(), need.key(), reading.book());
    boolean here = way == OrderLine.Way.COUNTER || way == OrderLine.Way.CASH;
    return OrderLineBuilder.builder()
        .id(id)
        .needKey(need.key())
        .title(need.title())
        .category(need.category())
        .supplierId(need.supplierId())
        .quantity(quantity(item, open, offer))
        .unit(need.unit())
        .unitPriceMinor(need.unitPriceMinor())
        .rate(1.0)
        .condition(offer == null ? Offer.Condition.NEW : offer.condition())
        .returnDays(offer == null ? null : offer.returnDays())
        .state(here ? OrderLine.State.RECEIVED : OrderLine.State.ORDERED)
        .way(way)
        .number(number)
        .packQuantity(offer == null || offer.packQuantity() == 1 ? null : offer.packQuantity())
        .orderedOn(today)
        .expectedOn(here ? today : from(offer).plusDays(need.leadDays()))
        .receivedOn(here ? today : null)
        .labelKind(facts.kind())
        .facts(
            facts.facts().entrySet().stream()
                .map(fact -> new OrderLine.Fact(fact.getKey(), fact.getValue()))
                .toList())
        .build();
  }

  private static NeedLine open(BuildModel model, String key) {
    NeedLine line =
        model.needs().stream()
            .filter(each -> each.need().key().equals(key))
            .findFirst()
            .orElseThrow(() -> new MissingThing("Nothing needs “" + key + "” any more."));
    if (line.open() <= 0) {
      throw new Refused(
          HttpStatus.CONFLICT, "“%s” is ordered already.".formatted(line.need().title()));
    }
    return line;
  }

  /** The offer that fills it; null where the design says where it is bought. */
  private static Offer offer(BuildModel model, SupplyController.OrderItem item) {
    if (item.offerId() == null) {
      return Offers.held(model.build(), item.needKey()).orElse(null);
    }
    if (item.offerId().equals(Offers.LISTED)) {
      return null;
    }
    return Offers.of(model.build(), item.needKey()).stream()
        .filter(offer -> offer.id().equals(item.offerId()))
        .findFirst()
        .orElseThrow(() -> new MissingThing("This offer is gone."));
  }

  /** What is asked for, or all that is open, in whole packs. */
  private static double quantity(SupplyController.OrderItem item, NeedLine open, Offer offer) {
    double asked = item.quantity() == null ? open.open() : item.quantity();
    Require.that(asked > 0 && asked <= 10_000, "quantity", "More than nothing, 10,000 at most.");
    if (offer == null) {
      return Math.min(asked, open.open());
    }
    return Math.ceil(asked / offer.packQuantity() - 1e-9) * offer.packQuantity();
  }

  /** The day from which it is sold. */
  private LocalDate from(Offer offer) {
    boolean announced =
        offer != null && offer.fromLatest() != null && offer.fromLatest().isAfter(today);
    return announced ? offer.fromLatest() : today;
  }

  /** One fee, shared by what the lines are worth; to the minor unit. */
  private List<OutgoingLine> bearingTheDelivery(String supplierId, List<OutgoingLine> lines) {
    Supplier shop = reading.book().supplier(supplierId).orElse(null);
    if (shop == null) {
      return lines;
    }
    long goods = lines.stream().mapToLong(each -> each.line().totalMinor()).sum();
    long fee = shop.delivery().deliveryMinor(goods);
    List<OutgoingLine> bearing = new ArrayList<>();
    long before = 0;
    long borne = 0;
    for (OutgoingLine each : lines) {
      before += each.line().totalMinor();
      boolean last = bearing.size() == lines.size() - 1;
      long upTo = last || goods == 0 ? fee : Math.round((double) fee * before / goods);
      bearing.add(new OutgoingLine(each.buildId(), each.line().withDeliveryMinor(upTo - borne)));
      borne = upTo;
    }
    return bearing;
  }

  /** Numbers are the workshop's: they go on over all builds. */
  private String nextNumber() {
    List<String> numbers = SentOrder.stored(reading).stream().map(OrderLine::number).toList();
    return OrderNumbers.next(numbers, today.getYear());
  }
}
