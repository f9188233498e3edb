package emberyard.server.concept;

import emberyard.core.build.ConceptOption;
import emberyard.core.build.PaletteColour;
import emberyard.core.elevation.Elevation;
import emberyard.core.glow.SceneLight;
import emberyard.core.units.Figures;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.Writing;
import emberyard.server.api.PdfPage;
import emberyard.server.brief.ClientView;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.HtmlUtils;

/**
 * One concept option on a sheet of A4 for the client. It is made from what the client may see, so
 * it can't say more.
 */
final class ConceptPage {
  /** Between the margins. */
  private static final double WIDTH_MM = 180;

  private static final double FACE_HIGH_MM = 48;
  private static final String STYLE =
      """
      @page { size: A4; margin: 15mm; }
      body { font-family: 'Sheet'; font-size: 10pt; color: #221D19; margin: 0; line-height: 1.15; }
      h1 { font-size: 22pt; margin: 0; }
      h2 { font-size: 11pt; margin: 4mm 0 1mm; border-bottom: 0.4mm solid #221D19; }
      p { margin: 0.6mm 0; }
      svg { display: block; }
      .soft { color: #6E655C; }
      .option { color: #C8451B; }
      table { width: 100%; border-collapse: collapse; }
      td { padding: 0.8mm 2mm 0.8mm 0; vertical-align: top; }
      .swatch { width: 14mm; height: 6mm; }
      .list { width: 50%; padding-right: 6mm; }
      .list p { margin: 0.4mm 0; font-size: 9pt; }
      .faces td { text-align: center; padding: 1mm; font-size: 8pt; }
      """;

  private ConceptPage() {}

  /**
   * @param view of the build with this option on the table
   */
  static byte[] pdf(ClientView view, ConceptOption option, Workshop workshop) {
    return PdfPage.of(html(view, option, workshop));
  }

  private static String html(ClientView view, ConceptOption option, Workshop workshop) {
    StringBuilder html = new StringBuilder();
    html.append("<html><head><style>").append(STYLE).append("</style></head><body>");
    html.append("<p class='soft'>").append(safe(workshop.name())).append("</p>");
    html.append("<h1>").append(safe(view.name() == null ? "Your build" : view.name()));
    html.append(" <span class='option'>")
        .append(safe("Option " + option.letter()))
        .append("</span></h1>");
    if (view.name() != null) {
      line(html, option.name());
      line(html, view.themeLine());
      line(html, view.themeWords() == null ? null : String.join(" · ", view.themeWords()));
    }
    Writing writing = workshop.writing();
    html.append("<p>").append(safe(writing.said(view.onTime()))).append("</p>");
    faces(html, view.faces());
    palette(html, view.palette());
    numbers(html, view, workshop);
    html.append("<table><tr>");
    list(html, writing, "What you asked for", view.requirements());
    list(html, writing, "What is inside", view.specification());
    html.append("<td></td></tr></table>");
    return html.append("</body></html>").toString();
  }

  private static void line(StringBuilder html, @Nullable String text) {
    if (text != null && !text.isBlank()) {
      html.append("<p class='soft'>").append(safe(text)).append("</p>");
    }
  }

  /** The sides that are seen, by day and below at dusk, all to one scale. */
  private static void faces(StringBuilder html, @Nullable List<Elevation> faces) {
    List<Elevation> seen =
        faces == null ? List.of() : faces.stream().filter(Elevation::shown).toList();
    if (seen.isEmpty()) {
      return;
    }
    html.append("<h2>The sides that are seen, by day and at dusk</h2><table class='faces'>");
    double across = seen.stream().mapToDouble(Elevation::widthMm).sum();
    double tallest = seen.stream().mapToDouble(Elevation::heightMm).max().orElse(1);
    double scale = Math.min((WIDTH_MM - 4 * seen.size()) / across, FACE_HIGH_MM / tallest);
    for (boolean dusk : new boolean[] {false, true}) {
      html.append("<tr>");
      seen.forEach(face -> face(html, face, dusk, scale));
      html.append("</tr>");
    }
    html.append("</table>");
  }

  private static void face(StringBuilder html, Elevation face, boolean dusk, double scale) {
    String svg =
        new String(FaceSvg.face(face, dusk ? SceneLight.DUSK : null), StandardCharsets.UTF_8);
    String inner = svg.substring(svg.indexOf("<svg"));
    String sized =
        inner.replaceFirst(
            "width=\"[^\"]*\" height=\"[^\"]*\"",
            "width=\"%.1fmm\" height=\"%.1fmm\""
                .formatted(face.widthMm() * scale, face.heightMm() * scale));
    html.append("<td>").append(sized).append("<br/>").append(face.face().words());
    html.append(dusk ? " at dusk" : ", %.0f × %.0f mm".formatted(face.widthMm(), face.heightMm()));
    html.append("</td>");
  }

  private static void palette(StringBuilder html, @Nullable List<PaletteColour> palette) {
    if (palette == null || palette.isEmpty()) {
      return;
    }
    html.append("<h2>Palette</h2><table><tr>");
    for (PaletteColour colour : palette) {
      html.append("<td><div class='swatch' style='background:").append(colour.hex());
      html.append("'></div>").append(safe(colour.name())).append("<br/><span class='soft'>");
      html.append(colour.role().name().toLowerCase(java.util.Locale.ROOT)).append("</span></td>");
    }
    html.append("</tr></table>");
  }

  private static void numbers(StringBuilder html, ClientView view, Workshop workshop) {
    if (view.priceMinor() == null && view.readyOn() == null) {
      return;
    }
    html.append("<h2>In numbers</h2><table><tr>");
    if (view.priceMinor() != null) {
      figure(
          html,
          "Price with tax",
          workshop.writing().said(range(view.priceMinor(), view.spread(), workshop.currency())));
    }
    if (view.minutes() != null) {
      figure(html, "Hours at the bench", Figures.minutes(view.minutes()));
    }
    if (view.readyOn() != null) {
      figure(html, "Planned to be ready", Figures.day(view.readyOn()));
    }
    html.append("</tr></table>");
  }

  private static String range(long minor, double spread, String currency) {
    return spread == 0
        ? Figures.money(currency, minor)
        : "%s to %s"
            .formatted(
                Figures.money(currency, Math.round(minor * (1 - spread))),
                Figures.money(currency, Math.round(minor * (1 + spread))));
  }

  private static void figure(StringBuilder html, String label, String value) {
    html.append("<td><span class='soft'>").append(label).append("</span><br/>");
    html.append(safe(value)).append("</td>");
  }

  private static void list(
      StringBuilder html, Writing writing, String title, @Nullable List<String> lines) {
    if (lines == null || lines.isEmpty()) {
      return;
    }
    html.append("<td class='list'><h2>").append(title).append("</h2>");
    lines.forEach(text -> html.append("<p>· ").append(safe(writing.said(text))).append("</p>"));
    html.append("</td>");
  }

  private static String safe(String text) {
    return HtmlUtils.htmlEscapeDecimal(text, "UTF-8");
  }
}
