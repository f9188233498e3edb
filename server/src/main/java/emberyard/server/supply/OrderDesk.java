package emberyard.server.supply;

import emberyard.core.build.Build;
import emberyard.core.build.Ledger;
import emberyard.core.kind.ThingKind;
import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLineBuilder;
import emberyard.core.supply.LabelCheck;
import emberyard.core.supply.NeedLine;
import emberyard.core.supply.OrderFacts;
import emberyard.core.supply.OrderNumbers;
import emberyard.core.units.Figures;
import emberyard.core.units.Require;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.yard.BuildModel;
import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Makes orders of needs, and moves their lines on. One at a time: what two windows send at once is
 * ordered once, and no number is given twice.
 */
@Component
class OrderDesk {
  private final YardReader reader;
  private final ThingStore store;
  private final Clock clock;

  OrderDesk(YardReader reader, ThingStore store, Clock clock) {
    this.reader = reader;
    this.store = store;
    this.clock = clock;
  }

  /**
   * @throws Refused 409 where something of it is ordered already, or nothing is wanted there
   */
  synchronized SupplyController.Sent send(
      Account who, String buildId, SupplyController.Sending wanted) {
    Require.text("id", wanted.id());
    Require.given("needKeys", wanted.needKeys());
    YardReader.Reading reading = reader.read();
    BuildModel model = reading.build(buildId);
    List<OrderLine> already = sentBefore(model.build(), wanted.id());
    if (!already.isEmpty()) {
      return new SupplyController.Sent(already.get(0).number(), already);
    }
    OrderLine.Way way = wanted.way() == null ? OrderLine.Way.SENT_FOR : wanted.way();
    LocalDate today = today(reading);
    String number = way == OrderLine.Way.SENT_FOR ? nextNumber(reading, today) : "";
    List<OrderLine> lines = new ArrayList<>();
    for (String key : wanted.needKeys()) {
      NeedLine line = open(model, key, wanted.supplierId());
      OrderFacts facts = OrderFacts.of(model.build(), key, reading.book());
      lines.add(line(wanted.id() + "-" + lines.size(), line, facts, way, number, today));
    }
    Require.that(!lines.isEmpty(), "needKeys", "Say what is ordered.");
    List<Write> writes = new ArrayList<>();
    lines.forEach(line -> writes.add(Write.create(buildId, line)));
    if (way == OrderLine.Way.COUNTER || way == OrderLine.Way.CASH) {
      lines.stream()
          .filter(line -> line.totalMinor() > 0)
          .forEach(line -> writes.add(Write.create(buildId, paid(line, today))));
    }
    store.apply(who.id(), writes);
    return new SupplyController.Sent(number, lines);
  }

  private static List<OrderLine> sentBefore(Build build, String id) {
    return build.orders().stream()
        .filter(
            line ->
                line.id().startsWith(id + "-")
                    && line.id().substring(id.length() + 1).matches("\\d+"))
        .toList();
  }

  private static NeedLine open(BuildModel model, String key, String supplierId) {
    NeedLine line =
        model.needs().stream()
            .filter(each -> each.need().key().equals(key))
            .findFirst()
            .orElseThrow(() -> new MissingThing("Nothing needs “" + key + "” any more."));
    if (line.open() <= 0) {
      throw new Refused(
          HttpStatus.CONFLICT, "“%s” is ordered already.".formatted(line.need().title()));
    }
    if (!line.need().supplierId().equals(supplierId)) {
      throw new Refused(
          HttpStatus.CONFLICT, "“%s” comes from another shop.".formatted(line.need().title()));
    }
    return line;
  }

  /** What is bought over a counter is here at once. */
  private static OrderLine line(
      String id,
      NeedLine line,
      OrderFacts facts,
      OrderLine.Way way,
      String number,
      LocalDate today) {
    Need need = line.need();
    boolean here = way == OrderLine.Way.COUNTER || way == OrderLine.Way.CASH;
    return OrderLineBuilder.builder()
        .id(id)
        .needKey(need.key())
        .title(need.title())
        .category(need.category())
        .supplierId(need.supplierId())
        .quantity(line.open())
        .unit(need.unit())
        .unitPriceMinor(need.unitPriceMinor())
        .rate(1.0)
        .state(here ? OrderLine.State.RECEIVED : OrderLine.State.ORDERED)
        .way(way)
        .number(number)
        .orderedOn(today)
        .expectedOn(here ? today : today.plusDays(need.leadDays()))
        .receivedOn(here ? today : null)
        .labelKind(facts.kind())
        .facts(
            facts.facts().entrySet().stream()
                .map(fact -> new OrderLine.Fact(fact.getKey(), fact.getValue()))
                .toList())
        .build();
  }

