package emberyard.server.supply;

import emberyard.core.build.Build;
import emberyard.core.record.OrderLine;
import emberyard.core.supply.OrderBook;
import emberyard.core.units.Figures;
import emberyard.core.work.PackUnit;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.Writing;
import emberyard.core.yard.BuildModel;
import emberyard.server.api.PdfPage;
import emberyard.server.store.MissingThing;
import emberyard.server.table.SafeCell;
import emberyard.server.yard.YardReader;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.joda.money.CurrencyUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.HtmlUtils;

/**
 * An order as it goes to the shop: on paper, as a table, as the text of a mail. What was cancelled
 * is not in it; the number stays.
 */
final class OrderPaper {
  private static final String STYLE =
      """
      @page { size: A4; margin: 20mm; }
      body { font-family: 'Sheet'; font-size: 10.5pt; color: #221D19; margin: 0; line-height: 1.3; }
      h1 { font-size: 17pt; margin: 8mm 0 1mm; }
      p { margin: 0.6mm 0; }
      .soft { color: #6E655C; }
      table { width: 100%; border-collapse: collapse; margin-top: 5mm; }
      th { text-align: left; border-bottom: 0.4mm solid #221D19; padding: 1mm 2mm 1mm 0; }
      td { padding: 1.2mm 2mm 1.2mm 0; border-bottom: 0.15mm solid #C9BFB2; vertical-align: top; }
      .right { text-align: right; }
      .sum td { border-bottom: 0; font-weight: 700; }
      """;

  private final String number;
  private final Workshop workshop;
  private final @Nullable Supplier shop;
  private final List<OrderLine> lines;
  private final @Nullable LocalDate wantedOn;

  private OrderPaper(
      String number,
      Workshop workshop,
      @Nullable Supplier shop,
      List<OrderLine> lines,
      @Nullable LocalDate wantedOn) {
    this.number = number;
    this.workshop = workshop;
    this.shop = shop;
    this.lines = lines;
    this.wantedOn = wantedOn;
  }

  /**
   * @throws MissingThing where no line has that number, or all of them were cancelled
   */
  static OrderPaper of(YardReader.Reading reading, String number) {
    List<OrderLine> lines =
        reading.builds().stream()
            .map(Build::orders)
            .flatMap(List::stream)
            .filter(line -> line.number().equals(number) && !number.isEmpty())
            .filter(line -> !line.gone() && line.way() != OrderLine.Way.DUTY)
            .toList();
    if (lines.isEmpty()) {
      throw new MissingThing("There is no order “%s”.".formatted(number));
    }
    return new OrderPaper(
        number,
        reading.book().workshop(),
        reading.book().supplier(lines.get(0).supplierId()).orElse(null),
        lines,
        wantedOn(reading, lines));
  }

  /** The last day on which it may arrive, for the first thing in it that is needed. */
  private static @Nullable LocalDate wantedOn(YardReader.Reading reading, List<OrderLine> lines) {
    List<String> ids = lines.stream().map(OrderLine::id).toList();
    Optional<LocalDate> first =
        reading.yard().builds().values().stream()
            .map(BuildModel::needs)
            .flatMap(List::stream)
            .filter(need -> need.orders().stream().anyMatch(ids::contains))
            .map(need -> need.neededOn())
            .filter(Objects::nonNull)
            .min(Comparator.naturalOrder());
    LocalDate today = reading.today();
    return first
        .map(day -> OrderBook.orderBy(day, 0, reading.book().workshop().hours()))
        .map(day -> day.isBefore(today) ? today : day)
        .orElse(null);
  }

  private long goodsMinor() {
    return lines.stream().mapToLong(OrderLine::totalMinor).sum();
  }

  /** What was agreed for the delivery; the shop's usual fee where nobody said. */
  private long deliveryMinor() {
    boolean said = lines.stream().anyMatch(line -> line.deliveryMinor() != null);
    if (!said) {
      return shop == null ? 0 : shop.delivery().deliveryMinor(goodsMinor());
    }
    return lines.stream()
        .map(OrderLine::deliveryMinor)
        .filter(Objects::nonNull)
        .mapToLong(Long::longValue)
        .sum();
  }

  private String money(long minor) {
    return writing().said(Figures.money(workshop.currency(), minor));
  }

  private Writing writing() {
    return Objects.requireNonNullElse(workshop.writing(), Writing.DEFAULT);
  }

  /** The price of one, in the money it was agreed in. */
  private String priceOfOne(OrderLine line) {
    String currency = line.currency().isEmpty() ? workshop.currency() : line.currency();
    int digits = CurrencyUnit.of(workshop.currency()).getDecimalPlaces();
    return line.currency().isEmpty()
        ? money(line.unitPriceMinor())
        : BigDecimal.valueOf(line.unitPriceMinor(), digits).toPlainString() + " " + currency;
  }

