package emberyard.server.supply;

import emberyard.core.build.Build;
import emberyard.core.build.Ledger;
import emberyard.core.kind.ThingKind;
import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.supply.Duty;
import emberyard.core.supply.LabelCheck;
import emberyard.core.supply.Measured;
import emberyard.core.supply.OrderedLine;
import emberyard.core.supply.Shelving;
import emberyard.core.supply.ShopAnswer;
import emberyard.core.supply.Split;
import emberyard.core.thing.Thing;
import emberyard.core.units.Figures;
import emberyard.core.units.Require;
import emberyard.core.work.CostCategory;
import emberyard.core.yard.BuildModel;
import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.store.StaleThing;
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
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Makes orders of needs, and moves their lines on. One at a time: what two windows send at once is
 * ordered once, and no number is given twice.
 */
@Component
class OrderDesk {
  private static final Logger LOG = LoggerFactory.getLogger(OrderDesk.class);

  private final YardReader reader;
  private final ThingStore store;
  private final Outbox outbox;
  private final Clock clock;

  OrderDesk(YardReader reader, ThingStore store, Outbox outbox, Clock clock) {
    this.reader = reader;
    this.store = store;
    this.outbox = outbox;
    this.clock = clock;
  }

  /**
   * @throws Refused 409 where something of it is ordered already, or nothing is wanted there
   */
  synchronized SupplyController.Sent send(
      Account who, String buildId, SupplyController.Sending wanted) {
    Require.text("id", wanted.id());
    Require.given("items", wanted.items());
    Require.that(!wanted.items().isEmpty(), "items", "Say what is ordered.");
    YardReader.Reading reading = reader.read();
    List<OrderLine> already = sentBefore(reading, wanted.id());
    if (!already.isEmpty()) {
      return new SupplyController.Sent(already.get(0).number(), already);
    }
    LocalDate today = today(reading);
    List<OutgoingLine> lines = new OutgoingOrder(reading, today).lines(buildId, wanted);
    List<Write> writes = new ArrayList<>();
    for (OutgoingLine each : lines) {
      writes.add(Write.create(each.buildId(), each.line()));
    }
    for (OutgoingLine each : lines) {
      if (each.paidAtOnce()) {
        writes.add(Write.create(each.buildId(), paid(each.line(), today)));
      }
    }
    store.apply(who.id(), writes);
    outbox.write();
    List<OrderLine> sent = lines.stream().map(OutgoingLine::line).toList();
    return new SupplyController.Sent(sent.get(0).number(), sent);
  }

