package emberyard.server.bench;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Panel;
import emberyard.core.build.PrintPart;
import emberyard.core.workshop.Writing;
import emberyard.server.api.PdfPage;
import emberyard.server.api.QrLabel;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.springframework.web.util.HtmlUtils;

/** Labels for the things of a build, to stick on them: a code opens the card that comes next. */
final class LabelPage {
  private static final int ACROSS = 3;
  private static final double CODE_MM = 21;

  /** More of one thing are told by their number anyway. */
  private static final int MOST_OF_ONE = 12;

  private static final String STYLE =
      """
      @page { size: A4; margin: 12mm 8mm; }
      body { font-family: 'Sheet'; font-size: 9pt; color: #221D19; margin: 0; line-height: 1.15; }
      table { width: 100%; border-collapse: collapse; }
      td { vertical-align: middle; }
      .label { width: 33.3%; height: 27mm; border: 0.15mm dashed #B9AC98; padding: 1mm 2mm; }
      tr { page-break-inside: avoid; }
      .soft { color: #6E655C; font-size: 8pt; }
      svg { display: block; }
      """;

  private LabelPage() {}

  private record Label(String thingId, String title, String note) {}

  /**
   * @param address that opens a thing, by its id
   */
  static byte[] pdf(Build build, Function<String, String> address, Writing writing) {
    List<Label> labels = labels(build);
    StringBuilder html = new StringBuilder("<html><head><style>").append(STYLE);
    html.append("</style></head><body>");
    if (labels.isEmpty()) {
      html.append("<p>This build has no parts and no hardware yet.</p>");
    }
    html.append("<table>");
    for (int i = 0; i < labels.size(); i += ACROSS) {
      html.append("<tr>");
      for (int k = i; k < i + ACROSS; k++) {
        html.append(k < labels.size() ? cell(labels.get(k), build, address, writing) : "<td></td>");
      }
      html.append("</tr>");
    }
    return PdfPage.of(html.append("</table></body></html>").toString());
  }

  private static String cell(
      Label label, Build build, Function<String, String> address, Writing writing) {
    return "<td class='label'><table><tr><td style='width:22mm'>%s</td><td><b>%s</b><br/>%s<br/><span class='soft'>%s</span></td></tr></table></td>"
        .formatted(
            QrLabel.svg(address.apply(label.thingId()), CODE_MM),
            safe(label.title()),
            safe(writing.said(label.note())),
            safe(build.brief().name()));
  }

  private static List<Label> labels(Build build) {
    List<Label> labels = new ArrayList<>();
    for (Panel part : build.panels()) {
      String size = "%.0f × %.0f mm".formatted(part.widthMm(), part.heightMm());
      labels.addAll(each(part.id(), part.name(), part.quantity(), size));
    }
    for (PrintPart part : build.prints()) {
      labels.addAll(each(part.id(), part.name(), part.quantity(), "print"));
    }
    for (Component part : build.components()) {
      String kind = part.kind().name().toLowerCase(Locale.ROOT).replace('_', ' ');
      labels.addAll(each(part.id(), part.name(), part.quantity(), kind));
    }
    return labels;
  }

  private static List<Label> each(String id, String name, int quantity, String note) {
    return IntStream.rangeClosed(1, Math.min(quantity, MOST_OF_ONE))
        .mapToObj(i -> quantity > 1 ? ", %d of %d".formatted(i, quantity) : "")
        .map(number -> new Label(id, name, note + number))
        .toList();
  }

  private static String safe(String text) {
    return HtmlUtils.htmlEscapeDecimal(text, "UTF-8");
  }
}
