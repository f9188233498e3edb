package emberyard.server.supply;

import emberyard.core.kind.ThingKind;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLine.State;
import emberyard.server.supply.shop.ShopOrder;
import emberyard.server.yard.YardReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * An order that was sent: all lines of its number, of whatever build, in whatever parts they come.
 */
record SentOrder(String number, String supplierId, List<OrderLine> lines) {
  /** After so many days nobody asks any more. */
  private static final int ASKED_DAYS = 120;

  private static final Set<State> GOING_BACK = Set.of(State.RETURN_ASKED, State.SENT_BACK);

  SentOrder {
    lines = List.copyOf(lines);
  }

  /** All lines of orders as they are stored, whether their build can be derived or not. */
  static List<OrderLine> stored(YardReader.Reading reading) {
    return reading.contents().rows().stream()
        .filter(row -> row.value() instanceof OrderLine)
        .map(row -> (OrderLine) row.value())
        .toList();
  }

  /** Whether a line can't be read: then nobody knows what is in an order, and no shop is told. */
  static boolean anyUnreadable(YardReader.Reading reading) {
    return reading.contents().rows().stream()
        .anyMatch(row -> row.kind() == ThingKind.ORDER && !(row.value() instanceof OrderLine));
  }

  /** Those of which there may be news, by number. */
  static List<SentOrder> open(YardReader.Reading reading) {
    LocalDate since = reading.today().minusDays(ASKED_DAYS);
    Map<String, List<OrderLine>> byNumber = new TreeMap<>();
    for (OrderLine line : stored(reading)) {
      boolean sent = line.way() == OrderLine.Way.SENT_FOR && !line.number().isBlank();
      if (sent && !line.supplierId().isBlank() && line.orderedOn().isAfter(since)) {
        String key = line.supplierId() + " " + line.number();
        byNumber.computeIfAbsent(key, number -> new ArrayList<>()).add(line);
      }
    }
    return byNumber.values().stream()
        .map(of -> new SentOrder(of.get(0).number(), of.get(0).supplierId(), of))
        .filter(order -> order.lines.stream().anyMatch(SentOrder::mayChange))
        .toList();
  }

  private static boolean mayChange(OrderLine line) {
    return line.state().underWay()
        || line.state() == State.RECEIVED
        || line.state() == State.CANCELLED
        || GOING_BACK.contains(line.state());
  }

  /** Whether the shop has something to say of it, or to hear: what was cancelled it has to know. */
  boolean toTell() {
    return lines.stream()
        .anyMatch(line -> line.state().underWay() || line.state() == State.CANCELLED);
  }

  List<OrderLine> goingBack() {
    return lines.stream().filter(line -> GOING_BACK.contains(line.state())).toList();
  }

  /** As the shop is told it: parts of a line are one, what is cancelled is left out. */
  ShopOrder told(String from, String currency) {
    Map<String, ShopOrder.Line> told = new LinkedHashMap<>();
    for (OrderLine line : lines) {
      if (!line.gone()) {
        String root = root(line);
        told.merge(root, line(root, line, currency), SentOrder::together);
      }
    }
    return new ShopOrder(number, from, List.copyOf(told.values()));
  }

  static String root(OrderLine line) {
    return line.partOf().isEmpty() ? line.id() : line.partOf();
  }

  private static ShopOrder.Line line(String root, OrderLine line, String currency) {
    List<ShopOrder.ShopFact> facts =
        line.facts().stream()
            .map(fact -> new ShopOrder.ShopFact(fact.field(), fact.words()))
            .toList();
    return new ShopOrder.Line(
        root,
        line.title(),
        facts,
        line.quantity(),
        line.unit(),
        line.unitPriceMinor(),
        line.currency().isEmpty() ? currency : line.currency(),
        line.expectedOn());
  }

  private static ShopOrder.Line together(ShopOrder.Line one, ShopOrder.Line other) {
    return new ShopOrder.Line(
        one.line(),
        one.title(),
        one.facts(),
        one.quantity() + other.quantity(),
        one.unit(),
        one.unitPriceMinor(),
        one.currency(),
        one.expectedOn().isBefore(other.expectedOn()) ? one.expectedOn() : other.expectedOn());
  }
}