  private static Move paid(OrderLine line, LocalDate on) {
    return new Move(
        line.id() + "-paid-1",
        line.id(),
        line.category(),
        line.supplierId(),
        Move.What.PAID,
        line.totalMinor(),
        on,
        "",
        "");
  }

  /** Numbers are the workshop's: they go on over all builds. */
  private static String nextNumber(YardReader.Reading reading, LocalDate today) {
    Stream<String> numbers =
        reading.builds().stream().flatMap(build -> build.orders().stream()).map(OrderLine::number);
    return OrderNumbers.next(numbers.toList(), today.getYear());
  }

  synchronized void step(Account who, String buildId, SupplyController.Step step) {
    Require.given("state", step.state());
    Require.that(
        step.state().compareTo(OrderLine.State.CHECKED) <= 0
            && step.state() != OrderLine.State.BACK_ORDERED,
        "state",
        "Lines that go another way are marked one by one.");
    YardReader.Reading reading = reader.read();
    Build build = reading.build(buildId).build();
    LocalDate today = today(reading);
    String by = step.by() == null || step.by().isBlank() ? who.name() : step.by();
    Map<String, Long> versions = reading.versions(buildId);
    List<Write> writes = new ArrayList<>();
    for (String id : step.orderIds()) {
      OrderLine line = line(build, id);
      if (line.live() && line.state().compareTo(step.state()) < 0) {
        checkLabel(line, step.state());
        OrderLine next = line.onTo(step.state(), today, by);
        long version = versions.get(ThingKind.ORDER.word() + "/" + id);
        writes.add(new Write(ThingKind.ORDER, id, buildId, next, version));
      }
    }
    if (!writes.isEmpty()) {
      store.apply(who.id(), writes);
    }
  }

  /** Nobody ticks a thing whose label was not read, or says something else. */
  private static void checkLabel(OrderLine line, OrderLine.State next) {
    LabelCheck check = next == OrderLine.State.CHECKED ? LabelCheck.of(line) : null;
    if (check != null) {
      Require.that(
          !check.differs(), "label", "%s: %s.".formatted(line.title(), check.difference()));
      Require.that(
          check.complete(), "label", "%s: type what its label says.".formatted(line.title()));
    }
  }

  /**
   * @throws emberyard.core.units.InvalidValue where more would come back than was paid
   */
  synchronized Move money(Account who, String buildId, SupplyController.Money money) {
    YardReader.Reading reading = reader.read();
    Build build = reading.build(buildId).build();
    Move move = move(build, money, today(reading));
    boolean repeated = build.moves().contains(move);
    if (move.what() != Move.What.PAID && !repeated) {
      checkSpent(move, build, reading);
    }
    store.apply(who.id(), List.of(Write.create(buildId, move)));
    return move;
  }

  private static Move move(Build build, SupplyController.Money money, LocalDate today) {
    boolean delivery = money.orderId() == null || money.orderId().isEmpty();
    OrderLine line = delivery ? null : line(build, money.orderId());
    return new Move(
        money.id(),
        line == null ? "" : line.id(),
        line == null ? CostCategory.SHIPPING : line.category(),
        line == null ? Objects.requireNonNullElse(money.supplierId(), "") : line.supplierId(),
        money.what(),
        money.amountMinor(),
        money.on() == null ? today : money.on(),
        "",
        Objects.requireNonNullElse(money.note(), ""));
  }

  private static void checkSpent(Move move, Build build, YardReader.Reading reading) {
    Ledger ledger = new Ledger(build);
    long spent =
        move.orderId().isEmpty()
            ? ledger.deliveriesSpentMinor(move.supplierId())
            : ledger.spentMinor(line(build, move.orderId()));
    Require.that(
        move.amountMinor() <= spent,
        "amountMinor",
        "No more comes back than was paid: %s."
            .formatted(Figures.money(reading.book().workshop().currency(), spent)));
  }

  private static OrderLine line(Build build, String id) {
    return build.orders().stream()
        .filter(each -> each.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new MissingThing("This line of an order is gone."));
  }

  private LocalDate today(YardReader.Reading reading) {
    return LocalDate.ofInstant(clock.instant(), ZoneId.of(reading.book().workshop().zone()));
  }
}