  private static String amount(OrderLine line) {
    return PackUnit.counted(line.quantity(), line.unit());
  }

  /** What was ordered in facts: “4 TB, M.2”. */
  private static String facts(OrderLine line) {
    return line.facts().stream()
        .map(fact -> fact.field() + " " + fact.words())
        .collect(Collectors.joining(", "));
  }

  /** The text of a mail, its subject in the first line. */
  String mail() {
    List<String> text = new ArrayList<>();
    text.add("Subject: Order %s, %s".formatted(number, workshop.name()));
    text.add("");
    text.add(shop == null ? "Hello," : "Hello " + shop.name() + ",");
    text.add("");
    text.add("please send us:");
    text.add("");
    for (OrderLine line : lines) {
      String facts = facts(line).isEmpty() ? "" : " (%s)".formatted(facts(line));
      text.add("- %s: %s%s, at %s".formatted(amount(line), line.title(), facts, priceOfOne(line)));
    }
    text.add("");
    text.add("Goods %s, delivery %s".formatted(money(goodsMinor()), money(deliveryMinor())));
    if (wantedOn != null) {
      text.add("We need it here by %s.".formatted(writing().said(Figures.day(wantedOn))));
    }
    text.add("Please put the number %s on the parcel.".formatted(number));
    text.add("");
    text.add(workshop.name());
    if (!workshop.address().isBlank()) {
      text.add(workshop.address().strip());
    }
    return String.join("\n", text) + "\n";
  }

  /** Comma separated, one row a line, numbers with a dot, days as ISO text. */
  String csv() {
    StringWriter text = new StringWriter();
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader(
                "Order",
                "Thing",
                "Facts",
                "How much",
                "Unit",
                "Price of one",
                "Currency",
                "Wanted on")
            .setRecordSeparator("\r\n")
            .get();
    int digits = CurrencyUnit.of(workshop.currency()).getDecimalPlaces();
    try (CSVPrinter printer = new CSVPrinter(text, format)) {
      for (OrderLine line : lines) {
        printer.printRecord(
            SafeCell.safe(number),
            SafeCell.safe(line.title()),
            SafeCell.safe(facts(line)),
            BigDecimal.valueOf(line.quantity()).stripTrailingZeros().toPlainString(),
            SafeCell.safe(line.unit()),
            BigDecimal.valueOf(line.unitPriceMinor(), digits).toPlainString(),
            line.currency().isEmpty() ? workshop.currency() : line.currency(),
            Objects.toString(wantedOn, ""));
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return text.toString();
  }

  /** A4. */
  byte[] pdf() {
    StringBuilder html = new StringBuilder("<html><head><style>");
    html.append(STYLE).append("</style></head><body>");
    paragraph(html, "soft", workshop.name());
    workshop.address().lines().forEach(line -> paragraph(html, "soft", line));
    html.append("<h1>Order ").append(safe(number)).append("</h1>");
    paragraph(html, "", "To " + (shop == null ? "whom it concerns" : shop.name()));
    String on = Figures.day(lines.get(0).orderedOn());
    paragraph(html, "", "Ordered " + writing().said(on) + wanted());
    html.append("<table><tr><th>How much</th><th>What</th>");
    html.append("<th class='right'>Price of one</th><th class='right'>Price</th></tr>");
    for (OrderLine line : lines) {
      html.append("<tr><td>").append(safe(writing().said(amount(line)))).append("</td><td>");
      html.append(safe(line.title()));
      if (!facts(line).isEmpty()) {
        html.append("<br/><span class='soft'>").append(safe(facts(line))).append("</span>");
      }
      html.append("</td>").append(right(priceOfOne(line)));
      html.append(right(money(line.totalMinor()))).append("</tr>");
    }
    sum(html, "Delivery", deliveryMinor());
    sum(html, "Together", goodsMinor() + deliveryMinor());
    html.append("</table>");
    paragraph(html, "", "Please put the number " + number + " on the parcel.");
    return PdfPage.of(html.append("</body></html>").toString());
  }

  private String wanted() {
    return wantedOn == null ? "" : ", wanted here by " + writing().said(Figures.day(wantedOn));
  }

  private void sum(StringBuilder html, String label, long minor) {
    html.append("<tr class='sum'><td></td><td>").append(label).append("</td><td></td>");
    html.append(right(money(minor))).append("</tr>");
  }

  private static String right(String words) {
    return "<td class='right'>" + safe(words) + "</td>";
  }

  private static void paragraph(StringBuilder html, String style, String words) {
    html.append("<p class='").append(style).append("'>").append(safe(words)).append("</p>");
  }

  private static String safe(String text) {
    return HtmlUtils.htmlEscapeDecimal(text, "UTF-8");
  }
}