  private static List<OrderLine> sentBefore(YardReader.Reading reading, String id) {
    return reading.builds().stream()
        .flatMap(build -> build.orders().stream())
        .filter(
            line ->
                line.id().startsWith(id + "-")
                    && line.id().substring(id.length() + 1).matches("\\d+"))
        .toList();
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
        if (step.state() == OrderLine.State.CHECKED) {
          Measured.sheet(next, reading.book())
              .ifPresent(sheet -> writes.add(Write.overwrite(null, sheet)));
        }
      }
    }
    if (!writes.isEmpty()) {
      store.apply(who.id(), writes);
    }
  }

  /** Keeps what shops said; what was changed meanwhile is left for the next time. */
  synchronized void heard(String accountId, List<ShopAnswer> answers) {
    YardReader.Reading reading = reader.read();
    LocalDate today = today(reading);
    for (Build build : reading.builds()) {
      Map<String, Long> versions = null;
      List<Write> writes = new ArrayList<>();
      for (ShopAnswer answer : answers) {
        for (Thing each : answer.news(build, today)) {
          versions = versions == null ? reading.versions(build.id()) : versions;
          ThingKind kind = ThingKind.of(each);
          long version = versions.getOrDefault(kind.word() + "/" + each.id(), Write.NEW);
          writes.add(new Write(kind, each.id(), build.id(), each, version));
        }
      }
      if (!writes.isEmpty()) {
        keepOrLeave(accountId, writes);
      }
    }
  }

  private void keepOrLeave(String accountId, List<Write> writes) {
    try {
      store.apply(accountId, writes);
    } catch (StaleThing changedMeanwhile) {
      LOG.debug("A line was changed while its shop was asked", changedMeanwhile);
    }
  }

  /**
   * Splits a line that comes in two parts; asking the same twice splits it once.
   *
   * @throws emberyard.core.units.InvalidValue where nothing or all of it would come first
   */
  synchronized void split(Account who, String buildId, SupplyController.Splitting wanted) {
    Require.text("id", wanted.id());
    YardReader.Reading reading = reader.read();
    Build build = reading.build(buildId).build();
    if (build.orders().stream().anyMatch(line -> line.id().equals(wanted.id()))) {
      return;
    }
    OrderLine line = line(build, wanted.orderId());
    Require.that(
        line.state().underWay(), "orderId", "What is here, or goes back, is no longer split.");
    Split split = Split.of(build, line, wanted.quantity(), wanted.id(), today(reading));
    long version = reading.versions(buildId).get(ThingKind.ORDER.word() + "/" + line.id());
    List<Write> writes = new ArrayList<>();
    writes.add(new Write(ThingKind.ORDER, line.id(), buildId, split.first(), version));
    writes.add(Write.create(buildId, split.rest()));
    split.moves().forEach(move -> writes.add(Write.create(buildId, move)));
    store.apply(who.id(), writes);
  }

  /**
   * Another build uses what was ordered; asking the same twice moves it once.
   *
   * @throws Refused 409 where it isn't here or on its way, or isn't needed there
   */
  synchronized void passOn(Account who, String buildId, SupplyController.PassingOn wanted) {
    Require.text("id", wanted.id());
    Require.text("toBuildId", wanted.toBuildId());
    YardReader.Reading reading = reader.read();
    boolean done =
        reading.build(wanted.toBuildId()).build().orders().stream()
            .anyMatch(line -> line.id().equals(wanted.id()));
    if (!done) {
      store.apply(who.id(), PassedOn.writes(reading, buildId, wanted, today(reading)));
    }
  }

  /**
   * What a build doesn't need goes to the shelf; asking the same twice lays it there once.
   *
   * @throws Refused 409 where it isn't here, right and paid, or has no place there
   */
  synchronized void shelve(Account who, String buildId, SupplyController.Laying wanted) {
    Require.text("id", wanted.id());
    YardReader.Reading reading = reader.read();
    BuildModel model = reading.build(buildId);
    OrderedLine ordered =
        model.ordered().lines().stream()
            .filter(each -> each.line().id().equals(wanted.orderId()))
            .findFirst()
            .orElseThrow(() -> new MissingThing("This line of an order is gone."));
    boolean done =
        ordered.line().state() == OrderLine.State.SHELVED
            || model.build().orders().stream().anyMatch(line -> line.id().equals(wanted.id()));
    if (done) {
      return;
    }
    double most = ordered.forShelf();
    if (most <= 0) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "Only what is here, paid and not needed, and has a place on the rack, goes there.");
    }
    double quantity = wanted.quantity() == null ? most : wanted.quantity();
    Shelving laid =
        Shelving.of(
            model.build(),
            ordered.line(),
            quantity,
            most,
            wanted.id(),
            today(reading),
            reading.book());
    store.apply(who.id(), writes(laid, ordered.line(), buildId, reading));
  }

  private static List<Write> writes(
      Shelving laid, OrderLine line, String buildId, YardReader.Reading reading) {
    long version = reading.versions(buildId).get(ThingKind.ORDER.word() + "/" + line.id());
    OrderLine first = laid.stays() == null ? laid.lies() : laid.stays();
    List<Write> writes = new ArrayList<>();
    writes.add(new Write(ThingKind.ORDER, line.id(), buildId, first, version));
    if (laid.stays() != null) {
      writes.add(Write.create(buildId, laid.lies()));
    }
    if (laid.off() != null) {
      writes.add(Write.create(buildId, laid.off()));
    }
    writes.add(Write.overwrite(null, laid.shelf()));
    return writes;
  }

  /** Duty on an order is a line of its own; asking the same twice enters it once. */
  synchronized void duty(Account who, String buildId, SupplyController.Customs wanted) {
    Require.text("id", wanted.id());
    Build build = reader.read().build(buildId).build();
    if (build.orders().stream().noneMatch(line -> line.id().equals(wanted.id()))) {
      OrderLine of = line(build, wanted.orderId());
      OrderLine duty = Duty.line(wanted.id(), of, wanted.amountMinor());
      store.apply(who.id(), List.of(Write.create(buildId, duty)));
    }
  }

  /**
   * Asks to send a thing back and orders it once more, in one act.
   *
   * @throws Refused 409 where it isn't one that can't be used
   */
  synchronized SupplyController.Sent again(
      Account who, String buildId, SupplyController.Again wanted) {
    Require.text("id", wanted.id());
    YardReader.Reading reading = reader.read();
    Build build = reading.build(buildId).build();
    Optional<OrderLine> there =
        build.orders().stream().filter(each -> each.id().equals(wanted.id())).findFirst();
    if (there.isPresent()) {
      return new SupplyController.Sent(there.get().number(), List.of(there.get()));
    }
    OrderLine line = line(build, wanted.orderId());
    OrderLine.State found = wanted.found() == null ? line.state() : wanted.found();
    if (!found.amiss() || line.receivedOn() == null) {
      throw new Refused(
          HttpStatus.CONFLICT, "Only what came and can’t be used is sent back and ordered again.");
    }
    LocalDate today = today(reading);
    OrderLine another = new OutgoingOrder(reading, today).another(line, wanted.id());
    OrderLine back = line.withState(OrderLine.State.RETURN_ASKED);
    long version = reading.versions(buildId).get(ThingKind.ORDER.word() + "/" + line.id());
    store.apply(
        who.id(),
        List.of(
            new Write(ThingKind.ORDER, line.id(), buildId, back, version),
            Write.create(buildId, another)));
    outbox.write();
    return new SupplyController.Sent(another.number(), List.of(another));
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

  static OrderLine line(Build build, String id) {
    return build.orders().stream()
        .filter(each -> each.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new MissingThing("This line of an order is gone."));
  }

  private LocalDate today(YardReader.Reading reading) {
    return LocalDate.ofInstant(clock.instant(), ZoneId.of(reading.book().workshop().zone()));
  }
}
