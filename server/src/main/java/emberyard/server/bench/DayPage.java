package emberyard.server.bench;

import emberyard.core.finding.Caution;
import emberyard.core.units.Figures;
import emberyard.core.workshop.Writing;
import emberyard.core.yard.day.BenchDay;
import emberyard.core.yard.day.DayCard;
import emberyard.core.yard.day.InHand;
import emberyard.core.yard.day.StillWaiting;
import emberyard.core.yard.day.WaitsFor;
import emberyard.server.api.PdfPage;
import emberyard.server.api.QrLabel;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.web.util.HtmlUtils;

/** Somebody's day on A5: step by step with what to take in hand, and a code that opens each. */
final class DayPage {
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
  private static final double CODE_MM = 13;
  private static final String STYLE =
      """
      @page { size: A5; margin: 9mm 10mm; }
      body { font-family: 'Sheet'; font-size: 8.5pt; color: #221D19; margin: 0; line-height: 1.2; }
      h1 { font-size: 14pt; margin: 0; }
      h2 { font-size: 10pt; margin: 3mm 0 1mm; border-bottom: 0.3mm solid #221D19; }
      p { margin: 0.5mm 0; }
      .soft { color: #6E655C; }
      .warn { border: 0.4mm solid #8E1B2B; padding: 1mm 1.5mm; margin: 1.5mm 0; }
      table { width: 100%; border-collapse: collapse; }
      td { padding: 1mm 1.5mm 1mm 0; vertical-align: top; border-bottom: 0.15mm solid #B9AC98; }
      tr { page-break-inside: avoid; }
      .time { white-space: nowrap; width: 11mm; }
      .box { width: 3.5mm; height: 3.5mm; border: 0.3mm solid #221D19; }
      svg { display: block; }
      """;

  private final BenchDay day;
  private final String name;
  private final Function<DayCard, String> address;
  private final Writing writing;
  private final StringBuilder html = new StringBuilder();

  private DayPage(BenchDay day, String name, Function<DayCard, String> address, Writing writing) {
    this.day = day;
    this.name = name;
    this.address = address;
    this.writing = writing;
  }

  /**
   * @param name whose day it is
   * @param address that opens a card
   */
  static byte[] pdf(BenchDay day, String name, Function<DayCard, String> address, Writing writing) {
    return PdfPage.of(new DayPage(day, name, address, writing).write());
  }

  private String write() {
    html.append("<html><head><style>").append(STYLE).append("</style></head><body>");
    html.append("<p class='soft'>").append(safe(name)).append(", as planned at ");
    html.append(time(day.now())).append(" on ").append(safe(Figures.day(day.now().toLocalDate())));
    html.append("</p><h1>").append(safe(Figures.day(day.day()))).append("</h1>");
    html.append("<p>").append(said(Figures.minutes(day.workMinutes()) + " of work"));
    if (day.outBy() != null) {
      html.append(", out by ").append(time(day.outBy()));
    }
    html.append("</p>");
    cautions();
    cards();
    waiting();
    return html.append("</body></html>").toString();
  }

  /** Each once, for the whole day. */
  private void cautions() {
    Set<Caution> all = new LinkedHashSet<>();
    day.cards().forEach(card -> all.addAll(card.task().task().cautions()));
    for (Caution caution : all) {
      html.append("<div class='warn'><b>").append(safe(caution.title())).append(".</b> ");
      html.append(safe(caution.says())).append("</div>");
    }
    if (!all.isEmpty()) {
      html.append("<p class='soft'>")
          .append("Local codes and the makers’ own sheets come first.</p>");
    }
  }

  private record Row(LocalDateTime from, String html) {}

