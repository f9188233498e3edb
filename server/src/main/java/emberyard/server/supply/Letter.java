package emberyard.server.supply;

import emberyard.core.record.Offer;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLine.State;
import emberyard.core.supply.NeedLine;
import emberyard.core.work.PackUnit;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.Workshop;
import emberyard.core.yard.BuildModel;
import emberyard.server.store.MissingThing;
import emberyard.server.yard.YardReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A letter to a shop: an order, that something of it is cancelled, or that something goes back.
 *
 * @param key its file is called so: the same letter is written once
 * @param to the shop, with its mail address where that is known
 */
record Letter(String key, String to, String subject, String text) {
  /** Orders of before are not written to shops by a program that was started since. */
  private static final int STILL_WRITTEN_DAYS = 1;

  /** All letters that follow from orders as they stand. */
  static List<Letter> of(YardReader.Reading reading) {
    LocalDate since = reading.today().minusDays(STILL_WRITTEN_DAYS);
    List<Letter> letters = new ArrayList<>();
    for (SentOrder order : SentOrder.open(reading)) {
      List<OrderLine> lines = order.lines();
      boolean fresh = lines.stream().anyMatch(line -> !line.orderedOn().isBefore(since));
      boolean stands = lines.stream().anyMatch(line -> !line.gone());
      if (fresh && stands) {
        order(reading, order).ifPresent(letters::add);
      }
      about(reading, order, State.CANCELLED, fresh, letters);
      about(reading, order, State.RETURN_ASKED, true, letters);
    }
    letters.addAll(asking(reading, since));
    return letters;
  }

  /** What shops are asked about the price of. */
  private static List<Letter> asking(YardReader.Reading reading, LocalDate since) {
    List<Letter> letters = new ArrayList<>();
    for (BuildModel model : reading.yard().builds().values()) {
      for (Offer offer : model.build().offers()) {
        boolean asks = offer.unanswered() && !offer.askedOn().isBefore(since);
        if (asks && !offer.supplierId().isEmpty()) {
          model.needs().stream()
              .filter(line -> line.need().key().equals(offer.needKey()) && line.open() > 0)
              .map(line -> asking(reading, offer, line))
              .forEach(letters::add);
        }
      }
    }
    return letters;
  }

  private static Letter asking(YardReader.Reading reading, Offer offer, NeedLine line) {
    String workshop = reading.book().workshop().name();
    String what = PackUnit.counted(line.open(), line.need().unit()) + " of " + line.need().title();
    return new Letter(
        "ask-%s-%s".formatted(offer.id(), offer.askedOn()),
        to(reading, offer.supplierId()),
        "What does it cost: %s, %s".formatted(line.need().title(), workshop),
        "Hello,\n\nwhat do you ask for %s, and by when would it be here?\n\n%s\n"
            .formatted(what, workshop));
  }

  /** Empty while none of its builds can be shown: it is written when they can. */
  private static Optional<Letter> order(YardReader.Reading reading, SentOrder order) {
    try {
      String mail = OrderPaper.of(reading, order.number()).mail();
      int firstLine = mail.indexOf('\n');
      return Optional.of(
          new Letter(
              "order-" + order.number(),
              to(reading, order.supplierId()),
              mail.substring("Subject: ".length(), firstLine),
              mail.substring(firstLine).strip() + "\n"));
    } catch (MissingThing notShown) {
      return Optional.empty();
    }
  }

  private static void about(
      YardReader.Reading reading,
      SentOrder order,
      State state,
      boolean wanted,
      List<Letter> letters) {
    List<OrderLine> lines = order.lines().stream().filter(line -> line.state() == state).toList();
    if (!wanted || lines.isEmpty()) {
      return;
    }
    boolean cancelled = state == State.CANCELLED;
    Workshop workshop = reading.book().workshop();
    String what = cancelled ? "Cancelled" : "To send back";
    String which =
        Integer.toHexString(lines.stream().map(OrderLine::id).sorted().toList().hashCode());
    String listed =
        lines.stream()
            .map(line -> "- %s: %s".formatted(amount(line), line.title() + why(line)))
            .collect(Collectors.joining("\n"));
    String asked =
        cancelled
            ? "please don't send any more of order %s:".formatted(order.number())
            : "of order %s we would like to send back:".formatted(order.number());
    letters.add(
        new Letter(
            "%s-%s-%s".formatted(cancelled ? "cancel" : "return", order.number(), which),
            to(reading, order.supplierId()),
            "%s: order %s, %s".formatted(what, order.number(), workshop.name()),
            "Hello,\n\n%s\n\n%s\n\n%s\n".formatted(asked, listed, workshop.name())));
  }

  private static String amount(OrderLine line) {
    return PackUnit.counted(line.quantity(), line.unit());
  }

  private static String why(OrderLine line) {
    return line.note().isBlank() ? "" : " (%s)".formatted(line.note().strip());
  }

  private static String to(YardReader.Reading reading, String supplierId) {
    Supplier shop = reading.book().supplier(supplierId).orElse(null);
    String name = shop == null ? supplierId : shop.name();
    String quoted = "\"" + name.replaceAll("[\"\\\\\\r\\n]", " ") + "\"";
    return shop == null || shop.mail().isBlank()
        ? quoted + ":;"
        : "%s <%s>".formatted(quoted, shop.mail().strip().toLowerCase(Locale.ROOT));
  }
}
