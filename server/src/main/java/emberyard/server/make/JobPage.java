package emberyard.server.make;

import emberyard.core.finding.Caution;
import emberyard.core.make.sheet.LayoutResult;
import emberyard.core.make.sheet.LayoutResult.LaidPart;
import emberyard.core.units.Figures;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Writing;
import emberyard.server.api.PdfPage;
import emberyard.server.api.QrLabel;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.HtmlUtils;

/** A sheet's job on paper: the drawing, its pieces with labels, settings and cautions. */
final class JobPage {
  private static final double WIDTH_MM = 180;
  private static final double DRAWN_HIGH_MM = 105;
  private static final String STYLE =
      """
      @page { size: A4; margin: 15mm; }
      body { font-family: 'Sheet'; font-size: 10pt; color: #221D19; margin: 0; line-height: 1.2; }
      h1 { font-size: 18pt; margin: 0 0 1mm; }
      h2 { font-size: 11pt; margin: 4mm 0 1mm; border-bottom: 0.4mm solid #221D19; }
      p { margin: 0.6mm 0; }
      .soft { color: #6E655C; }
      .warn { border: 0.5mm solid #8E1B2B; padding: 1.5mm 2mm; margin: 2mm 0; }
      table { width: 100%; border-collapse: collapse; }
      td { padding: 1mm 2mm 1mm 0; vertical-align: top; }
      .piece { page-break-inside: avoid; width: 33%; }
      svg { display: block; }
      """;

  private final LayoutResult laid;
  private final SheetProduct sheet;
  private final @Nullable Machine machine;
  private final String buildName;
  private final String address;
  private final Writing writing;
  private final StringBuilder html = new StringBuilder();

  private JobPage(
      LayoutResult laid,
      SheetProduct sheet,
      @Nullable Machine machine,
      String buildName,
      String address,
      Writing writing) {
    this.laid = laid;
    this.sheet = sheet;
    this.machine = machine;
    this.buildName = buildName;
    this.address = address;
    this.writing = writing;
  }

  /**
   * @param address of the Bench, to which each label adds its piece
   */
  static byte[] pdf(
      LayoutResult laid,
      SheetProduct sheet,
      @Nullable Machine machine,
      String buildName,
      String address,
      Writing writing) {
    return PdfPage.of(new JobPage(laid, sheet, machine, buildName, address, writing).write());
  }

  private String write() {
    html.append("<html><head><style>").append(STYLE).append("</style></head><body>");
    html.append("<p class='soft'>").append(safe(buildName)).append("</p>");
    html.append("<h1>").append(safe(laid.layout().name())).append("</h1>");
    html.append("<p>")
        .append(
            safe(sheet.name() + ", ")
                + said(
                    "%.0f × %.0f mm, %s mm thick%s"
                        .formatted(
                            laid.widthMm(),
                            laid.heightMm(),
                            Figures.plain(sheet.realThicknessMm()),
                            sheet.measuredThicknessMm() == null
                                ? ", not measured"
                                : " by caliper")))
        .append("</p>");
    drawing();
    settings();
    cautions();
    pieces();
    return html.append("</body></html>").toString();
  }

  private void drawing() {
    double scale = Math.min(WIDTH_MM / laid.widthMm(), DRAWN_HIGH_MM / laid.heightMm());
    html.append(
        "<svg xmlns='http://www.w3.org/2000/svg' width='%smm' height='%smm' viewBox='0 0 %s %s'>"
            .formatted(
                number(laid.widthMm() * scale),
                number(laid.heightMm() * scale),
                number(laid.widthMm()),
                number(laid.heightMm())));
    html.append("<g transform='translate(0 %s) scale(1 -1)'>".formatted(number(laid.heightMm())));
    html.append(
        "<path d='%s' fill='#F4EFE6' stroke='#6E655C' stroke-width='%s'/>"
            .formatted(laid.blank(), number(0.3 / scale)));
    for (LaidPart piece : laid.pieces()) {
      html.append(
          "<path d='%s' fill='#FFFFFF' fill-rule='evenodd' stroke='#221D19' stroke-width='%s'/>"
              .formatted(piece.path(), number(0.3 / scale)));
    }
    html.append("</g>");
    for (int i = 0; i < laid.pieces().size(); i++) {
      LaidPart piece = laid.pieces().get(i);
      html.append(
          "<text x='%s' y='%s' font-size='%s' font-family='Sheet' text-anchor='middle'>%d</text>"
              .formatted(
                  number(piece.xMm() + piece.widthMm() / 2),
                  number(laid.heightMm() - piece.yMm() - piece.heightMm() / 2),
                  number(4.5 / scale),
                  i + 1));
    }
    html.append("</svg>");
  }