  private void cards() {
    List<Row> rows = new ArrayList<>();
    day.cards().forEach(card -> rows.add(new Row(card.from(), row(card))));
    day.breaks()
        .forEach(
            rest ->
                rows.add(
                    new Row(
                        rest.from(),
                        "<tr><td></td><td class='time'>%s</td><td class='soft'>break until %s</td><td></td></tr>"
                            .formatted(time(rest.from()), time(rest.to())))));
    html.append("<h2>In order</h2>");
    if (rows.isEmpty()) {
      html.append("<p>Nothing is planned.</p>");
      return;
    }
    html.append("<table>");
    rows.stream()
        .sorted((one, other) -> one.from().compareTo(other.from()))
        .forEach(row -> html.append(row.html()));
    html.append("</table>");
  }

  private String row(DayCard card) {
    StringBuilder row = new StringBuilder("<tr><td><div class='box'></div></td><td class='time'>");
    row.append(time(card.from())).append("</td><td><b>");
    row.append(safe(card.task().task().title())).append("</b><br/><span class='soft'>");
    row.append(said(about(card))).append("</span>");
    if (card.task().windowCloses() != null) {
      row.append("<br/><b>Begin before ").append(time(card.task().windowCloses())).append("</b>");
    }
    card.waitsFor().stream()
        .limit(2)
        .forEach(each -> row.append("<br/>Waits for “").append(safe(each.title())).append("”"));
    if (!card.hand().isEmpty()) {
      row.append("<br/>")
          .append(said(card.hand().stream().map(DayPage::hand).collect(Collectors.joining("; "))));
    }
    card.hung()
        .forEach(
            each ->
                row.append("<br/>• ")
                    .append(
                        said(
                            "%s%s, %.1f ml"
                                .formatted(
                                    each.name(),
                                    each.pieces() > 1 ? " × " + each.pieces() : "",
                                    each.ml()))));
    if (card.after().waitEnds() != null && card.after().waitMinutes() > 0) {
      row.append("<br/>Then ")
          .append(safe(card.after().waitingFor()))
          .append(" until ")
          .append(safe(Figures.day(card.after().waitEnds().toLocalDate())))
          .append(' ')
          .append(time(card.after().waitEnds()));
    }
    row.append("</td><td style='width:14mm'>");
    return row.append(QrLabel.svg(address.apply(card), CODE_MM)).append("</td></tr>").toString();
  }

  private static String waits(WaitsFor each) {
    return switch (each.why()) {
      case STATION -> each.title() + " is taken until then";
      case DAY -> "Not before its day";
      default -> "First: " + each.title();
    };
  }

  private static String about(DayCard card) {
    List<String> words = new ArrayList<>(List.of(card.buildName()));
    if (!card.stationName().isEmpty()) {
      words.add(card.stationName());
    }
    words.add(Figures.minutes(card.minutes()));
    if (card.pieces() > 1) {
      words.add(
          "piece %d of %d, then %s more"
              .formatted(card.piece(), card.pieces(), Figures.minutes(card.restMinutes())));
    }
    return String.join(", ", words);
  }

  private static String hand(InHand each) {
    String amount = each.amount() > 0 ? " " + Figures.plain(each.amount()) + " " + each.unit() : "";
    String note = each.note().isEmpty() ? "" : " (" + each.note() + ")";
    return each.title() + amount.stripTrailing() + note;
  }

  private void waiting() {
    if (day.waiting().isEmpty()) {
      return;
    }
    html.append("<h2>Waiting, needs nobody</h2>");
    for (StillWaiting each : day.waiting()) {
      html.append("<p>")
          .append(safe(each.title()))
          .append(" <span class='soft'>")
          .append(safe(each.buildName()))
          .append("</span>, ready ")
          .append(safe(Figures.day(each.until().toLocalDate())))
          .append(' ')
          .append(time(each.until()))
          .append("</p>");
    }
  }

  private String time(LocalDateTime at) {
    return safe(TIME.format(at));
  }

  /** Figures as the workshop writes them. */
  private String said(String words) {
    return safe(writing.said(words));
  }

  private static String safe(String text) {
    return HtmlUtils.htmlEscapeDecimal(text, "UTF-8");
  }
}