  private void settings() {
    html.append("<h2>Settings</h2><table><tr>");
    cell("Machine", machine == null ? "none" : machine.name());
    if (machine != null) {
      Machine.Setting setting =
          machine.setting(sheet.material(), sheet.realThicknessMm()).orElse(null);
      cell(
          "Speed, power, passes",
          setting == null
              ? "none kept: try on scrap"
              : "%s mm/s, %s %%, %d×"
                  .formatted(
                      Figures.plain(setting.speedMmPerSecond()),
                      Figures.plain(setting.powerPercent()),
                      setting.passes()));
      cell(
          "Tried",
          setting == null || setting.tryOnScrap()
              ? "no: try on scrap"
              : "by " + setting.confirmedBy());
      cell("Kerf", Figures.plain(machine.kerfMm()) + " mm, in the file");
    }
    cell("Machine time", Figures.minutes(Math.round(laid.time().totalSeconds() / 60)));
    html.append("</tr></table>");
    if (laid.setUps() > 1) {
      html.append("<p>")
          .append(safe("The sheet is larger than the bed: %d set-ups.".formatted(laid.setUps())))
          .append("</p>");
    }
  }

  private void cell(String label, String value) {
    html.append("<td><span class='soft'>").append(safe(label)).append("</span><br/>");
    html.append(said(value)).append("</td>");
  }

  private void cautions() {
    boolean laser = machine != null && machine.kind() == Machine.Kind.LASER;
    Caution caution = laser ? Caution.LASER : Caution.SAWING;
    html.append("<div class='warn'><b>").append(safe(caution.title())).append(".</b> ");
    html.append(safe(caution.says() + " " + caution.why()));
    html.append(safe(" The machine's own manual and local codes come first.")).append("</div>");
  }

  private void pieces() {
    html.append("<h2>Pieces</h2><table>");
    for (int i = 0; i < laid.pieces().size(); i += 3) {
      html.append("<tr>");
      for (int k = i; k < i + 3; k++) {
        html.append("<td class='piece'>");
        if (k < laid.pieces().size()) {
          piece(k, laid.pieces().get(k));
        }
        html.append("</td>");
      }
      html.append("</tr>");
    }
    html.append("</table>");
  }

  private void piece(int index, LaidPart piece) {
    String key = "part:" + piece.piece().panelId() + "/cut";
    html.append("<table><tr><td style='width:20mm'>")
        .append(
            QrLabel.svg(
                address + java.net.URLEncoder.encode(key, java.nio.charset.StandardCharsets.UTF_8),
                19))
        .append("</td><td><b>%d</b> ".formatted(index + 1))
        .append(safe(piece.title()))
        .append("<br/><span class='soft'>")
        .append(said("%.1f × %.1f mm".formatted(piece.widthMm(), piece.heightMm())))
        .append("<br/>")
        .append(safe(piece.piece().state().name().toLowerCase(Locale.ROOT)))
        .append("</span></td></tr></table>");
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.3f", value);
  }

  /** Figures as the workshop writes them. */
  private String said(String words) {
    return safe(writing.said(words));
  }

  private static String safe(String text) {
    return HtmlUtils.htmlEscapeDecimal(text, "UTF-8");
  }
}
